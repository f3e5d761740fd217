/** A water, where it is and what it is usually like. */
import * as z from 'zod';
import { coverSchema } from '../schemas/conditions';
import { STATION_IDS } from '../stations/places';
import { defineRecord } from './define';
import { id, itemName, ms, zone } from './fields';
import { ACCESSES, BOTTOMS, FORAGES, SALINITIES, SETTINGS } from '../water/terms';

/** A water the angler fishes. */
export const waterRecord = defineRecord(
  'water',
  () =>
    z.strictObject({
      id,
      name: itemName,
      setting: z.enum(SETTINGS),
      salinity: z.enum(SALINITIES),
      latDeg: z.number().min(-90).max(90),
      lonDeg: z.number().min(-180).max(180),
      zone,
      /** What it is usually like; stands in, marked assumed, for what was not read today. */
      usual: z.strictObject({
        depthM: z.number().min(0.1).max(300).nullable(),
        fishDepthM: z.number().min(0).max(300).nullable(),
        clarityM: z.number().min(0.02).max(30).nullable(),
        cover: coverSchema().nullable(),
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
  [
    {
      change: 'a station, where one stands, and how far the wind blows over water',
      up: ({ usual, ...old }) => ({
        ...old,
        usual: { ...(usual as object), access: null, fetchM: null },
        station: null,
      }),
    },
  ],
);
export type WaterPlace = z.infer<typeof waterRecord.schema>;
