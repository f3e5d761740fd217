import * as z from 'zod';
import { CADENCE_STYLES } from '../lures/styles';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** One practice of a beat. */
export const practiceRecord = defineRecord('practice', () =>
  z.strictObject({
    id,
    atMs: ms,
    style: z.enum(CADENCE_STYLES),
    score: z.number().int().min(0).max(100),
    /** Hangs held, as a share of what was asked; null without any. */
    heldShare: z.number().min(0).max(20).nullable(),
  }),
);
