/**
 * What a retrieve is worth: seconds among the fish for each second of fishing, less where it moves other than the fish
 * want.
 */
import { bell } from '../../base/numbers';
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import type { RetrieveSettings, PlanTask } from '../task/setup';
import type { Track } from './track';

/**
 * Too fast or too slow by e^0.5 costs this share of the fish; so does hanging not at all where they want it. prior:
 * judgement.
 */
const SPEED = { width: 0.5, share: 0.7 } as const;
const HANG_SHARE = 0.5;
/**
 * Food comes down with the water: a lure swum straight up into a current of half a metre a second and more. prior:
 * judgement.
 */
const AGAINST_SHARE = 0.2;
const FULL_CURRENT_MPS = 0.5;

/** Average speed over what is worked, m/s. */
export function workedSpeedMps(h: RetrieveSettings, t: Track): number {
  return Math.max(0, h.castM - (t.workedToM ?? 0)) / Math.max(t.workedS - h.countdownS, 1);
}

/** 0–1, higher is better; comparable among hands for one problem only. */
export function worth(p: PlanTask, h: RetrieveSettings, t: Track): number {
  const speed = Math.max(workedSpeedMps(h, t), 0.005);
  const hang = p.pauseS > 0 ? Math.min(1, h.pauseS / p.pauseS) : 1;
  const against =
    ((1 - Math.cos((h.angleDeg * Math.PI) / 180)) / 2) * Math.min(1, p.reading.currentMps / FULL_CURRENT_MPS);
  return (
    (t.zoneS / (t.castS + BETWEEN_CASTS_S)) *
    (1 - SPEED.share + SPEED.share * bell(Math.log(speed / p.speedMps), 0, SPEED.width)) *
    (1 - HANG_SHARE + HANG_SHARE * hang) *
    (1 - AGAINST_SHARE * against)
  );
}
