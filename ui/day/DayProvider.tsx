/** One day for every place: the section, the lists and the log all read this. */
import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import { preferencesOf, type Book } from '../../core/records';
import type { Snapshot } from '../../data/keeper';
import type { Quarantined } from '../../data/repository';
import { useCommitter, useStored, type Committer } from '../../data/useBook';
import { useNow } from '../platform/clock';
import { useDraftEnds } from './draft';
import { useDayActions, type DayActions } from './useDayActions';
import { useDayState, type DayState } from './useDayState';
import { useStation, type StationState } from './useStation';

export interface DayContextValue extends DayState {
  status: Snapshot['status'];
  book: Book;
  quarantined: readonly Quarantined[];
  /** The day's own time, to five minutes; screens that show a clock keep their own. */
  nowMs: number;
  actions: DayActions;
  committer: Committer;
  station: StationState;
}

const DayContext = createContext<DayContextValue | null>(null);
const BUCKET_MS = 5 * 60_000;

export function useDay(): DayContextValue {
  const v = useContext(DayContext);
  if (!v) throw new Error('useDay outside DayProvider');
  return v;
}

export function DayProvider({ children }: { children: ReactNode }) {
  const status = useStored((s) => s.status);
  const book = useStored((s) => s.book);
  const quarantined = useStored((s) => s.quarantined);
  const committer = useCommitter();
  const nowMs = useNow(preferencesOf(book).demoClock, BUCKET_MS);
  const state = useDayState(book, nowMs);
  const actions = useDayActions(state, committer);
  const station = useStation(book, state.day, state.prefs, nowMs, committer);
  const value = useMemo(
    () => ({ ...state, status, book, quarantined, nowMs, actions, committer, station }),
    [state, status, book, quarantined, nowMs, actions, committer, station],
  );
  // The places follow in slices of a few milliseconds, so that no change of the day holds up a finger.
  const shown = useDeferredValue(value);
  useDraftEnds(shown.reading);
  return <DayContext.Provider value={shown}>{children}</DayContext.Provider>;
}
