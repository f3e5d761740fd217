/** How each kind of hook hangs up. */
import type { Hook } from './family';

/** Chance of a firm snag per cast in dense wood, 0–1. prior: judgement. */
export const HOOK_SNAG: Readonly<Record<Hook, number>> = { treble: 0.5, single: 0.28, weedless: 0.08 };

/**
 * Chance of a firm snag with another hook than the lure's own, as a ratio. Example: own treble, weedless instead →
 * 6.25.
 */
export const hookSnagRatio = (hook: Hook, own: Hook): number => HOOK_SNAG[own] / HOOK_SNAG[hook];
