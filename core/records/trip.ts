/** A day on the water: trip → effort blocks → casts and events. Nothing is an event without the effort it belongs to. */
import * as z from 'zod';
import { COLOURS, HOOKS, FAMILIES, NOISES, TRAILERS } from '../lures/family';
import { conditionsSchema, coverSchema, waterSchema } from '../exchange/conditionsDocument';
import { cadenceSchema, lineSpecSchema, planSettingsSchema, reelSpecSchema, rodSpecSchema } from '../exchange/planDocument';
import { PHASES } from '../retrieve/cadence/cadence';
import { CADENCE_STYLES } from '../retrieve/cadence/library';
import { TIP_POSITIONS } from '../retrieve/tackle/rod';
import { EVENT_KINDS } from '../strikes/events';
import { ABUNDANCES, ACCESSES, BEHAVIOURS, FISHING_PRESSURES, FORAGES, FRONTS, SIGN_KINDS, SPECIES } from '../water/conditions';
import { CAUTIONS } from '../cautions/cautions';
import { defineRecord } from './define';
import { id, ms } from './tackle';

/** What was read or entered today; whatever is absent is assumed. */
export const readingsSchema = z.strictObject({
  water: waterSchema.omit({ setting: true }).partial().extend({ cover: coverSchema.nullish() }),
  sky: z.strictObject({
    cloud: z.number().min(0).max(1).nullish(),
    sunElevationDeg: z.number().min(-90).max(90).nullish(),
    front: z.enum(FRONTS).nullish(),
  }),
  forage: z.array(z.enum(FORAGES)).optional(),
  forageAbundance: z.enum(ABUNDANCES).optional(),
  pressure: z.enum(FISHING_PRESSURES).optional(),
  access: z.enum(ACCESSES).optional(),
  behaviour: z.enum(BEHAVIOURS).optional(),
  baitSeen: z.boolean().optional(),
  marks: conditionsSchema.shape.marks.optional(),
  pressureTrendHpa3h: conditionsSchema.shape.pressureTrendHpa3h.optional(),
});
export type Readings = z.infer<typeof readingsSchema>;

export const tripRecord = defineRecord(
  'trip',
  z.strictObject({
    id,
    waterId: id,
    spotId: id.nullable(),
    species: z.enum(SPECIES),
    startedAtMs: ms,
    endedAtMs: ms.nullable(),
    readings: readingsSchema,
    /** Signs tapped by hand. */
    signs: z.array(z.strictObject({ kind: z.enum(SIGN_KINDS), count: z.number().int().min(1).max(1000), atMs: ms })),
    /** Lure picked by hand; null follows the ranking. */
    lureId: id.nullable(),
    rodId: id.nullable(),
    reelId: id.nullable(),
    lineId: id.nullable(),
    settings: planSettingsSchema,
    note: z.string().max(2000),
    /** When the readings were last set, or said to be as they were. */
    readAtMs: ms,
    /** Thunder told today. */
    thunder: z.array(z.strictObject({ atMs: ms, seconds: z.number().min(0).max(300).nullable() })).max(500),
    /** Cautions put aside for the day. */
    cautionsSeen: z.array(z.enum(CAUTIONS)),
  }),
  3,
  // Version 3 has more settings than 2: an older program must not meet them.
  { 1: (old) => ({ ...old, readAtMs: old.startedAtMs, thunder: [], cautionsSeen: [] }), 2: (old) => old },
);
export type Trip = z.infer<typeof tripRecord.schema>;

const finite = z.number();
const lurePhysicsSchema = z.strictObject({ massKg: finite, volumeM3: finite, dragAreaM2: finite, liftAreaM2: finite, addedMass: finite });
export const presentationSchema = z.strictObject({
  rig: z.strictObject({
    family: z.enum(FAMILIES),
    weightKg: finite,
    sizeM: finite,
    colour: z.enum(COLOURS),
    trailer: z.enum(TRAILERS),
    hook: z.enum(HOOKS),
    noise: z.enum(NOISES),
    peg: z.boolean().nullable(),
  }),
  lureId: z.string().nullable(),
  lureName: z.string(),
  lure: lurePhysicsSchema,
  line: lineSpecSchema,
  reel: reelSpecSchema,
  rod: rodSpecSchema,
  tip: z.strictObject({ position: z.enum(TIP_POSITIONS), angleDeg: finite, heightM: finite }),
  castM: finite,
  countdownS: finite,
  turnsPerS: finite,
  style: z.enum(CADENCE_STYLES),
  cadence: cadenceSchema,
  bandM: z.tuple([finite, finite]),
});

export const blockRecord = defineRecord(
  'block',
  z.strictObject({
    id,
    tripId: id,
    spotId: id.nullable(),
    /** Order among the trip's blocks, on the same count as its casts and events; the clock may be set back. */
    seq: z.number().int().min(0),
    presentationId: z.string(),
    presentation: presentationSchema,
    conditions: conditionsSchema,
    startedAtMs: ms,
    endedAtMs: ms.nullable(),
    zoneShare: z.number().min(0).max(1),
    zoneSecondsPerCast: z.number().min(0).max(3600),
    phaseS: z.record(z.enum(PHASES), z.number().min(0)),
    /** What the model expected when the block was opened. */
    expectedPerCast: z.number().min(0).max(10),
  }),
  5,
  // Version 1 was ordered by its start alone, which breaks the tie still; version 2 did not say at which spot; 4 and 5 know more families than before.
  { 1: (old) => ({ ...old, seq: 0 }), 2: (old) => ({ ...old, spotId: null }), 3: (old) => old, 4: (old) => old },
);
export type EffortBlock = z.infer<typeof blockRecord.schema>;

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

/** Casts made; one a tap on the water, more when entered afterwards. */
export const castRecord = defineRecord(
  'cast',
  z.strictObject({ id, blockId: id, seq: z.number().int().min(0), atMs: ms, count: z.number().int().min(1).max(1000) }),
);
export type CastTally = z.infer<typeof castRecord.schema>;

/** Takes a cast or an event back without touching it. */
export const tombstoneRecord = defineRecord('tombstone', z.strictObject({ id, of: id, atMs: ms }));
export type Tombstone = z.infer<typeof tombstoneRecord.schema>;
