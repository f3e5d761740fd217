/**
 * The most likely deviations of a design by Newton's method, and the curvature there. Days gone by are eliminated one
 * by one, so that the cost grows with their number and not with its cube.
 */
import { dense, factorise, solve } from './cholesky';
import type { Day, Design, Placed } from './design';
import type { Group } from './effects';

/** Everything a fit works with, at one set of deviations. */
export interface State {
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

/** A day's own part of the curvature, factorised, and what of all deviations it touches. */
interface Eliminated {
  l: Float64Array;
  /** Places of the common deviations that the day's rows touch. */
  touched: Int32Array;
  /** C⁻¹·B, a row of the day's own for each of the touched. */
  through: Float64Array;
}

/** The curvature at one set of deviations, factorised: of the common ones once every day was eliminated. */
export interface Factors {
  l: Float64Array;
  first: Int32Array;
  eliminated: Eliminated[];
}

function addRow(h: Float64Array, n: number, { at, x }: Placed, lambda: number): void {
  for (let a = 0; a < at.length; a++) {
    const row = at[a]! * n;
    const w = lambda * x[a]!;
    for (let b = 0; b <= a; b++) h[row + at[b]!]! += w * x[b]!;
  }
}

/** Takes a day's own deviations out of the curvature `h`; `lambdas`: what is expected of each row. */
function eliminate(
  h: Float64Array,
  d: Design,
  { groups, rows, touched }: Day,
  precision: Record<Group, number>,
  lambdas: Float64Array,
): Eliminated {
  const n = d.groups.length;
  const k = groups.length;
  const m = touched.length;
  const l = new Float64Array(k * k);
  for (let i = 0; i < k; i++) l[i * k + i] = precision[groups[i]!];
  const b = new Float64Array(k * m);
  for (const at of rows) {
    const r = d.rows[at]!;
    const lambda = lambdas[at]!;
    for (const i of r.inDay) {
      for (const j of r.inDay) l[i * k + j]! += lambda;
      for (let q = 0; q < r.at.length; q++) b[r.touches[q]! * k + i]! += lambda * r.x[q]!;
    }
  }
  const gapless = dense(k);
  factorise(l, k, gapless);
  const through = b.slice();
  for (let q = 0; q < m; q++) solve(l, k, gapless, through, q * k);
  // By rows of the day's own, so that what it does to one deviation lies side by side; most of `b` is nothing.
  const across = new Float64Array(k * m);
  for (let q = 0; q < m; q++) for (let c = 0; c < k; c++) across[c * m + q] = through[q * k + c]!;
  const taken = new Float64Array(m);
  for (let p = 0; p < m; p++) {
    taken.fill(0);
    for (let c = 0; c < k; c++) {
      const v = b[p * k + c]!;
      if (v !== 0) for (let q = 0; q <= p; q++) taken[q]! += v * across[c * m + q]!;
    }
    const row = touched[p]! * n;
    for (let q = 0; q <= p; q++) h[row + touched[q]!]! -= taken[q]!;
  }
  return { l, touched, through };
}

function factorsAt(d: Design, s: State, precision: Record<Group, number>): Factors {
  const n = d.groups.length;
  const h = new Float64Array(n * n);
  for (let i = 0; i < n; i++) h[i * n + i] = precision[d.groups[i]!];
  const lambdas = new Float64Array(d.rows.length);
  for (let at = 0; at < d.rows.length; at++) {
    lambdas[at] = Math.exp(etaOf(d.rows[at]!, s));
    addRow(h, n, d.rows[at]!, lambdas[at]!);
  }
  const eliminated = d.days.map((day) => eliminate(h, d, day, precision, lambdas));
  factorise(h, n, d.first);
  return { l: h, first: d.first, eliminated };
}

/** How steep the objective is in every deviation. */
function slopesAt(d: Design, s: State, precision: Record<Group, number>): State {
  const against = (groups: readonly Group[], at: Float64Array): Float64Array =>
    at.map((v, i) => -precision[groups[i]!] * v);
  const common = against(d.groups, s.common);
  const local = d.days.map((day, n) => against(day.groups, s.local[n]!));
  for (const r of d.rows) {
    const off = r.strikes - Math.exp(etaOf(r, s));
    for (let a = 0; a < r.at.length; a++) common[r.at[a]!]! += off * r.x[a]!;
    for (const i of r.inDay) local[r.day]![i]! += off;
  }
  return { common, local };
}

/** Newton's step: the slopes over the curvature. */
function stepOf({ l, first, eliminated }: Factors, slopes: State): State {
  const common = slopes.common.slice();
  eliminated.forEach(({ touched, through }, day) => {
    const own = slopes.local[day]!;
    const k = own.length;
    for (let q = 0; q < touched.length; q++)
      for (let i = 0; i < k; i++) common[touched[q]!]! -= through[q * k + i]! * own[i]!;
  });
  solve(l, common.length, first, common);
  const local = eliminated.map(({ l: own, touched, through }, day) => {
    const step = slopes.local[day]!.slice();
    const k = step.length;
    solve(own, k, dense(k), step);
    for (let q = 0; q < touched.length; q++)
      for (let i = 0; i < k; i++) step[i]! -= through[q * k + i]! * common[touched[q]!]!;
    return step;
  });
  return { common, local };
}

const moved = (s: State, step: State, by: number): State => ({
  common: s.common.map((v, i) => v + by * step.common[i]!),
  local: s.local.map((day, n) => day.map((v, i) => v + by * step.local[n]![i]!)),
});

const MAX_STEPS = 60;
/** A gain of ln below this is none. */
const SETTLED = 1e-9;
/** A curvature serves for further steps as long as each gains less than this of the one before. */
const STILL_GOOD = 0.1;

/** The most likely deviations with these spreads, and the curvature near there; `exact`: right there. */
export function climb(
  d: Design,
  from: State,
  precision: Record<Group, number>,
  exact: boolean,
): { s: State; f: Factors } {
  let s = from;
  let value = objective(d, s, precision);
  let f = factorsAt(d, s, precision);
  let fresh = true;
  let before = Infinity;
  for (let n = 0; n < MAX_STEPS; n++) {
    const step = stepOf(f, slopesAt(d, s, precision));
    let by = 1;
    let next = moved(s, step, by);
    let better = objective(d, next, precision);
    while (!(better >= value) && by > 1e-4) {
      by /= 2;
      next = moved(s, step, by);
      better = objective(d, next, precision);
    }
    const gain = better - value;
    if (gain > 0) [s, value] = [next, better];
    if (!(gain >= SETTLED)) {
      if (fresh || gain >= 0) break;
    }
    fresh = !(gain < STILL_GOOD * before);
    before = fresh ? Infinity : gain;
    if (fresh) f = factorsAt(d, s, precision);
  }
  return { s, f: exact ? factorsAt(d, s, precision) : f };
}
