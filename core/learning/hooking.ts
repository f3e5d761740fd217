/**
 * What becomes of strikes: hooked against what the model expects, by kind of lure, held by what the angler hooks in
 * all.
 * Gamma–Poisson in both steps; equal to the model without a log. Landed of the hooked likewise, as a share.
 */
import { clamp } from '../base/numbers';
import type { FamilyId } from '../lures/family';
import type { RowOfHistory } from './history';

/** Strikes that the model's own share counts for: of all lures, and of one kind. prior: judgement. */
const OF_ALL = 10;
const OF_A_KIND = 12;
/** Landed of the hooked before anything is known, and how many fish that counts for; of one kind. prior: judgement. */
const LANDED = 0.75;
const LANDED_OF_ALL = 6;
const LANDED_OF_A_KIND = 8;
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

/** Landed of what is hooked, 0–1, by kind: a stage of its own, held by what the angler lands in all. */
export function landingOf(rows: readonly RowOfHistory[]): (family: FamilyId) => number {
  const share = (of: readonly RowOfHistory[], before: number, weight: number): number => {
    const sum = (what: 'landed' | 'landable'): number => of.reduce((total, r) => total + r[what], 0);
    return (sum('landed') + before * weight) / (sum('landable') + weight);
  };
  const all = share(rows, LANDED, LANDED_OF_ALL);
  return (family) =>
    share(
      rows.filter((r) => r.family === family),
      all,
      LANDED_OF_A_KIND,
    );
}
