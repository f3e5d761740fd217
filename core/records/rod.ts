/** A rod, with the reel and the line on it: an outfit. */
import * as z from 'zod';
import { ROD_ACTIONS } from '../tackle/rod';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

/** A rod. */
export const rodRecord = defineRecord(
  'rod',
  () =>
    z
      .strictObject({
        id,
        name: itemName,
        lengthM: z.number().min(0.4).max(5),
        minLureKg: z.number().min(0.0002).max(1),
        maxLureKg: z.number().min(0.0005).max(1),
        action: z.enum(ROD_ACTIONS),
        /** What is on it; null: nothing in particular. */
        reelId: id.nullable(),
        lineId: id.nullable(),
        retiredAtMs,
      })
      .refine((r) => r.minLureKg < r.maxLureKg, { path: ['maxLureKg'], message: 'more than the lightest lure' }),
  [{ change: 'the reel and the line on it', up: (old) => ({ ...old, reelId: null, lineId: null }) }],
);
export type Rod = z.infer<typeof rodRecord.schema>;
