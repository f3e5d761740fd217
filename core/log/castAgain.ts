/** A cast of a block made once more, for its picture: lure, tackle, hands and water as they were then. */
import type { PlanRequest } from '../planning/task/request';
import type { RetrieveSettings } from '../planning/task/setup';
import type { EffortBlock } from '../records/block';
import type { Conditions } from '../water/conditions';

type Worked = Pick<EffortBlock, 'conditions' | 'presentation'>;

/**
 * What the simulator is asked for it. What the angler measured of lure and reel since then is not in it, nor what the
 * lure had to be brought over. Null: it was let down or towed, not cast.
 */
export function castAgain({
  conditions,
  presentation: p,
}: Worked): { request: PlanRequest; hands: RetrieveSettings } | null {
  if (p.castM <= 0) return null;
  const { family, weightKg, sizeM, hook } = p.rig;
  return {
    request: {
      conditions: conditions as Conditions,
      lure: { id: p.lureId, family, name: p.lureName, weightKg, lengthM: sizeM, hook },
      rod: p.rod,
      reel: p.reel,
      line: p.line,
      set: { cadence: p.cadence },
    },
    hands: {
      castM: p.castM,
      countdownS: p.countdownS,
      turnsPerS: p.turnsPerS,
      tip: p.tip,
      angleDeg: conditions.water.currentAngleDeg ?? 0,
      style: p.style,
      // The cadence stands above it.
      pauseS: 0,
    },
  };
}
