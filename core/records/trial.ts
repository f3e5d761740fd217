/** A lure tied on to find out, and what was expected of it then. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, ms } from './fields';

const perHour = z.number().min(0).max(1000);

/** What is fished with this lure on this trip from then on belongs to the trial. */
export const trialRecord = defineRecord('trial', () =>
  z.strictObject({
    id,
    tripId: id,
    lureId: id,
    /** What would have been tied on otherwise; null where that was no lure of the box. */
    againstId: id.nullable(),
    startedAtMs: ms,
    /** Casts that it was to be given. */
    casts: z.number().int().min(1).max(1000),
    /** Strikes an hour expected of it and of the other, and its chance of being the best, when it was tied on. */
    strikesPerHour: perHour,
    againstPerHour: perHour,
    pBest: z.number().min(0).max(1),
  }),
);
export type LureTrial = z.infer<typeof trialRecord.schema>;
