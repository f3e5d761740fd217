import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { allFamilies, familyById } from '../lures/families';
import { atWeight } from '../lures/weights';
import { passingOf, snagChance } from './cover';

const passing = (id: Parameters<typeof familyById>[0], water: ConditionsChange['water']): number =>
  passingOf(familyById(id), usualWater({ water })).of(0);

test('where fish sit on single pieces of cover half of a long cast goes by none; what is pitched at them does not', () => {
  const docks = { cover: { kind: 'dock' as const, density: 0.5 } };
  expect(passing('spinnerbait', docks)).toBeCloseTo(0.5, 9);
  expect(passing('flipping-jig', docks)).toBeGreaterThan(0.95);
  expect(passing('spinnerbait', { cover: { kind: 'submerged-grass', density: 0.5 } })).toBe(1);
  expect(passing('spinnerbait', { cover: { kind: 'none', density: 0 } })).toBe(1);
  // Half a quarter of cover is half as spotty.
  expect(passing('spinnerbait', { cover: { kind: 'dock', density: 0.125 } })).toBeCloseTo(0.75, 9);
});

test('what is heavier wedges itself sooner: twice the weight, a third more snags', () => {
  const r = usualWater({ water: { cover: { kind: 'rock', density: 0.4 }, bottom: 'rock' } });
  for (const f of allFamilies().filter((x) => x.mode === 'bottom')) {
    const [light, heavy] = [0.8, 1.6].map((share) => snagChance(atWeight(f, share * f.weightKg[1]), r));
    expect(heavy! / light!).toBeCloseTo(2 ** 0.4, 6);
  }
});
