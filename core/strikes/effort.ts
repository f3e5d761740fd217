/** Opening effort blocks: a change of presentation, water, spot or reading opens a new one. */
import { contentHash } from '../hash';
import type { EffortBlock } from '../records/trip';
import type { Conditions } from '../water/conditions';

/** Readings that define a block; the sun's creeping and what the log itself says do not. */
export function conditionsKey(c: Conditions): string {
  const { signs, sky, ...rest } = c;
  return contentHash({ ...rest, sky: { cloud: sky?.cloud ?? null, front: sky?.front ?? null } });
}

/** The block that a cast made now belongs to, or null when a new one must be opened. */
export function openBlock(blocks: readonly EffortBlock[], presentationId: string, conditions: Conditions): EffortBlock | null {
  const last = blocks[blocks.length - 1];
  if (!last || last.presentationId !== presentationId) return null;
  return conditionsKey(last.conditions as Conditions) === conditionsKey(conditions) ? last : null;
}
