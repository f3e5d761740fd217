/** How long the diary takes over a long record: its list, a search through it, the page of a day. */
import { buildDemoWorld } from '../../demo/world';
import { bestsOf, diaryDay, diaryDays, findDays } from '../../core/diary/days';
import { applyPuts, emptyBook, type Book } from '../../core/records';
import { longSeason } from './learning';
import { measure, spreadText, table } from './report';

/** So many casts and events make some two hundred days. */
const TOUCHES = 10_000;

export function diaryBench(): string {
  const book: Book = applyPuts(applyPuts(emptyBook(), buildDemoWorld(0)), longSeason(TOUCHES));
  const days = diaryDays(book);
  const rows: [string, () => unknown][] = [
    ['the list', () => diaryDays(book)],
    ['three words looked for', () => findDays(book, days, { text: 'lantern bass minnow' }, (s) => s)],
    ['the longest of each fish', () => bestsOf(days)],
    ['the page of one day', () => diaryDay(book, days[0]!.trip.id)],
  ];
  const head = `## The diary\n\n${days.length} days, ${TOUCHES} casts and events, on Node; median and range.\n\n`;
  return (
    head +
    table(
      ['what', 'time'],
      rows.map(([what, work]) => [what, spreadText(measure(work), 'ms', 1)]),
    )
  );
}
