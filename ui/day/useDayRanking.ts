/**
 * Which lures, in which order: asked of the worker when the water, the box or the schools have changed, or the log says
 * something new.
 */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash, hashAsWritten } from '../../core/base/hash';
import type { PlanBasis } from '../../core/planning/head/planHead';
import { nextToPlan } from '../../core/ranking/head';
import { withLearned } from '../../core/learning/byKey';
import type { LearnedRanking } from '../../core/learning/learned';
import type { RankOptions } from '../../core/ranking/rank';
import { inUse } from '../../core/records';
import type { Preferences } from '../../core/records/preferences';
import { familyById } from '../../core/lures/families';
import type { Counted } from '../../core/lures/family';
import type { OwnLure } from '../../core/lures/own';
import { weightsAtHand } from '../../core/lures/terminal';
import type { Day } from '../../core/trip/day';
import { lineDiameterM } from '../../core/tackle/line';
import { thrownBy } from '../../core/tackle/rod';
import type { Conditions } from '../../core/water/conditions';
import type { Sign } from '../../core/water/terms';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { NOTHING_SAID, type NamedLog } from './dayHistory';
import { learnFirst, useKnownPlans } from './planned';
import { measuredFor } from './planFor';
import type { PlanWater } from './usePlanWater';
import { chooseLine, chooseTackle, outfitOf } from './tackle';
import type { DayConditions } from './useDayConditions';
import type { BookWithoutLog } from './useBookWithoutLog';

export interface RankingQuestion {
  /** With what the log says of the mood; null without a day. */
  conditions: Conditions | null;
  options: RankOptions;
  /** What the plans of the head are made for. */
  basis: PlanBasis;
  /** What the angler's own log is asked. */
  log: NamedLog;
}

export interface DayRanking {
  ranking: LearnedRanking | null;
  rankingError: boolean;
}

/** What the plans of the head are made for, and its name. */
export interface NamedBasis {
  id: string;
  basis: PlanBasis;
}

/** The water and, lure by lure, the tackle that the head of the ranking is planned with. */
export function usePlanBasis(
  book: BookWithoutLog,
  { day, schools }: DayConditions,
  prefs: Preferences,
  { conditions }: PlanWater,
): NamedBasis {
  const basis = useMemo((): PlanBasis => {
    const tackle = book.box.flatMap((lure) => {
      const t = chooseTackle(book, day, prefs, lure);
      return t ? [[lure.id, { ...outfitOf(t), measured: measuredFor(book, lure.id, t.reel.id) }] as const] : [];
    });
    return { ...(conditions ? { conditions } : {}), tackle: Object.fromEntries(tackle) };
  }, [book, day, prefs, conditions]);
  return useMemo(() => ({ id: hashAsWritten([basis, schools]), basis }), [basis, schools]);
}

/** What the rod of a lure, the line on it and what is kept of heads and weights make of it. */
type OnItsRod = Pick<OwnLure, 'lineM' | 'throwsKg' | 'atHandKg'>;

/** Of each lure of the box; as text, so that it changes only when they do. */
function onTheirRods(book: BookWithoutLog, day: Day | null, prefs: Preferences): string {
  const terminal = inUse(book.terminal);
  const entries = book.box.map((l): [string, OnItsRod] => {
    const t = chooseTackle(book, day, prefs, l);
    const body: OnItsRod = l.bare
      ? { ...(t ? { throwsKg: thrownBy(t.rod) } : {}), atHandKg: weightsAtHand(familyById(l.family), terminal) }
      : {};
    return [l.id, { ...(t ? { lineM: lineDiameterM(t.line) } : {}), ...body }];
  });
  return JSON.stringify(entries);
}

export function useQuestion(
  book: BookWithoutLog,
  { day, schools }: DayConditions,
  prefs: Preferences,
  logSigns: readonly Sign[],
  { id: basisId, basis }: NamedBasis,
  counted: Readonly<Record<string, Counted>> | null,
  gathered: NamedLog | null,
): RankingQuestion {
  const { box } = book;
  const line = chooseLine(book, day, prefs);
  const { planned, tied } = useKnownPlans(basisId);
  const inHand = day?.trip.lureId ?? tied;
  const onRods = useMemo(() => onTheirRods(book, day, prefs), [book, day, prefs]);
  const options = useMemo((): RankOptions => {
    const onRod = new Map(JSON.parse(onRods) as [string, OnItsRod][]);
    return {
      schools,
      planned,
      inHand,
      ...(box.length > 0
        ? {
            lures: box.map(({ id, family, weightKg, lengthM, hook, bare, colour, priceMinor }) => ({
              id,
              family,
              weightKg,
              lengthM,
              hook,
              bare,
              colour,
              priceMinor,
              ...onRod.get(id),
              ...(counted?.[id] ? { counted: counted[id] } : {}),
            })),
          }
        : {}),
      ...(line ? { lineDiameterM: lineDiameterM(line) } : {}),
    };
  }, [schools, box, line, planned, inHand, onRods, counted]);
  // Nothing is ranked before it is known what was counted, and what the log says.
  const known = !!counted && !!gathered;
  const conditions = useMemo(
    () => (day && known ? { ...day.conditions, signs: [...(day.conditions.signs ?? []), ...logSigns] } : null),
    [day, logSigns, known],
  );
  const log = gathered ?? NOTHING_SAID;
  return useMemo(() => ({ conditions, options, basis, log }), [conditions, options, basis, log]);
}

/**
 * The order by what is known, at once; then the head is planned, and the order asked anew by what the plans found.
 */
export function useDayRanking(
  { conditions, options, basis, log }: RankingQuestion,
  id: string,
): { ranking: DayRanking; rankingBusy: boolean } {
  // Of a long box it takes a while, and a cast changes nothing of it.
  const optionsId = useMemo(() => hashAsWritten(options), [options]);
  const identity = conditions ? contentHash({ c: conditions, optionsId, log: log.id }) : 'none';
  const query = useQuery({
    queryKey: queryKeys.ranking(identity),
    queryFn: ({ signal }) => compute.rank(signal, conditions!, options, log.log),
    enabled: !!conditions,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    staleTime: Infinity,
  });
  const ranking = query.data ?? null;
  const rankingError = query.isError;
  const lacking = !!ranking && !query.isPlaceholderData && !!nextToPlan(ranking);
  useQuery({
    queryKey: queryKeys.planHead(contentHash([identity, id])),
    queryFn: async ({ signal }) => {
      // What the log says of each lure is known: the worker of the plans need not read it once more.
      learnFirst(id, await compute.planHead(signal, conditions!, withLearned(options, ranking), basis));
      return true;
    },
    enabled: lacking,
    gcTime: 0,
    staleTime: Infinity,
  });
  return {
    ranking: useMemo(() => ({ ranking, rankingError }), [ranking, rankingError]),
    rankingBusy: query.isFetching,
  };
}
