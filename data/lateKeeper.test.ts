/** A page of the day goes on without the days long over, stores what it is told, and has all of them when asked. */
import { encoded } from '../core/exchange/bookDocument';
import { allSteps } from '../core/base/steps';
import { longPast, madeOf } from '../core/lessons/makeLongPast';
import { longOver } from '../core/log/longOver';
import { applyPuts, emptyBook, preferencesOf, put, recordsOf, storageKey, type Book, type Put } from '../core/records';
import { buildDemoWorld } from '../demo/world';
import { createKeeper, type Keeper } from './keeper';
import { PAST } from './longPast';
import { memoryStore } from './memoryStore';
import type { KeyValueStore } from './store';
import { asTogether, sealOf, type Together } from './together';

jest.mock('./build', () => ({ UNFINISHED: 'unfinished', buildName: () => 'one' }));

const base = applyPuts(emptyBook(), buildDemoWorld(0));
const today = base.trip['trip-today']!;
const like = Object.values(base.block).find((b) => base.trip[b.tripId]!.species === today.species)!;
const startedAtMs = today.startedAtMs - 365 * 86_400_000;
const book = applyPuts(base, [
  put('trip', { ...base.trip[like.tripId]!, id: 'old', startedAtMs, endedAtMs: startedAtMs + 1000 }),
  put('block', { ...like, id: 'old-b', tripId: 'old' }),
  put('cast', { id: 'old-c', blockId: 'old-b', seq: 1, atMs: startedAtMs, count: 5 }),
]);
const puts = Object.values(book).flatMap((_, i) => {
  const kind = Object.keys(book)[i] as keyof Book;
  return recordsOf(book, kind).map((data) => put(kind, data as never));
});
const isOver = longOver(book);
const PACKS = ['1', '2', '3', '4', '5'];
const sealedTexts = (entries: [string, string][]): Together =>
  asTogether(
    entries,
    sealOf(
      entries.map(([k]) => k),
      entries.map(([, v]) => v),
    ),
  );

/** Pages over one store in which the days long over lie apart, and what they teach is kept. */
function pages(count = 1) {
  const made = madeOf(book);
  const first = sealedTexts([['mark', JSON.stringify({ ...made, over: PACKS })]]);
  const days = allSteps(longPast(book, made)).get(today.species)!;
  const mark = first.data.seal!.sum;
  const taught = sealedTexts([
    ['mark', mark],
    ...days.flatMap((d) => d.blocks.map((text): [string, string] => [`${d.startedAtMs} ${d.id}`, text])),
  ]);
  const texts = (of: (p: Put) => boolean): Record<string, string> => encoded(puts.filter(of));
  const over = new Map(Object.entries(texts((p) => isOver(storageKey(p)))));
  const store = memoryStore({
    ...texts((p) => !isOver(storageKey(p))),
    [PAST]: first as unknown as string,
  });
  /** Held back until it is let go on; and how often it was asked for. */
  const reading: { asked: number; fails: boolean; go: () => void; until: Promise<void> } = {
    asked: 0,
    fails: false,
    go: () => undefined,
    until: Promise.resolve(),
  };
  const port: KeyValueStore = {
    ...store,
    getAll: async (but) => {
      if (reading.fails) throw new Error('no reading');
      return { values: new Map([...over, ...(await store.getAll(but)).values]), sound: new Map() };
    },
    getLate: async (but) => ({ ...(await store.getAll(but)), over: PACKS }),
    getLongOver: async () => {
      reading.asked++;
      await reading.until;
      if (reading.fails) throw new Error('no reading');
      return { values: over, sound: new Map() };
    },
    getPastOf: async () => taught,
  };
  const hearers: (() => void)[] = [];
  const held = { text: null as string | null };
  let last: Promise<unknown> = Promise.resolve();
  const troubles: string[] = [];
  const open = (i: number): Keeper =>
    createKeeper({
      store: () => port,
      alone: (run) => {
        const mine = last.then(run, run);
        last = mine.catch(() => undefined);
        return mine;
      },
      tell: () => hearers.forEach((h, j) => j !== i && h()),
      hear: (h) => hearers.push(h),
      held: { read: () => held.text, write: (text) => (held.text = text) },
      tidy: async () => false,
      trouble: (where) => troubles.push(where),
    });
  const hold = (): void => {
    reading.until = new Promise<void>((go) => {
      reading.go = go;
    });
  };
  return { keepers: Array.from({ length: count }, (_, i) => open(i)), store, reading, hold, held, troubles };
}
const quiet = async (): Promise<void> => {
  for (let i = 0; i < 50; i++) await new Promise<void>((go) => setImmediate(go));
};
const cast = (id: string, blockId = 'new-b'): Put => put('cast', { id, blockId, seq: 900, atMs: 5, count: 1 });
const block = put('block', { ...like, id: 'new-b', tripId: today.id });
const castsIn = (b: Book): string[] => recordsOf(b, 'cast').map((c) => c.id);

test('it stores while they are unread, and has them all when asked, once', async () => {
  const { keepers, store, reading } = pages();
  const k = keepers[0]!;
  await k.open(true);
  expect(k.snapshot()).toMatchObject({ status: 'late', past: { species: today.species } });
  expect(k.snapshot().past!.days.map((d) => d.id)).toContain('old');
  expect(await k.commit(() => [block, cast('new')], 'when-stored')).toBe(true);
  expect([...store.all.keys()].filter((key) => key.includes('new-b'))).toHaveLength(2);
  expect(castsIn(k.snapshot().book)).toContain('new');
  expect(castsIn(k.snapshot().book)).not.toContain('old-c');
  expect(reading.asked).toBe(0);
  await Promise.all([k.whole(), k.whole()]);
  expect(reading.asked).toBe(1);
  expect(k.snapshot()).toMatchObject({ status: 'ready', past: null });
  expect(new Set(castsIn(k.snapshot().book))).toEqual(new Set([...castsIn(book), 'new']));
  await k.whole();
  expect(reading.asked).toBe(1);
});

test('what is stored while they are read stands, before and after', async () => {
  const { keepers, reading, hold } = pages();
  const k = keepers[0]!;
  await k.open(true);
  hold();
  const all = k.whole();
  await quiet();
  expect(reading.asked).toBe(1);
  expect(await k.commit(() => [block, cast('meanwhile')], 'when-stored')).toBe(true);
  expect(castsIn(k.snapshot().book)).toContain('meanwhile');
  reading.go();
  const late = k.commit((b) => (castsIn(b).includes('meanwhile') ? [cast('later')] : []), 'when-stored');
  await all;
  expect(await late).toBe(true);
  expect(new Set(castsIn(k.snapshot().book))).toEqual(new Set([...castsIn(book), 'meanwhile', 'later']));
});

test('at rest they are read, and then what lies there is put in order', async () => {
  const { keepers } = pages();
  await keepers[0]!.open(true);
  expect(await keepers[0]!.tidy()).toBe(true);
  expect(keepers[0]!.snapshot().status).toBe('ready');
  expect(await keepers[0]!.tidy()).toBe(false);
});

test('a page that looks at all days opens with them; so does one that holds what was refused', async () => {
  const { keepers, held } = pages(2);
  await keepers[0]!.open();
  expect(keepers[0]!.snapshot().status).toBe('ready');
  held.text = '[]';
  await keepers[1]!.open(true);
  expect(keepers[1]!.snapshot().status).toBe('ready');
});

test('what was refused is still held where the record could not be opened, and the page went on without it', async () => {
  const { keepers, held, reading } = pages();
  held.text = '[[]]';
  reading.fails = true;
  await keepers[0]!.open(true);
  expect(keepers[0]!.snapshot().status).toBe('error');
  await keepers[0]!.openInMemory();
  expect(await keepers[0]!.commit(() => [block], 'when-stored')).toBe(true);
  expect(held.text).toBe('[[]]');
});

test('what another page stores of today is taken up; of a day long over, and they are read', async () => {
  const { keepers, reading } = pages(2);
  const [k, other] = [keepers[0]!, keepers[1]!];
  await k.open(true);
  await other.open();
  await other.commit(() => [block, cast('theirs')], 'when-stored');
  await quiet();
  expect(k.snapshot().status).toBe('late');
  expect(castsIn(k.snapshot().book)).toContain('theirs');
  expect(reading.asked).toBe(0);
  await other.commit(() => [put('block', { ...book.block['old-b']!, zoneShare: 0.125 })], 'when-stored');
  await quiet();
  expect(k.snapshot()).toMatchObject({ status: 'ready', past: null });
  expect(k.snapshot().book.block['old-b']!.zoneShare).toBe(0.125);
  expect(castsIn(k.snapshot().book)).toEqual(expect.arrayContaining(['theirs', 'old-c']));
});

test('a day of another fish: what they taught of this one is told no more, and they are read', async () => {
  const { keepers, reading, hold } = pages();
  const k = keepers[0]!;
  await k.open(true);
  hold();
  const other = put('trip', { ...today, id: 'next', species: 'crappie' });
  await k.commit((b) => [other, put('preferences', { ...preferencesOf(b), activeTripId: 'next' })], 'at-once');
  expect(k.snapshot()).toMatchObject({ status: 'late', past: null });
  reading.go();
  await quiet();
  expect(k.snapshot().status).toBe('ready');
  expect(castsIn(k.snapshot().book)).toContain('old-c');
});

test('a file saved in need has them too; where they cannot be read it has what there is, and that is told', async () => {
  const { keepers, reading, troubles } = pages(2);
  await keepers[0]!.open(true);
  expect(castsIn(await keepers[0]!.withRefused())).toContain('old-c');
  await keepers[1]!.open(true);
  reading.fails = true;
  const saved = await keepers[1]!.withRefused();
  expect(Object.keys(saved.lure)).toEqual(Object.keys(book.lure));
  expect(troubles).toEqual(['reading what is long over']);
  // Who asks for them is told; tried again they are there.
  await keepers[1]!.whole();
  expect(keepers[1]!.snapshot().status).toBe('error');
  reading.fails = false;
  await keepers[1]!.open();
  expect(keepers[1]!.snapshot().status).toBe('ready');
  expect(castsIn(keepers[1]!.snapshot().book)).toContain('old-c');
});
