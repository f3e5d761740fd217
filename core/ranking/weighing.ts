/** The weight of a lure: of those that are sold and that a rod throws, the one that is worth most here, and why. */
import type { Family } from '../lures/family';
import { atWeight, soldWeightsKg, weightsOf } from '../lures/weights';
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

/** A weight that is sold and not at hand, kg, and how many times as much it would be worth. */
export interface Lack {
  weightKg: number;
  times: number;
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

/** Of these weights those that one of the rods throws, scored; all of them where none does. */
function scored(f: Family, weights: readonly number[], score: ScoreLure, rods: readonly RodSpec[] | null): Score[] {
  const thrown = rods?.length ? weights.filter((w) => rods.some((rod) => rodFit(rod, w) === 'fits')) : weights;
  return (thrown.length > 0 ? thrown : weights).map((w) => score(atWeight(f, w)));
}

/** Place of the best; the lighter of equals. */
const bestOf = (all: readonly Score[]): number =>
  all.reduce((at, x, i) => (x.score > all[at]!.score * (1 + EQUAL) ? i : at), 0);

/** A weight is missed when it would be worth so many times as much. prior: judgement. */
const MISSED = 1.1;

/** What is sold and not at hand, where it would be worth more than what is tied on; null: nothing that tells. */
export function lackOf(f: Family, best: Score, score: ScoreLure, rods: readonly RodSpec[] | null = null): Lack | null {
  if (!f.atHandKg) return null;
  const sold = scored(f, soldWeightsKg(f), score, rods);
  const top = sold[bestOf(sold)]!;
  const times = top.score / best.score;
  return times >= MISSED ? { weightKg: top.weightKg, times } : null;
}

/** The best of the weights of a family that can be tied on and that one of the rods throws; an own lure has one. */
export function weigh(f: Family, score: ScoreLure, rods: readonly RodSpec[] | null = null): Weighed {
  const all = scored(f, weightsOf(f), score, rods);
  const at = bestOf(all);
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
