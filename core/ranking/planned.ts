/**
 * How a lure is worked once its casts were simulated. For the lures near the lead the ranking reckons with this in
 * place of the table's estimate, so that a plan and the ranking say the same of one lure.
 */
import type { Family } from '../lures/family';

/** What the planner found for a lure at one weight: what of a cast is spent among the fish, and how it is moved. */
export interface Planned {
  /** The weight that was cast, kg: at another it says nothing. */
  weightKg: number;
  /** Mean share of a cast among the fish over what is not known of the tackle, 0–1. */
  zoneShare: number;
  /** Mean depth while it is among the fish, or worked at all, m. */
  depthM: number;
  /** How far it flies on that rod in this wind, m; 0 for what is not cast. */
  flightM: number;
  castS: number;
  castsPerHour: number;
  /** Average speed over what is worked, and while it moves, m/s. */
  speedMps: number;
  movingMps: number;
}

/** By the key of the entry. */
export type PlannedByKey = Readonly<Record<string, Planned>>;

const SAME_KG = 1e-7;
/** Whether a plan was made for this weight, kg. */
export const madeFor = (p: Planned | undefined, weightKg: number): p is Planned =>
  !!p && Math.abs(p.weightKg - weightKg) < SAME_KG;

/** The plan that was made for this weight, if there is one. */
export const plannedAt = (f: Family, p: Planned | undefined): Planned | null => (madeFor(p, f.weightKg[1]) ? p : null);
