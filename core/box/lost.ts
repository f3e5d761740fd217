/** A lure that went, told in the log, is gone from the box too; taking it back brings it back. */
import { put, recordOf, takenBack, type Book, type Put } from '../records';

/** One fewer; the last one is lost. */
export function lureLost(book: Book, lureId: string | null, atMs: number): Put[] {
  const lure = lureId ? book.lure[lureId] : undefined;
  if (!lure || lure.count === 0) return [];
  return [put('lure', lure.count > 1 ? { ...lure, count: lure.count - 1 } : { ...lure, count: 0, lostAtMs: atMs })];
}

/** What taking an event back does to the box; nothing where it was taken back before, or was of another kind. */
export function lureBack(book: Book, eventId: string): Put[] {
  const event = recordOf(book, 'event', eventId);
  if (event?.kind !== 'lure-lost' || takenBack(book).has(eventId)) return [];
  const lureId = book.block[event.blockId]?.presentation.lureId;
  const lure = lureId ? book.lure[lureId] : undefined;
  return lure ? [put('lure', { ...lure, count: lure.count + 1, lostAtMs: null })] : [];
}
