import { learnedByKey } from '../../learning/byKey';
import type { PastBlock } from '../../learning/history';
import { rankWithLog } from '../../learning/learned';
import type { FamilyId } from '../../lures/family';
import { DEFAULT_SCHOOLS } from '../../ranking/schools';
import { nextToPlan } from '../../ranking/head';
import type { Planned } from '../../ranking/planned';
import { choosingOf } from '../../ranking/choosing';
import { rankLures, type RankOptions } from '../../ranking/rank';
import type { Conditions } from '../../water/conditions';
import { planRetrieve } from '../plan/plan';
import { plannedAsIn } from '../plan/pace';
import type { PlanRequest } from '../task/request';
import { planHead, rankPlanned, requestFor } from './planHead';

const WATER: Conditions = {
  species: 'largemouth-bass',
  month: 6,
  water: {
    setting: 'lake',
    surfaceTempC: 20,
    clarityM: 1.2,
    depthM: 3.5,
    fishDepthM: 1.6,
    cover: { kind: 'none', density: 0 },
  },
};
const FEW: RankOptions = {
  families: ['paddletail', 'spinnerbait', 'bladed-jig', 'texas-rig', 'walking-bait', 'deep-crank'],
  withoutRange: true,
};
/** A planner that finds the same for everything. */
const always =
  (share: number, seen: PlanRequest[] = []) =>
  (r: PlanRequest): Planned => {
    seen.push(r);
    return {
      weightKg: r.lure.weightKg!,
      zoneShare: share,
      depthM: 1.5,
      flightM: 25,
      castS: 40,
      castsPerHour: 75,
      speedMps: 0.5,
      movingMps: 0.5,
    };
  };

test('the first three and the three in hand stand on their own plans, and reckon with what was found', () => {
  const { ranking, planned } = rankPlanned(WATER, FEW, {}, always(0.5));
  const head = [
    ...ranking.ranked.slice(0, 3),
    ...ranking.ranked.filter((x) => Object.values(ranking.plan!).includes(x.key)),
  ];
  for (const x of head) {
    expect(x.byPlan).not.toBeNull();
    expect(x.zone.share).toBe(0.5);
    expect(x.zone.castsPerHour).toBe(75);
    expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
    expect(x.why[0]!.facts.planned).toBe(1);
  }
  expect(nextToPlan(ranking)).toBeUndefined();
  expect(Object.keys(planned).length).toBeLessThanOrEqual(8);
});

test('a lure whose plan finds no fish falls back, and the next one is planned', () => {
  const before = rankLures(WATER, FEW).ranked.map((x) => x.key);
  const plan = (r: PlanRequest): Planned => ({
    ...always(0.6)(r),
    zoneShare: r.lure.family === before[0] ? 0.01 : 0.6,
  });
  const { ranking, planned } = rankPlanned(WATER, FEW, {}, plan);
  expect(ranking.ranked.slice(0, 3).map((x) => x.key)).not.toContain(before[0]);
  expect(Object.keys(planned)).toContain(before[0]);
  expect(ranking.plan!.start).not.toBe(before[0]);
});

test('what is known already is not planned again; at another weight it says nothing', () => {
  const seen: PlanRequest[] = [];
  const first = planHead(WATER, FEW, {}, always(0.5, seen));
  const n = seen.length;
  expect(planHead(WATER, { ...FEW, planned: first }, {}, always(0.5, seen))).toEqual(first);
  expect(seen).toHaveLength(n);
  const [key] = Object.keys(first);
  const heavier = { ...first[key!]!, weightKg: 2 * first[key!]!.weightKg };
  const x = rankLures(WATER, { ...FEW, planned: { [key!]: heavier } }).ranked.find((y) => y.key === key)!;
  expect(x.byPlan).toBeNull();
});

test('an own lure is planned with its hook, its length and what it is thrown with', () => {
  const lure = {
    id: 'a',
    family: 'paddletail' as const,
    weightKg: 0.012,
    lengthM: 0.09,
    hook: 'weedless' as const,
    colour: null,
    priceMinor: 0,
  };
  const options: RankOptions = { lures: [lure], schools: DEFAULT_SCHOOLS, withoutRange: true };
  const [x] = rankLures(WATER, options).ranked;
  const tackle = {
    rod: { lengthM: 2, minLureKg: 0.005, maxLureKg: 0.02, action: 'moderate' as const },
    reel: { ratio: 5, spoolM: 0.04, arborM: 0.03, capacityM: 100 },
    line: { material: 'nylon' as const, strengthLb: 10 },
  };
  const r = requestFor(x!, WATER, options, { tackle: { a: tackle } });
  expect(r.lure).toEqual({ id: 'a', family: 'paddletail', weightKg: 0.012, lengthM: 0.09, hook: 'weedless' });
  expect(r).toMatchObject(tackle);
  // Without tackle of its own: the first rod that throws it, then what is usual for the weight.
  const light = { ...tackle.rod, maxLureKg: 0.005 };
  expect(requestFor(x!, WATER, { ...options, rods: [light, tackle.rod] }, {}).rod).toEqual(tackle.rod);
  expect(requestFor(x!, WATER, options, {}).rod.maxLureKg).toBe(0.03);
});

test('casts that take long to solve end the planning: who is left stands on the table and says so', () => {
  const seen: PlanRequest[] = [];
  const { ranking, planned } = rankPlanned(WATER, FEW, {}, (r, tell) => {
    tell(160_000);
    return always(0.5, seen)(r);
  });
  expect(seen).toHaveLength(2);
  expect(ranking.ranked.filter((x) => x.byPlan !== null)).toHaveLength(Object.keys(planned).length);
  expect(ranking.ranked.filter((x) => x.byPlan === null).length).toBeGreaterThan(0);
});

test('a settled plan of a lure that is let down or towed counts as one that is cast: no pace of nothing', () => {
  const deep: Conditions = { ...WATER, access: 'bow', water: { ...WATER.water, depthM: 9, fishDepthM: 8 } };
  const options: RankOptions = { families: ['vertical-metal-jig', 'towed-plug', 'paddletail'] };
  const { ranked } = rankLures(deep, options);
  expect(ranked.map((x) => x.family)).toContain('vertical-metal-jig');
  for (const x of ranked) {
    const settled = plannedAsIn(planRetrieve(requestFor(x, deep, {}, {}), 'first'));
    const [y] = rankLures(deep, { families: [x.family], planned: { [x.key]: settled } }).ranked;
    expect(settled.speedMps).toBeGreaterThan(0);
    expect(y!.byPlan).toBeGreaterThan(0.01);
    expect(y!.zone.share).toBe(settled.zoneShare);
    expect(Number.isFinite(y!.low + y!.high)).toBe(true);
  }
  // A plan that never comes near them moves nothing; the score stays a number.
  const still = {
    ...always(0)({ lure: { weightKg: ranked[0]!.weightKg } } as PlanRequest),
    speedMps: 0,
    movingMps: 0,
    depthM: 8,
  };
  const [z] = rankLures(deep, { families: [ranked[0]!.family], planned: { [ranked[0]!.key]: still } }).ranked;
  expect(Number.isFinite(Math.log(z!.score) + z!.low + z!.high)).toBe(true);
});

test('fish on their beds and below the ice are not ranked by casts', () => {
  const bed: Conditions = { ...WATER, behaviour: 'guarding', month: 5 };
  const ice: Conditions = {
    ...WATER,
    species: 'yellow-perch',
    access: 'ice',
    water: { ...WATER.water, setting: 'ice', surfaceTempC: 1 },
  };
  for (const c of [bed, ice]) {
    const seen: PlanRequest[] = [];
    expect(planHead(c, { withoutRange: true }, {}, always(0.5, seen))).toEqual({});
    expect(seen).toEqual([]);
  }
});

test('a lure that is tied on stays where another is hardly better, and goes where it is a good deal better', () => {
  const planned = planHead(WATER, FEW, {}, always(0.1));
  const ranked = (inHand: string | null, by = planned) => rankLures(WATER, { ...FEW, planned: by, inHand });
  const { ranked: order } = ranked(null);
  const best = order[0]!;
  const far = order.find((x) => x.byPlan !== null && x.score < 0.84 * best.score)!;
  expect(ranked(far.key).plan!.start).toBe(best.key);
  // Its plan finds so many fish that it is nearly as good.
  const zoneShare = (0.1 * 0.88 * best.score) / far.score;
  const nearly = { ...planned, [far.key]: { ...planned[far.key]!, zoneShare } };
  expect(ranked(null, nearly).plan!.start).toBe(best.key);
  expect(ranked(far.key, nearly).plan!.start).toBe(far.key);
});

test('what would change the choice asks about the lure that leads by the plans', () => {
  const before = rankLures(WATER, FEW).ranked.map((x) => x.key);
  const plan = (r: PlanRequest): Planned => ({
    ...always(0.6)(r),
    zoneShare: r.lure.family === before[0] ? 0.05 : 0.6,
  });
  const { ranking, planned } = rankPlanned(WATER, FEW, {}, plan);
  const asked = choosingOf(WATER, { ...FEW, planned });
  expect(asked.leader).toBe(ranking.ranked[0]!.key);
  expect(asked.ladder[0]!.key).toBe(ranking.plan!.start);
});

test('a bare body is given a weight and a hook as its kind is, and keeps its length', () => {
  const body = {
    id: 'b',
    family: 'paddletail' as const,
    weightKg: 0.006,
    lengthM: 0.12,
    hook: 'single' as const,
    bare: true,
    colour: null,
    priceMinor: 0,
  };
  const grown: Conditions = { ...WATER, water: { ...WATER.water, cover: { kind: 'submerged-grass', density: 0.5 } } };
  for (const [water, hook] of [
    [WATER, 'single'],
    [grown, 'weedless'],
  ] as const) {
    const [own] = rankLures(water, { lures: [body], withoutRange: true }).ranked;
    const kind = rankLures(water, { families: ['paddletail'], withoutRange: true }).ranked[0]!;
    expect(own!.weightKg).toBe(kind.weightKg);
    expect([own!.rig.hook, own!.rig.sizeM]).toEqual([hook, 0.12]);
    expect(own!.weighing.only).toBe(false);
    expect(requestFor(own!, water, { lures: [body] }, {}).lure).toMatchObject({
      weightKg: own!.weightKg,
      hook,
      lengthM: 0.12,
    });
  }
  const [rigged] = rankLures(WATER, { lures: [{ ...body, bare: false }], withoutRange: true }).ranked;
  expect(rigged!.weightKg).toBe(0.006);
});

test('what the log says of each lure is enough: the same head as by the log itself', () => {
  const block = (family: FamilyId, strikes: number, i: number): PastBlock => ({
    conditions: { ...WATER, month: 5 + (i % 3) },
    presentation: { family },
    minutes: 90,
    casts: 70,
    strikes,
    water: 'w',
    trip: `t${i}`,
    daysAgo: 10 + i,
  });
  const history = Array.from({ length: 12 }, (_, i) => [
    block('deep-crank', 9, i),
    block('walking-bait', 6, i),
    block('spinnerbait', 0, i),
    block('paddletail', 0, i),
  ]).flat();
  const log = { history, here: { water: 'w', trip: 'now' } };
  const wide = { ...FEW, families: undefined };
  const learned = learnedByKey(rankWithLog(WATER, wide, log))!;
  const heads = [
    planHead(WATER, wide, { log }, always(0.5)),
    planHead(WATER, { ...wide, learned }, {}, always(0.5)),
    planHead(WATER, wide, {}, always(0.5)),
  ].map((planned) => Object.keys(planned).sort());
  expect(heads[1]).toEqual(heads[0]);
  expect(heads[2]).not.toEqual(heads[0]);
});
