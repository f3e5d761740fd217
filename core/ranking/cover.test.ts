import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { allFamilies, familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { spreadMood } from '../mood/states';
import { atWeight } from '../lures/weights';
import { scoringOf } from './scoring';
import { speciesProfile } from '../water/species';
import type { SpeciesId } from '../water/terms';
import { DEFAULT_SCHOOLS } from './schools';
import { afterStrike, besideCastM, passingOf, snagChance } from './cover';

const passing = (id: FamilyId, water: ConditionsChange['water'], mood = 0): number =>
  passingOf(familyById(id), { r: usualWater({ water }), mood: spreadMood(mood, 1e-3) }).of(mood);

test('where fish sit on single pieces of cover half of a long cast goes by none; what is pitched at them does not', () => {
  const docks = { cover: { kind: 'dock' as const, density: 0.5 } };
  expect(passing('spinnerbait', docks)).toBeCloseTo(0.5, 9);
  expect(passing('flipping-jig', docks)).toBeGreaterThan(0.95);
  expect(passing('spinnerbait', { cover: { kind: 'submerged-grass', density: 0.5 } })).toBe(1);
  expect(passing('spinnerbait', { cover: { kind: 'none', density: 0 } })).toBe(1);
  // Half a quarter of cover is half as spotty.
  expect(passing('spinnerbait', { cover: { kind: 'dock', density: 0.125 } })).toBeCloseTo(0.75, 9);
});

test('what is hung beside a piece is thrown just past it, a lure drawn along it passes much water', () => {
  const docks = { cover: { kind: 'dock' as const, density: 0.5 } };
  expect(passing('panfish-jig-straight', docks)).toBeCloseTo(0.75, 9);
  expect(passing('panfish-jig-action', docks)).toBeCloseTo(0.5, 9);
  const cast = (water: ConditionsChange['water'], depthM: number): number | null =>
    besideCastM(familyById('panfish-jig-straight'), usualWater({ water }), depthM);
  expect([cast(docks, 3), cast(docks, 0.2), cast(docks, 20)]).toEqual([10, 8, 15]);
  expect(cast({ cover: { kind: 'none', density: 0 } }, 3)).toBeNull();
  expect(besideCastM(familyById('panfish-jig-action'), usualWater({ water: docks }), 3)).toBeNull();
});

test('lively fish come off their piece to what goes by', () => {
  const docks = { cover: { kind: 'dock' as const, density: 0.5 } };
  const byMood = [0, 1, 2, 3, 4].map((m) => passing('spinnerbait', docks, m));
  expect(byMood).toEqual([0.5, 0.5, 0.525, 0.6, 0.7].map((v) => expect.closeTo(v, 9)));
  const { facts } = passingOf(familyById('spinnerbait'), {
    r: usualWater({ water: docks }),
    mood: [0, 0, 0, 0.5, 0.5],
  });
  expect(facts.share).toBeCloseTo(0.65, 9);
});

test('what is heavier wedges itself sooner: twice the weight, a third more snags', () => {
  const r = usualWater({ water: { cover: { kind: 'rock', density: 0.4 }, bottom: 'rock' } });
  for (const f of allFamilies().filter((x) => x.mode === 'bottom')) {
    const [light, heavy] = [0.8, 1.6].map((share) => snagChance(atWeight(f, share * f.weightKg[1]), r));
    expect(heavy! / light!).toBeCloseTo(2 ** 0.4, 6);
  }
});

test('of those that strike so many are hooked: by the hook, the line and the mouth', () => {
  const hooked = (id: FamilyId, species: SpeciesId, line: 'braid-and-leader' | 'fluorocarbon'): number => {
    const options = { schools: { ...DEFAULT_SCHOOLS, line } };
    const { context } = scoringOf(usualWater({ species }), speciesProfile(species), options);
    return Number(afterStrike(familyById(id), context, 60)[0]!.facts.chance);
  };
  const treble = familyById('deep-crank').hooking;
  expect(hooked('deep-crank', 'largemouth-bass', 'braid-and-leader')).toBeCloseTo(treble, 9);
  expect(hooked('deep-crank', 'largemouth-bass', 'fluorocarbon')).toBeCloseTo(1.04 * treble, 9);
  expect(hooked('deep-crank', 'crappie', 'braid-and-leader')).toBeCloseTo(0.95 * treble, 9);
  expect(hooked('deep-crank', 'crappie', 'fluorocarbon')).toBeCloseTo(0.95 * 1.04 * treble, 9);
  const single = familyById('spinnerbait').hooking;
  expect(hooked('spinnerbait', 'crappie', 'braid-and-leader')).toBeCloseTo(single, 9);
  expect(hooked('spinnerbait', 'crappie', 'fluorocarbon')).toBeCloseTo(0.98 * single, 9);
});
