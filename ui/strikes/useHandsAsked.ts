/** What the bites on the lure in hand ask of the hands: one answer for the line above the log and the offer below. */
import { handsAsked, type HandsAsked } from '../../core/log/asked';
import { familyById } from '../../core/lures/families';
import { useConditions, useLog, usePlan } from '../day/contexts';

/** Null: nothing, or no plan of that lure yet. */
export function useHandsAsked(): HandsAsked | null {
  const { tally } = useLog();
  const { plan, lure } = usePlan();
  const { day } = useConditions();
  if (!tally || !plan || !lure || !day || plan.presentation.lureId !== lure.id) return null;
  return handsAsked(tally, plan, familyById(lure.family), day.trip.settings);
}
