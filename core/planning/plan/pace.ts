/** How fast a plan moves its lure, and what of it the ranking reckons with. */
import type { Planned } from '../../ranking/planned';
import type { RetrieveSettings } from '../task/setup';
import type { Plan } from './answer';
import type { Track } from './track';

/** Average speed over what is worked, m/s: below a float the cast ends a leader's length away. */
export function workedSpeedMps(h: RetrieveSettings, t: Track): number {
  return Math.max(0, h.castM - (t.workedToM ?? t.xM[t.xM.length - 1] ?? 0)) / Math.max(t.workedS - h.countdownS, 1);
}

/** Average speed while it is moved, m/s. */
export function movingSpeedMps(h: RetrieveSettings, t: Track): number {
  const restS = t.phaseS.pause;
  const workedS = Math.max(t.workedS - h.countdownS, 1);
  return (workedSpeedMps(h, t) * workedS) / Math.max(workedS - restS, 1);
}

/** What the ranking needs to know of a plan as it stands, cast or not. */
export const plannedAsIn = (plan: Plan): Planned => ({
  weightKg: plan.presentation.rig.weightKg,
  zoneShare: plan.zoneShare.mean,
  castS: plan.castS,
  castsPerHour: plan.castsPerHour,
  speedMps: plan.wish.givenMps,
  movingMps: Math.max(plan.wish.givenMps, movingSpeedMps(plan.hands, plan.track)),
});
