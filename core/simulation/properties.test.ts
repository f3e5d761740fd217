import { anyProblem } from '../fixtures/anyProblem';
import { seededRandom } from '../base/random';
import { inputProblems, LEGAL_RANGES } from './check';
import { createEngine, type Engine } from './engine';
import { createChain, gradedLengths, setMasses } from './chain';
import { planeForces } from './plane';
import { spaceForces } from './space';
import { runRetrieve, type Run } from './retrieve';
import { towedPass, verticalJig } from './setups';
import { steadyTow } from './steady';
import { MESH, type LeaderPhysics, type LurePhysics, type Mesh, type RetrieveInput } from './types';
import { GRAVITY } from './medium';
import type { LinePhysics } from '../tackle/line';

const JIG: LurePhysics = { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 };
const DIVER: LurePhysics = { massKg: 0.012, volumeM3: 1.4e-5, dragAreaM2: 6.5e-4, liftAreaM2: 3e-4, addedMass: 0.5 };
const BRAID: LinePhysics = {
  diameterM: 0.00022,
  densityKgM3: 970,
  stiffnessN: 2542,
  normalDrag: 1.15,
  tangentialDrag: 0.015,
};
const FLUORO: LinePhysics = {
  diameterM: 0.0003,
  densityKgM3: 1780,
  stiffnessN: 240,
  normalDrag: null,
  tangentialDrag: 0.015,
};
const CORK: LeaderPhysics['body'] = {
  massKg: 0.02,
  volumeM3: 5e-5,
  dragAreaM2: 8e-4,
  liftAreaM2: 0,
  addedMass: 0.5,
  halfHeightM: 0.03,
};
const TWITCH = [
  { startS: 5, durationS: 0.15, dxM: -0.3, dzM: 0 },
  { startS: 5.15, durationS: 0.3, dxM: 0.3, dzM: 0 },
];

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
const times = (to: number, step = 1): number[] =>
  Array.from({ length: Math.round(to / step) }, (_, i) => (i + 1) * step);
const run = (input: RetrieveInput, timesS: readonly number[], mesh: Mesh = MESH.plan, lineShapes = false): Run => {
  const r = runRetrieve(input, { mesh, timesS, lineShapes });
  expect(r.problems).toEqual([]);
  expect(r.failedAtS).toBeNull();
  return r;
};
const deepest = (input: RetrieveInput, to = 20): number => Math.max(...run(input, times(to)).samples.map((s) => -s.zM));
const at = (input: RetrieveInput, s: number, mesh?: Mesh): Run['samples'][number] => run(input, [s], mesh).samples[0]!;
const rising = (depths: readonly number[]): void => expect([...depths].sort((a, b) => a - b)).toEqual(depths);

describe('what must hold of any line and lure', () => {
  test('all else equal more weight never runs shallower', () => {
    rising(
      [0.7, 1, 1.4, 2].map((k) =>
        deepest(cast({ lure: { ...JIG, massKg: JIG.volumeM3 * 998 + (JIG.massKg - JIG.volumeM3 * 998) * k } })),
      ),
    );
  });

  test('a thinner line never makes a diver shallower', () => {
    const reel = [{ startS: 1, speedMps: 1, rampS: 0.5 }];
    for (const normalDrag of [1.15, null])
      rising(
        [0.0004, 0.0003, 0.0002].map((diameterM) =>
          deepest(cast({ lure: DIVER, reel, line: { ...BRAID, normalDrag, diameterM } })),
        ),
      );
  });

  test('a lower tip never runs shallower', () => {
    const reel = [{ startS: 1, speedMps: 1, rampS: 0.5 }];
    for (const lure of [DIVER, JIG])
      rising(
        [2.5, 1, 0.3].map((h) =>
          deepest(cast({ lure, tipM: [0, 0, h], lineLengthM: Math.hypot(20, h) * 1.001, reel })),
        ),
      );
  });

  test('the Reynolds effect: thin line drags more than the constant says, and a jig runs shallower', () => {
    expect(deepest(cast({ line: { ...BRAID, normalDrag: null } }))).toBeLessThan(0.95 * deepest(cast()));
  });

  test('a floater ends on the surface, a sinker on the bottom', () => {
    const up = at(cast({ lure: { ...DIVER, liftAreaM2: 0 }, lureM: [8, 0, -2], lineLengthM: 9, reel: [] }), 25);
    expect(Math.abs(up.zM)).toBeLessThan(0.05);
    const down = at(cast({ lureM: [8, 0, 0], lineLengthM: 11, reel: [], floorDepthM: 2 }), 25);
    expect(down.zM).toBeCloseTo(-2, 1);
    expect(down.onBottom).toBe(true);
  });

  test('a cross current to the left mirrors one to the right, and so does a wind', () => {
    for (const side of ['currentMps', 'windMps'] as const) {
      const k = side === 'windMps' ? 10 : 0.4;
      const left = run(cast({ [side]: [0, k, 0] }), times(10)).samples;
      run(cast({ [side]: [0, -k, 0] }), times(10)).samples.forEach((s, i) => {
        expect(Math.abs(left[i]!.yM)).toBeGreaterThan(0);
        expect(s.yM).toBeCloseTo(-left[i]!.yM, 6);
        expect(s.xM).toBeCloseTo(left[i]!.xM, 6);
        expect(s.zM).toBeCloseTo(left[i]!.zM, 6);
      });
    }
  });

  test('the plane is the space with nothing across: same forces, same correction (seed 5)', () => {
    const random = seededRandom(5);
    for (let k = 0; k < 60; k++) {
      const p = anyProblem(random);
      const flat: RetrieveInput = {
        ...p,
        lureM: [p.lureM[0], 0, p.lureM[2]],
        currentMps: [p.currentMps[0], 0, 0],
        windMps: p.windMps ? [p.windMps[0], 0, 0] : null,
        tipMoves: [],
      };
      const n = 9;
      const spread = (): number[] =>
        Array.from({ length: 2 * (n + 1) }, (_, q) =>
          q % 2 ? 1.2 * (random() - 0.8) : (q / 2) * (2 * random() - 0.4),
        );
      const [x, v, a] = [spread(), spread(), spread()];
      const results = [1, 0].map((plane) => {
        // A breath across makes it a problem in space.
        const chain = createChain(plane ? flat : { ...flat, currentMps: [flat.currentMps[0], 1e-13, 0] }, n);
        expect(chain.dim).toBe(plane ? 2 : 3);
        const laid = (u: number[]): Float64Array =>
          Float64Array.from(plane ? u : Array.from({ length: n + 1 }, (_, i) => [u[2 * i]!, 0, u[2 * i + 1]!]).flat());
        setMasses(chain);
        const forces = plane ? planeForces(chain) : spaceForces(chain);
        forces.turnLure(laid(x));
        const at = laid(x);
        const closing = {
          rate: 30,
          velocity0: laid(v.map((u, q) => u - 30 * x[q]!)),
          acceleration0: laid(a),
        };
        const inPlane = (c: Float64Array): number[] => (plane ? [...c] : [...c].filter((_, q) => q % 3 !== 1));
        // Twice: the second correction goes by the stretch that the first foretold.
        return [0, 1].flatMap(() => {
          forces.assemble(at, closing);
          const tension = forces.tensionAtLureN();
          forces.solve();
          forces.correction.forEach((d, q) => (at[q]! += d));
          return [tension, ...inPlane(forces.correction)];
        });
      });
      results[0]!.forEach((value, q) =>
        expect(Math.abs(value - results[1]![q]!)).toBeLessThanOrEqual(1e-8 * Math.abs(value) + 1e-10),
      );
    }
  });

  test('settled: halving mesh, step and tolerance moves depth by less than 1 %', () => {
    const half = {
      segments: 80,
      errorM: 2.5e-6,
      longestStepS: 0.05,
      firstStepS: 0.00125,
      settleM: 5e-7,
      moveSteps: 10,
      rampSteps: 6,
    };
    for (const input of [
      cast(),
      cast({ lure: DIVER, line: FLUORO, reel: [{ startS: 1, speedMps: 1, rampS: 0.5 }] }),
      cast({ tipMoves: TWITCH, lineLengthM: 21 }),
      cast({ currentMps: [0.1, 0.3, 0] }),
    ]) {
      const a = run(input, times(16, 2), MESH.fine).samples;
      run(input, times(16, 2), half).samples.forEach((s, i) =>
        expect(Math.abs(s.zM - a[i]!.zM)).toBeLessThan(0.01 * Math.abs(s.zM) + 0.002),
      );
    }
  });

  test('energy never appears from nowhere: a held line left to itself only loses it (seed 11)', () => {
    const random = seededRandom(11);
    for (let k = 0; k < 24; k++) {
      const p = anyProblem(random);
      // Wholly under water, so that weight and buoyancy are plain; nothing drives it and the water is still.
      const input: RetrieveInput = {
        ...p,
        tipM: [0, 0, -1],
        lureM: [p.lureM[0], p.lureM[1], -1.5 - 3 * random()],
        lineLengthM: Math.hypot(p.lureM[0], p.lureM[1], 4) * (1 + 0.3 * random()),
        leader: null,
        reel: [],
        tipMoves: [],
        currentMps: [0, 0, 0],
        windMps: null,
        rodStiffnessNpm: null,
        floorDepthM: undefined,
      };
      const mesh = MESH.fine;
      const engine = createEngine(input, mesh);
      // Floaters would reach the surface in the end; stop before.
      let before = Infinity;
      let scale = 0;
      for (let t = 0, n = 0; t < 3 && n < 400; n++) {
        const e = energyJ(engine, input, mesh);
        if (e.highestZ > -0.05) break;
        if (before === Infinity) scale = Math.abs(e.totalJ) + 1e-4;
        expect(e.totalJ).toBeLessThanOrEqual(before + 2e-4 * scale + 1e-7);
        before = Math.min(before, e.totalJ);
        const h = engine.step(t, 0.02);
        expect(h).toBeGreaterThan(0);
        t += h;
      }
    }
  });

  test('ten thousand random legal problems give numbers, never NaN (seed 7)', () => {
    const random = seededRandom(7);
    const bad: unknown[] = [];
    const coarse = {
      segments: 6,
      errorM: 0.02,
      longestStepS: 0.5,
      firstStepS: 0.05,
      settleM: 1e-3,
      moveSteps: 5,
      rampSteps: 3,
    };
    for (let k = 0; k < 10_000; k++) {
      const input = anyProblem(random);
      const r = runRetrieve(input, {
        mesh: k % 20 ? coarse : MESH.quick,
        timesS: [0.7, 2, 4],
        stopAtLineM: input.tipM[2] + 0.6,
      });
      const numbers = r.samples.flatMap((s) => [s.xM, s.yM, s.zM, s.speedMps, s.tensionN, s.lineOutM]);
      if (r.problems.length > 0 || r.failedAtS !== null || numbers.length === 0 || !numbers.every(Number.isFinite))
        bad.push({ k, ...r });
    }
    expect(bad).toEqual([]);
  });
});

/**
 * Kinetic, weight less buoyancy, and stretch, as the solver lumps them (added mass of the line counts as inertia only).
 */
function energyJ(engine: Engine, input: RetrieveInput, mesh: Mesh): { totalJ: number; highestZ: number } {
  const { lure, line, waterDensityKgM3: rho } = input;
  const area = (Math.PI * line.diameterM ** 2) / 4;
  const ell = gradedLengths(input.lineLengthM, mesh.segments);
  const node = { x: 0, y: 0, z: 0, vx: 0, vy: 0, vz: 0 };
  const before = { ...node };
  let totalJ = 0;
  let highestZ = -Infinity;
  for (let i = 0; i <= mesh.segments; i++) {
    engine.state(i, node);
    if (i < mesh.segments) highestZ = Math.max(highestZ, node.z);
    const share = 0.5 * ((ell[i - 1] ?? 0) + (ell[i] ?? 0));
    const inertia =
      i === mesh.segments
        ? 0
        : share * (line.densityKgM3 + rho) * area + (i === 0 ? lure.massKg + lure.addedMass * rho * lure.volumeM3 : 0);
    const weightN =
      GRAVITY * (share * (line.densityKgM3 - rho) * area + (i === 0 ? lure.massKg - rho * lure.volumeM3 : 0));
    totalJ += 0.5 * inertia * (node.vx ** 2 + node.vy ** 2 + node.vz ** 2) + weightN * node.z;
    if (i > 0) {
      const l = ell[i - 1]!;
      const e = Math.hypot(node.x - before.x, node.y - before.y, node.z - before.z) / l - 1;
      if (e > 0) totalJ += 0.5 * line.stiffnessN * e * e * l;
    }
    Object.assign(before, node);
  }
  return { totalJ, highestZ };
}

describe('what is out of range is named, not solved', () => {
  const illegal: [string, Partial<RetrieveInput>][] = [
    ['lure.massKg', { lure: { ...JIG, massKg: -1 } }],
    ['lure.volumeM3', { lure: { ...JIG, volumeM3: 0 } }],
    ['lure.dragAreaM2', { lure: { ...JIG, dragAreaM2: NaN } }],
    ['line.diameterM', { line: { ...BRAID, diameterM: 0 } }],
    ['line.stiffnessN', { line: { ...BRAID, stiffnessN: Infinity } }],
    ['line.normalDrag', { line: { ...BRAID, normalDrag: -1 } }],
    ['line.dragScale', { line: { ...BRAID, normalDrag: null, dragScale: 0 } }],
    ['waterDensityKgM3', { waterDensityKgM3: 1 }],
    ['viscosityM2s', { viscosityM2s: 0 }],
    ['tipM[2]', { tipM: [0, 0, NaN] }],
    ['currentMps[1]', { currentMps: [0, 99, 0] }],
    ['windMps[0]', { windMps: [-99, 0, 0] }],
    ['lineLengthM', { lineLengthM: 12 }],
    ['lineLengthM', { lineLengthM: NaN }],
    ['reel[0].speedMps', { reel: [{ startS: 0, speedMps: -2, rampS: 1 }] }],
    [
      'reel[1].startS',
      {
        reel: [
          { startS: 5, speedMps: 1, rampS: 1 },
          { startS: 1, speedMps: 1, rampS: 1 },
        ],
      },
    ],
    ['tipMoves[0].durationS', { tipMoves: [{ startS: 0, durationS: 0, dxM: 1, dzM: 0 }] }],
    ['leader.lengthM', { leader: { lengthM: 30, line: FLUORO, body: null } }],
    ['leader.body.halfHeightM', { leader: { lengthM: 1, line: FLUORO, body: { ...CORK, halfHeightM: 0 } } }],
    ['rodStiffnessNpm', { rodStiffnessNpm: 1e9 }],
    ['floorDepthM', { floorDepthM: -1 }],
  ];
  test.each(illegal)('%s', (path, change) => {
    const r = runRetrieve(cast(change), { mesh: MESH.quick, timesS: [1] });
    expect(r.samples).toEqual([]);
    expect(r.problems.map((p) => p.path)).toContain(path);
    for (const p of r.problems) expect(p.expected).toMatch(/\d|before/);
  });

  test('every drawn problem is legal, and the ends of the ranges are', () => {
    const random = seededRandom(1);
    for (let k = 0; k < 500; k++) expect(inputProblems(anyProblem(random))).toEqual([]);
    expect(inputProblems(cast({ waterDensityKgM3: LEGAL_RANGES.waterDensityKgM3[0] }))).toEqual([]);
  });
});

describe('what this adds to the ideal', () => {
  test('a bait hangs below its float at the length of the leader, and the float stays on top', () => {
    const leader: LeaderPhysics = { lengthM: 0.9, line: FLUORO, body: CORK };
    const bait: LurePhysics = { ...JIG, massKg: 0.006, volumeM3: 1.5e-6 };
    const input = cast({ lure: bait, leader, lureM: [15, 0, 0], lineLengthM: 15.2, reel: [] });
    const end = run(input, [30], MESH.plan, true).samples[0]!;
    expect(-end.zM).toBeGreaterThan(0.85);
    expect(-end.zM).toBeLessThan(0.95);
    // Pulled along, the bait swings up behind the float; left alone it comes down again.
    const reel = [
      { startS: 12, speedMps: 0.6, rampS: 0.3 },
      { startS: 16, speedMps: 0, rampS: 0.3 },
    ];
    const pulled = run({ ...input, reel }, [11, 15, 24]).samples.map((s) => -s.zM);
    expect(pulled[1]!).toBeLessThan(pulled[0]! - 0.1);
    expect(pulled[2]!).toBeGreaterThan(pulled[1]! + 0.1);
  });

  test('a weight on the knot takes a floating bait down and lets it stand up from the bottom', () => {
    const sinker: LeaderPhysics['body'] = {
      massKg: 0.014,
      volumeM3: 1.3e-6,
      dragAreaM2: 1e-4,
      liftAreaM2: 0,
      addedMass: 0.5,
      halfHeightM: 0.01,
    };
    const bait: LurePhysics = { massKg: 0.003, volumeM3: 4e-6, dragAreaM2: 2e-4, liftAreaM2: 0, addedMass: 0.5 };
    const input = cast({
      lure: bait,
      leader: { lengthM: 0.6, line: FLUORO, body: sinker },
      lineLengthM: 23,
      reel: [],
      floorDepthM: 3,
    });
    const end = at(input, 40);
    expect(-end.zM).toBeGreaterThan(2.2);
    expect(-end.zM).toBeLessThan(2.7);
  });

  test('a crank that digs rides the bottom and comes off it when it rises', () => {
    const input = cast({
      lure: DIVER,
      reel: [
        { startS: 1, speedMps: 1, rampS: 0.5 },
        { startS: 14, speedMps: 0, rampS: 0.3 },
      ],
      floorDepthM: 0.9,
    });
    const r = run(input, times(18)).samples;
    expect(r.some((s) => s.onBottom && s.tS < 14)).toBe(true);
    expect(r.every((s) => -s.zM < 0.95)).toBe(true);
    expect(r[r.length - 1]!.onBottom).toBe(false);
  });

  test('wind across bows the line that is out of the water, more for a high tip', () => {
    const shift = (h: number): number =>
      Math.abs(
        at(cast({ windMps: [0, 8, 0], tipM: [0, 0, h], lineLengthM: Math.hypot(20, h) * 1.01, reel: [] }), 6).yM,
      );
    expect(shift(1)).toBeGreaterThan(0.005);
    expect(shift(3)).toBeGreaterThan(shift(1));
    // No wind, no difference: still air on a line at rest is nothing to speak of.
    expect(at(cast({ windMps: [0, 0, 0] }), 10).zM).toBeCloseTo(at(cast(), 10).zM, 2);
  });

  test('a softer rod takes the edge off a twitch, and changes nothing at rest', () => {
    const peak = (rodStiffnessNpm: number | null): number =>
      Math.max(
        ...run(
          cast({ rodStiffnessNpm, tipMoves: TWITCH.map((m) => ({ ...m, startS: m.startS + 4 })) }),
          times(11, 0.02),
        ).samples.map((s) => s.tensionN),
      );
    expect(peak(30)).toBeLessThan(peak(200));
    expect(peak(30)).toBeLessThan(peak(null));
    expect(at(cast({ reel: [], rodStiffnessNpm: 80 }), 3).zM).toBeCloseTo(at(cast({ reel: [] }), 3).zM, 1);
  });

  test('straight down it hangs below the tip; a drift drags it off and up; through ice it stands still', () => {
    const down = (driftMps: number): Run['samples'][number] =>
      at(
        verticalJig({
          ...cast(),
          reel: [],
          tipHeightM: 0.6,
          letOutM: 12,
          driftMps,
          driftAngleDeg: 0,
          lure: { ...JIG, massKg: 0.03, volumeM3: 3e-6 },
        }),
        60,
      );
    const ice = down(0);
    expect(ice.zM).toBeCloseTo(-12, 1);
    expect(Math.abs(ice.xM)).toBeLessThan(0.1);
    const drifting = down(0.6);
    expect(-drifting.zM).toBeLessThan(11.8);
    expect(drifting.xM).toBeLessThan(-1);
  });

  test('a towed pass settles where the steady tow says', () => {
    const lure = { ...DIVER };
    const tow = steadyTow({
      waterDensityKgM3: 998,
      viscosityM2s: 1.1e-6,
      lure,
      line: BRAID,
      speedMps: 1.2,
      tipHeightM: 1,
      lineLengthM: 20,
    });
    const end = at(towedPass({ ...cast(), reel: [], lure, tipHeightM: 1, lineOutM: 20, speedMps: 1.2 }), 60, MESH.fine);
    expect('depthM' in tow && Math.abs(-end.zM - tow.depthM) / tow.depthM).toBeLessThan(0.01);
  });
});
