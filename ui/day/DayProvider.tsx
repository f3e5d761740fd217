/** One day for every place: the section, the lists and the log all read this. */
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { DEFAULT_PREFERENCES } from '../../core/records/preferences';
import { emptyBook, type Book } from '../../core/records';
import type { Quarantined } from '../../data/repository';
import { useCommitter, useLoadedBook, type Committer } from '../../data/useBook';
import { useNow } from '../platform/clock';
import { useDayActions, type DayActions } from './useDayActions';
import { useDayState, type DayState } from './useDayState';

export interface DayContextValue extends DayState {
  status: 'loading' | 'error' | 'ready';
  book: Book;
  quarantined: Quarantined[];
  /** The day's own time, to five minutes; screens that show a clock keep their own. */
  nowMs: number;
  actions: DayActions;
  committer: Committer;
}

const DayContext = createContext<DayContextValue | null>(null);
const BUCKET_MS = 5 * 60_000;
const NOTHING = emptyBook();

export function useDay(): DayContextValue {
  const v = useContext(DayContext);
  if (!v) throw new Error('useDay outside DayProvider');
  return v;
}

export function DayProvider({ children }: { children: ReactNode }) {
  const loaded = useLoadedBook();
  const committer = useCommitter();
  const book = loaded.data?.book ?? NOTHING;
  const prefs = book.preferences.mine ?? DEFAULT_PREFERENCES;
  const nowMs = useNow(prefs.demoClock, BUCKET_MS);
  const state = useDayState(book, nowMs);
  const actions = useDayActions(state, committer);
  const quarantined = loaded.data?.quarantined;
  const value = useMemo(
    () => ({
      ...state,
      status: loaded.isError ? ('error' as const) : loaded.isPending ? ('loading' as const) : ('ready' as const),
      book,
      quarantined: quarantined ?? [],
      nowMs,
      actions,
      committer,
    }),
    [state, loaded.isError, loaded.isPending, book, quarantined, nowMs, actions, committer],
  );
  return <DayContext.Provider value={value}>{children}</DayContext.Provider>;
}
