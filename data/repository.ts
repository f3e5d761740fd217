/**
 * load → migrate → validate → save. What cannot be read is moved aside under quarantine/ and reported, never dropped.
 * Every write is one transaction and carries the store's revision, so that another tab can tell what it has not seen.
 */
import { decodeStored, encoded, storable, storedBefore, type Storable } from '../core/exchange/bookDocument';
import type { Problem } from '../core/base/problems';
import { isAsMade, type MadeOf } from '../core/lessons/longPast';
import { activeTrip, bookBuilder, put, recordsOf, type Book, type Kind, type Put } from '../core/records';
import { REPLACED_BY, type Before } from '../core/records/replaced';
import { madeIn, PAST, taughtIn, WORTH_LEAVING, type LongPast } from './longPast';
import { inSlices } from './slices';
import type { AllStored, KeyValueStore } from './store';

export const QUARANTINE = 'quarantine/';
const META = 'meta/';
/** How often was stored, and what of late. */
export const REVISION = `${META}revision`;
/** All that was stored before the record was last replaced, to be put back; and a few words on it, cheap to read. */
const BEFORE = `${META}before`;
const BEFORE_HEAD = `${META}before-head`;
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
  /** Values that only a newer build can read: left where they are, and nothing is stored while there are any. */
  newer: number;
  before: Before | null;
  revision: Revision;
  /** There where what is long over was left unread: what stands for it, and how it is read after all. */
  late?: Late;
}

export interface Late extends LongPast {
  made: MadeOf;
  rest: ReadRest;
}

/** Reads what is long over; `under`: puts it under the days of late as they stand by then, which count before it. */
type ReadRest = (
  standing: () => Revision,
) => Promise<Pick<Loaded, 'quarantined' | 'newer'> & { under: (late: Book) => Book }>;

/** A change that our own reader would refuse: it is never written. */
export class Unreadable extends Error {
  constructor(readonly problems: readonly Problem[]) {
    super(problems.map((x) => `${x.path}: ${x.expected}`).join('; '));
    this.name = 'Unreadable';
  }
}

/** How often the store was written, and which keys the latest writes touched; null where everything changed. */
export interface Revision {
  count: number;
  recent: readonly { count: number; keys: readonly string[] | null }[];
}
const RECENT = 40;
/** Of a longer write the keys are not listed: other tabs read everything anew. */
const LISTED = 200;
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

/** Whether nobody has stored since. */
export const isStill =
  (seen: Revision) =>
  (text: string | null): boolean =>
    parseRevision(text).count === seen.count;

export const readRevision = async (store: KeyValueStore): Promise<Revision> =>
  parseRevision((await store.getMany([REVISION]))[REVISION]);

/** The keys written between two revisions; null when that is not known or when everything changed. */
export function keysSince(seen: Revision, now: Revision): string[] | null {
  const missed = now.recent.filter((r) => r.count > seen.count);
  if (now.count < seen.count || missed.length !== now.count - seen.count || missed.some((r) => r.keys === null))
    return null;
  return [...new Set(missed.flatMap((r) => r.keys!))];
}

/** What stands under a key as text, also where something else than text was stored. */
const asText = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value ?? null));

const isNewer = (problems: readonly Problem[]): boolean => problems.some((x) => x.code === 'newer-version');

function parseBefore(text: string | null | undefined): Before | null {
  try {
    const b = JSON.parse(text ?? 'null') as Partial<Before> | null;
    return b && typeof b.atMs === 'number' && typeof b.records === 'number' && REPLACED_BY.includes(b.by!)
      ? (b as Before)
      : null;
  } catch {
    return null;
  }
}

/** To read a text that this build has not read before takes as long as so many that it has. */
const UNREAD = 25;

/** Reads what was stored, part by part: what cannot be read is quarantined, what a newer build wrote is left. */
function reading() {
  const quarantined = new Map<string, Quarantined>();
  const moveAside: Quarantined[] = [];
  /** What was moved aside and can be read after all. */
  const brought = new Map<string, Put>();
  const counted = { newer: 0 };
  const read = async ({ values, sound }: AllStored, counts: (key: string) => boolean, add: (p: Put) => void) => {
    const keys = [...values.keys()].filter((k) => !k.startsWith(META) && counts(k));
    await inSlices(keys, (key) => {
      if (sound.has(key)) {
        add(storedBefore(key, sound.get(key)));
        return 1;
      }
      const text = asText(values.get(key));
      const aside = key.startsWith(QUARANTINE);
      const original = aside ? key.slice(QUARANTINE.length) : key;
      const r = decodeStored(original, text);
      if (r.ok) {
        if (aside) brought.set(original, r.put);
        else add(r.put);
        return UNREAD;
      }
      // A newer build reads it: another page has it open, or had.
      if (!aside && isNewer(r.problems)) {
        counted.newer++;
        return UNREAD;
      }
      const q = { key: original, text, problems: r.problems };
      quarantined.set(original, q);
      if (!aside) moveAside.push(q);
      return UNREAD;
    });
  };
  return { read, quarantined, moveAside, brought, counted };
}

/**
 * All that is stored. `dayStands`: what is long over may be left unread where what it teaches was kept; else this is
 * given the days of late, where something is still to be read, and the page can go on with them until then, and stores
 * nothing.
 */
export async function loadBook(store: KeyValueStore, dayStands?: (day: Loaded) => Promise<void>): Promise<Loaded> {
  const ask = async (): Promise<AllStored & { over: readonly string[] }> =>
    dayStands ? store.getLate(BEFORE) : { ...(await store.getAll(BEFORE)), over: [] };
  let late = await ask();
  if (late.values.has(REPLACING)) {
    await finishReplacing(store);
    late = await ask();
  }
  const { values, over } = late;
  const { read, quarantined, moveAside, brought, counted } = reading();
  const building = bookBuilder();
  await read(late, () => true, building.add);
  const revision = parseRevision(values.get(REVISION));
  const before = parseBefore(values.get(BEFORE_HEAD));
  const loaded = (book: Book): Loaded => ({
    book,
    quarantined: [...quarantined.values()],
    newer: counted.newer,
    before,
    revision,
  });
  /** What was moved aside never takes the place of what was stored since. */
  const bring = (there: ReadonlyMap<string, unknown>, add: (p: Put) => void): void => {
    for (const [key, p] of brought) if (!values.has(key) && !there.has(key)) add(p);
  };
  /** Where another page has stored since, the next to open it moves them. */
  const putAside = async (seen: Revision): Promise<void> => {
    if (moveAside.length > 0)
      await store.setManyIf(
        Object.fromEntries(moveAside.map((q) => [QUARANTINE + q.key, q.text])),
        REVISION,
        isStill(seen),
        moveAside.map((q) => q.key),
      );
  };
  /** What is long over; what is of late is added to it, and then the whole is there. */
  const readLongOver = async () => {
    const past = bookBuilder();
    const kinds = new Set<Kind>();
    const add = (p: Put): void => {
      kinds.add(p.kind);
      past.add(p);
    };
    const longOver = await store.getLongOver();
    await read(longOver, (key) => !values.has(key), add);
    bring(longOver.values, add);
    return {
      ofLate: (of: Book): Put[] =>
        [...kinds].flatMap((kind) => recordsOf(of, kind).map((data) => put(kind, data as never))),
      add: past.add,
      whole: (of: Book): Book => {
        const all = past.book();
        return { ...of, ...Object.fromEntries([...kinds].map((kind) => [kind, all[kind]])) };
      },
    };
  };
  if (over.length === 0) bring(values, building.add);
  const book = building.book();
  if (over.length === 0 || !dayStands) {
    await putAside(revision);
    return loaded(book);
  }
  const past = quarantined.size + brought.size + counted.newer > 0 ? null : await pastFor(store, late, book);
  if (past) {
    const rest: ReadRest = async (standing) => {
      const longOver = await readLongOver();
      await putAside(standing());
      const under = (of: Book): Book => {
        longOver.ofLate(of).forEach(longOver.add);
        return longOver.whole(of);
      };
      return { under, quarantined: [...quarantined.values()], newer: counted.newer };
    };
    return { ...loaded(book), late: { ...past, rest } };
  }
  await dayStands(loaded(book));
  const longOver = await readLongOver();
  await inSlices(longOver.ofLate(book), (p) => {
    longOver.add(p);
    return 1;
  });
  // Another page has stored meanwhile, and what was read belongs to two states.
  if ((await readRevision(store)).count !== revision.count) return loadBook(store);
  await putAside(revision);
  return loaded(longOver.whole(book));
}

/** What stands for the days long over, of the fish of the day under way; null where nothing does. */
async function pastFor(
  store: KeyValueStore,
  { values, over }: AllStored & { over: readonly string[] },
  book: Book,
): Promise<Omit<Late, 'rest'> | null> {
  if (over.length < WORTH_LEAVING) return null;
  const kept = madeIn(values.get(PAST), over);
  if (!kept || !isAsMade(kept.made, book)) return null;
  const species = activeTrip(book)?.species ?? null;
  const days = species === null ? [] : taughtIn(await store.getPastOf(species), kept, species);
  return days && { made: kept.made, species, days };
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

/** Another page has stored since: what was to be stored must be worked out anew. */
export class Behind extends Error {}

/**
 * Stores changes, all or none; the revision they made. Refuses what could not be read again (Unreadable), and what was
 * made of a state that is no more (Behind).
 */
export async function savePuts(store: KeyValueStore, puts: readonly Put[], seen: Revision): Promise<Revision> {
  const { entries, problems } = storable(puts);
  if (problems.length > 0) throw new Unreadable(problems);
  return saveEntries(store, entries, seen);
}

/** The same for what was read back already. */
export async function saveEntries(
  store: KeyValueStore,
  entries: Storable['entries'],
  seen: Revision,
): Promise<Revision> {
  const keys = Object.keys(entries);
  const next = following(seen, keys.length > LISTED ? null : keys);
  const all = { ...entries, [REVISION]: JSON.stringify(next) };
  if (!(await store.setManyIf(all, REVISION, isStill(seen)))) throw new Behind();
  return next;
}

/** Whether, when and why what is stored gives way; without `keep` there is no way back. */
export interface Replacing extends Pick<Before, 'atMs' | 'by'> {
  keep: boolean;
}

/**
 * Puts everything in place of what was there, quarantine too; killed in the middle, the next load finishes it. What was
 * there is kept in the same transaction, so that it can be put back.
 */
export const replaceStore = (
  store: KeyValueStore,
  puts: readonly Put[],
  seen: Revision,
  how: Replacing,
): Promise<Revision> => replaceWith(store, encoded(puts), seen, how);

async function replaceWith(
  store: KeyValueStore,
  entries: Record<string, string>,
  seen: Revision,
  { keep, atMs, by }: Replacing,
): Promise<Revision> {
  const { values } = await store.getAll(BEFORE);
  const there = Object.fromEntries([...values].filter(([key]) => !key.startsWith(META)));
  const gone = Object.keys(there).filter((k) => !Object.hasOwn(entries, k));
  const records = Object.keys(there).length;
  const next = following(seen, null);
  const before: Record<string, string> =
    keep && records > 0
      ? {
          [BEFORE]: JSON.stringify(there),
          [BEFORE_HEAD]: JSON.stringify({ atMs, by, records } satisfies Before),
        }
      : {};
  const all = {
    ...entries,
    ...before,
    [REVISION]: JSON.stringify(next),
    [REPLACING]: JSON.stringify(gone),
  };
  if (!(await store.setManyIf(all, REVISION, isStill(seen)))) throw new Behind();
  await finishReplacing(store);
  return next;
}

/** Puts back what was there before the record was last replaced; what gives way for it is kept in its turn. */
export async function putBack(store: KeyValueStore, seen: Revision, atMs: number): Promise<Revision> {
  const kept: unknown = JSON.parse((await store.getMany([BEFORE]))[BEFORE] ?? 'null');
  if (typeof kept !== 'object' || kept === null) throw new Error('nothing was kept from before');
  const entries = Object.entries(kept)
    .filter(([key]) => !key.startsWith(META))
    .map(([key, value]) => [key, asText(value)] as const);
  return replaceWith(store, Object.fromEntries(entries), seen, { keep: true, atMs, by: 'put-back' });
}

/** The keys of a list that was stored; a damaged list says nothing, and then nothing is removed. */
function keysIn(text: string): string[] {
  try {
    const keys: unknown = JSON.parse(text);
    return Array.isArray(keys) && keys.every((k) => typeof k === 'string') ? keys : [];
  } catch {
    return [];
  }
}

async function finishReplacing(store: KeyValueStore): Promise<void> {
  const text = (await store.getMany([REPLACING]))[REPLACING];
  if (text === null || text === undefined) return;
  const gone = keysIn(asText(text)).filter((k) => !k.startsWith(META));
  if (gone.length > 0) await store.removeMany(gone);
  await store.removeMany([REPLACING]);
}
