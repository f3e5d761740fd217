/**
 * Makes what lies in the device's store quick to open, when the page is at rest: what lies alone by the thousand is put
 * together, what this build has read is sealed, and what belongs to days long over is put apart.
 */
import type { MadeOf } from '../core/lessons/longPast';
import type { TaughtDay } from '../core/lessons/history';
import type { TaughtByFish } from '../core/lessons/makeLongPast';
import type { Steps } from '../core/base/steps';
import { madeIn, MARK, PAST, PAST_OF, WORTH_LEAVING } from './longPast';
import { REVISION } from './repository';
import { stepByStep } from './slices';
import { begin, forgetPast, left, longOverKeys, sealed, sifted, writing } from './store';
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
type AsWritten = (key: string, text: string) => string | null;
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
    forgetPast(table, LONG_OVER);
    const apart = keyAfter((await tx.store.getAllKeys()).map(String), LONG_OVER)(1);
    table.put(sealedTogether(over), apart);
    sealed.add(apart);
    if (rest.length > 0) table.put(sealedTogether(rest), key);
    else table.delete(key);
  });
  return true;
}

/** What this build can read of these, as it would be written today. */
const readable = (keys: readonly string[], values: readonly string[], asWritten: AsWritten): Entry[] =>
  keys.flatMap((key, i) => {
    const text = asWritten(key, values[i]!);
    return text === null ? [] : [[key, text] as const];
  });

/** What cannot be read stays where it is. */
function leave(keys: readonly string[], good: readonly Entry[]): void {
  const read = new Set(good.map(([key]) => key));
  for (const key of keys) if (!read.has(key)) left.add(key);
}

/**
 * Puts what lies alone and is long over to the rest of it, so that no day lies half here and half there: once all that
 * lies together was looked through, as an older text there would count before it.
 */
async function putOver(asWritten: AsWritten, isLongOver: (key: string) => boolean): Promise<boolean> {
  const { store, done } = await begin('readonly');
  const keys = (await store.getAllKeys()).map(String);
  const lying = keys.filter((k) => k.startsWith(TOGETHER));
  const over = lying.filter((k) => k.startsWith(LONG_OVER));
  const some = keys
    .filter((k) => mayLieTogether(k) && !k.startsWith(TOGETHER) && !left.has(k) && isLongOver(k))
    .slice(0, TOGETHER_FROM);
  const values = (await Promise.all(some.map((k) => store.get(k)))) as string[];
  const last = over.at(-1);
  // Where it is sealed, this build can seal.
  const pack: unknown = last && sealed.has(last) ? await store.get(last) : null;
  await done;
  if (some.length === 0 || lying.some((k) => !k.startsWith(LONG_OVER) && !sifted.has(k))) return false;
  const good = readable(some, values, asWritten);
  leave(some, good);
  if (good.length === 0) return true;
  if (!isTogether(pack)) return false;
  const there = entriesOf(pack);
  const room = there.length + good.length <= TOGETHER_FROM ? last : undefined;
  const all = new Map([...(room ? there : []), ...good]);
  await writing(async (tx, table) => {
    const now = await Promise.all(good.map(([key]) => tx.store.get(key) as Promise<unknown>));
    const packNow: unknown = room ? await tx.store.get(room) : null;
    if (now.some((value, i) => value !== values[some.indexOf(good[i]![0])])) return;
    if (room && !(isTogether(packNow) && isSame(entriesOf(packNow), there))) return;
    const at = room ?? keyAfter((await tx.store.getAllKeys()).map(String), LONG_OVER)(1);
    forgetPast(table, LONG_OVER);
    table.put(sealedTogether([...all]), at);
    for (const [key] of good) table.delete(key);
    sealed.add(at);
  });
  return true;
}

/** As it is kept, made while what is long over lay under these keys; null where this build cannot seal it. */
function keptPast(
  made: MadeOf,
  over: readonly string[],
  taught: ReadonlyMap<string, readonly TaughtDay[]>,
): Record<string, Together> | null {
  const first = sealedTogether([[MARK, JSON.stringify({ ...made, over })]]);
  const mark = first.data.seal?.sum;
  if (mark === undefined) return null;
  const rows = [...taught].map(([species, days]) => [
    `${PAST_OF}${species}`,
    sealedTogether([
      [MARK, mark],
      ...days.flatMap((day) => day.blocks.map((text) => [`${day.startedAtMs} ${day.id}`, text] as const)),
    ]),
  ]);
  return { [PAST]: first, ...(Object.fromEntries(rows) as Record<string, Together>) };
}

/** Whether all that lies apart is of days long over now: one that was taken up again is not. */
async function isAllOver(over: readonly string[], isLongOver: (key: string) => boolean): Promise<boolean> {
  for (const key of over) {
    if (!sealed.has(key)) return false;
    const { store, done } = await begin('readonly');
    const pack: unknown = await store.get(key);
    await done;
    if (!isTogether(pack) || !pack.data.keys.every(isLongOver)) return false;
  }
  return true;
}

/** What the days long over teach, and what that is made of. */
export interface PastMaker {
  made: () => MadeOf;
  taught: (made: MadeOf) => Steps<TaughtByFish>;
  /** Whether what is stored is still what it is made of. */
  isStill: (revision: string | null) => boolean;
}

/** Keeps what the days long over teach, where they all lie apart and nothing is kept that still counts. */
export async function keepPast(
  isLongOver: (key: string) => boolean,
  { made: make, taught, isStill }: PastMaker,
): Promise<void> {
  const over = await longOverKeys();
  if (over.length < WORTH_LEAVING) return;
  const { store, done } = await begin('readonly');
  const kept: unknown = await store.get(PAST);
  await done;
  const made = make();
  if (JSON.stringify(madeIn(kept, over)?.made) === JSON.stringify(made)) return;
  if (!(await isAllOver(over, isLongOver))) return;
  const entries = keptPast(made, over, (await stepByStep(taught(made), () => true))!);
  if (!entries) return;
  await writing(async (tx, table) => {
    const [keys, revision] = await Promise.all([tx.store.getAllKeys(), tx.store.get(REVISION)]);
    const lying = keys.map(String).filter((k) => k.startsWith(LONG_OVER));
    if (lying.join() !== over.join() || !isStill((revision as string | undefined) ?? null)) return;
    forgetPast(table, LONG_OVER);
    for (const [key, value] of Object.entries(entries)) table.put(value, key);
  });
}

/**
 * One step of it; whether there may be more to do. `asWritten`: a text as it would be written today; null where it
 * cannot be read. `isLongOver`: what belongs to days that are, by its key.
 */
export async function tidy(asWritten: AsWritten, isLongOver: (key: string) => boolean): Promise<boolean> {
  const next = await untidy();
  if (!next) return (await sift(isLongOver)) || putOver(asWritten, isLongOver);
  const good = readable(next.keys, next.values, asWritten);
  const given = new Map(next.keys.map((key, i) => [key, next.values[i]!]));
  if (next.key && good.length < next.keys.length) {
    left.add(next.key);
    return true;
  }
  leave(next.keys, good);
  if (good.length === 0) return true;
  const seal = sealOf(
    good.map(([key]) => key),
    good.map(([, text]) => text),
  );
  if (!seal) return false;
  await writing(async (tx, table) => {
    if (next.key) {
      forgetPast(table, next.key);
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
