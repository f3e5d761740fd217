import { typedMeasure, typedPosition, type Dimension, type Typed } from './typed';
import { FT, fromFahrenheit, INCH, IMPERIAL, METRIC, OUNCE, say } from './units';

const typedNumber = (text: string, range: readonly [number, number]) =>
  typedMeasure(text, { dimension: 'plain', fromPlain: (n) => n, range, text: String });

test.each([
  ['2', 2],
  [' 1.5 ', 1.5],
  ['1,5', 1.5],
  ['.5', 0.5],
  ['½', 0.5],
  ['2¼', 2.25],
  ['3/8', 0.375],
  ['1 1/2', 1.5],
  ['1-1/2', 1.5],
] as const)('%s is %d', (text, value) => {
  expect(typedNumber(text, [0, 10])).toBeCloseTo(value, 9);
});

test.each(['', 'two', '1.2.3', '1/0', '.', '3/', "6'6", '5 s', '1 2 3'])('“%s” is no plain number', (text) => {
  expect(typedNumber(text, [-10, 10])).toHaveProperty('trouble');
});

test('what is out of bounds says the bounds; a bound itself is taken', () => {
  expect(typedNumber('11', [0.1, 10])).toEqual({ trouble: 'From 0.1 to 10.' });
  expect(typedNumber('-1', [0.1, 10])).toEqual({ trouble: 'From 0.1 to 10.' });
  expect(typedNumber('10', [0.1, 10])).toBe(10);
});

const typed = (dimension: Dimension, fromPlain: (n: number) => number): Typed => ({
  dimension,
  fromPlain,
  range: [-100, 100],
  text: String,
});
const feet = typed('length', (n) => n * FT);
const ounces = typed('mass', (n) => n * OUNCE);
const fahrenheit = typed('temperature', fromFahrenheit);

test.each([
  [feet, '7', 7 * FT],
  [feet, '7 ft', 7 * FT],
  [feet, "6'6", 6.5 * FT],
  [feet, '6\' 6"', 6.5 * FT],
  [feet, '6 ft 6 in', 6.5 * FT],
  [feet, '2.1m', 2.1],
  [feet, '78 in', 78 * INCH],
  [ounces, '3/8', 0.375 * OUNCE],
  [ounces, '⅜ oz', 0.375 * OUNCE],
  [ounces, '10 g', 0.01],
  [fahrenheit, '64', (64 - 32) / 1.8],
  [fahrenheit, '18C', 18],
  [fahrenheit, '18 °C', 18],
  [fahrenheit, '-2 c', -2],
  [typed('speed', (n) => n), '10 kn', 10 * (1852 / 3600)],
  [typed('time', (n) => n), '1.5 min', 90],
] as const)('with a unit of any kind: %#', (how, text, value) => {
  expect(typedMeasure(text, how)).toBeCloseTo(value, 6);
});

test.each([
  [feet, '3 oz'],
  [ounces, '3 ft'],
  [fahrenheit, '12 m'],
  [feet, '6 m 6'],
  [ounces, '1 oz 2'],
] as const)('a unit of something else is said, not guessed: %#', (how, text) => {
  expect(typedMeasure(text, how)).toHaveProperty('trouble');
});

test('what the page itself shows can be typed back', () => {
  for (const u of [IMPERIAL, METRIC]) {
    for (const m of [0.3, 1.1, 2.4, 3.3, 7.5]) {
      const back = typedMeasure(say.depth(m, u), { ...feet, fromPlain: () => NaN });
      expect(say.depth(back as number, u)).toBe(say.depth(m, u));
    }
    for (const kg of [0.0018, 0.0053, 0.0106, 0.021, 0.06]) {
      const back = typedMeasure(say.weight(kg, u), { ...ounces, fromPlain: () => NaN });
      expect(say.weight(back as number, u)).toBe(say.weight(kg, u));
    }
    for (const c of [-1, 0.5, 12, 24]) {
      const back = typedMeasure(say.temp(c, u), { ...fahrenheit, fromPlain: () => NaN });
      expect(say.temp(back as number, u)).toBe(say.temp(c, u));
    }
  }
});

test.each([
  ['45.1, -84.2', 45.1, -84.2],
  ['45.1 -84.2', 45.1, -84.2],
  ['45.1 N 84.2 W', 45.1, -84.2],
  ['45,1 N; 84,2 W', 45.1, -84.2],
  ['−33.5, 151', -33.5, 151],
  ['33.5° S, 151.2° E', -33.5, 151.2],
] as const)('a position: %s', (text, latDeg, lonDeg) => {
  expect(typedPosition(text)).toEqual({ latDeg, lonDeg });
});
test.each(['', '45', '91, 10', '10, 181', 'north of the dock', '1 2 3'])('no position: “%s”', (text) => {
  expect(typedPosition(text)).toHaveProperty('trouble');
});
