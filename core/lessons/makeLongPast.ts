/** What the days long over teach, made of a whole record; for a page at rest. */
import type { Steps } from '../base/steps';
import { daysLongOver } from '../log/longOver';
import { takenBack, type Book } from '../records';
import { taughtDays, type TaughtDay } from './history';
import { dayMade, foreign, type LogOfDays, type MadeOf } from './longPast';

/** What they teach, by the fish that was fished for. */
export type TaughtByFish = ReadonlyMap<string, readonly TaughtDay[]>;

/** The book without what belongs to these days. */
function without(book: LogOfDays, days: ReadonlySet<string>): LogOfDays {
  const kept = <T extends { tripId: string }>(of: Readonly<Record<string, T>>): Readonly<Record<string, T>> =>
    Object.fromEntries(Object.entries(of).filter(([, x]) => !days.has(x.tripId)));
  const ofKept = <T>(of: ReadonlyMap<string, T>): ReadonlyMap<string, T> =>
    new Map([...of].filter(([id]) => !days.has(book.block[id]?.tripId ?? '')));
  return {
    ...book,
    block: kept(book.block),
    advice: kept(book.advice),
    cast: ofKept(book.cast),
    event: ofKept(book.event),
  };
}

/** What the days long over of a whole record are. */
export function madeOf(book: LogOfDays): MadeOf {
  // In an order that does not hang on how the record was read.
  const ids = daysLongOver(book)
    .map((t) => t.id)
    .sort();
  const undone = takenBack(book);
  return {
    days: ids.flatMap((id) => dayMade(book, id, undone) ?? []),
    back: foreign(without(book, new Set(ids))).sort(),
  };
}

/** What they teach: of each fish as many blocks, the newest, as are ever looked at. */
export function* longPast(book: Book, { days }: MadeOf): Steps<TaughtByFish> {
  const ids = new Set(days.map((d) => d.id));
  const taught = new Map<string, readonly TaughtDay[]>();
  for (const species of new Set(days.map((d) => d.species))) {
    taught.set(species, yield* taughtDays(book, species, (day) => ids.has(day.id)));
  }
  return taught;
}
