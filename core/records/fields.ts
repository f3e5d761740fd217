/** Fields that many records have. */
import * as z from 'zod';

/** Ids of records: never changed, never used again. */
export const id = z.string().min(1).max(60);
/** A moment, ms since 1970 (UTC). */
export const ms = z.number().int().min(0);
/** A name given by the angler, 1–60 letters, trimmed. */
export const itemName = z.string().trim().min(1, 'a name').max(60);
/** When it was put away; null while in use. */
export const retiredAtMs = ms.nullable().default(null);
