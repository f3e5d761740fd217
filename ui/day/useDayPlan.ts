/** The lure in hand and its plan: asked of the worker twice, for a first answer and for the settled one. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import { goingOn } from '../../core/log/goingOn';
import type { Measured } from '../../core/planning/calibrate/known';
import { plannedAsIn } from '../../core/planning/plan/pace';
import type { Plan } from '../../core/planning/plan/plan';
import type { WorkedAs } from '../../core/planning/plan/unplanned';
import { isSetByHand, type PlanRequest } from '../../core/planning/task/request';
import type { Ranking } from '../../core/ranking/rank';
import { startOf } from '../../core/ranking/ranked';
import type { Schools } from '../../core/ranking/schools';
import type { EffortBlock } from '../../core/records/block';
import type { Lure } from '../../core/records/lure';
import type { Preferences } from '../../core/records/preferences';
import type { Day } from '../../core/trip/day';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { tellPlanProgress } from './planProgress';
import { learnSettled } from './planned';
import { askedLure, measuredFor } from './planFor';
import { usePlanWanted } from './usePlanWanted';
import type { PlanWater } from './usePlanWater';
import type { Conditions } from '../../core/water/conditions';
import { chooseTackle, outfitOf, type Tackle } from './tackle';
import { useUnplanned } from './useUnplanned';
import { lureById } from './usual';
import type { DayConditions } from './useDayConditions';
import type { BookWithoutLog } from './useBookWithoutLog';

export interface DayPlan {
  lure: Lure | null;
  /** The lure the ranking would start with, when another is in hand. */
  suggested: Lure | null;
  tackle: Tackle | null;
  request: PlanRequest | null;
  plan: Plan | null;
  /** What a cast made now is logged with: the plan, or where none has come what the rules make of it. */
  worked: WorkedAs | null;
  planBusy: boolean;
  planError: boolean;
  /** The water it is made for, and whether that has moved on. */
  water: PlanWater;
}

function planRequest(
  day: Day | null,
  lure: Lure | null,
  t: Tackle | null,
  schools: Schools,
  measured: Measured | null,
  chosenKg: number | undefined,
  conditions: Conditions | null,
): PlanRequest | null {
  if (!day || !lure || !t || !conditions) return null;
  return {
    conditions,
    lure: askedLure(lure, chosenKg),
    ...outfitOf(t),
    schools,
    set: day.trip.settings,
    ...(day.trip.aimM === null ? {} : { targetM: day.trip.aimM }),
    ...(day.trip.over === null ? {} : { over: day.trip.over }),
    ...(measured ? { measured } : {}),
  };
}

/** What the angler asked, without what time alone changes. */
const withoutTime = ({ conditions, ...rest }: PlanRequest): unknown => ({
  ...rest,
  conditions: {
    ...conditions,
    sky: { ...conditions.sky, sunElevationDeg: 0 },
    signs: conditions.signs?.map((s) => ({ ...s, minutesAgo: 0 })),
  },
});

/** What was fished last here, where it is still there. */
function lureOfLast(book: BookWithoutLog, day: Day | null, blocks: readonly EffortBlock[]): Lure | null {
  const last = blocks.at(-1);
  const id = last && last.spotId === day?.trip.spotId ? last.presentation.lureId : null;
  const lure = id ? lureById(book.lure, id) : undefined;
  return lure && lure.lostAtMs === null ? lure : null;
}

export function useDayPlan(
  book: BookWithoutLog,
  { day, schools }: DayConditions,
  prefs: Preferences,
  ranking: Ranking | null,
  basisId: string,
  water: PlanWater,
  blocks: readonly EffortBlock[],
): DayPlan {
  const startLure = useMemo(() => {
    const key = ranking && startOf(ranking);
    return (key && lureById(book.lure, key)) || null;
  }, [book.lure, ranking]);
  // What is lost cannot be in hand.
  const pinned = day?.trip.lureId ? lureById(book.lure, day.trip.lureId) : undefined;
  const picked = pinned && pinned.lostAtMs === null ? pinned : null;
  // Until the choice has come, what was fished last stays in hand; nothing is planned for it yet.
  const lure = picked ?? startLure ?? (ranking ? null : lureOfLast(book, day, blocks));
  const isChosen = picked !== null || ranking !== null;
  const tackle = useMemo(() => chooseTackle(book, day, prefs, lure), [book, day, prefs, lure]);
  const measured = useMemo(
    () => (lure && tackle ? measuredFor(book, lure.id, tackle.reel.id) : null),
    [book, lure, tackle],
  );
  const chosenKg = lure?.bare ? ranking?.ranked.find((x) => x.key === lure.id)?.weightKg : undefined;
  const request = useMemo(
    () => planRequest(day, lure, tackle, schools, measured, chosenKg, water.conditions),
    [day, lure, tackle, schools, measured, chosenKg, water.conditions],
  );
  const planIdentity = request ? contentHash(request) : 'none';
  const asked = request ? contentHash(withoutTime(request)) : 'none';
  // While a changed plan is worked out the one before stays in view, as long as it is for the same lure.
  const isAsked = request !== null && isChosen;
  const planOptions = { enabled: isAsked, gcTime: 300_000, staleTime: Infinity, placeholderData: keepPreviousData };
  const planAs = (effort: 'first' | 'settled') => ({
    queryKey: queryKeys.plan(planIdentity, effort),
    queryFn: async ({ signal }: { signal: AbortSignal }) => {
      if (effort === 'first') return { asked, answer: await compute.plan(signal, request!, effort) };
      tellPlanProgress(null);
      const answer = await compute.plan(signal, request!, effort, (p) => signal.aborted || tellPlanProgress(p));
      tellPlanProgress(null);
      return { asked, answer };
    },
    ...planOptions,
  });
  const first = useQuery(planAs('first'));
  const wanted = usePlanWanted(planIdentity);
  const settled = useQuery({ ...planAs('settled'), enabled: isAsked && wanted });
  // When only time has passed the settled plan stays until the next is settled too: the hands must not change for a
  // moment between two casts.
  const stillSettled = !settled.isPlaceholderData || settled.data?.asked === asked;
  const answers = (stillSettled ? [settled, first] : first.isPlaceholderData ? [settled, first] : [first, settled]).map(
    (x) => x.data?.answer,
  );
  const plan = answers.find((x): x is Plan => !!x && x.presentation.lureId === lure?.id) ?? null;

  // The plan as the planner has it, not as set by hand, is what the ranking reckons with.
  const known =
    request && !isSetByHand(request) && plan?.effort === 'settled' && !settled.isPlaceholderData ? plan : null;
  useEffect(() => {
    if (known?.presentation.lureId) learnSettled(basisId, known.presentation.lureId, plannedAsIn(known));
  }, [known, basisId]);

  // A page that comes back in the middle of a day goes on at once as it was fished until then.
  const before = useMemo(
    () => (request && day && !plan ? goingOn(blocks, day.trip.spotId, request) : null),
    [request, day, plan, blocks],
  );
  const unplanned = useUnplanned(request, plan !== null || before !== null);
  const worked = plan ?? before ?? unplanned;
  const planError = settled.isError;
  // A first plan is never told as the last word: a settled one follows it wherever it is read on.
  const isFirst = plan?.effort === 'first' && !planError;
  const planBusy = (request !== null && !isAsked) || isFirst || (settled.isFetching && !(settled.data && stillSettled));
  const suggested = startLure && lure && startLure.id !== lure.id ? startLure : null;
  return useMemo(
    () => ({ lure, suggested, tackle, request, plan, worked, planBusy, planError, water }),
    [lure, suggested, tackle, request, plan, worked, planBusy, planError, water],
  );
}
