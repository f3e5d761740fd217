/**
 * Changes that the device refused to store, as text that outlasts a reload of the page: each as what it would have
 * stored, and what stood there then, so that nothing newer is written over.
 */
import { contentHash } from '../core/base/hash';
import { decodeStored } from '../core/exchange/bookDocument';
import { applyPuts, put, recordOf, RECORDS, recordsOf, storageKey, type Book, type Put } from '../core/records';
import { encodeRecord } from '../core/records/define';

/** Where the text lies: with the page, for as long as its tab is open. */
export interface HeldStore {
  read: () => string | null;
  write: (text: string | null) => void;
}

interface HeldPut {
  key: string;
  text: string;
  /** What stood there; null: nothing. */
  base: string | null;
}

type Change = (book: Book) => readonly Put[];

const standingAt = (book: Book, { kind, data }: Put): unknown => recordOf(book, kind, data.id) ?? null;
const baseOf = (book: Book, p: Put): string | null => {
  const now = standingAt(book, p);
  return now === null ? null : contentHash(now);
};

/** Changes as text, in their order; null: there is none. One that fails by itself is left out. */
export function heldText(stored: Book, changes: readonly Change[]): string | null {
  let book = stored;
  const held = changes.flatMap((change) => {
    try {
      const puts = change(book);
      const rows = puts.map((p): HeldPut => {
        const row = {
          key: storageKey(p),
          text: encodeRecord(RECORDS[p.kind] as never, p.data),
          base: baseOf(book, p),
        };
        book = applyPuts(book, [p]);
        return row;
      });
      return rows.length > 0 ? [rows] : [];
    } catch {
      return [];
    }
  });
  return held.length > 0 ? JSON.stringify(held) : null;
}

/** Its place in the day's order, or the next one where that was taken meanwhile. */
function inTurn(book: Book, p: Put): Put {
  if (p.kind !== 'block' && p.kind !== 'cast' && p.kind !== 'event') return p;
  const tripId = p.kind === 'block' ? p.data.tripId : book.block[p.data.blockId]?.tripId;
  const others = [
    ...Object.values(book.block).filter((b) => b.tripId === tripId),
    ...[...recordsOf(book, 'cast'), ...recordsOf(book, 'event')].filter(
      (x) => book.block[x.blockId]?.tripId === tripId,
    ),
  ].filter((x) => x.id !== p.data.id);
  if (!others.some((x) => x.seq === p.data.seq)) return p;
  const seq = Math.max(...others.map((x) => x.seq)) + 1;
  return put(p.kind, { ...p.data, seq } as never);
}

const isHeld = (x: unknown): x is HeldPut =>
  typeof x === 'object' &&
  x !== null &&
  typeof (x as HeldPut).key === 'string' &&
  typeof (x as HeldPut).text === 'string' &&
  ((x as HeldPut).base === null || typeof (x as HeldPut).base === 'string');

/** The changes of a text again; what cannot be read, or does not fit what stands by then, is left out. */
export function heldChanges(text: string | null): Change[] {
  let held: unknown;
  try {
    held = JSON.parse(text ?? '[]');
  } catch {
    return [];
  }
  if (!Array.isArray(held)) return [];
  return held.map((rows: unknown): Change => (book) => {
    let now = book;
    return (Array.isArray(rows) ? rows : []).filter(isHeld).flatMap((row) => {
      const read = decodeStored(row.key, row.text);
      if (!read.ok || baseOf(now, read.put) !== row.base) return [];
      const p = inTurn(now, read.put);
      now = applyPuts(now, [p]);
      return [p];
    });
  });
}
