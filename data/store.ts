/**
 * Where records lie: one key each, in the database that AsyncStorage keeps in a browser (its name, version and table),
 * opened here by `idb` so that what is written is answered only once it lies on the disk. The port is small so that
 * tests can stand in for it.
 */
import { openDB, unwrap, type IDBPDatabase } from 'idb';

export interface KeyValueStore {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  /** All of them or none: one transaction. */
  setMany(entries: Record<string, string>): Promise<void>;
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

/** One transaction over the table; done when all of it is. */
async function writing(
  work: (put: (key: string, value: string) => unknown, remove: (key: string) => unknown) => void,
): Promise<void> {
  const tx = await begin('readwrite');
  // Asked without waiting for each: a single refusal ends the transaction, and that is heard.
  const table = unwrap(tx.store) as IDBObjectStore;
  work(
    (key, value) => table.put(value, key),
    (key) => table.delete(key),
  );
  await tx.done;
}

const STORE: KeyValueStore = {
  getAllKeys: async () => (await (await begin('readonly')).store.getAllKeys()).map(String),
  getMany: async (keys) => {
    const tx = await begin('readonly');
    if (keys.length > MANY) {
      const [there, all] = await Promise.all([tx.store.getAllKeys(), tx.store.getAll()]);
      await tx.done;
      const found = new Map(there.map((key, i) => [String(key), all[i] as string]));
      return Object.fromEntries(keys.map((key) => [key, found.get(key) ?? null]));
    }
    const values = await Promise.all(
      keys.map(async (key) => ((await tx.store.get(key)) as string | undefined) ?? null),
    );
    await tx.done;
    return Object.fromEntries(keys.map((key, i) => [key, values[i]!]));
  },
  setMany: (entries) =>
    writing((put) => {
      for (const [key, value] of Object.entries(entries)) put(key, value);
    }),
  removeMany: (keys) => writing((_, remove) => keys.forEach(remove)),
};

export const deviceStore = (): KeyValueStore => STORE;
