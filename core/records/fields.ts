/** Fields that many records have. */
import * as z from 'zod';
import { isZone } from '../base/zone';

/** Names that every object has: taken as an id, one of them would find what nobody stored. */
const TAKEN: ReadonlySet<string> = new Set(Object.getOwnPropertyNames(Object.prototype));

/** Ids of records: never changed, never used again. */
export const id = z
  .string()
  .min(1)
  .max(60)
  .refine((s) => !TAKEN.has(s), 'another id');
/** Past this nobody's clock is right, ms since 1970. */
const LAST_MS = Date.UTC(2200, 0, 1);
/** A moment, ms since 1970 (UTC), before the year 2200. */
export const ms = z.number().int().min(0).max(LAST_MS);
/** A time zone by its name, one that the runtime knows. */
export const zone = z.string().max(60).refine(isZone, 'a time zone, such as Europe/Oslo');
/** A name given by the angler, 1–60 letters, trimmed. */
export const itemName = z.string().trim().min(1, 'a name').max(60);
/** When it was put away; null while in use. */
export const retiredAtMs = ms.nullable().default(null);
