/**
 * The order of casts that keeps most for the later ones, exactly. A cast is worth its chance times what every cast
 * before it has left of that chance; what a cast leaves of another's chance does not hang on the order, so the best
 * order follows from the best order of what is left (all subsets, at most 2¹⁰).
 */

/** More places than this are not ordered exactly, and no piece has more. */
export const MAX_TARGETS = 10;

/** Chances, and `keep[k][j]`: the share of j's chance that a cast at k leaves. */
export interface OrderQuestion {
  chance: readonly number[];
  keep: readonly (readonly number[])[];
  /** `after[j]`: what must be cast before j; absent: nothing. */
  after?: readonly (readonly number[])[];
}

/** What an order is worth: strikes expected over all its casts. */
export function worthOfOrder({ chance, keep }: OrderQuestion, order: readonly number[]): number {
  return order.reduce((sum, j, i) => sum + order.slice(0, i).reduce((left, k) => left * keep[k]![j]!, chance[j]!), 0);
}

/** The best order, and its worth. Of two that are worth the same the one that begins with the lower number. */
export function bestOrder({ chance, keep, after }: OrderQuestion): { order: number[]; worth: number } {
  const n = chance.length;
  if (n > MAX_TARGETS) throw new RangeError(`at most ${MAX_TARGETS} places are ordered`);
  const all = 1 << n;
  const needs = chance.map((_, j) => (after?.[j] ?? []).reduce((set, k) => set | (1 << k), 0));
  // left[s · n + j]: what the casts of the set s leave of j's chance.
  const left = new Float64Array(all * n).fill(1);
  for (let s = 1; s < all; s++) {
    const k = 31 - Math.clz32(s & -s);
    const rest = s & (s - 1);
    for (let j = 0; j < n; j++) left[s * n + j] = left[rest * n + j]! * keep[k]![j]!;
  }
  const worth = new Float64Array(all);
  const next = new Int8Array(all).fill(-1);
  for (let s = all - 2; s >= 0; s--) {
    // A set that the rule never lets come about is worth nothing.
    let best = -1;
    for (let j = 0; j < n; j++) {
      if (s & (1 << j) || (s & needs[j]!) !== needs[j]!) continue;
      const value = chance[j]! * left[s * n + j]! + worth[s | (1 << j)]!;
      if (value > best + 1e-12) {
        best = value;
        next[s] = j;
      }
    }
    worth[s] = Math.max(0, best);
  }
  const order: number[] = [];
  for (let s = 0; s !== all - 1;) {
    const j = next[s]!;
    order.push(j);
    s |= 1 << j;
  }
  return { order, worth: worth[0]! };
}
