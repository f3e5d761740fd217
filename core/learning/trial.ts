/**
 * What to try next: Thompson sampling. The rates are drawn as they may well be, and what is best in that draw is tied
 * on; the draws are tempered and lean to what is little known, so that one tries what may be better and not what
 * hardly can.
 */
import { seededRandom, type Random } from '../base/random';
import { normalQuantile } from '../base/draws';
import { dense, factorise } from './cholesky';
import type { Posterior } from './fit';
import { byScore, type RankedLure } from '../ranking/ranked';

/** What is asked: the same seed, the same trial; what is tied on is one change away from everything else. */
export interface TrialQuestion {
  seed: number;
  /** Key or family of what is tied on. */
  onNow?: string | null;
}

/** What to try, how likely it is the best of all, and why. */
export interface Trial {
  key: string;
  family: RankedLure['family'];
  /** 0–1. */
  pBest: number;
  /** `stay`: it is on already; `best`: the first of the ranking; `may-be-best`: worth finding out. */
  why: 'stay' | 'best' | 'may-be-best';
}

/**
 * A trial leans to what is in doubt by so many spreads, since what it teaches is of use all season, and draws with so
 * much of the doubt around that. Found by simulated seasons (docs/MODELS.md).
 */
const LEAN = 0.25;
const TEMPER = 0.2;
/** Draws for the chance of being best. */
const DRAWS = 400;
/** Keeps a covariance factorisable where two lures are told apart by nothing. */
const RIDGE = 1e-9;

const normal = (random: Random): number => normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, random())));

/** Of more lures than that only the most promising are drawn for. */
const MOST_DRAWN = 120;
/** Promising: what it may well be worth, spreads above its mean. */
const MAY_WELL = 2;

/**
 * The next trial among the ranked (`order`: by what the log made of them, `i` the place asked about in the posterior);
 * null where nothing is ranked.
 */
export function nextTrial(
  ranked: readonly { x: RankedLure; i: number }[],
  p: Posterior,
  { seed, onNow }: TrialQuestion,
): Trial | null {
  const lnOf = (x: RankedLure): number => Math.log(Math.max(x.score, 1e-12));
  const promise = ({ x, i }: (typeof ranked)[number]): number => lnOf(x) + MAY_WELL * Math.sqrt(p.variance[i]!);
  const order =
    ranked.length > MOST_DRAWN
      ? [...ranked]
          .sort((a, b) => promise(b) - promise(a))
          .slice(0, MOST_DRAWN)
          .sort((a, b) => byScore(a.x, b.x))
      : ranked;
  const m = order.length;
  if (m === 0) return null;
  const l = new Float64Array(m * m);
  order.forEach(({ i }, a) => order.forEach(({ i: j }, b) => (l[a * m + b] = p.between(i, j))));
  for (let a = 0; a < m; a++) l[a * m + a]! += RIDGE;
  factorise(l, m, dense(m));
  const ln = order.map(({ x }) => lnOf(x));
  const random = seededRandom(seed);
  const z = new Float64Array(m);
  const doubt = order.map(({ i }) => Math.sqrt(p.variance[i]!));
  const bestOfDraw = (temper: number, lean: number): number => {
    for (let a = 0; a < m; a++) z[a] = normal(random);
    let best = 0;
    let most = -Infinity;
    for (let a = 0; a < m; a++) {
      let v = ln[a]! + lean * doubt[a]!;
      for (let b = 0; b <= a; b++) v += temper * l[a * m + b]! * z[b]!;
      if (v > most) [best, most] = [a, v];
    }
    return best;
  };
  const at = bestOfDraw(TEMPER, LEAN);
  let wins = 0;
  for (let d = 0; d < DRAWS; d++) if (bestOfDraw(1, 0) === at) wins++;
  const { x } = order[at]!;
  return {
    key: x.key,
    family: x.family,
    pBest: wins / DRAWS,
    why: x.key === onNow || x.family === onNow ? 'stay' : at === 0 ? 'best' : 'may-be-best',
  };
}
