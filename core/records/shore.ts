/** A shore as the angler drew it: the bank of a water, or of an island in it. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

export const MAX_SHORE_POINTS = 400;

/** A shore, field by field: a file of places is looked through by them. */
export const shoreFields = z.strictObject({
  id,
  waterId: id,
  name: itemName,
  /** In order along it; `closed`: the last is joined to the first. */
  points: z
    .array(z.strictObject({ latDeg: z.number().min(-90).max(90), lonDeg: z.number().min(-180).max(180) }))
    .min(2)
    .max(MAX_SHORE_POINTS),
  closed: z.boolean(),
  retiredAtMs,
});

export const shoreRecord = defineRecord('shore', shoreFields);
export type Shore = z.infer<typeof shoreFields>;
