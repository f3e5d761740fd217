/**
 * Straight down from a boat, a dock or through ice: how to be at a depth by the count and by the line, how far the
 * drift takes it off, and the snap that works it.
 */
import { SOLD_KG } from '../../lures/weights';
import { quantile } from '../../base/numbers';
import { cadenceLengthS, compileCadence, type Cadence } from '../cadence/cadence';
import { belowCadence } from '../cadence/library';
import type { PlanRequest } from '../task/request';
import { setUpTask, type PlanTask } from '../task/setup';
import { runRetrieve } from '../../simulation/retrieve';
import { verticalJig } from '../../simulation/setups';
import { steadyTow } from '../../simulation/steady';
import { netWeightN } from '../../simulation/sink';
import { MESH, type RetrieveInput } from '../../simulation/types';
import { linePhysics } from '../../tackle/line';
import { viscosityM2s } from '../../water/fluid';
import { drawTackle } from '../task/tackleDraws';

/** A plan for a lure below the rod, from a drifting boat or through ice. */
export interface VerticalRequest extends PlanRequest {
  /** Where it should work, m; absent: where the plan would. */
  depthM?: number | null;
  /** How fast the boat drifts over the water, m/s. */
  driftMps: number;
  /** Length between two marks on the line, m. */
  markEveryM: number;
}

/** How to bring a lure to a depth below the rod and hold it there. */
export interface VerticalPlan {
  depthM: number;
  /** Line below the surface that holds it there, m. */
  lineM: number;
  /** Seconds of free fall on an open spool: likeliest, and 5–95 % as drag and line vary. */
  countS: { mean: number; low: number; high: number };
  /** Whole marks that pass the tip, and what is let out after the last, m. */
  marks: { whole: number; restM: number };
  /** From the bottom up: turns of the handle, or null without a bottom to drop to. */
  turnsUp: number | null;
  /** Off the vertical, °, and the depth that would be lost with this much line, m. */
  angleDeg: number;
  lostM: number;
  /** More than this is too much, °. */
  steepDeg: number;
  /** The lightest weight that hangs within `STEEP_DEG` of straight down, kg; null: this one does, or none sold does. */
  heavierKg: number | null;
  cadence: Cadence;
  /** Shallowest and deepest while it is snapped, m. */
  workedM: readonly [number, number];
}

/** Why there is no such plan. */
export type VerticalProblem = 'floats' | 'drifts-too-fast';

/** More than this off the vertical and a lure below the rod is neither felt nor at its depth. prior: judgement. */
const STEEP_DEG = 20;
const DRAWS = 12;
const MAX_DROP_S = 120;
const SAMPLE_S = 0.1;
const THERE = 0.97;
const ROUNDS = 4;
/** Drifts below this hang straight down, m/s. */
const STILL_MPS = 0.01;
const MAX_LINE_PER_DEPTH = 6;

interface Hang {
  depthM: number;
  angleDeg: number;
}

/** Where a length of line below the surface holds the lure in the drift; null: it floats. */
function hang(p: PlanTask, driftMps: number, wetLengthM: number): Hang | null {
  if (driftMps < STILL_MPS) return { depthM: wetLengthM, angleDeg: 0 };
  const t = steadyTow({
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(p.reading.surfaceTempC),
    lure: p.lure,
    line: linePhysics(p.line),
    speedMps: driftMps,
    tipHeightM: p.stand.handM,
    wetLengthM,
  });
  if ('problem' in t) return null;
  const across = Math.sqrt(Math.max(0, wetLengthM ** 2 - t.depthM ** 2));
  return { depthM: t.depthM, angleDeg: (Math.atan2(across, t.depthM) * 180) / Math.PI };
}

/** Line that reaches a depth, m; null when the drift lifts it however much is let out. */
function lineFor(p: PlanTask, driftMps: number, depthM: number): number | null {
  let low = depthM;
  let high = depthM * MAX_LINE_PER_DEPTH;
  if ((hang(p, driftMps, high)?.depthM ?? 0) < depthM) return null;
  for (let i = 0; i < 30; i++) {
    const mid = (low + high) / 2;
    if ((hang(p, driftMps, mid)?.depthM ?? 0) < depthM) low = mid;
    else high = mid;
  }
  return high;
}

/** The line-and-lure problem of a lure let down on so much line below the surface, not yet worked. */
export const hungOn = (
  p: PlanTask,
  lineM: number,
  driftMps: number,
  o: ReturnType<typeof drawTackle> | null = null,
): RetrieveInput =>
  verticalJig({
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(p.reading.surfaceTempC),
    lure: { ...p.lure, dragAreaM2: p.lure.dragAreaM2 * (o?.lureDrag ?? 1), liftAreaM2: 0 },
    line: { ...linePhysics(p.line), dragScale: o?.lineDrag ?? 1 },
    reel: [],
    tipMoves: [],
    floorDepthM: p.reading.depthM,
    tipHeightM: p.stand.handM,
    letOutM: lineM,
    driftMps,
    driftAngleDeg: 0,
  });

/** Count, line and cadence of a lure let straight down in a drift; counts 5–95 % of 12 draws. */
export function planVertical({
  depthM: wished,
  driftMps,
  markEveryM,
  ...request
}: VerticalRequest): VerticalPlan | { problem: VerticalProblem } {
  const p = setUpTask(request);
  const floor = p.reading.depthM;
  const depthM = Math.min(Math.max(0.3, wished ?? p.reading.fishDepthM), floor);
  if (netWeightN(p.lure, p.waterDensityKgM3) < 1e-3) return { problem: 'floats' };
  const lineM = lineFor(p, driftMps, depthM);
  if (lineM === null) return { problem: 'drifts-too-fast' };
  const { angleDeg } = hang(p, driftMps, lineM)!;
  const straight = hang(p, driftMps, depthM)!;
  const setting = (o: ReturnType<typeof drawTackle> | null): RetrieveInput => hungOn(p, lineM, driftMps, o);
  const drop = (input: RetrieveInput): number => {
    const timesS = Array.from({ length: MAX_DROP_S / SAMPLE_S }, (_, i) => i * SAMPLE_S);
    const { samples } = runRetrieve(input, { mesh: MESH.quick, timesS, until: (s) => -s.zM >= THERE * depthM });
    return samples[samples.length - 1]?.tS ?? MAX_DROP_S;
  };
  const mean = drop(setting(null));
  const counts = Array.from({ length: DRAWS }, (_, n) => drop(setting(drawTackle(p, n))));
  const pauseS = Math.min(p.wantedPauseS, 8);
  const cadence = request.set?.cadence ?? belowCadence(p.style, pauseS);
  return {
    depthM,
    lineM,
    countS: { mean, low: Math.min(mean, quantile(counts, 0.05)!), high: Math.max(mean, quantile(counts, 0.95)!) },
    marks: { whole: Math.floor(lineM / markEveryM), restM: lineM % markEveryM },
    turnsUp: floor - depthM > 0.15 && floor < 60 ? (floor - depthM) / p.metresPerTurn : null,
    angleDeg,
    lostM: depthM - straight.depthM,
    steepDeg: STEEP_DEG,
    heavierKg: angleDeg > STEEP_DEG ? lightestSteep(request, driftMps, depthM) : null,
    cadence,
    workedM: worked(p, setting(null), cadence, mean),
  };
}

/** The lightest weight sold, of this kind of lure, that hangs steeply enough. */
function lightestSteep(request: PlanRequest, driftMps: number, depthM: number): number | null {
  for (const weightKg of SOLD_KG) {
    const q = setUpTask({ ...request, set: { ...request.set, weightKg } });
    if (weightKg <= q.family.weightKg[2] * 1.5 && netWeightN(q.lure, q.waterDensityKgM3) > 0) {
      const line = lineFor(q, driftMps, depthM);
      if (line !== null && hang(q, driftMps, line)!.angleDeg <= STEEP_DEG) return weightKg;
    }
  }
  return null;
}

/** The depths between which the cadence works it, once it is down. */
function worked(p: PlanTask, input: RetrieveInput, cadence: Cadence, countS: number): readonly [number, number] {
  const roundS = cadenceLengthS(cadence);
  const startS = countS + 2;
  const endS = startS + ROUNDS * roundS;
  const { tipMoves, reelProfile } = compileCadence(
    cadence,
    { metresPerTurn: p.metresPerTurn },
    { startS, endS, sinks: true },
  );
  const from = startS + roundS;
  const timesS = [...Array.from({ length: Math.ceil((endS - from) / SAMPLE_S) }, (_, i) => from + i * SAMPLE_S)];
  const { samples } = runRetrieve({ ...input, tipMoves, reel: reelProfile }, { mesh: MESH.plan, timesS });
  const depths = samples.map((s) => -s.zM);
  return [Math.max(0, Math.min(...depths)), Math.max(0, ...depths)];
}
