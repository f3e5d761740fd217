/**
 * Questions answered before, kept on the device: a page that comes back, from the lock screen or after the phone has
 * ended it, has the ranking and the settled plan at once, and the battery is spared.
 */
import { textsHash } from '../core/base/hash';
import { ANSWERS, mayKeep, onDevice, soon } from './onDevice';

/** What took less is worked out anew, ms. */
const SLOW_MS = 250;
/** So many of a kind, the newest. */
const MOST = 8;

interface Answer {
  name: string;
  kind: string;
  answer: unknown;
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
    if (known?.kind === kind) return known.answer as Awaited<ReturnType<typeof work>>;
    const from = performance.now();
    const answer = await work();
    if (performance.now() - from > SLOW_MS) void keep({ name, kind, answer }).catch(() => undefined);
    return answer;
  };
}

async function keep(answer: Answer): Promise<void> {
  await onDevice(async (db) => {
    const tx = db.transaction(ANSWERS, 'readwrite');
    await tx.store.put(answer);
    const all = await tx.store.index('kind').getAllKeys(answer.kind);
    await Promise.all(all.slice(0, -MOST).map((key) => tx.store.delete(key)));
    await tx.done;
  });
}
