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

/** Mean depth while it is among the fish; where it never is, while it is worked, m. */
export function meanDepthM(t: Track, [top, bottom]: readonly [number, number]): number {
  const worked = t.depthM.filter((_, i) => t.tS[i]! <= t.workedS);
  const among = worked.filter((d) => d >= top && d <= bottom);
  const of = among.length > 0 ? among : worked;
  return of.length > 0 ? of.reduce((s, d) => s + d, 0) / of.length : 0;
}

/** What the ranking needs to know of a plan as it stands, cast or not. */
export const plannedAsIn = (plan: Plan): Planned => ({
  weightKg: plan.presentation.rig.weightKg,
  zoneShare: plan.zoneShare.mean,
  depthM: plan.flightM > 0 ? meanDepthM(plan.track, plan.bandM) : plan.depthM,
  flightM: plan.flightM,
  castS: plan.castS,
  castsPerHour: plan.castsPerHour,
  speedMps: plan.wish.givenMps,
  movingMps: Math.max(plan.wish.givenMps, movingSpeedMps(plan.hands, plan.track)),
});
