/** What the log made of a ranking, for who asks more about it; by itself, so that no page reads the fit in. */
import type { RankOptions } from '../ranking/rank';
import type { LearnedRanking } from './learned';

/** How many times its score each lure is worth by the log, by key; null without a log. */
export const learnedByKey = (r: LearnedRanking): Record<string, number> | null =>
  r.blocks === 0 ? null : Object.fromEntries(r.ranked.map((x) => [x.key, x.byLog]));

/** The same question with what the log made of each lure; as it is where there is no log. */
export function withLearned(options: RankOptions, r: LearnedRanking | null): RankOptions {
  const learned = r ? learnedByKey(r) : null;
  return learned ? { ...options, learned } : options;
}
