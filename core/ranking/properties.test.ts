/**
 * What must hold in any water, over many of them (seeded): refusals never raise the best rate, bites never lower it
 * nor the mood; weight is felt: of five weights of one lure the best is worth a seventh more than the worst; reasons
 * add up, ranges hold the middle, small steps stay small.
 */
import { seededRandom } from '../base/random';
import { anyWaters } from '../fixtures/anyWater';
import { place } from '../fixtures/expectations';
import { allFamilies } from '../lures/families';
import { FAMILIES, type FamilyId } from '../lures/family';
import { judgeMood } from '../mood/filter';
import type { Conditions } from '../water/conditions';
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import type { Sign } from '../water/terms';
import { rankLures } from './rank';
import type { RankedLure } from './ranked';

const anyWater = anyWaters(11);
const random = seededRandom(11);
const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;

/** Two of each way of working and loudness: enough for the best to change hands. */
const SOME: readonly FamilyId[] = [
  'popper',
  'floating-minnow',
  'lipless-vibrating',
  'paddletail',
  'casting-spoon',
  'texas-rig',
  'finesse-jig',
  'shrimp-imitation',
  'panfish-jig-straight',
  'bucktail-jig',
];
const bestRate = (c: Conditions, signs: readonly Sign[]): number =>
  Math.max(
    0,
    ...rankLures({ ...c, signs: [...signs] }, { families: SOME, withoutRange: true }).ranked.map(
      (x) => x.strikesPerHour,
    ),
  );
const BITES = [
  'bite-on-splash',
  'bite-on-fall',
  'bite-on-pause',
  'bite-on-move',
  'bite-on-deflection',
  'short-strike',
  'hit-at-once',
] as const;

test('in five hundred waters refusals never raise the best rate, bites lower neither it nor the mood', () => {
  const wrong: string[] = [];
  for (let n = 0; n < 500; n++) {
    const c = anyWater();
    const before = bestRate(c, []);
    const refused: Sign[] = [{ kind: 'empty-cast', count: 5 + Math.floor(40 * random()), zoneShare: 0.6 }];
    if (random() < 0.5) refused.push({ kind: 'marks-ignore-lure', count: 1 + Math.floor(4 * random()) });
    const bitten: Sign[] = [{ kind: pick(BITES), count: 1 + Math.floor(4 * random()) }];
    if (bestRate(c, refused) > before * (1 + 1e-9)) wrong.push(`${n}: refusals raise`);
    if (bestRate(c, bitten) < before * (1 - 1e-9)) wrong.push(`${n}: ${bitten[0]!.kind} lowers`);
    const p = speciesProfile(c.species);
    const mood = (signs: Sign[]): number => judgeMood(resolveConditions({ ...c, signs }), p).mean;
    if (mood(bitten) < mood([]) - 1e-9) wrong.push(`${n}: ${bitten[0]!.kind} lowers the mood`);
  }
  expect(wrong).toEqual([]);
});

/** What a heavier one wins by. */
const winsBy = (a: RankedLure, b: RankedLure): string =>
  a.why.map((w, k) => ({ factor: w.factor, ln: w.ln - b.why[k]!.ln })).sort((x, y) => y.ln - x.ln)[0]!.factor;
const ASKED_FOR = ['hold', 'distance', 'wind', 'zone', 'travel', 'noticed', 'speed', 'size', 'chop'];
const FAR = ['surf', 'jetty', 'inlet'];

test('of five weights of an own lure the best is worth a seventh more than the worst in nine of ten waters', () => {
  const families = allFamilies().filter(
    (f) => (f.mode === 'bottom' || f.mode === 'swim') && f.weightKg[0] < f.weightKg[2],
  );
  let tried = 0;
  let felt = 0;
  let heaviest = 0;
  let heavyForDistanceNear = 0;
  for (let n = 0; n < 400; n++) {
    const c = anyWater();
    const f = pick(families);
    const [lo, , hi] = f.weightKg;
    const lures = [0, 1, 2, 3, 4].map((k) => ({
      id: `${k}`,
      family: f.id,
      weightKg: lo * (hi / lo) ** (k / 4),
      lengthM: f.lengthM[1],
      hook: f.hook,
      colour: null,
      priceMinor: 0,
    }));
    const { ranked } = rankLures(c, { lures, withoutRange: true });
    if (ranked.length < 5) continue;
    tried++;
    if (ranked[0]!.score >= 1.15 * ranked[4]!.score) felt++;
    if (ranked[0]!.key !== '4') continue;
    heaviest++;
    const why = winsBy(
      ranked[0]!,
      ranked.find((x) => x.key === '3')!,
    );
    expect(ASKED_FOR).toContain(why);
    if (why === 'distance' && !FAR.includes(c.water.setting)) heavyForDistanceNear++;
  }
  expect(tried).toBeGreaterThan(250);
  expect(felt / tried).toBeGreaterThanOrEqual(0.9);
  expect(heaviest / tried).toBeLessThan(0.4);
  // Where one moves to the fish a longer cast alone is hardly ever a reason for the heaviest.
  expect(heavyForDistanceNear / tried).toBeLessThan(0.05);
});

const forty = anyWaters(12);
const many = Array.from({ length: 40 }, (_, i) => [i, forty()] as const);

describe('forty of them (seed 12)', () => {
  test.each(many)('water %d: reasons sum to the score, ranges hold the middle, order follows score', (_i, c) => {
    const r = rankLures(c);
    expect(r.ranked.length + r.excluded.length).toBe(FAMILIES.length);
    r.ranked.forEach((x, i) => {
      expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
      expect(Number.isFinite(x.score)).toBe(true);
      expect(x.low).toBeLessThanOrEqual(x.strikesPerHour);
      expect(x.high).toBeGreaterThanOrEqual(x.strikesPerHour);
      if (i > 0) expect(x.score).toBeLessThanOrEqual(r.ranked[i - 1]!.score);
    });
    for (const x of r.excluded) expect(place(r, x.family)).toBe(Infinity);
  });

  test('leaving a lure out of the box never reorders the others', () => {
    for (const [, c] of many.slice(0, 12)) {
      const all = rankLures(c, { withoutRange: true }).ranked.map((x) => x.family);
      const fewer = rankLures(c, { withoutRange: true, families: FAMILIES.filter((f) => f !== all[1]) }).ranked.map(
        (x) => x.family,
      );
      expect(fewer).toEqual(all.filter((f) => f !== all[1]));
    }
  });

  /** Strikes an hour: a lure worth less is never tied on, and how steeply its worth falls says nothing. */
  const NEVER = 1e-5;

  test('a small step in temperature or clarity is a small step in score', () => {
    for (const [, c] of many.slice(0, 12)) {
      const score = (dT: number, k: number) =>
        new Map(
          rankLures(
            { ...c, water: { ...c.water, surfaceTempC: c.water.surfaceTempC! + dT, clarityM: c.water.clarityM! * k } },
            { withoutRange: true },
          ).ranked.map((x) => [x.family, x.score]),
        );
      const at = score(0, 1);
      for (const [f, v] of score(0.05, 1.005)) {
        const before = at.get(f);
        if (before !== undefined && before > NEVER) expect(Math.abs(Math.log(v / before))).toBeLessThan(0.1);
      }
    }
  });

  test('the three in hand differ and none is left in the box', () => {
    for (const [, c] of many) {
      const r = rankLures(c, { withoutRange: true });
      if (!r.plan) continue;
      const three = [r.plan.start, r.plan.follow, r.plan.refusal];
      expect(new Set(three).size).toBe(3 - r.plan.reworked.length);
      for (const f of three) expect(place(r, f)).toBeLessThan(Infinity);
    }
  });
});
