import * as z from 'zod';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** High and low waters as entered, in order of time; the id is the water's. */
export const tidesRecord = defineRecord('tides', () =>
  z.strictObject({ id, turns: z.array(z.strictObject({ atMs: ms, heightM: z.number().min(-20).max(20) })).max(200) }),
);
