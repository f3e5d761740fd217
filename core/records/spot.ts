/** A spot on a water: what is found there and when it is known to fish. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';
import { SPOT_LIGHTS, TIDE_STAGES } from '../water/terms';

/** A spot of a water, with what is there. */
export const spotRecord = defineRecord(
  'spot',
  z.strictObject({
    id,
    waterId: id,
    name: itemName,
    latDeg: z.number().min(-90).max(90),
    lonDeg: z.number().min(-180).max(180),
    bait: z.boolean(),
    current: z.boolean(),
    structure: z.boolean(),
    depthChange: z.boolean(),
    /** The tide and the light it is known for. */
    bestTide: z.enum(['any', ...TIDE_STAGES]),
    bestLight: z.enum(SPOT_LIGHTS),
    note: z.string().max(500),
    retiredAtMs: ms.nullable(),
  }),
  [
    {
      change: 'the tide and the light it is best in, and putting it away',
      up: (old) => ({ ...old, bestTide: 'any', bestLight: 'any', retiredAtMs: null }),
    },
  ],
);
export type Spot = z.infer<typeof spotRecord.schema>;
