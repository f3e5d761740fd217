/** What the angler counted of a lure or a reel. Stored under the kind `calibration`. */
import * as z from 'zod';
import { lineSpecSchema } from '../schemas/plan';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** What can be counted of a lure, and of a reel. */
export const LURE_MEASUREMENTS = ['sink-slack', 'sink-tight', 'ticks-bottom'] as const;
/** What can be measured of a lure or a reel. */
export const MEASUREMENTS = [...LURE_MEASUREMENTS, 'turns-in'] as const;

/** A measurement the angler made of a lure or a reel; kept with it, taken back by a tombstone. */
export const measurementRecord = defineRecord(
  'calibration',
  () =>
    z.strictObject({
      id,
      /** The lure, or for counted turns the reel. */
      ofId: id,
      kind: z.enum(MEASUREMENTS),
      depthM: z.number().min(0).max(100).nullable(),
      seconds: z.number().min(0).max(600).nullable(),
      turns: z.number().min(0).max(500).nullable(),
      /** How far out, or for counted turns the length brought in. */
      castM: z.number().min(0).max(150).nullable(),
      /** Speed of the line while it ticked. */
      speedMps: z.number().min(0).max(10).nullable(),
      /** The line it was on. */
      line: lineSpecSchema().nullable(),
      atMs: ms,
    }),
  [
    {
      change: 'of reels too, with the speed and the line it was made on',
      up: ({ lureId, ...rest }) => ({ ...rest, ofId: lureId, speedMps: null, line: null }),
    },
  ],
);
export type Measurement = z.infer<typeof measurementRecord.schema>;
