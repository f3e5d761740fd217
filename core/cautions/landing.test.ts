import { resolveConditions } from '../water/resolve';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { SPECIES, type SpeciesId } from '../water/terms';
import { LANDING_STEPS, landingSteps } from './landing';

const steps = (
  species: SpeciesId,
  water: Partial<Conditions['water']> = {},
  more: Partial<Conditions> = {},
  trebles = true,
) =>
  landingSteps({
    species: speciesProfile(species),
    reading: resolveConditions({
      species,
      month: 6,
      water: { setting: 'lake', surfaceTempC: 18, depthM: 4, fishDepthM: 2, ...water },
      sky: {},
      ...more,
    } as Conditions),
    trebles,
  });

test('every kind: wet hands before any grip, letting go before the law, nothing twice', () => {
  for (const s of SPECIES) {
    const all = steps(s);
    expect(new Set(all).size).toBe(all.length);
    expect(all.at(-1)).toBe('law');
    for (const grip of ['jaw', 'two-hands', 'rolling-grip', 'pliers-teeth', 'fold-spines', 'no-gills'] as const)
      if (all.includes(grip)) expect(all.indexOf('wet-hands')).toBeLessThan(all.indexOf(grip));
    expect(all.filter((x) => x === 'face-current' || x === 'hold-upright')).toHaveLength(1);
    expect(all.every((x) => LANDING_STEPS.includes(x))).toBe(true);
  }
});

test.each([
  ['largemouth-bass', 'jaw', true],
  ['crappie', 'net-soft-mouth', true],
  ['crappie', 'jaw', false],
  ['snakehead', 'rolling-grip', true],
  ['bluefish', 'pliers-teeth', true],
  ['bluefish', 'jaw', false],
  ['snook', 'no-gills', true],
  ['tarpon', 'two-hands', true],
] as const)('%s: %s %s', (species, step, has) => {
  expect(steps(species).includes(step)).toBe(has);
});

test('warm for this fish, not warm in itself', () => {
  expect(steps('rainbow-trout', { surfaceTempC: 21 })).toContain('warm-water');
  expect(steps('largemouth-bass', { surfaceTempC: 21 })).not.toContain('warm-water');
  expect(steps('largemouth-bass', { surfaceTempC: 32 })).toContain('warm-water');
});

test('from nine metres down the gas in it has grown', () => {
  expect(steps('walleye', { depthM: 12, fishDepthM: 9 })).toContain('from-depth');
  expect(steps('walleye', { depthM: 12, fishDepthM: 8.9 })).not.toContain('from-depth');
});

test('where one stands, the hook and the current', () => {
  expect(steps('walleye', { setting: 'ice', surfaceTempC: 0.5 })).toEqual(
    expect.arrayContaining(['up-the-hole', 'frozen-gills']),
  );
  expect(steps('striped-bass', { setting: 'surf' }, { access: 'surf' })).toContain('with-a-wave');
  expect(steps('striped-bass', {}, {}, false)).toContain('single');
  expect(steps('largemouth-bass', { currentMps: 0.15 })).toContain('face-current');
  expect(steps('largemouth-bass', { currentMps: 0.14 })).toContain('hold-upright');
  expect(steps('largemouth-bass', {}, { behaviour: 'guarding' })).toContain('bed');
});
