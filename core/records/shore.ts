/** A line as the angler drew it: the bank of a water, of an island in it, or a line of one depth. */
import * as z from 'zod';
import { once } from '../base/once';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

export const MAX_SHORE_POINTS = 400;

/** A shore, field by field: a file of places is looked through by them. */
export const shoreFields = once(() =>
  z.strictObject({
    id,
    waterId: id,
    name: itemName,
    /** In order along it; `closed`: the last is joined to the first. */
    points: z
      .array(z.strictObject({ latDeg: z.number().min(-90).max(90), lonDeg: z.number().min(-180).max(180) }))
      .min(2)
      .max(MAX_SHORE_POINTS),
    closed: z.boolean(),
    /** The depth all along it, m, where it is a line of one depth; null: it is the bank. */
    depthM: z.number().min(0).max(300).nullable(),
    retiredAtMs,
  }),
);

export const shoreRecord = defineRecord('shore', () => shoreFields(), [
  { change: 'lines of one depth', up: (old) => ({ ...old, depthM: null }) },
]);
export type Shore = z.infer<ReturnType<typeof shoreFields>>;
