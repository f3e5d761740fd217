/** Waters and the spots on them. */
import * as z from 'zod';
import { SPOT_LIGHTS } from '../day/spots';
import { STATION_IDS } from '../stations/places';
import { ACCESSES, BOTTOMS, FORAGES, SALINITIES, SETTINGS, TIDE_STAGES } from '../water/conditions';
import { coverSchema } from '../exchange/conditionsDocument';
import { defineRecord } from './define';
import { id, itemName, ms } from './tackle';

export const waterRecord = defineRecord(
  'water',
  z.strictObject({
    id,
    name: itemName,
    setting: z.enum(SETTINGS),
    salinity: z.enum(SALINITIES),
    latDeg: z.number().min(-90).max(90),
    lonDeg: z.number().min(-180).max(180),
    zone: z.string().min(1).max(60),
    /** What it is usually like; stands in, marked assumed, for what was not read today. */
    usual: z.strictObject({
      depthM: z.number().min(0.1).max(300).nullable(),
      fishDepthM: z.number().min(0).max(300).nullable(),
      clarityM: z.number().min(0.02).max(30).nullable(),
      cover: coverSchema.nullable(),
      bottom: z.enum(BOTTOMS).nullable(),
      forage: z.array(z.enum(FORAGES)),
      access: z.enum(ACCESSES).nullable(),
      /** Open water in front of the angler, m. */
      fetchM: z.number().min(0).max(500_000).nullable(),
    }),
    /** The station that reports for it; null: none. */
    station: z.enum(STATION_IDS).nullable(),
    note: z.string().max(500),
    retiredAtMs: ms.nullable().default(null),
  }),
  2,
  // Version 1 knew no stations, and neither where one stands nor how far the wind blows over water.
  { 1: ({ usual, ...old }) => ({ ...old, usual: { ...(usual as object), access: null, fetchM: null }, station: null }) },
);
export type WaterPlace = z.infer<typeof waterRecord.schema>;

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
  2,
  { 1: (old) => ({ ...old, bestTide: 'any', bestLight: 'any', retiredAtMs: null }) },
);
export type Spot = z.infer<typeof spotRecord.schema>;
