/**
 * Uncertainty by fixed low-discrepancy draws: the same points every time, so that an answer and its range never flicker.
 * Additive recurrence on the generalised golden ratio (M. Roberts, 2018): point n, dimension k = frac(0.5 + n·α_k).
 */
const DIMENSIONS = 8;
const PHI = (() => {
  let x = 1.5;
  for (let i = 0; i < 40; i++) x = (1 + x) ** (1 / (DIMENSIONS + 1));
  return x;
})();

/** Uniform value in (0, 1) of draw `n` in dimension `k` (0–7). */
export function uniformDraw(n: number, k: number): number {
  const u = (0.5 + (n + 1) * PHI ** -(k + 1)) % 1;
  return Math.min(1 - 1e-9, Math.max(1e-9, u));
}

/** Inverse of the standard normal distribution (Acklam's rational approximation, |error| < 1.2e-9 relative). */
export function normalQuantile(p: number): number {
  const a = [-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239];
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572];
  const c = [-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783];
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

export const normalDraw = (n: number, k: number): number => normalQuantile(uniformDraw(n, k));

export const DRAW_COUNT = 32;
