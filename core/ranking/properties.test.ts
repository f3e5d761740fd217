/**
 * What must hold in any water, over five hundred of them (seeded): refusals never raise the best rate, bites never
 * lower it nor the mood; and weight is felt: of five weights of one lure the best is worth a seventh more than the
 * worst.
 */
import { seededRandom } from '../base/random';
import { anyWaters } from '../fixtures/anyWater';
import { allFamilies } from '../lures/families';
import type { FamilyId } from '../lures/family';
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
