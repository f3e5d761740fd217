/**
 * What the days long over teach, on a stand-in for the browser's database: a page of the day opens without them, and
 * reads them after all where anything of them was changed, damaged or is another build's.
 */
import 'fake-indexeddb/auto';
import { allSteps } from '../core/base/steps';
import { asWritten, encoded } from '../core/exchange/bookDocument';
import { taughtDays, textOfDays } from '../core/lessons/history';
import { longPast, madeOf } from '../core/lessons/makeLongPast';
import { longOver } from '../core/log/longOver';
import {
  applyPuts,
  emptyBook,
  KINDS,
  put,
  recordsOf,
  takeBackPuts,
  type Book,
  type Kind,
  type Put,
} from '../core/records';
import { untold } from '../core/records/event';
import { buildDemoWorld } from '../demo/world';
import { PAST, PAST_OF } from './longPast';
import { isStill, loadBook, replaceStore, savePuts, type Loaded } from './repository';
import { deviceStore, left, sealed, sifted } from './store';
import { keepPast, tidy } from './tidy';
import { LONG_OVER } from './together';

let mockBuild = 'one';
jest.mock('./build', () => ({ UNFINISHED: 'unfinished', buildName: () => mockBuild }));

const store = deviceStore();
const done = <T>(r: IDBRequest<T>): Promise<T> =>
  new Promise((ok, no) => {
    r.onsuccess = () => ok(r.result);
    r.onerror = () => no(r.error as Error);
  });
async function inTable<T>(run: (table: IDBObjectStore) => IDBRequest<T>): Promise<T> {
  const db = await done(indexedDB.open('moss-kettle'));
  const found = await done(run(db.transaction('entries', 'readwrite').objectStore('entries')));
  db.close();
  return found;
}
const keys = async (): Promise<string[]> => (await inTable((t) => t.getAllKeys())).map(String);

const world = buildDemoWorld(0);
const base = applyPuts(emptyBook(), world);
const today = base.trip['trip-today']!;
const like = Object.values(base.block).find((b) => base.trip[b.tripId]!.species === today.species)!;
const YEAR_MS = 365 * 86_400_000;
const DAYS = 60;
/** Many days of some years ago. */
const years: Put[] = Array.from({ length: DAYS }, (_, n) => n).flatMap((n) => {
  const [tripId, blockId] = [`old-${n}`, `old-${n}-b`];
  const startedAtMs = today.startedAtMs - YEAR_MS - n * 86_400_000;
  const trip = { ...base.trip[like.tripId]!, id: tripId, startedAtMs, endedAtMs: startedAtMs + 1000 };
  return [
    put('trip', trip),
    put('block', { ...like, id: blockId, tripId, startedAtMs, endedAtMs: startedAtMs + 900, zoneShare: 0.5 }),
    ...Array.from({ length: 48 }, (__, i) =>
      put('cast', { id: `${blockId}-${i}`, blockId, seq: i, atMs: startedAtMs + i, count: 1 }),
    ),
    put('event', { id: `${blockId}-e`, blockId, seq: 60, atMs: startedAtMs + 60, ...untold('missed') }),
  ];
});

const whole = async (): Promise<Loaded> => loadBook(store);
/** All steps of a page at rest that has read everything. */
async function rest(): Promise<void> {
  const { book, revision } = await whole();
  const isOver = longOver(book);
  for (let n = 0; n < 60 && (await tidy(asWritten, isOver)); n++);
  await keepPast(isOver, {
    made: () => madeOf(book),
    taught: (made) => longPast(book, made),
    isStill: isStill(revision),
  });
}
/** A page of the day opened: how it stands, and whether it waited for the days long over. */
async function opened(): Promise<Loaded & { waited: boolean }> {
  let waited = false;
  const loaded = await loadBook(store, async () => void (waited = true));
  return { ...loaded, waited };
}
const stored = async (puts: readonly Put[]): Promise<void> => {
  await savePuts(store, puts, (await whole()).revision);
};
const same = (a: Book, b: Book): void => {
  const all = (book: Book, kind: Kind): [string, string][] =>
    recordsOf(book, kind)
      .map((x): [string, string] => [x.id, JSON.stringify(x)])
      .sort();
  for (const kind of KINDS) expect([kind, all(a, kind)]).toEqual([kind, all(b, kind)]);
};

beforeEach(async () => {
  mockBuild = 'one';
  // The database is made by who opens it first.
  await store.getMany(['meta/revision']);
  await inTable((t) => t.clear());
  for (const known of [sealed, left, sifted]) known.clear();
  await store.setMany(encoded([...world, ...years]));
  await rest();
  await rest();
});

test('a page of the day opens without them, knows what they teach, and reads them when they are asked for', async () => {
  expect((await keys()).filter((k) => k.startsWith(LONG_OVER)).length).toBeGreaterThan(4);
  const { book, late, waited, revision } = await opened();
  expect(waited).toBe(false);
  expect(late!.species).toBe(today.species);
  expect(Object.keys(book.block).filter((id) => id.startsWith('old'))).toEqual([]);
  const atOnce = (await whole()).book;
  const text = (of: Parameters<typeof textOfDays>[0]): string => textOfDays(of, today.startedAtMs).text;
  const lately = allSteps(taughtDays(book, today.species, () => true));
  const all = allSteps(taughtDays(atOnce, today.species, () => true));
  expect(text([...late!.days, ...lately])).toBe(text(all));
  expect(all.length).toBeGreaterThanOrEqual(DAYS);

  // What was made of late meanwhile is in the whole, and counts before what was there.
  const cast = put('cast', { id: 'new', blockId: Object.keys(book.block)[0]!, seq: 99, atMs: 9, count: 1 });
  const changed = put('block', { ...atOnce.block['old-3-b']!, zoneShare: 0.123 });
  const { under, quarantined, newer } = await late!.rest(() => revision);
  expect([quarantined, newer]).toEqual([[], 0]);
  same(under(applyPuts(book, [cast, changed])), applyPuts(atOnce, [cast, changed]));
});

test.each<[string, () => Promise<unknown>]>([
  ['one of their blocks was changed', () => stored([put('block', { ...like, id: 'old-3-b', tripId: 'old-3' })])],
  ['a day was told to be of another fish', () => stored([put('trip', { ...base.trip[like.tripId]!, id: 'old-3' })])],
  ['one of their events was taken back', () => stored(takeBackPuts(base, 'old-3-b-e', 5))],
  [
    'a cast of theirs was added',
    () => stored([put('cast', { id: 'x', blockId: 'old-3-b', seq: 99, atMs: 9, count: 1 })]),
  ],
  ['casts of theirs were taken away', () => store.removeMany(['cast/old-3-b/000001-old-3-b-1'])],
  ['it is another build', async () => (mockBuild = 'two')],
  ['what is kept is damaged', () => inTable((t) => t.put('{"made":', PAST))],
  ['it is none', () => inTable((t) => t.delete(PAST))],
  ['what it teaches is gone', () => inTable((t) => t.delete(`${PAST_OF}${today.species}`))],
  [
    'what it teaches is damaged',
    () => inTable((t) => t.put({ version: 1, data: { keys: [3], values: [{}] } }, `${PAST_OF}${today.species}`)),
  ],
  [
    'a letter of it is another',
    async () => {
      const key = `${PAST_OF}${today.species}`;
      const text = JSON.stringify(await inTable((t) => t.get(key)));
      await inTable((t) => t.put(JSON.parse(text.replace('minutes', 'mimutes')), key));
    },
  ],
  ['something lies aside unread', () => store.setMany({ 'lure/bad': '{' })],
])('where %s they are read at once', async (_, does) => {
  await does();
  const { book, late, waited } = await opened();
  expect([waited, late]).toEqual([true, undefined]);
  same(book, (await whole()).book);
  expect(Object.keys(book.block).filter((id) => id.startsWith('old')).length).toBe(DAYS);
});

test('what was changed of them goes to the others at rest, and they are left unread again', async () => {
  const changed = put('block', { ...base.block[like.id]!, id: 'old-3-b', tripId: 'old-3', zoneShare: 0.123 });
  await stored([changed, put('cast', { id: 'x', blockId: 'old-3-b', seq: 99, atMs: 9, count: 7 })]);
  const before = await whole();
  await rest();
  expect((await keys()).filter((k) => k === 'block/old-3-b' || k.includes('-x'))).toEqual([]);
  const { late, waited } = await opened();
  expect(waited).toBe(false);
  expect(late!.days.find((d) => d.id === 'old-3')!.blocks[0]).toContain('"casts":55');
  same((await whole()).book, before.book);
});

test('a new cast, what was taken back of today, a day begun: they are left unread', async () => {
  const block = Object.values(base.block).find((b) => !longOver(base)(`block/${b.id}`))!;
  await stored([
    put('cast', { id: 'now', blockId: block.id, seq: 99, atMs: 9, count: 1 }),
    put('trip', { ...today, id: 'another', startedAtMs: today.startedAtMs + 5 }),
  ]);
  await stored(takeBackPuts(base, 'now', 6));
  expect((await opened()).waited).toBe(false);
});

test('a day of them that is gone on with is read, and nothing is kept until it is long over again', async () => {
  const on = put('trip', { ...(await whole()).book.trip['old-3']!, endedAtMs: null });
  await stored([on]);
  await rest();
  expect(await keys()).toContain(PAST);
  expect((await opened()).waited).toBe(true);
  await stored([put('trip', { ...on.data, endedAtMs: 5 } as never)]);
  await rest();
  expect((await opened()).waited).toBe(false);
});

test('nothing is kept of what another page has changed meanwhile, and it goes with a record that is replaced', async () => {
  await inTable((t) => t.delete(PAST));
  const { book } = await whole();
  const maker = { made: () => madeOf(book), taught: (made: ReturnType<typeof madeOf>) => longPast(book, made) };
  await keepPast(longOver(book), { ...maker, isStill: () => false });
  expect(await keys()).not.toContain(PAST);
  await keepPast(longOver(book), { ...maker, isStill: () => true });
  expect(await keys()).toContain(PAST);
  await replaceStore(store, world, (await whole()).revision, { keep: true, atMs: 1, by: 'import' });
  expect((await keys()).filter((k) => k.startsWith(PAST))).toEqual([]);
});
