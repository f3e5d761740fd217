/**
 * A list of catches looked at before any of it is taken: how its columns were read, what it leaves open, which of its
 * names are unknown, and the days that would be put in.
 */
import type { Problem } from '../../base/problems';
import type { Book } from '../../records';
import { daysOfCatches, type FoundDays } from './days';
import { namesOf, placesIn, type CatchDays, type ListNames, type Named } from './named';
import { readCatches, type CatchList, type CatchReading, type Tell } from './read';

/** What the angler can say of a list; what is left out is guessed, or stays open. */
export type CatchChoices = CatchReading & CatchDays;

export interface CatchLook extends Omit<CatchList, 'rows' | 'problems'>, Omit<FoundDays, 'problems'> {
  /** Lines that say there was no fish. */
  blanks: number;
  /** Lines that name no water, no fish. */
  silent: { water: number; fish: number };
  names: Readonly<Record<Named, ListNames>>;
  /** The first of them, by line, and how many there are. */
  problems: readonly Problem[];
  problemCount: number;
  /** Lines of days of which the list tells no casts, where none are told for them. */
  castless: number;
  /** The first and the last day of the rows, `2026-05-14`; null without rows. */
  from: string | null;
  to: string | null;
}

/** Problems that are carried to the page. */
const TOLD = 200;
const lineOf = (p: Problem): number => Number(p.path.replace('line ', ''));

/** To read the lines takes so much of the whole; the days take the rest. */
const READING = 0.25;

/** Never throws. `tell` hears each whole per cent that is done. */
export function lookAtCatches(
  text: string,
  book: Book,
  how: CatchChoices,
  tell?: (percent: number) => void,
): CatchLook {
  let told = 0;
  const from =
    (begin: number, length: number): Tell =>
    (share) => {
      const percent = Math.floor(100 * (begin + length * share));
      if (percent > told) tell?.((told = percent));
    };
  const { rows, problems: unread, ...list } = readCatches(text, how, from(0, READING));
  const places = placesIn(book);
  const { problems: left, ...found } = daysOfCatches(rows, book, how, places, from(READING, 1 - READING));
  const problems = [...unread, ...left].sort((a, b) => lineOf(a) - lineOf(b));
  const days = rows.map(({ date: d }) => d.year * 10_000 + d.month * 100 + d.day);
  const written = (n: number): string => String(n).replace(/^(\d+)(\d\d)(\d\d)$/, '$1-$2-$3');
  const [first, last] = days.reduce(([a, b], n) => [Math.min(a, n), Math.max(b, n)], [Infinity, -Infinity]);
  return {
    ...list,
    ...found,
    blanks: rows.filter((r) => r.what === 'nothing').length,
    silent: {
      water: rows.filter((r) => r.water === '').length,
      fish: rows.filter((r) => r.fish === '').length,
    },
    names: namesOf(rows, places, how),
    problems: problems.slice(0, TOLD),
    problemCount: problems.length,
    castless: left.filter((p) => p.code === 'no-casts').length,
    from: days.length > 0 ? written(first!) : null,
    to: days.length > 0 ? written(last!) : null,
  };
}
