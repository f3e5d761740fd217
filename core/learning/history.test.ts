/** Blocks added up, what they count for by their age, and how much one water tells of another. */
import { familyById } from '../lures/families';
import type { Conditions } from '../water/conditions';
import { effect } from './effects';
import { fit, learnSpreads } from './fit';
import { familyOfBlock, freshness, rowsOf, type PastBlock, type RowOfHistory } from './history';
import { hookingOf, landingOf } from './hooking';
import { likeness, lookBack, type ReadAt } from './likeness';
import { learnRanking, rankWithLog } from './learned';
import { rankWithGrounds } from '../ranking/rank';

const WATER: Conditions = {
  species: 'largemouth-bass',
  water: { setting: 'lake', surfaceTempC: 17, clarityM: 1.2, depthM: 3, fishDepthM: 1.8 },
  sky: { cloud: 0.5, sunElevationDeg: 25 },
  month: 5,
};
const block = (more: Partial<PastBlock> = {}): PastBlock => ({
  conditions: WATER,
  presentation: { family: 'spinnerbait' },
  minutes: 60,
  strikes: 4,
  water: 'pond',
  trip: 'first',
  daysAgo: 730,
  ...more,
});

test('two blocks of one presentation are one row: hours, strikes and expectation added as they count', () => {
  const [one, ...none] = rowsOf([block({ hooked: 3, landed: 2 })], 'largemouth-bass');
  expect(none).toEqual([]);
  const [both, ...more] = rowsOf(
    [block({ hooked: 3, landed: 2 }), block({ minutes: 30, strikes: 2, hooked: 2, landed: 1 })],
    'largemouth-bass',
  );
  expect(more).toEqual([]);
  // After its half-life all of it counts half, but for what it was.
  expect([one!.hours, one!.strikes, one!.hooked, one!.landable, one!.landed]).toEqual([0.5, 2, 1.5, 1.5, 1]);
  expect([both!.hours, both!.strikes, both!.hooked, both!.landable, both!.landed]).toEqual([0.75, 3, 2.5, 2.5, 1.5]);
  expect(both!.was.hours).toBeCloseTo(1.5, 12);
  expect(both!.was.strikes).toBe(6);
  expect(both!.was.expected).toBeCloseTo(1.5 * one!.was.expected, 9);
  expect(both!.expected).toBeCloseTo(1.5 * one!.expected, 9);
  expect(one!.expected).toBeCloseTo(0.5 * one!.was.expected, 9);
  expect(both!.hookedExpected).toBeCloseTo(1.5 * one!.hookedExpected, 9);
  expect(one!.hookedExpected).toBeGreaterThan(0);
  expect(one!.hookedExpected).toBeLessThanOrEqual(2);
});

test('a lure of a block is its kind, with what is known of it in place of the usual', () => {
  const kind = familyById('spinnerbait');
  expect(familyOfBlock({ family: 'spinnerbait' })).toBe(kind);
  const heavy = familyOfBlock({ family: 'spinnerbait', weightKg: 0.021 });
  expect(heavy.weightKg).not.toEqual(kind.weightKg);
  expect(heavy.weightKg[1]).toBeCloseTo(0.021, 9);
  // Of unknown weight it comes in any that is sold.
  const long = familyOfBlock({ family: 'spinnerbait', sizeM: 0.16 });
  expect(long.weightKg).toEqual(kind.weightKg);
  expect(long.lengthM[1]).toBeCloseTo(0.16, 9);
  const hooked = familyOfBlock({ family: 'spinnerbait', hook: 'treble' });
  expect([hooked.hook, hooked.weightKg]).toEqual(['treble', kind.weightKg]);
  expect(kind.hook).not.toBe('treble');
});

test('what may have moved a block: its water and its kind there only where the water is known', () => {
  const [here] = rowsOf([block()], 'largemouth-bass');
  const [nowhere] = rowsOf([block({ water: null })], 'largemouth-bass');
  const groups = (r: RowOfHistory) => r.effects.map((e) => e.group);
  expect(here!.effects.find((e) => e.group === 'water')!.name).toBe('pond');
  const both = here!.effects.find((e) => e.group === 'familyWater')!.name;
  expect(both).toContain('pond');
  expect(both).toContain('spinnerbait');
  expect(groups(nowhere!)).not.toContain('water');
  expect(groups(nowhere!)).not.toContain('familyWater');
});

test('the range that is left lies about the rate, nine in ten, and its level about its own', () => {
  const options = { families: ['spinnerbait', 'texas-rig', 'swim-jig'] as const };
  const grounds = rankWithGrounds(WATER, options);
  const history = Array.from({ length: 6 }, (_, i) => block({ trip: `day ${i}`, daysAgo: i, strikes: 3 }));
  const r = learnRanking(grounds, options, { history, here: null });
  for (const x of r.ranked) {
    expect(x.low).toBeLessThan(x.strikesPerHour);
    expect(x.high).toBeGreaterThan(x.strikesPerHour);
    expect(x.strikesPerHour / x.prior.strikesPerHour).toBeCloseTo(
      x.why.find((w) => w.factor === 'log')!.facts.times as number,
      9,
    );
  }
  expect(r.level.low * r.level.high).toBeCloseTo(r.level.ratio ** 2, 9);
  const longer = learnRanking(grounds, options, {
    history: [...history, ...history.map((b) => ({ ...b, trip: `${b.trip}b` }))],
    here: null,
  });
  expect(longer.level.high / longer.level.low).toBeLessThan(r.level.high / r.level.low);
});

test('what was not noted counts for neither stage; without a count of hooked, strikes may be landed', () => {
  const [silent] = rowsOf([block()], 'largemouth-bass');
  expect([silent!.hookedExpected, silent!.hooked, silent!.landable, silent!.landed]).toEqual([0, 0, 0, 0]);
  const [landed] = rowsOf([block({ landed: 1 })], 'largemouth-bass');
  expect([landed!.hookedExpected, landed!.landable, landed!.landed]).toEqual([0, 2, 0.5]);
});

test('the age of a block halves it every two years and never doubles it', () => {
  expect(freshness(0)).toBe(1);
  expect(freshness(1460)).toBe(0.25);
  expect(freshness(-9)).toBe(1);
  expect(freshness(null)).toBe(1);
});

test('what is hooked and landed is held by what the angler does in all', () => {
  const rows = rowsOf([block({ strikes: 40, hooked: 40, landed: 40, daysAgo: 0 })], 'largemouth-bass');
  const expected = rows[0]!.hookedExpected;
  const all = (40 + 10) / (expected + 10);
  expect(hookingOf(rows)('popper', 0.5)).toBeCloseTo(all, 9);
  expect(hookingOf(rows)('spinnerbait', 0.5)).toBeCloseTo((40 + 12 * all) / (expected + 12), 9);
  // Nobody hooks all that strikes.
  expect(hookingOf(rows)('spinnerbait', 0.97)).toBeCloseTo(0.98 / 0.97, 9);
  const allLanded = (40 + 0.75 * 6) / (40 + 6);
  expect(landingOf(rows)('popper')).toBeCloseTo(allLanded, 9);
  expect(landingOf(rows)('spinnerbait')).toBeCloseTo((40 + 8 * allLanded) / 48, 9);
});

describe('likeness of two waters', () => {
  const at = (change: Partial<ReadAt['reading']> = {}, water: string | null = 'pond'): ReadAt => ({
    reading: { surfaceTempC: 17, clarityM: 1.2, sunElevationDeg: 25, ...change },
    water,
  });
  test('the same water in the same light tells all, another half', () => {
    expect(likeness(at(), at())).toBe(1);
    expect(likeness(at({}, 'river'), at())).toBe(0.5);
    expect(likeness(at({}, null), at({}, null))).toBe(0.5);
  });
  test('so far off that it tells 0.6: five degrees, twice as clear, twenty degrees of sun', () => {
    const step = Math.exp(-0.5);
    expect(likeness(at({ surfaceTempC: 22 }), at())).toBeCloseTo(step, 9);
    expect(likeness(at({ surfaceTempC: 12 }), at())).toBeCloseTo(step, 9);
    expect(likeness(at({ clarityM: 1.2 * Math.exp(0.7) }), at())).toBeCloseTo(step, 9);
    expect(likeness(at({ sunElevationDeg: 5 }), at())).toBeCloseTo(step, 9);
    expect(likeness(at({ surfaceTempC: 22, sunElevationDeg: 45 }), at())).toBeCloseTo(step * step, 9);
  });
  test('looking back gives both of each block in their order, and no likeness without a day', () => {
    const blocks = [block({ daysAgo: 0 }), block({ minutes: 120, water: 'river' })];
    const now = { conditions: WATER, water: 'pond' };
    const back = lookBack(blocks, now);
    expect(back.like).toEqual([1, 0.5]);
    expect(back.expected[1]! / back.expected[0]!).toBeCloseTo(2, 6);
    expect(lookBack(blocks, null).like).toBeNull();
  });
});

test('today’s blocks teach no spread: they are known tomorrow', () => {
  const options = { families: ['spinnerbait', 'texas-rig', 'swim-jig'] as const };
  // A wild season in which every day was its own, and a day that outdoes it.
  const wild = Array.from({ length: 14 }, (_, i) =>
    block({ trip: `day ${i}`, daysAgo: 20 - i, strikes: i % 2 === 0 ? 14 : 0, minutes: 90 }),
  );
  const history = [...wild, block({ trip: 'today', daysAgo: 0, strikes: 60 })];
  const { level } = learnRanking(rankWithGrounds(WATER, options), options, {
    history,
    here: { water: 'pond', trip: 'today' },
  });
  const rows = rowsOf(history, 'largemouth-bass', {}, { trip: 'today', signs: undefined });
  const ofToday = (r: RowOfHistory): boolean => r.effects.some((e) => e.group === 'trip' && e.name === 'today');
  const ask = [[effect('level', 'level'), effect('water', 'pond'), effect('trip', 'today')]];
  const levelBy = (past: readonly RowOfHistory[]): number => Math.exp(fit(rows, ask, learnSpreads(past)).mean[0]!);
  expect(rows.filter(ofToday)).toHaveLength(1);
  expect(level.ratio).toBeCloseTo(levelBy(rows.filter((r) => !ofToday(r))), 6);
  expect(levelBy(rows)).not.toBeCloseTo(level.ratio, 3);
});

test('without a log at all it is the ranking itself', () => {
  const options = { families: ['spinnerbait', 'texas-rig'] as const };
  const plain = rankWithGrounds(WATER, options).ranking;
  const r = rankWithLog(WATER, options, null);
  expect(r.ranked.map((x) => [x.key, x.score])).toEqual(plain.ranked.map((x) => [x.key, x.score]));
  expect(r.blocks).toBe(0);
  const { here: _, ...noPlace } = { history: [block({ daysAgo: 1 })], here: null };
  expect(rankWithLog(WATER, options, noPlace).blocks).toBe(1);
});

test('a block of no time and no strike is nothing; a strike without time, and time without a strike, are something', () => {
  const rows = (more: Partial<PastBlock>) => rowsOf([block(more)], 'largemouth-bass');
  expect(rows({ minutes: 0, strikes: 0 })).toEqual([]);
  expect(rows({ minutes: 0, strikes: 1 })).toHaveLength(1);
  expect(rows({ minutes: 5, strikes: 0 })).toHaveLength(1);
  expect(rowsOf([block()], 'walleye')).toEqual([]);
});
