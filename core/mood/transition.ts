/**
 * How a mood drifts while nothing is seen: a birth–death chain over the states in their order, at rest in what the
 * conditions alone would say, with rates qᵢ→ⱼ = k·√(πⱼ/πᵢ) between neighbours. Such a chain keeps an order of
 * likelihood ratios: what lowered the mood never raises it later.
 */

/**
 * Steps to a neighbour a minute, where both are equally likely; half of what a sign said is gone in about an hour and a
 * half. prior: judgement.
 */
const STEPS_PER_MIN = 0.02;
/** exp(Qt) ≈ ((1 − Qt/2ⁿ)⁻¹)^2ⁿ would do as well; a Taylor step this short is exact to 1e-9. */
const SHORT = 1 / 64;

type Matrix = number[][];

const multiply = (a: Matrix, b: Matrix): Matrix =>
  a.map((row) => b[0]!.map((_, j) => row.reduce((s, v, k) => s + v * b[k]![j]!, 0)));

function generator(rest: readonly number[]): Matrix {
  const pi = rest.map((v) => Math.max(v, 1e-6));
  return pi.map((from, i) => {
    const row = pi.map((to, j) => (Math.abs(i - j) === 1 ? Math.sqrt(to / from) : 0));
    row[i] = -row.reduce((s, v) => s + v, 0);
    return row;
  });
}

/**
 * The distribution `minutes` later, when nothing was seen. `rest`: where it comes to rest. Same length as `p`; sums to
 * 1.
 */
export function drift(
  p: readonly number[],
  rest: readonly number[],
  minutes: number,
  stepsPerMin: number = STEPS_PER_MIN,
): number[] {
  if (minutes <= 0) return [...p];
  const q = generator(rest);
  const fastest = Math.max(...q.map((row, i) => -row[i]!));
  const halvings = Math.max(0, Math.ceil(Math.log2((fastest * stepsPerMin * minutes) / SHORT)));
  const h = (stepsPerMin * minutes) / 2 ** halvings;
  const first = q.map((row) => row.map((v) => v * h));
  const second = multiply(first, first);
  const third = multiply(second, first);
  let m: Matrix = first.map((row, i) =>
    row.map((v, j) => (i === j ? 1 : 0) + v + second[i]![j]! / 2 + third[i]![j]! / 6),
  );
  for (let k = 0; k < halvings; k++) m = multiply(m, m);
  const next = p.map((_, j) => p.reduce((s, v, i) => s + v * m[i]![j]!, 0));
  const total = next.reduce((s, v) => s + v, 0);
  return next.map((v) => Math.max(0, v) / total);
}

/** Longer ago, min, is as if never: by then nothing of it is left. */
const FORGOTTEN_MIN = 2 * 24 * 60;

/** Something seen: how long ago, and how likely it is in each state, ln, to a constant. */
export interface Seen {
  agoMin: number;
  ln: readonly number[];
}

/**
 * Takes what was seen in, oldest first; in between and until now the distribution drifts towards `rest`. `onTaken` is
 * called with each, and the distribution before and after.
 */
export function filterStates<T extends Seen>(
  rest: readonly number[],
  seen: readonly T[],
  stepsPerMin: number = STEPS_PER_MIN,
  onTaken: (one: T, before: readonly number[], after: readonly number[]) => void = () => {},
): number[] {
  const inOrder = seen
    .map((x) => ({ ...x, agoMin: Math.min(x.agoMin, FORGOTTEN_MIN) }))
    .sort((a, b) => b.agoMin - a.agoMin);
  let p = [...rest];
  let agoMin = inOrder[0]?.agoMin ?? 0;
  for (const one of inOrder) {
    const before = drift(p, rest, agoMin - one.agoMin, stepsPerMin);
    agoMin = one.agoMin;
    // Against the likeliest, so that no number of signs makes every state nothing.
    const likeliest = Math.max(...one.ln);
    const next = before.map((v, i) => v * Math.exp(one.ln[i]! - likeliest));
    const total = next.reduce((s, v) => s + v, 0);
    p = next.map((v) => v / total);
    onTaken(one, before, p);
  }
  return drift(p, rest, agoMin, stepsPerMin);
}
