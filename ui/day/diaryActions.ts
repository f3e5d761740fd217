/** Days gone by, corrected: notes, where casts were made, a whole day struck out. */
import { preferencesOf, put, takeBackPuts } from '../../core/records';
import type { ActionPorts } from './ports';

export interface DiaryActions {
  noteDay: (tripId: string, note: string) => void;
  /** Its casts were made at another spot, or at none in particular. */
  moveBlock: (blockId: string, spotId: string | null) => void;
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
