import type { Reading } from '../../core/water/defaults';
import { useDay } from './DayProvider';
import { useDraft } from './draft';

/** The reading to be drawn: the one under the finger, else the day's. */
export function useShownReading(): Reading | null {
  const { reading } = useDay();
  return useDraft()?.reading ?? reading;
}
