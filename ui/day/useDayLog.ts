/** What today's log holds. */
import { useMemo } from 'react';
import { tallyTrip, type TripTally } from '../../core/log/tally';
import type { Book } from '../../core/records';
import type { Sign } from '../../core/water/terms';

export interface DayLog {
  tally: TripTally | null;
  /** What the log says of the mood. */
  signs: readonly Sign[];
}

const NONE: readonly Sign[] = [];

export function useDayLog(book: Book, tripId: string | null, nowMs: number): DayLog {
  const tally = useMemo(() => (tripId ? tallyTrip(book, tripId, nowMs) : null), [book, tripId, nowMs]);
  return useMemo(() => ({ tally, signs: tally?.signs ?? NONE }), [tally]);
}
