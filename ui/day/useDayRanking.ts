/**
 * Which lures, in which order: asked of the worker when the water, the box or the schools have changed, or the log says
 * something new.
 */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import type { RankOptions, Ranking } from '../../core/ranking/rank';
import type { Preferences } from '../../core/records/preferences';
import { lineDiameterM } from '../../core/tackle/line';
import type { Conditions } from '../../core/water/conditions';
import type { Sign } from '../../core/water/terms';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { chooseLine } from './tackle';
import type { DayConditions } from './useDayConditions';
import type { BookWithoutLog } from './useBookWithoutLog';

export interface RankingQuestion {
  /** With what the log says of the mood; null without a day. */
  conditions: Conditions | null;
  options: RankOptions;
}

export interface DayRanking {
  ranking: Ranking | null;
  rankingError: boolean;
}

export function useQuestion(
  book: BookWithoutLog,
  { day, schools }: DayConditions,
  prefs: Preferences,
  logSigns: readonly Sign[],
): RankingQuestion {
  const { box } = book;
  const line = chooseLine(book, day, prefs);
  const options = useMemo(
    (): RankOptions => ({
      schools,
      ...(box.length > 0
        ? {
            lures: box.map(({ id, family, weightKg, lengthM, hook, colour, priceMinor }) => ({
              id,
              family,
              weightKg,
              lengthM,
              hook,
              colour,
              priceMinor,
            })),
          }
        : {}),
      ...(line ? { lineDiameterM: lineDiameterM(line) } : {}),
    }),
    [schools, box, line],
  );
  const conditions = useMemo(
    () => day && { ...day.conditions, signs: [...(day.conditions.signs ?? []), ...logSigns] },
    [day, logSigns],
  );
  return useMemo(() => ({ conditions, options }), [conditions, options]);
}

export function useDayRanking({ conditions, options }: RankingQuestion): { ranking: DayRanking; rankingBusy: boolean } {
  const query = useQuery({
    queryKey: queryKeys.ranking(conditions ? contentHash({ c: conditions, rankOptions: options }) : 'none'),
    queryFn: ({ signal }) => compute.rank(signal, conditions!, options),
    enabled: !!conditions,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    staleTime: Infinity,
  });
  const ranking = query.data ?? null;
  const rankingError = query.isError;
  return {
    ranking: useMemo(() => ({ ranking, rankingError }), [ranking, rankingError]),
    rankingBusy: query.isFetching,
  };
}
