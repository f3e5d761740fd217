/** The log as the ranking is sent it: the same gathered at once or in steps, and anew when it changed. */
import { act, renderHook, waitFor } from '@testing-library/react-native';
import { allSteps } from '../../core/base/steps';
import { taughtDays, textOfDays } from '../../core/lessons/history';
import { longPast, madeOf } from '../../core/lessons/makeLongPast';
import { tallyTrip } from '../../core/log/tally';
import { applyPuts, emptyBook, put, recordsOf, takeBackPuts, type Book } from '../../core/records';
import type { LongPast } from '../../data/longPast';
import { buildDemoWorld } from '../../demo/world';
import { useDayHistory } from './dayHistory';

const NOW_MS = 1_790_000_000_000;
const short = applyPuts(emptyBook(), buildDemoWorld(NOW_MS));
/** The same days once more and again, each a season before the last. */
const long = Array.from({ length: 12 }, (_, n) => n + 1).reduce<Book>(
  (book, n) =>
    applyPuts(book, [
      ...recordsOf(short, 'trip')
        .filter((t) => t.id !== 'trip-today')
        .map((t) => put('trip', { ...t, id: `${t.id}-${n}`, startedAtMs: t.startedAtMs - n * 31_536_000_000 })),
      ...recordsOf(short, 'block').map((b) => put('block', { ...b, id: `${b.id}-${n}`, tripId: `${b.tripId}-${n}` })),
      ...recordsOf(short, 'cast').map((c) => put('cast', { ...c, id: `${c.id}-${n}`, blockId: `${c.blockId}-${n}` })),
      ...recordsOf(short, 'event').map((e) => put('event', { ...e, id: `${e.id}-${n}`, blockId: `${e.blockId}-${n}` })),
    ]),
  short,
);
const trip = short.trip['trip-today']!;
const asked = (book: Book) =>
  renderHook(({ of }: { of: Book }) => useDayHistory(of, trip, tallyTrip(of, trip.id, NOW_MS), true), {
    initialProps: { of: book },
  });
const pastOf = (book: Book): string =>
  textOfDays(allSteps(taughtDays(book, trip.species, (day) => day.id !== trip.id)), trip.startedAtMs).text;

test('a short one is there at once, a long one soon, both with every block of this fish', async () => {
  expect(Object.keys(long.block).length).toBeGreaterThan(300);
  const soon = asked(short);
  expect(soon.result.current?.log?.past).toBe(pastOf(short));
  const later = asked(long);
  expect(later.result.current).toBeNull();
  await waitFor(() => expect(later.result.current).not.toBeNull());
  expect(later.result.current!.log!.past).toBe(pastOf(long));
  expect(later.result.current!.id).not.toBe(soon.result.current!.id);
});

test('a long one is gathered anew when a touch was taken back, and never told as it was before', async () => {
  const { result, rerender } = asked(long);
  await waitFor(() => expect(result.current).not.toBeNull());
  const before = result.current!.log!.past;
  const cast = recordsOf(long, 'cast').find((c) => long.trip[long.block[c.blockId]!.tripId]!.species === trip.species)!;
  const without = applyPuts(long, takeBackPuts(long, cast.id, NOW_MS));
  await act(async () => rerender({ of: without }));
  await waitFor(() => expect(result.current).not.toBeNull());
  expect(result.current!.log!.past).toBe(pastOf(without));
  expect(result.current!.log!.past).not.toBe(before);
});

test('while the days long over are unread what they teach stands for them, and read they say the same', async () => {
  const of = madeOf(long);
  const stands = { species: trip.species, days: allSteps(longPast(long, of)).get(trip.species)! };
  const ids = new Set(of.days.map((d) => d.id));
  const isLate = (blockId: string): boolean => !ids.has(long.block[blockId]!.tripId);
  const late: Book = {
    ...long,
    block: Object.fromEntries(Object.entries(long.block).filter(([id]) => isLate(id))),
    cast: new Map([...long.cast].filter(([id]) => isLate(id))),
    event: new Map([...long.event].filter(([id]) => isLate(id))),
  };
  expect(Object.keys(late.block).length).toBeLessThan(200);
  const { result, rerender } = renderHook(
    ({ book, past }: { book: Book; past: LongPast | null }) =>
      useDayHistory(book, trip, tallyTrip(book, trip.id, NOW_MS), past === null, past),
    { initialProps: { book: late, past: stands as LongPast | null } },
  );
  await waitFor(() => expect(result.current).not.toBeNull());
  const first = result.current!;
  expect(first.log!.past).toBe(pastOf(long));
  // Read, and not yet gathered: the ranking is not asked anew.
  const seen: (string | undefined)[] = [];
  rerender({ book: { ...long, block: { ...long.block } }, past: null });
  seen.push(result.current?.id);
  await act(async () => new Promise((r) => setTimeout(r, 300)));
  seen.push(result.current?.id);
  expect(seen).toEqual([first.id, first.id]);
  // Of another fish they say nothing.
  const other = renderHook(() =>
    useDayHistory(late, trip, tallyTrip(late, trip.id, NOW_MS), false, { ...stands, species: 'tarpon' }),
  );
  expect(other.result.current).toBeNull();
});
