import * as z from 'zod';

const count = z.number().int().min(0).max(1_000_000);

/** Presentations that one question may hold. */
const MAX_EFFORTS = 20_000;

/** The question of `learn`: casts and strikes by presentation. */
export const learnSchema = z.strictObject({
  efforts: z
    .array(
      z
        .looseObject({
          presentation: z.string(),
          casts: count,
          strikes: count,
          hooked: count.default(0),
          landed: count.default(0),
        })
        .refine((e) => e.hooked <= e.strikes, { path: ['hooked'], message: 'no more than strikes' })
        .refine((e) => e.landed <= e.hooked, { path: ['landed'], message: 'no more than hooked' }),
    )
    .max(MAX_EFFORTS),
  prior: z
    .strictObject({ meanPerCast: z.number().positive().max(10), weightCasts: z.number().positive().max(100_000) })
    .optional(),
});
