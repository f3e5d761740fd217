/**
 * What the places read of the day, each part by itself: a component is drawn anew only when a part that it reads has
 * changed. A cast changes the log and the mood, and once its answer differs the ranking; the readings, the kit and the
 * plan stand still.
 */
import { createContext, useContext, type Context } from 'react';
import type { Book } from '../../core/records';
import type { Preferences } from '../../core/records/preferences';
import type { Snapshot } from '../../data/keeper';
import type { MoodJudgement } from '../../core/mood/filter';
import type { DayActions } from './actions';
import type { DayConditions } from './useDayConditions';
import type { DayLog } from './useDayLog';
import type { DayPlan } from './useDayPlan';
import type { DayRanking, RankingQuestion } from './useDayRanking';
import type { BookWithoutLog } from './useBookWithoutLog';
import type { StationState } from './useStation';

export interface DayParts {
  status: Snapshot['status'];
  conditions: DayConditions;
  mood: MoodJudgement | null;
  question: RankingQuestion;
  ranking: DayRanking;
  rankingBusy: boolean;
  plan: DayPlan;
  log: DayLog;
  bookWithoutLog: BookWithoutLog;
  book: Book;
  prefs: Preferences;
  station: StationState;
  actions: DayActions;
}

const part = <K extends keyof DayParts>(): Context<DayParts[K] | undefined> =>
  createContext<DayParts[K] | undefined>(undefined);

export const DAY_CONTEXTS: { [K in keyof DayParts]: Context<DayParts[K] | undefined> } = {
  status: part<'status'>(),
  conditions: part<'conditions'>(),
  mood: part<'mood'>(),
  question: part<'question'>(),
  ranking: part<'ranking'>(),
  rankingBusy: part<'rankingBusy'>(),
  plan: part<'plan'>(),
  log: part<'log'>(),
  bookWithoutLog: part<'bookWithoutLog'>(),
  book: part<'book'>(),
  prefs: part<'prefs'>(),
  station: part<'station'>(),
  actions: part<'actions'>(),
};

function usePart<K extends keyof DayParts>(key: K): DayParts[K] {
  const v = useContext(DAY_CONTEXTS[key]);
  if (v === undefined) throw new Error(`${key}: outside DayProvider`);
  return v as DayParts[K];
}

/** Whether the record is open; with the other parts, so that nothing looks empty that is not yet there. */
export const useStatus = (): Snapshot['status'] => usePart('status');
/** The trip, its water, what was read and what it comes to. */
export const useConditions = (): DayConditions => usePart('conditions');
/** Judged from the readings, the signs tapped by hand and those of the log; null without a day. */
export const useMood = (): MoodJudgement | null => usePart('mood');
/** What the ranking is asked: for those who ask more about the same water and box. */
export const useRankingQuestion = (): RankingQuestion => usePart('question');
export const useRanking = (): DayRanking => usePart('ranking');
export const useRankingBusy = (): boolean => usePart('rankingBusy');
/** The lure in hand, what it is thrown with, and how to work it. */
export const usePlan = (): DayPlan => usePart('plan');
/** What happened today. */
export const useLog = (): DayLog => usePart('log');
/** Everything stored but the log: what changes when the angler changes it. */
export const useBookWithoutLog = (): BookWithoutLog => usePart('bookWithoutLog');
/** Everything stored; drawn anew with every cast. */
export const useBook = (): Book => usePart('book');
export const usePrefs = (): Preferences => usePart('prefs');
export const useStationState = (): StationState => usePart('station');
/** What the angler can do; never changes. */
export const useActions = (): DayActions => usePart('actions');
