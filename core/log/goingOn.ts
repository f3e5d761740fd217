/** The lure as it was worked until now: what is logged with until a plan has come again. */
import { contentHash } from '../base/hash';
import type { WorkedAs } from '../planning/plan/unplanned';
import type { PlanRequest, PlanSettings } from '../planning/task/request';
import type { EffortBlock } from '../records/block';
import type { Conditions } from '../water/conditions';
import { openBlock } from './effort';

type Presentation = EffortBlock['presentation'];

/** What is set by hand, as it stands in a presentation; what else may be set does not show in one. */
const SHOWN: { [K in keyof PlanSettings]?: (p: Presentation) => unknown } = {
  castM: (p) => p.castM,
  countdownS: (p) => p.countdownS,
  turnsPerS: (p) => p.turnsPerS,
  tip: (p) => p.tip.position,
  style: (p) => p.style,
  cadence: (p) => p.cadence,
};

const NOT_SHOWN = 'not shown';
const isSame = (a: unknown, b: unknown): boolean => contentHash(a ?? null) === contentHash(b ?? null);

/**
 * As the last of a day's blocks was worked, if all that is asked now was so then: lure, tackle, water, spot, and what
 * was set by hand. Null: wait for a plan.
 */
export function goingOn(
  blocks: readonly EffortBlock[],
  spotId: string | null,
  { conditions, lure, rod, reel, line, set }: PlanRequest,
): WorkedAs | null {
  const last = blocks.at(-1);
  if (!last || last.endedAtMs !== null || last.presentation.lureId !== (lure.id ?? null)) return null;
  if (openBlock(blocks, last.presentationId, conditions as Conditions, spotId) === null) return null;
  const p = last.presentation;
  if (![[rod, p.rod] as const, [reel, p.reel] as const, [line, p.line] as const].every(([a, b]) => isSame(a, b)))
    return null;
  const byHand = (Object.entries(set ?? {}) as [keyof PlanSettings, unknown][]).filter(([, v]) => v !== undefined);
  if (!byHand.every(([k, v]) => isSame(SHOWN[k]?.(p) ?? NOT_SHOWN, v))) return null;
  return {
    presentation: p as WorkedAs['presentation'],
    zoneShare: { mean: last.zoneShare },
    zoneSecondsPerCast: last.zoneSecondsPerCast,
    phaseS: last.phaseS as WorkedAs['phaseS'],
  };
}
