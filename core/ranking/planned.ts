/**
 * How a lure is worked once its casts were simulated. For the lures near the lead the ranking reckons with this in
 * place of the table's estimate, so that a plan and the ranking say the same of one lure.
 */
import type { ZoneEstimate } from '../holdtable/zone';
import type { Family } from '../lures/family';

/** What the planner found for a lure at one weight: what of a cast is spent among the fish, and how it is moved. */
export interface Planned {
  /** The weight that was cast, kg: at another it says nothing. */
  weightKg: number;
  /** Mean share of a cast among the fish over what is not known of the tackle, 0–1. */
  zoneShare: number;
  castS: number;
  castsPerHour: number;
  /** Average speed over what is worked, and while it moves, m/s. */
  speedMps: number;
  movingMps: number;
}

/** By the key of the entry. */
export type PlannedByKey = Readonly<Record<string, Planned>>;

/** A plan's cast as the ranking counts it. Nothing is taken as never among the fish. */
export function plannedZone({ zoneShare, castS, castsPerHour }: Planned): ZoneEstimate {
  const zoneSecondsPerCast = Math.max(zoneShare, MIN_SHARE) * castS;
  return {
    share: zoneShare,
    castS,
    zoneSecondsPerCast,
    castsPerHour,
    zoneMinutesPerHour: (castsPerHour * zoneSecondsPerCast) / 60,
  };
}
const MIN_SHARE = 0.005;

const SAME_KG = 1e-7;
/** The plan that was made for this weight, if there is one. */
export const plannedAt = (f: Family, p: Planned | undefined): Planned | null =>
  p && Math.abs(p.weightKg - f.weightKg[1]) < SAME_KG ? p : null;
