/**
 * The whole record as one open JSON document, and back again with problems listed; what is good is kept, what is not is
 * named.
 */
import { decodeRecord, encodeRecord, upgradeRecord } from '../records/define';
import { KINDS, RECORDS, put, recordsOf, storageKey, type Book, type Kind, type Put } from '../records';
import type { Problem } from '../base/problems';

/** Stands in every exported record, so that another file is not taken for one. */
export const BOOK_FORMAT = 'moss-kettle-record';
/** The document's name where it lies in a file with its pictures. */
export const RECORD_IN_ZIP = 'record.json';
/** Of the document around the records; each record carries its own version besides. */
export const BOOK_VERSION = 1;

/** The whole record as a file: all that was stored, by kind, with the version each was written in. */
export interface BookDocument {
  format: typeof BOOK_FORMAT;
  version: number;
  exportedAt: string;
  records: Record<string, { version: number; data: unknown }[]>;
}

/** The whole record as one document; `exportedAt`: ISO 8601. Nothing is left out, also what was taken back. */
export function exportBook(book: Book, exportedAt: string): BookDocument {
  const records = Object.fromEntries(
    KINDS.map((k) => [k, recordsOf(book, k).map((data) => ({ version: RECORDS[k].version, data: data as unknown }))]),
  );
  return { format: BOOK_FORMAT, version: BOOK_VERSION, exportedAt, records };
}

/** What a document would store, and what in it cannot be read, by path. */
export interface ImportResult {
  puts: Put[];
  problems: Problem[];
}

/**
 * A document to what is to be stored. What cannot be read is a problem with its path; the rest is kept. Never throws.
 */
export function importBook(text: string): ImportResult {
  const fail = (code: string, expected: string): ImportResult => ({
    puts: [],
    problems: [{ code, path: '(whole document)', expected }],
  });
  let d: Partial<BookDocument>;
  try {
    d = JSON.parse(text) as Partial<BookDocument>;
  } catch {
    return fail('not-json', 'JSON text');
  }
  if (!d || d.format !== BOOK_FORMAT || !d.records || typeof d.records !== 'object')
    return fail('not-a-record', `a document with format "${BOOK_FORMAT}"`);
  if (typeof d.version !== 'number' || d.version > BOOK_VERSION)
    return fail('newer-version', `version ${BOOK_VERSION} or older`);
  const out: ImportResult = { puts: [], problems: [] };
  for (const [kind, rows] of Object.entries(d.records)) {
    if (!Object.hasOwn(RECORDS, kind)) {
      out.problems.push({ code: 'unknown-kind', path: `records.${kind}`, expected: `one of ${KINDS.join(', ')}` });
      continue;
    }
    if (!Array.isArray(rows)) {
      out.problems.push({ code: 'not-a-list', path: `records.${kind}`, expected: 'a list' });
      continue;
    }
    rows.forEach((row, i) => {
      const r = upgradeRecord(RECORDS[kind as Kind] as never, row);
      if (r.ok) out.puts.push(put(kind as Kind, r.value as never));
      else out.problems.push(...r.problems.map((p) => ({ ...p, path: `records.${kind}[${i}].${p.path}` })));
    });
  }
  return out;
}

/** A stored value back to a put; the key says the kind. */
export function decodeStored(key: string, text: string): { ok: true; put: Put } | { ok: false; problems: Problem[] } {
  const kind = key.split('/')[0] as Kind;
  if (!Object.hasOwn(RECORDS, kind))
    return { ok: false, problems: [{ code: 'unknown-kind', path: key, expected: `one of ${KINDS.join(', ')}` }] };
  const r = decodeRecord(RECORDS[kind] as never, text);
  return r.ok
    ? { ok: true, put: put(kind, r.value as never) }
    : { ok: false, problems: r.problems.map((p) => ({ ...p, path: `${key}: ${p.path}` })) };
}

/** The same of what was found right before and has not changed: it is not looked at again. */
export const storedBefore = (key: string, read: unknown): Put =>
  put(key.split('/')[0] as Kind, (read as { data: never }).data);

/** A stored text as it would be written today; null where it cannot be read. */
export function asWritten(key: string, text: string): string | null {
  const r = typeof text === 'string' ? decodeStored(key, text) : null;
  return r?.ok ? encodeRecord(RECORDS[r.put.kind] as never, r.put.data as never) : null;
}

/** Records and how they are stored: a text under each key. */
export interface Storable {
  puts: readonly Put[];
  entries: Readonly<Record<string, string>>;
}

/** Records as they are stored, each read back; what our own reader would refuse is a problem. */
export function storable(puts: readonly Put[]): Storable & { problems: Problem[] } {
  const entries = encoded(puts);
  const problems = Object.entries(entries).flatMap(([key, text]) => {
    const r = decodeStored(key, text);
    return r.ok ? [] : r.problems;
  });
  return { puts, entries, problems };
}

/** The same where all of it can be read back; else null. */
export function storableOrNot(puts: readonly Put[]): Storable | null {
  const { entries, problems } = storable(puts);
  return problems.length > 0 ? null : { puts, entries };
}

/** The texts of records by their keys; not read back. */
export const encoded = (puts: readonly Put[]): Record<string, string> =>
  Object.fromEntries(puts.map((p) => [storageKey(p), encodeRecord(RECORDS[p.kind] as never, p.data as never)]));
