/**
 * What the simulator costs and how far it is from the reference casts: by mesh, in the plane and in space, by kind of
 * cast, and how that grows.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { allFamilies } from '../../core/lures/families';
import { planRetrieve } from '../../core/planning/plan/plan';
import { runRetrieve } from '../../core/simulation/retrieve';
import { MESH, type Mesh, type RetrieveInput } from '../../core/simulation/types';
import { estimateZone } from '../../core/holdtable/zone';
import { ROOT } from '../lib.mjs';
import { measure, table, spreadText } from './report';

/** Thirty seconds: a count of six, then a steady retrieve on braid with the product's own line drag. */
const braid: RetrieveInput = {
  waterDensityKgM3: 998,
  lure: { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 },
  line: { diameterM: 0.00022, densityKgM3: 970, stiffnessN: 2542, normalDrag: null, tangentialDrag: 0.015 },
  tipM: [0, 0, 1],
  lureM: [25, 0, 0],
  lineLengthM: 25.02,
  reel: [{ startS: 6, speedMps: 0.7, rampS: 0.5 }],
  tipMoves: [],
  currentMps: [0, 0, 0],
};
const across = { ...braid, currentMps: [-0.1, 0.25, 0] as const };
const SUSPENDER = { massKg: 0.011, volumeM3: 1.102e-5, dragAreaM2: 4e-4, liftAreaM2: 1.5e-4, addedMass: 0.5 };

/** Twitch and hang: a turn, a flick and its return, then `hangS` of nothing. */
function twitching(seconds: number, hangS: number): RetrieveInput {
  const every = hangS + 1.7;
  const starts = Array.from({ length: Math.floor((seconds - 2) / every) }, (_, k) => 2 + k * every);
  return {
    ...braid,
    lure: SUSPENDER,
    reel: starts.flatMap((t) => [
      { startS: t, speedMps: 0.5, rampS: 0.15 },
      { startS: t + 1, speedMps: 0, rampS: 0.15 },
    ]),
    tipMoves: starts.flatMap((t) => [
      { startS: t + 1.2, durationS: 0.15, dxM: -0.35, dzM: 0 },
      { startS: t + 1.35, durationS: 0.3, dxM: 0.35, dzM: 0 },
    ]),
  };
}

interface Case {
  given: RetrieveInput & { kind: string; reel: RetrieveInput['reel'][number] | null; timesS: number[] };
  expect: { depthM: number[] };
}

/** Worst and middle error of depth against the reference casts, as a share of the depth (of 30 cm at the least). */
function errorOf(mesh: Mesh): { worst: number; middle: number } {
  const cases = (JSON.parse(readFileSync(path.join(ROOT, 'core/fixtures/physics.json'), 'utf8')) as Case[]).filter(
    (c) => c.given.kind === 'cast-retrieve',
  );
  const errors = cases
    .map(({ given, expect }) => {
      const { samples } = runRetrieve(
        { ...given, reel: given.reel ? [given.reel] : [] },
        { mesh, timesS: given.timesS },
      );
      return Math.max(
        ...samples.map((s, i) => Math.abs(-s.zM - expect.depthM[i]!) / Math.max(Math.abs(expect.depthM[i]!), 0.3)),
      );
    })
    .sort((a, b) => a - b);
  return { worst: errors[errors.length - 1]!, middle: errors[Math.floor(errors.length / 2)]! };
}

const percent = (x: number): string => `${(100 * x).toFixed(1)} %`;

export function simulatorBench(): string {
  const steps = (input: RetrieveInput, mesh: Mesh, seconds: number): number =>
    runRetrieve(input, { mesh, timesS: [seconds] }).steps;
  const time = (input: RetrieveInput, mesh: Mesh, seconds: number): string =>
    spreadText(
      measure(() => void runRetrieve(input, { mesh, timesS: [seconds] }), 25),
      'ms',
      1,
    );
  const meshes = Object.entries(MESH).map(([name, mesh]) => {
    const e = errorOf(mesh);
    return [
      name,
      mesh.segments,
      percent(e.worst),
      percent(e.middle),
      time(braid, mesh, 30),
      steps(braid, mesh, 30),
      time(across, mesh, 30),
    ];
  });
  const cold = twitching(180, 15);
  const quickHands = twitching(30, 1);
  const twitchMesh = { ...MESH.plan, segments: 40 };
  const kinds = [
    ['180 s, cold: turn, twitch, 15-s hangs, plan', time(cold, MESH.plan, 180), steps(cold, MESH.plan, 180)],
    ['30 s of twitches with 1-s hangs, plan', time(quickHands, MESH.plan, 30), steps(quickHands, MESH.plan, 30)],
    ['the same on 40 segments', time(quickHands, twitchMesh, 30), steps(quickHands, twitchMesh, 30)],
    ['the same, fine', time(quickHands, MESH.fine, 30), steps(quickHands, MESH.fine, 30)],
  ];
  const growth = [
    ...[10, 20, 40, 80].map((segments) => [`${segments} segments, 30 s`, time(braid, { ...MESH.plan, segments }, 30)]),
    ...[15, 30, 60, 120].map((s) => [
      `20 segments, ${s} s of twitches with 4-s hangs`,
      time(twitching(s, 4), MESH.plan, s),
    ]),
    ...[1, 8, 32].map((n) => [
      `${n} draws on the quick mesh, 30 s each`,
      spreadText(
        measure(() => {
          for (let k = 0; k < n; k++)
            runRetrieve(
              { ...braid, line: { ...braid.line, dragScale: 0.7 + 0.02 * k } },
              { mesh: MESH.quick, timesS: [30] },
            );
        }),
        'ms',
        1,
      ),
    ]),
  ];
  const sixty = Array.from({ length: 60 }, (_, k) => allFamilies()[k % allFamilies().length]!);
  const lookUp = spreadText(
    measure(() => sixty.forEach((f, k) => void estimateZone(f, 0.3 + 0.05 * k, 0.4, 0, 0.15e-3 + 3e-6 * k)), 25),
    'ms',
    2,
  );
  const tackle = {
    rod: { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const },
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'braid' as const, strengthLb: 15 },
  };
  const conditions = {
    species: 'largemouth-bass' as const,
    month: 5,
    water: { setting: 'lake' as const, surfaceTempC: 18, depthM: 4, fishDepthM: 2 },
  };
  const first = spreadText(
    measure(() => void planRetrieve({ conditions, lure: { family: 'spinnerbait' }, ...tackle }, 'first'), 9),
  );
  return `## The simulator

In Node, warm, median and range of 25 runs. Error: depth against the reference casts at every time asked, as a share of the depth.

${table(['mesh', 'segments', 'worst error', 'middle error', '30-s cast on braid, in the plane', 'steps', 'the same with a current across, in space'], meshes)}

${table(['what', 'time', 'steps'], kinds)}

How it grows:

${table(['what', 'time'], growth)}

Looking 60 lures up in the zone table, each at its own depth and line: ${lookUp}. A first plan (one cast simulated): ${first}.

What was tried for speed: a solver in the plane of its own (half the time of space); second order in time with steps that follow their error, and line nodes
allowed five times the error of the lure (a steady 30 s from 1,200 steps of first order to 163, of which the second brings 393 down to 163); the true slope of the Reynolds-dependent
drag in the matrix, and symmetric blocks eliminated from the tip (not measured alone); no line search in the first twelve corrections (assemblies of a cast with bumps and slack from
23,200 to 12,700); meshes graded 5:1 instead of 8:1 (the worst reference cast at 20 segments from 3.0 to 1.8 %). Holding the stiffness of braid down no longer
brings anything. Looser steps than these do not pay: slack and taut changing places then cost corrections.
A correction across a line that hardly stretches lengthens it by an amount of second order, which its stiffness turns into a great force: going by the stretch that
the last correction foretold in first order, instead of by the stretch it has, took the corrections of a 30-s cast on the middle mesh from 935 to 557 (of its like in space from 1,105 to 456),
the rate at which they shrink as a reason to stop to 455, and half the step after twelve corrections instead of a search along the correction those of a cast with twitches
from 5,265 to 4,775. In one run before and after: 5.1 to 2.7 ms in the plane, 12.4 to 5.9 in space, 30 s of twitches 53 to 28 ms. Not tried: shared matrices between steps,
single precision, WebAssembly.`;
}
