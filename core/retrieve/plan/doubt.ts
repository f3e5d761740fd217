/** What is not known exactly, as 32 fixed draws over the lure, the line and the reel. */
import { DRAW_COUNT, normalDraw } from '../../draws';
import { clamp, quantile } from '../../numbers';
import { spreadOf } from '../calibrate/known';
import type { Problem } from './setup';
import type { Track, TrackOptions } from './track';

export type Drawn = Pick<TrackOptions, 'lureDrag' | 'lureLift' | 'lineDrag' | 'reel'>;

/** Spread of the law of cross-flow drag, as the standard deviation of its logarithm: the largest doubt of the model. */
const LINE_DRAG_SPREAD = 0.2;

function tackle(p: Problem, strays: readonly [number, number, number, number]): Drawn {
  const [drag, line, lift, reel] = strays;
  return {
    lureDrag: Math.exp(spreadOf(p.known.drag) * drag),
    lineDrag: Math.exp(LINE_DRAG_SPREAD * line),
    lureLift: Math.exp(spreadOf(p.known.lift) * lift),
    reel: Math.exp(spreadOf(p.known.reel) * reel),
  };
}

/** Draw n; what the angler has measured strays less. */
export const drawTackle = (p: Problem, n: number): Drawn => tackle(p, [normalDraw(n, 0), normalDraw(n, 1), normalDraw(n, 2), normalDraw(n, 3)]);

/**
 * Four for all the draws, where each would cost too much: drag, line and lift one deviation out, half of the eight corners, so that each and each pair of them is
 * evened out. Against all 32 draws the gain of a change is within 0.04 of share (root mean square of sixty changes of five lures).
 */
const CORNERS = [
  [-1, -1, -1],
  [-1, 1, 1],
  [1, -1, 1],
  [1, 1, -1],
] as const;
export const corners = (p: Problem): readonly Drawn[] => CORNERS.map(([drag, line, lift]) => tackle(p, [drag, line, lift, 0]));

export const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** Deviations to the ends of 5–95 %. */
const ENDS = 1.645;

/** What one change alone gains on the whole, and where its gain lies, from those at the corners and at the likeliest tackle. */
export function gainRange(atCorners: readonly number[], likeliest: number): { gain: number; low: number; high: number } {
  const gain = mean(atCorners);
  const spread = ENDS * Math.sqrt(mean(atCorners.map((v) => (v - gain) ** 2)));
  const all = [...atCorners, likeliest];
  return {
    gain,
    low: Math.max(-1, Math.min(...all, gain - spread) - DIFFERENCE_DOUBT),
    high: Math.min(1, Math.max(...all, gain + spread) + DIFFERENCE_DOUBT),
  };
}

export const DRAWS = Array.from({ length: DRAW_COUNT }, (_, n) => n);

/** Shares that differ by less than this differ by the mesh and the steps in time, as likely as not. */
export const MESH_DOUBT = 0.025;

/** A difference of two shares: each may be off by as much. */
export const DIFFERENCE_DOUBT = 2 * MESH_DOUBT;

export interface ShareRange {
  mean: number;
  low: number;
  high: number;
}

/** Where a share lies, from its value and its values in the draws, which were made on a coarser mesh where the value was `coarse`. */
export function shareRange(value: number, coarse: number, drawn: readonly number[]): ShareRange {
  if (drawn.length === 0) return { mean: value, low: value, high: value };
  const moved = drawn.map((s) => clamp(s + value - coarse, 0, 1));
  const middle = mean(moved);
  return {
    mean: middle,
    low: clamp(Math.min(middle, value, quantile(moved, 0.05)!) - MESH_DOUBT, 0, 1),
    high: clamp(Math.max(middle, value, quantile(moved, 0.95)!) + MESH_DOUBT, 0, 1),
  };
}

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
