import { presentationId } from '../presentation';
import { MESH } from '../simulate/types';
import { planRetrieve, type Plan } from './plan';
import type { PlanRequest } from './request';
import { firstHands, setUpProblem } from './setup';
import { LONGEST_CAST_S, simulateHands } from './track';

const TACKLE = {
  rod: { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon' as const, strengthLb: 10 },
};
const request = (
  family: PlanRequest['lure']['family'],
  water: Partial<PlanRequest['conditions']['water']> = {},
  more: Partial<PlanRequest> = {},
): PlanRequest => ({
  conditions: {
    species: 'largemouth-bass',
    month: 6,
    water: { setting: 'lake', surfaceTempC: 20, clarityM: 1.2, depthM: 3.5, fishDepthM: 1.6, cover: { kind: 'none', density: 0 }, ...water },
  },
  lure: { family },
  ...TACKLE,
  ...more,
});
const plan = (r: PlanRequest): Plan => {
  const p = planRetrieve(r);
  return p;
};

test('a paddle tail is kept among the fish, and the settled plan is no worse than the first guess', () => {
  const r = request('paddletail');
  const settled = plan(r);
  const first = planRetrieve(r, 'first') as Plan;
  expect(settled.zoneShare.mean).toBeGreaterThan(0.4);
  expect(settled.track.zoneShare).toBeGreaterThan(first.track.zoneShare - 0.06);
  expect(settled.zoneShare.low).toBeLessThanOrEqual(settled.zoneShare.mean);
  expect(settled.zoneShare.high).toBeGreaterThanOrEqual(settled.zoneShare.mean);
  expect(settled.simulations).toBeGreaterThan(10);
  expect(first.simulations).toBeLessThan(4);
});

test('the promise holds on a finer mesh', () => {
  const r = request('spinnerbait');
  const p = plan(r);
  const again = simulateHands(setUpProblem(r), p.hands, { mesh: MESH.fine, longestS: LONGEST_CAST_S });
  expect(Math.abs(again.zoneShare - p.track.zoneShare)).toBeLessThan(0.08);
});

test('the track runs inside its range, and a counted sink narrows that and moves it', () => {
  const r = request('paddletail', {}, { set: { castM: 20, countdownS: 4, turnsPerS: 0.8, style: 'steady' } });
  const width = (p: Plan): number => p.range!.deepM.reduce((s, d, i) => s + d - p.range!.shallowM[i]!, 0) / p.range!.deepM.length;
  const before = plan(r);
  before.track.depthM.forEach((d, i) => {
    expect(d).toBeGreaterThanOrEqual(before.range!.shallowM[i]! - 1e-9);
    expect(d).toBeLessThanOrEqual(before.range!.deepM[i]! + 1e-9);
  });
  // Slower than the model would have it: draggier, so it runs shallower.
  const slow = { kind: 'sink-slack' as const, depthM: 4, seconds: 8, castM: 6 };
  const counted = plan({ ...r, measured: { lure: [slow, slow] } });
  expect(width(counted)).toBeLessThan(0.95 * width(before));
  expect(counted.known.drag.ratio).toBeGreaterThan(1.05);
  expect(counted.deepestM).toBeLessThan(before.deepestM);
  // A reel that takes less line a turn than its label says works the lure slower.
  const reel = plan({ ...r, measured: { reel: [{ lengthM: 20, turns: 26 }] } });
  expect(reel.known.reel.ratio).toBeLessThan(0.98);
  expect(reel.handleSpeedMps).toBeLessThan(before.handleSpeedMps);
});

test('phases cover the whole cast', () => {
  const p = plan(request('suspending-jerkbait', { fishDepthM: 1.2 }));
  const total = Object.values(p.phaseS).reduce((s, v) => s + v, 0);
  expect(total).toBeCloseTo(p.castS, 0);
  expect(p.phaseS.pause).toBeGreaterThan(0);
});

test('what the angler sets is left alone', () => {
  const p = plan(request('paddletail', {}, { set: { castM: 18, countdownS: 2, tip: 'up', turnsPerS: 0.7 } }));
  expect(p.hands).toMatchObject({ castM: 18, countdownS: 2, turnsPerS: 0.7 });
  expect(p.hands.tip.position).toBe('up');
});

test('a surface lure stays on top and needs no search', () => {
  const p = plan(request('walking-bait'));
  expect(p.zoneShare.mean).toBeGreaterThan(0.9);
  expect(p.deepestM).toBeLessThan(0.15);
  expect(p.buys).toEqual([]);
});

test('a jig reaches the bottom and rests on it', () => {
  const p = plan(request('football-jig', { fishDepthM: 3.3, depthM: 3.5, cover: { kind: 'rock', density: 0.3 }, bottom: 'rock' }));
  expect(p.bottomS).toBeGreaterThan(5);
  expect(p.deepestM).toBeCloseTo(3.5, 0);
});

test('in wood a Texas rig is dropped short and carried by the limbs', () => {
  const r = request('texas-rig', { cover: { kind: 'wood', density: 0.5 } });
  const p = plan(r);
  expect(p.hands.castM).toBeLessThan(10);
  expect(p.deepestM).toBeLessThan(2.2);
});

test('the bait below a cork hangs at its depth', () => {
  const p = plan({
    ...request('popping-cork-shrimp'),
    conditions: { species: 'spotted-seatrout', water: { setting: 'flat', surfaceTempC: 23, depthM: 1.5, fishDepthM: 0.9, clarityM: 0.8 } },
  });
  expect(p.deepestM).toBeCloseTo(0.9, 1);
  expect(p.zoneShare.mean).toBeGreaterThan(0.8);
});

test('changes are sorted by what they buy, and each says what to set', () => {
  const p = plan(request('deep-crank', { fishDepthM: 2.4 }));
  expect(p.buys.length).toBeGreaterThan(3);
  p.buys.forEach((b, i) => {
    if (i > 0) expect(b.gain).toBeLessThanOrEqual(p.buys[i - 1]!.gain);
    expect(b.line !== undefined || Object.keys(b.settings).length === 1).toBe(true);
  });
});

test('a change does what it says: setting it gives about that share', () => {
  const r = request('deep-crank', { fishDepthM: 2.4 });
  const base = plan(r);
  const worst = base.buys[base.buys.length - 1]!;
  const hands = base.hands;
  const again = plan({
    ...r,
    set: {
      castM: hands.castM,
      countdownS: hands.countdownS,
      tip: hands.tip.position,
      turnsPerS: hands.turnsPerS,
      pauseS: hands.pauseS,
      ...worst.settings,
    },
  });
  expect(again.zoneShare.mean).toBeLessThan(base.zoneShare.mean);
});

test('colder fish get longer hangs and fewer turns', () => {
  const warm = firstHands(setUpProblem(request('suspending-jerkbait', { surfaceTempC: 24 })));
  const cold = firstHands(setUpProblem(request('suspending-jerkbait', { surfaceTempC: 6 })));
  expect(cold.pauseS).toBeGreaterThan(warm.pauseS);
  expect(cold.turnsPerS).toBeLessThanOrEqual(warm.turnsPerS);
});

test('deterministic, and the same hands have the same identity', () => {
  const a = plan(request('paddletail'));
  const b = plan(request('paddletail'));
  expect(a.track.depthM).toEqual(b.track.depthM);
  expect(presentationId(a.presentation)).toBe(presentationId(b.presentation));
  expect(presentationId({ ...a.presentation, countdownS: a.presentation.countdownS + 1 })).not.toBe(presentationId(a.presentation));
  expect(presentationId({ ...a.presentation, lure: { ...a.presentation.lure, dragAreaM2: 1 } })).toBe(presentationId(a.presentation));
});
