/** What today's log holds. */
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { tallyTrip, type TripTally } from '../../core/log/tally';
import type { Book } from '../../core/records';
import type { Sign } from '../../core/water/terms';
import { lastTouch, type LastTouch } from './lastTouch';

export interface DayLog {
  tally: TripTally | null;
  /** What the log says of the mood. */
  signs: readonly Sign[];
  /** The last touch, once it is stored and as long as it can be undone. */
  last: LastTouch | null;
}

const NONE: readonly Sign[] = [];

export function useDayLog(book: Book, tripId: string | null, nowMs: number): DayLog {
  const last = useStore(lastTouch, (s) => s.shown);
  const tally = useMemo(() => (tripId ? tallyTrip(book, tripId, nowMs) : null), [book, tripId, nowMs]);
  return useMemo(() => ({ tally, signs: tally?.signs ?? NONE, last }), [tally, last]);
}
