/** Small numeric helpers shared by the models. Pure, no domain knowledge. */

/** `x` kept between `lo` and `hi`. */
export const clamp = (x: number, lo: number, hi: number): number => Math.min(hi, Math.max(lo, x));

/** From `a` at t = 0 to `b` at t = 1; beyond both ends too. */
export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;

/**
 * Smooth step from 0 (x far below the middle) to 1 (far above); `soft` is the distance over which it goes from 0.5 to
 * 0.73.
 */
export const logistic = (x: number, middle: number, soft: number): number => 1 / (1 + Math.exp(-(x - middle) / soft));

/** Bell with value 1 at the centre and 0.61 one `width` away. */
export const bell = (x: number, centre: number, width: number): number => Math.exp(-0.5 * ((x - centre) / width) ** 2);

/** Piecewise linear interpolation in a table sorted by its first column; ends are held. */
export function interpolate(table: readonly (readonly [number, number])[], x: number): number {
  const first = table[0]!;
  if (x <= first[0]) return first[1];
  for (let i = 1; i < table.length; i++) {
    const [x1, y1] = table[i]!;
    const [x0, y0] = table[i - 1]!;
    if (x <= x1) return lerp(y0, y1, (x - x0) / (x1 - x0));
  }
  return table[table.length - 1]![1];
}

/** To the nearest half: seconds that a hand can count. */
export const toHalf = (x: number): number => Math.round(x * 2) / 2;

/** Rounds to a number of decimals, for values that become part of an identity. */
export const roundTo = (x: number, decimals: number): number => {
  const k = 10 ** decimals;
  return Math.round(x * k) / k;
};

/** Quantile 0–1 of a list by linear interpolation; null for an empty list. */
export function quantile(values: readonly number[], q: number): number | null {
  if (values.length === 0) return null;
  const s = [...values].sort((a, b) => a - b);
  const at = clamp(q, 0, 1) * (s.length - 1);
  const i = Math.floor(at);
  return lerp(s[i]!, s[Math.min(i + 1, s.length - 1)]!, at - i);
}
