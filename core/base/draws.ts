/**
 * Uncertainty by fixed draws: the same points every time, so that an answer and its range never flicker.
 * A Latin hypercube of 32 points in 12 dimensions with fixed shuffles: in every dimension each thirty-second of the
 * unit interval holds one point.
 */
import { seededRandom } from './random';

/** How many draws stand for an uncertainty. The same everywhere, so that two answers compared are drawn alike. */
export const DRAW_COUNT = 32;
const DIMENSIONS = 12;

const SHUFFLES: readonly (readonly number[])[] = Array.from({ length: DIMENSIONS }, (_, k) => {
  const random = seededRandom(101 + k);
  const order = Array.from({ length: DRAW_COUNT }, (_v, i) => i);
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
});

/** Uniform value in (0, 1) of draw `n` (taken modulo 32) in dimension `k` (0–11). */
export const uniformDraw = (n: number, k: number): number => (SHUFFLES[k]![n % DRAW_COUNT]! + 0.5) / DRAW_COUNT;

/** Inverse of the standard normal distribution (Acklam's rational approximation, |error| < 1.2e-9 relative). */
export function normalQuantile(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
  ];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const poly = (k: number[], x: number) => k.reduce((s, v) => s * x + v, 0);
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(p));
    return poly(c, q) / poly([...d, 1], q);
  }
  if (p > 1 - 0.02425) return -normalQuantile(1 - p);
  const q = p - 0.5;
  const r = q * q;
  return (poly(a, r) * q) / poly([...b, 1], r);
}

/** Standard normal value of draw `n` (modulo 32) in dimension `k` (0–11); mean 0 over the draws to 1e-12. */
export const normalDraw = (n: number, k: number): number => normalQuantile(uniformDraw(n, k));
