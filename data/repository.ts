/** load → migrate → validate → save. What cannot be read is moved aside under quarantine/ and reported, never dropped. */
import { decodeStored } from '../core/exchange/bookDocument';
import type { Problem } from '../core/problems';
import { applyPuts, emptyBook, RECORDS, storageKey, type Book, type Put } from '../core/records';
import { encodeRecord } from '../core/records/define';
import type { KeyValueStore } from './store';

export const QUARANTINE = 'quarantine/';

export interface Quarantined {
  key: string;
  text: string;
  problems: Problem[];
}

export interface Loaded {
  book: Book;
  quarantined: Quarantined[];
}

export async function loadBook(store: KeyValueStore): Promise<Loaded> {
  const keys = await store.getAllKeys();
  const values = keys.length > 0 ? await store.getMany(keys) : {};
  const puts: Put[] = [];
  const quarantined: Quarantined[] = [];
  const moveAside: Quarantined[] = [];
  for (const key of keys) {
    const text = values[key];
    if (text === null || text === undefined) continue;
    const aside = key.startsWith(QUARANTINE);
    const original = aside ? key.slice(QUARANTINE.length) : key;
    const r = decodeStored(original, text);
    if (r.ok) {
      puts.push(r.put);
      continue;
    }
    const q = { key: original, text, problems: r.problems };
    quarantined.push(q);
    if (!aside) moveAside.push(q);
  }
  if (moveAside.length > 0) {
    await store.setMany(Object.fromEntries(moveAside.map((q) => [QUARANTINE + q.key, q.text])));
    await store.removeMany(moveAside.map((q) => q.key));
  }
  return { book: applyPuts(emptyBook(), puts), quarantined };
}

export async function savePuts(store: KeyValueStore, puts: readonly Put[]): Promise<void> {
  await store.setMany(Object.fromEntries(puts.map((p) => [storageKey(p), encodeRecord(RECORDS[p.kind] as never, p.data as never)])));
}

/** Empties the store, quarantine too. */
export async function clearStore(store: KeyValueStore): Promise<void> {
  const keys = await store.getAllKeys();
  if (keys.length > 0) await store.removeMany(keys);
}

/** Puts everything in place of what was there. */
export async function replaceStore(store: KeyValueStore, puts: readonly Put[]): Promise<void> {
  const old = await store.getAllKeys();
  await savePuts(store, puts);
  const kept = new Set(puts.map(storageKey));
  const gone = old.filter((k) => !kept.has(k));
  if (gone.length > 0) await store.removeMany(gone);
}
