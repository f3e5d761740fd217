/** One day for every place: worked out once, handed on in parts (contexts.ts). */
import { useDeferredValue, type Context, type ReactNode } from 'react';
import { preferencesOf } from '../../core/records';
import type { EffortBlock } from '../../core/records/block';
import { useCommitter, useStoredLater } from '../../data/useBook';
import { useNow } from '../platform/clock';
import { useActionsOfDay } from './actions';
import { DAY_CONTEXTS, useConditions, type DayParts } from './contexts';
import { useDraftEnds } from './draft';
import { useCounted } from './useCounted';
import { useDayHistory } from './dayHistory';
import { useDayConditions } from './useDayConditions';
import { useDayLog } from './useDayLog';
import { useDayMood } from './useDayMood';
import { useDayPlan } from './useDayPlan';
import { usePlanWater } from './usePlanWater';
import { useDayRanking, usePlanBasis, useQuestion } from './useDayRanking';
import { useWithoutLog } from './useBookWithoutLog';
import { useWatchTurns } from './turned';
import { useStation } from './useStation';

/** The day's own time, to five minutes; screens that show a clock keep their own. */
const BUCKET_MS = 5 * 60_000;

const NO_BLOCKS: readonly EffortBlock[] = [];

function useParts(): DayParts {
  const committer = useCommitter();
  // What a touch made stands on its own place at once; the day follows when the finger has its answer.
  const { status, book, past } = useStoredLater();
  const bookWithoutLog = useWithoutLog(book);
  const prefs = preferencesOf(book);
  const nowMs = useNow(prefs.demoClock, BUCKET_MS);
  const conditions = useDayConditions(bookWithoutLog, prefs, nowMs);
  const log = useDayLog(book, conditions.day?.trip.id ?? null, nowMs);
  const mood = useDayMood(conditions, log.signs);
  const planWater = usePlanWater(conditions.day);
  const basis = usePlanBasis(bookWithoutLog, conditions, prefs, planWater);
  const counted = useCounted(bookWithoutLog, basis);
  const history = useDayHistory(book, conditions.day?.trip ?? null, log.tally, status === 'ready', past);
  const question = useQuestion(bookWithoutLog, conditions, prefs, log.signs, basis, counted, history);
  const { ranking, rankingBusy } = useDayRanking(question, basis.id);
  useWatchTurns(conditions.day?.trip.id ?? null, ranking.ranking);
  const plan = useDayPlan(
    bookWithoutLog,
    conditions,
    prefs,
    ranking.ranking,
    basis.id,
    planWater,
    log.tally?.blocks ?? NO_BLOCKS,
  );
  const station = useStation(bookWithoutLog, conditions.day, prefs, nowMs, committer);
  const actions = useActionsOfDay(
    {
      ...plan,
      movedTo: planWater.movedTo,
      ranking: ranking.ranking,
      taken: plan.lure !== null && conditions.day?.trip.lureId === plan.lure.id,
    },
    committer,
  );
  return {
    status,
    conditions,
    mood,
    question,
    ranking,
    rankingBusy,
    plan,
    log,
    bookWithoutLog,
    book,
    prefs,
    station,
    actions,
  };
}

/**
 * The places follow in slices of a few milliseconds, so that no change of the day holds up a finger. All parts change
 * in one go.
 */
function Part({ of, value, children }: { of: keyof DayParts; value: unknown; children: ReactNode }) {
  const { Provider } = DAY_CONTEXTS[of] as Context<unknown>;
  return <Provider value={useDeferredValue(value)}>{children}</Provider>;
}

function DraftEnds() {
  useDraftEnds(useConditions().reading);
  return null;
}

export function DayProvider({ children }: { children: ReactNode }) {
  const parts = useParts();
  return (Object.keys(DAY_CONTEXTS) as (keyof DayParts)[]).reduce<ReactNode>(
    (inner, of) => (
      <Part of={of} value={parts[of]}>
        {inner}
      </Part>
    ),
    <>
      <DraftEnds />
      {children}
    </>,
  );
}
