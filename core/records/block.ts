/** An effort block: what was fished how, in which water, frozen as it was; its casts and events carry its id. */
import * as z from 'zod';
import { once } from '../base/once';
import { COLOURS, FAMILIES, HOOKS, NOISES, TRAILERS } from '../lures/family';
import { CADENCE_STYLES } from '../lures/styles';
import { PHASES } from '../planning/cadence/cadence';
import { conditionsSchema } from '../schemas/conditions';
import { cadenceSchema, lineSpecSchema, reelSpecSchema, rodSpecSchema } from '../schemas/plan';
import { defineRecord, onlyWidened } from './define';
import { id, ms } from './fields';
import { TIP_POSITIONS } from '../tackle/stand';

const finite = z.number();
const lurePhysicsSchema = once(() =>
  z.strictObject({
    massKg: finite,
    volumeM3: finite,
    dragAreaM2: finite,
    liftAreaM2: finite,
    addedMass: finite,
  }),
);
/** A presentation as it is stored; as planning/task/presentation. */
export const presentationSchema = once(() =>
  z.strictObject({
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
    lure: lurePhysicsSchema(),
    line: lineSpecSchema(),
    reel: reelSpecSchema(),
    rod: rodSpecSchema(),
    tip: z.strictObject({ position: z.enum(TIP_POSITIONS), angleDeg: finite, heightM: finite }),
    castM: finite,
    countdownS: finite,
    turnsPerS: finite,
    style: z.enum(CADENCE_STYLES),
    cadence: cadenceSchema(),
    bandM: z.tuple([finite, finite]),
  }),
);

/** Casts made with one presentation in one water: what the lessons count. */
export const blockRecord = defineRecord(
  'block',
  () =>
    z.strictObject({
      id,
      tripId: id,
      spotId: id.nullable(),
      /** Order among the trip's blocks, on the same count as its casts and events; the clock may be set back. */
      seq: z.number().int().min(0),
      presentationId: z.string(),
      presentation: presentationSchema(),
      conditions: conditionsSchema(),
      startedAtMs: ms,
      endedAtMs: ms.nullable(),
      zoneShare: z.number().min(0).max(1),
      zoneSecondsPerCast: z.number().min(0).max(3600),
      phaseS: z.record(z.enum(PHASES), z.number().min(0)),
      /** What the model expected when the block was opened. */
      expectedPerCast: z.number().min(0).max(10),
    }),
  [
    {
      change: 'a place in the order of the trip; its start alone breaks a tie still',
      up: (old) => ({ ...old, seq: 0 }),
    },
    { change: 'the spot', up: (old) => ({ ...old, spotId: null }) },
    onlyWidened('more families'),
    onlyWidened('all families'),
  ],
);
export type EffortBlock = z.infer<typeof blockRecord.schema>;
