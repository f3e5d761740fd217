/**
 * Makes what lies in the device's store quick to open, when the page is at rest: what lies alone by the thousand is put
 * together, what this build has read is sealed, and what belongs to days long over is put apart.
 */
import { begin, left, sealed, sifted, writing } from './store';
import {
  asTogether,
  isSound,
  isTogether,
  keyAfter,
  LONG_OVER,
  mayLieTogether,
  sealOf,
  TOGETHER,
  TOGETHER_FROM,
  type Together,
} from './together';

/** So many that lie alone are left alone. */
const ALONE = 2 * TOGETHER_FROM;

/** What is to be done next, and what lies there of it. */
async function untidy(): Promise<{ key: string | null; keys: string[]; values: string[] } | null> {
  const { store, done } = await begin('readonly');
  const keys = (await store.getAllKeys()).map(String);
  const key = keys.find((k) => k.startsWith(TOGETHER) && !sealed.has(k) && !left.has(k));
  if (key) {
    const pack: unknown = await store.get(key);
    await done;
    if (isTogether(pack) && !isSound(pack.data)) return { key, ...pack.data };
    (isTogether(pack) ? sealed : left).add(key);
    return untidy();
  }
  const alone = keys.filter((k) => mayLieTogether(k) && !k.startsWith(TOGETHER) && !left.has(k));
  const some = alone.length < ALONE ? [] : alone.slice(0, TOGETHER_FROM);
  const values = (await Promise.all(some.map((k) => store.get(k)))) as string[];
  await done;
  return some.length > 0 ? { key: null, keys: some, values } : null;
}

type Entry = readonly [string, string];
const entriesOf = ({ data }: Together): Entry[] => data.keys.map((key, i) => [key, data.values[i]!]);
const sealedTogether = (entries: readonly Entry[]): Together =>
  asTogether(
    entries,
    sealOf(
      entries.map(([key]) => key),
      entries.map(([, text]) => text),
    ),
  );
const isSame = (a: readonly Entry[], b: readonly Entry[]): boolean =>
  a.length === b.length && a.every(([key, text], i) => key === b[i]![0] && text === b[i]![1]);

/**
 * Puts apart what is long over in the oldest that was not looked through: the oldest first, as what stands in two of
 * them counts in the later one.
 */
async function sift(isLongOver: (key: string) => boolean): Promise<boolean> {
  const { store, done } = await begin('readonly');
  const keys = (await store.getAllKeys()).map(String);
  const key = keys.find((k) => k.startsWith(TOGETHER) && !k.startsWith(LONG_OVER) && !sifted.has(k));
  const pack: unknown = key && sealed.has(key) ? await store.get(key) : null;
  await done;
  // What cannot be read whole stays as it is, and what is later than it too.
  if (!key || !isTogether(pack)) return false;
  const entries = entriesOf(pack);
  const over = entries.filter(([k]) => isLongOver(k));
  const rest = entries.filter(([k]) => !isLongOver(k));
  sifted.add(key);
  if (over.length === 0) return true;
  await writing(async (tx, table) => {
    const now: unknown = await tx.store.get(key);
    if (!isTogether(now) || !isSame(entriesOf(now), entries)) return void sifted.delete(key);
    const apart = keyAfter((await tx.store.getAllKeys()).map(String), LONG_OVER)(1);
    table.put(sealedTogether(over), apart);
    sealed.add(apart);
    if (rest.length > 0) table.put(sealedTogether(rest), key);
    else table.delete(key);
  });
  return true;
}

/**
 * One step of it; whether there may be more to do. `asWritten`: a text as it would be written today; null where it
 * cannot be read. `isLongOver`: what belongs to days that are, by its key.
 */
export async function tidy(
  asWritten: (key: string, text: string) => string | null,
  isLongOver: (key: string) => boolean,
): Promise<boolean> {
  const next = await untidy();
  if (!next) return sift(isLongOver);
  const texts = next.keys.map((key, i) => asWritten(key, next.values[i]!));
  const good = next.keys.flatMap((key, i) => (texts[i] === null ? [] : [[key, texts[i]!] as const]));
  const given = new Map(next.keys.map((key, i) => [key, next.values[i]!]));
  if (next.key && good.length < next.keys.length) {
    left.add(next.key);
    return true;
  }
  for (const [i, key] of next.keys.entries()) if (texts[i] === null) left.add(key);
  if (good.length === 0) return true;
  const seal = sealOf(
    good.map(([key]) => key),
    good.map(([, text]) => text),
  );
  if (!seal) return false;
  await writing(async (tx, table) => {
    if (next.key) {
      const now: unknown = await tx.store.get(next.key);
      const same = isTogether(now) && now.data.keys.every((key, i) => given.get(key) === now.data.values[i]);
      if (same && now.data.keys.length === given.size) table.put(asTogether(good, seal), next.key);
      // A key that stands in it twice: such a one is read anew each time.
      else left.add(next.key);
      return;
    }
    const there = (await tx.store.getAllKeys()).map(String);
    const now = await Promise.all(good.map(([key]) => tx.store.get(key) as Promise<unknown>));
    if (now.some((value, i) => value !== given.get(good[i]![0]))) return;
    table.put(asTogether(good, seal), keyAfter(there)(1));
    for (const [key] of good) table.delete(key);
  });
  return true;
}
