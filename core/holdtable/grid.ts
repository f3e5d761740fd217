/** Depths, m, speeds, m/s, and lines at which the zone table is kept. */
import type { Family } from '../lures/family';

/** The cast of the table, m. */
export const REFERENCE_CAST_M = 22;

/** Depths the table is made for, m; between them it is read in a straight line. */
export const DEPTH_GRID_M = [0.2, 0.5, 0.8, 1.2, 1.6, 2, 2.5, 3, 4, 5, 6.5, 8, 10, 12] as const;

/** What is cast and drawn along is hardly drawn slower, m/s; what is hung beside a piece is. */
const DRAWN_MPS = 0.12;

const BETWEEN = [0, 0.25, 0.5, 0.75, 0.95] as const;
/** Speeds of a row. */
export const SPEEDS = BETWEEN.length;

/** Weights the table is made for, as shares of the kind's middle one; between them it is read by the logarithm. */
export const TABLE_WEIGHTS = [0.5, 1, 2] as const;

/** A sinker holds a depth at a speed that grows with these powers of its weight and its drag. */
const SPEED_BY = { weight: 0.4, drag: -0.15 } as const;

/** Five speeds between the slowest and nearly the fastest the kind works at, m/s: a heavy sinker's are faster. */
export function tableSpeeds(f: Family): number[] {
  const [lo, hi] = f.speedMps;
  const slow = f.hungBeside ? lo : Math.max(lo, DRAWN_MPS);
  const quicker = f.liftAreaM2 > 0 ? 1 : f.weightShare ** SPEED_BY.weight * f.counted.drag ** SPEED_BY.drag;
  return BETWEEN.map((k) => quicker * slow * (hi / slow) ** k);
}

/** The table knows these lines, m thick, and all between them. */
export const TABLE_LINES_M = [0.11e-3, 0.2e-3, 0.36e-3] as const;
/** Braid of 15 lb where nobody said; lures below this weight, kg, are always thrown on light line. */
const USUAL_LINE_M = 0.19e-3;
const LIGHT_LINE_M = 0.13e-3;
const LIGHT_KG = 0.004;

/** The line a family is thrown on: its own, else the one in use, but light line for what only that can throw. */
export function lineFor(f: Family, inUseM?: number): number {
  const onM = f.lineM ?? inUseM;
  return f.weightKg[1] < LIGHT_KG ? Math.min(onM ?? LIGHT_LINE_M, LIGHT_LINE_M) : (onM ?? USUAL_LINE_M);
}
