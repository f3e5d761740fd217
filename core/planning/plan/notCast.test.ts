import { FAMILIES } from '../../lures/family';
import { familyById } from '../../lures/families';
import type { PlanRequest } from '../task/request';
import { planRetrieve } from './plan';

const request = (
  family: PlanRequest['lure']['family'],
  given: Partial<PlanRequest['conditions']> = {},
): PlanRequest => ({
  conditions: {
    species: 'walleye',
    access: 'ice',
    month: 1,
    ...given,
    water: { setting: 'ice', surfaceTempC: 1, clarityM: 2, depthM: 7, fishDepthM: 6, ...given.water },
  },
  lure: { family },
  rod: { lengthM: 1, minLureKg: 0.001, maxLureKg: 0.02, action: 'fast' },
  reel: { ratio: 5.2, spoolM: 0.04, arborM: 0.025, capacityM: 100 },
  line: { material: 'fluorocarbon', strengthLb: 6 },
});
const vertical = FAMILIES.filter((f) => familyById(f).mode === 'vertical');

test.each(vertical)('%s is let down to the fish, stays among them, and comes back', (family) => {
  const deep = family === 'vertical-metal-jig';
  const p = planRetrieve(
    request(
      family,
      deep ? { species: 'lake-trout', access: 'bow', water: { setting: 'lake', depthM: 20, fishDepthM: 15 } } : {},
    ),
  );
  expect(p.hands.castM).toBe(0);
  expect(p.misses).toBe(false);
  expect(p.depthM).toBeCloseTo(deep ? 15 : 6, 5);
  expect(p.zoneShare.mean).toBeGreaterThan(0.4);
  expect(p.zoneShare.low).toBeLessThanOrEqual(p.zoneShare.mean);
  expect(p.hands.countdownS).toBeGreaterThan(2);
  expect(p.track.beats.length).toBeGreaterThan(1);
  expect(Object.values(p.phaseS).reduce((a, b) => a + b, 0)).toBeCloseTo(p.castS, 0);
});

test('a dead stick is left alone, a rattler is snapped', () => {
  const pauses = (f: 'ice-dead-stick' | 'ice-lipless') => {
    const { steps } = planRetrieve(request(f)).track.cadence;
    return (
      steps.filter((s) => s.kind === 'pause').reduce((a, s) => a + s.durationS, 0) /
      steps.reduce((a, s) => a + s.durationS, 0)
    );
  };
  expect(pauses('ice-dead-stick')).toBeGreaterThan(pauses('ice-lipless'));
});

test('what is towed passes over the fish for a part of its round', () => {
  const p = planRetrieve(
    request('towed-natural-bait', {
      species: 'chinook-salmon',
      access: 'stern',
      water: { setting: 'lake', surfaceTempC: 14, depthM: 30, fishDepthM: 12 },
    }),
  );
  expect(p.misses).toBe(false);
  expect(p.hands.castM).toBeGreaterThan(10);
  expect(p.zoneShare.mean).toBeLessThan(0.4);
  expect(p.track.lineXZ[0]!.length).toBe(4);
  const shallow = planRetrieve(
    request('towed-plug', {
      species: 'chinook-salmon',
      access: 'stern',
      water: { setting: 'lake', surfaceTempC: 14, depthM: 60, fishDepthM: 55 },
    }),
  );
  expect(shallow.misses).toBe(true);
});

test('through a hole nothing is cast, whatever is taken along: what sinks is let down to the fish', () => {
  for (const family of ['casting-spoon', 'paddletail', 'blade-bait', 'towed-natural-bait'] as const) {
    const p = planRetrieve(request(family));
    expect([p.hands.castM, p.flightM, p.workedToM]).toEqual([0, 0, null]);
    expect(p.depthM).toBeCloseTo(6, 5);
    expect(p.misses).toBe(false);
  }
  expect(planRetrieve(request('popper')).misses).toBe(true);
});

describe('a lure that could be cast, let down or towed by choice', () => {
  const lake = { species: 'walleye', access: 'bow', water: { setting: 'lake', depthM: 9, fishDepthM: 6 } } as const;
  const asked = (below: NonNullable<PlanRequest['set']>['below']): PlanRequest => ({
    ...request('casting-spoon', lake),
    set: { below },
  });
  test('straight down, to a mark: it is worked there, and the fish are there', () => {
    const p = planRetrieve(asked({ way: 'down', depthM: 4 }));
    expect([p.hands.castM, p.flightM]).toEqual([0, 0]);
    expect(p.depthM).toBe(4);
    expect(p.bandM[0]).toBeLessThan(4);
    expect(p.bandM[1]).toBeGreaterThan(4);
    expect(p.zoneShare.mean).toBeGreaterThan(0.5);
    expect(planRetrieve(asked({ way: 'down' })).depthM).toBeCloseTo(6, 6);
  });
  test('towed: at the speed that was set, with the line out that this takes', () => {
    const slow = planRetrieve(asked({ way: 'behind', speedMps: 0.6 }));
    const fast = planRetrieve(asked({ way: 'behind', speedMps: 0.9 }));
    expect([slow.wish.givenMps, fast.wish.givenMps]).toEqual([0.6, 0.9]);
    expect(slow.flightM).toBe(0);
    expect(fast.hands.castM).toBeGreaterThan(slow.hands.castM);
  });
  test('not chosen, it is cast', () => {
    expect(planRetrieve(asked(undefined), 'first').flightM).toBeGreaterThan(10);
  });
});
