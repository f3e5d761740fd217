/** Heads, sinkers and hooks, apart from the bodies they carry. */
import * as z from 'zod';
import { HOOK_SIZES, TERMINAL_PARTS } from '../lures/terminal';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

/** One kind of head, sinker or hook. */
export const terminalRecord = defineRecord('terminal', () =>
  z
    .strictObject({
      id,
      name: itemName,
      part: z.enum(TERMINAL_PARTS),
      /** kg; 0: a plain hook. */
      weightKg: z.number().min(0).max(0.5),
      hookSize: z.enum(HOOK_SIZES).nullable(),
      count: z.number().int().min(0).max(10_000),
      retiredAtMs,
    })
    .refine((x) => x.part === 'hook' || x.weightKg > 0, { path: ['weightKg'], message: 'a weight' })
    .refine((x) => x.part !== 'hook' || x.hookSize !== null, { path: ['hookSize'], message: 'a size' }),
);
export type Terminal = z.infer<typeof terminalRecord.schema>;
