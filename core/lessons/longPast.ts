/**
 * What the days long over teach, made once and kept: a page of the day asks for that, and need not hold their blocks.
 * It counts only as long as everything that it was made of is as it was.
 */
import { preferencesOf, takenBack, type Book } from '../records';

/** A day long over, as far as it decides what its blocks teach. */
interface DayMade {
  id: string;
  species: string;
  waterId: string;
  startedAtMs: number;
  endedAtMs: number | null;
  isBack: boolean;
}

/** What it was made of. */
export interface MadeOf {
  days: readonly DayMade[];
  /** What was taken back, or brought back, of these days' own. */
  back: readonly string[];
}

export type LogOfDays = Pick<Book, 'trip' | 'preferences' | 'tombstone' | 'block' | 'cast' | 'event' | 'advice'>;

/** A day as it decides what its blocks teach; null: it is not there, or under way. */
export function dayMade(book: LogOfDays, id: string, undone: ReadonlySet<string>): DayMade | null {
  const t = Object.hasOwn(book.trip, id) ? book.trip[id]! : null;
  if (!t || t.id === preferencesOf(book).activeTripId) return null;
  const { species, waterId, startedAtMs, endedAtMs } = t;
  return { id, species, waterId, startedAtMs, endedAtMs, isBack: undone.has(id) };
}
const isSame = (a: DayMade, b: DayMade): boolean => (Object.keys(a) as (keyof DayMade)[]).every((k) => a[k] === b[k]);

/** The tombstones whose thing, in the end, is not in this book. */
export function foreign({ tombstone, ...book }: LogOfDays): string[] {
  const all = Object.values(tombstone);
  if (all.length === 0) return [];
  const here = new Set<string>();
  for (const rows of [...book.cast.values(), ...book.event.values()]) for (const x of rows) here.add(x.id);
  const kinds = Object.values(book as Omit<Book, 'tombstone'>).filter((of) => !(of instanceof Map));
  const isHere = (id: string): boolean => here.has(id) || kinds.some((of) => Object.hasOwn(of, id));
  const inTheEnd = (id: string): string => {
    const seen = new Set<string>();
    let at = id;
    while (Object.hasOwn(tombstone, at) && !seen.has(at)) {
      seen.add(at);
      at = tombstone[at]!.of;
    }
    return at;
  };
  return all.filter((t) => !isHere(inTheEnd(t.of))).map((t) => t.id);
}

/** Whether it still counts for a book that holds nothing of these days' own. */
export function isAsMade({ days, back }: MadeOf, book: LogOfDays): boolean {
  const undone = takenBack(book);
  const ids = new Set(days.map((d) => d.id));
  const same = days.every((d) => {
    const now = dayMade(book, d.id, undone);
    return now !== null && isSame(now, d);
  });
  if (!same || Object.values(book.block).some((b) => ids.has(b.tripId))) return false;
  if (![...book.cast.keys(), ...book.event.keys()].every((id) => Object.hasOwn(book.block, id))) return false;
  const now = new Set(foreign(book));
  return now.size === back.length && back.every((id) => now.has(id));
}
