/** The log: a cast, what happened on it, and taking either back. */
import { aimOfEvent, nextAim, placeOf } from '../../core/castplan/aims';
import { lureBack, lureLost } from '../../core/box/lost';
import { placeInLog, type Opening } from '../../core/log/effort';
import type { Phase } from '../../core/planning/cadence/cadence';
import type { WorkedAs } from '../../core/planning/plan/unplanned';
import type { PlanRequest } from '../../core/planning/task/request';
import type { LearnedRanking } from '../../core/learning/learned';
import {
  activeTrip,
  bringBackPuts,
  preferencesOf,
  put,
  recordOf,
  takeBackPuts,
  type Book,
  type Put,
} from '../../core/records';
import { corrected, untold, type EventDetails, type EventKind } from '../../core/records/event';
import type { Lure } from '../../core/records/lure';
import type { ThrownAt } from '../../core/records/piece';
import type { Trip } from '../../core/records/trip';
import type { Conditions } from '../../core/water/conditions';
import { realNowMs } from '../platform/clock';
import { feel } from '../platform/felt';
import { newId } from '../platform/ids';
import { aimsNow } from './aims';
import { askToKeep } from '../platform/persistence';
import type { ActionPorts } from './ports';
import { touchInReach, touchMade, touchOver, touchTold, UNDO_MS, type LastTouch } from './lastTouch';
import { forTrip } from './tripActions';

export interface LogActions {
  /** The id of the cast, null while nothing is in hand. */
  logCast: () => string | null;
  /** The id of the event, for telling its phase; null without a lure in hand. */
  logEvent: (kind: EventKind) => string | null;
  /** More of an event, or something else than was told. */
  tellEvent: (eventId: string, change: Partial<EventDetails>) => void;
  takeBack: (id: string) => void;
  bringBack: (id: string) => void;
  /** For keys, which may be quicker than the store: they mean the last touch, stored or not. */
  takeBackLast: () => void;
  setPhaseOfLast: (phase: Phase) => void;
}

/** What is fished with when the finger goes down. */
export interface InHand {
  worked: WorkedAs | null;
  request: PlanRequest | null;
  /** The water of this moment, where it has moved on from the plan's. */
  movedTo?: Conditions | null;
  lure: Lure | null;
  /** Whether the angler took that lure, and not the choice. */
  taken: boolean;
  ranking: LearnedRanking | null;
}

/** What it was thrown at, where a piece is fished by its plan. */
function thrownAt(book: Book, trip: Trip, what: LastTouch['what']): ThrownAt | undefined {
  const { aims } = aimsNow.getState();
  return what === 'cast' ? nextAim(book, trip, aims) : aimOfEvent(book, trip, aims);
}

export function logActions({ record, current, now }: ActionPorts, inHand: () => InHand): LogActions {
  /**
   * Logs one thing against the plan in hand: what must be stored first, and the thing itself; told as done once it is
   * stored.
   */
  const log = (
    what: LastTouch['what'],
    thing: (at: { id: string; blockId: string; seq: number; atMs: number }, to: ThrownAt | undefined) => Put,
  ): string | null => {
    const { worked, request, movedTo, ranking, lure } = inHand();
    const book = current();
    if (!book || !activeTrip(book) || !worked || !request || !lure) return null;
    const id = newId();
    const atMs = now();
    const x = ranking?.ranked.find((r) => r.lureId === lure.id);
    // What the model expects, without the log: it is what the log is held against later.
    const ranked = x ? { ...x, ...x.prior } : null;
    const asOf = movedTo ? { ...request, conditions: movedTo } : request;
    const opening: Opening = { blockId: newId(), atMs, plan: worked, request: asOf, lureId: lure.id, ranked };
    const touch: LastTouch = { id, what, untilRealMs: realNowMs() + UNDO_MS };
    touchMade(touch);
    void record(
      (b) =>
        forTrip(b, (trip) => {
          const { blockId, seq, puts } = placeInLog(b, trip, opening);
          return [
            ...puts,
            thing({ id, blockId, seq, atMs }, thrownAt(b, trip, what)),
            ...(what === 'lure-lost' ? lureLost(b, lure.id, atMs) : []),
          ];
        }),
      (stored) => touchTold(touch, stored),
    ).then((stored) => {
      if (preferencesOf(current() ?? book).beat.buzz) feel(!stored ? 'refused' : what === 'cast' ? 'cast' : 'event');
      if (stored) void askToKeep();
    });
    return id;
  };

  const takeBack = (id: string): void => {
    const atMs = now();
    void record((b) => [...takeBackPuts(b, id, atMs), ...lureBack(b, id)]);
    touchOver(id);
  };

  const bringBack = (id: string): void => {
    const atMs = now();
    void record((b) => {
      const puts = bringBackPuts(b, id, atMs);
      const event = recordOf(b, 'event', id);
      const lost = puts.length > 0 && event?.kind === 'lure-lost' ? b.block[event.blockId] : undefined;
      return [...puts, ...(lost ? lureLost(b, lost.presentation.lureId, atMs) : [])];
    });
  };

  const tellEvent = (eventId: string, change: Partial<EventDetails>): void => {
    const atMs = now();
    void record((book) => {
      const e = recordOf(book, 'event', eventId);
      const next = e && corrected(e, change, atMs);
      return next && next !== e ? [put('event', next)] : [];
    });
  };

  return {
    logCast: () => log('cast', (of, at) => put('cast', { ...of, count: 1, ...(at ? { at } : {}) })),
    logEvent: (kind) =>
      log(kind, (of, at) => put('event', { ...of, ...untold(kind), ...(at ? { at, place: placeOf(at.target) } : {}) })),
    tellEvent,
    takeBack,
    bringBack,
    takeBackLast: () => {
      const touch = touchInReach();
      if (touch) takeBack(touch.id);
    },
    setPhaseOfLast: (phase) => {
      const touch = touchInReach();
      if (touch && touch.what !== 'cast') tellEvent(touch.id, { phase });
    },
  };
}
