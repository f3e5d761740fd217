/** The third worker: files from elsewhere are read here, so that a long or a hostile one never holds the page. */
import { readGeoJson } from '../core/exchange/places/geoJson';
import { readGpx } from '../core/exchange/places/readGpx';
import { strFromU8, unzipSync } from 'fflate';
import { LIST_TABLES } from '../core/exchange/logTables';
import { ownTablesAsList } from '../core/exchange/catches/ownTables';
import { inBatches } from '../core/exchange/catches/kept';
import { lookAtCatches, type CatchLook } from '../core/exchange/catches/look';
import { beginsAsZip } from '../core/exchange/zipped';
import type { Put } from '../core/records';
import { importBook, storableOrNot, type ImportResult, type Storable } from '../core/exchange/bookDocument';
import { readRecordZip, type RecordZip } from '../core/exchange/recordZip';
import { readTable } from '../core/exchange/table';
import type { PlacesFile } from '../core/exchange/places/found';

/** What the page shows of a list. */
export type CatchSight = Omit<CatchLook, 'puts'> & { batches: number };
/** About so many records are put in at once. */
const BATCH = 1200;
let batches: Put[][] = [];
/** Those parts as they are stored, made while the angler looks through what would be put in. */
let made: (Storable | null)[] = [];
const madeAt = (i: number): Storable | null => {
  if (made[i] !== undefined) return made[i];
  return (made[i] = storableOrNot(batches[i]!));
};
/** Makes one after the other, and lets a question in between. */
function makeFrom(i: number, of: readonly Put[][]): void {
  if (of !== batches || i >= of.length) return;
  madeAt(i);
  setTimeout(() => makeFrom(i + 1, of), 0);
}

/** So much of one table is unpacked, bytes. */
const MAX_TABLE_BYTES = 40_000_000;

export const filesApi = {
  /** A file of places, by what it begins with. */
  places: (text: string): PlacesFile => (/^[\s\uFEFF]*[{[]/.test(text) ? readGeoJson(text) : readGpx(text)),
  /** The log's own tables in one ZIP as a list of catches; null: they are not in it. */
  ownTables: (zip: Uint8Array): string | null => {
    const names: ReadonlySet<string> = new Set(LIST_TABLES.map((t) => `${t}.csv`));
    const found = unzipSync(zip, { filter: (f) => names.has(f.name) && f.originalSize <= MAX_TABLE_BYTES });
    const text = (t: (typeof LIST_TABLES)[number]): string | null => {
      const bytes = found[`${t}.csv`];
      return bytes ? strFromU8(bytes) : null;
    };
    const [trips, blocks, events, fish] = LIST_TABLES.map(text);
    return trips && blocks && events && fish ? ownTablesAsList({ trips, blocks, events, fish }) : null;
  },
  /** A record's file, alone or in one ZIP with its pictures. */
  record: (bytes: Uint8Array): ImportResult & Pick<RecordZip, 'pictures'> => {
    const { text, pictures } = beginsAsZip(bytes)
      ? readRecordZip(bytes)
      : { text: new TextDecoder().decode(bytes), pictures: {} };
    return { ...importBook(text ?? ''), pictures };
  },
  /** The names of a table's columns, from its beginning. */
  catchColumns: (head: string): string[] => readTable(head).columns,
  /** A list of catches, and what it would put in: that itself stays here until it is asked for. */
  catches: (...args: Parameters<typeof lookAtCatches>): CatchSight => {
    const { puts, ...look } = lookAtCatches(...args);
    batches = inBatches(puts, BATCH);
    made = [];
    const of = batches;
    setTimeout(() => makeFrom(0, of), 0);
    return { ...look, batches: batches.length };
  },
  /**
   * One part of what the last list would put in, as it is stored; null: there is no such part any more, or it could not
   * be read again.
   */
  catchBatch: (i: number): Storable | null => (batches[i] ? madeAt(i) : null),
};
export type FilesApi = typeof filesApi;
