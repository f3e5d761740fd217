/** The box as a JSON document, the same that `rank` and `cover` read; and from one, each entry by itself. */
import { boxLureSchema, documentLure, lureOf } from './boxDocument';
import type { BadRow, BoxFile, NewLure, RowFault } from './boxCsv';
import type { Lure } from '../records/lure';

/** The box as the JSON that `rank` and `cover` read. */
export const writeBoxJson = (lures: readonly Lure[]): string => JSON.stringify(lures.map(documentLure), null, 1);

const FAULT_OF = new Map<string, RowFault>(
  Object.entries({
    family: 'unknown-family',
    name: 'long-name',
    weightKg: 'bad-weight',
    massKg: 'bad-weight',
    lengthM: 'bad-length',
    hook: 'bad-hook',
    colour: 'bad-colour',
    priceMinor: 'bad-price',
    count: 'bad-count',
    note: 'long-note',
  } as const),
);

/** What cannot be read is given back as the columns of a table, to be mended there. */
const COLUMN_OF = new Map(
  Object.entries({
    weightKg: 'weight_kg',
    massKg: 'weight_kg',
    lengthM: 'length_m',
    priceMinor: 'price_minor',
  }),
);

/** A value as a table's cell; what a list or an object calls its own `toString` is never asked. */
const cellOf = (v: unknown): string => (typeof v === 'object' ? JSON.stringify(v) : String(v));

/** A problem's line is the entry's place in the list. */
export function readBoxJson(text: string): BoxFile {
  const nothing = (fault: BoxFile['fault']): BoxFile => ({ lures: [], bad: [], fault, columns: [] });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return nothing('not-json');
  }
  if (!Array.isArray(value)) return nothing('not-json');
  if (value.length === 0) return nothing('empty');
  if (value.length > 5000) return nothing('too-long');
  const lures: NewLure[] = [];
  const bad: BadRow[] = [];
  value.forEach((raw: unknown, i) => {
    const r = boxLureSchema.safeParse(raw);
    const record = Object.fromEntries(
      Object.entries((raw ?? {}) as Record<string, unknown>).map(([k, v]) => [COLUMN_OF.get(k) ?? k, cellOf(v)]),
    );
    if (!r.success) {
      const key = String(r.error.issues[0]?.path[0] ?? '');
      bad.push({
        line: i + 1,
        fault: FAULT_OF.get(key) ?? 'unknown-field',
        had: record[COLUMN_OF.get(key) ?? key] ?? '',
        near: null,
        raw: record,
      });
      return;
    }
    const { name } = r.data;
    if (!name?.trim()) bad.push({ line: i + 1, fault: 'no-name', had: '', near: null, raw: record });
    else lures.push(lureOf(r.data));
  });
  return { lures, bad, fault: null, columns: [...new Set(bad.flatMap((b) => Object.keys(b.raw)))] };
}
