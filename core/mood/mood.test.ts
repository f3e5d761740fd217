import { STILL_LAKE } from '../fixtures/stillLake';
import { speciesProfile } from '../water/species';
import type { Conditions } from '../water/conditions';
import { judgeMood, nextSignToWatch } from './filter';
import { signLogLikelihood, temperedCount, temperedEmpties } from './signs';
import { likeliestMood, moodMean, normalise, overMoods, spreadMood } from './states';
import type { Sign } from '../water/terms';
import { resolveConditions } from '../water/resolve';

const bass = speciesProfile('largemouth-bass');
const judge = (
  change: {
    water?: Partial<Conditions['water']>;
    sky?: Conditions['sky'];
    signs?: Sign[];
    pressure?: Conditions['pressure'];
  } = {},
) =>
  judgeMood(
    resolveConditions({
      ...STILL_LAKE,
      ...change,
      water: { ...STILL_LAKE.water, ...change.water },
      sky: { ...STILL_LAKE.sky, ...change.sky },
    }),
    bass,
  );

test('a distribution sums to one and its mean lies between shut and aggressive', () => {
  const m = judge();
  expect(m.distribution.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 12);
  expect(m.mean).toBeGreaterThan(0);
  expect(m.mean).toBeLessThan(4);
});

describe('what lifts and what lowers', () => {
  const mean = (c: Parameters<typeof judge>[0]) => judge(c).mean;
  test.each([
    ['a front that has passed lowers', { sky: { front: 'passed' as const } }, -1],
    ['a sharp fall in cold water lowers', { water: { surfaceTempC: 12, tempChange3dC: -4 } }, -1],
    ['warming in cold water lifts', { water: { surfaceTempC: 12, tempChange3dC: 2 } }, 1],
    ['cooling in hot water lifts', { water: { surfaceTempC: 31, tempChange3dC: -1.5 } }, 1],
    ['hard fishing lowers', { pressure: 'high' as const }, -1],
  ])('%s', (_name, change, sign) => {
    const still = {
      ...change,
      water: { ...('water' in change ? change.water : {}), tempChange3dC: 0 },
      sky: {},
      pressure: undefined,
    };
    expect(Math.sign(mean(change) - mean(still))).toBe(sign);
  });

  test('warmth helps to the optimum and then no more', () => {
    const at = (t: number) => mean({ water: { surfaceTempC: t } });
    expect(at(5)).toBeLessThan(at(15));
    expect(at(15)).toBeLessThan(at(25));
    expect(at(34)).toBeLessThan(at(26));
  });
});

describe('signs', () => {
  test.each([
    ['marks-ignore-lure', -1],
    ['hit-at-once', 1],
    ['bite-on-move', 1],
    ['marks-rise', 1],
    ['school-fires', 1],
  ] as const)('%s moves the mood by sign %d', (kind, sign) => {
    expect(Math.sign(judge({ signs: [{ kind, count: 2 }] }).mean - judge().mean)).toBe(sign);
  });

  test('empty casts lower it, forty not four times as much as ten', () => {
    const drop = (count: number) =>
      judge().mean - judge({ signs: [{ kind: 'empty-cast', count, zoneShare: 0.6 }] }).mean;
    expect(drop(10)).toBeGreaterThan(0);
    expect(drop(40)).toBeGreaterThan(drop(10));
    expect(drop(40)).toBeLessThan(3 * drop(10));
  });

  test('empty casts that never saw the zone say little', () => {
    const drop = (zoneShare: number) =>
      judge().mean - judge({ signs: [{ kind: 'empty-cast', count: 20, zoneShare }] }).mean;
    expect(drop(0.05)).toBeLessThan(0.2 * drop(0.8));
  });

  test('old signs fade', () => {
    const lift = (minutesAgo: number) =>
      judge({ signs: [{ kind: 'hit-at-once', count: 2, minutesAgo }] }).mean - judge().mean;
    expect(lift(240)).toBeLessThan(0.4 * lift(0));
  });

  test('like observations are tempered', () => {
    expect(temperedCount(8)).toBeLessThan(8);
    expect(temperedCount(1)).toBe(1);
    expect(temperedCount(0)).toBe(0);
    expect(temperedEmpties(1e6)).toBeLessThan(30.1);
  });

  test('guarding signs say nothing of feeding fish', () => {
    expect(signLogLikelihood({ kind: 'flare', count: 3 })).toBeNull();
    expect(judge({ signs: [{ kind: 'flare', count: 3 }] }).mean).toBeCloseTo(judge().mean, 12);
  });

  test('the next sign to watch for carries information, and less once the mood is plain', () => {
    const open = nextSignToWatch(spreadMood(2, 1.2))!;
    const plain = nextSignToWatch(normalise([0.001, 0.001, 0.001, 0.001, 0.996]))!;
    expect(open.bits).toBeGreaterThan(0.02);
    expect(plain.bits).toBeLessThan(open.bits);
  });
});

test('helpers of the five states', () => {
  expect(moodMean([0, 0, 1, 0, 0])).toBe(2);
  expect(likeliestMood([0.1, 0.5, 0.2, 0.1, 0.1])).toBe('reluctant');
  expect(overMoods([0.5, 0, 0, 0, 0.5], (i) => i)).toBe(2);
});
