/** What belongs to days that were over long before the newest began: on the water nobody asks for it at once. */
import { preferencesOf, type Book } from '../records';
import type { Trip } from '../records/trip';

const DAY_MS = 86_400_000;
/** What the day looks back at is younger: a fish left behind (forecast/rest), the earlier parts of an outing, ms. */
export const LATE_MS = 14 * DAY_MS;

const BLOCK = /^block\/(.+)$/s;
const ADVICE = /^advice\/(.+)$/s;
const OF_BLOCK = /^(?:cast|event)\/(.+)\/\d{6,}-/s;

/** Those days. */
export function daysLongOver(book: Pick<Book, 'trip' | 'preferences'>): Trip[] {
  const trips = Object.values(book.trip);
  const newestMs = trips.reduce((ms, t) => Math.max(ms, t.startedAtMs), 0);
  const { activeTripId } = preferencesOf(book);
  return trips.filter((t) => t.endedAtMs !== null && t.id !== activeTripId && newestMs - t.startedAtMs > LATE_MS);
}

/** Whether what is stored under a key is of such a day: blocks with their casts and events, and the advice given. */
export function longOver(book: Pick<Book, 'trip' | 'block' | 'advice' | 'preferences'>): (key: string) => boolean {
  const over = new Set(daysLongOver(book).map((t) => t.id));
  const isOver = (all: Readonly<Record<string, { tripId: string }>>, id: string | undefined): boolean =>
    id !== undefined && Object.hasOwn(all, id) && over.has(all[id]!.tripId);
  return (key) =>
    isOver(book.block, (BLOCK.exec(key) ?? OF_BLOCK.exec(key))?.[1]) || isOver(book.advice, ADVICE.exec(key)?.[1]);
}
