/** The three in hand: what is tied on next follows from a dozen casts that drew nothing, no more and no fewer. */
import type { Conditions } from '../water/conditions';
import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import type { OwnLure } from '../lures/own';
import { rankLures, rankWithGrounds, type RankingWithGrounds } from './rank';
import { inMood, moodAfter } from './scoring';
import { choosingOf } from './choosing';
import { WORTH_TYING } from './three';

/** Cold, murky, in wood: what is best next changes between a dozen and two dozen empty casts. */
const COLD_WOOD: Conditions = {
  species: 'largemouth-bass',
  water: {
    setting: 'lake',
    salinity: 'fresh',
    surfaceTempC: 8,
    tempChange3dC: 0,
    clarityM: 0.4,
    depthM: 3,
    fishDepthM: 2.5,
    currentMps: 0,
    windMps: 2,
    waveHeightM: 0.05,
    cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.06 },
    bottom: 'mud',
  },
  sky: { cloud: 0.4, sunElevationDeg: 30, front: 'none' },
  month: 3,
  forage: ['minnow'],
  forageAbundance: 'normal',
  pressure: 'normal',
  access: 'bow',
};

/** What would be tied on second after so many casts that drew nothing. */
function bestNext({ ranking, able, scoring: s }: RankingWithGrounds, casts: number): string {
  const { plan, ranked } = ranking;
  const first = able.find((e) => e.key === plan!.start)!;
  const { share } = ranked.find((x) => x.key === first.key)!.zone;
  const score = inMood(s, moodAfter(s, [{ casts, zoneShare: share }]));
  const sizeOf = (key: string): number => ranked.find((x) => x.key === key)!.why.find((w) => w.factor === 'size')!.ln;
  const worthTying = new Set(ranked.filter((x) => x.score >= WORTH_TYING * ranked[0]!.score).map((x) => x.key));
  return able
    .filter((e) => e !== first && worthTying.has(e.key) && sizeOf(e.key) >= Math.log(0.5))
    .sort((a, b) => score(b.f).score - score(a.f).score)
    .find((e) => e.f.mode !== first.f.mode || Math.abs(e.f.action - first.f.action) >= 0.25)!.key;
}

test('what follows is the best of another kind, worth tying on, once as many casts drew nothing as are said', () => {
  let differs = 0;
  for (const surfaceTempC of [7, 11, 15, 19, 24])
    for (const clarityM of [0.4, 1.2, 3]) {
      const c: Conditions = { ...COLD_WOOD, water: { ...COLD_WOOD.water, surfaceTempC, clarityM, cover: null } };
      const grounds = rankWithGrounds(c, { withoutRange: true });
      const { follow, casts } = grounds.ranking.plan!;
      const next = bestNext(grounds, casts);
      expect([surfaceTempC, clarityM, follow]).toEqual([surfaceTempC, clarityM, next]);
      if (next !== bestNext(grounds, 2 * casts + 24)) differs++;
    }
  expect(differs).toBeGreaterThan(0);
});

const WATERS: Conditions[] = [
  COLD_WOOD,
  { ...COLD_WOOD, water: { ...COLD_WOOD.water, surfaceTempC: 24, clarityM: 2, cover: { kind: 'none', density: 0 } } },
  {
    ...COLD_WOOD,
    species: 'red-drum',
    water: { ...COLD_WOOD.water, setting: 'flat', salinity: 'salt', surfaceTempC: 24, depthM: 1, fishDepthM: 0.7 },
  },
  {
    ...COLD_WOOD,
    species: 'striped-bass',
    water: { ...COLD_WOOD.water, setting: 'surf', salinity: 'salt', surfaceTempC: 15, cover: null },
  },
  {
    ...COLD_WOOD,
    species: 'walleye',
    access: 'ice',
    water: { setting: 'ice', surfaceTempC: 1, depthM: 7, fishDepthM: 6.5 },
  },
];
test.each(WATERS.map((c) => [`${c.species} in ${c.water.setting}`, c] as const))(
  'all three are worth a fifth of the best and fit the mouth, the third is gentler than the first: %s',
  (_, c) => {
    const { plan, ranked } = rankLures(c, { withoutRange: true });
    const at = (key: string) => ranked.find((x) => x.key === key)!;
    const [start, follow, refusal] = [at(plan!.start), at(plan!.follow), at(plan!.refusal)];
    for (const x of [follow, refusal]) {
      expect(x.score).toBeGreaterThanOrEqual(0.2 * ranked[0]!.score);
      expect(Math.exp(x.why.find((w) => w.factor === 'size')!.ln)).toBeGreaterThanOrEqual(0.5);
    }
    expect(plan!.reworked).toEqual([]);
    expect(plan!.gentler.includes('slower')).toBe(refusal.speedMps <= 0.65 * start.speedMps);
    expect(plan!.gentler.includes('smaller')).toBe(refusal.rig.sizeM <= 0.8 * start.rig.sizeM);
    const [f, g] = [familyById(start.family), familyById(refusal.family)];
    expect(g.action).toBeLessThanOrEqual(f.action);
    expect(
      g.action <= f.action - 0.08 ||
        refusal.rig.sizeM <= 0.8 * start.rig.sizeM ||
        refusal.speedMps <= 0.65 * start.speedMps,
    ).toBe(true);
  },
);

/** From loud to quiet. */
const SOME: FamilyId[] = [
  'lipless-vibrating',
  'spinnerbait',
  'deep-crank',
  'suspending-jerkbait',
  'finesse-jig',
  'shaky-head',
];
test('the ladder starts with the lure one starts with, and gives it as many casts', () => {
  const c: Conditions = { ...COLD_WOOD, water: { ...COLD_WOOD.water, surfaceTempC: 21, clarityM: 2.5, cover: null } };
  for (const order of ['loud-first', 'quiet-first'] as const) {
    const { plan, ranked } = rankLures(c, { schools: { order }, families: SOME, withoutRange: true });
    const { ladder } = choosingOf(c, { schools: { order }, families: SOME });
    expect(ladder.length).toBeGreaterThan(1);
    expect([ladder[0]!.key, ladder[0]!.casts]).toEqual([plan!.start, plan!.casts]);
    expect(plan!.casts).toBeGreaterThanOrEqual(4);
    expect(plan!.casts).toBeLessThanOrEqual(20);
    const action = (key: string): number => familyById(ranked.find((x) => x.key === key)!.family).action;
    ladder.slice(1).forEach((r, n) => {
      const [before, now] = [action(ladder[n]!.key), action(r.key)];
      expect(order === 'quiet-first' ? now - before : before - now).toBeGreaterThan(0);
    });
  }
});

const own = (family: FamilyId, id: string = family): OwnLure => {
  const f = familyById(family);
  return { id, family, weightKg: f.weightKg[1], lengthM: f.lengthM[1], hook: f.hook, colour: null, priceMinor: 0 };
};
test('a box of one lure is worked otherwise, and a box without a gentler one says so', () => {
  const one = rankLures(COLD_WOOD, { lures: [own('flipping-jig')], withoutRange: true }).plan!;
  expect(one).toEqual({
    start: 'flipping-jig',
    follow: 'flipping-jig',
    refusal: 'flipping-jig',
    casts: one.casts,
    reworked: ['follow', 'refusal'],
    gentler: [],
  });
  const warm = { ...COLD_WOOD, water: { ...COLD_WOOD.water, surfaceTempC: 20, cover: null } };
  const loud = rankLures(warm, { lures: [own('lipless-vibrating'), own('bladed-jig')], withoutRange: true }).plan!;
  expect(loud.reworked).toContain('refusal');
  expect(rankLures(warm, { lures: [], withoutRange: true }).plan).toBeNull();
});
