/** A box in order, by what its owner looks for. */
import type { Lure } from '../records/lure';

/** What a box can be put in order by. `kind` is sorted by the name that the caller gives the family. */
export const BOX_ORDERS = ['name', 'kind', 'weight', 'length', 'count'] as const;
export type BoxOrder = (typeof BOX_ORDERS)[number];

/** Favourites first, then by name: how a box lies open. */
export const byFavour = (a: Lure, b: Lure): number =>
  Number(b.favourite) - Number(a.favourite) || a.name.localeCompare(b.name);

/**
 * A new list in that order, up or down; what is alike stays by favour and name. A length is its maker's, m; a weight
 * what is thrown, kg.
 */
export function sortedBox(
  lures: readonly Lure[],
  by: { order: BoxOrder; up: boolean } | null,
  kindOf: (l: Lure) => string,
): Lure[] {
  const usual = [...lures].sort(byFavour);
  if (!by) return usual;
  const way = by.up ? 1 : -1;
  const compare: Record<BoxOrder, (a: Lure, b: Lure) => number> = {
    name: (a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }),
    kind: (a, b) => kindOf(a).localeCompare(kindOf(b)),
    weight: (a, b) => a.weightKg - b.weightKg,
    length: (a, b) => a.lengthM - b.lengthM,
    count: (a, b) => a.count - b.count,
  };
  return usual.sort((a, b) => way * compare[by.order](a, b));
}
