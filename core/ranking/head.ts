/** The head of a ranking: who of it is to be planned. */
import type { Ranking } from './rank';
import type { RankedLure } from './ranked';

/** So many of the head are planned, and the three in hand. */
const FIRST = 3;

/** Who of the head of a ranking is to be planned next; undefined: all of them are, or casts do not tell here. */
export function nextToPlan(r: Ranking): RankedLure | undefined {
  if (r.branch !== 'feeding') return undefined;
  const keys = [...r.ranked.slice(0, FIRST).map((x) => x.key), ...(r.plan ? [r.plan.follow, r.plan.refusal] : [])];
  return keys.map((key) => r.ranked.find((x) => x.key === key)!).find((x) => x.byPlan === null);
}
