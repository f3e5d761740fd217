import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { atWeight, soldWeightsKg } from '../lures/weights';
import type { RodSpec } from '../tackle/rod';
import { speciesProfile } from '../water/species';
import type { SpeciesId } from '../water/terms';
import { scoringOf } from './scoring';
import { bogOf, fallMps, holdOf, neededKg, splashOf, usualKg, wantedFallMps, windOf } from './weight';
import { weigh } from './weighing';

const scoring = (c: ConditionsChange = {}) => {
  const r = usualWater(c);
  return scoringOf(r, speciesProfile(r.species));
};
const chosen = (id: FamilyId, c: ConditionsChange = {}, rods: readonly RodSpec[] | null = null) =>
  weigh(familyById(id), scoring(c).score, rods);
const grams = (id: FamilyId, c: ConditionsChange = {}): number => 1000 * chosen(id, c).score.weightKg;
const at = (id: FamilyId, kg: number) => atWeight(familyById(id), kg);

describe('what holds', () => {
  test('half the usual weight in no water, and nine hundredths more for each metre', () => {
    const worm = familyById('texas-rig');
    const still = { water: { windMps: 1, currentMps: 0 } };
    const at3 = neededKg(worm, usualWater({ water: { ...still.water, depthM: 3 } }));
    expect(at3).toBeCloseTo(usualKg(worm) * 0.77, 9);
    expect(neededKg(at('texas-rig', 0.0035), usualWater({ water: { ...still.water, depthM: 3 } }))).toBeCloseTo(at3, 9);
  });
  test('current, wind and a mat ask for more; a current at little in shallow water', () => {
    const need = (water: ConditionsChange['water']) => neededKg(familyById('texas-rig'), usualWater({ water }));
    expect(need({ windMps: 8 })).toBeCloseTo(need({ windMps: 2 }) * 1.3, 9);
    expect(need({ cover: { kind: 'matted-grass', density: 1 } })).toBeCloseTo(0.02, 9);
    const more = (depthM: number) => need({ depthM, currentMps: 0.5 }) - need({ depthM, currentMps: 0 });
    expect(more(1.2)).toBeLessThan(0.6 * more(6));
  });
  test('at the weight that is needed most is kept, at three quarters of it little', () => {
    const r = usualWater({ water: { depthM: 3 } });
    const kept = (share: number) => holdOf(at('texas-rig', share * neededKg(familyById('texas-rig'), r)), r).of(0);
    expect(kept(1)).toBeGreaterThan(0.75);
    expect(kept(1.2)).toBeGreaterThan(0.9);
    expect(kept(0.75)).toBeLessThan(0.3);
    // Much more than needed is clumsy.
    expect(kept(2.5)).toBeLessThan(kept(1.2));
  });
});

describe('what it costs', () => {
  test('the wanted fall is slow in the cold and quicker as water and mood warm', () => {
    expect(wantedFallMps(5, 1)).toBeLessThan(0.41);
    expect(wantedFallMps(26, 3)).toBeGreaterThan(0.7);
    expect(wantedFallMps(18, 3)).toBeCloseTo(wantedFallMps(18, 1) + 0.08, 9);
  });
  test('a heavier head falls faster on the same body: an eighth at two thirds of three eighths', () => {
    const [light, usual, heavy] = [0.0035, 0.0106, 0.028].map((kg) => fallMps(at('texas-rig', kg))!);
    expect(light! / usual!).toBeGreaterThan(0.5);
    expect(light! / usual!).toBeLessThan(0.75);
    expect(heavy! / usual!).toBeGreaterThan(1.3);
  });
  test('a splash matters where it is shallow, clear and calm at once', () => {
    const lost = (water: ConditionsChange['water']) =>
      1 - splashOf(at('casting-spoon', 0.028), usualWater({ water })).of(0);
    const shy = { clarityM: 3, waveHeightM: 0, fishDepthM: 0.4, depthM: 1 };
    expect(lost(shy)).toBeGreaterThan(0.2);
    expect(lost({ ...shy, clarityM: 0.5 })).toBeLessThan(0.05);
    expect(lost({ ...shy, waveHeightM: 0.2 })).toBeLessThan(0.05);
    expect(lost({ ...shy, fishDepthM: 3, depthM: 4 })).toBeLessThan(0.05);
  });
  test('what is dragged sinks into silt and grass, the heavier the more; not what is pitched into wood', () => {
    const lost = (kg: number, water: ConditionsChange['water']) =>
      1 - bogOf(at('carolina-rig', kg), usualWater({ water })).of(0);
    expect(lost(0.028, { bottom: 'mud' })).toBeGreaterThan(lost(0.0106, { bottom: 'mud' }) + 0.1);
    expect(lost(0.028, { bottom: 'sand' })).toBe(0);
    const wood = { bottom: 'mud' as const, cover: { kind: 'wood' as const, density: 0.5 } };
    expect(1 - bogOf(at('flipping-jig', 0.02), usualWater({ water: wood })).of(0)).toBeLessThan(0.02);
  });
  test('wind takes what hardly pulls: a weightless bait loses a third of its worth, a spinner little', () => {
    const felt = (id: FamilyId, windMps: number) => {
      const s = scoring({ water: { windMps } });
      return windOf(familyById(id), s.context, 0.4).of(0);
    };
    expect(felt('soft-jerk-weightless', 2)).toBeGreaterThan(0.93);
    expect(felt('soft-jerk-weightless', 8)).toBeLessThan(0.7);
    expect(felt('spinnerbait', 8)).toBeGreaterThan(0.9);
    expect(felt('towed-plug', 12)).toBe(1);
  });
});

describe('the weight that is tied on', () => {
  test.each<[string, FamilyId, ConditionsChange, number, number]>([
    [
      'a worm in a metre of reeds',
      'texas-rig',
      { water: { depthM: 1, fishDepthM: 0.7, cover: { kind: 'reeds', density: 0.6 } } },
      5,
      10.9,
    ],
    ['a worm at twelve metres', 'shaky-head', { water: { depthM: 12, fishDepthM: 11.8, clarityM: 3 } }, 6.5, 10.9],
    [
      'a shrimp over a metre of grass',
      'shrimp-imitation',
      { species: 'red-drum', water: { depthM: 0.9, fishDepthM: 0.7 } },
      3,
      5.5,
    ],
    [
      'a tail on a flat',
      'paddletail',
      { species: 'red-drum', water: { depthM: 0.9, fishDepthM: 0.6, windMps: 3 } },
      3,
      7.3,
    ],
    ['through a mat', 'texas-rig', { water: { cover: { kind: 'matted-grass', density: 0.95 } } }, 17, 29],
  ])('%s', (_, id, c, low, high) => {
    expect(grams(id, c)).toBeGreaterThanOrEqual(low);
    expect(grams(id, c)).toBeLessThanOrEqual(high);
  });
  test('in two metres of reeds a worm is worth most between 3/16 and 3/8 oz, and less on both sides', () => {
    const s = scoring({ water: { depthM: 2, fishDepthM: 1.5, cover: { kind: 'reeds', density: 0.5 } } });
    const f = familyById('texas-rig');
    const worth = soldWeightsKg(f).map((kg) => ({ kg, score: s.score(atWeight(f, kg)).score }));
    const best = worth.reduce((a, b) => (b.score > a.score ? b : a));
    expect(best.kg).toBeGreaterThanOrEqual(0.0053);
    expect(best.kg).toBeLessThanOrEqual(0.0106);
    expect(worth[0]!.score).toBeLessThan(0.8 * best.score);
    expect(worth.at(-1)!.score).toBeLessThan(0.85 * best.score);
  });
  test('current asks for more, and says so', () => {
    const bay = (currentMps: number) =>
      chosen('bucktail-jig', { species: 'striped-bass', water: { depthM: 7, fishDepthM: 6, currentMps } });
    expect(bay(0.9).score.weightKg).toBeGreaterThan(bay(0).score.weightKg);
    expect(bay(0.9).choice.notLighter).toBe('hold');
  });
  test('only what a rod throws', () => {
    const rod: RodSpec = { lengthM: 2, minLureKg: 0.002, maxLureKg: 0.008, action: 'fast' };
    const free = chosen('football-jig', { water: { depthM: 6, fishDepthM: 5.8 } });
    expect(free.score.weightKg).toBeGreaterThan(0.015);
    const held = chosen(
      'bucktail-jig',
      { species: 'striped-bass', water: { currentMps: 0.7, depthM: 6, fishDepthM: 5 } },
      [rod],
    );
    expect(held.score.weightKg).toBeLessThanOrEqual(0.0088);
  });
  test('an own lure has its one weight', () => {
    const own = at('texas-rig', 0.02);
    const { score, choice } = weigh(own, scoring().score);
    expect(score.weightKg).toBe(0.02);
    expect(choice).toEqual({ only: true, notLighter: null, notHeavier: null, runnerUpKg: null });
  });
  test('the same place for cold and warm water, one step apart at the most', () => {
    for (const id of ['texas-rig', 'finesse-jig', 'flipping-jig', 'football-jig'] as const) {
      const cold = grams(id, { water: { surfaceTempC: 6, depthM: 4, fishDepthM: 3.8 } });
      const warm = grams(id, { water: { surfaceTempC: 27, depthM: 4, fishDepthM: 3.8 } });
      expect(warm / cold).toBeLessThan(1.6);
      expect(cold).toBeLessThanOrEqual(warm);
    }
  });
});

test.each<[FamilyId, SpeciesId]>([
  ['paddletail', 'red-drum'],
  ['drop-shot', 'largemouth-bass'],
  ['popper', 'striped-bass'],
])('a %s stays inside what it comes in', (id, species) => {
  const f = familyById(id);
  for (const surfaceTempC of [6, 15, 28])
    for (const depthM of [1, 6, 12]) {
      const w = chosen(id, { species, water: { surfaceTempC, depthM, fishDepthM: depthM * 0.9 } }).score.weightKg;
      expect(soldWeightsKg(f)).toContain(w);
    }
});
