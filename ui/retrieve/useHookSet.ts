/** How to set the hook and the drag for the lure that is tied on: one answer for the page and the card. */
import type { Family } from '../../core/lures/family';
import { withHook } from '../../core/lures/hookSnag';
import { familyOfLure, thrownKg, tiedOn } from '../../core/lures/own';
import { adviseHookSet, type HookSetAdvice } from '../../core/planning/hookset/advice';
import type { Lure } from '../../core/records/lure';
import { speciesProfile } from '../../core/water/species';
import type { Plan } from '../../core/planning/plan/plan';
import { planWay } from '../../wording/retrieve';
import { useConditions } from '../day/contexts';
import type { Tackle } from '../day/tackle';
import { useTied, type Tied } from '../lures/useTied';

/** How it hangs there, where it is not cast and worked. */
export const hungIn = (plan: Plan): 'below-float' | 'straight-down' | null =>
  plan.belowFloatM !== null ? 'below-float' : planWay(plan) === 'down' ? 'straight-down' : null;

/** Null before the day's reading is there. */
export function useHookSet(
  lure: Lure | null,
  tackle: Tackle | null,
  plan: Plan | null,
): { advice: HookSetAdvice; tied: Tied } | null {
  const { day } = useConditions();
  const tiedWith = useTied();
  if (!lure || !tackle || !day || !plan) return null;
  const hung = hungIn(plan);
  // How far out the fish may take it.
  const castM = hung === 'straight-down' ? plan.depthM : plan.hands.castM;
  const made = lure.bare ? plan.presentation.rig : { hook: lure.hook, sizeM: lure.lengthM, weightKg: thrownKg(lure) };
  const thrown = lure.bare ? withHook(tiedOn(lure, lure.family, made.weightKg), made.hook) : familyOfLure(lure);
  const family: Family = hung === null ? thrown : { ...thrown, mode: hung === 'below-float' ? 'float' : 'vertical' };
  const { rod, line } = tackle;
  const tied = tiedWith(family, made, line);
  if (!tied) return null;
  const { weakest, hooks } = tied;
  const species = speciesProfile(day.trip.species);
  return { tied, advice: adviseHookSet({ family, species, rod, line, weakest, wire: hooks.wire, castM }) };
}
