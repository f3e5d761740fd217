/**
 * What the model said of blocks gone by, kept on the device from one opening to the next: to ask it anew of a log of
 * many years takes seconds. It counts for the very script that worked it out; another may think otherwise.
 */
import { openDB, type IDBPDatabase } from 'idb';
import { madeSince, recall, type Judgement } from '../core/learning/judged';

const NAME = 'moss-kettle-judged';
const TABLE = 'judged';
const ALL = 'all';
/** So many blocks, the newest. */
const MOST = 6000;
/** Nobody waits longer for it, ms: then they are judged anew. */
const PATIENCE_MS = 1000;

interface KeptOnDevice {
  script: string;
  of: [string, Judgement][];
}

/** Opened for the moment: a worker may be ended at any time, and should leave nothing open. */
async function on<T>(run: (db: IDBPDatabase) => Promise<T>): Promise<T> {
  const db = await openDB(NAME, 1, { upgrade: (made) => void made.createObjectStore(TABLE) });
  try {
    return await run(db);
  } finally {
    db.close();
  }
}

/** What lies there of this script; of another, or damaged: nothing. */
function ofScript(value: unknown, script: string): [string, Judgement][] {
  const { script: by, of } = (value ?? {}) as Partial<KeptOnDevice>;
  return by === script && Array.isArray(of) ? of.filter((x) => Array.isArray(x)) : [];
}

/** A script whose name tells what is in it ends with the hash of that. */
const NAMED = /-[0-9a-f]{32}\.js$/;

/** Keeps for the script at this address, on a device that has a database; else it does nothing. */
export function judgedBefore(script: string): { recalled: () => Promise<void>; keepMade: () => Promise<void> } {
  const isKept = NAMED.test(script) && typeof indexedDB !== 'undefined';
  let asked: Promise<void> | null = null;
  const read = async (): Promise<void> => recall(ofScript(await on((db) => db.get(TABLE, ALL)), script));
  return {
    /** Once what was kept has been taken in, or cannot be. */
    recalled: () => {
      if (!isKept) return Promise.resolve();
      return (asked ??= new Promise((go) => {
        const late = setTimeout(go, PATIENCE_MS);
        void read()
          .catch(() => undefined)
          .then(() => (clearTimeout(late), go()));
      }));
    },
    /** Keeps what was judged since; what the device has no room for is judged anew. */
    keepMade: async () => {
      const made = madeSince();
      if (!isKept || made.length === 0) return;
      await on(async (db) => {
        const tx = db.transaction(TABLE, 'readwrite');
        const all = new Map([...ofScript(await tx.store.get(ALL), script), ...made]);
        await tx.store.put({ script, of: [...all].slice(-MOST) } satisfies KeptOnDevice, ALL);
        await tx.done;
      }).catch(() => undefined);
    },
  };
}
