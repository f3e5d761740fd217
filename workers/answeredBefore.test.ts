/** A question that took long is answered as before, by the same script only; of a kind the newest stay. */
import 'fake-indexeddb/auto';
import { answeredBefore } from './answeredBefore';
import { ANSWERS, forgetAll, onDevice } from './onDevice';

const SCRIPT = `https://example.test/compute-${'a'.repeat(32)}.js`;
const OTHER = `https://example.test/compute-${'b'.repeat(32)}.js`;

let clockMs = 0;
beforeEach(async () => {
  jest.spyOn(performance, 'now').mockImplementation(() => clockMs);
  await new Promise((ok, no) => {
    const r = indexedDB.deleteDatabase('moss-kettle-worked-out');
    r.onsuccess = ok;
    r.onerror = no;
  });
});
afterEach(() => jest.restoreAllMocks());

/** Until what an answer leaves behind has been written. */
const written = (): Promise<void> => new Promise((go) => setTimeout(go, 20));

/** Asks; whether it had to be worked out, which takes so long, ms. */
async function worksOut(script: string, question: unknown, { ms = 300, kind = 'plan' } = {}): Promise<boolean> {
  const work = jest.fn(() => {
    clockMs += ms;
    return { of: question };
  });
  expect(await answeredBefore(script)(kind, question, work)).toEqual({ of: question });
  await written();
  return work.mock.calls.length > 0;
}

test('what took long is worked out once; what is asked otherwise, or of another kind, anew', async () => {
  expect(await worksOut(SCRIPT, { water: 1 })).toBe(true);
  expect(await worksOut(SCRIPT, { water: 1 })).toBe(false);
  expect(await worksOut(SCRIPT, { water: 2 })).toBe(true);
  expect(await worksOut(SCRIPT, { water: 1 }, { kind: 'rank' })).toBe(true);
});

test('what is quick is not kept', async () => {
  expect(await worksOut(SCRIPT, 'quick', { ms: 100 })).toBe(true);
  expect(await worksOut(SCRIPT, 'quick', { ms: 100 })).toBe(true);
});

test('another script works it out for itself', async () => {
  await worksOut(SCRIPT, 'one');
  expect(await worksOut(OTHER, 'one')).toBe(true);
  expect(await worksOut(OTHER, 'one')).toBe(false);
  expect(await worksOut('https://example.test/compute.worker.ts', 'one')).toBe(true);
  expect(await worksOut('https://example.test/compute.worker.ts', 'one')).toBe(true);
});

test('of a kind the newest six stay; those of other kinds beside them', async () => {
  await worksOut(SCRIPT, 'other', { kind: 'rank' });
  for (let i = 0; i < 7; i++) await worksOut(SCRIPT, i);
  expect(await worksOut(SCRIPT, 6)).toBe(false);
  expect(await worksOut(SCRIPT, 1)).toBe(false);
  expect(await worksOut(SCRIPT, 0)).toBe(true);
  expect(await worksOut(SCRIPT, 'other', { kind: 'rank' })).toBe(false);
});

test('what was damaged where it lay is worked out anew, and stands again', async () => {
  await worksOut(SCRIPT, 'one');
  await onDevice(async (db) => {
    for (const key of await db.getAllKeys(ANSWERS))
      await db.put(ANSWERS, { ...((await db.get(ANSWERS, key)) as object), answer: { of: 'two' } }, key);
  });
  expect(await worksOut(SCRIPT, 'one')).toBe(true);
  expect(await worksOut(SCRIPT, 'one')).toBe(false);
  expect(await onDevice((db) => db.count(ANSWERS))).toBe(1);
});

test('forgotten, all of it is worked out anew', async () => {
  await worksOut(SCRIPT, 'one');
  await forgetAll();
  expect(await worksOut(SCRIPT, 'one')).toBe(true);
});

test('what fails is told, and asked again', async () => {
  const failing = answeredBefore(SCRIPT)('plan', 'no', () => {
    clockMs += 300;
    throw new Error('not like this');
  });
  await expect(failing).rejects.toThrow('not like this');
  expect(await worksOut(SCRIPT, 'no')).toBe(true);
});

test.each(['never answers', 'is not allowed'])('a device whose database %s: worked out', async (how) => {
  jest.spyOn(indexedDB, 'open').mockImplementation(() => {
    if (how === 'is not allowed') throw new DOMException('no', 'SecurityError');
    return { addEventListener: () => undefined } as never;
  });
  expect(await worksOut(SCRIPT, 'one')).toBe(true);
});
