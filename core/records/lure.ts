/** A lure of the box. */
import * as z from 'zod';
import { familyById } from '../lures/families';
import { COLOURS, FAMILIES, HOOKS } from '../lures/family';
import { defineRecord, onlyWidened } from './define';
import { id, itemName, ms, retiredAtMs } from './fields';

/** A lure of the box. */
export const lureRecord = defineRecord(
  'lure',
  () =>
    z
      .strictObject({
        id,
        name: itemName,
        family: z.enum(FAMILIES),
        weightKg: z.number().min(0.0002).max(0.5),
        lengthM: z.number().min(0.005).max(0.5),
        colour: z.enum(COLOURS),
        hook: z.enum(HOOKS),
        /** A soft body without head or hook: both are chosen for the water. The weight is the body's own. */
        bare: z.boolean(),
        /** Price in the smallest coin, whole number. */
        priceMinor: z.number().int().min(0).max(1_000_000),
        count: z.number().int().min(0).max(10_000),
        note: z.string().max(500),
        favourite: z.boolean(),
        retiredAtMs,
        /** Gone to a snag, a fish or the bottom of the boat. */
        lostAtMs: ms.nullable(),
      })
      .refine((l) => !l.bare || familyById(l.family).soft, { path: ['bare'], message: 'a soft body' }),
  [
    {
      change: 'the weight in kilograms instead of grams, and a count',
      up: ({ weightG, ...rest }) => ({ ...rest, weightKg: Number(weightG) / 1000, count: 1 }),
    },
    onlyWidened('more families'),
    { change: 'favourites and losses, and all families', up: (old) => ({ ...old, favourite: false, lostAtMs: null }) },
    { change: 'bodies without head and hook', up: (old) => ({ ...old, bare: false }) },
  ],
);
export type Lure = z.infer<typeof lureRecord.schema>;
