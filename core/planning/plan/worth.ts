/**
 * What a retrieve is worth: the strikes an hour it would bring, by the laws that the ranking has too (seconds among the
 * fish, what they notice at this pace, pace and hang against what they want, knocks on the bottom), less where it
 * swims straight into the current.
 */
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { hangs } from '../cadence/library';
import type { RetrieveSettings, PlanTask } from '../task/setup';
import { clamp } from '../../base/numbers';
import type { Climb } from './climb';
import { movingSpeedMps, workedSpeedMps } from './pace';
import type { Track } from './track';

/**
 * Food comes down with the water: a lure swum straight up into a current of half a metre a second and more. prior:
 * judgement.
 */
const AGAINST_SHARE = 0.2;
const FULL_CURRENT_MPS = 0.5;

/**
 * A cast that strikes what rises on its way is worth less of a clean one: this far below its top, m, the least. The
 * edge is as soft as anybody's guess of that depth. prior: judgement.
 */
const STRIKES = { belowM: 0.5, least: 0.15 } as const;
export const cleanShare = ({ clearM }: Climb): number => clamp(1 + clearM / STRIKES.belowM, STRIKES.least, 1);

/** 0 or more, higher is better; comparable among hands for one problem only. */
export function worth(p: PlanTask, h: RetrieveSettings, t: Track): number {
  const roundS = t.castS + BETWEEN_CASTS_S;
  const against =
    ((1 - Math.cos((h.angleDeg * Math.PI) / 180)) / 2) * Math.min(1, p.reading.currentMps / FULL_CURRENT_MPS);
  return (
    p.worthOf({
      depthM: p.depthM,
      speedMps: workedSpeedMps(h, t),
      movingMps: movingSpeedMps(h, t),
      zoneMinutesPerHour: (60 * t.countedS) / roundS,
      castsPerHour: 3600 / roundS,
      hangS: hangs(h.style) ? h.pauseS : 0,
      contactShare: t.phaseS.deflection / Math.max(t.workedS, 1),
    }) *
    (1 - AGAINST_SHARE * against) *
    (t.climb ? cleanShare(t.climb) : 1)
  );
}
