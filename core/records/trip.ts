/**
 * A day on the water: trip → effort blocks → casts and events. Nothing is an event without the effort it belongs to.
 */
import * as z from 'zod';
import { once } from '../base/once';
import { CAUTIONS } from '../cautions/cautions';
import { enteredSchema } from '../schemas/conditions';
import { planSettingsSchema, riseSchema } from '../schemas/plan';
import { defineRecord, onlyWidened } from './define';
import { id, ms } from './fields';
import { FAMILIES } from '../lures/family';
import { FLOWS, TARGETS } from '../water/pieces';
import { SIGN_KINDS, SPECIES } from '../water/terms';

/** Where one stands at a piece, m, as it lies on the plan. */
const standSchema = once(() =>
  z.strictObject({ xM: z.number().min(-300).max(300), yM: z.number().min(-300).max(300) }),
);

/** So many places before the present one are kept. */
export const MOST_EARLIER = 12;

/** A trip: where, when, for what fish, and every reading that was entered on it. */
export const tripRecord = defineRecord(
  'trip',
  () =>
    z.strictObject({
      id,
      waterId: id,
      /** The day on another water that this one goes on from: one outing; null: it began here. */
      movedFrom: id.nullable(),
      spotId: id.nullable(),
      species: z.enum(SPECIES),
      startedAtMs: ms,
      endedAtMs: ms.nullable(),
      readings: enteredSchema(),
      /** Signs tapped by hand. */
      signs: z.array(
        z.strictObject({
          kind: z.enum(SIGN_KINDS),
          count: z.number().int().min(1).max(1000),
          atMs: ms,
          /** What it answered, where known. */
          lure: z.enum(FAMILIES).optional(),
        }),
      ),
      /** Lure picked by hand; null follows the ranking. */
      lureId: id.nullable(),
      rodId: id.nullable(),
      reelId: id.nullable(),
      lineId: id.nullable(),
      settings: planSettingsSchema(),
      /** The way to what is aimed at, m; null: at nothing. */
      aimM: z.number().positive().max(120).nullable(),
      /** What rises on the way; null: nothing. */
      over: riseSchema().nullable(),
      /** The piece that is fished by its cast plan, since when, from where on it, what is left out; null: none. */
      castPlan: z
        .strictObject({
          pieceId: id,
          sinceMs: ms,
          stand: standSchema(),
          /** Where it was fished from before, since when, in order: the same piece at other angles. */
          earlier: z.array(z.strictObject({ sinceMs: ms, stand: standSchema() })).max(MOST_EARLIER),
          /** The way the wind blows over it, as one looks at it from open water. */
          wind: z.enum(FLOWS),
          skipped: z.array(z.enum(TARGETS)).max(TARGETS.length),
          /** Thrown at next by choice; null: as the plan has it. */
          next: z.enum(TARGETS).nullable(),
        })
        .nullable(),
      note: z.string().max(2000),
      /** When the readings were last set, or said to be as they were. */
      readAtMs: ms,
      /** Thunder told today. */
      thunder: z.array(z.strictObject({ atMs: ms, seconds: z.number().min(0).max(300).nullable() })).max(500),
      /** Cautions put aside for the day. */
      cautionsSeen: z.array(z.enum(CAUTIONS)),
    }),
  [
    {
      change: 'when it was read, thunder, cautions put aside',
      up: (old) => ({ ...old, readAtMs: old.startedAtMs, thunder: [], cautionsSeen: [] }),
    },
    onlyWidened('more settings of the plan'),
    onlyWidened('which lure a sign answered'),
    onlyWidened('a float, small twitches, what a change holds'),
    {
      change: 'how far off what is aimed at is, and what rises on the way; a lure that is let down or towed by choice',
      up: (old) => ({ ...old, aimM: null, over: null }),
    },
    { change: 'the piece of cover that is fished by its cast plan', up: (old) => ({ ...old, castPlan: null }) },
    {
      change: 'the wind over a piece of cover that is fished by its cast plan',
      up: (old) => ({ ...old, castPlan: old.castPlan ? { ...old.castPlan, wind: 'none' } : null }),
    },
    {
      change: 'the water that an outing went on from; the angles a piece was fished from before',
      up: (old) => ({ ...old, movedFrom: null, castPlan: old.castPlan ? { ...old.castPlan, earlier: [] } : null }),
    },
  ],
);
export type Trip = z.infer<typeof tripRecord.schema>;
