/**
 * Where workers keep what they have worked out, from one opening to the next. All of it counts for the very script that
 * worked it out: another may think otherwise. Nothing hangs on it: what is not there is worked out anew.
 */
import { deleteDB, openDB, type IDBPDatabase } from 'idb';

const NAME = 'moss-kettle-worked-out';
/** What the model said of blocks gone by; one value. */
export const JUDGED = 'judged';
/** Answers, the oldest first: found by their name, counted by their kind. */
export const ANSWERS = 'answers';
/** Nobody waits longer for what is kept, ms. */
const PATIENCE_MS = 1000;

/** Opened for the moment: a worker may be ended at any time, and leaves nothing open that way. */
export async function onDevice<T>(run: (db: IDBPDatabase) => Promise<T>): Promise<T> {
  const db = await openDB(NAME, 1, {
    upgrade: (made) => {
      made.createObjectStore(JUDGED);
      const answers = made.createObjectStore(ANSWERS, { autoIncrement: true });
      answers.createIndex('name', 'name');
      answers.createIndex('kind', 'kind');
    },
  });
  try {
    return await run(db);
  } finally {
    db.close();
  }
}

/** All of it, of every script: with a record that was cleared goes what was made of it. */
export const forgetAll = (): Promise<void> => deleteDB(NAME);

/** A script whose name tells what is in it ends with the hash of that. */
const NAMED = /-[0-9a-f]{32}\.js$/;
/** Whether the script at this address can keep anything here. */
export const mayKeep = (script: string): boolean => NAMED.test(script) && typeof indexedDB !== 'undefined';

/** What was asked of the device, or nothing where it fails or takes too long. */
export const soon = <T>(asked: Promise<T>): Promise<T | undefined> =>
  new Promise((go) => {
    const late = setTimeout(() => go(undefined), PATIENCE_MS);
    const done = (value?: T): void => {
      clearTimeout(late);
      go(value);
    };
    asked.then(done, () => done());
  });
