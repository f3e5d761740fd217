/**
 * What is believed of one uncertain parameter, as a ratio to the model's own value: log-normal before anything was
 * measured, afterwards whatever the measurements leave of it on a fixed grid, with what the model expects taken
 * straight between 13 points (error below 0.2 % of a count). The same input gives the same belief.
 */
import { normalQuantile } from '../../base/draws';
import { interpolate } from '../../base/numbers';

/** What is thought of a ratio: how a real lure or reel stands to the model's. */
export interface Belief {
  /** Median ratio and its 5–95 % range. */
  ratio: number;
  low: number;
  high: number;
}

/**
 * One measurement: what the model expects of it for a ratio, what was measured, and how far such a measurement strays
 * (one standard deviation).
 */
export interface Evidence {
  expected: (ratio: number) => number;
  measured: number;
  errorSd: number;
}

/** A ratio before and after the evidence. */
export interface Learnt {
  before: Belief;
  after: Belief;
  /** For each measurement: so far from anything that was thought possible that a slip is likelier than the lure. */
  nonsense: boolean[];
}

/** Ratios at which the model is asked, and at which the weights stand. */
const ASKED = 13;
const POINTS = 401;
/** The grid reaches this many standard deviations to each side. */
const REACH = 4;
/** A measurement this unlikely, in standard deviations of what could be expected before, is called a slip. */
const SLIP = 3.5;

/** Value of the grid below which `share` of the weight lies, linear between points. */
function quantileOf(grid: readonly number[], weight: readonly number[], share: number): number {
  const total = weight.reduce((a, b) => a + b, 0);
  let below = 0;
  for (let i = 1; i < grid.length; i++) {
    const step = (weight[i - 1]! + weight[i]!) / 2 / total;
    if (below + step >= share && step > 0) return grid[i - 1]! + ((share - below) / step) * (grid[i]! - grid[i - 1]!);
    below += step;
  }
  return grid[grid.length - 1]!;
}

const asBelief = (grid: readonly number[], weight: readonly number[]): Belief => ({
  ratio: Math.exp(quantileOf(grid, weight, 0.5)),
  low: Math.exp(quantileOf(grid, weight, 0.05)),
  high: Math.exp(quantileOf(grid, weight, 0.95)),
});

/** The belief before any measurement, `spread` being the standard deviation of the logarithm. */
export function priorBelief(spread: number): Belief {
  const far = Math.exp(normalQuantile(0.95) * spread);
  return { ratio: 1, low: 1 / far, high: far };
}

/**
 * Weighs the prior with every measurement that makes sense. What is called nonsense takes no part.
 * Throws never; with no measurement the belief stays the prior.
 */
export function learnRatio(spread: number, evidence: readonly Evidence[]): Learnt {
  const logs = (n: number): number[] => Array.from({ length: n }, (_, i) => spread * REACH * ((2 * i) / (n - 1) - 1));
  const asked = logs(ASKED);
  const grid = logs(POINTS);
  const prior = grid.map((x) => Math.exp(-0.5 * (x / spread) ** 2));
  const total = prior.reduce((a, b) => a + b, 0);
  const before = priorBelief(spread);
  const weight = [...prior];
  const nonsense = evidence.map((e) => {
    const known = asked.map((x) => [x, e.expected(Math.exp(x))] as const);
    const expected = grid.map((x) => interpolate(known, x));
    const mean = expected.reduce((s, v, i) => s + v * prior[i]!, 0) / total;
    const variance = expected.reduce((s, v, i) => s + (v - mean) ** 2 * prior[i]!, 0) / total;
    if (!(Math.abs(e.measured - mean) <= SLIP * Math.hypot(Math.sqrt(variance), e.errorSd))) return true;
    expected.forEach((v, i) => (weight[i]! *= Math.exp(-0.5 * ((v - e.measured) / e.errorSd) ** 2)));
    return false;
  });
  return { before, after: nonsense.every(Boolean) ? before : asBelief(grid, weight), nonsense };
}
