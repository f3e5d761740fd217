/** Today's water: the open trip with its readings, composed from all who say something, and what it comes to. */
import { useMemo } from 'react';
import type { Schools } from '../../core/ranking/schools';
import { takenBack } from '../../core/records';
import { schoolsOf, type Preferences } from '../../core/records/preferences';
import { composeDay, type Day } from '../../core/trip/day';
import { resolveConditions, type ResolvedConditions } from '../../core/water/resolve';
import { monthOf } from '../../wording/time';
import type { BookWithoutLog } from './useBookWithoutLog';

export interface DayConditions {
  day: Day | null;
  reading: ResolvedConditions | null;
  /** The schools that hold for today's fish. */
  schools: Schools;
  nowMs: number;
}

/** What took whole days back, the same object until that changes: a cast taken back is no matter of the water. */
function useGoneDays({ trip, tombstone }: Pick<BookWithoutLog, 'trip' | 'tombstone'>): BookWithoutLog['tombstone'] {
  const gone = [...takenBack({ tombstone })].filter((id) => id in trip).join(' ');
  return useMemo(
    () =>
      Object.fromEntries(
        gone
          .split(' ')
          .filter(Boolean)
          .map((of) => [of, { id: `gone-${of}`, of, atMs: 0 }]),
      ),
    [gone],
  );
}

export function useDayConditions(book: BookWithoutLog, prefs: Preferences, nowMs: number): DayConditions {
  const trip = prefs.activeTripId ? (book.trip[prefs.activeTripId] ?? null) : null;
  const { water, tides, stationReport, waterLog, trip: trips } = book;
  const tombstone = useGoneDays(book);
  const day = useMemo(() => {
    const place = trip && water[trip.waterId];
    return trip && place
      ? composeDay(
          { water, tides, stationReport, waterLog, tombstone, trip: trips },
          trip,
          nowMs,
          monthOf(nowMs, place.zone),
        )
      : null;
  }, [water, tides, stationReport, waterLog, tombstone, trips, trip, nowMs]);
  const reading = useMemo(() => (day ? resolveConditions(day.conditions) : null), [day]);
  const schools = useMemo(() => schoolsOf(prefs, trip?.species ?? null), [prefs, trip?.species]);
  return useMemo(() => ({ day, reading, schools, nowMs }), [day, reading, schools, nowMs]);
}
