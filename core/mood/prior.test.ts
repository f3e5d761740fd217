/** What each reading is worth to the mood, one at a time, as docs/MODELS.md states it. */
import { STILL_LAKE } from '../fixtures/stillLake';
import type { Conditions } from '../water/conditions';
import { thermalComfort } from '../water/comfort';
import { luxAtDepth, surfaceLux } from '../water/light';
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import { moodPrior, type MoodFactor } from './prior';
import { moodMean, spreadMood } from './states';

const bass = speciesProfile('largemouth-bass');
const STILL: Conditions = {
  ...STILL_LAKE,
  water: { ...STILL_LAKE.water, salinity: 'fresh' },
  forageAbundance: 'normal',
  pressure: 'normal',
};
type Change = Omit<Partial<Conditions>, 'water' | 'sky'> & {
  water?: Partial<Conditions['water']>;
  sky?: Conditions['sky'];
};
const prior = (c: Change = {}) =>
  moodPrior(
    resolveConditions({ ...STILL, ...c, water: { ...STILL.water, ...c.water }, sky: { ...STILL.sky, ...c.sky } }),
    bass,
  );
const shift = (factor: MoodFactor, c: Change = {}): number => prior(c).reasons.find((r) => r.factor === factor)!.shift;

test('comfort goes from −1.15 at none to +0.6 at its best', () => {
  expect(shift('comfort', { water: { surfaceTempC: 38 } })).toBeCloseTo(-1.15, 9);
  expect(shift('comfort', { water: { surfaceTempC: bass.toptC } })).toBeCloseTo(0.6, 9);
  expect(shift('comfort', { water: { surfaceTempC: 15 } })).toBeCloseTo(-1.15 + 1.75 * thermalComfort(bass, 15), 9);
});

describe('the trend', () => {
  // Far in the cold half, and far in the hot one.
  const cold = (tempChange3dC: number) => shift('trend', { water: { surfaceTempC: 6, tempChange3dC } });
  const hot = (tempChange3dC: number) => shift('trend', { water: { surfaceTempC: 34, tempChange3dC } });
  test.each([
    ['warming in the cold lifts by 0.2 a degree', cold(2), 0.4],
    ['a fall in the cold lowers by 0.32 a degree', cold(-2), -0.64],
    ['cooling in the heat lifts by 0.15 a degree', hot(-2), 0.3],
    ['warming in the heat lowers by 0.16 a degree', hot(2), -0.32],
    ['five degrees count as much as ten', cold(10), cold(5)],
    ['and never more than 1.2 states', cold(-9), -1.2],
    ['a steady water says nothing', cold(0), 0],
  ])('%s', (_name, got, want) => {
    expect(got).toBeCloseTo(want, 3);
  });
});

test.each([
  ['passed', -0.55],
  ['approaching', 0.25],
  ['none', 0],
] as const)('a front that is %s: %d', (front, want) => {
  expect(shift('front', { sky: { front } })).toBeCloseTo(want, 12);
});

test('light is best at some sixty lux, and worth a quarter of a state either way', () => {
  const at = (sunElevationDeg: number, cloud = 0) => {
    const lux = luxAtDepth(surfaceLux(sunElevationDeg, cloud), 1.2, 2);
    return [lux, shift('light', { sky: { sunElevationDeg, cloud } })] as const;
  };
  for (const [lux, got] of [at(-18), at(-6), at(0), at(5), at(30), at(60)])
    expect(got).toBeCloseTo(0.25 * (2 * Math.exp(-0.5 * ((Math.log10(Math.max(lux, 1e-4)) - 1.8) / 1.6) ** 2) - 1), 2);
  expect(at(0)[1]).toBeGreaterThan(at(60)[1]);
  expect(at(0)[1]).toBeGreaterThan(at(-18)[1]);
});

describe('current', () => {
  test.each([
    [0, 0],
    [0.2, 0.06],
    [0.4, 0.12],
    [2, 0.12],
  ])('fresh water at %d m/s: %d', (currentMps, want) => {
    expect(shift('current', { water: { currentMps } })).toBeCloseTo(want, 9);
  });
  test.each([
    ['salt', 0, -0.18],
    ['brackish', 0.3, 0.12],
    ['salt', 0.6, 0.42],
    ['salt', 3, 0.42],
  ] as const)('%s water at %d m/s: %d, for there a slack tide is a poor one', (salinity, currentMps, want) => {
    expect(shift('current', { water: { salinity, currentMps } })).toBeCloseTo(want, 9);
  });
});

test.each([
  [{ forageAbundance: 'scarce' }, -0.25],
  [{ forageAbundance: 'thick' }, 0.1],
  [{ forageAbundance: 'normal' }, 0],
  [{ baitSeen: true }, 0.15],
  [{ baitSeen: false }, -0.1],
  [{ forageAbundance: 'thick', baitSeen: true }, 0.25],
] as [Change, number][])('bait %j: %d', (c, want) => {
  expect(shift('bait', c)).toBeCloseTo(want, 12);
});

test.each([
  ['high', -0.3],
  ['low', 0.3],
  ['normal', 0],
] as const)('fished %s: %d', (pressure, want) => {
  expect(shift('pressure', { pressure })).toBeCloseTo(want, 12);
});

test.each([
  [-2, 0.08],
  [2, -0.08],
  [-20, 0.15],
  [20, -0.15],
  [null, 0],
])('a barometer of %j hPa in three hours: %d', (pressureTrendHpa3h, want) => {
  expect(shift('barometer', { pressureTrendHpa3h })).toBeCloseTo(want, 12);
});

test('before the spawn they feed up, after it they are worn out, in high summer neither', () => {
  const at = (surfaceTempC: number, month: number) => shift('season', { water: { surfaceTempC }, month });
  expect(at(13.5, 4)).toBeGreaterThan(0.05);
  expect(at(13.5, 4)).toBeLessThanOrEqual(0.1);
  expect(at(22.5, 6)).toBeLessThan(-0.05);
  expect(at(22.5, 6)).toBeGreaterThanOrEqual(-0.2);
  expect(at(28, 8)).toBe(0);
});

test('the mood is the middle moved by all the reasons together, and every reason has its name once', () => {
  const { reasons, distribution } = prior({ water: { surfaceTempC: 20 } });
  const names = reasons.map((r) => r.factor);
  expect([...names].sort()).toEqual(
    ['barometer', 'bait', 'comfort', 'current', 'front', 'light', 'pressure', 'season', 'trend', 'full'].sort(),
  );
  const index = 2 + reasons.reduce((s, r) => s + r.shift, 0);
  // Spread over five states with a width of 0.95: the mean stays near the index while that is in the middle.
  expect(moodMean(distribution)).toBeCloseTo(index, 1);
  // However bad it all is, the index ends half a state below shut.
  const worst = prior({
    water: { surfaceTempC: 1, tempChange3dC: -9 },
    sky: { front: 'passed' },
    pressure: 'high',
    forageAbundance: 'scarce',
  });
  expect(worst.distribution).toEqual(spreadMood(-0.5, 0.95));
});

test('shallow fish in calm clear water go off in the sun; a ripple, depth or a low sun spares them', () => {
  const at = (water: object, sky: object = {}) =>
    shift('light', {
      water: { clarityM: 3, waveHeightM: 0, depthM: 1, fishDepthM: 0.6, ...water },
      sky: { sunElevationDeg: 60, cloud: 0, ...sky },
    });
  const exposed = at({});
  expect(exposed).toBeLessThan(-0.35);
  for (const spared of [at({ waveHeightM: 0.2 }), at({ depthM: 4, fishDepthM: 3 }), at({}, { sunElevationDeg: 3 })])
    expect(spared).toBeGreaterThan(exposed + 0.2);
});

test('water that cools a degree in three autumn days is no front; four degrees are, and a front is', () => {
  const at = (tempChange3dC: number, month: number, front: 'none' | 'passed' = 'none') =>
    shift('trend', { month, water: { surfaceTempC: 17, tempChange3dC }, sky: { front } });
  expect(at(-1.4, 10)).toBeGreaterThanOrEqual(0);
  expect(at(-1.4, 4)).toBeLessThan(-0.25);
  expect(at(-4, 10)).toBeLessThan(-0.5);
  expect(at(-1.4, 10, 'passed')).toBeLessThan(-0.25);
});

test('fish that are likely full are in less of a mood', () => {
  const at = (forageAbundance: 'normal' | 'thick') =>
    shift('full', { forageAbundance, water: { surfaceTempC: 25, tempChange3dC: 0 }, sky: { front: 'none' } });
  expect(at('normal')).toBeCloseTo(0, 12);
  expect(at('thick')).toBeLessThan(-0.3);
  expect(at('thick')).toBeGreaterThan(-0.6);
});
