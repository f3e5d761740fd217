import * as z from 'zod';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** Takes a cast or an event back without touching it. */
export const tombstoneRecord = defineRecord('tombstone', z.strictObject({ id, of: id, atMs: ms }));
export type Tombstone = z.infer<typeof tombstoneRecord.schema>;
