import { useSyncExternalStore } from 'react';
import type { Reading } from '../../core/water/defaults';
import { useDay } from './DayProvider';
import { draftNow, hearDraft, useDraft } from './draft';

/** The reading to be drawn: the one under the finger, else the day's. */
export function useShownReading(): Reading | null {
  const { reading } = useDay();
  return useDraft()?.reading ?? reading;
}

/** A text that follows from the reading to be drawn: what asks for it is drawn anew only when the text itself has changed. */
export function useShownText(of: (r: Reading) => string): string | null {
  const { reading } = useDay();
  return useSyncExternalStore(hearDraft, () => {
    const r = draftNow()?.reading ?? reading;
    return r && of(r);
  });
}
