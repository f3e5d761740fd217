/** How each kind of hook hangs up and holds, and a lure with another one. */
import type { Family, Hook } from './family';

/** Chance of a firm snag per cast in dense wood, 0–1. prior: judgement. */
export const HOOK_SNAG: Readonly<Record<Hook, number>> = { treble: 0.5, single: 0.28, weedless: 0.08 };

/**
 * Chance of a firm snag with another hook than the lure's own, as a ratio. Example: own treble, weedless instead →
 * 6.25.
 */
export const hookSnagRatio = (hook: Hook, own: Hook): number => HOOK_SNAG[own] / HOOK_SNAG[hook];

/** Hooked per strike with another hook than the family's own, as a ratio. prior: judgement. */
const HOLD: Record<Hook, number> = { treble: 1, single: 0.95, weedless: 0.82 };

/** The same lure with another hook: what it holds, and what it hangs up on. */
export function withHook(f: Family, hook: Hook): Family {
  if (hook === f.hook) return f;
  const ratio = hookSnagRatio(f.hook, hook);
  return {
    ...f,
    hook,
    hooking: (f.hooking * HOLD[hook]) / HOLD[f.hook],
    snag: Object.fromEntries(Object.entries(f.snag).map(([cover, chance]) => [cover, chance * ratio])),
  };
}
