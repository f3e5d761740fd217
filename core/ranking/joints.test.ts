import { allFamilies, familyById } from '../lures/families';
import type { FamilyId, Hook } from '../lures/family';
import { atWeight } from '../lures/weights';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { chooseJoints } from './joints';
import { neededLb } from './pull';
import { chooseHooks } from './hooks';
import { pairingFaults } from './pairing';
import { DEFAULT_SCHOOLS } from './schools';
import { weakestLink } from './weakest';
import type { LineSpec } from '../tackle/line';
import { SPECIES, type SpeciesId } from '../water/terms';
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
test.each([
  ['metal and plugs hang on a snap', 'snap', ['suspending-jerkbait', 'popper', 'slender-metal', 'blade-bait']],
  [
    'jigs, worms and frogs are tied',
    'direct',
    ['flipping-jig', 'texas-rig', 'bucktail-jig', 'hollow-frog', 'paddletail'],
  ],
  ['what spins gets a swivel', 'swivel', ['inline-spinner']],
] as const)('%s', (_, end, families) => {
  for (const id of families) expect([id, joints(id, BRAID).end]).toEqual([id, end]);
});
test('a snap would weigh down what is tiny: a loop', () => {
  const tiny = atWeight(familyById('floating-minnow'), 0.003);
  const { end, toLure } = chooseJoints(tiny, BRAID, speciesProfile('crappie'), read({}, 'crappie'), DEFAULT_SCHOOLS);
  expect([end, toLure]).toEqual(['loop', 'non-slip-loop']);
});
describe('the leader', () => {
  const strength = (...a: Parameters<typeof joints>): number => joints(...a).leader!.strengthLb;
  test.each([
    ['lake-trout', 12, 16],
    ['coho-salmon', 18, 20],
    ['chinook-salmon', 20, 25],
  ] as const)('below a boat in clear water: six to eight feet, %s %d–%d lb', (species, lo, hi) => {
    const { leader } = joints('vertical-metal-jig', { material: 'braid', strengthLb: 30 }, species, { clarityM: 5 });
    expect(leader!.lengthM).toBeGreaterThan(1.8);
    expect(leader!.lengthM).toBeLessThan(2.5);
    expect(leader!.strengthLb).toBeGreaterThanOrEqual(lo);
    expect(leader!.strengthLb).toBeLessThanOrEqual(hi);
  });
  test('longer where they look twice, thin for panfish, never stronger than the line in open water', () => {
    const at = (clarityM: number): number =>
      joints('paddletail', BRAID, 'red-drum', { setting: 'flat', clarityM }).leader!.lengthM;
    expect(at(3)).toBeGreaterThan(at(0.5));
    expect(strength('panfish-jig-action', { material: 'braid', strengthLb: 8 }, 'crappie')).toBeLessThanOrEqual(6);
    expect(strength('paddletail', { material: 'braid', strengthLb: 8 }, 'largemouth-bass')).toBe(8);
  });
  test('in wood a heavy one, or none where the braid is heavy; in pads the braid straight', () => {
    const wood = { cover: { kind: 'wood' as const, density: 0.6 } };
    expect(joints('flipping-jig', { material: 'braid', strengthLb: 30 }, 'largemouth-bass', wood)).toMatchObject({
      leaderWhy: 'cover',
    });
    expect(
      strength('flipping-jig', { material: 'braid', strengthLb: 30 }, 'largemouth-bass', wood),
    ).toBeGreaterThanOrEqual(20);
    expect(joints('flipping-jig', { material: 'braid', strengthLb: 50 }, 'largemouth-bass', wood).leader).toBeNull();
    expect(
      joints('swim-jig', { material: 'braid', strengthLb: 30 }, 'largemouth-bass', {
        cover: { kind: 'pads', density: 0.4 },
      }),
    ).toMatchObject({ leader: null, leaderWhy: 'straight-in-cover' });
  });
});
describe('the weakest link', () => {
  test('by hand: twelve pounds of leader on thirty of braid, a double uni in between', () => {
    const w = weakestLink(
      { material: 'braid', strengthLb: 30 },
      {
        leader: { material: 'fluorocarbon', strengthLb: 12, lengthM: 1 },
        toLeader: 'double-uni',
        toLure: 'improved-clinch',
      },
    );
    expect(w).toEqual({
      part: 'knot-to-leader',
      knot: 'double-uni',
      tiedInLb: 12,
      inLeader: true,
      strengthLb: 0.8 * 12,
    });
  });
  test('without a leader the knot at the lure; under a strong leader the line', () => {
    const bare = weakestLink(BRAID, { leader: null, toLeader: null, toLure: 'palomar' });
    expect([bare.part, bare.strengthLb]).toEqual(['knot-at-lure', 18]);
    const strong = weakestLink(BRAID, {
      leader: { material: 'nylon', strengthLb: 40, lengthM: 1 },
      toLeader: 'fg',
      toLure: 'improved-clinch',
    });
    expect([strong.inLeader, strong.tiedInLb]).toEqual([false, 20]);
  });
  test('it never holds as much as the line, whatever is tied on', () => {
    for (const { id } of allFamilies())
      for (const species of SPECIES) {
        const line: LineSpec = { material: 'braid', strengthLb: 20 };
        expect(weakestLink(line, joints(id, line, species)).strengthLb).toBeLessThan(20);
      }
  });
});
describe('the hook', () => {
  const hooks = (
    id: FamilyId,
    sizeM: number,
    hook: Hook = 'weedless',
    species: SpeciesId = 'largemouth-bass',
    water: Partial<Conditions['water']> = {},
  ) => chooseHooks(familyById(id), { hook, sizeM, weightKg: 0.007 }, speciesProfile(species), read(water, species));
  test.each([
    [0.09, '2/0'],
    [0.12, '3/0'],
    [0.145, '4/0'],
    [0.038, '6'],
  ])('a soft body of %d m wants %s', (sizeM, size) => expect(hooks('texas-rig', sizeM).size).toBe(size));
  test('a body swum with a hidden hook carries its weight on the shank; with an open one in the head', () => {
    expect(hooks('paddletail', 0.1).bellyKg).toBe(0.007);
    expect(hooks('paddletail', 0.1, 'single').bellyKg).toBeNull();
    expect(hooks('texas-rig', 0.1).bellyKg).toBeNull();
  });
  test('strong wire for heavy fish and out of thick cover, light for panfish; plugs carry their own', () => {
    expect(hooks('bucktail-jig', 0.1, 'single', 'cobia').wire).toBe('strong');
    expect(
      hooks('texas-rig', 0.1, 'weedless', 'largemouth-bass', { cover: { kind: 'matted-grass', density: 0.8 } }).wire,
    ).toBe('strong');
    expect(hooks('panfish-jig-action', 0.04, 'single', 'crappie').wire).toBe('light');
    expect(hooks('popper', 0.07, 'treble')).toMatchObject({ size: null, wire: 'standard' });
  });
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
test('a sliding weight ahead of its leader ends in a swivel; what floats hangs on nylon, which does not sink', () => {
  expect(joints('carolina-rig', BRAID)).toMatchObject({ end: 'swivel', endWhy: 'spins' });
  expect(joints('texas-rig', BRAID).end).not.toBe('swivel');
  const far = { setting: 'jetty' as const, depthM: 6 };
  const leader = (id: FamilyId, water = {}, species: SpeciesId = 'largemouth-bass') =>
    joints(id, BRAID, species, water).leader!.material;
  expect([leader('popper'), leader('paddletail')]).toEqual(['nylon', 'fluorocarbon']);
  expect([leader('popper', far, 'striped-bass'), leader('bucktail-jig', far, 'striped-bass')]).toEqual([
    'nylon',
    'fluorocarbon',
  ]);
});
