/** How far a lure flies here, against how far out the fish are; and whether fish stay under a boat. */
import { logistic } from '../base/numbers';
import { lineFor } from '../holdtable/grid';
import type { Family } from '../lures/family';
import { comfortableCastM, leftByWind } from '../tackle/rod';
import { STANDS } from '../tackle/stand';
import { windRead, type ResolvedConditions } from '../water/resolve';
import { pitchedShare, spottiness } from './cover';
import type { Match } from './matches';

/**
 * Fish hold this far out where one stands on a beach or on stones, m; elsewhere one moves to within a cast of them.
 * prior: judgement.
 */
const FAR_OUT_M: Partial<Record<ResolvedConditions['setting'], number>> = { surf: 38, jetty: 32, inlet: 22 };
/** The rod for it: long enough, and stout enough for ounces. */
const LONG_ROD = { lengthM: 2.7, minLureKg: 0.005, maxLureKg: 0.1, action: 'moderate' as const };
/** Elsewhere there is a rod for everything. */
const USUAL_ROD = { lengthM: 2.1, action: 'moderate' as const };
const REACH_SOFT_M = 7;
/**
 * Elsewhere a longer cast shows the lure to more fresh water for the same trouble: this power of it against a usual
 * cast. Nothing where fish sit on single pieces of cover. prior: judgement.
 */
const LONGER = { power: 0.3, usualM: 22 } as const;
/**
 * Fish stay put under a boat that stops above them when they are this deep, and let one pass over them when this deep,
 * m: what is towed runs far behind and is not laid to the boat. prior: judgement.
 */
const BELOW_A_BOAT_M = { stopping: 9, passing: 6, soft: 1.3 } as const;

/** On a usual rod in this wind, from where one stands, m. */
function usualFlightM(f: Family, weightKg: number, far: boolean, r: ResolvedConditions): number {
  const thrownKg = weightKg + (f.build.kind === 'head' ? f.build.bodyKg : 0);
  const rod = far ? LONG_ROD : { ...USUAL_ROD, minLureKg: thrownKg, maxLureKg: thrownKg };
  return (
    STANDS[r.access].castShare * comfortableCastM(rod, thrownKg, f.bulk, lineFor(f)) * leftByWind(windRead(r), f.bulk)
  );
}

/**
 * How far it flies here, against how far out the fish are, m; and the share of them that it is thrown to, or that stay
 * below the boat. `flightM`: how far it flies on the rod that it was planned with; absent: on a usual one.
 */
export function distanceOf(f: Family, r: ResolvedConditions, flightM?: number): Match {
  if (f.mode === 'vertical' || f.mode === 'tow') {
    const needM = f.mode === 'vertical' ? BELOW_A_BOAT_M.stopping : BELOW_A_BOAT_M.passing;
    const share = logistic(r.fishDepthM, needM, BELOW_A_BOAT_M.soft);
    return { factor: 'distance', of: () => 0.02 + 0.98 * share, facts: { way: f.mode, depthM: r.fishDepthM, share } };
  }
  const needM = FAR_OUT_M[r.setting] ?? 0;
  const [weightKg] = f.weightKg;
  const castM = flightM ?? usualFlightM(f, weightKg, needM > 0, r);
  const share =
    needM > 0
      ? 0.05 + 0.95 * logistic(castM, needM, REACH_SOFT_M)
      : (castM / LONGER.usualM) ** (LONGER.power * (1 - Math.max(spottiness(r), pitchedShare(f, r))));
  return { factor: 'distance', of: () => share, facts: { way: 'cast', castM, needM, windy: windRead(r) > 0 ? 1 : 0 } };
}
