/**
 * Where records lie: one key each (those that come by the thousand many in one value), in the database that
 * AsyncStorage keeps in a browser (its name, version and table), opened here by `idb` so that what is written is
 * answered only once it lies on the disk. The port is small so that tests can stand in for it.
 */
import { openDB, unwrap, type IDBPDatabase, type IDBPObjectStore } from 'idb';

export interface KeyValueStore {
  /** All that lies there, but for one key; where something else than text lies, that. */
  getAll(but: string): Promise<Record<string, string>>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  /** All of them or none: one transaction. */
  setMany(entries: Record<string, string>): Promise<void>;
  /** The same, and only if what stands under a key is still as it should be; whether it was. */
  setManyIf(entries: Record<string, string>, key: string, holds: (text: string | null) => boolean): Promise<boolean>;
  removeMany(keys: string[]): Promise<void>;
}

const NAME = 'moss-kettle';
const VERSION = 1;
const TABLE = 'entries';
/**
 * The browser's default answers a transaction before the device has written it: a battery that dies then takes the last
 * seconds along.
 */
const WRITTEN = { durability: 'strict' } as const;

/** Past so many keys all that lies in the table is read at once: a question for each takes seconds. */
const MANY = 200;

/**
 * Values that come by the thousand lie many in one: the database takes a tenth of a millisecond for each of its own. A
 * later one of these counts before an earlier, a value of its own before them all; what the store itself is told of
 * stays apart. Written in the shape of a record of a version to come, so that an older build leaves it where it is.
 */
const TOGETHER_FROM = 500;
const APART = ['meta/', 'quarantine/'] as const;
export const TOGETHER = 'trip/~together~';
const TOGETHER_VERSION = 1_000_000;
const DIGITS = 9;
const NUMBERED = new RegExp(`^${TOGETHER}(\\d{${DIGITS}})$`);
interface Together {
  version: typeof TOGETHER_VERSION;
  data: { keys: string[]; values: string[] };
}
const isTogether = (x: unknown): x is Together => {
  const { keys, values } = (x as Partial<Together> | null)?.data ?? {};
  return Array.isArray(keys) && Array.isArray(values) && keys.length === values.length;
};
const asTogether = (entries: readonly (readonly [string, string])[]): Together => ({
  version: TOGETHER_VERSION,
  data: { keys: entries.map(([k]) => k), values: entries.map(([, v]) => v) },
});
/** All keys that begin with it. */
const beginning = (text: string): IDBKeyRange => IDBKeyRange.bound(text, `${text}\uffff`);
const mayLieTogether = (key: string): boolean => !APART.some((x) => key.startsWith(x));

let opened: Promise<IDBPDatabase> | null = null;

function database(): Promise<IDBPDatabase> {
  opened ??= openDB(NAME, VERSION, {
    upgrade: (db) => {
      if (!db.objectStoreNames.contains(TABLE)) db.createObjectStore(TABLE);
    },
    // The browser closed it (its data were cleared, say): the next question opens it anew.
    terminated: () => {
      opened = null;
    },
  });
  opened.catch(() => {
    opened = null;
  });
  return opened;
}

/**
 * A transaction, on a connection opened anew where the browser has closed the old one without a word (pages in the
 * background lose theirs). Nothing was done yet when a transaction cannot begin, so it may begin again.
 */
async function begin(mode: 'readonly' | 'readwrite') {
  const start = async () => (await database()).transaction(TABLE, mode, mode === 'readwrite' ? WRITTEN : undefined);
  try {
    return await start();
  } catch (e) {
    if (!(e instanceof DOMException) || e.name !== 'InvalidStateError') throw e;
    opened = null;
    return start();
  }
}

/** What lies together, in the order in which it was written; what is damaged is not among it. */
async function together(table: IDBPObjectStore<unknown, string[], string, IDBTransactionMode>) {
  const range = beginning(TOGETHER);
  const [keys, values] = await Promise.all([table.getAllKeys(range), table.getAll(range)]);
  return keys.flatMap((key, i) => {
    const value: unknown = values[i];
    return isTogether(value) ? [{ key: String(key), ...value.data }] : [];
  });
}

async function readAll(but: string): Promise<Record<string, string>> {
  const { store, done } = await begin('readonly');
  const ranges = [IDBKeyRange.upperBound(but, true), IDBKeyRange.lowerBound(but, true)];
  const parts = await Promise.all(ranges.map((r) => Promise.all([store.getAllKeys(r), store.getAll(r)])));
  await done;
  const own: Record<string, string> = {};
  const all: Record<string, string> = {};
  for (const [keys, values] of parts)
    keys.forEach((k, i) => {
      const key = String(k);
      const value: unknown = values[i];
      if (key.startsWith(TOGETHER) && isTogether(value))
        value.data.keys.forEach((inner, j) => (all[inner] = value.data.values[j]!));
      else own[key] = value as string;
    });
  return Object.assign(all, own);
}

type Writing = Awaited<ReturnType<typeof begin>>;
/** One transaction over the table, all of it or nothing; done when it is. */
async function writing(work: (tx: Writing, table: IDBObjectStore) => Promise<void>): Promise<void> {
  const tx = await begin('readwrite');
  try {
    // What is asked without waiting for it: a single refusal ends the transaction, and that is heard.
    await work(tx, unwrap(tx.store as IDBPObjectStore) as IDBObjectStore);
  } catch (e) {
    tx.done.catch(() => undefined);
    try {
      tx.abort();
    } catch {
      // A request that was refused has ended it already.
    }
    throw e;
  }
  await tx.done;
}

async function fill(tx: Writing, table: IDBObjectStore, entries: Readonly<Record<string, string>>): Promise<void> {
  const all = Object.entries(entries);
  const many = all.filter(([key]) => mayLieTogether(key));
  if (many.length < TOGETHER_FROM) {
    for (const [key, value] of all) table.put(value, key);
    return;
  }
  const there = (await tx.store.getAllKeys()).map(String);
  for (const key of there) if (mayLieTogether(key) && Object.hasOwn(entries, key)) table.delete(key);
  let number = Math.max(0, ...there.flatMap((key) => NUMBERED.exec(key)?.slice(1).map(Number) ?? []));
  for (let at = 0; at < many.length; at += TOGETHER_FROM)
    table.put(asTogether(many.slice(at, at + TOGETHER_FROM)), `${TOGETHER}${String(++number).padStart(DIGITS, '0')}`);
  for (const [key, value] of all) if (!mayLieTogether(key)) table.put(value, key);
}

/** Takes keys away, and with them what lies together and counts no more. */
const remove = (keys: readonly string[]): Promise<void> =>
  writing(async (tx, table) => {
    const lying = await together(tx.store as never);
    if (lying.length > 0) {
      const counts = new Set([...keys, ...(await tx.store.getAllKeys()).map(String)]);
      for (const { key, keys: inner, values } of lying.reverse()) {
        const left = inner.flatMap((k, i) => (counts.has(k) ? [] : [[k, values[i]!] as const]));
        for (const [k] of left) counts.add(k);
        if (left.length === 0) table.delete(key);
        else if (left.length < inner.length) table.put(asTogether(left), key);
      }
    }
    for (const key of keys) table.delete(key);
  });

const STORE: KeyValueStore = {
  getAll: readAll,
  getMany: async (keys) => {
    if (keys.length > MANY) {
      const all = await readAll('');
      return Object.fromEntries(keys.map((key) => [key, all[key] ?? null]));
    }
    const tx = await begin('readonly');
    const values = await Promise.all(keys.map((key) => tx.store.get(key)));
    const found = new Map(keys.map((key, i) => [key, (values[i] as string | undefined) ?? null]));
    if (keys.some((key) => found.get(key) === null && mayLieTogether(key)))
      for (const { keys: inner, values: those } of (await together(tx.store as never)).reverse())
        inner.forEach((key, i) => found.get(key) === null && found.set(key, those[i]!));
    await tx.done;
    return Object.fromEntries(found);
  },
  setMany: (entries) => writing((tx, table) => fill(tx, table, entries)),
  setManyIf: async (entries, key, holds) => {
    let held = false;
    await writing(async (tx, table) => {
      held = holds(((await tx.store.get(key)) as string | undefined) ?? null);
      if (held) await fill(tx, table, entries);
    });
    return held;
  },
  removeMany: remove,
};

export const deviceStore = (): KeyValueStore => STORE;
