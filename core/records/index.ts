/** Every kind of record, and the book they make together. */
import type { RecordKind } from './define';
import { adviceRecord } from './advice';
import { blockRecord } from './block';
import { cadenceRecord } from './cadence';
import { castRecord } from './cast';
import { eventRecord } from './event';
import { lineRecord } from './line';
import { filling, rowIn, rowsIn, withRows, type LogTable } from './logTable';
import { lureRecord, type Lure } from './lure';
import { measurementRecord, type Measurement } from './measurement';
import { photoRecord } from './photo';
import { pieceRecord } from './piece';
import { practiceRecord } from './practice';
import { DEFAULT_PREFERENCES, preferencesRecord, type Preferences } from './preferences';
import { reelRecord } from './reel';
import { rodRecord } from './rod';
import { shoreRecord } from './shore';
import { spotRecord } from './spot';
import { stationReportRecord } from './stationReport';
import { terminalRecord } from './terminal';
import { tidesRecord } from './tides';
import { tombstoneRecord } from './tombstone';
import { trialRecord } from './trial';
import { tripRecord, type Trip } from './trip';
import { waterRecord } from './water';
import { waterLogRecord } from './waterLog';

/** All kinds of record; a new kind is added here. */
export const RECORDS = {
  water: waterRecord,
  spot: spotRecord,
  shore: shoreRecord,
  piece: pieceRecord,
  lure: lureRecord,
  rod: rodRecord,
  reel: reelRecord,
  line: lineRecord,
  terminal: terminalRecord,
  calibration: measurementRecord,
  practice: practiceRecord,
  cadence: cadenceRecord,
  stationReport: stationReportRecord,
  tides: tidesRecord,
  waterLog: waterLogRecord,
  trip: tripRecord,
  trial: trialRecord,
  block: blockRecord,
  event: eventRecord,
  cast: castRecord,
  photo: photoRecord,
  advice: adviceRecord,
  tombstone: tombstoneRecord,
  preferences: preferencesRecord,
} as const;

export type Kind = keyof typeof RECORDS;
/** The data of a kind of record, as of today's version. */
export type DataOf<K extends Kind> = (typeof RECORDS)[K] extends RecordKind<infer T> ? T : never;
/** Names of the kinds. */
export const KINDS = Object.keys(RECORDS) as Kind[];

/** What comes by the thousand: it lies by its block. */
export type LogKind = 'cast' | 'event';
/** All records, by kind and id; casts and events by their block. */
export type Book = {
  readonly [K in Kind]: K extends LogKind ? LogTable<DataOf<K>> : Readonly<Record<string, DataOf<K>>>;
};

const isLogKind = (kind: Kind): kind is LogKind => kind === 'cast' || kind === 'event';

type OfBlock = DataOf<LogKind>;
const logIn = (book: object, kind: LogKind): LogTable<OfBlock> =>
  (book as Readonly<Record<LogKind, LogTable<OfBlock>>>)[kind];

/** A book with nothing in it. */
export const emptyBook = (): Book =>
  Object.fromEntries(KINDS.map((k) => [k, isLogKind(k) ? new Map() : {}])) as unknown as Book;

/** Whether nothing at all was recorded. */
export const isEmpty = (book: Book): boolean => KINDS.every((k) => recordsOf(book, k).length === 0);

/** All records of a kind, what was taken back too. */
export const recordsOf = <K extends Kind>(book: Pick<Book, K>, kind: K): DataOf<K>[] =>
  (isLogKind(kind) ? rowsIn(logIn(book, kind)) : Object.values(book[kind])) as DataOf<K>[];

/** The record of a kind with this id. */
export function recordOf<K extends Kind>(book: Pick<Book, K>, kind: K, id: string): DataOf<K> | undefined {
  if (isLogKind(kind)) return rowIn(logIn(book, kind), id) as DataOf<K> | undefined;
  return Object.hasOwn(book[kind], id) ? (book[kind] as Readonly<Record<string, DataOf<K>>>)[id] : undefined;
}

/** One change of the book. */
export type Put = { [K in Kind]: { kind: K; data: DataOf<K> } }[Kind];
/** A change that stores one record. */
export const put = <K extends Kind>(kind: K, data: DataOf<K>): Put => ({ kind, data }) as Put;

/** Where a record is stored. Events and casts carry their block so that a block's own can be found by prefix. */
export function storageKey(p: Put): string {
  if (p.kind === 'event' || p.kind === 'cast')
    return `${p.kind}/${p.data.blockId}/${String(p.data.seq).padStart(6, '0')}-${p.data.id}`;
  return `${p.kind}/${p.data.id}`;
}

/** The book with changes made, in order; kinds without a change stay the same object. */
export function applyPuts(book: Book, puts: readonly Put[]): Book {
  const next = { ...book } as unknown as Record<Kind, Record<string, unknown>>;
  const logged: Record<LogKind, OfBlock[]> = { cast: [], event: [] };
  const copied = new Set<Kind>();
  for (const p of puts) {
    if (p.kind === 'cast' || p.kind === 'event') {
      logged[p.kind].push(p.data);
      continue;
    }
    if (!copied.has(p.kind)) next[p.kind] = { ...next[p.kind] };
    copied.add(p.kind);
    next[p.kind][p.data.id] = p.data;
  }
  return {
    ...(next as unknown as Book),
    cast: withRows(book.cast, logged.cast as DataOf<'cast'>[]),
    event: withRows(book.event, logged.event as DataOf<'event'>[]),
  };
}

/** A book made of records that come one by one. */
export function bookBuilder(): { add: (p: Put) => void; book: () => Book } {
  const own = emptyBook() as unknown as Record<Kind, Record<string, unknown>>;
  const cast = filling<DataOf<'cast'>>();
  const event = filling<DataOf<'event'>>();
  return {
    add: (p) => {
      if (p.kind === 'cast') cast.add(p.data);
      else if (p.kind === 'event') event.add(p.data);
      else own[p.kind][p.data.id] = p.data;
    },
    book: () => ({ ...(own as unknown as Book), cast: cast.table, event: event.table }),
  };
}

/** Casts or events of a block, in the order they were stored, what was taken back too; the same list while it is so. */
export const ofBlock = <K extends LogKind>(book: Pick<Book, K>, kind: K, blockId: string): readonly DataOf<K>[] =>
  (logIn(book, kind).get(blockId) ?? NONE) as readonly DataOf<K>[];
const NONE: readonly never[] = [];

/** Ids of what was taken back, and not brought back since. */
export function takenBack(book: Pick<Book, 'tombstone'>): ReadonlySet<string> {
  const all = Object.values(book.tombstone);
  const aimedAt = new Set(all.map((t) => t.of));
  return new Set(all.filter((t) => !aimedAt.has(t.id)).map((t) => t.of));
}

/** Takes something back; nothing where it was taken back already. */
export function takeBackPuts(book: Pick<Book, 'tombstone'>, of: string, atMs: number): Put[] {
  if (takenBack(book).has(of)) return [];
  // The first of its name; after it was brought back, a new one.
  const before = Object.values(book.tombstone).filter((t) => t.of === of).length;
  return [put('tombstone', { id: before === 0 ? `gone-${of}` : `gone-${of}-${before}`, of, atMs })];
}

/** Brings back what was taken back; nothing where it stands. */
export const bringBackPuts = (book: Pick<Book, 'tombstone'>, of: string, atMs: number): Put[] =>
  takenBack(book).has(of)
    ? Object.values(book.tombstone)
        .filter((t) => t.of === of && !Object.values(book.tombstone).some((u) => u.of === t.id))
        .map((t) => put('tombstone', { id: `back-${t.id}`, of: t.id, atMs }))
    : [];

/** The days that were not taken back. */
export function tripsOf({ trip, tombstone }: Pick<Book, 'trip' | 'tombstone'>): Trip[] {
  let kept = standingTrips.get(trip);
  if (kept?.tombstone !== tombstone) {
    const undone = takenBack({ tombstone });
    kept = { tombstone, trips: Object.values(trip).filter((t) => !undone.has(t.id)) };
    standingTrips.set(trip, kept);
  }
  return [...kept.trips];
}
/** Asked with every touch; days change seldom. */
const standingTrips = new WeakMap<Book['trip'], { tombstone: Book['tombstone']; trips: readonly Trip[] }>();

/** Casts and events that were not taken back, in the order they were made. */
export function standing<K extends 'event' | 'cast'>(book: Pick<Book, K | 'tombstone'>, kind: K): DataOf<K>[] {
  return inTheirOrder(rowsIn(logIn(book, kind)), takenBack(book)) as DataOf<K>[];
}

/** Those of a list that were not taken back, in the order they were made. */
export const inTheirOrder = <T extends OfBlock>(all: readonly T[], undone: ReadonlySet<string>): T[] =>
  all.filter((x) => !undone.has(x.id)).sort((a, b) => a.seq - b.seq || a.atMs - b.atMs);

/** What was measured of a lure or a reel and not taken back, oldest first. */
export function measurementsOf(book: Pick<Book, 'calibration' | 'tombstone'>, ofId: string): Measurement[] {
  const undone = takenBack(book);
  return Object.values(book.calibration)
    .filter((c) => c.ofId === ofId && !undone.has(c.id))
    .sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1));
}

/** The angler's preferences, or the defaults. */
export const preferencesOf = (book: Pick<Book, 'preferences'> | null): Preferences =>
  book?.preferences.mine ?? DEFAULT_PREFERENCES;

/** The trip under way. */
export function activeTrip(book: Book): Trip | null {
  const id = preferencesOf(book).activeTripId;
  return id ? (book.trip[id] ?? null) : null;
}

/** What is not retired. */
export const inUse = <T extends { retiredAtMs: number | null }>(all: Readonly<Record<string, T>>): T[] =>
  Object.values(all).filter((x) => x.retiredAtMs === null);

/** Lures that can be tied on: neither retired nor lost, and at least one left. */
export const inBox = (all: Book['lure']): Lure[] => inUse(all).filter((l) => l.lostAtMs === null && l.count > 0);
