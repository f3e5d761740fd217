/**
 * Questions answered before, kept on the device: a page that comes back, from the lock screen or after the phone has
 * ended it, has the ranking and the settled plan at once, and the battery is spared.
 */
import { hashAsWritten, textsHash } from '../core/base/hash';
import { ANSWERS, mayKeep, onDevice, soon } from './onDevice';

/** What took less is worked out anew, ms. */
const SLOW_MS = 250;
/** So many of a kind, the newest; a plan is half a megabyte. */
const MOST = 6;

interface Answer {
  name: string;
  kind: string;
  answer: unknown;
  /** Of the answer: what was damaged where it lay is no answer. */
  hash: string;
}

/** A question of this kind: answered as before where it was asked before. */
export type Remembering = <T>(kind: string, question: unknown, work: () => T | Promise<T>) => Promise<T>;

/** Remembers for the script at this address. */
export function answeredBefore(script: string): Remembering {
  const isKept = mayKeep(script);
  return async (kind, question, work) => {
    if (!isKept) return work();
    const name = textsHash([script, kind, JSON.stringify(question)]);
    const known = (await soon(onDevice((db) => db.getFromIndex(ANSWERS, 'name', name)))) as Answer | undefined;
    if (known && known.hash === hashAsWritten([known.answer])) return known.answer as Awaited<ReturnType<typeof work>>;
    const from = performance.now();
    const answer = await work();
    // Before it is handed over: whoever then throws away what is kept has all of it.
    if (performance.now() - from > SLOW_MS) await soon(keep({ name, kind, answer, hash: hashAsWritten([answer]) }));
    return answer;
  };
}

async function keep(answer: Answer): Promise<void> {
  await onDevice(async (db) => {
    const tx = db.transaction(ANSWERS, 'readwrite');
    const [before, all] = await Promise.all([
      tx.store.index('name').getAllKeys(answer.name),
      tx.store.index('kind').getAllKeys(answer.kind),
    ]);
    const gone = new Set([...before, ...all.slice(0, 1 - MOST)]);
    await Promise.all([tx.store.put(answer), ...[...gone].map((key) => tx.store.delete(key)), tx.done]);
  });
}
