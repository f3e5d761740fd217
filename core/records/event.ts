/** What happened on a cast. */
import * as z from 'zod';
import { once } from '../base/once';
import { PHASES } from '../planning/cadence/cadence';
import { defineRecord, onlyWidened } from './define';
import { id, ms } from './fields';
import { thrownAtSchema } from './piece';

/** What can be logged of a fish or a lure. */
export const EVENT_KINDS = ['landed', 'lost', 'missed', 'bump', 'follow', 'snag', 'lure-lost'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** Where on the cover, from the open water in. */
export const EVENT_PLACES = ['open', 'edge', 'middle', 'inside', 'bottom'] as const;
export type EventPlace = (typeof EVENT_PLACES)[number];

/** From which side of the lure. */
export const EVENT_SIDES = ['front', 'side', 'behind'] as const;
export type EventSide = (typeof EVENT_SIDES)[number];

/** What may be told of an event after the touch that logged it; null: not told. */
const detailsSchema = once(() =>
  z.strictObject({
    kind: z.enum(EVENT_KINDS),
    phase: z.enum(PHASES).nullable(),
    place: z.enum(EVENT_PLACES).nullable(),
    side: z.enum(EVENT_SIDES).nullable(),
    depthM: z.number().min(0).max(300).nullable(),
    lengthM: z.number().min(0).max(3).nullable(),
    weightKg: z.number().min(0).max(300).nullable(),
    released: z.boolean().nullable(),
    note: z.string().max(500),
  }),
);
export type EventDetails = z.infer<ReturnType<typeof detailsSchema>>;

/** So many corrections of one event are kept; the oldest go. */
export const MAX_CORRECTIONS = 20;

/** Something that happened on a cast. */
export const eventRecord = defineRecord(
  'event',
  () =>
    detailsSchema().extend({
      id,
      blockId: id,
      seq: z.number().int().min(0),
      atMs: ms,
      /** What its cast was thrown at; absent: at no planned place. */
      at: thrownAtSchema().optional(),
      /** What it said before it was corrected, oldest first: only what was told and is told otherwise now. */
      was: z.array(detailsSchema().partial().extend({ untilMs: ms })).max(MAX_CORRECTIONS),
    }),
  [
    {
      change: 'the middle of the cover; weight, released or kept, a note; what was corrected',
      up: (old) => ({ ...old, weightKg: null, released: null, note: '', was: [] }),
    },
    onlyWidened('what its cast was thrown at'),
  ],
);
export type StrikeEvent = z.infer<typeof eventRecord.schema>;

/** Nothing told of it yet but what it was. */
export const untold = (kind: EventKind): EventDetails & Pick<StrikeEvent, 'was'> => ({
  kind,
  phase: null,
  place: null,
  side: null,
  depthM: null,
  lengthM: null,
  weightKg: null,
  released: null,
  note: '',
  was: [],
});

const isTold = (v: unknown): boolean => v !== null && v !== '';

/** An event with more told of it, at `atMs`; what was told before and is told otherwise is kept beside it. */
export function corrected(e: StrikeEvent, change: Partial<EventDetails>, atMs: number): StrikeEvent {
  const told = Object.entries(change).filter(([k, v]) => e[k as keyof EventDetails] !== v);
  if (told.length === 0) return e;
  const before = told.map(([k]) => [k, e[k as keyof EventDetails]] as const).filter(([, v]) => isTold(v));
  const was = before.length === 0 ? e.was : [...e.was, { ...Object.fromEntries(before), untilMs: atMs }];
  return { ...e, ...Object.fromEntries(told), was: was.slice(-MAX_CORRECTIONS) };
}
