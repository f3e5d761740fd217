import { useSyncExternalStore } from 'react';
import { useDay } from './DayProvider';
import { draftNow, hearDraft, useDraft } from './draft';
import type { ResolvedConditions } from '../../core/water/resolve';

/** The reading to be drawn: the one under the finger, else the day's. */
export function useShownReading(): ResolvedConditions | null {
  const { reading } = useDay();
  return useDraft()?.reading ?? reading;
}

/** A text that follows from the reading to be drawn: what asks for it is drawn anew only when the text itself has changed. */
export function useShownText(of: (r: ResolvedConditions) => string): string | null {
  const { reading } = useDay();
  return useSyncExternalStore(hearDraft, () => {
    const r = draftNow()?.reading ?? reading;
    return r && of(r);
  });
}
