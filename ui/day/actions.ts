/**
 * What the angler can do to the day. Every action reads the book as it stands this instant, so that two quick taps
 * never collide.
 */
import { useEffect, useMemo, useState } from 'react';
import { createStore } from 'zustand/vanilla';
import { preferencesOf, type Book } from '../../core/records';
import type { Committer } from '../../data/useBook';
import { appNowMs } from '../platform/clock';
import type { ActionPorts } from './ports';
import { logActions, type InHand, type LogActions } from './logActions';
import { diaryActions, type DiaryActions } from './diaryActions';
import { settingActions, type SettingActions } from './settingActions';
import { tripActions, type TripActions } from './tripActions';

export interface DayActions extends SettingActions, TripActions, LogActions, DiaryActions {}

/** The actions, once and for all; they look up what is in hand when they are called. */
export function useActionsOfDay(inHand: InHand, { commit, record, current }: Committer): DayActions {
  const [hand] = useState(() => createStore<InHand>(() => inHand));
  useEffect(() => hand.setState(inHand, true));
  return useMemo(() => {
    const demoClock = (book: Book | null) => preferencesOf(book).demoClock;
    const ports: ActionPorts = { commit, record, current, now: () => Math.round(appNowMs(demoClock(current()))) };
    return {
      ...settingActions(ports),
      ...tripActions(ports),
      ...logActions(ports, hand.getState),
      ...diaryActions(ports),
    };
  }, [commit, record, current, hand]);
}
