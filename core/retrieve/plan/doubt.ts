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
 * Everything that keeps a lure up, and everything that lets it down, one and a half deviations out; with the likeliest between them these three stand for
 * the whole spread, in these weights (mean and variance of a normal).
 */
export const extremes = (p: Problem): readonly Drawn[] => [tackle(p, [1.5, 1.5, -1.5, 0]), tackle(p, [-1.5, -1.5, 1.5, 0])];
export const expected = (likeliest: number, atExtremes: readonly number[]): number => {
  const each = 0.5 / 1.5 ** 2;
  return (1 - each * atExtremes.length) * likeliest + each * atExtremes.reduce((s, v) => s + v, 0);
};

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
  const mean = moved.reduce((a, b) => a + b, 0) / moved.length;
  return {
    mean,
    low: clamp(Math.min(mean, value, quantile(moved, 0.05)!) - MESH_DOUBT, 0, 1),
    high: clamp(Math.max(mean, value, quantile(moved, 0.95)!) + MESH_DOUBT, 0, 1),
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
