/** The angler's own log as `rank` takes it: blocks of fishing, where one is, and whether a trial is asked for. */
import * as z from 'zod';
import { COLOURS, FAMILIES, HOOKS, type FamilyId } from '../lures/family';
import type { LogQuestion } from '../learning/learned';
import type { PastBlock } from '../learning/history';
import { conditionsSchema } from '../schemas/conditions';
import { ownLureOf, type BoxLure } from './boxDocument';

const count = z.number().int().min(0).max(10_000);
const place = z.string().max(200).nullish();

/** One block: at most a week of minutes; strikes only where there was time to have them. */
const blockSchema = z
  .strictObject({
    conditions: conditionsSchema(),
    presentation: z.looseObject({
      /** A kind that is not known is noted and left out. */
      family: z.string().max(100),
      weightKg: z.number().min(0.0002).max(0.5).nullish(),
      sizeM: z.number().min(0.005).max(0.5).nullish(),
      colour: z.enum(COLOURS).nullish(),
      hook: z.enum(HOOKS).nullish(),
      cadence: z.unknown().optional(),
      lure: z.string().max(200).nullish(),
    }),
    minutes: z.number().min(0).max(10_080),
    casts: count.nullish(),
    zoneSecondsPerCast: z.number().min(0).max(3600).nullish(),
    strikes: count,
    hooked: count.nullish(),
    landed: count.nullish(),
    follows: count.nullish(),
    trip: place,
    daysAgo: z.number().min(0).max(40_000).nullish(),
    water: place,
  })
  .refine((b) => b.minutes > 0 || b.strikes === 0, {
    path: ['minutes'],
    message: 'more than 0 where there are strikes',
  })
  .refine((b) => b.hooked == null || b.hooked <= b.strikes, { path: ['hooked'], message: 'no more than strikes' })
  .refine((b) => b.landed == null || b.landed <= (b.hooked ?? b.strikes), {
    path: ['landed'],
    message: 'no more than hooked',
  });

/** At most 20,000 blocks. */
export const historySchema = z.array(blockSchema).max(20_000);
export const hereSchema = z.strictObject({ water: place, trip: place });
export const trialSchema = z.strictObject({ seed: z.number().int(), onNow: z.string().max(200).nullish() });

type HistoryBlock = z.infer<typeof blockSchema>;
const isKnown = (family: string): family is FamilyId => (FAMILIES as readonly string[]).includes(family);

/** A block of the document; the lure of the box that it names lends what is not said of it. */
function pastBlock(b: HistoryBlock, family: FamilyId, box: readonly BoxLure[]): PastBlock {
  const { presentation: p, zoneSecondsPerCast, ...rest } = b;
  void zoneSecondsPerCast;
  const at = p.lure ? box.findIndex((l) => l.name === p.lure && l.family === family) : -1;
  const own = at < 0 ? null : ownLureOf(box[at]!, at);
  const lent =
    own && !own.bare ? { weightKg: own.weightKg, sizeM: own.lengthM, hook: own.hook, colour: own.colour } : {};
  const said = { weightKg: p.weightKg, sizeM: p.sizeM, hook: p.hook, colour: p.colour };
  const known = Object.fromEntries(Object.entries(said).filter(([, v]) => v != null));
  return { ...rest, presentation: { family, ...lent, ...known, lure: own?.id ?? null } };
}

/** What the document asks of the log, with a note for every kind that is not known. */
export function logQuestionOf(
  d: {
    history?: readonly HistoryBlock[] | null;
    here?: z.infer<typeof hereSchema> | null;
    trial?: z.infer<typeof trialSchema> | null;
  },
  box: readonly BoxLure[],
): { log: LogQuestion; notes: string[] } {
  const blocks = d.history ?? [];
  const unknown = new Set(blocks.map((b) => b.presentation.family).filter((f) => !isKnown(f)));
  return {
    log: {
      history: blocks.flatMap((b) =>
        isKnown(b.presentation.family) ? [pastBlock(b, b.presentation.family, box)] : [],
      ),
      here: d.here ?? null,
      trial: d.trial ?? null,
    },
    notes: [...unknown].sort().map((f) => `history: no such family, left out: ${f}`),
  };
}
