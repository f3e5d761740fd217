/** What was told for a list, kept for the next one with the same columns; and a list that was put in, taken out. */
import * as z from 'zod';
import { contentHash } from '../../base/hash';
import { takeBackPuts, type Book, type Put } from '../../records';
import { SPECIES } from '../../water/terms';
import { NAMED } from './named';
import { CATCH_FIELDS, CATCH_UNITS, MAX_CASTS, type CatchUnits, type Quantity } from './fields';

const unitOf = <Q extends Quantity>(q: Q) =>
  z.enum(Object.keys(CATCH_UNITS[q]) as [CatchUnits[Q] & string, ...(CatchUnits[Q] & string)[]]);

export const mappingSchema = z.partialRecord(z.enum(CATCH_FIELDS), z.string());
export const unitsSchema = z.strictObject({
  length: unitOf('length'),
  weight: unitOf('weight'),
  depth: unitOf('depth'),
});
export const orderSchema = z.enum(['day-first', 'month-first']);
export const castsADaySchema = z.number().int().min(1).max(MAX_CASTS);

/** How a list was read and what was told for it. */
export const toldOfCatches = z.object({
  mapping: mappingSchema.optional(),
  units: unitsSchema,
  order: orderSchema,
  waterId: z.string().nullable(),
  species: z.enum(SPECIES).nullable(),
  castsADay: castsADaySchema.nullable(),
  aliases: z.partialRecord(z.enum(NAMED), z.record(z.string(), z.string())),
});
export type ToldOfCatches = z.infer<typeof toldOfCatches>;

/** The name under which that is kept: the same for every list with these columns. */
export const keptAs = (columns: readonly string[]): string => `catches ${contentHash(columns)}`;

/** In parts of about so many records, each of whole days, so that a long list never holds the page. */
export function inBatches(puts: readonly Put[], size: number): Put[][] {
  const out: Put[][] = [];
  for (const p of puts) {
    const last = out[out.length - 1];
    // Where no day is new, strikes stand alone and may be parted anywhere.
    const parts = p.kind === 'trip' || p.kind === 'tombstone' || (last && last.length >= 2 * size);
    if (!last || (last.length >= size && parts)) out.push([p]);
    else last.push(p);
  }
  return out;
}

/** Takes out again what a list put in: whole days where they were new, else the strikes alone. */
export function takeOutPuts(book: Book, puts: readonly Put[], atMs: number): Put[] {
  // A day that was brought back: its tombstone's tombstone is among them.
  const back = puts.flatMap((p) => (p.kind === 'tombstone' ? (book.tombstone[p.data.of]?.of ?? []) : []));
  const days = new Set([...puts.flatMap((p) => (p.kind === 'trip' ? p.data.id : [])), ...back]);
  const strikes = puts.flatMap((p) =>
    p.kind === 'event' && !days.has(book.block[p.data.blockId]?.tripId ?? '') ? p.data.id : [],
  );
  return [...days, ...strikes].flatMap((id) => takeBackPuts(book, id, atMs));
}
