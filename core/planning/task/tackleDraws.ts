/** What is not known exactly of the lure, the line and the reel, as 32 fixed draws. */
import { normalDraw } from '../../base/draws';
import { spreadOf } from '../calibrate/known';
import type { PlanTask } from './setup';

/** Uncertain parameters, as ratios to what is thought likeliest. */
export interface TackleDraw {
  lureDrag: number;
  lureLift: number;
  lineDrag: number;
  reel: number;
}

/** Spread of the law of cross-flow drag, as the standard deviation of its logarithm: the largest doubt of the model. */
const LINE_DRAG_SPREAD = 0.2;

function tackle(p: PlanTask, deviations: readonly [number, number, number, number]): TackleDraw {
  const [drag, line, lift, reel] = deviations;
  return {
    lureDrag: Math.exp(spreadOf(p.known.drag) * drag),
    lineDrag: Math.exp(LINE_DRAG_SPREAD * line),
    lureLift: Math.exp(spreadOf(p.known.lift) * lift),
    reel: Math.exp(spreadOf(p.known.reel) * reel),
  };
}

/** Draw n; what the angler has measured varies less. */
export const drawTackle = (p: PlanTask, n: number): TackleDraw =>
  tackle(p, [normalDraw(n, 0), normalDraw(n, 1), normalDraw(n, 2), normalDraw(n, 3)]);

/**
 * Four for all the draws, where each would cost too much: drag, line and lift one deviation out, half of the eight
 * corners, so that each and each pair of them is evened out. Against all 32 draws the gain of a change is within 0.04
 * of share (root mean square of sixty changes of five lures).
 */
const CORNERS = [
  [-1, -1, -1],
  [-1, 1, 1],
  [1, -1, 1],
  [1, 1, -1],
] as const;
/** The four draws of `CORNERS`. */
export const corners = (p: PlanTask): readonly TackleDraw[] =>
  CORNERS.map(([drag, line, lift]) => tackle(p, [drag, line, lift, 0]));

/**
 * Eight for all the draws, where these would cost too much: each of the four one deviation out both ways, so that each
 * and each pair of them is evened out (half of the sixteen corners).
 */
const EIGHT = [
  [-1, -1, -1, -1],
  [-1, -1, 1, 1],
  [-1, 1, -1, 1],
  [-1, 1, 1, -1],
  [1, -1, -1, 1],
  [1, -1, 1, -1],
  [1, 1, -1, -1],
  [1, 1, 1, 1],
] as const;
/** The eight draws of `EIGHT`. */
export const eightDraws = (p: PlanTask): readonly TackleDraw[] => EIGHT.map((deviations) => tackle(p, deviations));
