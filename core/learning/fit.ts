/**
 * Strikes of blocks are Poisson about what the model expects times e^(sum of deviations), the deviations normal about
 * 0: a generalised linear mixed model with the model as offset. The most likely deviations by Newton's method, their
 * covariance by Laplace; the spreads of the groups by expectation and maximisation of the marginal likelihood, each
 * held by the judgement it starts from.
 */
import { dense, inverseWithin, solve } from './cholesky';
import { designOf, type Design, type Row } from './design';
import { GROUPS, type Effect, type Group } from './effects';
import { climb, type State } from './newton';

/** What is thought of the deviations after the rows. */
export interface Posterior {
  /** Mean and variance of the sums of deviations asked about, ln, and the covariance of two of them. */
  mean: number[];
  variance: Float64Array;
  between: (i: number, j: number) => number;
  spreads: Readonly<Record<Group, number>>;
}

const GROUP_NAMES = Object.keys(GROUPS) as Group[];

const precisionsOf = (spreads: Record<Group, number>): Record<Group, number> =>
  Object.fromEntries(GROUP_NAMES.map((g) => [g, 1 / spreads[g] ** 2])) as Record<Group, number>;

/** Rounds of learning the spreads: each brings them about a third nearer. */
const ROUNDS = 2;

/** Spreads as the deviations have them, each held by its judgement. */
function spreadsOf(d: Design, { s, f: { l, first, eliminated } }: ReturnType<typeof climb>): Record<Group, number> {
  const n = d.groups.length;
  const squares = Object.fromEntries(
    GROUP_NAMES.map((g) => [g, { sum: GROUPS[g].weight * GROUPS[g].spread ** 2, of: GROUPS[g].weight }]),
  ) as Record<Group, { sum: number; of: number }>;
  const add = (g: Group, mean: number, variance: number): void => {
    squares[g].sum += mean * mean + variance;
    squares[g].of += 1;
  };
  const covariance = inverseWithin(l, n, first);
  d.groups.forEach((g, i) => add(g, s.common[i]!, covariance[i * n + i]!));
  eliminated.forEach(({ l: own, touched, through }, number) => {
    const k = d.days[number]!.groups.length;
    const m = touched.length;
    const unit = new Float64Array(k);
    const gapless = dense(k);
    const variance = new Float64Array(k);
    for (let i = 0; i < k; i++) {
      unit.fill(0);
      unit[i] = 1;
      solve(own, k, gapless, unit);
      variance[i] = unit[i]!;
    }
    for (let p = 0; p < m; p++)
      for (let q = 0; q <= p; q++) {
        const c = (p === q ? 1 : 2) * covariance[touched[p]! * n + touched[q]!]!;
        for (let i = 0; i < k; i++) variance[i]! += c * through[p * k + i]! * through[q * k + i]!;
      }
    variance.forEach((v, i) => add(d.days[number]!.groups[i]!, s.local[number]![i]!, v));
  });
  return Object.fromEntries(GROUP_NAMES.map((g) => [g, Math.sqrt(squares[g].sum / squares[g].of)])) as Record<
    Group,
    number
  >;
}

/** Spreads, and deviations from which the search for the most likely ones sets out. */
export interface Spreads {
  spreads: Readonly<Record<Group, number>>;
  from: ReadonlyMap<string, number>;
}

/** Before anything is learned. */
export const JUDGED: Spreads = {
  spreads: Object.fromEntries(GROUP_NAMES.map((g) => [g, GROUPS[g].spread])) as Record<Group, number>,
  from: new Map(),
};

const stateFrom = ({ seats, days }: Design, from: ReadonlyMap<string, number>): State => ({
  common: Float64Array.from(seats, (seat) => from.get(seat) ?? 0),
  local: days.map((day) => Float64Array.from(day.seats, (seat) => from.get(seat) ?? 0)),
});

/** What the rows say of the spreads. */
export function learnSpreads(rows: readonly Row[]): Spreads {
  const d = designOf(rows, []);
  let { spreads } = JUDGED;
  let at = climb(d, stateFrom(d, JUDGED.from), precisionsOf(spreads), false);
  for (let round = 0; round < ROUNDS; round++) {
    spreads = spreadsOf(d, at);
    at = climb(d, at.s, precisionsOf(spreads), false);
  }
  const from = new Map<string, number>();
  d.seats.forEach((seat, i) => from.set(seat, at.s.common[i]!));
  d.days.forEach((day, n) => day.seats.forEach((seat, i) => from.set(seat, at.s.local[n]![i]!)));
  return { spreads, from };
}

/** What the rows say of each sum of deviations asked about. */
export function fit(
  rows: readonly Row[],
  queries: readonly (readonly Effect[])[],
  known: Spreads = learnSpreads(rows),
): Posterior {
  const d = designOf(rows, queries);
  const n = d.groups.length;
  const { spreads } = known;
  const at = climb(d, stateFrom(d, known.from), precisionsOf(spreads), true);
  const mean = d.queries.map((q) => q.at.reduce((sum, i, k) => sum + at.s.common[i]! * q.x[k]!, 0));
  const solved = d.queries.map((q) => {
    const b = new Float64Array(n);
    q.at.forEach((i, k) => (b[i]! += q.x[k]!));
    solve(at.f.l, n, at.f.first, b);
    return b;
  });
  const between = (i: number, j: number): number => {
    const [q, o] = [d.queries[i]!, d.queries[j]!];
    let sum = 0;
    q.at.forEach((place, k) => (sum += solved[j]![place]! * q.x[k]!));
    for (const e of q.fresh) {
      const shared = o.fresh.find((x) => x.seat === e.seat);
      if (shared) sum += spreads[e.group] ** 2 * e.x * shared.x;
    }
    return sum;
  };
  return { mean, variance: Float64Array.from(queries, (_, i) => between(i, i)), between, spreads };
}
