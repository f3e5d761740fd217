import * as z from 'zod';
import { STATION_FAULTS } from '../stations/answer';
import { defineRecord } from './define';
import { id, ms } from './tackle';

const unitsSchema = z.strictObject({
  temp: z.enum(['F', 'C']),
  depth: z.enum(['ft', 'm']),
  size: z.enum(['in', 'cm']),
  weight: z.enum(['oz', 'g']),
  line: z.enum(['lb', 'kg']),
  speed: z.enum(['mph', 'kmh']),
});

/** Noon: strongest contrast, thick strokes; Shade: the default; Night: dim and warm. */
export const LIGHTS = ['noon', 'shade', 'night'] as const;
export type Light = (typeof LIGHTS)[number];

export const preferencesRecord = defineRecord(
  'preferences',
  z.strictObject({
    id: z.literal('mine'),
    units: unitsSchema,
    light: z.enum(LIGHTS),
    textScale: z.number().min(1).max(2),
    /** Single letters log and lead about. */
    shortcuts: z.boolean(),
    peg: z.enum(['free', 'by-cover']),
    /** Moon periods are always shown; this counts them too. */
    /** How the readings are laid out. */
    readingSheet: z.enum(['tiles', 'dense']),
    /** What the beat does besides the picture. */
    beat: z.strictObject({ sound: z.boolean(), buzz: z.boolean() }),
    moon: z.enum(['shown', 'counted']),
    /** The fault the stand-in stations are asked to have. */
    stationFault: z.enum(STATION_FAULTS),
    /** Demo world: the moment it stands for, and when it was loaded. */
    demoClock: z.strictObject({ demoAtMs: ms, realAtMs: ms }).nullable(),
    activeTripId: id.nullable(),
    lastRodId: id.nullable(),
    lastReelId: id.nullable(),
    lastLineId: id.nullable(),
  }),
  3,
  // Version 1 knew two lights, which are still there, and had no switch for the keys; version 2 knew no stations.
  {
    1: (old) => ({ ...old, shortcuts: true }),
    2: (old) => ({ ...old, moon: 'shown', stationFault: 'none', readingSheet: 'tiles', beat: { sound: true, buzz: true } }),
  },
);
export type Preferences = z.infer<typeof preferencesRecord.schema>;

export const DEFAULT_PREFERENCES: Preferences = {
  id: 'mine',
  units: { temp: 'F', depth: 'ft', size: 'in', weight: 'oz', line: 'lb', speed: 'mph' },
  light: 'shade',
  textScale: 1,
  shortcuts: true,
  peg: 'by-cover',
  readingSheet: 'tiles',
  beat: { sound: true, buzz: true },
  moon: 'shown',
  stationFault: 'none',
  demoClock: null,
  activeTripId: null,
  lastRodId: null,
  lastReelId: null,
  lastLineId: null,
};
