import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { speciesProfile } from '../water/species';
import { allFamilies, familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { atWeight, soldWeightsKg } from '../lures/weights';
import { choosePeg, chooseRig, chooseSizeM, type Rig } from './rig';
import { FISHING_PRESSURES } from '../water/terms';

const bass = speciesProfile('largemouth-bass');
const rig = (id: FamilyId, c: ConditionsChange = {}, mood = 2): Rig =>
  chooseRig(familyById(id), usualWater(c), bass, mood);

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
    ['a paddle on a swim jig among shad', 'swim-jig', { forage: ['shad'] }, 'paddle'],
    ['what beats on one elsewhere', 'swim-jig', { forage: ['bluegill'], water: { surfaceTempC: 10 } }, 'flapping'],
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
    ['weedless among stones', 'shrimp-imitation', { water: { cover: { kind: 'rock', density: 0.4 } } }, 'weedless'],
    [
      'a spoon over stones as it comes',
      'casting-spoon',
      { water: { cover: { kind: 'rock', density: 0.4 } } },
      'single',
    ],
    ['single in the open', 'paddletail', {}, 'single'],
    ['trebles stay trebles', 'square-bill', { water: { cover: { kind: 'wood', density: 0.4 } } }, 'treble'],
  ] as [string, FamilyId, ConditionsChange, string][])('%s', (_name, id, c, hook) => {
    expect(rig(id, c).hook).toBe(hook);
  });

  test('a rattle is worth it in murk, in waves and in the dark, and not on the line between', () => {
    const noise = (c: ConditionsChange) => rig('flipping-jig', c).noise;
    const clear = { clarityM: 0.7, waveHeightM: 0.25 };
    expect(noise({ water: clear })).toBe('silent');
    expect(noise({ water: { ...clear, clarityM: 0.69 } })).toBe('rattle');
    expect(noise({ water: { ...clear, waveHeightM: 0.26 } })).toBe('rattle');
    expect(noise({ water: clear, sky: { sunElevationDeg: -20, cloud: 0.4 } })).toBe('rattle');
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
  const size = (id: FamilyId, kg: number): number => chooseSizeM(atWeight(familyById(id), kg), usualWater(), bass);
  expect(size('casting-spoon', 0.042)).toBeGreaterThan(1.15 * size('casting-spoon', 0.014));
  // Like shapes: within an eighth of the length that its weight has by the family's middle one.
  const spoon = familyById('casting-spoon');
  const like = spoon.lengthM[1] * Math.cbrt(0.042 / spoon.weightKg[1]);
  expect(Math.abs(Math.log(size('casting-spoon', 0.042) / like))).toBeLessThan(0.125);
  expect(size('bucktail-jig', 0.014)).toBe(size('bucktail-jig', 0.042));
  // Never out of what the family comes in.
  for (const f of allFamilies())
    for (const kg of soldWeightsKg(f)) {
      const L = size(f.id, kg);
      expect(L).toBeGreaterThanOrEqual(f.lengthM[0]);
      expect(L).toBeLessThanOrEqual(f.lengthM[2]);
    }
});
