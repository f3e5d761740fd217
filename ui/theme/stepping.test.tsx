import { FT, IMPERIAL, METRIC } from '../../wording/units';
import { onSteps, stepBy, STEPPERS } from './stepping';

test.each([
  ['a degree Fahrenheit', STEPPERS.temp(IMPERIAL), (58 - 32) / 1.8, 1, (59 - 32) / 1.8],
  ['half a degree Celsius', STEPPERS.temp(METRIC), 14.3, 1, 14.5],
  ['half a foot, landing on the half', STEPPERS.depth(IMPERIAL), 5.3 * FT, 1, 5.5 * FT],
  ['half a foot down', STEPPERS.depth(IMPERIAL), 5.3 * FT, -1, 5 * FT],
  ['a thirty-second of an ounce', STEPPERS.weight(IMPERIAL), 0.0625 * 0.028349523, 1, 0.09375 * 0.028349523],
  ['half a second', STEPPERS.seconds(), 2, -1, 1.5],
])('%s', (_name, stepper, from, way, to) => {
  expect(stepBy(stepper, from, way as 1 | -1)).toBeCloseTo(to, 6);
});

test('steps stop at what is possible', () => {
  expect(stepBy(STEPPERS.seconds(), 0, -1)).toBe(0);
  expect(stepBy(STEPPERS.temp(METRIC), 38, 1)).toBe(38);
});

test('up and down again come home', () => {
  for (const s of [STEPPERS.depth(METRIC), STEPPERS.clarity(IMPERIAL), STEPPERS.speed(IMPERIAL)]) {
    const start = s.from(2);
    expect(stepBy(s, stepBy(s, start, 1), -1)).toBeCloseTo(start, 6);
  }
});

test.each([
  ['up to the next half foot', STEPPERS.depth(IMPERIAL), 0.4, 1, 1.5 * FT],
  ['down to the foot below', STEPPERS.depth(IMPERIAL), 5, -1, 16 * FT],
  ['what lies on the steps stays', STEPPERS.depth(IMPERIAL), 2 * FT, -1, 2 * FT],
])('a bound on the steps: %s', (_name, s, si, way, to) => {
  expect(onSteps(s, si, way as 1 | -1)).toBeCloseTo(to, 9);
});
