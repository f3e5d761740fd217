import type { ResolvedConditions } from '../../core/water/resolve';
import { useConditions } from './contexts';
import { useDraft } from './draft';

/** The reading to be drawn: the one under the finger, else the day's. */
export function useShownReading(): ResolvedConditions | null {
  const { reading } = useConditions();
  return useDraft((d) => d?.reading ?? reading);
}

/**
 * A text that follows from the reading to be drawn: what asks for it is drawn anew only when the text itself has
 * changed.
 */
export function useShownText(of: (r: ResolvedConditions) => string): string | null {
  const { reading } = useConditions();
  return useDraft((d) => {
    const r = d?.reading ?? reading;
    return r && of(r);
  });
}
