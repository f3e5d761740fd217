/** What was judged is there at the next opening of the same script, and of no other. */
import 'fake-indexeddb/auto';
import type { Judgement } from '../core/learning/judged';

const SCRIPT = `https://example.test/compute-${'a'.repeat(32)}.js`;
const OTHER = `https://example.test/compute-${'b'.repeat(32)}.js`;
const judgement: Judgement = { perHour: 0.8, hooked: 0.6, usual: 0.5, weightKg: 0.01 };

/** A worker newly begun: it knows nothing but what the device keeps. */
function begun(script: string) {
  jest.resetModules();
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- each worker has modules of its own
  const judged = require('../core/learning/judged') as typeof import('../core/learning/judged');
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- as above
  const before = require('./judgedBefore') as typeof import('./judgedBefore');
  const asks: string[] = [];
  return {
    ...before.judgedBefore(script),
    judge: (key: string) => judged.judgedOnce(key, () => (asks.push(key), judgement)),
    asks,
  };
}

const done = <T>(r: IDBRequest<T>): Promise<T> =>
  new Promise((ok, no) => {
    r.onsuccess = () => ok(r.result);
    r.onerror = () => no(r.error as Error);
  });
async function putRaw(value: unknown): Promise<void> {
  const db = await done(indexedDB.open('moss-kettle-worked-out'));
  await done(db.transaction('judged', 'readwrite').objectStore('judged').put(value, 'all'));
  db.close();
}
async function asked(script: string, ...keys: string[]): Promise<string[]> {
  const worker = begun(script);
  await worker.recalled();
  keys.forEach(worker.judge);
  return worker.asks;
}
async function keep(script: string, ...keys: string[]): Promise<void> {
  const worker = begun(script);
  keys.forEach(worker.judge);
  await worker.keepMade();
}

beforeEach(() => done(indexedDB.deleteDatabase('moss-kettle-worked-out')));

test('what one worker judged the next does not ask; two add to one another', async () => {
  expect(await asked(SCRIPT, 'one')).toEqual(['one']);
  await keep(SCRIPT, 'one');
  await keep(SCRIPT, 'two');
  expect(await asked(SCRIPT, 'one', 'two', 'three')).toEqual(['three']);
});

test('another script asks anew, and then the first does', async () => {
  await keep(SCRIPT, 'one');
  expect(await asked(OTHER, 'one')).toEqual(['one']);
  await keep(OTHER, 'two');
  expect(await asked(OTHER, 'two')).toEqual([]);
  expect(await asked(SCRIPT, 'one')).toEqual(['one']);
});

test('a script whose name does not tell what is in it keeps nothing', async () => {
  const unnamed = 'https://example.test/compute.worker.ts';
  await keep(unnamed, 'one');
  expect(await asked(unnamed, 'one')).toEqual(['one']);
});

test.each([
  ['a text', 'judged'],
  ['nothing', null],
  ['no list', { script: SCRIPT, of: 3 }],
  ['damaged ones', { script: SCRIPT, of: [null, 7, ['one'], ['one', { perHour: 'much' }]] }],
])('what lies there damaged is asked anew, and mended: %s', async (_, value) => {
  await keep(SCRIPT, 'zero');
  await putRaw(value);
  expect(await asked(SCRIPT, 'one')).toEqual(['one']);
  await keep(SCRIPT, 'one');
  expect(await asked(SCRIPT, 'one')).toEqual([]);
});

test('of more than six thousand the newest stay', async () => {
  await keep(SCRIPT, ...Array.from({ length: 6000 }, (_, i) => `old ${i}`));
  await keep(SCRIPT, 'new');
  expect(await asked(SCRIPT, 'new', 'old 5999', 'old 0')).toEqual(['old 0']);
});

test('a device whose database never answers is not waited for', async () => {
  const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => ({ addEventListener: () => undefined }) as never);
  const worker = begun(SCRIPT);
  await worker.recalled();
  worker.judge('one');
  expect(worker.asks).toEqual(['one']);
  open.mockRestore();
});
