/** What the way of working is called: by its name, or by the angler's own for a cadence of the angler's own. */
import { useMemo } from 'react';
import { nameOfCadence } from '../../core/records/cadence';
import type { PlanSettings } from '../../core/planning/task/request';
import { useBookWithoutLog } from './contexts';

/** Null: no cadence of the angler's own is set. */
export function useCadenceName(set: PlanSettings | undefined): string | null {
  const { cadence: kept } = useBookWithoutLog();
  const own = set?.cadence;
  return useMemo(() => {
    if (!own) return null;
    const name = nameOfCadence(kept, own);
    return name ? `“${name}”` : 'your own cadence';
  }, [kept, own]);
}
