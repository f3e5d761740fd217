/** From the casts of the draws to ranges: of a share, of a depth, of what a change gains. */
import { DRAW_COUNT } from '../../base/draws';
import { clamp, quantile } from '../../base/numbers';
import type { Track } from './track';

/** Arithmetic mean of at least one value. */
export const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** Standard deviation of at least one value, as they are. */
function deviation(values: readonly number[]): number {
  const middle = mean(values);
  return Math.sqrt(mean(values.map((v) => (v - middle) ** 2)));
}

/** Deviations to the ends of 5–95 %. */
const ENDS = 1.645;

/**
 * What one change alone gains on the whole, and where its gain lies, from those at the corners and at the likeliest
 * tackle.
 */
export function gainRange(
  atCorners: readonly number[],
  likeliest: number,
): { gain: number; low: number; high: number } {
  const gain = mean(atCorners);
  const spread = ENDS * deviation(atCorners);
  const all = [...atCorners, likeliest];
  return {
    gain,
    low: Math.max(-1, Math.min(...all, gain - spread) - DIFFERENCE_DOUBT),
    high: Math.min(1, Math.max(...all, gain + spread) + DIFFERENCE_DOUBT),
  };
}

/** The draws by number. */
export const DRAWS = Array.from({ length: DRAW_COUNT }, (_, n) => n);

/** Shares that differ by less than this differ by the mesh and the steps in time, as likely as not. */
export const MESH_DOUBT = 0.025;

/**
 * Where the coarsest mesh is this far off for the likeliest tackle (a lure that hangs is in the band by it and out of
 * it by a finer one), the draws are cast on the middle mesh: to move them all by one cast's error told a share of 0.76
 * that was 0.52.
 */
export const COARSE_TRUSTED = 0.08;

/** A difference of two shares: each may be off by as much. */
export const DIFFERENCE_DOUBT = 2 * MESH_DOUBT;

/** A share of time and its 5–95 % range. */
export interface ShareRange {
  mean: number;
  low: number;
  high: number;
}

/**
 * Where a share lies, from its value and its values in the draws, which were made on a coarser mesh where the value was
 * `coarse`.
 */
export function shareRange(value: number, coarse: number, drawn: readonly number[]): ShareRange {
  if (drawn.length === 0) return { mean: value, low: value, high: value };
  const moved = drawn.map((s) => clamp(s + value - coarse, 0, 1));
  const middle = mean(moved);
  // A few draws seldom hold the ends.
  const ends = drawn.length < DRAW_COUNT ? ENDS * deviation(moved) : 0;
  return {
    mean: middle,
    low: clamp(Math.min(middle - ends, value, quantile(moved, 0.05)!) - MESH_DOUBT, 0, 1),
    high: clamp(Math.max(middle + ends, value, quantile(moved, 0.95)!) + MESH_DOUBT, 0, 1),
  };
}

/** The shallow and the deep edge of where a lure may run, m, at the moments of its track. */
export interface DepthRange {
  shallowM: number[];
  deepM: number[];
}

/** 5–95 % of the drawn depths at each moment of the track; where a draw's cast is over its last depth stands. */
export function depthRange(track: Track, drawn: readonly Track[]): DepthRange {
  const at = (i: number, q: number): number => {
    const depths = drawn.map((t) => t.depthM[Math.min(i, t.depthM.length - 1)]!);
    // What is likeliest lies inside its own range.
    const d = quantile(depths, q)!;
    return q < 0.5 ? Math.min(d, track.depthM[i]!) : Math.max(d, track.depthM[i]!);
  };
  return { shallowM: track.tS.map((_, i) => at(i, 0.05)), deepM: track.tS.map((_, i) => at(i, 0.95)) };
}
