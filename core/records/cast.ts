import * as z from 'zod';
import { defineRecord, onlyWidened } from './define';
import { id, ms } from './fields';
import { thrownAtSchema } from './piece';

/** Casts made; one a tap on the water, more when entered afterwards. */
export const castRecord = defineRecord(
  'cast',
  () =>
    z.strictObject({
      id,
      blockId: id,
      seq: z.number().int().min(0),
      atMs: ms,
      count: z.number().int().min(1).max(1000),
      /** What it was thrown at; absent: at no planned place. */
      at: thrownAtSchema().optional(),
    }),
  [onlyWidened('what it was thrown at')],
);
export type CastTally = z.infer<typeof castRecord.schema>;
