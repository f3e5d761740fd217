/**
 * Builds the table that ranking uses in place of a simulation: for each swimming family and depth, the best share of a
 * cast and speed that a plain retrieve keeps it within the default fish band there (countdown and rod tip chosen
 * freely), on three lines and in three weights. Reference set-up: 22 m cast, tip 0.3 or 2.2 m up, braid, still fresh
 * water, no bottom.
 */
import type { Family } from '../lures/family';
import { lurePhysics } from '../lures/physics';
import { runRetrieve } from '../simulation/retrieve';
import { freeSink, timeToSinkS } from '../simulation/sink';
import { MESH, type Mesh, type RetrieveInput } from '../simulation/types';
import { linePhysics } from '../tackle/line';
import { MAX_COUNT_S, TABLE_TIPS_M, writtenCountS, type Cell } from './cells';
import { DEPTH_GRID_M, REFERENCE_CAST_M as CAST_M, TABLE_LINES_M, tableSpeeds } from './grid';
import { FRESH_KG_M3, viscosityM2s } from '../water/fluid';
import { defaultFishBandM } from '../water/usual';

const MIDDLE_LINE = 1;
const SAMPLE_S = 0.2;

/** What the hands do on a cast of the table: count, s; line speed, m/s; height of the tip, m. */
export interface Setup {
  countdownS: number;
  speedMps: number;
  tipM: number;
}

/** The cast that the table simulates for a family at a depth, line, tip and speed. */
export function referenceInput(f: Family, s: Setup, diameterM: number): RetrieveInput {
  const line = { ...linePhysics({ material: 'braid', strengthLb: 15 }), diameterM };
  const lengthM = Math.hypot(CAST_M, s.tipM) * 1.02;
  return {
    waterDensityKgM3: FRESH_KG_M3,
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
export function sharesOf(f: Family, s: Setup, diameterM: number, mesh: Mesh = MESH.quick): number[] {
  const totalS = s.countdownS + CAST_M / s.speedMps + 2;
  const timesS = Array.from({ length: Math.ceil(totalS / SAMPLE_S) }, (_, i) => (i + 1) * SAMPLE_S);
  const { samples } = runRetrieve(referenceInput(f, s, diameterM), { mesh, timesS, stopAtLineM: s.tipM + 1.2 });
  return DEPTH_GRID_M.map((d) => {
    const [top, bottom] = defaultFishBandM(d, 99);
    return samples.filter((x) => -x.zM >= top && -x.zM <= bottom).length / Math.max(1, samples.length);
  });
}

function countdowns(f: Family): number[] {
  const sink = freeSink(lurePhysics(f, f.weightKg[1]), FRESH_KG_M3);
  if (!sink) return [0];
  const depths = DEPTH_GRID_M.filter((d) => d <= f.depthM[1]);
  const counts = depths.flatMap((d) => [1.05, 1.3, 1.6].map((k) => writtenCountS(k * timeToSinkS(sink, d))));
  return [...new Set([0, ...counts])].filter((t) => t < MAX_COUNT_S);
}

/** For each grid depth, for each table speed, the best shares and the hands, of a lure of this one weight. */
export function buildTable(f: Family, mesh: Mesh = MESH.plan): Cell[][] {
  const speeds = tableSpeeds(f);
  const table = DEPTH_GRID_M.map(() =>
    speeds.map((): Cell => ({ shares: TABLE_LINES_M.map(() => 0), countdownS: 0, tipM: TABLE_TIPS_M[0] })),
  );
  speeds.forEach((speedMps, k) => {
    for (const countdownS of countdowns(f))
      for (const tipM of TABLE_TIPS_M)
        TABLE_LINES_M.forEach((line, l) =>
          sharesOf(f, { countdownS, speedMps, tipM }, line, mesh).forEach((share, i) => {
            const cell = table[i]![k]!;
            if (share <= cell.shares[l]!) return;
            cell.shares[l] = share;
            if (l === MIDDLE_LINE) Object.assign(cell, { countdownS, tipM });
          }),
        );
  });
  return table;
}
