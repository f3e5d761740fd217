/**
 * Pictures, each under the id of its photo: in a database of their own, so that the record stays quick to open and a
 * device without room for a picture still takes the log. A picture is kept before its photo is recorded, so that no
 * photo stands without one.
 */
import { openDB, type IDBPDatabase } from 'idb';

export type PictureBytes = Uint8Array<ArrayBuffer>;

export interface Pictures {
  /** Kept once this is done; throws where the device refuses it. */
  keep: (id: string, jpeg: PictureBytes, atMs: number) => Promise<void>;
  /** Null: not on this device. */
  read: (id: string) => Promise<PictureBytes | null>;
  /** Ids of those kept before this moment. */
  keptBefore: (atMs: number) => Promise<string[]>;
  drop: (ids: readonly string[]) => Promise<void>;
}

interface Kept {
  jpeg: PictureBytes;
  atMs: number;
}

/** On this page alone. */
export function memoryPictures(): Pictures {
  const all = new Map<string, Kept>();
  return {
    keep: async (id, jpeg, atMs) => void all.set(id, { jpeg, atMs }),
    read: async (id) => all.get(id)?.jpeg ?? null,
    keptBefore: async (atMs) => [...all].flatMap(([id, kept]) => (kept.atMs < atMs ? id : [])),
    drop: async (ids) => ids.forEach((id) => all.delete(id)),
  };
}

const NAME = 'moss-kettle-pictures';
const TABLE = 'pictures';

let opened: Promise<IDBPDatabase> | null = null;

function database(): Promise<IDBPDatabase> {
  opened ??= openDB(NAME, 1, {
    upgrade: (db) => void db.createObjectStore(TABLE),
    terminated: () => {
      opened = null;
    },
  });
  opened.catch(() => {
    opened = null;
  });
  return opened;
}

/** Runs on a connection, opened anew where the browser has closed the old one without a word. */
async function on<T>(run: (db: IDBPDatabase) => Promise<T>): Promise<T> {
  try {
    return await run(await database());
  } catch (e) {
    if (!(e instanceof DOMException) || e.name !== 'InvalidStateError') throw e;
    opened = null;
    return run(await database());
  }
}

/** The device's own. */
export const storedPictures: Pictures = {
  keep: (id, jpeg, atMs) =>
    on(async (db) => {
      const tx = db.transaction(TABLE, 'readwrite', { durability: 'strict' });
      await Promise.all([tx.store.put({ jpeg, atMs } satisfies Kept, id), tx.done]);
    }),
  read: (id) => on(async (db) => ((await db.get(TABLE, id)) as Kept | undefined)?.jpeg ?? null),
  keptBefore: (atMs) =>
    on(async (db) => {
      const ids: string[] = [];
      const tx = db.transaction(TABLE);
      // One at a time: all of them at once may be more than the device has room for.
      for (let at = await tx.store.openCursor(); at; at = await at.continue())
        if ((at.value as Kept).atMs < atMs) ids.push(String(at.key));
      return ids;
    }),
  drop: (ids) =>
    on(async (db) => {
      const tx = db.transaction(TABLE, 'readwrite');
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done]);
    }),
};
