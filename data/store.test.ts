/**
 * The device's store on a stand-in for the browser's database: one by one or by the thousand, what was written last
 * counts, and what was taken away is gone.
 */
import 'fake-indexeddb/auto';
import { decodeStored } from '../core/exchange/bookDocument';
import { seededRandom } from '../core/base/random';
import { deviceStore } from './store';
import { tidy } from './tidy';
import { isTogether, LONG_OVER, TOGETHER } from './together';

let mockBuild = 'one';
jest.mock('./build', () => ({ UNFINISHED: 'unfinished', buildName: () => mockBuild }));

const store = deviceStore();
const NOTHING = 'meta/none';

const done = <T>(r: IDBRequest<T>): Promise<T> =>
  new Promise((ok, no) => {
    r.onsuccess = () => ok(r.result);
    r.onerror = () => no(r.error as Error);
  });
async function raw(): Promise<{ keys: string[]; values: unknown[] }> {
  const db = await done(indexedDB.open('moss-kettle'));
  const table = db.transaction('entries').objectStore('entries');
  const [keys, values] = [await done(table.getAllKeys()), (await done(table.getAll())) as unknown[]];
  db.close();
  return { keys: keys.map(String), values };
}
async function putRaw(key: string, value: unknown): Promise<void> {
  const db = await done(indexedDB.open('moss-kettle'));
  await done(db.transaction('entries', 'readwrite').objectStore('entries').put(value, key));
  db.close();
}
const all = async (but = NOTHING): Promise<Record<string, string>> =>
  Object.fromEntries((await store.getAll(but)).values);
const many = (kind: string, from: number, to: number, text: string): Record<string, string> =>
  Object.fromEntries(Array.from({ length: to - from }, (_, i) => [`${kind}/${from + i}`, `${text} ${from + i}`]));

beforeEach(async () => {
  await store.removeMany([...(await store.getAll(NOTHING)).values.keys()]);
  const db = await done(indexedDB.open('moss-kettle'));
  await done(db.transaction('entries', 'readwrite').objectStore('entries').clear());
  db.close();
});

test('thousands lie many in one, and are found one by one and all at once', async () => {
  const wrote = { ...many('cast', 0, 1700, 'first'), 'meta/revision': '7' };
  await store.setMany(wrote);
  expect((await raw()).keys.length).toBeLessThan(10);
  expect(await all()).toEqual(wrote);
  expect(await all('meta/revision')).toEqual(many('cast', 0, 1700, 'first'));
  expect(await store.getMany(['cast/3', 'cast/1699', 'cast/1700', 'meta/revision', 'meta/x'])).toEqual({
    'cast/3': 'first 3',
    'cast/1699': 'first 1699',
    'cast/1700': null,
    'meta/revision': '7',
    'meta/x': null,
  });
});

test('what was written last counts, however it was written, and what is taken away is gone', async () => {
  const random = seededRandom(5);
  const model = new Map<string, string>();
  for (let n = 0; n < 60; n++) {
    const way = random();
    const from = Math.floor(2000 * random());
    if (way < 0.3) {
      const entries = many('cast', from, from + 500 + Math.floor(700 * random()), `at ${n}`);
      await store.setMany(entries);
      for (const [k, v] of Object.entries(entries)) model.set(k, v);
    } else if (way < 0.7) {
      const entries = many('cast', from, from + 1 + Math.floor(5 * random()), `alone ${n}`);
      await store.setMany(entries);
      for (const [k, v] of Object.entries(entries)) model.set(k, v);
    } else {
      const keys = Object.keys(many('cast', from, from + Math.floor(300 * random()), ''));
      await store.removeMany(keys);
      for (const k of keys) model.delete(k);
    }
    const asked = Array.from({ length: 20 }, () => `cast/${Math.floor(3000 * random())}`);
    expect(await store.getMany(asked)).toEqual(Object.fromEntries(asked.map((k) => [k, model.get(k) ?? null])));
  }
  expect(await all()).toEqual(Object.fromEntries(model));
  const { keys } = await raw();
  await store.removeMany([...model.keys()]);
  expect(keys.length).toBeGreaterThan(0);
  expect((await raw()).keys).toEqual([]);
});

test('an older build takes what lies together for a record of a newer one, and leaves it', async () => {
  await store.setMany(many('cast', 0, 600, 'x'));
  const { keys, values } = await raw();
  const at = keys.findIndex((k) => k.startsWith(TOGETHER));
  const read = decodeStored(keys[at]!, JSON.stringify(values[at]));
  expect(read).toMatchObject({ ok: false, problems: [{ code: 'newer-version' }] });
});

test('where something else lies in its place it is handed on as it is, and the rest stands', async () => {
  await store.setMany(many('cast', 0, 600, 'x'));
  await putRaw(`${TOGETHER}000000001`, { version: 1, data: 'gone' });
  await putRaw('lure/a', null);
  const those = await all();
  expect(those[`${TOGETHER}000000001`]).toEqual({ version: 1, data: 'gone' });
  expect(those).toHaveProperty('lure/a', null);
  expect(those['cast/599']).toBe('x 599');
});

test('one refusal, and nothing of it is stored', async () => {
  await store.setMany({ 'lure/a': '1' });
  await expect(store.setMany({ 'lure/b': '2', 'lure/c': (() => 0) as unknown as string })).rejects.toThrow();
  expect(await all()).toEqual({ 'lure/a': '1' });
});

test('written only where what stands is as it should be', async () => {
  const is = (wanted: string | null) => (text: string | null) => text === wanted;
  expect(await store.setManyIf({ 'lure/a': '1', 'meta/revision': 'one' }, 'meta/revision', is(null))).toBe(true);
  expect(await store.setManyIf({ 'lure/a': '2' }, 'meta/revision', is(null))).toBe(false);
  expect(await store.setManyIf(many('cast', 0, 600, 'x'), 'meta/revision', is('two'))).toBe(false);
  expect(await all()).toEqual({ 'lure/a': '1', 'meta/revision': 'one' });
});

/** As records are: texts of JSON. */
const written = (kind: string, to: number, text: string): Record<string, string> =>
  Object.fromEntries(Object.entries(many(kind, 0, to, text)).map(([k, v]) => [k, JSON.stringify(v)]));
/** Every text can be read but these. */
const readable =
  (...not: string[]) =>
  (key: string, text: string): string | null =>
    not.includes(key) ? null : text;
/** Steps until there is nothing left to do. */
async function tidyAll(asWritten = readable(), isLongOver = (_: string) => false): Promise<number> {
  for (let steps = 0; steps < 50; steps++) if (!(await tidy(asWritten, isLongOver))) return steps;
  throw new Error('it never ends');
}
const sound = async (): Promise<number> => (await store.getAll(NOTHING)).sound.size;

test('what lies alone by the thousand is put together, nothing lost, and what cannot be read stays where it is', async () => {
  const wrote: Record<string, string> = { 'meta/revision': '7', 'quarantine/cast/x': '?' };
  for (let i = 0; i < 1700; i++) wrote[`cast/${i}`] = JSON.stringify(`at ${i}`);
  for (const [key, value] of Object.entries(wrote)) await putRaw(key, value);
  await tidyAll(readable('cast/17'));
  const { keys } = await raw();
  expect(keys.filter((k) => k.startsWith(TOGETHER))).toHaveLength(2);
  expect(keys).toContain('cast/17');
  expect(await all()).toEqual(wrote);
  await store.setMany({ 'cast/3': '"changed"' });
  expect(await all()).toEqual({ ...wrote, 'cast/3': '"changed"' });
  await tidyAll();
  expect((await all())['cast/3']).toBe('"changed"');
});

test('sealed by the build that has read it, as long as not a letter has changed', async () => {
  await store.setMany(written('cast', 1200, 'x'));
  expect(await sound()).toBe(0);
  mockBuild = 'unfinished';
  expect(await tidyAll()).toBe(0);
  mockBuild = 'one';
  // Sealed, and looked through for what is long over.
  expect(await tidyAll()).toBe(2 * 3);
  expect(await sound()).toBe(1200);
  // Written again since: that one is to be read anew.
  await store.setMany({ 'cast/1': '"anew"' });
  expect(await sound()).toBe(1199);
  const { keys, values } = await raw();
  const at = keys.findIndex((k) => k.startsWith(TOGETHER));
  const pack = values[at];
  if (!isTogether(pack)) throw new Error('no pack');
  pack.data.values[400] = `${pack.data.values[400]!.slice(0, -2)}?"`;
  await putRaw(keys[at]!, pack);
  expect(await sound()).toBe(700);
  mockBuild = 'two';
  expect(await sound()).toBe(0);
  expect(await tidyAll()).toBeGreaterThan(0);
  expect(await sound()).toBe(1199);
});

test('a pack with what cannot be read is not sealed; what is of an older kind is written as today', async () => {
  await store.setMany(written('cast', 600, 'x'));
  mockBuild = 'three';
  await tidyAll(readable('cast/9'));
  expect(await sound()).toBe(100);
  await store.setMany(written('event', 500, 'old'));
  await tidyAll((_, text) => text.replace('old', 'new'));
  expect((await all())['event/7']).toBe('"new 7"');
});

test('tidying ends, whatever lies there: a key twice in one pack, and nothing that can be read', async () => {
  await store.setMany(written('cast', 600, 'x'));
  const { keys, values } = await raw();
  const at = keys.findIndex((k) => k.startsWith(TOGETHER));
  const pack = values[at];
  if (!isTogether(pack)) throw new Error('no pack');
  pack.data.keys[1] = pack.data.keys[0]!;
  await putRaw(keys[at]!, pack);
  await tidyAll();
  for (let i = 0; i < 1001; i++) await putRaw(`event/${i}`, '?');
  const before = (await raw()).keys;
  await tidyAll(() => null);
  expect((await raw()).keys).toEqual(before);
});

const ofOld = (key: string): boolean => /^cast\/\d*[13579]$/.test(key);

test('what is long over lies apart, is left out at first, and follows; what was written since counts', async () => {
  await store.setMany({ ...written('cast', 600, 'first'), 'meta/revision': '7' });
  await store.setMany(written('cast', 600, 'second'));
  await tidyAll(readable(), ofOld);
  const { keys } = await raw();
  expect(keys.filter((k) => k.startsWith(LONG_OVER)).length).toBeGreaterThan(1);
  const wrote: Record<string, string> = { ...written('cast', 600, 'second'), 'meta/revision': '7' };
  expect(await all()).toEqual(wrote);
  expect(await store.getMany(['cast/1', 'cast/2'])).toEqual({ 'cast/1': wrote['cast/1'], 'cast/2': wrote['cast/2'] });
  const late = await store.getLate(NOTHING);
  expect(late.over.length).toBeGreaterThan(1);
  expect([...late.values.keys()].filter(ofOld)).toEqual([]);
  const over = await store.getLongOver();
  expect([...over.values.keys()].every(ofOld)).toBe(true);
  expect(Object.fromEntries([...over.values, ...late.values])).toEqual(wrote);
  expect(over.sound.size).toBe(300);

  // One that is long over was changed: it lies alone, and counts.
  await store.setMany({ 'cast/1': '"third"' });
  expect((await store.getLate(NOTHING)).values.get('cast/1')).toBe('"third"');
  expect((await all())['cast/1']).toBe('"third"');
  await tidyAll(readable(), ofOld);
  expect((await all())['cast/1']).toBe('"third"');

  // Taken away, it is gone wherever it lay.
  await store.removeMany(Object.keys(written('cast', 600, '')));
  expect(await all()).toEqual({ 'meta/revision': '7' });
  expect(await store.getLate(NOTHING)).toMatchObject({ over: [] });
});

test('nothing is put apart past what cannot be read whole: what stands in both counts in the later one', async () => {
  await store.setMany(written('cast', 500, 'first'));
  await store.setMany(written('cast', 500, 'second'));
  await tidyAll(readable(), () => false);
  mockBuild = 'four';
  // The older cannot be sealed by this build.
  await tidyAll((_, text) => (text.includes('first') ? null : text), ofOld);
  expect((await store.getLate(NOTHING)).over).toEqual([]);
  expect((await all())['cast/1']).toBe('"second 1"');
});

test('whatever is written and put apart in whatever order, what was written last counts', async () => {
  const random = seededRandom(11);
  const model = new Map<string, string>();
  mockBuild = 'five';
  for (let n = 0; n < 40; n++) {
    const from = Math.floor(900 * random());
    const size = random() < 0.5 ? 500 + Math.floor(300 * random()) : 1 + Math.floor(20 * random());
    const texts = Object.entries(many('cast', from, from + size, `at ${n}`)).map(
      ([k, v]) => [k, JSON.stringify(v)] as const,
    );
    await store.setMany(Object.fromEntries(texts));
    for (const [k, v] of texts) model.set(k, v);
    if (random() < 0.3) {
      const gone = [...model.keys()].filter(() => random() < 0.1);
      await store.removeMany(gone);
      for (const k of gone) model.delete(k);
    }
    for (let steps = Math.floor(6 * random()); steps > 0; steps--) await tidy(readable(), ofOld);
    const over = await store.getLongOver();
    const late = await store.getLate(NOTHING);
    expect(Object.fromEntries([...over.values, ...late.values])).toEqual(Object.fromEntries(model));
  }
  await tidyAll(readable(), ofOld);
  expect(await all()).toEqual(Object.fromEntries(model));
});
