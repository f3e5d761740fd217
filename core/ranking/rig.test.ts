import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { speciesProfile } from '../water/species';
import { allFamilies, familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { choosePeg, chooseRig, chooseSizeM, chooseWeightKg, holdingWeightKg, wantedFallMps, type Rig } from './rig';
import { FISHING_PRESSURES } from '../water/terms';

const bass = speciesProfile('largemouth-bass');
const rig = (id: FamilyId, c: ConditionsChange = {}, mood = 2): Rig =>
  chooseRig(familyById(id), usualWater(c), bass, mood);

describe('weight', () => {
  test('the wanted fall is slow in the cold and quicker as water and mood warm', () => {
    expect(wantedFallMps(5, 1)).toBeLessThan(0.35);
    expect(wantedFallMps(26, 3)).toBeGreaterThan(0.7);
    expect(wantedFallMps(18, 3)).toBeGreaterThan(wantedFallMps(18, 1));
  });

  test('cold water gets a lighter jig than warm', () => {
    const jig = familyById('flipping-jig');
    expect(chooseWeightKg(jig, usualWater({ water: { surfaceTempC: 6 } }), 1)).toBeLessThan(
      chooseWeightKg(jig, usualWater({ water: { surfaceTempC: 27 } }), 3),
    );
  });

  test('current, wind and depth ask for more', () => {
    const spoon = familyById('casting-spoon');
    const still = holdingWeightKg(spoon, usualWater());
    expect(holdingWeightKg(spoon, usualWater({ water: { currentMps: 0.8 } }))).toBeGreaterThan(still);
    expect(holdingWeightKg(spoon, usualWater({ water: { windMps: 11 } }))).toBeGreaterThan(still);
    expect(holdingWeightKg(spoon, usualWater({ water: { depthM: 9, fishDepthM: 8 } }))).toBeGreaterThan(still);
    expect(
      chooseWeightKg(spoon, usualWater({ water: { currentMps: 0.9, depthM: 10, fishDepthM: 9 } }), 2),
    ).toBeGreaterThan(0.05);
  });

  test('a current pulls at the line that hangs in it: in shallow water it asks for little', () => {
    const spinner = familyById('inline-spinner');
    const more = (depthM: number): number =>
      holdingWeightKg(spinner, usualWater({ water: { depthM, fishDepthM: depthM - 0.3, currentMps: 0.5 } })) -
      holdingWeightKg(spinner, usualWater({ water: { depthM, fishDepthM: depthM - 0.3 } }));
    expect(more(1.2)).toBeLessThan(0.6 * more(6));
    expect(
      chooseWeightKg(spinner, usualWater({ water: { depthM: 1.2, fishDepthM: 0.9, currentMps: 0.5 } }), 2),
    ).toBeLessThanOrEqual(0.0091);
  });

  test('a mat asks for weight to get through', () => {
    const worm = familyById('texas-rig');
    expect(
      chooseWeightKg(worm, usualWater({ water: { cover: { kind: 'matted-grass', density: 1 } } }), 2),
    ).toBeGreaterThanOrEqual(0.014);
  });

  test.each(['popper', 'suspending-jerkbait', 'square-bill'] as const)('a %s comes in its own weight', (id) => {
    const f = familyById(id);
    const w = chooseWeightKg(f, usualWater(), 2);
    expect(Math.abs(w - f.weightKg[1])).toBeLessThan(0.004);
  });

  test.each(['paddletail', 'football-jig', 'panfish-jig-action', 'drop-shot'] as const)(
    'a %s stays inside what it comes in',
    (id) => {
      const f = familyById(id);
      for (const temp of [4, 15, 28])
        for (const depthM of [1, 6, 12]) {
          const w = chooseWeightKg(
            f,
            usualWater({ water: { surfaceTempC: temp, depthM, fishDepthM: depthM * 0.9 } }),
            2,
          );
          expect(w).toBeGreaterThanOrEqual(f.weightKg[0] * 0.95);
          expect(w).toBeLessThanOrEqual(f.weightKg[2] * 1.05);
        }
    },
  );
});

describe('colour', () => {
  test.each([
    ['dark in mud', 'paddletail', { water: { clarityM: 0.3 } }, 'dark'],
    ['dark at night', 'paddletail', { sky: { sunElevationDeg: -20 } }, 'dark'],
    ['craw where they eat crawfish', 'finesse-jig', { forage: ['crawfish'] }, 'craw'],
    ['flash in sun and clear water', 'casting-spoon', { sky: { sunElevationDeg: 50, cloud: 0 } }, 'flash'],
    ['white where they eat shad', 'swim-jig', { forage: ['shad'] }, 'white'],
    ['opaque on a grey day', 'paddletail', { sky: { cloud: 1, sunElevationDeg: 40 } }, 'opaque'],
    ['natural in clear', 'texas-rig', {}, 'natural'],
  ] as [string, FamilyId, ConditionsChange, string][])('%s', (_name, id, c, colour) => {
    expect(rig(id, c).colour).toBe(colour);
  });
});

describe('trailer, hook and noise', () => {
  test.each([
    ['flat in the cold', 'flipping-jig', { water: { surfaceTempC: 8 } }, 'flat'],
    ['flapping in the warm', 'flipping-jig', { water: { surfaceTempC: 26 } }, 'flapping'],
    ['a paddle on a cool swim jig', 'swim-jig', { water: { surfaceTempC: 15 } }, 'paddle'],
    ['none where there is none', 'popper', {}, 'none'],
    ['its own curl', 'panfish-jig-action', {}, 'curl'],
  ] as [string, FamilyId, ConditionsChange, string][])('%s', (_name, id, c, trailer) => {
    expect(rig(id, c).trailer).toBe(trailer);
  });

  test('shut fish get a still trailer whatever the warmth', () => {
    expect(rig('flipping-jig', { water: { surfaceTempC: 26 } }, 0.6).trailer).toBe('flat');
  });

  test.each([
    ['weedless in oyster', 'paddletail', { water: { cover: { kind: 'oyster', density: 0.6 } } }, 'weedless'],
    [
      'weedless in grass',
      'shrimp-imitation',
      { water: { cover: { kind: 'submerged-grass', density: 0.5 } } },
      'weedless',
    ],
    ['single in the open', 'paddletail', {}, 'single'],
    ['trebles stay trebles', 'square-bill', { water: { cover: { kind: 'wood', density: 0.4 } } }, 'treble'],
  ] as [string, FamilyId, ConditionsChange, string][])('%s', (_name, id, c, hook) => {
    expect(rig(id, c).hook).toBe(hook);
  });

  test('a rattle in murk, silence in clear, and never for hard-fished fish', () => {
    const murk = { water: { clarityM: 0.4 } };
    expect(rig('flipping-jig', murk).noise).toBe('rattle');
    expect(rig('flipping-jig').noise).toBe('silent');
    expect(rig('flipping-jig', { ...murk, pressure: FISHING_PRESSURES[2] }).noise).toBe('silent');
    expect(rig('bladed-jig').noise).toBe('thump');
    expect(rig('popper').noise).toBe('rattle');
  });
});

describe('peg', () => {
  const worm = familyById('texas-rig');
  const wood = (density: number, branchDiameterM: number) =>
    usualWater({ water: { cover: { kind: 'wood', density, branchDiameterM } } });
  test.each([
    ['thin branches', wood(0.8, 0.008), true],
    ['thick limbs', wood(0.4, 0.09), false],
    ['open water', usualWater(), false],
    ['a mat', usualWater({ water: { cover: { kind: 'matted-grass', density: 0.9 } } }), true],
  ] as const)('by the cover: %s', (_name, r, peg) => {
    expect(choosePeg(worm, r, 'by-cover')).toBe(peg);
    expect(choosePeg(worm, r, 'free')).toBe(false);
  });

  test('nothing to peg on a jig', () => {
    expect(choosePeg(familyById('flipping-jig'), wood(0.8, 0.008), 'by-cover')).toBeNull();
  });
});

describe('size', () => {
  const f = familyById('paddletail');
  test('larger when bait is thick, smaller when it is scarce or cold', () => {
    const normal = chooseSizeM(f, usualWater(), bass);
    expect(chooseSizeM(f, usualWater({ forageAbundance: 'thick' }), bass)).toBeGreaterThan(normal);
    expect(chooseSizeM(f, usualWater({ forageAbundance: 'scarce' }), bass)).toBeLessThan(normal);
    expect(chooseSizeM(f, usualWater({ water: { surfaceTempC: 5 } }), bass)).toBeLessThan(normal);
  });

  test('never larger than the mouth takes while the family has smaller', () => {
    expect(chooseSizeM(f, usualWater(), speciesProfile('crappie'))).toBeLessThanOrEqual(
      speciesProfile('crappie').preyLengthM[2],
    );
  });
});

test('metal that must be heavy is long as well, a head is heavy by itself', () => {
  const ripping = { water: { depthM: 10, fishDepthM: 9, currentMps: 0.9 } };
  const size = (id: FamilyId, c: ConditionsChange): number => chooseSizeM(familyById(id), usualWater(c), bass);
  expect(size('casting-spoon', ripping)).toBeGreaterThan(1.15 * size('casting-spoon', {}));
  // Like shapes: within a tenth of the length that its weight has by the family's middle one.
  const spoon = familyById('casting-spoon');
  const { weightKg, sizeM } = rig('casting-spoon', ripping);
  expect(Math.abs(Math.log(sizeM / (spoon.lengthM[1] * Math.cbrt(weightKg / spoon.weightKg[1]))))).toBeLessThan(0.15);
  expect(size('bucktail-jig', ripping)).toBe(size('bucktail-jig', {}));
  // Never out of what the family comes in.
  for (const f of allFamilies()) {
    const L = size(f.id, ripping);
    expect(L).toBeGreaterThanOrEqual(f.lengthM[0]);
    expect(L).toBeLessThanOrEqual(f.lengthM[2]);
  }
});
