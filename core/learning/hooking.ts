/**
 * What becomes of strikes: hooked against what the model expects, by kind of lure, held by what the angler hooks in
 * all.
 * Gamma–Poisson in both steps; equal to the model without a log.
 */
import { clamp } from '../base/numbers';
import type { FamilyId } from '../lures/family';
import type { RowOfHistory } from './history';

/** Strikes that the model's own share counts for: of all lures, and of one kind. prior: judgement. */
const OF_ALL = 10;
const OF_A_KIND = 12;
/** No lure is taken to hook more than this share of what strikes it. */
const MOST = 0.98;

/** Hooked fish over what the model expects, by kind; a kind nobody fished has what the angler has in all. */
export function hookingOf(rows: readonly RowOfHistory[]): (family: FamilyId, expectedShare: number) => number {
  const sum = (of: readonly RowOfHistory[], what: 'hooked' | 'hookedExpected'): number =>
    of.reduce((total, r) => total + r[what], 0);
  const all = (sum(rows, 'hooked') + OF_ALL) / (sum(rows, 'hookedExpected') + OF_ALL);
  return (family, expectedShare) => {
    const own = rows.filter((r) => r.family === family);
    const times = (sum(own, 'hooked') + OF_A_KIND * all) / (sum(own, 'hookedExpected') + OF_A_KIND);
    return clamp(times, 0.02, MOST / expectedShare);
  };
}
