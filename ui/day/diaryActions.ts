/** Days gone by, corrected: notes, where casts were made, a whole day struck out. */
import { preferencesOf, put, takeBackPuts } from '../../core/records';
import { newId } from '../platform/ids';
import type { ActionPorts } from './ports';

export interface DiaryActions {
  noteDay: (tripId: string, note: string) => void;
  /** Its casts were made at another spot, or at none in particular. */
  moveBlock: (blockId: string, spotId: string | null) => void;
  /** Its casts were made on another day, the one that begins at `dayMs`; the name of that day, null when refused. */
  moveToDay: (blockId: string, dayMs: number, zone: string) => Promise<string | null>;
  /** The day counts nowhere any more; `bringBack` brings it back. */
  strikeDay: (tripId: string) => void;
}

export function diaryActions({ record, now }: ActionPorts): DiaryActions {
  return {
    noteDay: (tripId, note) =>
      void record((book) => {
        const trip = book.trip[tripId];
        return trip && trip.note !== note ? [put('trip', { ...trip, note })] : [];
      }),
    moveBlock: (blockId, spotId) =>
      void record((book) => {
        const block = book.block[blockId];
        return block && block.spotId !== spotId ? [put('block', { ...block, spotId })] : [];
      }),
    moveToDay: async (blockId, dayMs, zone) => {
      // Seldom done: fetched only here.
      const { movedToDay } = await import('../../core/diary/moved');
      const id = newId();
      let to: string | null = null;
      const stored = await record((book) => {
        const moved = movedToDay(book, blockId, dayMs, zone, id);
        to = moved?.tripId ?? null;
        return moved?.puts ?? [];
      });
      return stored ? to : null;
    },
    strikeDay: (tripId) => {
      const atMs = now();
      void record((book) => {
        const prefs = preferencesOf(book);
        const trip = book.trip[tripId];
        const open = prefs.activeTripId === tripId;
        return [
          ...takeBackPuts(book, tripId, atMs),
          ...(open && trip ? [put('trip', { ...trip, endedAtMs: Math.max(trip.startedAtMs, atMs) })] : []),
          ...(open ? [put('preferences', { ...prefs, activeTripId: null })] : []),
        ];
      });
    },
  };
}
