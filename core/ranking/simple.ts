/** For a beginner: three that work here and are hard to fish wrong. */
import { EVERYDAY } from '../lures/families/everyday';
import { familyById } from '../lures/families';
import type { RankedLure } from './ranked';

/** Below this a lure asks for more than winding and waiting. */
const EASY = 0.7;
/** A lure this much worse than the best is not offered for its ease alone. */
const WORTH = 0.15;

/**
 * At the most three, one of each family, another way of working before a second of the same; best first. Falls back on
 * the best where none is easy.
 */
export function simpleThree(ranked: readonly RankedLure[]): RankedLure[] {
  const best = ranked[0];
  if (!best) return [];
  const value = (x: RankedLure): number => x.score * EVERYDAY[x.family].ease;
  const able = ranked
    .filter((x) => EVERYDAY[x.family].ease >= EASY && x.score >= WORTH * best.score)
    .sort((a, b) => value(b) - value(a) || (a.key < b.key ? -1 : 1));
  const out: RankedLure[] = [];
  const take = (fresh: (x: RankedLure) => boolean): void => {
    for (const x of able) if (out.length < 3 && !out.includes(x) && fresh(x)) out.push(x);
  };
  const mode = (x: RankedLure): string => familyById(x.family).mode;
  take((x) => !out.some((o) => mode(o) === mode(x)));
  take((x) => !out.some((o) => o.family === x.family));
  return out.length > 0 ? out.sort((a, b) => value(b) - value(a)) : [best];
}
