import type { Conditions } from '../../water/conditions';
import type { FamilyId } from '../../lures/family';
import { PHASES } from '../cadence/cadence';
import { MESH } from '../../simulation/types';
import type { PlanSettings } from '../task/request';
import { MAX_CAST_S } from '../task/placing';
import { firstSettings, setUpTask, type PlanTask } from '../task/setup';
import { simulateSettings, type Track } from './track';
import { CADENCE_STYLES, type CadenceStyle } from '../../lures/styles';

function problem(family: FamilyId, set: PlanSettings = {}, water: Partial<Conditions['water']> = {}): PlanTask {
  return setUpTask({
    conditions: {
      species: 'largemouth-bass',
      month: 6,
      water: {
        setting: 'lake',
        surfaceTempC: 18,
        clarityM: 1.2,
        depthM: 4,
        fishDepthM: 1.4,
        cover: { kind: 'none', density: 0 },
        ...water,
      },
    },
    lure: { family },
    rod: { lengthM: 2.13, minLureKg: 0.003, maxLureKg: 0.03, action: 'fast' },
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'nylon', strengthLb: 10 },
    set,
  });
}
const run = (p: PlanTask, longestS = 60): Track =>
  simulateSettings(p, firstSettings(p), { mesh: MESH.quick, longestS });

/** Depth gained in each stretch of one phase, m; positive is sinking. */
function drops(t: Track, phase: Track['phase'][number]): number[] {
  const out: number[] = [];
  let start: number | null = null;
  t.phase.forEach((p, i) => {
    if (p === phase && start === null) start = i;
    if ((p !== phase || i === t.phase.length - 1) && start !== null) {
      if (i - start > 3) out.push(t.depthM[i - 1]! - t.depthM[start]!);
      start = null;
    }
  });
  return out;
}
const mean = (v: number[]): number => v.reduce((s, x) => s + x, 0) / Math.max(1, v.length);

describe('what a lure does while it is left alone', () => {
  const hang: PlanSettings = { style: 'stop-and-go', pauseS: 4, turnsPerS: 0.9, castM: 20, countdownS: 3 };
  test('a sinker falls in the hang', () => {
    expect(mean(drops(run(problem('sinking-twitchbait', hang)), 'pause'))).toBeGreaterThan(0.15);
  });
  test('a floater rises in the hang', () => {
    expect(mean(drops(run(problem('square-bill', { ...hang, countdownS: 0 })), 'pause'))).toBeLessThan(-0.1);
  });
  test('a suspender hangs nearly still', () => {
    expect(
      Math.abs(mean(drops(run(problem('suspending-jerkbait', { ...hang, countdownS: 0 })), 'pause'))),
    ).toBeLessThan(0.35);
  });
  test('a diver dives while it is turned', () => {
    const t = run(problem('deep-crank', { style: 'steady', turnsPerS: 1, castM: 22, countdownS: 0 }));
    expect(t.deepestM).toBeGreaterThan(1.4);
  });
});

describe.each(CADENCE_STYLES)('worked by %s', (style: CadenceStyle) => {
  const p = problem('paddletail', { style, castM: 16, countdownS: 2, turnsPerS: 0.8, pauseS: 2 });
  const t = run(p, 45);
  test('splashes, falls through the count, then is worked towards the angler', () => {
    expect(t.phase[0]).toBe('splash');
    expect(t.phase[Math.round(1.6 / 0.2)]).toBe('fall');
    expect(t.xM[t.xM.length - 1]!).toBeLessThan(t.xM[0]!);
    for (let i = 1; i < t.tS.length; i++) expect(t.tS[i]!).toBeGreaterThan(t.tS[i - 1]!);
  });
  test('every second belongs to one phase, and none is beyond the cast', () => {
    expect(Object.keys(t.phaseS).sort()).toEqual([...PHASES].sort());
    expect(Object.values(t.phaseS).reduce((s, v) => s + v, 0)).toBeCloseTo(t.castS, 3);
    expect(t.zoneS).toBeLessThanOrEqual(t.castS + 1e-9);
    expect(t.beats.every((b) => b.atS <= t.castS)).toBe(true);
  });
  test('depth stays between the top and the bottom', () => {
    for (const d of t.depthM) {
      expect(d).toBeGreaterThan(-0.3);
      expect(d).toBeLessThan(4.3);
    }
  });
});

test('uncertain drag moves the depth the right way', () => {
  const p = problem('paddletail', { castM: 20, countdownS: 4, turnsPerS: 0.7 });
  const h = firstSettings(p);
  const light = simulateSettings(p, h, { mesh: MESH.quick, longestS: 30, lineDrag: 0.7 });
  const heavy = simulateSettings(p, h, { mesh: MESH.quick, longestS: 30, lineDrag: 1.4 });
  expect(heavy.deepestM).toBeLessThan(light.deepestM);
  expect(simulateSettings(p, h, { mesh: MESH.quick, longestS: 30, lureDrag: 1.5 }).deepestM).toBeLessThanOrEqual(
    light.deepestM,
  );
});

test('a current across carries it aside, one towards the angler brings it home', () => {
  const still = run(problem('casting-spoon', { castM: 20 }), 12);
  const towards = run(problem('casting-spoon', { castM: 20 }, { currentMps: 0.5, currentAngleDeg: 0 }), 12);
  const at = (t: Track): number => t.xM[t.tS.findIndex((s) => s >= 8)]!;
  expect(at(towards)).toBeLessThan(at(still));
});

test('a line shape comes with every sample when it is asked for, from the lure to the tip', () => {
  const p = problem('paddletail', { castM: 15 });
  const t = simulateSettings(p, firstSettings(p), { mesh: MESH.quick, longestS: 10, lineShapes: true });
  t.lineXZ.forEach((xz, i) => {
    expect(xz.length).toBeGreaterThanOrEqual(4);
    expect(xz[0]).toBeCloseTo(t.xM[i]!, 6);
  });
});

test('a very slow cast says that it goes on', () => {
  const slow = run(
    problem('finesse-jig', { castM: 25, pauseS: 15, style: 'dead-stick', turnsPerS: 0.3 }, { fishDepthM: 3.8 }),
    MAX_CAST_S,
  );
  expect(slow.cutShort).toBe(true);
  expect(run(problem('paddletail', { castM: 12, turnsPerS: 1.2, style: 'steady' }), MAX_CAST_S).cutShort).toBe(false);
});
