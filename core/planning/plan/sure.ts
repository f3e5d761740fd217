/** The share of a cast that is among the fish, with what nobody knows exactly of the tackle drawn for its range. */
import { MESH, type Mesh } from '../../simulation/types';
import type { PlanTask, RetrieveSettings } from '../task/setup';
import { corners, drawTackle, eightDraws, type TackleDraw } from '../task/tackleDraws';
import { leastOf, WORK } from './budget';
import type { CastJob, Steps } from './casting';
import { COARSE_TRUSTED, DRAWS, shareRange, type ShareRange } from './doubt';
import type { Track } from './track';

/** As many draws as can be afforded, where the cast of each takes so much. */
function drawsFor(task: PlanTask, each: number): readonly TackleDraw[] {
  if (DRAWS.length * each <= WORK.draws) return DRAWS.map((n) => drawTackle(task, n));
  const eight = eightDraws(task);
  return leastOf(WORK.draws, each, eight.length) === eight.length ? eight : corners(task);
}

/**
 * From the finely solved cast; the draws' casts besides: 32, or the eight or four where so many cannot be afforded. The
 * same hands are asked the same way, whether they are a plan's or what a change would make of them.
 */
export function* sureShare(
  task: PlanTask,
  hands: RetrieveSettings,
  fine: Track,
): Steps<[ShareRange, readonly Track[]]> {
  const { workedToM } = fine;
  let mesh: Mesh = MESH.scan;
  const once = (): CastJob[] => [{ task, hands, how: { mesh, workedToM } }];
  let [coarse] = yield once();
  if (Math.abs(coarse!.zoneShare - fine.zoneShare) > COARSE_TRUSTED) {
    mesh = MESH.quick;
    [coarse] = yield once();
  }
  const casts = yield drawsFor(task, coarse!.work).map((draw) => ({ task, hands, how: { mesh, workedToM, ...draw } }));
  const shares = casts.map((t) => t.zoneShare);
  return [shareRange(fine.zoneShare, coarse!.zoneShare, shares), casts];
}
