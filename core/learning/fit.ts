/**
 * Strikes of blocks are Poisson about what the model expects times e^(sum of deviations), the deviations normal about
 * 0: a generalised linear mixed model with the model as offset. The most likely deviations by Newton's method, their
 * covariance by Laplace; the spreads of the groups by expectation and maximisation of the marginal likelihood, each
 * held by the judgement it starts from. Days gone by are eliminated one by one, so that the cost grows with their
 * number and not with its cube.
 */
import { factorise, inverse, solve } from './cholesky';
import { designOf, type Design, type Placed, type Row } from './design';
import { GROUPS, type Effect, type Group } from './effects';

/** What is thought of the deviations after the rows. */
export interface Posterior {
  /** Mean and covariance (n × n, by rows) of the sums of deviations asked about, ln. */
  mean: number[];
  covariance: Float64Array;
  spreads: Readonly<Record<Group, number>>;
}

const GROUP_NAMES = Object.keys(GROUPS) as Group[];

/** Everything a fit works with, at one set of deviations. */
interface State {
  common: Float64Array;
  local: Float64Array[];
}

const MAX_LN = 12;
const etaOf = (r: Placed, s: State): number => {
  let eta = r.lnExpected;
  for (let k = 0; k < r.at.length; k++) eta += s.common[r.at[k]!]! * r.x[k]!;
  for (const k of r.inDay) eta += s.local[r.day]![k]!;
  return Math.min(eta, MAX_LN);
};

/** ln of likelihood and prior, up to a constant. */
function objective(d: Design, s: State, precision: Record<Group, number>): number {
  let sum = 0;
  for (const r of d.rows) {
    const eta = etaOf(r, s);
    sum += r.strikes * eta - Math.exp(eta);
  }
  d.groups.forEach((g, i) => (sum -= 0.5 * precision[g] * s.common[i]! ** 2));
  d.days.forEach((day, n) => day.groups.forEach((g, i) => (sum -= 0.5 * precision[g] * s.local[n]![i]! ** 2)));
  return sum;
}

/** A day's own part, factorised, and what of all deviations it touches. */
interface Eliminated {
  l: Float64Array;
  /** Places of the common deviations that the day's rows touch. */
  touched: number[];
  /** C⁻¹·B, a row of the day's own for each of the touched. */
  through: Float64Array;
  gradient: Float64Array;
}

/** The system of one Newton step: what is left for the common deviations once every day was eliminated. */
function system(d: Design, s: State, precision: Record<Group, number>) {
  const n = d.groups.length;
  const h = new Float64Array(n * n);
  const gradient = new Float64Array(n);
  d.groups.forEach((g, i) => {
    h[i * n + i] = precision[g];
    gradient[i] = -precision[g] * s.common[i]!;
  });
  const add = (r: Placed, lambda: number): void => {
    for (let a = 0; a < r.at.length; a++) {
      const i = r.at[a]!;
      const w = lambda * r.x[a]!;
      gradient[i]! += (r.strikes - lambda) * r.x[a]!;
      for (let b = 0; b < r.at.length; b++) {
        const j = r.at[b]!;
        if (j <= i) h[i * n + j]! += w * r.x[b]!;
      }
    }
  };
  for (const r of d.rows) add(r, Math.exp(etaOf(r, s)));
  const eliminated = d.days.map((day, number): Eliminated => {
    const k = day.groups.length;
    const l = new Float64Array(k * k);
    const own = new Float64Array(k);
    day.groups.forEach((g, i) => {
      l[i * k + i] = precision[g];
      own[i] = -precision[g] * s.local[number]![i]!;
    });
    const { touched } = day;
    const m = touched.length;
    const b = new Float64Array(k * m);
    for (const at of day.rows) {
      const r = d.rows[at]!;
      const lambda = Math.exp(etaOf(r, s));
      for (const i of r.inDay) {
        own[i]! += r.strikes - lambda;
        for (const j of r.inDay) l[i * k + j]! += lambda;
        for (let q = 0; q < r.at.length; q++) b[r.touches[q]! * k + i]! += lambda * r.x[q]!;
      }
    }
    factorise(l, k);
    const through = Float64Array.from(b);
    for (let q = 0; q < m; q++) solve(l, k, through.subarray(q * k, (q + 1) * k));
    const eased = Float64Array.from(own);
    solve(l, k, eased);
    for (let p = 0; p < m; p++) {
      const i = touched[p]!;
      const bp = p * k;
      for (let q = 0; q < m; q++) {
        const j = touched[q]!;
        if (j > i) continue;
        const tq = q * k;
        let sum = 0;
        for (let c = 0; c < k; c++) sum += b[bp + c]! * through[tq + c]!;
        h[i * n + j]! -= sum;
      }
      let g = 0;
      for (let c = 0; c < k; c++) g += b[bp + c]! * eased[c]!;
      gradient[i]! -= g;
    }
    return { l, touched, through, gradient: eased };
  });
  factorise(h, n);
  return { l: h, gradient, eliminated };
}

const moved = (s: State, common: Float64Array, local: Float64Array[], by: number): State => ({
  common: s.common.map((v, i) => v + by * common[i]!),
  local: s.local.map((day, n) => day.map((v, i) => v + by * local[n]![i]!)),
});

const MAX_STEPS = 30;
/** A gain of ln below this is none: the next would be its square. */
const SETTLED = 1e-6;

/** The most likely deviations with these spreads, and the factorised system there. */
function climb(d: Design, from: State, precision: Record<Group, number>) {
  let s = from;
  let value = objective(d, s, precision);
  for (let step = 0; ; step++) {
    const made = system(d, s, precision);
    const common = Float64Array.from(made.gradient);
    solve(made.l, d.groups.length, common);
    const local = made.eliminated.map(({ touched, through, gradient: own }) => {
      const k = own.length;
      return own.map((v, i) => touched.reduce((sum, at, q) => sum - through[q * k + i]! * common[at]!, v));
    });
    let by = 1;
    let next = moved(s, common, local, by);
    let better = objective(d, next, precision);
    while (!(better >= value) && by > 1e-4) {
      by /= 2;
      next = moved(s, common, local, by);
      better = objective(d, next, precision);
    }
    const gain = better - value;
    if (!(gain >= 0)) return { s, ...made };
    if (gain < SETTLED || step >= MAX_STEPS) return { s: next, ...made };
    s = next;
    value = better;
  }
}

const precisionsOf = (spreads: Record<Group, number>): Record<Group, number> =>
  Object.fromEntries(GROUP_NAMES.map((g) => [g, 1 / spreads[g] ** 2])) as Record<Group, number>;

/** Rounds of learning the spreads: each brings them about a third nearer. */
const ROUNDS = 2;

/** Spreads as the deviations have them, each held by its judgement. */
function spreadsOf(d: Design, { s, l, eliminated }: ReturnType<typeof climb>): Record<Group, number> {
  const n = d.groups.length;
  const squares = Object.fromEntries(
    GROUP_NAMES.map((g) => [g, { sum: GROUPS[g].weight * GROUPS[g].spread ** 2, of: GROUPS[g].weight }]),
  ) as Record<Group, { sum: number; of: number }>;
  const add = (g: Group, mean: number, variance: number): void => {
    squares[g].sum += mean * mean + variance;
    squares[g].of += 1;
  };
  const covariance = inverse(l, n);
  d.groups.forEach((g, i) => add(g, s.common[i]!, covariance[i * n + i]!));
  eliminated.forEach(({ l: own, touched, through }, number) => {
    const k = d.days[number]!.groups.length;
    const m = touched.length;
    const unit = new Float64Array(k);
    const variance = new Float64Array(k);
    for (let i = 0; i < k; i++) {
      unit.fill(0);
      unit[i] = 1;
      solve(own, k, unit);
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

/** What the rows say of each sum of deviations asked about. `learnSpreads: false` keeps the judged spreads. */
export function fit(
  rows: readonly Row[],
  queries: readonly (readonly Effect[])[],
  { learnSpreads = true }: { learnSpreads?: boolean } = {},
): Posterior {
  const d = designOf(rows, queries);
  const n = d.groups.length;
  let spreads = Object.fromEntries(GROUP_NAMES.map((g) => [g, GROUPS[g].spread])) as Record<Group, number>;
  let at = climb(
    d,
    { common: new Float64Array(n), local: d.days.map((day) => new Float64Array(day.groups.length)) },
    precisionsOf(spreads),
  );
  for (let round = 0; learnSpreads && round < ROUNDS; round++) {
    spreads = spreadsOf(d, at);
    at = climb(d, at.s, precisionsOf(spreads));
  }
  const mean = d.queries.map((q) => q.at.reduce((sum, i, k) => sum + at.s.common[i]! * q.x[k]!, 0));
  const solved = d.queries.map((q) => {
    const b = new Float64Array(n);
    q.at.forEach((i, k) => (b[i]! += q.x[k]!));
    solve(at.l, n, b);
    return b;
  });
  const covariance = new Float64Array(queries.length ** 2);
  d.queries.forEach((q, i) =>
    solved.forEach((b, j) => {
      let sum = 0;
      q.at.forEach((place, k) => (sum += b[place]! * q.x[k]!));
      for (const e of q.fresh) {
        const shared = d.queries[j]!.fresh.find((o) => o.group === e.group && o.name === e.name);
        if (shared) sum += spreads[e.group] ** 2 * e.x * shared.x;
      }
      covariance[i * queries.length + j] = sum;
    }),
  );
  return { mean, covariance, spreads };
}
