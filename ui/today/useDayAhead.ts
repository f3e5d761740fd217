/** The day ahead at this water: asked of the almanac's worker when what it depends on has changed. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import { candidatesFor, dayQuestion, roundFor, spotsOf } from '../../core/forecast/ahead';
import { leftOver, restingSpots, type LeftOver, type RestingSpot } from '../../core/forecast/rest';
import { seasonOf } from '../../core/water/season';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { dateText } from '../../wording/time';
import { useBook, useConditions, useMood, useBookWithoutLog } from '../day/contexts';

const DAY_MS = 24 * 3_600_000;

/** Spots of today's trip that rest after a touch. */
export function useRestList(): RestingSpot[] {
  const { day, nowMs } = useConditions();
  const book = useBook();
  const mood = useMood();
  return useMemo(
    () => (day && mood ? restingSpots(book, day.trip.id, mood.mean, nowMs) : []),
    [book, day, mood, nowMs],
  );
}

/** Spots where an earlier day left a fish behind. */
export function useLeftOver(): LeftOver[] {
  const { day, nowMs } = useConditions();
  const book = useBook();
  return useMemo(() => (day ? leftOver(book, day.trip, nowMs) : []), [book, day, nowMs]);
}

export function useDayAhead(daysAhead = 0, { wanted = true, budgetMin = null as number | null } = {}) {
  const { day, reading, schools, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const rest = useRestList();
  const asked = useMemo(() => {
    if (!day || !reading) return null;
    const ahead = { day, reading, nowMs, daysAhead };
    const spots = spotsOf(book, day.water.id);
    const { notBeforeMs, ...round } = roundFor(ahead, spots);
    return {
      question: dayQuestion(
        book,
        ahead,
        dateText(nowMs + daysAhead * DAY_MS, day.water.zone),
        schools.moon === 'counted',
      ),
      candidates: candidatesFor(spots, rest, daysAhead, seasonOf(reading)),
      notBeforeMs,
      round: budgetMin === null ? round : { ...round, budgetMin },
    };
  }, [day, reading, book, rest, schools.moon, nowMs, daysAhead, budgetMin]);
  const query = useQuery({
    queryKey: queryKeys.dayLine(contentHash({ ...asked, today: Math.floor(nowMs / DAY_MS) })),
    queryFn: ({ signal }) => compute.day(signal, asked!.question, asked!.notBeforeMs, asked!.candidates, asked!.round),
    enabled: !!asked && wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 300_000,
  });
  // What was asked before stands until this is answered.
  return { answer: query.data ?? null, failed: query.isError, asking: query.isPlaceholderData };
}
