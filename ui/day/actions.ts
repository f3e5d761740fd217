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

const isReady = (h: InHand): boolean => h.worked !== null && h.request !== null && h.lure !== null;

/**
 * What is logged with: while another plan is worked out, what the screen showed until now. A touch made in between is
 * not lost; a lure that was taken since is waited for.
 */
export const heldOn = (before: InHand, now: InHand): InHand =>
  !isReady(now) && isReady(before) && now.request !== null && (!now.taken || now.lure?.id === before.lure?.id)
    ? before
    : now;

/** The actions, once and for all; they look up what is in hand when they are called. */
export function useActionsOfDay(inHand: InHand, { commit, record, current }: Committer): DayActions {
  const [hand] = useState(() => createStore<InHand>(() => inHand));
  useEffect(() => hand.setState((before) => heldOn(before, inHand), true));
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
