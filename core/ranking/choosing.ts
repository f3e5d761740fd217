/** The questions beside the ranking that the lures page asks at once. */
import type { Conditions } from '../water/conditions';
import { breakEvens, type BreakEven } from './breakEven';
import { ladderOf, type Rung } from './ladder';
import { rankWithGrounds, type RankOptions } from './rank';

/** What would change the choice. */
export interface Choosing {
  /** Whose lead is asked about: the lure to start with. */
  leader: string | null;
  turns: BreakEven[];
  ladder: Rung[];
}

/** What would change the choice, and the ladder, for the lure to start with. */
export function choosingOf(conditions: Conditions, options: RankOptions): Choosing {
  const { ranking, able, scoring } = rankWithGrounds(conditions, { ...options, withoutRange: true });
  const { ranked, plan } = ranking;
  return {
    leader: ranked[0]?.key ?? null,
    turns: breakEvens(conditions, options),
    ladder: ladderOf(ranked, able, scoring, plan?.start ?? null),
  };
}
