import { planRetrieve } from '../plan/plan';
import { setUpTask } from '../task/setup';
import type { PlanRequest } from '../task/request';
import { planTowed, type TowedPlan } from './towed';
import { planVertical, type VerticalPlan } from './vertical';

const request = (
  family: PlanRequest['lure']['family'],
  more: Partial<PlanRequest['conditions']> = {},
  lb = 15,
): PlanRequest => ({
  conditions: {
    species: 'walleye',
    month: 6,
    water: { setting: 'lake', surfaceTempC: 12, depthM: 9, fishDepthM: 7, cover: { kind: 'none', density: 0 } },
    ...more,
  },
  lure: { family },
  rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.03, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'braid', strengthLb: lb },
});
const down = (r: PlanRequest, depthM = 7, driftMps = 0, markEveryM = 3): VerticalPlan =>
  planVertical({ ...r, depthM, driftMps, markEveryM }) as VerticalPlan;

describe('straight down', () => {
  const still = down(request('blade-bait'));
  test('without drift the line is the depth, and hangs straight', () => {
    expect(still.lineM).toBeCloseTo(7, 3);
    expect(still.angleDeg).toBe(0);
    expect(still.marks.whole * 3 + still.marks.restM).toBeCloseTo(still.lineM, 9);
    expect(still.marks).toMatchObject({ whole: 2 });
  });
  test('the count has a range round it; half the depth takes less than two thirds of it', () => {
    expect(still.countS.low).toBeLessThanOrEqual(still.countS.mean);
    expect(still.countS.high).toBeGreaterThanOrEqual(still.countS.mean);
    expect(down(request('blade-bait'), 3.5).countS.mean).toBeLessThan((2 / 3) * still.countS.mean);
  });
  test('turns from the bottom up lead to the same depth', () => {
    expect(still.turnsUp! * 0.86).toBeGreaterThan(1.5);
    expect(down(request('blade-bait'), 9).turnsUp).toBeNull();
  });
  test('a drift leans the line, asks for more of it, and thinner line leans less', () => {
    const drifting = down(request('blade-bait'), 7, 0.2);
    expect(drifting.lineM).toBeGreaterThan(7.2);
    expect(drifting.angleDeg).toBeGreaterThan(10);
    expect(drifting.lostM).toBeGreaterThan(0.2);
    expect(down(request('blade-bait', {}, 8), 7, 0.2).angleDeg).toBeLessThan(drifting.angleDeg);
  });
  test('leaning too far, the weight that would not is named', () => {
    const v = down(request('casting-spoon'), 4, 0.3);
    expect(v.angleDeg).toBeGreaterThan(20);
    if (v.heavierKg !== null) {
      const heavier = down(
        { ...request('casting-spoon'), lure: { family: 'casting-spoon', weightKg: v.heavierKg } },
        4,
        0.3,
      );
      expect(heavier.angleDeg).toBeLessThanOrEqual(20.5);
    }
  });
  test('snapped, it works around its depth and never below the line that is out', () => {
    const [top, bottom] = still.workedM;
    expect(top).toBeLessThan(7);
    expect(bottom).toBeGreaterThan(6.4);
    expect(bottom).toBeLessThan(7.4);
  });
  test('what does not sink, and what streams off, is said', () => {
    expect(planVertical({ ...request('deep-crank'), depthM: 5, driftMps: 0, markEveryM: 3 })).toEqual({
      problem: 'floats',
    });
    expect(planVertical({ ...request('panfish-jig-straight'), depthM: 7, driftMps: 1, markEveryM: 3 })).toEqual({
      problem: 'drifts-too-fast',
    });
  });
});

describe('towed', () => {
  const marked = request('deep-crank', {
    marks: [
      { depthM: 3, count: 2 },
      { depthM: 3.4, count: 1 },
      { depthM: 6, count: 4 },
    ],
  });
  const towed = planTowed(marked) as TowedPlan;
  test('two passes at two depths, the shallower first, each above its fish', () => {
    expect(towed.passes.map((p) => [p.fishDepthM, p.marks])).toEqual([
      [3, 3],
      [6, 4],
    ]);
    for (const p of towed.passes) {
      expect(p.depthM).toBeLessThan(p.fishDepthM);
      expect(p.runsM[0]).toBeLessThan(p.depthM);
      expect(p.runsM[1]).toBeGreaterThan(p.depthM);
    }
    expect(towed.passes[1]!.lineOutM).toBeGreaterThan(towed.passes[0]!.lineOutM);
  });
  test('over deep fish a first pass runs ten feet above them; the plan in hand is the one at their depth', () => {
    const deep = { ...request('towed-plug', { marks: [{ depthM: 8, count: 2 }] }), speedMps: null };
    const { passes, speedMps } = planTowed(deep) as TowedPlan;
    expect(passes.map((p) => [p.high, p.depthM])).toEqual([
      [true, 5],
      [false, 7.5],
    ]);
    expect(passes[0]!.lineOutM).toBeLessThan(passes[1]!.lineOutM);
    // 3 to 3½ mph for a plug, and the same figure where lures are ranked.
    expect(speedMps / 0.44704).toBeGreaterThan(3);
    expect(speedMps / 0.44704).toBeLessThan(3.5);
    expect(setUpTask(deep).speedMps).toBe(speedMps);
    expect(planRetrieve(deep).depthM).toBe(7.5);
  });
  test('lead core goes about five feet down for every ten yards at two miles an hour, without a weight', () => {
    const spoon = { ...request('casting-spoon', { water: { setting: 'lake', depthM: 30, fishDepthM: 9 } }) };
    const onCore = planTowed({
      ...spoon,
      lure: { family: 'casting-spoon', weightKg: 0.007 },
      line: { material: 'lead-core', strengthLb: 25 },
      speedMps: 2 * 0.44704,
    }) as TowedPlan;
    const { lineOutM, depthM } = onCore.passes.at(-1)!;
    const feetPerTenYards = depthM / 0.3048 / (lineOutM / 9.144);
    expect(feetPerTenYards).toBeGreaterThan(4);
    expect(feetPerTenYards).toBeLessThan(6);
  });
  test('a weight on the line takes less line to the same depth; a heavier one less still', () => {
    const spoon = { ...request('casting-spoon', { marks: [{ depthM: 6, count: 1 }] }), speedMps: 1 };
    const lineOut = (inlineKg: number): number =>
      (planTowed({ ...spoon, inlineKg }) as TowedPlan).passes.at(-1)!.lineOutM;
    expect(lineOut(0.056)).toBeLessThan(0.7 * lineOut(0));
    expect(lineOut(0.112)).toBeLessThan(0.8 * lineOut(0.056));
  });
  test('a sinking lure rises with speed, so it wants more line; a lip hardly minds', () => {
    const spoon = request('casting-spoon', { marks: [{ depthM: 3, count: 1 }] });
    const slow = planTowed({ ...spoon, speedMps: 0.6 }) as TowedPlan;
    const fast = planTowed({ ...spoon, speedMps: 1 }) as TowedPlan;
    expect(fast.passes[0]!.lineOutM).toBeGreaterThan(1.3 * slow.passes[0]!.lineOutM);
    expect(slow.passes[0]!.fasterCostsM).toBeGreaterThan(0.1);
    expect(Math.abs(towed.passes[0]!.fasterCostsM)).toBeLessThan(0.2);
  });
  test('current is added over ground, not in the water', () => {
    const running = planTowed({
      ...marked,
      conditions: { ...marked.conditions, water: { ...marked.conditions.water, currentMps: 0.4 } },
    }) as TowedPlan;
    expect(running.groundMps.with - running.groundMps.against).toBeCloseTo(0.8, 6);
    expect(running.passes[0]!.lineOutM).toBeCloseTo(towed.passes[0]!.lineOutM, 6);
  });
  test('what stays on top, and what never gets there, is said', () => {
    expect(planTowed(request('popper'))).toEqual({ problem: 'floats' });
    const deep = planTowed({ ...request('panfish-jig-straight', { marks: [{ depthM: 8, count: 2 }] }), speedMps: 1.5 });
    expect(deep).toEqual({ problem: 'too-deep' });
  });
});
