import { familyById } from '../../lures/families';
import { FAMILIES } from '../../lures/family';
import { speciesProfile } from '../../water/species';
import { LINE_MATERIALS, NEWTON_PER_LB } from '../../tackle/line';
import type { RodSpec } from '../../tackle/rod';
import { adviseHookSet, type HookSetQuestion } from './advice';
import { weakestLink } from '../../ranking/weakest';
import { SPECIES } from '../../water/terms';

const rod: RodSpec = { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' };
const ask = (more: Partial<HookSetQuestion> = {}) => {
  const line = more.line ?? { material: 'nylon' as const, strengthLb: 12 };
  return adviseHookSet({
    family: familyById('texas-rig'),
    species: speciesProfile('largemouth-bass'),
    rod,
    line,
    weakest: weakestLink(line, { leader: null, toLeader: null, toLure: 'palomar' }),
    wire: 'standard',
    castM: 25,
    ...more,
  });
};

describe('how to set', () => {
  test.each([
    ['hollow-frog', 'largemouth-bass', 'wait-longer'],
    ['popper', 'largemouth-bass', 'wait-for-weight'],
    ['suspending-jerkbait', 'largemouth-bass', 'sweep'],
    ['flipping-jig', 'largemouth-bass', 'hard'],
    ['popping-cork-shrimp', 'spotted-seatrout', 'reel-then-lift'],
    ['paddletail', 'crappie', 'lift'],
    ['panfish-jig-straight', 'crappie', 'lift'],
  ] as const)('%s for %s: %s', (family, species, way) => {
    expect(ask({ family: familyById(family), species: speciesProfile(species) }).way).toBe(way);
  });
  test('on the surface nobody strikes at the splash', () => {
    for (const id of FAMILIES)
      if (familyById(id).mode === 'surface') expect(ask({ family: familyById(id) }).waitS[0]).toBeGreaterThan(0);
  });
});

describe('how far a sweep goes', () => {
  test('the sweep is force over the two springs: by hand', () => {
    const a = ask({ castM: 30 });
    // Nylon 12 lb: EA = 12·4.448/0.25 N; a fast rod for 21 g: 80 N/m.
    expect(a.sweepFarM).toBeCloseTo(26 * (30 / ((12 * NEWTON_PER_LB) / 0.25) + 1 / 80), 6);
    expect(a.sweepNearM).toBeLessThan(a.sweepFarM);
  });
  test('the range at which one sweep does it is where it is just enough', () => {
    const a = ask();
    expect(ask({ castM: a.reachM * 0.99 }).tooFar).toBe(false);
    expect(ask({ castM: a.reachM * 1.01 }).tooFar).toBe(true);
  });
  test('braid carries it several times as far as nylon of its strength; fine hooks farther than heavy ones', () => {
    expect(ask({ line: { material: 'braid', strengthLb: 12 } }).reachM).toBeGreaterThan(4 * ask().reachM);
    expect(ask({ family: familyById('suspending-jerkbait') }).reachM).toBeGreaterThan(ask().reachM);
  });
});

describe('how tight the drag', () => {
  test('looser on braid than on nylon of its strength, because a lunge near by pulls harder', () => {
    const nylon = ask({ line: { material: 'nylon', strengthLb: 20 } });
    const braid = ask({ line: { material: 'braid', strengthLb: 20 } });
    expect(braid.dragShare).toBeLessThan(nylon.dragShare);
    expect(braid.lungeN).toBeGreaterThan(nylon.lungeN);
    expect(braid.lungeOnNylonN).toBeCloseTo(nylon.lungeN, 9);
  });
  test('trebles and soft mouths bound it before the line does', () => {
    const strong = { line: { material: 'braid', strengthLb: 40 } } as const;
    expect(ask({ ...strong, family: familyById('suspending-jerkbait') }).dragBy).toBe('hook');
    expect(
      ask({ ...strong, family: familyById('panfish-jig-straight'), species: speciesProfile('crappie') }).dragBy,
    ).toBe('mouth');
    expect(ask({ line: { material: 'nylon', strengthLb: 6 } }).dragBy).toBe('link');
  });
  test('a quarter to a third of the weaker of leader, knot and line', () => {
    const line = { material: 'braid', strengthLb: 40 } as const;
    const leader = { material: 'fluorocarbon', strengthLb: 12, lengthM: 1 } as const;
    const weak = ask({
      line,
      weakest: weakestLink(line, { leader, toLeader: 'double-uni', toLure: 'improved-clinch' }),
    });
    expect(weak.dragN / NEWTON_PER_LB).toBeGreaterThanOrEqual(0.25 * 9.6 - 1e-9);
    expect(weak.dragN / NEWTON_PER_LB).toBeLessThanOrEqual(9.6 / 3);
    expect(weak.dragBy).toBe('link');
  });
  test('thin wire goes in with less and gives sooner', () => {
    const strong = { line: { material: 'braid', strengthLb: 60 } } as const;
    const [light, heavy] = [ask({ ...strong, wire: 'light' }), ask({ ...strong, wire: 'strong' })];
    expect(light.neededN).toBeLessThan(heavy.neededN);
    expect(light.dragN).toBeLessThan(heavy.dragN);
    expect(light.dragBy).toBe('hook');
  });
  test('never more than the line, the hook or the mouth bears, for anything that can be tied on', () => {
    for (const family of FAMILIES)
      for (const species of SPECIES)
        for (const material of LINE_MATERIALS) {
          const a = ask({
            family: familyById(family),
            species: speciesProfile(species),
            line: { material, strengthLb: 15 },
          });
          expect(a.dragN).toBeGreaterThan(0);
          expect(a.dragN).toBeLessThan(0.33 * 15 * NEWTON_PER_LB);
          expect(Number.isFinite(a.reachM)).toBe(true);
        }
  });
});
