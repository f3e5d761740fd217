import { storable, type Storable } from '../core/exchange/bookDocument';
import { emptyBook, put, recordOf, recordsOf, type Book, type Put } from '../core/records';
import { buildDemoWorld } from '../demo/world';
import { createKeeper, type BookChange, type Keeper } from './keeper';
import { memoryStore, type MemoryStore } from './memoryStore';

const world = buildDemoWorld(0);

/** Tabs over one store: a lock that all share, notices that reach the others, and writes that can be made to fail. */
function tabs(
  count: number,
  store: MemoryStore = memoryStore(),
  held: { text: string | null } = { text: null },
  longOver: {
    over?: Readonly<Record<string, string>>;
    drawn?: Promise<void>;
    fails?: () => boolean;
    onRevision?: () => Promise<void>;
  } = {},
) {
  const over = new Map(Object.entries(longOver.over ?? {}));
  let last: Promise<unknown> = Promise.resolve();
  const hearers: (() => void)[] = [];
  const faults = { refuse: (_entries: Record<string, string>) => false, readsFail: false };
  const troubles: string[] = [];
  const port = {
    ...store,
    getAll: async (but: string) => {
      if (faults.readsFail) throw new Error('no reading');
      return { values: new Map([...over, ...(await store.getAll(but)).values]), sound: new Map() };
    },
    getLate: async (but: string) => ({ ...(await store.getAll(but)), over: [...over.keys()].slice(0, 1) }),
    getLongOver: async () => {
      if (longOver.fails?.()) throw new Error('no reading');
      return { values: over, sound: new Map() };
    },
    getMany: async (keys: string[]) => {
      if (faults.readsFail) throw new Error('no reading');
      const found = await store.getMany(keys);
      if (keys.includes('meta/revision')) await longOver.onRevision?.();
      return found;
    },
    setMany: (entries: Record<string, string>) =>
      faults.refuse(entries) ? Promise.reject(new Error('full')) : store.setMany(entries),
    setManyIf: (...asked: Parameters<typeof store.setManyIf>) =>
      faults.refuse(asked[0]) ? Promise.reject(new Error('full')) : store.setManyIf(...asked),
  };
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
      ...(longOver.drawn ? { drawn: () => longOver.drawn! } : {}),
      trouble: (where) => troubles.push(where),
    });
  return { held, keepers: Array.from({ length: count }, (_, i) => open(i)), store, faults, troubles };
}
const cast = (id: string, seq: number): Put => put('cast', { id, blockId: 'b', seq, atMs: 0, count: 1 });
/** One cast more, numbered by what stands. */
const oneMore =
  (id: string): BookChange =>
  (book: Book) => [cast(id, recordsOf(book, 'cast').length)];
/** A part of something long: one cast. */
const part = (id: string): Storable => storable([cast(id, 'abcde'.indexOf(id))]);
const castsIn = (b: Book): string[] => recordsOf(b, 'cast').map((c) => c.id);
const seqs = (b: Book): number[] =>
  recordsOf(b, 'cast')
    .map((c) => c.seq)
    .sort((x, y) => x - y);
const upTo = (n: number): number[] => Array.from({ length: n }, (_, i) => i);
const quiet = async (): Promise<void> => {
  for (let i = 0; i < 200; i++) await Promise.resolve();
};

test('parts of something long are stored one by one and seen together, here and in other tabs', async () => {
  const { keepers, store, faults } = tabs(2);
  const [k, other] = keepers as [Keeper, Keeper];
  await k.open();
  await other.open();
  let shown = 0;
  k.subscribe(() => shown++);
  for (const id of ['a', 'b']) expect(await k.part(part(id))).toBe(true);
  await quiet();
  expect(shown).toBe(0);
  expect([...store.all.keys()].filter((key) => key.startsWith('cast/'))).toHaveLength(2);
  expect([k, other].map((x) => seqs(x.snapshot().book))).toEqual([[], []]);
  // A change is worked out on what is stored, shown or not.
  expect(await k.commit(oneMore('c'), 'when-stored')).toBe(true);
  await quiet();
  expect([k, other].map((x) => seqs(x.snapshot().book))).toEqual([upTo(3), upTo(3)]);
  // One that is refused shows what was stored before it.
  expect(await k.part(part('d'))).toBe(true);
  faults.refuse = () => true;
  expect(await k.part(part('e'))).toBe(false);
  expect(seqs(k.snapshot().book)).toEqual(upTo(4));
  expect(k.snapshot()).toMatchObject({ refused: 1 });
});

test('a change counts once it is stored, and is not shown before when it is of the log', async () => {
  const { keepers, store } = tabs(1);
  const k = keepers[0]!;
  await k.open();
  const stored = k.commit(oneMore('a'), 'when-stored');
  expect(k.snapshot()).toMatchObject({ storing: 1 });
  expect(seqs(k.snapshot().book)).toEqual([]);
  expect(await stored).toBe(true);
  expect(k.snapshot()).toMatchObject({ storing: 0 });
  expect(seqs(k.snapshot().book)).toEqual([0]);
  expect([...store.all.keys()]).toContain('cast/b/000000-a');
});

test('that a change is under way is told only when it takes long; who asked hears it the moment it is shown', async () => {
  const { keepers, store } = tabs(1);
  const k = keepers[0]!;
  await k.open();
  const shown: [boolean, number][] = [];
  k.subscribe(() => shown.push([k.snapshot().slow, seqs(k.snapshot().book).length]));
  const heard: number[] = [];
  await k.commit(oneMore('a'), 'when-stored', (ok) => heard.push(ok ? shown.length : -1));
  expect([shown, heard]).toEqual([[[false, 1]], [0]]);
  let letGo = (): void => {};
  const waits = new Promise<void>((go) => (letGo = go));
  const setManyIf = store.setManyIf.bind(store);
  store.setManyIf = async (...all) => {
    await waits;
    return setManyIf(...all);
  };
  jest.useFakeTimers();
  const stored = k.commit(oneMore('b'), 'when-stored', (ok) => heard.push(ok ? shown.length : -1));
  jest.advanceTimersByTime(1000);
  jest.useRealTimers();
  expect(shown.slice(1)).toEqual([[true, 1]]);
  letGo();
  await stored;
  expect([shown.slice(2), heard.slice(1)]).toEqual([[[false, 2]], [2]]);
});

test('a reading shows at once', async () => {
  const { keepers } = tabs(1);
  await keepers[0]!.open();
  void keepers[0]!.commit(oneMore('a'), 'at-once');
  expect(seqs(keepers[0]!.snapshot().book)).toEqual([0]);
});

test('changes made before the record is open wait for it', async () => {
  const { keepers } = tabs(1);
  const done = keepers[0]!.commit(oneMore('early'), 'when-stored');
  await keepers[0]!.open();
  expect(await done).toBe(true);
});

test.each([1, 7, 23])(
  'three tabs log 60 casts at once: each exactly once, in one order, and all tabs agree (seed %i)',
  async (seed) => {
    const { keepers, store } = tabs(3);
    await Promise.all(keepers.map((k) => k.open()));
    const done = upTo(60).map((i) =>
      keepers[(i * seed) % 3]!.commit(oneMore(`c${i}`), i % 2 === 0 ? 'when-stored' : 'at-once'),
    );
    expect(await Promise.all(done)).toEqual(upTo(60).map(() => true));
    await Promise.all(keepers.map((k) => k.catchUp()));
    for (const k of keepers) expect(seqs(k.snapshot().book)).toEqual(upTo(60));
    expect([...store.all.keys()].filter((k) => k.startsWith('cast/'))).toHaveLength(60);
  },
);

test('the day stands before what is long over was read; what is changed by then shows, and is stored on the whole', async () => {
  const over = storable([cast('old', 0)]);
  let draw = (): void => undefined;
  const drawn = new Promise<void>((go) => (draw = go));
  const { keepers, store } = tabs(1, undefined, undefined, { over: over.entries, drawn });
  const k = keepers[0]!;
  const opened = k.open(true);
  await quiet();
  expect(k.snapshot().status).toBe('day');
  expect(castsIn(k.snapshot().book)).toEqual([]);
  const later = k.commit(oneMore('a'), 'when-stored');
  const atOnce = k.commit(oneMore('b'), 'at-once');
  expect(castsIn(k.snapshot().book)).toEqual(['b']);
  expect(await k.tidy()).toBe(false);
  await quiet();
  expect([...store.all.keys()].filter((key) => key.startsWith('cast/'))).toEqual([]);
  draw();
  await opened;
  expect(await Promise.all([later, atOnce])).toEqual([true, true]);
  expect(k.snapshot().status).toBe('ready');
  expect([castsIn(k.snapshot().book), seqs(k.snapshot().book)]).toEqual([['old', 'a', 'b'], upTo(3)]);
});

test('what another page stores while the whole is put together is there once it stands', async () => {
  const store = memoryStore();
  const late = tabs(1, store).keepers[0]!;
  await late.open();
  let asked = 0;
  const { keepers } = tabs(1, store, undefined, {
    over: storable([cast('old', 0)]).entries,
    // The first question after what is long over was read: whether it still is of one state.
    onRevision: async () => void (++asked === 1 && (await late.commit(oneMore('theirs'), 'when-stored'))),
  });
  await keepers[0]!.open(true);
  expect(castsIn(keepers[0]!.snapshot().book).sort()).toEqual(['old', 'theirs']);
});

test('what is long over that cannot be read is an error told, and what was changed by then is stored at the next try', async () => {
  const over = { entries: storable([cast('old', 0)]).entries, fails: true };
  const { keepers, troubles } = tabs(1, undefined, undefined, { over: over.entries, fails: () => over.fails });
  const k = keepers[0]!;
  await k.open(true);
  expect([k.snapshot().status, troubles]).toEqual(['error', ['opening the record']]);
  const early = k.commit(oneMore('a'), 'when-stored');
  over.fails = false;
  await k.open();
  expect(await early).toBe(true);
  expect(castsIn(k.snapshot().book)).toEqual(['old', 'a']);
});

test('a notice is enough for another tab to see it', async () => {
  const { keepers } = tabs(2);
  await Promise.all(keepers.map((k) => k.open()));
  await keepers[0]!.commit(oneMore('a'), 'when-stored');
  await quiet();
  expect(seqs(keepers[1]!.snapshot().book)).toEqual([0]);
});

test('two tabs change one trip: neither change is lost', async () => {
  const { keepers } = tabs(2);
  await keepers[0]!.open();
  await keepers[0]!.replaceAll(world, { by: 'demo', atMs: 1000 });
  await keepers[1]!.open();
  const trip =
    (change: object): BookChange =>
    (b) => [put('trip', { ...b.trip['trip-today']!, ...change })];
  await Promise.all([
    keepers[0]!.commit(trip({ note: 'windy' }), 'at-once'),
    keepers[1]!.commit(trip({ lureId: 'lure-alder' }), 'at-once'),
  ]);
  await Promise.all(keepers.map((k) => k.catchUp()));
  for (const k of keepers)
    expect(k.snapshot().book.trip['trip-today']).toMatchObject({ note: 'windy', lureId: 'lure-alder' });
});

describe('a device that refuses', () => {
  test('is told, nothing unstored is shown, and the change is held for a file and for a second try', async () => {
    const { keepers, faults, troubles } = tabs(1);
    const k = keepers[0]!;
    await k.open();
    await k.commit(oneMore('kept'), 'when-stored');
    faults.refuse = () => true;
    expect(await k.commit(oneMore('lost?'), 'when-stored')).toBe(false);
    expect(await k.commit(oneMore('lost too?'), 'at-once')).toBe(false);
    expect(k.snapshot()).toMatchObject({ refused: 2, storing: 0 });
    expect(castsIn(k.snapshot().book)).toEqual(['kept']);
    expect(castsIn(await k.withRefused())).toEqual(['kept', 'lost?', 'lost too?']);
    expect(troubles).toEqual(['storing', 'storing']);
    expect(await k.retryRefused()).toBe(false);
    expect(k.snapshot().refused).toBe(2);
    faults.refuse = () => false;
    expect(await k.retryRefused()).toBe(true);
    expect(seqs(k.snapshot().book)).toEqual([0, 1, 2]);
    expect(k.snapshot().refused).toBe(0);
  });

  test('what it refused outlasts a reload: counted and held anew while it refuses, stored once there is room', async () => {
    const { keepers, faults, store, held } = tabs(1);
    const k = keepers[0]!;
    await k.open();
    await k.commit(oneMore('kept'), 'when-stored');
    expect(held.text).toBeNull();
    faults.refuse = () => true;
    await k.commit(oneMore('a'), 'when-stored');
    await k.commit(oneMore('b'), 'when-stored');

    // The same tab, loaded anew, on a device that refuses still.
    const full = tabs(1, store, held);
    full.faults.refuse = () => true;
    await full.keepers[0]!.open();
    expect(full.keepers[0]!.snapshot()).toMatchObject({ refused: 2, storing: 0 });
    expect(castsIn(full.keepers[0]!.snapshot().book)).toEqual(['kept']);

    const room = tabs(1, store, held);
    await room.keepers[0]!.open();
    expect(room.keepers[0]!.snapshot()).toMatchObject({ refused: 0, storing: 0 });
    expect(seqs(room.keepers[0]!.snapshot().book)).toEqual([0, 1, 2]);
    expect(held.text).toBeNull();
    // A third time there is nothing left to store.
    const third = tabs(1, store, held);
    await third.keepers[0]!.open();
    expect(seqs(third.keepers[0]!.snapshot().book)).toEqual([0, 1, 2]);
  });

  test('nothing newer is written over, no place in the order is taken twice, and damaged text is nothing', async () => {
    const { keepers, faults, store, held } = tabs(1);
    const k = keepers[0]!;
    await k.open();
    const rename =
      (name: string): BookChange =>
      () => [put('rod', { ...rod, name })];
    const rod = (world.find((p) => p.kind === 'rod') as Extract<Put, { kind: 'rod' }>).data;
    await k.commit(rename('first'), 'when-stored');
    await k.commit(() => world.filter((p) => p.kind === 'block').slice(0, 1), 'when-stored');
    const block = Object.values(k.snapshot().book.block)[0]!;
    const strike =
      (id: string): BookChange =>
      (b) => {
        const seq = Math.max(block.seq, ...recordsOf(b, 'cast').map((c) => c.seq)) + 1;
        return [put('cast', { id, blockId: block.id, seq, atMs: 0, count: 1 })];
      };
    faults.refuse = () => true;
    await k.commit(rename('held'), 'when-stored');
    await k.commit(strike('a'), 'when-stored');
    const text = held.text;
    // Another tab goes on meanwhile.
    const other = tabs(1, store);
    await other.keepers[0]!.open();
    await other.keepers[0]!.commit(rename('newer'), 'when-stored');
    await other.keepers[0]!.commit(strike('b'), 'when-stored');

    const again = tabs(1, store, { text });
    await again.keepers[0]!.open();
    const { book } = again.keepers[0]!.snapshot();
    expect(book.rod[rod.id]!.name).toBe('newer');
    expect(castsIn(book).sort()).toEqual(['a', 'b']);
    expect(new Set(seqs(book)).size).toBe(2);

    for (const bad of ['', '{', '[[1,null,{"key":"cast/x","text":"{}","base":null}]]', '{"a":1}', '[{"length":3}]']) {
      const spoilt = tabs(1, store, { text: bad });
      await spoilt.keepers[0]!.open();
      expect(spoilt.keepers[0]!.snapshot()).toMatchObject({ status: 'ready', refused: 0 });
    }
  });

  test('one bad change among many takes only itself away', async () => {
    const { keepers, faults } = tabs(1);
    await keepers[0]!.open();
    faults.refuse = (entries) => Object.keys(entries).some((key) => key.includes('bad'));
    const done = ['a', 'bad', 'b'].map((id) => keepers[0]!.commit(oneMore(id), 'when-stored'));
    expect(await Promise.all(done)).toEqual([true, false, true]);
    expect(castsIn(keepers[0]!.snapshot().book)).toEqual(['a', 'b']);
  });

  test('a change that is itself broken does not stop the others', async () => {
    const { keepers, troubles } = tabs(1);
    await keepers[0]!.open();
    const broken: BookChange = () => {
      throw new Error('a mistake of ours');
    };
    const done = [keepers[0]!.commit(broken, 'at-once'), keepers[0]!.commit(oneMore('a'), 'when-stored')];
    expect(await Promise.all(done)).toEqual([false, true]);
    expect(troubles).toEqual(['storing']);
  });

  test('let go, it is gone', async () => {
    const { keepers, faults } = tabs(1);
    await keepers[0]!.open();
    faults.refuse = () => true;
    await keepers[0]!.commit(oneMore('a'), 'when-stored');
    keepers[0]!.dropRefused();
    expect(keepers[0]!.snapshot().refused).toBe(0);
    expect(await keepers[0]!.withRefused()).toEqual(emptyBook());
  });
});

test('a record that cannot be opened is an error, and opens at the next try', async () => {
  const { keepers, faults, troubles } = tabs(1);
  faults.readsFail = true;
  await keepers[0]!.open();
  expect(keepers[0]!.snapshot().status).toBe('error');
  expect(troubles).toEqual(['opening the record']);
  faults.readsFail = false;
  await keepers[0]!.open();
  expect(keepers[0]!.snapshot().status).toBe('ready');
});

test('reading that fails in the middle refuses the change rather than guess', async () => {
  const { keepers, faults, store } = tabs(1);
  await keepers[0]!.open();
  // Another page has stored something.
  store.all.set('meta/revision', JSON.stringify({ count: 9, recent: [] }));
  faults.readsFail = true;
  expect(await keepers[0]!.commit(oneMore('a'), 'when-stored')).toBe(false);
  faults.readsFail = false;
  expect(await keepers[0]!.retryRefused()).toBe(true);
});

test('a replaced record reaches the other tab whole', async () => {
  const { keepers } = tabs(2);
  await Promise.all(keepers.map((k) => k.open()));
  await keepers[0]!.replaceAll(world, { by: 'demo', atMs: 1000 });
  await quiet();
  await keepers[1]!.catchUp();
  expect(keepers[1]!.snapshot().book).toEqual(keepers[0]!.snapshot().book);
  await keepers[1]!.replaceAll([], { by: 'clear', atMs: 1000 });
  await keepers[0]!.catchUp();
  expect(keepers[0]!.snapshot().book).toEqual(emptyBook());
});

test('a damaged value found on the way is put aside and the rest goes on', async () => {
  const { keepers, store } = tabs(2);
  await Promise.all(keepers.map((k) => k.open()));
  await keepers[0]!.commit(oneMore('a'), 'when-stored');
  store.all.set('cast/b/000000-a', '{"version":1,"da');
  await keepers[1]!.catchUp();
  expect(keepers[1]!.snapshot().quarantined.map((q) => q.key)).toEqual(['cast/b/000000-a']);
  expect(await keepers[1]!.commit(oneMore('b'), 'when-stored')).toBe(true);
});

describe('a newer build in another tab', () => {
  const newer = JSON.stringify({ version: 99, data: { anything: true } });
  test('nothing is stored over it nor beside it; what was changed here is held, and goes through once it is readable', async () => {
    const { keepers, store } = tabs(1);
    const k = keepers[0]!;
    await k.open();
    await k.commit(oneMore('a'), 'when-stored');
    // The other build stores, and moves the store's count on.
    store.all.set('preferences/mine', newer);
    store.all.set('meta/revision', JSON.stringify({ count: 9, recent: [] }));
    await k.catchUp();
    expect(k.snapshot().newer).toBe(1);
    expect(await k.commit(oneMore('b'), 'when-stored')).toBe(false);
    await expect(k.replaceAll(world, { by: 'import', atMs: 1000 })).rejects.toThrow('newer');
    await expect(k.putBack(1000)).rejects.toThrow('newer');
    expect(store.all.get('preferences/mine')).toBe(newer);
    expect(seqs(await k.withRefused())).toEqual(upTo(2));
    expect(k.snapshot().refused).toBe(1);
    // It is gone again: the change that was held is stored.
    store.all.delete('preferences/mine');
    store.all.set('meta/revision', JSON.stringify({ count: 10, recent: [] }));
    await k.catchUp();
    expect(await k.retryRefused()).toBe(true);
    expect(seqs(k.snapshot().book)).toEqual(upTo(2));
  });
});

test('a change that would make the record unreadable is dropped and told, not held', async () => {
  const { keepers, store } = tabs(1);
  const k = keepers[0]!;
  await k.open();
  const before = store.all.size;
  const wrong: BookChange = () => [put('cast', { id: 'x', blockId: 'b', seq: 0, atMs: NaN, count: 1 })];
  expect(await k.commit(wrong, 'at-once')).toBe(false);
  expect(k.snapshot()).toMatchObject({ refused: 0, storing: 0 });
  expect(k.snapshot().dropped).toContain('atMs');
  expect(seqs(k.snapshot().book)).toEqual([]);
  expect(store.all.size).toBe(before);
  k.forgetDropped();
  expect(k.snapshot().dropped).toBeNull();
  expect(await k.commit(oneMore('a'), 'when-stored')).toBe(true);
});

test('a record that was replaced is put back, in every tab', async () => {
  const { keepers } = tabs(2);
  await Promise.all(keepers.map((k) => k.open()));
  await keepers[0]!.replaceAll(world, { by: 'demo', atMs: 1000 });
  expect(keepers[0]!.snapshot().before).toBeNull();
  const book = keepers[0]!.snapshot().book;
  await keepers[0]!.replaceAll([], { by: 'clear', atMs: 1000 });
  expect(keepers[0]!.snapshot().before).toEqual({ atMs: 1000, by: 'clear', records: world.length });
  await keepers[0]!.putBack(1000);
  await keepers[1]!.catchUp();
  for (const k of keepers) expect(k.snapshot().book).toEqual(book);
});

test('where the device gives no store the record lives on the page, says so, and touches neither device nor other tabs', async () => {
  const { keepers, store, faults } = tabs(2);
  const [k, other] = [keepers[0]!, keepers[1]!];
  faults.readsFail = true;
  await k.open();
  expect(k.snapshot()).toMatchObject({ status: 'error', inMemory: false });
  await k.openInMemory();
  expect(k.snapshot()).toMatchObject({ status: 'ready', inMemory: true });
  faults.readsFail = false;
  await other.open();
  expect(await k.commit(oneMore('a'), 'when-stored')).toBe(true);
  await k.replaceAll(world, { by: 'demo', atMs: 1 });
  expect(await k.commit(oneMore('b'), 'at-once')).toBe(true);
  expect(recordOf(await k.withRefused(), 'cast', 'b')).toBeDefined();
  expect([...store.all.keys()]).toEqual([]);
  expect(castsIn(other.snapshot().book)).toEqual([]);
  expect(other.snapshot().inMemory).toBe(false);
});
