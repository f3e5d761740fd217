import * as z from 'zod';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';

/** Readings imported from a file, by water. */
export const waterLogRecord = defineRecord('waterLog', () =>
  z.strictObject({
    id,
    waterId: id,
    name: itemName,
    points: z.array(z.strictObject({ atMs: ms, tempC: z.number().min(-2).max(40) })).max(20_000),
  }),
);
