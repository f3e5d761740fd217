/** Lures of a box that are one and the same: of one family, colour and hook, within a hair of weight and length. */
import type { Lure } from '../records/lure';

type Kind = Pick<Lure, 'family' | 'colour' | 'hook' | 'weightKg' | 'lengthM'>;

const SAME = { weight: 0.06, length: 0.06 } as const;
const near = (a: number, b: number, share: number): boolean => Math.abs(Math.log(a / b)) < share;

/** One and the same: family, colour and hook equal, weight and length within 6 %. */
export const sameLure = (a: Kind, b: Kind): boolean =>
  a.family === b.family &&
  a.colour === b.colour &&
  a.hook === b.hook &&
  near(a.weightKg, b.weightKg, SAME.weight) &&
  near(a.lengthM, b.lengthM, SAME.length);

/** Groups of two and more; each lure in one group at the most. */
export function duplicatesIn<T extends Kind>(lures: readonly T[]): T[][] {
  const groups: T[][] = [];
  for (const l of lures) {
    const group = groups.find((g) => sameLure(g[0]!, l));
    if (group) group.push(l);
    else groups.push([l]);
  }
  return groups.filter((g) => g.length > 1);
}
