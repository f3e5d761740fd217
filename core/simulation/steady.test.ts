import { assert as assertProperty, double, property } from 'fast-check';
import { crossFlowDrag } from './lineDrag';
import { runRetrieve } from './retrieve';
import { crossCurrentBow, hookSet, steadyTow, type Tow, type TowInput } from './steady';
import { MESH, type LurePhysics } from './types';
import type { LinePhysics } from '../tackle/line';

const JIG: LurePhysics = { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 };
const BRAID: LinePhysics = {
  diameterM: 0.00022,
  densityKgM3: 970,
  stiffnessN: 2542,
  normalDrag: 1.15,
  tangentialDrag: 0.015,
};
const tow = (change: Partial<TowInput> = {}): Tow =>
  steadyTow({
    waterDensityKgM3: 998,
    lure: JIG,
    line: BRAID,
    speedMps: 0.8,
    tipHeightM: 1,
    lineLengthM: 20,
    ...change,
  }) as Tow;

describe('a tow', () => {
  test('the whole line lies between the lure and the tip', () => {
    const t = tow();
    expect(t.lineLengthM).toBeCloseTo(20, 6);
    const chord = Math.hypot(t.horizontalM, t.depthM + 1);
    expect(chord).toBeLessThan(20.01);
    expect(chord).toBeGreaterThan(18);
    expect(t.lineXZ.at(-1)! - t.depthM).toBeCloseTo(1, 4);
  });

  test('the wet part given back gives the same tow', () => {
    const t = tow();
    const back = tow({ lineLengthM: undefined, wetLengthM: t.wetLengthM });
    expect(back.depthM).toBeCloseTo(t.depthM, 6);
    expect(back.lineLengthM).toBeCloseTo(20, 3);
  });

  test('a simulated retrieve with a locked reel in a current settles to it', () => {
    // Held against a current: the same as a tow, reached by marching in time.
    const run = runRetrieve(
      {
        waterDensityKgM3: 998,
        lure: JIG,
        line: BRAID,
        tipM: [0, 0, 1],
        lureM: [18, 0, -1],
        lineLengthM: 20,
        reel: [],
        tipMoves: [],
        currentMps: [0.8, 0, 0],
      },
      { mesh: { ...MESH.fine, segments: 48 }, timesS: [60] },
    );
    const t = tow();
    expect(-run.samples[0]!.zM / t.depthM).toBeCloseTo(1, 1);
    expect(run.samples[0]!.xM / t.horizontalM).toBeCloseTo(1, 2);
    expect(run.samples[0]!.tensionN / t.tensionLureN).toBeCloseTo(1, 1);
  });

  test('what cannot be towed under is said', () => {
    expect(
      steadyTow({
        waterDensityKgM3: 998,
        lure: { ...JIG, massKg: 0.003 },
        line: BRAID,
        speedMps: 0.8,
        tipHeightM: 1,
        lineLengthM: 20,
      }),
    ).toEqual({
      problem: 'floats',
    });
    expect(tow({ tipHeightM: 25 })).toEqual({ problem: 'too-short' });
  });

  test('slower, heavier, thinner, lower and longer never run shallower (60 random set-ups)', () => {
    const unit = double({ min: 0, max: 1, noNaN: true });
    assertProperty(
      property(unit, unit, unit, unit, (a, b, c, d) => {
        const base: Partial<TowInput> = {
          speedMps: 0.3 + 1.5 * a,
          tipHeightM: 0.2 + 2 * b,
          lineLengthM: 10 + 40 * c,
          line: { ...BRAID, diameterM: 0.00015 + 0.0003 * d, normalDrag: null },
        };
        const depth = tow(base).depthM;
        const slack = 1e-4;
        expect(tow({ ...base, speedMps: base.speedMps! * 0.8 }).depthM).toBeGreaterThan(depth - slack);
        expect(tow({ ...base, lure: { ...JIG, massKg: JIG.massKg * 1.3 } }).depthM).toBeGreaterThan(depth - slack);
        expect(tow({ ...base, line: { ...base.line!, diameterM: base.line!.diameterM * 0.8 } }).depthM).toBeGreaterThan(
          depth - slack,
        );
        expect(tow({ ...base, tipHeightM: base.tipHeightM! * 0.5 }).depthM).toBeGreaterThan(depth - slack);
        expect(tow({ ...base, lineLengthM: base.lineLengthM! * 1.2 }).depthM).toBeGreaterThan(depth - slack);
      }),
      { seed: 11, numRuns: 60 },
    );
  });
});

describe('a bow', () => {
  const bow = (crossFlowMps: number, tensionN = 0.5) =>
    crossCurrentBow({ waterDensityKgM3: 998, line: BRAID, crossFlowMps, tensionN, lineLengthM: 25 });

  test('still water leaves the line straight, more current bellies it more, more tension less', () => {
    expect(bow(0)!.offsetM).toBeCloseTo(0, 6);
    expect(bow(0)!.chordM).toBeCloseTo(25 * (1 + 0.5 / 2542), 3);
    expect(bow(0.6)!.offsetM).toBeGreaterThan(bow(0.4)!.offsetM);
    expect(bow(0.5, 1)!.offsetM).toBeLessThan(bow(0.5, 0.5)!.offsetM);
  });

  test('a current too strong for the tension folds the line over', () => {
    expect(bow(3, 0.02)).toBeNull();
  });
});

test('a hook-set: line and rod in series, and whether the line holds', () => {
  const set = (strengthN?: number) =>
    hookSet({ line: { stiffnessN: 2000, strengthN }, lineLengthM: 20, sweepM: 1, rodStiffnessNpm: 100 });
  expect(set().forceRigidRodN).toBeCloseTo(100, 9);
  expect(set().forceN).toBeCloseTo(50, 9);
  expect([set().breaks, set(40).breaks, set(60).breaks]).toEqual([null, true, false]);
});

test('the cross-flow law: the line’s own coefficient, or by Reynolds number and never without bound', () => {
  expect(crossFlowDrag(BRAID, 0.5, 1e-6)).toBe(1.15);
  const free = { ...BRAID, normalDrag: null };
  expect(crossFlowDrag(free, 0.5, 1.1e-6)).toBeCloseTo(1.464, 3);
  expect(crossFlowDrag(free, 0, 1.1e-6)).toBeCloseTo(1 + 10 * 0.2 ** (-2 / 3), 9);
});
