/**
 * What the figures are today, lure by lure and factor by factor, in waters that differ in all that counts. A change in
 * any of them must be meant: then `npx jest core/ranking/pinned -u` writes them anew, and the difference shows what it
 * moved.
 */
import type { Conditions, Water } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { atWeight } from '../lures/weights';
import { chooseHooks } from './hooks';
import { chooseJoints } from './joints';
import { pairingFaults } from './pairing';
import { breakEvens } from './breakEven';
import { choosingOf } from './choosing';
import { rankLures, rankWithGrounds, type RankOptions } from './rank';
import { rigReasons } from './rigReasons';
import { DEFAULT_SCHOOLS } from './schools';
import { schoolEffects } from './schoolEffects';
import { weakestLink } from './weakest';

const FEW: FamilyId[] = [
  'walking-bait',
  'suspending-jerkbait',
  'lipless-vibrating',
  'bladed-jig',
  'inline-spinner',
  'paddletail',
  'soft-jerk-weightless',
  'texas-rig',
  'finesse-jig',
  'popping-cork-shrimp',
  'panfish-jig-action',
  'slender-metal',
  'vertical-metal-jig',
  'towed-plug',
  'ice-gliding-jig',
  'ice-dead-stick',
  'big-swimbait',
];
const at = (species: Conditions['species'], water: Partial<Water>, more: Partial<Conditions> = {}): Conditions => ({
  species,
  month: 5,
  ...more,
  water: { setting: 'lake', surfaceTempC: 19, clarityM: 1.1, depthM: 3, fishDepthM: 1.4, windMps: 2, ...water },
  sky: { cloud: 0.3, sunElevationDeg: 25, front: 'none', ...more.sky },
});
const WATERS: Record<string, Conditions> = {
  'bass in wood, bites on the pause': at(
    'largemouth-bass',
    { cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.02 }, bottom: 'mud' },
    { forage: ['crawfish'], signs: [{ kind: 'bite-on-pause', count: 2, minutesAgo: 10 }] },
  ),
  'cold, clear, pressed, over rock': at(
    'smallmouth-bass',
    { surfaceTempC: 7, tempChange3dC: -2, clarityM: 3.2, depthM: 8, fishDepthM: 6, bottom: 'rock' },
    { month: 11, pressure: 'high', forage: ['shad'], forageAbundance: 'scarce' },
  ),
  'full fish in thick bait': at(
    'white-bass',
    { setting: 'reservoir', surfaceTempC: 26, depthM: 7, fishDepthM: 3, waveHeightM: 0.3, windMps: 6 },
    { month: 8, forage: ['shad'], forageAbundance: 'thick', baitSeen: true, pressure: 'low' },
  ),
  'a flat in grass at dusk': at(
    'red-drum',
    {
      setting: 'flat',
      salinity: 'salt',
      surfaceTempC: 25,
      depthM: 0.9,
      fishDepthM: 0.6,
      clarityM: 0.6,
      cover: { kind: 'submerged-grass', density: 0.4 },
      bottom: 'sand',
    },
    { month: 9, forage: ['shrimp-large', 'mullet'], access: 'wade', sky: { cloud: 0.9, sunElevationDeg: -2 } },
  ),
  'a jetty in wind and current': at(
    'striped-bass',
    { setting: 'jetty', salinity: 'salt', surfaceTempC: 14, depthM: 6, fishDepthM: 2, windMps: 8, currentMps: 0.6 },
    { forage: ['menhaden'], access: 'jetty', signs: [{ kind: 'empty-cast', count: 30, zoneShare: 0.5 }] },
  ),
  'deep under a boat': at(
    'lake-trout',
    { surfaceTempC: 12, depthM: 25, fishDepthM: 20, clarityM: 5 },
    { access: 'bow', forage: ['silverside'] },
  ),
  'through ice': at(
    'walleye',
    { setting: 'ice', surfaceTempC: 1, depthM: 7, fishDepthM: 6.3 },
    { month: 2, access: 'ice' },
  ),
  'on a bed': at(
    'largemouth-bass',
    { depthM: 1.5, fishDepthM: 1.4, clarityM: 2.5 },
    {
      month: 4,
      behaviour: 'guarding',
      signs: [
        { kind: 'flare', count: 2, minutesAgo: 2, lure: 'big-swimbait' },
        { kind: 'empty-cast', count: 6, lure: 'finesse-jig' },
      ],
    },
  ),
};
/** Lures whose factors are told with what they rest on, and lures whose rig is told. */
const TOLD = 2;
const RIGGED = 5;
const short = (v: number): string => (v === 0 ? '0' : Number(v.toPrecision(4)).toString());
const facts = (f: Record<string, unknown>): string =>
  Object.entries(f)
    .map(([k, v]) => `${k} ${typeof v === 'number' ? short(v) : JSON.stringify(v)}`)
    .join(', ');

/** Own lures: one weight, one colour; one of them planned. */
const OWN = ['paddletail', 'suspending-jerkbait', 'texas-rig'].map((id) => {
  const f = familyById(id as FamilyId);
  return {
    id: `own-${id}`,
    family: f.id,
    weightKg: f.weightKg[1],
    lengthM: f.lengthM[1],
    hook: f.hook,
    colour: 'white' as const,
    priceMinor: 300,
  };
});
const PLANNED = {
  'own-suspending-jerkbait': {
    weightKg: familyById('suspending-jerkbait').weightKg[1],
    zoneShare: 0.4,
    depthM: 1.3,
    flightM: 24,
    castS: 50,
    castsPerHour: 59,
    speedMps: 0.3,
    movingMps: 0.9,
  },
};

// All is worked out inside the test: what a test does not do itself it cannot notice.
const SCHOOLS = { ignored: 'reaction', full: 'slow', hatch: 'exact' } as const;
const ALL: [string, RankOptions][] = Object.keys(WATERS).map((name) => [name, { families: FEW }]);
const WITH_OWN: [string, RankOptions][] = Object.keys(WATERS)
  .slice(0, 2)
  .map((name) => [name, { lures: OWN, planned: PLANNED }]);
const BY_SCHOOL: [string, RankOptions][] = Object.keys(WATERS)
  .slice(2, 3)
  .map((name) => [name, { families: FEW.slice(0, 6), schools: SCHOOLS, withoutRange: true }]);
describe.each([
  ['kinds of lures', ALL],
  ['own lures, one planned', WITH_OWN],
  ['by other schools', BY_SCHOOL],
])('%s', (_what, waters) => {
  test.each(waters)('%s', (name, options) => {
    const c = WATERS[name]!;
    const { ranking, scoring } = rankWithGrounds(c, options);
    const factors = ranking.ranked.flatMap((x, n) => [
      `${x.key}: ${short(x.score)} hooked, ${short(x.strikesPerHour)} (${short(x.low)}–${short(x.high)}) strikes an hour`,
      `  ${facts({ ...x.zone, depthM: x.workingDepthM, speedMps: x.speedMps, weightKg: x.weightKg, byPlan: x.byPlan })}`,
      ...(n < TOLD
        ? x.why.map((w) => `  ${w.factor} ${short(w.ln)} (${facts(w.facts)})`)
        : [`  ${x.why.map((w) => `${w.factor} ${short(w.ln)}`).join(', ')}`]),
    ]);
    expect(factors).toMatchSnapshot();

    const species = speciesProfile(c.species);
    const line = { material: 'braid', strengthLb: 20 } as const;
    const rod = { lengthM: 2.1, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' } as const;
    const rigs = ranking.ranked.slice(0, RIGGED).flatMap((x) => {
      const f = atWeight(familyById(x.family), x.weightKg);
      const joints = chooseJoints(f, line, species, scoring.reading, DEFAULT_SCHOOLS);
      return [
        `${x.key}: ${facts({ ...x.rig })}`,
        ...rigReasons(x.rig, f, scoring.reading, species, x.weighing, DEFAULT_SCHOOLS).map(
          (r) => `  ${facts({ ...r })}`,
        ),
        `  ${facts({ ...joints, ...chooseHooks(f, x.rig, species, scoring.reading), ...weakestLink(line, joints) })}`,
        `  ${JSON.stringify(pairingFaults(f, x.weightKg, { rod, line }, species, scoring.reading))}`,
      ];
    });
    expect(rigs).toMatchSnapshot();

    const { excluded, plan, mood, branch } = ranking;
    expect({ excluded, plan, branch, mood: mood.distribution.map(short) }).toMatchSnapshot();
  });
});

const ROUND = { families: FEW.slice(0, 8), withoutRange: true };
test.each(['bass in wood, bites on the pause', 'cold, clear, pressed, over rock'])(
  'what would change it: %s',
  (name) => {
    const c = WATERS[name]!;
    const { ladder } = choosingOf(c, ROUND);
    expect(breakEvens(c, ROUND).map((b) => facts({ ...b }))).toMatchSnapshot();
    expect(ladder.map((r) => facts({ ...r }))).toMatchSnapshot();
  },
);
test('what another school would change', () => {
  const c = { ...WATERS['bass in wood, bites on the pause']!, forageAbundance: 'thick' as const };
  expect(schoolEffects(c, ROUND).map((e) => JSON.stringify(e))).toMatchSnapshot();
  expect(rankLures(c, { ...ROUND, schools: { order: 'quiet-first' } }).plan).toMatchSnapshot();
});
