/**
 * The log as the ranking learns from it: the days gone by, gathered anew only when a block was opened or a touch taken
 * back, and today. Whether it counts is a switch of this visit.
 */
import { useEffect, useMemo, useReducer } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { contentHash, textsHash } from '../../core/base/hash';
import { allSteps, type Steps } from '../../core/base/steps';
import { fishedIn, joinAhead } from '../../core/lessons/fished';
import { historyOfDay, taughtDays, textOfDays, type TaughtDay } from '../../core/lessons/history';
import type { TripTally } from '../../core/log/tally';
import type { Book } from '../../core/records';
import type { Trip } from '../../core/records/trip';
import type { LongPast } from '../../data/longPast';
import { stepByStep } from '../../data/slices';
import type { SentLog } from '../../workers/compute';

/** What is asked of the log, and its name. */
export interface NamedLog {
  id: string;
  log: SentLog | null;
}

const counts = createStore<{ on: boolean }>(() => ({ on: true }));
export const useLogCounts = (): boolean => useStore(counts, (s) => s.on);
export const letLogCount = (on: boolean): void => counts.setState({ on });

interface Past {
  tombstone: Book['tombstone'];
  today: string;
  species: Trip['species'];
  /** How many blocks, and their text. */
  blocks: number;
  text: string;
  id: string;
}
const pastByBlocks = new WeakMap<Book['block'], Past>();

function keptPast({ tombstone, block }: Book, trip: Trip): Past | null {
  const kept = pastByBlocks.get(block);
  return kept?.tombstone === tombstone && kept.today === trip.id && kept.species === trip.species ? kept : null;
}

/** What stood for the days long over while they were unread: until the whole is gathered too, which says the same. */
let lastLate: Past | null = null;

/**
 * The days gone by, those of which only what they teach was read among them; of a long record it takes a while, in
 * which the page has its turn between the steps.
 */
function* gathering(book: Book, trip: Trip, over: readonly TaughtDay[]): Steps<Past> {
  const all = Object.values(book.block);
  for (let at = 0; at < all.length; at += JOINED_AT_ONCE) {
    joinAhead(book, all.slice(at, at + JOINED_AT_ONCE));
    yield;
  }
  fishedIn(book);
  yield;
  const days = yield* taughtDays(book, trip.species, (day) => day.id !== trip.id);
  yield;
  const { text, blocks } = textOfDays([...over, ...days], trip.startedAtMs);
  yield;
  const { tombstone, block } = book;
  const past = { tombstone, today: trip.id, species: trip.species, blocks, text, id: textsHash([text]) };
  pastByBlocks.set(block, past);
  lastLate = over.length > 0 ? past : null;
  return past;
}
const JOINED_AT_ONCE = 150;

/** Of a record with no more blocks all is worked out at once. */
const SHORT = 300;
export const isShort = ({ block }: Pick<Book, 'block'>): boolean => Object.keys(block).length <= SHORT;

const NO_DAYS: readonly TaughtDay[] = [];

/** Null while a long record is gathered. `over`: the days long over, where the book is without them. */
function usePast(book: Book, trip: Trip | null, over: readonly TaughtDay[]): Past | null {
  const [, drawAgain] = useReducer((n: number) => n + 1, 0);
  const short = useMemo(() => over.length === 0 && isShort({ block: book.block }), [book.block, over]);
  const past = trip && (keptPast(book, trip) ?? (short ? allSteps(gathering(book, trip, over)) : null));
  useEffect(() => {
    if (past || !trip) return;
    let wanted = true;
    void stepByStep(gathering(book, trip, over), () => wanted).then((found) => found && wanted && drawAgain());
    return () => {
      wanted = false;
    };
  }, [past, book, trip, over]);
  if (past || !trip) return past;
  return lastLate?.today === trip.id && lastLate.species === trip.species ? lastLate : null;
}

/** Of a log that says nothing. */
export const NOTHING_SAID: NamedLog = { id: 'none', log: null };
const SEEDS = 2 ** 31;

/** Null while a long record is read and gathered. `stands`: for the days long over, while they are left unread. */
export function useDayHistory(
  book: Book,
  trip: Trip | null,
  tally: TripTally | null,
  isWhole: boolean,
  stands: LongPast | null = null,
): NamedLog | null {
  const onNow = trip?.lureId ?? null;
  const on = useLogCounts();
  const over = stands && trip && stands.species === trip.species ? stands.days : null;
  const past = usePast(book, on && (isWhole || over) ? trip : null, over ?? NO_DAYS);
  return useMemo(() => {
    if (!trip || !tally || !on) return NOTHING_SAID;
    if (!past) return null;
    const today = historyOfDay(trip, tally, trip.startedAtMs);
    const id = contentHash([past.id, today, onNow]);
    if (past.blocks + today.length === 0) return NOTHING_SAID;
    return {
      id,
      log: {
        past: past.text,
        today,
        here: { water: trip.waterId, trip: trip.id },
        // A new trial with every block, the same one while nothing new is known.
        trial: { seed: parseInt(contentHash([past.id, today.length]), 36) % SEEDS, onNow },
      },
    };
  }, [past, trip, tally, on, onNow]);
}
