/**
 * load → migrate → validate → save. What cannot be read is moved aside under quarantine/ and reported, never dropped.
 * Every write is one transaction and carries the store's revision, so that another tab can tell what it has not seen.
 */
import { decodeStored } from '../core/exchange/bookDocument';
import type { Problem } from '../core/base/problems';
import { applyPuts, emptyBook, RECORDS, storageKey, type Book, type Put } from '../core/records';
import { encodeRecord } from '../core/records/define';
import type { KeyValueStore } from './store';

export const QUARANTINE = 'quarantine/';
const META = 'meta/';
const REVISION = `${META}revision`;
/**
 * Keys still to be removed after a whole record was replaced; a page killed in between is caught up with at the next
 * load.
 */
const REPLACING = `${META}replacing`;

export interface Quarantined {
  key: string;
  text: string;
  problems: Problem[];
}

export interface Loaded {
  book: Book;
  quarantined: Quarantined[];
  revision: Revision;
}

/** How often the store was written, and which keys the latest writes touched; null where everything changed. */
export interface Revision {
  count: number;
  recent: readonly { count: number; keys: readonly string[] | null }[];
}
const RECENT = 40;
const NEVER_WRITTEN: Revision = { count: 0, recent: [] };

const following = (r: Revision, keys: readonly string[] | null): Revision => ({
  count: r.count + 1,
  recent: [...r.recent, { count: r.count + 1, keys }].slice(-RECENT),
});

function parseRevision(text: string | null | undefined): Revision {
  if (!text) return NEVER_WRITTEN;
  try {
    const r = JSON.parse(text) as Partial<Revision>;
    return typeof r.count === 'number' && Array.isArray(r.recent) ? (r as Revision) : NEVER_WRITTEN;
  } catch {
    // A damaged count is only a count: everything is read anew.
    return NEVER_WRITTEN;
  }
}

export const readRevision = async (store: KeyValueStore): Promise<Revision> =>
  parseRevision((await store.getMany([REVISION]))[REVISION]);

/** The keys written between two revisions; null when that is not known or when everything changed. */
export function keysSince(seen: Revision, now: Revision): string[] | null {
  const missed = now.recent.filter((r) => r.count > seen.count);
  if (now.count < seen.count || missed.length !== now.count - seen.count || missed.some((r) => r.keys === null))
    return null;
  return [...new Set(missed.flatMap((r) => r.keys!))];
}

export async function loadBook(store: KeyValueStore): Promise<Loaded> {
  await finishReplacing(store);
  const keys = await store.getAllKeys();
  const values = keys.length > 0 ? await store.getMany(keys) : {};
  const puts: Put[] = [];
  const quarantined = new Map<string, Quarantined>();
  const moveAside: Quarantined[] = [];
  const present = new Set(keys);
  for (const key of keys) {
    const text = values[key];
    if (text === null || text === undefined || key.startsWith(META)) continue;
    const aside = key.startsWith(QUARANTINE);
    const original = aside ? key.slice(QUARANTINE.length) : key;
    const r = decodeStored(original, text);
    if (r.ok) {
      // What was moved aside never takes the place of what was stored since.
      if (!aside || !present.has(original)) puts.push(r.put);
      continue;
    }
    const q = { key: original, text, problems: r.problems };
    quarantined.set(original, q);
    if (!aside) moveAside.push(q);
  }
  if (moveAside.length > 0) {
    await store.setMany(Object.fromEntries(moveAside.map((q) => [QUARANTINE + q.key, q.text])));
    await store.removeMany(moveAside.map((q) => q.key));
  }
  return {
    book: applyPuts(emptyBook(), puts),
    quarantined: [...quarantined.values()],
    revision: parseRevision(values[REVISION]),
  };
}

/** Records by their keys; null when one of them cannot be read or is gone, and only a whole load can tell. */
export async function loadKeys(store: KeyValueStore, keys: string[]): Promise<Put[] | null> {
  const values = await store.getMany(keys);
  const puts: Put[] = [];
  for (const key of keys) {
    const text = values[key];
    const r = text ? decodeStored(key, text) : null;
    if (!r?.ok) return null;
    puts.push(r.put);
  }
  return puts;
}

const encoded = (puts: readonly Put[]): Record<string, string> =>
  Object.fromEntries(puts.map((p) => [storageKey(p), encodeRecord(RECORDS[p.kind] as never, p.data as never)]));

/** Stores changes, all or none; the revision they made. */
export async function savePuts(store: KeyValueStore, puts: readonly Put[], seen: Revision): Promise<Revision> {
  const entries = encoded(puts);
  const next = following(seen, Object.keys(entries));
  await store.setMany({ ...entries, [REVISION]: JSON.stringify(next) });
  return next;
}

/** Puts everything in place of what was there, quarantine too; killed in the middle, the next load finishes it. */
export async function replaceStore(store: KeyValueStore, puts: readonly Put[], seen: Revision): Promise<Revision> {
  const entries = encoded(puts);
  const gone = (await store.getAllKeys()).filter((k) => !(k in entries) && !k.startsWith(META));
  const next = following(seen, null);
  await store.setMany({ ...entries, [REVISION]: JSON.stringify(next), [REPLACING]: JSON.stringify(gone) });
  await finishReplacing(store);
  return next;
}

async function finishReplacing(store: KeyValueStore): Promise<void> {
  const text = (await store.getMany([REPLACING]))[REPLACING];
  if (!text) return;
  const gone = JSON.parse(text) as string[];
  if (gone.length > 0) await store.removeMany(gone);
  await store.removeMany([REPLACING]);
}
