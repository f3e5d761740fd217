import * as z from 'zod';
import { cadenceSchema } from '../schemas/plan';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';

/** A cadence of the angler's own, under the angler's name for it. */
export const cadenceRecord = defineRecord(
  'cadence',
  z.strictObject({ id, name: itemName, cadence: cadenceSchema, atMs: ms, retiredAtMs: ms.nullable() }),
);
export type OwnCadence = z.infer<typeof cadenceRecord.schema>;
