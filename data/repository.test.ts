import { untold } from '../core/records/event';
import { buildDemoWorld } from '../demo/world';
import { encoded } from '../core/exchange/bookDocument';
import { KINDS, put, recordOf, recordsOf, storageKey } from '../core/records';
import { memoryStore } from './memoryStore';
import {
  keysSince,
  loadBook,
  loadKeys,
  putBack,
  QUARANTINE,
  readRevision,
  replaceStore,
  savePuts,
  type Loaded,
  type Revision,
  Behind,
  Unreadable,
} from './repository';

const NEW: Revision = { count: 0, recent: [] };
const READ_IN = { keep: true, atMs: 7, by: 'import' } as const;
const world = buildDemoWorld(0);

test('what is saved is loaded', async () => {
  const store = memoryStore();
  await savePuts(store, world, NEW);
  const { book, quarantined } = await loadBook(store);
  expect(quarantined).toEqual([]);
  expect(Object.keys(book.lure)).toHaveLength(world.filter((p) => p.kind === 'lure').length);
  // Beside them only the store's revision.
  expect(store.all.size).toBe(world.length + 1);
});

test('an empty store is an empty book', async () => {
  const { book } = await loadBook(memoryStore());
  expect(Object.keys(book.trip)).toEqual([]);
});

test('a damaged value is moved aside, reported, and stays reported', async () => {
  const store = memoryStore();
  await savePuts(store, world, NEW);
  const key = storageKey(world.find((p) => p.kind === 'lure')!);
  store.all.set(key, '{"version":2,"da');
  const first = await loadBook(store);
  expect(first.quarantined.map((q) => q.key)).toEqual([key]);
  expect(store.all.has(key)).toBe(false);
  expect(store.all.get(QUARANTINE + key)).toBe('{"version":2,"da');
  const second = await loadBook(store);
  expect(second.quarantined.map((q) => q.key)).toEqual([key]);
  expect(Object.keys(second.book.lure)).toHaveLength(world.filter((p) => p.kind === 'lure').length - 1);
});

test.each([
  ['a zone that there is not', 'water', { zone: 'Mars/Olympus' }],
  ['a zone of one space', 'water', { zone: ' ' }],
  ['a water whose name every object has', 'trip', { waterId: 'constructor' }],
  ['a day begun in the year 275,000', 'trip', { startedAtMs: 8.6e15 }],
  ['a wild clock', 'preferences', { demoClock: { demoAtMs: 8.6e15, realAtMs: 0 } }],
  ['a lost day with the name of a habit of all objects', 'preferences', { activeTripId: '__proto__' }],
] as const)('%s is put aside with its field named, and the rest opens', async (_what, kind, damage) => {
  const store = memoryStore();
  await savePuts(store, world, NEW);
  const key = storageKey(world.find((p) => p.kind === kind)!);
  const stored = JSON.parse(store.all.get(key)!) as { data: object };
  // Defined, not set: “__proto__” as a value is plain text.
  store.all.set(key, JSON.stringify({ ...stored, data: { ...stored.data, ...damage } }));
  const { book, quarantined } = await loadBook(store);
  expect(quarantined.map((q) => q.key)).toEqual([key]);
  expect(quarantined[0]!.problems.map((x) => x.path).join()).toContain(Object.keys(damage)[0]);
  expect(Object.keys(book.lure)).toHaveLength(world.filter((p) => p.kind === 'lure').length);
});

test('what was moved aside never takes the place of what was stored since', async () => {
  const store = memoryStore();
  const lure = world.find((p) => p.kind === 'lure')!;
  await savePuts(store, [lure], NEW);
  const key = storageKey(lure);
  const now = JSON.parse(store.all.get(key)!) as { version: number; data: { id: string; name: string } };
  store.all.set(QUARANTINE + key, JSON.stringify({ ...now, data: { ...now.data, name: 'Older' } }));
  const { book } = await loadBook(store);
  expect(book.lure[now.data.id]!.name).toBe(now.data.name);
  expect(store.all.has(QUARANTINE + key)).toBe(true);
});

test('a value of a newer version is left where it is, and counted', async () => {
  const text = JSON.stringify({ version: 99, data: {} });
  const store = memoryStore({ 'lure/x': text });
  const { newer, quarantined, book } = await loadBook(store);
  expect([newer, quarantined, Object.keys(book.lure)]).toEqual([1, [], []]);
  expect([...store.all]).toEqual([['lure/x', text]]);
});

test('a stored nothing, number or list is named like other damage', async () => {
  const damaged = { 'lure/a': null, 'trip/b': 7, 'water/c': [1] } as unknown as Record<string, string>;
  const store = memoryStore(damaged);
  const { quarantined } = await loadBook(store);
  expect(quarantined.map((q) => [q.key, q.text])).toEqual([
    ['lure/a', 'null'],
    ['trip/b', '7'],
    ['water/c', '[1]'],
  ]);
  expect((await loadBook(store)).quarantined).toHaveLength(3);
});

test('what could not be read again is not written, and says where it is wrong', async () => {
  const store = memoryStore();
  const water = world.find((p) => p.kind === 'water')!;
  const wrong = { ...water, data: { ...water.data, zone: 'Mars/Olympus' } } as typeof water;
  await expect(savePuts(store, [world.find((p) => p.kind === 'lure')!, wrong], NEW)).rejects.toThrow(/zone/);
  await expect(savePuts(store, [wrong], NEW)).rejects.toBeInstanceOf(Unreadable);
  expect(store.all.size).toBe(0);
});

describe('what was there before a whole record came in its place', () => {
  const records = (store: ReturnType<typeof memoryStore>) =>
    Object.fromEntries([...store.all].filter(([k]) => !k.startsWith('meta/')));
  test('is put back to the letter, quarantine too; and what gave way for it comes back in its turn', async () => {
    const store = memoryStore({ [`${QUARANTINE}lure/older`]: '{' });
    await savePuts(store, world.slice(0, 9), NEW);
    const first = records(store);
    await replaceStore(store, world.slice(20, 24), await readRevision(store), { keep: true, atMs: 5, by: 'demo' });
    const second = records(store);
    expect((await loadBook(store)).before).toEqual({ atMs: 5, by: 'demo', records: 10 });
    await putBack(store, await readRevision(store), 6);
    expect(records(store)).toEqual(first);
    expect((await loadBook(store)).before).toEqual({ atMs: 6, by: 'put-back', records: 4 });
    await putBack(store, await readRevision(store), 7);
    expect(records(store)).toEqual(second);
  });
  test('is kept in the transaction that replaces it: refused together, nothing has changed', async () => {
    const store = memoryStore();
    await savePuts(store, world.slice(0, 9), NEW);
    const was = [...store.all];
    const full = { ...store, setManyIf: () => Promise.reject(new Error('full')) };
    await expect(replaceStore(full, [], await readRevision(store), READ_IN)).rejects.toThrow('full');
    expect([...store.all]).toEqual(was);
  });
  test('is not kept where that is asked, nor is an empty record', async () => {
    const store = memoryStore();
    await replaceStore(store, world.slice(0, 3), NEW, READ_IN);
    await replaceStore(store, [], await readRevision(store), { ...READ_IN, keep: false });
    expect((await loadBook(store)).before).toBeNull();
    await expect(putBack(store, await readRevision(store), 1)).rejects.toThrow('nothing was kept');
  });
});

test.each(['{', 'null', '7', '{"a":1}', '["lure/x", 3]', '"lure/x"', '', '[[]]', '["meta/revision"]'])(
  'a list of keys to remove that is damaged (%s) opens and removes nothing',
  async (text) => {
    const store = memoryStore();
    await savePuts(store, world.slice(0, 5), NEW);
    store.all.set('meta/replacing', text);
    const { book } = await loadBook(store);
    expect(Object.values(book).flatMap((all) => Object.keys(all))).toHaveLength(5);
    expect([...store.all.keys()].filter((k) => k.startsWith('meta/'))).toEqual(['meta/revision']);
  },
);

test('a value mended in quarantine is read again', async () => {
  const lure = world.find((p) => p.kind === 'lure')!;
  const store = memoryStore();
  await savePuts(store, [lure], NEW);
  const key = storageKey(lure);
  store.all.set(QUARANTINE + key, store.all.get(key)!);
  store.all.delete(key);
  const { book, quarantined } = await loadBook(store);
  expect(quarantined).toEqual([]);
  expect(Object.keys(book.lure)).toHaveLength(1);
});

test('replacing leaves nothing of the old, an empty record leaves nothing', async () => {
  const store = memoryStore({ 'lure/old': '{}', [`${QUARANTINE}lure/older`]: '{' });
  const some = world.slice(0, 5);
  const records = () => [...store.all.keys()].filter((k) => !k.startsWith('meta/')).sort();
  const revision = await replaceStore(store, some, NEW, READ_IN);
  expect(records()).toEqual(some.map(storageKey).sort());
  await replaceStore(store, [], revision, READ_IN);
  expect(records()).toEqual([]);
});

describe('another page stores between the look and the writing', () => {
  /** The same store, in which a cast comes in just before the next thing is written. */
  const overtaken = (store: ReturnType<typeof memoryStore>) => {
    let came = false;
    const setManyIf: typeof store.setManyIf = async (...asked) => {
      if (!came) {
        came = true;
        const late = put('cast', { id: 'late', blockId: 'b', seq: 1, atMs: 0, count: 1 });
        await savePuts(store, [late], await readRevision(store));
      }
      return store.setManyIf(...asked);
    };
    return { ...store, setManyIf };
  };

  test('a whole record does not take the place of what nobody has seen', async () => {
    const store = memoryStore();
    const seen = await savePuts(store, world.slice(0, 9), NEW);
    await expect(replaceStore(overtaken(store), [], seen, READ_IN)).rejects.toThrow(Behind);
    await replaceStore(store, [], await readRevision(store), READ_IN);
    await putBack(store, await readRevision(store), 1);
    expect(recordOf((await loadBook(store)).book, 'cast', 'late')).toBeDefined();
  });

  test('what is damaged stays where it is until the next page opens', async () => {
    const store = memoryStore();
    await savePuts(store, world.slice(0, 3), NEW);
    store.all.set('lure/broken', '{');
    const loaded = await loadBook(overtaken(store));
    expect(loaded.quarantined.map((q) => q.key)).toEqual(['lure/broken']);
    expect(store.all.get('lure/broken')).toBe('{');
    await loadBook(store);
    expect(store.all.has('lure/broken')).toBe(false);
    expect(store.all.get(`${QUARANTINE}lure/broken`)).toBe('{');
  });
});

test('a page killed in the middle of replacing is caught up with at the next load', async () => {
  const store = memoryStore();
  const seen = await savePuts(store, world, NEW);
  const kill = new Error('killed');
  const dying = { ...store, removeMany: () => Promise.reject(kill) };
  const some = world.filter((p) => p.kind === 'water');
  await expect(replaceStore(dying, some, seen, READ_IN)).rejects.toBe(kill);
  const { book } = await loadBook(store);
  expect(Object.keys(book.water)).toHaveLength(some.length);
  expect(Object.keys(book.lure)).toEqual([]);
  expect([...store.all.keys()].filter((k) => k.startsWith('meta/')).sort()).toEqual([
    'meta/before',
    'meta/before-head',
    'meta/revision',
  ]);
});

describe('what another tab has written', () => {
  test('the revision tells which keys', async () => {
    const store = memoryStore();
    const seen = await savePuts(store, world.slice(0, 3), NEW);
    const lure = world.find((p) => p.kind === 'lure')!;
    await savePuts(store, [lure], seen);
    const now = await readRevision(store);
    expect(keysSince(seen, now)).toEqual([storageKey(lure)]);
    expect(await loadKeys(store, [storageKey(lure)])).toEqual([lure]);
  });

  test.each<[string, Revision, Revision]>([
    ['too much was written to remember', { count: 1, recent: [] }, { count: 90, recent: [{ count: 90, keys: ['a'] }] }],
    ['everything was replaced', { count: 1, recent: [] }, { count: 2, recent: [{ count: 2, keys: null }] }],
    ['the count went back', { count: 9, recent: [] }, { count: 2, recent: [] }],
  ])('when %s, everything is read', (_name, seen, now) => {
    expect(keysSince(seen, now)).toBeNull();
  });

  test.each(['', '{"count":', '{"count":"x"}', 'null'])('a damaged revision (%s) counts as none', async (text) => {
    expect(await readRevision(memoryStore({ 'meta/revision': text }))).toEqual(NEW);
  });

  test('a key that is gone or damaged cannot be read by itself', async () => {
    const store = memoryStore({ 'lure/half': '{"version":2' });
    expect(await loadKeys(store, ['lure/half'])).toBeNull();
    expect(await loadKeys(store, ['lure/gone'])).toBeNull();
  });
});

test('a newer event under the same key is the same event', async () => {
  const event = {
    id: 'e',
    blockId: 'b',
    seq: 1,
    atMs: 5,
    ...untold('landed' as const),
    phase: null,
  };
  const store = memoryStore();
  const seen = await savePuts(store, [put('event', event)], NEW);
  await savePuts(store, [put('event', { ...event, phase: 'pause' })], seen);
  expect([...store.all.keys()].filter((k) => k.startsWith('event/'))).toHaveLength(1);
  expect(recordOf((await loadBook(store)).book, 'event', 'e')!.phase).toBe('pause');
});

test('what was made of a state that is no more is not stored', async () => {
  const store = memoryStore();
  const seen = await savePuts(store, world.slice(0, 3), NEW);
  await savePuts(store, world.slice(3, 5), seen);
  await expect(savePuts(store, world.slice(5, 7), seen)).rejects.toBeInstanceOf(Behind);
  expect([...store.all.keys()].filter((k) => !k.startsWith('meta/'))).toHaveLength(5);
});

describe('what is long over', () => {
  const isOver = (key: string): boolean => /^(block|cast|event)\//.test(key);
  /** A store in which the days' own lie apart; what stands in both counts in the other. */
  function inTwo(entries: Record<string, string>, over: Record<string, string>) {
    const store = memoryStore(entries);
    const map = new Map(Object.entries(over));
    return {
      ...store,
      getAll: async (but: string) => {
        const { values } = await store.getAll(but);
        return { values: new Map([...map, ...values]), sound: new Map() };
      },
      getLate: async (but: string) => ({ ...(await store.getAll(but)), over: ['a pack'] }),
      getLongOver: async () => ({ values: map, sound: new Map<string, unknown>() }),
    };
  }
  const texts = encoded(world);
  const part = (holds: (key: string) => boolean): Record<string, string> =>
    Object.fromEntries(Object.entries(texts).filter(([key]) => holds(key)));
  const apart = () =>
    inTwo(
      part((key) => !isOver(key)),
      part(isOver),
    );

  test('follows once the day stands, and the whole is what it would have been in one', async () => {
    const days: Loaded[] = [];
    const whole = await loadBook(apart(), async (day) => void days.push(day));
    expect(days).toHaveLength(1);
    expect(recordsOf(days[0]!.book, 'cast')).toEqual([]);
    expect(days[0]!.book.lure).toEqual(whole.book.lure);
    expect(whole.book.lure).toBe(days[0]!.book.lure);
    const atOnce = await loadBook(apart());
    for (const kind of KINDS)
      expect(new Set(recordsOf(whole.book, kind))).toEqual(new Set(recordsOf(atOnce.book, kind)));
    expect(recordsOf(whole.book, 'cast').length).toBeGreaterThan(30);
  });

  test('gives way to what was written since', async () => {
    const block = world.find((p) => p.kind === 'block')!.data;
    const changed = put('block', { ...block, zoneShare: 0.123 } as never);
    const store = inTwo({ ...part((key) => !isOver(key)), ...encoded([changed]) }, part(isOver));
    const { book } = await loadBook(store, async () => undefined);
    expect(book.block[block.id]!.zoneShare).toBe(0.123);
    // Moved to another block since: it stands there, and there alone.
    const cast = world.find((p) => p.kind === 'cast')!.data;
    const moved = put('cast', { ...cast, blockId: 'another' } as never);
    const after = await loadBook(
      inTwo({ ...part((key) => !isOver(key)), ...encoded([moved]) }, part(isOver)),
      async () => undefined,
    );
    expect(recordsOf(after.book, 'cast').filter((c) => c.id === cast.id)).toEqual([moved.data]);
  });

  test('damaged in places, it is moved aside there and told; the rest stands', async () => {
    const over = part(isOver);
    const keys = Object.keys(over);
    const store = inTwo(
      part((key) => !isOver(key)),
      { ...over, [keys[0]!]: '{', [keys[1]!]: null as unknown as string },
    );
    const days: Loaded[] = [];
    const { book, quarantined } = await loadBook(store, async (day) => void days.push(day));
    expect(days[0]!.quarantined).toEqual([]);
    expect(quarantined.map((q) => q.key).sort()).toEqual([keys[0], keys[1]].sort());
    expect(await store.getMany([QUARANTINE + keys[0]!])).toEqual({ [QUARANTINE + keys[0]!]: '{' });
    expect(recordsOf(book, 'block').length + recordsOf(book, 'cast').length + recordsOf(book, 'event').length).toBe(
      keys.length - 2,
    );
  });

  test('a copy that was moved aside once never takes its place, and stands where there is no other', async () => {
    const over = part(isOver);
    const [a, b] = Object.keys(over).filter((k) => k.startsWith('block/')) as [string, string];
    const { [b]: gone, ...rest } = over;
    const aside = over[a]!.replace(/"zoneShare":[\d.]+/, '"zoneShare":0.987');
    const store = inTwo({ ...part((key) => !isOver(key)), [QUARANTINE + a]: aside, [QUARANTINE + b]: gone! }, rest);
    const { book } = await loadBook(store, async () => undefined);
    expect(book.block[a.slice(6)]!.zoneShare).not.toBe(0.987);
    expect(book.block[b.slice(6)]).toBeDefined();
  });

  test('read anew, all of it, where another page has stored meanwhile', async () => {
    const store = apart();
    const late = put('lure', { ...world.find((p) => p.kind === 'lure')!.data, id: 'new one' } as never);
    const { book } = await loadBook(store, async () => {
      await savePuts(store, [late], NEW);
    });
    expect(book.lure['new one']).toBeDefined();
    expect(recordsOf(book, 'cast').length).toBeGreaterThan(30);
  });
});
