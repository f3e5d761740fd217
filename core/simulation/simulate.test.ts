import { readFileSync } from 'node:fs';
import path from 'node:path';
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

const cases = JSON.parse(readFileSync(path.join(__dirname, '../fixtures/physics.json'), 'utf8')) as Case[];
const within = (got: number, want: number, c: Case): boolean =>
  Math.abs(got - want) <= Math.max(c.toleranceAbs, (c.tolerancePercent / 100) * Math.abs(want));

describe('reference cases, solved by other means', () => {
  test.each(cases.filter((c) => c.given.kind === 'free-sink').map((c) => [c.name, c] as const))(
    'free sink: %s',
    (_name, c) => {
      const s = freeSink(c.given.lure, c.given.waterDensityKgM3)!;
      expect(within(s.terminalMps, c.expect.terminalMps as number, c)).toBe(true);
      c.given.timesS.forEach((t, i) => {
        expect(within(sinkSpeedMps(s, t), (c.expect.speedMps as number[])[i]!, c)).toBe(true);
        expect(within(sinkDepthM(s, t), (c.expect.depthM as number[])[i]!, c)).toBe(true);
      });
    },
  );

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

  test.each(cases.filter((c) => c.given.kind === 'cast-retrieve').map((c) => [c.name, c] as const))(
    'cast and retrieve: %s',
    (_name, c) => {
      const run = runRetrieve(
        { ...c.given, reel: c.given.reel ? [c.given.reel] : [] },
        { mesh: MESH.fine, timesS: c.given.timesS },
      );
      expect(run.failedAtS).toBeNull();
      const misses = run.samples.filter(
        (s, i) =>
          !within(s.xM, (c.expect.xM as number[])[i]!, c) ||
          !within(-s.zM, (c.expect.depthM as number[])[i]!, c) ||
          (c.expect.yM && !within(s.yM, (c.expect.yM as number[])[i]!, c)),
      );
      expect(misses).toEqual([]);
      expect(within(Math.max(...run.samples.map((s) => -s.zM)), c.expect.maxDepthM as number, c)).toBe(true);
    },
  );
});

const JIG: LurePhysics = { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 };
const DIVER: LurePhysics = { massKg: 0.012, volumeM3: 1.4e-5, dragAreaM2: 6.5e-4, liftAreaM2: 3e-4, addedMass: 0.5 };

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
    expect(driveBreaks(reel, [], MESH.plan).map((b) => b.atS)).toEqual([1, 1.5, 3, 3.5]);
    expect(driveBreaks(reel, [{ startS: 1, durationS: 0.1, dxM: 1, dzM: 0 }], MESH.plan)[0]).toEqual({
      atS: 1,
      stepS: 0.02,
    });
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
