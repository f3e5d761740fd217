/** The questions beside the ranking that the lures page asks at once. */
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { breakEvens, type BreakEven } from './breakEven';
import { ladderOf, type Rung } from './ladder';
import { atWeight } from '../lures/weights';
import { contextOptions, entriesOf, rankLures, sift, type RankOptions } from './rank';
import { scoringOf } from './scoring';
import { resolveConditions } from '../water/resolve';

/** What would change the choice. */
export interface Choosing {
  /** Whose lead is asked about: the lure to start with. */
  leader: string | null;
  turns: BreakEven[];
  ladder: Rung[];
}

/** What would change the choice, and the ladder, for the lure to start with. */
export function choosingOf(conditions: Conditions, options: RankOptions): Choosing {
  const s = scoringOf(resolveConditions(conditions), speciesProfile(conditions.species), contextOptions(options));
  const { able } = sift(entriesOf(options), s, options.rods);
  const { ranked, plan } = rankLures(conditions, { ...options, withoutRange: true });
  const now = new Map(ranked.map((x) => [x.key, x]));
  const tied = able.map((e) => {
    const { weightKg, byPlan, zone } = now.get(e.key)!;
    const planned = byPlan === null ? {} : { byPlan, castsPerHour: zone.castsPerHour };
    return { ...e, f: atWeight(e.f, weightKg), ...planned };
  });
  return {
    leader: ranked[0]?.key ?? null,
    turns: breakEvens(conditions, options),
    ladder: ladderOf(ranked, tied, s, plan?.start ?? null),
  };
}
