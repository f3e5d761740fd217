/** What must hold of the mood whatever the readings. */
import * as fc from 'fast-check';
import { DRAW_COUNT } from '../base/draws';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { filterSigns, judgeMood, mixedPrior, nextSignToWatch } from './filter';
import { chanceWhileGuarding, GUARDING_SIGNS, judgeGuarding } from './guarding';
import { moodPrior } from './prior';
import { chanceOfSign, WATCHABLE_SIGNS } from './signs';
import { moodMean, normalise, type MoodDistribution } from './states';
import { drift } from './transition';
import { COVER_KINDS, FRONTS, SETTINGS, SIGN_KINDS, SPECIES, type Sign } from '../water/terms';
import { drawAssumed } from '../water/drawn';
import { resolveConditions } from '../water/resolve';

const maybe = <T>(a: fc.Arbitrary<T>) => fc.option(a, { nil: undefined });
const conditions: fc.Arbitrary<Conditions> = fc.record({
  species: fc.constantFrom(...SPECIES),
  water: fc.record({
    setting: fc.constantFrom(...SETTINGS),
    surfaceTempC: maybe(fc.double({ min: 0, max: 36, noNaN: true })),
    tempChange3dC: maybe(fc.double({ min: -6, max: 6, noNaN: true })),
    clarityM: maybe(fc.double({ min: 0.1, max: 8, noNaN: true })),
    depthM: fc.double({ min: 0.5, max: 20, noNaN: true }),
    currentMps: maybe(fc.double({ min: 0, max: 1.5, noNaN: true })),
    waveHeightM: maybe(fc.double({ min: 0, max: 1.5, noNaN: true })),
    cover: fc.record({ kind: fc.constantFrom(...COVER_KINDS), density: fc.double({ min: 0, max: 1, noNaN: true }) }),
  }),
  sky: fc.record({
    cloud: maybe(fc.double({ min: 0, max: 1, noNaN: true })),
    sunElevationDeg: fc.double({ min: -30, max: 70, noNaN: true }),
    front: maybe(fc.constantFrom(...FRONTS)),
  }),
  month: fc.integer({ min: 1, max: 12 }),
});
const sign: fc.Arbitrary<Sign> = fc.record({
  kind: fc.constantFrom(...SIGN_KINDS),
  count: fc.integer({ min: 1, max: 12 }),
  minutesAgo: fc.integer({ min: 0, max: 300 }),
});
const judge = (c: Conditions, signs: readonly Sign[] = []) =>
  judgeMood(resolveConditions({ ...c, signs }), speciesProfile(c.species));
const distribution = fc
  .array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 5, maxLength: 5 })
  .map(normalise);

test('at equal elapsed time more empty casts through the zone never raise the mood', () => {
  fc.assert(
    fc.property(
      conditions,
      fc.array(sign, { maxLength: 5 }),
      fc.integer({ min: 0, max: 80 }),
      fc.integer({ min: 1, max: 60 }),
      fc.integer({ min: 0, max: 200 }),
      (c, signs, n, more, minutesAgo) => {
        const others = signs.filter((s) => s.kind !== 'empty-cast');
        const with_ = (count: number) =>
          judge(c, [...others, { kind: 'empty-cast', count, minutesAgo, zoneShare: 0.6 }]).mean;
        expect(with_(n + more)).toBeLessThanOrEqual(with_(n) + 1e-9);
      },
    ),
    { numRuns: 300, seed: 5 },
  );
});

test('a missing reading gives the mixture over its default, and is marked', () => {
  fc.assert(
    fc.property(conditions, (c) => {
      const r = resolveConditions(c);
      const species = speciesProfile(c.species);
      const mixture = normalise(
        [0, 1, 2, 3, 4].map((i) =>
          Array.from({ length: DRAW_COUNT }, (_, n) => moodPrior(drawAssumed(r, n), species).distribution[i]!).reduce(
            (s, v) => s + v,
            0,
          ),
        ),
      );
      mixedPrior(r, species).forEach((v, i) => expect(v).toBeCloseTo(mixture[i]!, 10));
      for (const [path, value] of [
        ['water.surfaceTempC', c.water.surfaceTempC],
        ['water.clarityM', c.water.clarityM],
        ['sky.front', c.sky?.front],
      ] as const)
        expect(r.assumed.includes(path)).toBe(value === undefined);
      // What was read stays as it is in every draw.
      if (c.water.surfaceTempC !== undefined)
        expect(new Set(Array.from({ length: 32 }, (_, n) => drawAssumed(r, n).surfaceTempC)).size).toBe(1);
    }),
    { numRuns: 100, seed: 6 },
  );
});

test('not knowing the temperature makes the mood less certain, not merely another', () => {
  const c: Conditions = {
    species: 'largemouth-bass',
    month: 4,
    water: { setting: 'lake', tempChange3dC: 0, clarityM: 1 },
    sky: { cloud: 0.5, sunElevationDeg: 20, front: 'none' },
  };
  const spread = (p: MoodDistribution) => p.reduce((s, v, i) => s + v * (i - moodMean(p)) ** 2, 0);
  expect(spread(judge(c).distribution)).toBeGreaterThan(
    spread(judge({ ...c, water: { ...c.water, surfaceTempC: 13 } }).distribution),
  );
});

test('what a sign said fades with the minutes since, all the way back to the conditions', () => {
  fc.assert(
    fc.property(
      conditions,
      fc.constantFrom('hit-at-once' as const, 'marks-ignore-lure' as const, 'school-fires' as const),
      (c, kind) => {
        const still = judge(c).mean;
        const left = [0, 20, 60, 150, 400, 3000].map((minutesAgo) =>
          Math.abs(judge(c, [{ kind, count: 2, minutesAgo }]).mean - still),
        );
        left.slice(1).forEach((v, i) => expect(v).toBeLessThanOrEqual(left[i]! + 1e-9));
        expect(left[5]).toBeLessThan(0.01);
      },
    ),
    { numRuns: 60, seed: 7 },
  );
});

test('drifting: nothing is lost, rest stays at rest, and an order of moods is kept', () => {
  fc.assert(
    fc.property(distribution, distribution, fc.double({ min: 0, max: 5000, noNaN: true }), (p, rest, minutes) => {
      const later = drift(p, rest, minutes);
      expect(later.reduce((s, v) => s + v, 0)).toBeCloseTo(1, 9);
      drift(rest, rest, minutes).forEach((v, i) => expect(v).toBeCloseTo(rest[i]!, 6));
      // Two steps are as good as one.
      drift(drift(p, rest, minutes / 3), rest, (2 * minutes) / 3).forEach((v, i) =>
        expect(v).toBeCloseTo(later[i]!, 6),
      );
      // A distribution tilted to worse moods stays tilted.
      const worse = drift(normalise(p.map((v, i) => v * Math.exp(-0.4 * i))), rest, minutes);
      for (let i = 1; i < 5; i++)
        expect(worse[i]! * later[i - 1]!).toBeLessThanOrEqual(worse[i - 1]! * later[i]! + 1e-9);
    }),
    { numRuns: 200, seed: 8 },
  );
});

test('signs are taken in the order they were seen: an old bite under fresh empties is not a fresh bite under old empties', () => {
  const rest: MoodDistribution = [0.1, 0.25, 0.3, 0.25, 0.1];
  const bite = { kind: 'hit-at-once' as const, count: 2 };
  const empties = { kind: 'empty-cast' as const, count: 30, zoneShare: 0.7 };
  const soured = filterSigns(rest, [
    { ...bite, minutesAgo: 120 },
    { ...empties, minutesAgo: 0 },
  ]);
  const woken = filterSigns(rest, [
    { ...bite, minutesAgo: 0 },
    { ...empties, minutesAgo: 120 },
  ]);
  expect(moodMean(woken.distribution)).toBeGreaterThan(moodMean(soured.distribution) + 0.8);
  expect(soured.signs.map((s) => s.kind)).toEqual(['hit-at-once', 'empty-cast']);
});

/**
 * I(state; seen or not), as the divergence of the joint from the product of its margins: another way to the same
 * figure.
 */
function mutualBits(p: readonly number[], chance: readonly number[]): number {
  const seen = p.reduce((s, v, i) => s + v * chance[i]!, 0);
  return p.reduce((s, v, i) => {
    const c = chance[i]!;
    const term = (x: number, m: number) => (x > 0 ? v * x * Math.log2(x / m) : 0);
    return s + term(c, seen) + term(1 - c, 1 - seen);
  }, 0);
}

test('the sign named as most telling has the largest expected information of all that can be looked for', () => {
  fc.assert(
    fc.property(distribution, (p) => {
      const named = nextSignToWatch(p)!;
      const all = WATCHABLE_SIGNS.map((kind) => ({ kind, bits: mutualBits(p, chanceOfSign(kind)!) })).sort(
        (a, b) => b.bits - a.bits,
      );
      expect(named.bits).toBeCloseTo(all[0]!.bits, 9);
      expect(all.find((x) => x.kind === named.kind)!.bits).toBeCloseTo(all[0]!.bits, 9);
    }),
    { numRuns: 200, seed: 9 },
  );
  const g = judgeGuarding([{ kind: 'nudge', count: 1 }]);
  const best = Math.max(...GUARDING_SIGNS.map((k) => mutualBits(g.distribution, chanceWhileGuarding(k)!)));
  expect(g.nextSign!.bits).toBeCloseTo(best, 9);
});

describe('fish on their beds', () => {
  const at = (...signs: Sign[]) => judgeGuarding(signs);
  test.each([
    ['left alone: provoke', [], 'provoke'],
    [
      'a nudge: go on',
      [
        { kind: 'nudge', count: 2 },
        { kind: 'flare', count: 2 },
      ],
      'keep-on',
    ],
    [
      'fin up, quick turns, contact: the small lure now',
      [
        { kind: 'flare', count: 3 },
        { kind: 'quick-turns', count: 3 },
        { kind: 'short-strike', count: 2 },
      ],
      'small-now',
    ],
    ['a dozen passes and nothing: another lure', [{ kind: 'empty-cast', count: 12 }], 'another-lure'],
    ['forty: leave it', [{ kind: 'empty-cast', count: 40 }], 'leave-it'],
  ] as [string, Sign[], string][])('%s', (_name, signs, advice) => {
    expect(at(...signs).advice).toBe(advice);
  });

  test('agitation dies down by itself', () => {
    const peak = (minutesAgo: number) =>
      at({ kind: 'quick-turns', count: 3, minutesAgo }, { kind: 'flare', count: 3, minutesAgo }).mean;
    expect(peak(0)).toBeGreaterThan(peak(15));
    expect(peak(120)).toBeCloseTo(at().mean, 1);
  });

  test('is judged only while they guard', () => {
    const c: Conditions = { species: 'largemouth-bass', water: { setting: 'pond', surfaceTempC: 18 }, month: 5 };
    expect(judge(c).guarding).toBeNull();
    expect(judge({ ...c, behaviour: 'guarding' }).guarding!.likeliest).toBe('calm');
    expect(judge({ ...c, behaviour: 'guarding' }).nextSign!.kind).toMatch(
      /nudge|flare|quick-turns|short-strike|hit-at-once|follow/,
    );
  });
});

describe('full fish', () => {
  const at = (more: Partial<Conditions>, water: Partial<Conditions['water']> = {}) =>
    judge({
      species: 'largemouth-bass',
      month: 8,
      ...more,
      water: { setting: 'reservoir', surfaceTempC: 26, tempChange3dC: 0, ...water },
      sky: { front: 'none' },
    });
  test('thick bait in warm, stable water: likely; otherwise not', () => {
    expect(at({ forageAbundance: 'thick' }).full).toBeGreaterThan(0.6);
    expect(at({ forageAbundance: 'normal' }).full).toBe(0);
    expect(at({ forageAbundance: 'thick' }, { surfaceTempC: 9 }).full).toBeLessThan(0.2);
    expect(at({ forageAbundance: 'thick' }, { tempChange3dC: -4 }).full).toBeLessThan(0.2);
  });
  test('marks that stay put make it likelier, a hit at once hardly leaves it', () => {
    const base = at({ forageAbundance: 'thick' }).full;
    const signs = (kind: Sign['kind']) =>
      resolveConditions({
        species: 'largemouth-bass',
        month: 8,
        forageAbundance: 'thick',
        water: { setting: 'reservoir', surfaceTempC: 26, tempChange3dC: 0 },
        sky: { front: 'none' },
        signs: [{ kind, count: 3 }],
      });
    expect(judgeMood(signs('marks-ignore-lure'), speciesProfile('largemouth-bass')).full).toBeGreaterThan(base);
    expect(judgeMood(signs('hit-at-once'), speciesProfile('largemouth-bass')).full).toBeLessThan(0.5 * base + 0.1);
  });
});
