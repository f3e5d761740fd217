/** What lies in the kit: lures, rods, reels, lines. */
import * as z from 'zod';
import { cadenceSchema } from '../exchange/planDocument';
import { FAMILIES, COLOURS, HOOKS } from '../lures/family';
import { CADENCE_STYLES } from '../retrieve/cadence/library';
import { LINE_MATERIALS } from '../retrieve/tackle/line';
import { ROD_ACTIONS } from '../retrieve/tackle/rod';
import { defineRecord } from './define';

export const id = z.string().min(1).max(60);
export const ms = z.number().int().min(0);
export const itemName = z.string().trim().min(1, 'a name').max(60);
const retiredAtMs = ms.nullable().default(null);

export const lureRecord = defineRecord(
  'lure',
  z.strictObject({
    id,
    name: itemName,
    family: z.enum(FAMILIES),
    weightKg: z.number().min(0.0002).max(0.5),
    lengthM: z.number().min(0.005).max(0.5),
    colour: z.enum(COLOURS),
    hook: z.enum(HOOKS),
    /** Price in the smallest coin, whole number. */
    priceMinor: z.number().int().min(0).max(1_000_000),
    count: z.number().int().min(0).max(10_000),
    note: z.string().max(500),
    favourite: z.boolean(),
    retiredAtMs,
    /** Gone to a snag, a fish or the bottom of the boat. */
    lostAtMs: ms.nullable(),
  }),
  4,
  // Version 1 kept the weight in grams and had no count; version 3 knows more families than 2; version 4 knows all, favourites and losses.
  {
    1: ({ weightG, ...rest }) => ({ ...rest, weightKg: Number(weightG) / 1000, count: 1 }),
    2: (old) => old,
    3: (old) => ({ ...old, favourite: false, lostAtMs: null }),
  },
);
export type Lure = z.infer<typeof lureRecord.schema>;

export const rodRecord = defineRecord(
  'rod',
  z
    .strictObject({
      id,
      name: itemName,
      lengthM: z.number().min(0.4).max(5),
      minLureKg: z.number().min(0.0002).max(1),
      maxLureKg: z.number().min(0.0005).max(1),
      action: z.enum(ROD_ACTIONS),
      retiredAtMs,
    })
    .refine((r) => r.minLureKg < r.maxLureKg, { path: ['maxLureKg'], message: 'more than the lightest lure' }),
);
export type Rod = z.infer<typeof rodRecord.schema>;

export const reelRecord = defineRecord(
  'reel',
  z
    .strictObject({
      id,
      name: itemName,
      ratio: z.number().min(1).max(12),
      spoolM: z.number().min(0.01).max(0.2),
      arborM: z.number().min(0.005).max(0.2),
      capacityM: z.number().min(10).max(2000),
      retiredAtMs,
    })
    .refine((r) => r.arborM < r.spoolM, { path: ['arborM'], message: 'less than the full spool' }),
);
export type Reel = z.infer<typeof reelRecord.schema>;

export const lineRecord = defineRecord(
  'line',
  z.strictObject({ id, name: itemName, material: z.enum(LINE_MATERIALS), strengthLb: z.number().min(1).max(200), retiredAtMs }),
);
export type Line = z.infer<typeof lineRecord.schema>;

/** What can be counted of a lure, and of a reel. */
export const LURE_MEASUREMENTS = ['sink-slack', 'sink-tight', 'ticks-bottom'] as const;
export const MEASUREMENTS = [...LURE_MEASUREMENTS, 'turns-in'] as const;

/** A measurement the angler made of a lure or a reel; kept with it, taken back by a tombstone. */
export const calibrationRecord = defineRecord(
  'calibration',
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
    line: z.strictObject({ material: z.enum(LINE_MATERIALS), strengthLb: z.number().min(1).max(200) }).nullable(),
    atMs: ms,
  }),
  2,
  // Version 1 was of lures alone, and said neither speed nor line.
  { 1: ({ lureId, ...rest }) => ({ ...rest, ofId: lureId, speedMps: null, line: null }) },
);
export type Calibration = z.infer<typeof calibrationRecord.schema>;

/** A cadence of the angler's own, under the angler's name for it. */
export const cadenceRecord = defineRecord(
  'cadence',
  z.strictObject({ id, name: itemName, cadence: cadenceSchema, atMs: ms, retiredAtMs: ms.nullable() }),
);
export type OwnCadence = z.infer<typeof cadenceRecord.schema>;

/** One practice of a beat. */
export const practiceRecord = defineRecord(
  'practice',
  z.strictObject({
    id,
    atMs: ms,
    style: z.enum(CADENCE_STYLES),
    score: z.number().int().min(0).max(100),
    /** Hangs held, as a share of what was asked; null without any. */
    heldShare: z.number().min(0).max(20).nullable(),
  }),
);
