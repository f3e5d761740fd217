/**
 * Where records lie: one key each (those that come by the thousand many in one value), in the database that
 * AsyncStorage keeps in a browser (its name, version and table), opened here by `idb` so that what is written is
 * answered only once it lies on the disk. The port is small so that tests can stand in for it.
 */
import { openDB, unwrap, type IDBPDatabase, type IDBPObjectStore } from 'idb';
import { PAST, PAST_OF } from './longPast';
import { rest } from './slices';
import {
  asTogether,
  isSound,
  isTogether,
  keyAfter,
  LONG_OVER,
  mayLieTogether,
  TOGETHER,
  TOGETHER_FROM,
} from './together';

export interface KeyValueStore {
  /** All that lies there, but for one key. */
  getAll(but: string): Promise<AllStored>;
  /** The same without what is long over; `over`: where that lies, it can follow. */
  getLate(but: string): Promise<AllStored & { over: readonly string[] }>;
  /** What is long over; what stands elsewhere too counts there. */
  getLongOver(): Promise<AllStored>;
  /** What is kept of it for this fish. */
  getPastOf(species: string): Promise<unknown>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  /** All of them or none: one transaction. */
  setMany(entries: Record<string, string>): Promise<void>;
  /** The same, `gone` taken away with it; only if what stands under a key is still as it should be; whether it was. */
  setManyIf(
    entries: Record<string, string>,
    key: string,
    holds: (text: string | null) => boolean,
    gone?: readonly string[],
  ): Promise<boolean>;
  removeMany(keys: string[]): Promise<void>;
}

export interface AllStored {
  /** Where something else than text lies, that. */
  values: ReadonlyMap<string, string>;
  /** What this very build has read before and has not changed since, as it was read; a text of it stands above too. */
  sound: ReadonlyMap<string, unknown>;
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

/** All keys that begin with it. */
const beginning = (text: string): IDBKeyRange => IDBKeyRange.bound(text, `${text}\uffff`);
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
export async function begin(mode: 'readonly' | 'readwrite') {
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

/** Of what lies together, what this build has read and found right: the page need not ask again. */
export const sealed = new Set<string>();
/** What cannot be sealed, or put together: something in it cannot be read. */
export const left = new Set<string>();
/** In these nothing that is long over is left. */
export const sifted = new Set<string>();

/** Letters that are read in one go: some milliseconds. */
const AT_ONCE = 150_000;

/** Texts of JSON, read in slices. */
async function parsed(texts: readonly string[]): Promise<unknown[]> {
  const read: unknown[] = [];
  for (let from = 0; from < texts.length;) {
    let to = from;
    for (let letters = 0; to < texts.length && letters < AT_ONCE; to++) letters += texts[to]!.length;
    if (from > 0) await rest();
    read.push(...(JSON.parse(`[${texts.slice(from, to).join()}]`) as unknown[]));
    from = to;
  }
  return read;
}

/** What lies together: of all days, or of some. */
const PACKS = {
  all: () => beginning(TOGETHER),
  late: () => IDBKeyRange.bound(`${LONG_OVER}\uffff`, `${TOGETHER}\uffff`, true),
  longOver: () => beginning(LONG_OVER),
};

/** All that lies alone, but for one key and what is asked for by itself. */
function aloneBut(but: string): IDBKeyRange[] {
  const holes = [[but, but], ...[PAST_OF, TOGETHER].map((of) => [of, `${of}\uffff`])].sort((a, b) =>
    a[0]! < b[0]! ? -1 : 1,
  );
  return [
    IDBKeyRange.upperBound(holes[0]![0], true),
    ...holes.slice(1).map(([from], i) => IDBKeyRange.bound(holes[i]![1], from, true, true)),
    IDBKeyRange.lowerBound(holes.at(-1)![1], true),
  ];
}

/** What lies together, and what lies alone but for one key; null: none of that. */
async function readAll(of: keyof typeof PACKS, but: string | null): Promise<AllStored> {
  const { store, done } = await begin('readonly');
  const ranges = but === null ? [] : aloneBut(but);
  const lying = (await store.getAllKeys(PACKS[of]())).map(String);
  // Each in a request of its own: all at once they would hold the page up.
  const [parts, packs] = await Promise.all([
    Promise.all(ranges.map((r) => Promise.all([store.getAllKeys(r), store.getAll(r)]))),
    Promise.all(lying.map((key) => store.get(key) as Promise<unknown>)),
  ]);
  await done;
  const values = new Map<string, string>();
  const sound = new Map<string, unknown>();
  for (const [i, key] of lying.entries()) {
    if (i > 0) await rest();
    const pack = packs[i];
    if (!isTogether(pack)) {
      values.set(key, pack as string);
      continue;
    }
    const whole = isSound(pack.data);
    if (whole) sealed.add(key);
    else sealed.delete(key);
    const read = whole ? await parsed(pack.data.values) : null;
    pack.data.keys.forEach((inner, j) => {
      values.set(inner, pack.data.values[j]!);
      if (read) sound.set(inner, read[j]);
      else sound.delete(inner);
    });
  }
  for (const [keys, own] of parts)
    keys.forEach((key, i) => {
      values.set(String(key), own[i] as string);
      sound.delete(String(key));
    });
  return { values, sound };
}

type Writing = Awaited<ReturnType<typeof begin>>;
/** One transaction over the table, all of it or nothing; done when it is. Nothing of it where the work says `false`. */
export async function writing(
  work: (tx: Writing, table: IDBObjectStore) => Promise<void> | Promise<boolean>,
): Promise<boolean> {
  const tx = await begin('readwrite');
  const giveUp = (): void => {
    tx.done.catch(() => undefined);
    try {
      tx.abort();
    } catch {
      // A request that was refused has ended it already.
    }
  };
  try {
    // What is asked without waiting for it: a single refusal ends the transaction, and that is heard.
    if ((await work(tx, unwrap(tx.store as IDBPObjectStore) as IDBObjectStore)) === false) {
      giveUp();
      return false;
    }
  } catch (e) {
    giveUp();
    throw e;
  }
  await tx.done;
  return true;
}

/** What was made of the days long over counts no more: what lies there is changed. */
export function forgetPast(table: IDBObjectStore, changed: string): void {
  if (changed.startsWith(LONG_OVER)) table.delete(beginning(PAST));
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
  const next = keyAfter(there);
  for (let nth = 0; nth * TOGETHER_FROM < many.length; nth++)
    table.put(asTogether(many.slice(nth * TOGETHER_FROM, (nth + 1) * TOGETHER_FROM)), next(nth + 1));
  for (const [key, value] of all) if (!mayLieTogether(key)) table.put(value, key);
}

/** Takes keys away, and with them what lies together and counts no more. */
async function take(tx: Writing, table: IDBObjectStore, keys: readonly string[]): Promise<void> {
  const lying = await together(tx.store as never);
  if (lying.length > 0) {
    const counts = new Set([...keys, ...(await tx.store.getAllKeys()).map(String)]);
    for (const { key, keys: inner, values } of lying.reverse()) {
      const still = inner.flatMap((k, i) => (counts.has(k) ? [] : [[k, values[i]!] as const]));
      for (const [k] of still) counts.add(k);
      if (still.length < inner.length) {
        for (const known of [sealed, left, sifted]) known.delete(key);
        forgetPast(table, key);
      }
      if (still.length === 0) table.delete(key);
      else if (still.length < inner.length) table.put(asTogether(still), key);
    }
  }
  for (const key of keys) {
    left.delete(key);
    table.delete(key);
  }
}

/** Where what is long over lies. */
export async function longOverKeys(): Promise<string[]> {
  const { store, done } = await begin('readonly');
  const keys = await store.getAllKeys(beginning(LONG_OVER));
  await done;
  return keys.map(String);
}

const STORE: KeyValueStore = {
  getAll: (but) => readAll('all', but),
  getLate: async (but) => ({ ...(await readAll('late', but)), over: await longOverKeys() }),
  getLongOver: () => readAll('longOver', null),
  getPastOf: async (species) => {
    const { store, done } = await begin('readonly');
    const value: unknown = await store.get(`${PAST_OF}${species}`);
    await done;
    return value;
  },
  getMany: async (keys) => {
    if (keys.length > MANY) {
      const { values } = await readAll('all', '');
      return Object.fromEntries(keys.map((key) => [key, values.get(key) ?? null]));
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
  setMany: async (entries) => {
    await writing((tx, table) => fill(tx, table, entries));
  },
  setManyIf: (entries, key, holds, gone = []) =>
    writing(async (tx, table) => {
      const held = tx.store.get(key).then((text) => holds((text as string | undefined) ?? null));
      // What the transaction refuses is told by what is written.
      held.catch(() => undefined);
      // A few are written without waiting for the answer; where it is no, all of it is taken back.
      const few = gone.length === 0 && Object.keys(entries).length < TOGETHER_FROM;
      if (few) await fill(tx, table, entries);
      if (!(await held)) return false;
      if (!few) await fill(tx, table, entries);
      if (gone.length > 0) await take(tx, table, gone);
      return true;
    }),
  removeMany: async (keys) => {
    await writing((tx, table) => take(tx, table, keys));
  },
};

export const deviceStore = (): KeyValueStore => STORE;
