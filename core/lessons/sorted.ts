/** Patterns in order, by what one looks for in them. */
import type { Pattern } from './patterns';

/** By name: its lure; the others from few to many. `rate`: strikes a cast, as learned. */
export const PATTERN_ORDERS = ['name', 'depth', 'casts', 'strikes', 'landed', 'rate'] as const;
export type PatternOrder = (typeof PATTERN_ORDERS)[number];

/** A new list in that order, up or down; null: those with most casts first, as they come. What is alike stays so. */
export function sortedPatterns(
  patterns: readonly Pattern[],
  by: { order: PatternOrder; up: boolean } | null,
): Pattern[] {
  const sorted = [...patterns];
  if (!by) return sorted;
  const way = by.up ? 1 : -1;
  const compare: Record<PatternOrder, (a: Pattern, b: Pattern) => number> = {
    name: (a, b) => a.lureName.localeCompare(b.lureName, undefined, { numeric: true }),
    depth: (a, b) => a.bandM[0] + a.bandM[1] - b.bandM[0] - b.bandM[1],
    casts: (a, b) => a.casts - b.casts,
    strikes: (a, b) => a.strikes - b.strikes,
    landed: (a, b) => a.landed - b.landed,
    rate: (a, b) => a.perCast.mean - b.perCast.mean,
  };
  return sorted.sort((a, b) => way * compare[by.order](a, b));
}
