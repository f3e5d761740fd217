import * as z from 'zod';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** Takes a cast, an event, a count, a whole day or another taking back, back without touching it. */
export const tombstoneRecord = defineRecord('tombstone', () => z.strictObject({ id, of: id, atMs: ms }));
export type Tombstone = z.infer<typeof tombstoneRecord.schema>;
