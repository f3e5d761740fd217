import { readFileSync } from 'node:fs';
import path from 'node:path';
import { seededRandom } from '../../random';
import { gradedLengths } from './chain';
import { createReel, createTip, driveBreaks } from './drive';
import { runRetrieve } from './retrieve';
import { freeSink, netWeightN, sinkDepthM, sinkSpeedMps, timeToSinkS } from './sink';
import { crossCurrentBow, hookSet, steadyTow } from './steady';
import { MESH, type LurePhysics, type RetrieveInput } from './types';

interface Case {
  name: string;
  given: RetrieveInput & { kind: string; reel: RetrieveInput['reel'][number] | null; timesS: number[] };
  expect: Record<string, number | number[]>;
  tolerancePercent: number;
  toleranceAbs: number;
}

const cases = JSON.parse(readFileSync(path.join(__dirname, '../../fixtures/physics.json'), 'utf8')) as Case[];
const within = (got: number, want: number, c: Case): boolean =>
  Math.abs(got - want) <= Math.max(c.toleranceAbs, (c.tolerancePercent / 100) * Math.abs(want));

describe('reference cases, solved by other means', () => {
  test.each(cases.filter((c) => c.given.kind === 'free-sink').map((c) => [c.name, c] as const))('free sink: %s', (_name, c) => {
    const s = freeSink(c.given.lure, c.given.waterDensityKgM3)!;
    expect(within(s.terminalMps, c.expect.terminalMps as number, c)).toBe(true);
    c.given.timesS.forEach((t, i) => {
      expect(within(sinkSpeedMps(s, t), (c.expect.speedMps as number[])[i]!, c)).toBe(true);
      expect(within(sinkDepthM(s, t), (c.expect.depthM as number[])[i]!, c)).toBe(true);
    });
  });

  const others: Record<string, (g: never) => object> = {
    'steady-tow': steadyTow,
    'cross-current-bow': (g) => crossCurrentBow(g)!,
    'hook-set': hookSet,
  };
  test.each(cases.filter((c) => c.given.kind in others).map((c) => [c.name, c] as const))('at rest: %s', (_name, c) => {
    const got = others[c.given.kind]!(c.given as never) as Record<string, number>;
    const misses = Object.entries(c.expect).filter(([k, want]) => !within(got[k]!, want as number, c));
    expect(misses).toEqual([]);
  });

  test.each(cases.filter((c) => c.given.kind === 'cast-retrieve').map((c) => [c.name, c] as const))('cast and retrieve: %s', (_name, c) => {
    const run = runRetrieve({ ...c.given, reel: c.given.reel ? [c.given.reel] : [] }, { mesh: MESH.fine, timesS: c.given.timesS });
    expect(run.failedAtS).toBeNull();
    const misses = run.samples.filter(
      (s, i) =>
        !within(s.xM, (c.expect.xM as number[])[i]!, c) ||
        !within(-s.zM, (c.expect.depthM as number[])[i]!, c) ||
        (c.expect.yM && !within(s.yM, (c.expect.yM as number[])[i]!, c)),
    );
    expect(misses).toEqual([]);
    expect(within(Math.max(...run.samples.map((s) => -s.zM)), c.expect.maxDepthM as number, c)).toBe(true);
  });
});

const JIG: LurePhysics = { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 };
const DIVER: LurePhysics = { massKg: 0.012, volumeM3: 1.4e-5, dragAreaM2: 6.5e-4, liftAreaM2: 3e-4, addedMass: 0.5 };
const BRAID = { diameterM: 0.00022, densityKgM3: 970, stiffnessN: 2542, normalDrag: 1.15, tangentialDrag: 0.015 };

const cast = (change: Partial<RetrieveInput> = {}): RetrieveInput => ({
  waterDensityKgM3: 998,
  lure: JIG,
  line: BRAID,
  tipM: [0, 0, 1],
  lureM: [20, 0, 0],
  lineLengthM: 20.03,
  reel: [{ startS: 4, speedMps: 0.7, rampS: 0.5 }],
  tipMoves: [],
  currentMps: [0, 0, 0],
  ...change,
});
const times = (to: number, step = 1): number[] => Array.from({ length: Math.round(to / step) }, (_, i) => (i + 1) * step);
const deepest = (input: RetrieveInput, to = 20): number =>
  Math.max(...runRetrieve(input, { mesh: MESH.plan, timesS: times(to) }).samples.map((s) => -s.zM));

describe('what must hold of any line and lure', () => {
  test('all else equal more weight never runs shallower', () => {
    const depths = [0.7, 1, 1.4, 2].map((k) =>
      deepest(cast({ lure: { ...JIG, massKg: JIG.volumeM3 * 998 + (JIG.massKg - JIG.volumeM3 * 998) * k } })),
    );
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
  });

  test('a thinner line never makes a diver shallower', () => {
    const depths = [0.0004, 0.0003, 0.0002].map((diameterM) =>
      deepest(cast({ lure: DIVER, reel: [{ startS: 1, speedMps: 1, rampS: 0.5 }], line: { ...BRAID, diameterM } })),
    );
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
  });

  test('a lower tip never runs shallower', () => {
    const depths = [2.5, 1, 0.3].map((h) =>
      deepest(cast({ lure: DIVER, tipM: [0, 0, h], lineLengthM: Math.hypot(20, h) * 1.001, reel: [{ startS: 1, speedMps: 1, rampS: 0.5 }] })),
    );
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
  });

  test('a floater ends on the surface, a sinker on the bottom', () => {
    const floater: LurePhysics = { ...DIVER, liftAreaM2: 0 };
    const up = runRetrieve(cast({ lure: floater, lureM: [8, 0, -2], lineLengthM: 9, reel: [] }), { mesh: MESH.plan, timesS: [25] }).samples[0]!;
    expect(Math.abs(up.zM)).toBeLessThan(0.05);
    const down = runRetrieve(cast({ lureM: [8, 0, 0], lineLengthM: 11, reel: [], floorDepthM: 2 }), { mesh: MESH.plan, timesS: [25] }).samples[0]!;
    expect(down.zM).toBeCloseTo(-2, 1);
    expect(down.onBottom).toBe(true);
  });

  test('a cross current to the left mirrors one to the right', () => {
    const run = (y: number) => runRetrieve(cast({ currentMps: [0, y, 0] }), { mesh: MESH.plan, timesS: times(10) }).samples;
    const left = run(0.4);
    run(-0.4).forEach((s, i) => {
      expect(s.yM).toBeCloseTo(-left[i]!.yM, 6);
      expect(s.xM).toBeCloseTo(left[i]!.xM, 6);
      expect(s.zM).toBeCloseTo(left[i]!.zM, 6);
    });
  });

  test('halving the mesh and the step moves depth by less than 2 %', () => {
    const half = { ...MESH.fine, segments: 48, stepS: 0.005, quickStepS: 0.00125, idleStepS: 0.005 };
    const a = runRetrieve(cast(), { mesh: MESH.fine, timesS: times(16, 2) }).samples;
    const b = runRetrieve(cast(), { mesh: half, timesS: times(16, 2) }).samples;
    a.forEach((s, i) => expect(Math.abs(s.zM - b[i]!.zM)).toBeLessThan(0.02 * Math.abs(b[i]!.zM) + 0.005));
  });

  test('at rest nothing gains speed: a locked slack line comes to rest', () => {
    const s = runRetrieve(cast({ lureM: [6, 0, -1], lineLengthM: 8, reel: [], floorDepthM: 3 }), { mesh: MESH.plan, timesS: times(30, 3) }).samples;
    expect(s[s.length - 1]!.speedMps).toBeLessThan(0.02);
  });

  test('sixty random legal problems give numbers, never NaN (seed 7)', () => {
    const random = seededRandom(7);
    const between = (lo: number, hi: number): number => lo * (hi / lo) ** random();
    for (let k = 0; k < 60; k++) {
      const volumeM3 = between(2e-7, 2e-5);
      const tip = between(0.2, 3);
      const x = between(4, 40);
      const run = runRetrieve(
        cast({
          lure: {
            massKg: volumeM3 * between(700, 9000),
            volumeM3,
            dragAreaM2: between(3e-5, 1.5e-3),
            liftAreaM2: random() < 0.4 ? between(5e-5, 8e-4) : 0,
            addedMass: 0.5,
          },
          line: {
            diameterM: between(1e-4, 5e-4),
            densityKgM3: between(960, 1800),
            stiffnessN: between(60, 6000),
            normalDrag: random() < 0.5 ? null : 1.15,
            tangentialDrag: 0.015,
          },
          tipM: [0, 0, tip],
          lureM: [x, 0, 0],
          lineLengthM: Math.hypot(x, tip) * between(1, 1.2),
          reel: [{ startS: between(0.1, 8), speedMps: between(0.1, 2), rampS: 0.3 }],
          tipMoves:
            random() < 0.5
              ? [
                  { startS: 2, durationS: 0.15, dxM: -0.3, dzM: 0 },
                  { startS: 2.15, durationS: 0.3, dxM: 0.3, dzM: 0 },
                ]
              : [],
          currentMps: [random() - 0.5, random() - 0.5, 0],
          floorDepthM: random() < 0.5 ? between(0.6, 10) : undefined,
        }),
        { mesh: MESH.quick, timesS: times(12, 2), stopAtLineM: tip + 1.2 },
      );
      expect(run.failedAtS).toBeNull();
      for (const s of run.samples) for (const v of [s.xM, s.yM, s.zM, s.speedMps, s.tensionN]) expect(Number.isFinite(v)).toBe(true);
    }
  });
});

describe('the parts', () => {
  test('graded lengths add up and grow towards the tip', () => {
    const l = gradedLengths(25, 12);
    expect(l.reduce((a, b) => a + b, 0)).toBeCloseTo(25, 10);
    expect(l[11]! / l[0]!).toBeCloseTo(5, 6);
  });

  test('the reel ramps from one speed to the next', () => {
    const reel = [
      { startS: 1, speedMps: 1, rampS: 0.5 },
      { startS: 3, speedMps: 0, rampS: 0.5 },
    ];
    const r = createReel(reel);
    expect([0.9, 1.25, 2, 3.25, 4, 1.25].map((t) => r.speedMps(t))).toEqual([0, 0.5, 1, 0.5, 0, 0.5]);
    expect(r.takenM(1.5, 2.5)).toBeCloseTo(1, 10);
    expect(driveBreaks(reel, [])).toEqual([1, 1.5, 3, 3.5]);
  });

  test('the tip ends where the moves say', () => {
    const out = new Float64Array(3);
    const moves = [
      { startS: 4, durationS: 1, dxM: 0.3, dzM: 0 },
      { startS: 0, durationS: 1, dxM: -0.3, dzM: 0.2, dyM: 0.1 },
    ];
    const tip = createTip([0, 0, 1], moves);
    const at = (t: number): number[] => (tip(t, out), [...out]);
    expect(at(2)).toEqual([-0.3, 0.1, 1.2]);
    expect(at(9)[0]).toBeCloseTo(0, 10);
    // Back in time again, as when a step is taken once more.
    expect(at(0.5)[0]).toBeCloseTo(-0.15, 10);
  });

  test('time to sink undoes the sink', () => {
    const s = freeSink(JIG, 998)!;
    expect(timeToSinkS(s, sinkDepthM(s, 3.2))).toBeCloseTo(3.2, 6);
    expect(freeSink(DIVER, 998)).toBeNull();
    expect(netWeightN(DIVER, 998)).toBeLessThan(0);
  });
});
