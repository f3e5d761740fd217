import { buildDemoWorld } from '../demo/world';
import { put, storageKey } from '../core/records';
import { clearStore, loadBook, QUARANTINE, replaceStore, savePuts } from './repository';
import type { KeyValueStore } from './store';

function memoryStore(start: Record<string, string> = {}): KeyValueStore & { all: Map<string, string> } {
  const all = new Map(Object.entries(start));
  return {
    all,
    getAllKeys: async () => [...all.keys()],
    getMany: async (keys) => Object.fromEntries(keys.map((k) => [k, all.get(k) ?? null])),
    setMany: async (entries) => {
      for (const [k, v] of Object.entries(entries)) all.set(k, v);
    },
    removeMany: async (keys) => {
      for (const k of keys) all.delete(k);
    },
  };
}

const world = buildDemoWorld(0);

test('what is saved is loaded', async () => {
  const store = memoryStore();
  await savePuts(store, world);
  const { book, quarantined } = await loadBook(store);
  expect(quarantined).toEqual([]);
  expect(Object.keys(book.lure)).toHaveLength(world.filter((p) => p.kind === 'lure').length);
  expect(store.all.size).toBe(world.length);
});

test('an empty store is an empty book', async () => {
  const { book } = await loadBook(memoryStore());
  expect(Object.keys(book.trip)).toEqual([]);
});

test('a damaged value is moved aside, reported, and stays reported', async () => {
  const store = memoryStore();
  await savePuts(store, world);
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

test('a value of a newer version waits aside until it can be read', async () => {
  const store = memoryStore({ 'lure/x': JSON.stringify({ version: 99, data: {} }) });
  const { quarantined } = await loadBook(store);
  expect(quarantined[0]!.problems[0]!.code).toBe('newer-version');
});

test('a value mended in quarantine is read again', async () => {
  const lure = world.find((p) => p.kind === 'lure')!;
  const store = memoryStore();
  await savePuts(store, [lure]);
  const key = storageKey(lure);
  store.all.set(QUARANTINE + key, store.all.get(key)!);
  store.all.delete(key);
  const { book, quarantined } = await loadBook(store);
  expect(quarantined).toEqual([]);
  expect(Object.keys(book.lure)).toHaveLength(1);
});

test('replacing leaves nothing of the old, clearing leaves nothing', async () => {
  const store = memoryStore({ 'lure/old': '{}' });
  const some = world.slice(0, 5);
  await replaceStore(store, some);
  expect([...store.all.keys()].sort()).toEqual(some.map(storageKey).sort());
  await clearStore(store);
  expect(store.all.size).toBe(0);
});

test('a newer event under the same key is the same event', async () => {
  const event = {
    id: 'e',
    blockId: 'b',
    seq: 1,
    atMs: 5,
    kind: 'landed' as const,
    phase: null,
    place: null,
    side: null,
    depthM: null,
    lengthM: null,
  };
  const store = memoryStore();
  await savePuts(store, [put('event', event)]);
  await savePuts(store, [put('event', { ...event, phase: 'pause' })]);
  expect(store.all.size).toBe(1);
  expect((await loadBook(store)).book.event.e!.phase).toBe('pause');
});
