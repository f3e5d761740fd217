/** A spot on a water: what is found there and when it is known to fish. */
import * as z from 'zod';
import { once } from '../base/once';
import { defineRecord } from './define';
import { id, itemName, ms } from './fields';
import { BOTTOMS, PIN_KINDS, SPOT_LIGHTS, TIDE_STAGES, WATER_PARTS } from '../water/terms';

/** Single things that a spot keeps apart. */
export const MAX_PINS = 40;
export const pinFields = once(() =>
  z.strictObject({
    kind: z.enum(PIN_KINDS),
    /** What one calls it; '': by its kind. */
    name: z.string().max(40),
    latDeg: z.number().min(-90).max(90),
    lonDeg: z.number().min(-180).max(180),
  }),
);
export type Pin = z.infer<ReturnType<typeof pinFields>>;

/** A spot, field by field: a file of places is looked through by them. */
export const spotFields = once(() =>
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
    /** In which part of the water it lies; null: not said. */
    part: z.enum(WATER_PARTS).nullable(),
    /** Depth of the water there, m, and its bottom; null: not known. */
    depthM: z.number().min(0).max(300).nullable(),
    bottom: z.enum(BOTTOMS).nullable(),
    /** What hangs up lures or holes a boat there; what was seen at low water. */
    hazards: z.string().max(300),
    lowWater: z.string().max(500),
    /** Single limbs, rocks, snags and marks of it, each at its place. */
    pins: z.array(pinFields()).max(MAX_PINS),
    note: z.string().max(500),
    retiredAtMs: ms.nullable(),
  }),
);

/** A spot of a water, with what is there. */
export const spotRecord = defineRecord('spot', () => spotFields(), [
  {
    change: 'the tide and the light it is best in, and putting it away',
    up: (old) => ({ ...old, bestTide: 'any', bestLight: 'any', retiredAtMs: null }),
  },
  {
    change: 'the part of the water, depth and bottom; hazards; what low water showed',
    up: (old) => ({ ...old, part: null, depthM: null, bottom: null, hazards: '', lowWater: '' }),
  },
  { change: 'single limbs, rocks and marks of it', up: (old) => ({ ...old, pins: [] }) },
]);
export type Spot = z.infer<ReturnType<typeof spotFields>>;

/** A spot of which only the position is known. */
export const newSpot = (of: Pick<Spot, 'id' | 'waterId' | 'name' | 'latDeg' | 'lonDeg'>): Spot => ({
  ...of,
  bait: false,
  current: false,
  structure: false,
  depthChange: false,
  bestTide: 'any',
  bestLight: 'any',
  part: null,
  depthM: null,
  bottom: null,
  hazards: '',
  lowWater: '',
  pins: [],
  note: '',
  retiredAtMs: null,
});
