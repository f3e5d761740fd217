import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { chooseJoints, neededLb, pairingFaults } from './joints';
import type { LineSpec } from '../tackle/line';
import type { SpeciesId } from '../water/terms';
import { resolveConditions } from '../water/resolve';

const read = (water: Partial<Conditions['water']> = {}, species: SpeciesId = 'largemouth-bass') =>
  resolveConditions({ species, water: { setting: 'lake', depthM: 3, ...water } });
const BRAID: LineSpec = { material: 'braid', strengthLb: 20 };
const joints = (
  id: FamilyId,
  line: LineSpec,
  species: SpeciesId = 'largemouth-bass',
  water: Partial<Conditions['water']> = {},
  school: 'braid-and-leader' | 'fluorocarbon' = 'braid-and-leader',
) => chooseJoints(familyById(id), line, speciesProfile(species), read(water, species), { line: school });

test('teeth ask for wire whatever the lure', () => {
  for (const id of ['popper', 'casting-spoon', 'bucktail-jig'] as const)
    expect(joints(id, BRAID, 'bluefish', { setting: 'inlet' })).toMatchObject({
      leader: { material: 'wire' },
      leaderWhy: 'teeth',
      toLure: 'haywire-twist',
    });
});
test('a loop lets a plug wobble, a jig is tied direct, a spinner gets a swivel', () => {
  expect(joints('suspending-jerkbait', BRAID)).toMatchObject({ end: 'loop', toLure: 'non-slip-loop' });
  expect(joints('flipping-jig', BRAID).end).toBe('direct');
  expect(joints('inline-spinner', BRAID).end).toBe('swivel');
});
test('braid gets a leader, but none on top of a mat; one line throughout needs none', () => {
  expect(joints('paddletail', BRAID).leader?.material).toBe('fluorocarbon');
  expect(
    joints('hollow-frog', { material: 'braid', strengthLb: 50 }, 'largemouth-bass', {
      cover: { kind: 'matted-grass', density: 0.8 },
    }).leader,
  ).toBeNull();
  expect(joints('paddletail', { material: 'fluorocarbon', strengthLb: 10 })).toMatchObject({
    leader: null,
    leaderWhy: 'same-line',
  });
  expect(joints('paddletail', BRAID, 'largemouth-bass', {}, 'fluorocarbon').leader).toBeNull();
});
test('the trace of a long leader rig breaks before the main line', () => {
  expect(joints('carolina-rig', BRAID).leader!.strengthLb).toBeLessThan(BRAID.strengthLb);
});
test('cover asks for more line, panfish for less', () => {
  const bass = speciesProfile('largemouth-bass');
  const open = neededLb(bass, read({ cover: { kind: 'none' } }));
  expect(neededLb(bass, read({ cover: { kind: 'pads', density: 0.8 } }))).toBeGreaterThan(2 * open);
  expect(neededLb(speciesProfile('bluegill'), read({}, 'bluegill'))).toBeLessThan(open);
});
test.each([
  [
    'rod-too-light',
    0.05,
    { rod: { lengthM: 2, minLureKg: 0.005, maxLureKg: 0.02, action: 'fast' as const }, line: BRAID },
    {},
    'largemouth-bass',
  ],
  [
    'rod-too-heavy',
    0.001,
    {
      rod: { lengthM: 2, minLureKg: 0.005, maxLureKg: 0.02, action: 'fast' as const },
      line: { material: 'nylon' as const, strengthLb: 4 },
    },
    {},
    'largemouth-bass',
  ],
  [
    'line-too-weak',
    0.01,
    { rod: null, line: { material: 'nylon' as const, strengthLb: 6 } },
    { cover: { kind: 'pads' as const, density: 0.8 } },
    'largemouth-bass',
  ],
  ['line-too-thick', 0.002, { rod: null, line: { material: 'braid' as const, strengthLb: 40 } }, {}, 'largemouth-bass'],
  ['no-wire', 0.02, { rod: null, line: BRAID, wired: false }, { setting: 'inlet' as const }, 'bluefish'],
  ['drag-of-braid', 0.003, { rod: null, line: { material: 'braid' as const, strengthLb: 10 } }, {}, 'crappie'],
] as const)('%s is said before it costs a fish', (code, weightKg, tackle, water, species) => {
  const family = familyById(code === 'drag-of-braid' ? 'suspending-jerkbait' : 'paddletail');
  const faults = pairingFaults(
    family,
    weightKg,
    tackle,
    speciesProfile(species),
    read(water as Partial<Conditions['water']>, species),
  );
  expect(faults.map((f) => f.code)).toContain(code);
});
test('what goes together raises nothing', () => {
  expect(
    pairingFaults(
      familyById('paddletail'),
      0.01,
      {
        rod: { lengthM: 2.1, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' },
        line: { material: 'braid', strengthLb: 15 },
      },
      speciesProfile('largemouth-bass'),
      read(),
    ),
  ).toEqual([]);
});
