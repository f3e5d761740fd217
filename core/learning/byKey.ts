/** What the log made of a ranking, for who asks more about it; by itself, so that no page reads the fit in. */
import type { LearnedRanking } from './learned';

/** How many times its score each lure is worth by the log, by key; null without a log. */
export const learnedByKey = (r: LearnedRanking): Record<string, number> | null =>
  r.blocks === 0 ? null : Object.fromEntries(r.ranked.map((x) => [x.key, x.byLog]));
