/** What was advised on the water, kept with the touch that it followed: what came of it is read from the log. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';

/** Advice that asks for something to be done; the rest only says how things stand. */
export const KEPT_ADVICE = ['school', 'rest', 'again', 'change', 'asked'] as const;
/** What is changed next, in this order. */
export const CHANGES = ['depth', 'pace', 'lure', 'spot'] as const;
export type Change = (typeof CHANGES)[number];

export const adviceRecord = defineRecord('advice', () =>
  z.strictObject({
    id,
    tripId: id,
    /** The block that was fished, and the place in the order of the last touch before it. */
    blockId: id,
    seq: z.number().int().min(0),
    atMs: ms,
    code: z.enum(KEPT_ADVICE),
    /** What was to be changed, where one thing was named; the lure to tie on. */
    what: z.enum(CHANGES).nullable(),
    lure: itemName.nullable(),
    /** Until when a place was to be left alone. */
    untilMs: ms.nullable(),
  }),
);
export type AdviceGiven = z.infer<typeof adviceRecord.schema>;
