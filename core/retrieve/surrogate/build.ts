/**
 * Builds the table that ranking uses in place of a simulation: for each swimming family and depth, the best share of a cast
 * that a plain retrieve keeps it within the default fish band there (countdown, speed and rod tip chosen freely).
 * Reference set-up: 22 m cast, tip 0.3 or 2.2 m up, 15-lb braid (6-lb below 4 g), still fresh water, no bottom.
 */
import { defaultFishBandM } from '../../water/defaults';
import type { Family } from '../../lures/family';
import { lurePhysics, viscosityM2s } from '../../lures/physics';
import { runRetrieve } from '../simulate/retrieve';
import { freeSink, timeToSinkS } from '../simulate/sink';
import { MESH, type Mesh, type RetrieveInput } from '../simulate/types';
import { linePhysics } from '../tackle/line';
import { DEPTH_GRID_M } from './grid';

const CAST_M = 22;
const SAMPLE_S = 0.2;

export interface Setup {
  countdownS: number;
  speedMps: number;
  tipM: number;
}

export function referenceInput(f: Family, s: Setup): RetrieveInput {
  const line = linePhysics({ material: 'braid', strengthLb: f.weightKg[1] < 0.004 ? 6 : 15 });
  const lengthM = Math.hypot(CAST_M, s.tipM) * 1.02;
  return {
    waterDensityKgM3: 998,
    viscosityM2s: viscosityM2s(18),
    lure: lurePhysics(f, f.weightKg[1]),
    line,
    tipM: [0, 0, s.tipM],
    lureM: [CAST_M, 0, 0],
    lineLengthM: lengthM,
    reel: [{ startS: s.countdownS, speedMps: s.speedMps, rampS: 0.4 }],
    tipMoves: [],
    currentMps: [0, 0, 0],
  };
}

/** Share of the cast inside the default band around each grid depth, 0–1. */
export function sharesOf(f: Family, s: Setup, mesh: Mesh = MESH.quick): number[] {
  const totalS = s.countdownS + CAST_M / s.speedMps + 2;
  const timesS = Array.from({ length: Math.ceil(totalS / SAMPLE_S) }, (_, i) => (i + 1) * SAMPLE_S);
  const { samples } = runRetrieve(referenceInput(f, s), { mesh, timesS, stopAtLineM: s.tipM + 1.2 });
  return DEPTH_GRID_M.map((d) => {
    const [top, bottom] = defaultFishBandM(d, 99);
    return samples.filter((x) => -x.zM >= top && -x.zM <= bottom).length / Math.max(1, samples.length);
  });
}

export function candidateSetups(f: Family): Setup[] {
  const sink = freeSink(lurePhysics(f, f.weightKg[1]), 998);
  const [lo, hi] = f.speedMps;
  const slow = Math.max(lo, 0.12);
  const speeds = [0, 0.25, 0.5, 0.75, 0.95].map((k) => slow * (hi / slow) ** k);
  const counts = sink ? [0, ...DEPTH_GRID_M.filter((d) => d <= f.depthM[1]).flatMap((d) => [1.05, 1.3, 1.6].map((k) => k * timeToSinkS(sink, d)))].filter((t) => t < 45) : [0];
  return counts.flatMap((countdownS) => speeds.flatMap((speedMps) => [0.3, 2.2].map((tipM) => ({ countdownS, speedMps, tipM }))));
}

/** The best share at each grid depth, and the set-up that gives it. */
export function buildShares(f: Family, mesh: Mesh = MESH.quick): { share: number[]; setup: Setup[] } {
  const share = DEPTH_GRID_M.map(() => 0);
  const setup: Setup[] = DEPTH_GRID_M.map(() => ({ countdownS: 0, speedMps: f.speedMps[0], tipM: 0.3 }));
  for (const s of candidateSetups(f)) {
    sharesOf(f, s, mesh).forEach((v, i) => {
      if (v > share[i]!) {
        share[i] = v;
        setup[i] = s;
      }
    });
  }
  return { share, setup };
}
