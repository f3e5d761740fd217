/** What happened on a cast. */
import * as z from 'zod';
import { PHASES } from '../planning/cadence/cadence';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** What can be logged of a fish or a lure. */
export const EVENT_KINDS = ['landed', 'lost', 'missed', 'bump', 'follow', 'snag', 'lure-lost'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** Something that happened on a cast. */
export const eventRecord = defineRecord(
  'event',
  z.strictObject({
    id,
    blockId: id,
    seq: z.number().int().min(0),
    atMs: ms,
    kind: z.enum(EVENT_KINDS),
    phase: z.enum(PHASES).nullable(),
    place: z.enum(['edge', 'inside', 'open', 'bottom']).nullable(),
    side: z.enum(['front', 'behind', 'side']).nullable(),
    depthM: z.number().min(0).max(300).nullable(),
    lengthM: z.number().min(0).max(3).nullable(),
  }),
);
export type StrikeEvent = z.infer<typeof eventRecord.schema>;
