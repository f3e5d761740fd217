/** What the days long over teach counts as long as all that it was made of is as it was, and no longer. */
import { buildDemoWorld } from '../../demo/world';
import { allSteps } from '../base/steps';
import { daysLongOver, LATE_MS } from '../log/longOver';
import { applyPuts, emptyBook, put, recordsOf, takeBackPuts, bringBackPuts, type Book, type Put } from '../records';
import { untold } from '../records/event';
import { taughtDays, textOfDays } from './history';
import { isAsMade } from './longPast';
import { longPast, madeOf } from './makeLongPast';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const today = world.trip[world.preferences.mine!.activeTripId!]!;
const like = Object.values(world.block).find((b) => world.trip[b.tripId]!.species === today.species)!;

/** A day so long before today, with two blocks, a cast and a strike in each. */
const day = (id: string, agoMs: number): Put[] => [
  put('trip', { ...world.trip[like.tripId]!, id, startedAtMs: today.startedAtMs - agoMs, endedAtMs: 1 }),
  ...[1, 2].flatMap((n) => {
    const blockId = `${id}-b${n}`;
    return [
      put('block', { ...like, id: blockId, tripId: id, seq: 10 * n }),
      put('cast', { id: `${blockId}-c`, blockId, seq: 10 * n + 1, atMs: 5, count: 3 }),
      put('event', { id: `${blockId}-e`, blockId, seq: 10 * n + 2, atMs: 6, ...untold('missed') }),
    ];
  }),
];
const whole = applyPuts(world, [
  ...day('old', 30 * LATE_MS),
  ...day('older', 40 * LATE_MS),
  ...takeBackPuts(world, 'old-b1-e', 9),
]);
const over = new Set(daysLongOver(whole).map((t) => t.id));
/** As a page of the day holds it. */
const lateOf = (book: Book): Book =>
  applyPuts(
    {
      ...emptyBook(),
      ...Object.fromEntries(Object.entries(book).filter(([k]) => !['block', 'cast', 'event'].includes(k))),
    },
    [
      ...recordsOf(book, 'block')
        .filter((b) => !over.has(b.tripId))
        .map((b) => put('block', b)),
      ...(['cast', 'event'] as const).flatMap((kind) =>
        recordsOf(book, kind)
          .filter((x) => !over.has(book.block[x.blockId]!.tripId))
          .map((x) => put(kind, x as never)),
      ),
    ],
  );
const late = lateOf(whole);
const made = madeOf(whole);

test('with the days of late it says what the whole record says', () => {
  expect(over.has('old') && over.has('older')).toBe(true);
  expect(over.has(today.id)).toBe(false);
  expect(isAsMade(made, late)).toBe(true);
  const taught = allSteps(longPast(whole, made)).get(today.species)!;
  expect(taught.map((d) => d.blocks.length)).toContain(2);
  const text = (days: Parameters<typeof textOfDays>[0]): string => textOfDays(days, today.startedAtMs).text;
  const all = allSteps(taughtDays(whole, today.species, () => true));
  const lately = allSteps(taughtDays(late, today.species, () => true));
  expect(lately.length).toBeLessThan(all.length);
  expect(text([...lately, ...taught])).toBe(text(all));
});

test.each<[string, readonly Put[]]>([
  [
    'a first cast of today',
    [
      put('block', { ...like, id: 'now', tripId: today.id }),
      put('cast', { id: 'new', blockId: 'now', seq: 900, atMs: 7, count: 1 }),
    ],
  ],
  ['one of its events taken back', takeBackPuts(late, recordsOf(late, 'event')[0]!.id, 7)],
  ['another day begun', [put('trip', { ...today, id: 'next', startedAtMs: today.startedAtMs + 1 })]],
  ['a lure renamed', [put('lure', { ...Object.values(late.lure)[0]!, name: 'Other' })]],
])('%s changes nothing of it', (_, puts) => {
  expect(isAsMade(made, applyPuts(late, puts))).toBe(true);
});

const old = whole.trip.old!;
test.each<[string, readonly Put[]]>([
  ['a day of it told to be of another fish', [put('trip', { ...old, species: 'crappie' })]],
  ['of another water', [put('trip', { ...old, waterId: 'another' })]],
  ['begun at another time', [put('trip', { ...old, startedAtMs: old.startedAtMs + 1 })]],
  ['gone on with', [put('trip', { ...old, endedAtMs: null })]],
  ['a day of it is the one under way', [put('preferences', { ...late.preferences.mine!, activeTripId: 'old' })]],
  ['a day of it taken back', takeBackPuts(late, 'old', 7)],
  ['one of its events taken back', takeBackPuts(late, 'older-b1-e', 7)],
  ['what was taken back there brought back', bringBackPuts(late, 'old-b1-e', 7)],
  ['a block of it was changed', [put('block', whole.block['old-b1']!)]],
  ['a cast of a block that is not there', [put('cast', { id: 'x', blockId: 'old-b2', seq: 99, atMs: 7, count: 1 })]],
  ['an event of a block that is not there', [put('event', { ...recordsOf(whole, 'event')[0]!, blockId: 'old-b2' })]],
])('%s: it counts no more', (_, puts) => {
  expect(puts.length).toBeGreaterThan(0);
  expect(isAsMade(made, applyPuts(late, puts))).toBe(false);
});

test('a day of it that is not there: it counts no more', () => {
  const { old: gone, ...trip } = late.trip;
  expect(gone).toBeDefined();
  expect(isAsMade(made, { ...late, trip })).toBe(false);
});
