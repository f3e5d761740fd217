/** A spool of line. */
import * as z from 'zod';
import { LINE_MATERIALS } from '../tackle/line';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

/** A line on a spool. */
export const lineRecord = defineRecord('line', () =>
  z.strictObject({
    id,
    name: itemName,
    material: z.enum(LINE_MATERIALS),
    strengthLb: z.number().min(1).max(200),
    retiredAtMs,
  }),
);
export type Line = z.infer<typeof lineRecord.schema>;
