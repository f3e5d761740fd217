/**
 * Few rods: which set-ups cover a day best. The worth of a set is Σ weight · best of the set in that scenario: monotone
 * and submodular, so taking the best next one gives at least 1 − 1/e of the best set. Here the best set itself is found
 * wherever there are not too many to try, by branch and bound.
 */
export interface CoverProblem {
  /** Worth of each lure (rows) in each scenario (columns), ≥ 0. */
  values: readonly (readonly number[])[];
  /** Of the scenarios; they add up to 1. */
  weights: readonly number[];
  /** Rods that may go, 1–8. */
  k: number;
  /** Of each lure, the rods (by place) that cast it; absent: any. */
  rods?: readonly (readonly number[])[];
  /** How ill each lure (rows) suits each rod (by place), ≥ 0: of rods that cast it the best is taken. */
  unease?: readonly (readonly number[])[];
}

/** The best few lures for a day of many scenarios, one a rod. */
export interface RodCover {
  /** Rows of the chosen, the one that does most for the day first. */
  chosen: number[];
  /** The rod of each; null where rods were not asked about. */
  rods: (number | null)[];
  worth: number;
  /** With everything along. */
  possible: number;
  exact: boolean;
  /** Of each scenario, which of the chosen is best there (place in `chosen`), and its share of the best there is. */
  best: { of: number; share: number }[];
}

/** More sets than this are not all tried. */
const MAX_SETS = 3_000_000;

function setsOf(n: number, k: number): number {
  let c = 1;
  for (let i = 0; i < k; i++) c = (c * (n - i)) / (i + 1);
  return c;
}

/** Rows weighed by scenario, so that worth is a plain sum. */
const weighed = (p: CoverProblem): Float64Array[] =>
  p.values.map((row) => Float64Array.from(row, (v, j) => v * p.weights[j]!));

/** A rod for each, all different; null: there is none. */
export function assignRods(rows: readonly number[], rods: CoverProblem['rods']): (number | null)[] | null {
  if (!rods) return rows.map(() => null);
  const holder = new Map<number, number>();
  const place = (i: number, seen: Set<number>): boolean => {
    for (const rod of rods[rows[i]!]!) {
      if (seen.has(rod)) continue;
      seen.add(rod);
      const other = holder.get(rod);
      if (other === undefined || place(other, seen)) {
        holder.set(rod, i);
        return true;
      }
    }
    return false;
  };
  for (let i = 0; i < rows.length; i++) if (!place(i, new Set())) return null;
  const out: (number | null)[] = rows.map(() => null);
  for (const [rod, i] of holder) out[i] = rod;
  return out;
}

/** Of all ways to give each a rod the one of least unease; null: there is none. */
export function bestRods(rows: readonly number[], { rods, unease }: CoverProblem): (number | null)[] | null {
  const any = assignRods(rows, rods);
  if (!any || !rods || !unease) return any;
  let best = any;
  const costOf = (set: readonly (number | null)[]): number =>
    set.reduce<number>((s, n, i) => s + unease[rows[i]!]![n!]!, 0);
  let least = costOf(any);
  const given: number[] = [];
  const walk = (cost: number): void => {
    if (cost >= least - 1e-12) return;
    const row = rows[given.length];
    if (row === undefined) {
      [least, best] = [cost, [...given]];
      return;
    }
    for (const n of rods[row]!) {
      if (given.includes(n)) continue;
      given.push(n);
      walk(cost + unease[row]![n]!);
      given.pop();
    }
  };
  walk(0);
  return best;
}

/** Expected strikes an hour of a set, weighted over the scenarios. */
export function worthOf(rows: readonly number[], p: CoverProblem): number {
  return p.weights.reduce((s, w, j) => s + w * Math.max(0, ...rows.map((i) => p.values[i]![j]!)), 0);
}

/** One after the other, each time the one that adds most. */
export function greedyCover(p: CoverProblem): RodCover {
  const chosen: number[] = [];
  while (chosen.length < p.k) {
    let best = -1;
    let most = worthOf(chosen, p) + 1e-12;
    p.values.forEach((_, i) => {
      if (chosen.includes(i)) return;
      const worth = worthOf([...chosen, i], p);
      if (worth > most && assignRods([...chosen, i], p.rods)) [most, best] = [worth, i];
    });
    if (best < 0) break;
    chosen.push(best);
  }
  return coverAnswer(chosen, p, false);
}

/** The best set of k, tried in full where that is feasible, else greedy. */
export function coverDay(p: CoverProblem): RodCover {
  const usable = p.values.flatMap((row, i) => (row.some((v) => v > 0) && (p.rods?.[i]!.length ?? 1) > 0 ? [i] : []));
  if (setsOf(usable.length, Math.min(p.k, usable.length)) > MAX_SETS) return greedyCover(p);
  const w = weighed(p);
  const total = (i: number): number => w[i]!.reduce((s, v) => s + v, 0);
  const order = usable.sort((a, b) => total(b) - total(a) || a - b);
  const m = p.weights.length;
  // What all from here on could do at the most, scenario by scenario: the bound.
  const ahead: Float64Array[] = [new Float64Array(m)];
  for (let at = order.length - 1; at >= 0; at--) {
    const row = Float64Array.from(ahead[0]!);
    for (let j = 0; j < m; j++) if (w[order[at]!]![j]! > row[j]!) row[j] = w[order[at]!]![j]!;
    ahead.unshift(row);
  }
  const first = greedyCover(p);
  let best: number[] = first.chosen;
  let bestWorth = first.worth;
  const tops: Float64Array[] = Array.from({ length: p.k + 1 }, () => new Float64Array(m));
  const set: number[] = [];
  const bound = (depth: number, at: number): number => {
    const top = tops[depth]!;
    const rest = ahead[at]!;
    let most = 0;
    for (let j = 0; j < m; j++) most += top[j]! > rest[j]! ? top[j]! : rest[j]!;
    return most;
  };
  const gains: { i: number; gain: number }[][] = [];
  const search = (depth: number, at: number, worth: number): void => {
    if (worth > bestWorth + 1e-12 && assignRods(set, p.rods)) [bestWorth, best] = [worth, [...set]];
    if (depth === p.k || at >= order.length || bound(depth, at) <= bestWorth + 1e-12) return;
    const top = tops[depth]!;
    // A second bound: the k best single gains from here cannot be beaten together.
    const here = (gains[depth] = order.slice(at).map((i) => {
      const row = w[i]!;
      let gain = 0;
      for (let j = 0; j < m; j++) if (row[j]! > top[j]!) gain += row[j]! - top[j]!;
      return { i, gain };
    }));
    const left = p.k - depth;
    const ranked = here.map((x) => x.gain).sort((a, b) => b - a);
    if (worth + ranked.slice(0, left).reduce((s, v) => s + v, 0) <= bestWorth + 1e-12) return;
    here.forEach(({ i, gain }, n) => {
      // The last one needs no search of its own.
      if (left === 1 && worth + gain <= bestWorth + 1e-12) return;
      const row = w[i]!;
      const next = tops[depth + 1]!;
      for (let j = 0; j < m; j++) next[j] = row[j]! > top[j]! ? row[j]! : top[j]!;
      set.push(i);
      search(depth + 1, at + n + 1, worth + gain);
      set.pop();
    });
  };
  search(0, 0, 0);
  return coverAnswer(best, p, true);
}

/** The chosen set as an answer; also for a set chosen by hand. */
export function coverAnswer(rows: readonly number[], p: CoverProblem, exact: boolean): RodCover {
  // First the one that would be missed most.
  const worth = worthOf(rows, p);
  const missed = (i: number): number =>
    worth -
    worthOf(
      rows.filter((x) => x !== i),
      p,
    );
  const chosen = [...rows].sort((a, b) => missed(b) - missed(a) || a - b);
  const rods = bestRods(chosen, p) ?? chosen.map(() => null);
  const best = p.weights.map((_, j) => {
    const most = Math.max(0, ...p.values.map((row) => row[j]!));
    let taken = 0;
    chosen.forEach((i, n) => {
      if (p.values[i]![j]! > p.values[chosen[taken]!]![j]!) taken = n;
    });
    return {
      of: taken,
      share: most > 0 && chosen.length > 0 ? p.values[chosen[taken]!]![j]! / most : most > 0 ? 0 : 1,
    };
  });
  return {
    chosen,
    rods,
    worth,
    possible: worthOf(
      p.values.map((_, i) => i),
      p,
    ),
    exact,
    best,
  };
}

/** Another lure in the place of one of the set, and what that loses. */
export interface Swap {
  row: number;
  worth: number;
  /** Against the set as it is, as a share of it; negative: better. */
  loss: number;
}

/** Every other lure in place of one of the set, the least loss first. Those that no free rod casts are left out. */
export function swapsFor(rows: readonly number[], out: number, p: CoverProblem): Swap[] {
  const rest = rows.filter((i) => i !== out);
  const worth = worthOf(rows, p);
  return p.values
    .flatMap((row, i) =>
      rows.includes(i) || row.every((v) => v === 0) || !assignRods([...rest, i], p.rods) ? [] : [i],
    )
    .map((i) => ({ row: i, worth: worthOf([...rest, i], p) }))
    .map((x) => ({ ...x, loss: worth > 0 ? 1 - x.worth / worth : 0 }))
    .sort((a, b) => a.loss - b.loss || a.row - b.row);
}
