/** The weight of a lure: of those that are sold and that a rod throws, the one that is worth most here, and why. */
import type { Family } from '../lures/family';
import { atWeight, soldWeightsKg } from '../lures/weights';
import { rodFit, type RodSpec } from '../tackle/rod';
import type { Factor, Score } from './score';
import type { ScoreLure } from './scoring';

/** Why this weight: what a lighter one would lose by, what a heavier one; what comes next. */
export interface WeightChoice {
  /** It comes in one weight only. */
  only: boolean;
  notLighter: Factor | null;
  notHeavier: Factor | null;
  /** Next best, kg. */
  runnerUpKg: number | null;
}

/** A lure at the weight that is worth most here. */
export interface Weighed {
  f: Family;
  score: Score;
  choice: WeightChoice;
}

/** The factor that speaks most for one score and against another. */
function decides(a: Score, b: Score | undefined): Factor | null {
  if (!b) return null;
  const gains = a.why.map((w, i) => ({ factor: w.factor, ln: w.ln - b.why[i]!.ln }));
  const best = gains.reduce((x, y) => (y.ln > x.ln ? y : x));
  return best.ln > 1e-6 ? best.factor : null;
}

/** Scores nearer than this are equal, and the lighter of equals is tied on. */
const EQUAL = 1e-9;

/** The best of the weights of a family that are sold and that one of the rods throws; an own lure has one. */
export function weigh(f: Family, score: ScoreLure, rods: readonly RodSpec[] | null = null): Weighed {
  const sold = soldWeightsKg(f);
  const thrown = rods?.length ? sold.filter((w) => rods.some((rod) => rodFit(rod, w) === 'fits')) : sold;
  const all = (thrown.length > 0 ? thrown : sold).map((w) => score(atWeight(f, w)));
  let at = 0;
  all.forEach((x, i) => {
    if (x.score > all[at]!.score * (1 + EQUAL)) at = i;
  });
  const best = all[at]!;
  const next = all.filter((x) => x !== best).sort((a, b) => b.score - a.score)[0];
  return {
    f: atWeight(f, best.weightKg),
    score: best,
    choice: {
      only: all.length < 2,
      notLighter: decides(best, all[at - 1]),
      notHeavier: decides(best, all[at + 1]),
      runnerUpKg: next?.weightKg ?? null,
    },
  };
}
