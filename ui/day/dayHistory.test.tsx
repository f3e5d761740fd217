/** The log as the ranking is sent it: the same gathered at once or in steps, and anew when it changed. */
import { act, renderHook, waitFor } from '@testing-library/react-native';
import { historyOf } from '../../core/lessons/history';
import { tallyTrip } from '../../core/log/tally';
import { applyPuts, emptyBook, put, recordsOf, takeBackPuts, type Book } from '../../core/records';
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
const pastOf = (book: Book): string => JSON.stringify(historyOf(book, trip.species, trip.startedAtMs, trip.id));

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
