/** How the lure of a block was worked, as one text to compare. */
import type { EffortBlock } from '../records/block';

/** By what a block's lure is led to its depth, and at which pace. */
export const depthOf = ({ presentation: p }: EffortBlock): string => `${p.countdownS} ${p.tip.position} ${p.castM}`;
export const paceOf = ({ presentation: p }: EffortBlock): string =>
  `${p.turnsPerS} ${p.style} ${JSON.stringify(p.cadence.steps)}`;
