/**
 * The log as the ranking learns from it: the days gone by, gathered anew only when a block was opened or a touch taken
 * back, and today. Whether it counts is a switch of this visit.
 */
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { contentHash } from '../../core/base/hash';
import { historyOf, historyOfDay } from '../../core/lessons/history';
import type { TripTally } from '../../core/log/tally';
import type { Book } from '../../core/records';
import type { Trip } from '../../core/records/trip';
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

function pastOf(book: Book, trip: Trip): Past {
  const { tombstone, block } = book;
  const kept = pastByBlocks.get(block);
  if (kept?.tombstone === tombstone && kept.today === trip.id && kept.species === trip.species) return kept;
  const blocks = historyOf(book, trip.species, trip.startedAtMs, trip.id);
  const text = JSON.stringify(blocks);
  const past = {
    tombstone,
    today: trip.id,
    species: trip.species,
    blocks: blocks.length,
    text,
    id: contentHash(text),
  };
  pastByBlocks.set(block, past);
  return past;
}

const NOTHING: NamedLog = { id: 'none', log: null };
const SEEDS = 2 ** 31;

export function useDayHistory(book: Book, trip: Trip | null, tally: TripTally | null): NamedLog {
  const onNow = trip?.lureId ?? null;
  const on = useLogCounts();
  return useMemo(() => {
    if (!trip || !tally || !on) return NOTHING;
    const past = pastOf(book, trip);
    const today = historyOfDay(trip, tally, trip.startedAtMs);
    const id = contentHash([past.id, today, onNow]);
    if (past.blocks + today.length === 0) return NOTHING;
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
  }, [book, trip, tally, on, onNow]);
}
