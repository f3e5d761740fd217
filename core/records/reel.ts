/** A reel. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

/** A reel. */
export const reelRecord = defineRecord('reel', () =>
  z
    .strictObject({
      id,
      name: itemName,
      ratio: z.number().min(1).max(12),
      spoolM: z.number().min(0.01).max(0.2),
      arborM: z.number().min(0.005).max(0.2),
      capacityM: z.number().min(10).max(2000),
      retiredAtMs,
    })
    .refine((r) => r.arborM < r.spoolM, { path: ['arborM'], message: 'less than the full spool' }),
);
export type Reel = z.infer<typeof reelRecord.schema>;
