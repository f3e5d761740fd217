import * as z from 'zod';
import { once } from '../base/once';
import { familyById } from '../lures/families';
import { FAMILIES, HOOKS } from '../lures/family';
import { SCHOOL_IDS, SCHOOLS, type SchoolId, type Schools } from '../ranking/schools';
import { STEP_KINDS } from '../planning/cadence/cadence';
import { LINE_MATERIALS } from '../tackle/line';
import { ROD_ACTIONS } from '../tackle/rod';
import { conditionsSchema } from './conditions';
import { usualOutfit } from '../tackle/outfit';
import { CADENCE_STYLES } from '../lures/styles';
import { TIP_POSITIONS } from '../tackle/stand';

/** A rod in a document. SI. */
export const rodSpecSchema = once(() =>
  z.strictObject({
    lengthM: z.number().min(0.4).max(5),
    minLureKg: z.number().positive().max(1),
    maxLureKg: z.number().positive().max(1),
    action: z.enum(ROD_ACTIONS),
  }),
);
/** A reel in a document. SI. */
export const reelSpecSchema = once(() =>
  z.strictObject({
    ratio: z.number().min(1).max(12),
    spoolM: z.number().min(0.01).max(0.2),
    arborM: z.number().min(0.005).max(0.2),
    capacityM: z.number().min(10).max(2000),
  }),
);
/** A line in a document; strength by its class, lb. */
export const lineSpecSchema = once(() =>
  z.strictObject({
    material: z.enum(LINE_MATERIALS),
    strengthLb: z.number().min(1).max(200),
  }),
);
const tipMoveM = once(() => z.number().min(-3).max(3));
/** A cadence as a document: what the hands repeat, in seconds, turns and metres of the rod tip. */
export const cadenceSchema = once(() =>
  z.strictObject({
    steps: z
      .array(
        z.strictObject({
          kind: z.enum(STEP_KINDS),
          durationS: z.number().positive().max(120),
          handleTurns: z.number().min(0).max(500).optional(),
          tip: z.strictObject({ backM: tipMoveM(), upM: tipMoveM(), sideM: tipMoveM() }).optional(),
          slack: z.boolean().optional(),
          jitter: z.number().min(0).max(1).optional(),
        }),
      )
      .min(1)
      .max(60)
      .readonly(),
    loop: z.boolean(),
  }),
);
const depthM = once(() => z.number().min(0).max(300));
/** A plan in which one thing is changed: the rest of it. */
const heldSchema = once(() =>
  z
    .strictObject({
      castM: z.number().min(0).max(120),
      countdownS: z.number().min(0).max(120),
      turnsPerS: z.number().min(0).max(4),
      tip: z.enum(TIP_POSITIONS),
      style: z.enum(CADENCE_STYLES),
      pauseS: z.number().min(0).max(60),
      angleDeg: z.number().min(-180).max(180),
      depthM: depthM(),
      bandM: z.tuple([depthM(), depthM()]).readonly(),
    })
    .partial(),
);
const belowSchema = once(() =>
  z.strictObject({
    way: z.enum(['down', 'behind']),
    depthM: z.number().positive().max(300).optional(),
    speedMps: z.number().positive().max(5).optional(),
    inlineKg: z.number().positive().max(1).optional(),
  }),
);
const handSettings = once(() => ({
  castM: z.number().min(2).max(120).optional(),
  countdownS: z.number().min(0).max(120).optional(),
  turnsPerS: z.number().min(0.1).max(4).optional(),
  tip: z.enum(TIP_POSITIONS).optional(),
  style: z.enum(CADENCE_STYLES).optional(),
  pauseS: z.number().min(0).max(60).optional(),
  cadence: cadenceSchema().optional(),
  float: z.boolean().optional(),
  below: belowSchema().optional(),
  angleDeg: z.number().min(-180).max(180).optional(),
  weightKg: z.number().positive().max(1).optional(),
  lipScale: z.number().min(0.3).max(3).optional(),
  line: lineSpecSchema().optional(),
}));
/** What the hands do, as far as it is fixed by hand. */
export const planSettingsSchema = once(() =>
  z.strictObject({
    ...handSettings(),
    held: heldSchema()
      .extend({ own: z.strictObject(handSettings()).optional() })
      .optional(),
  }),
);

const measuredLine = once(() => lineSpecSchema().nullish());
const sinkDepthM = once(() => z.number().positive().max(100));
/** Counts of the angler's own: seconds of a sink, depth where a lip ticks bottom, turns for a length of line. */
export const measuredSchema = once(() =>
  z.strictObject({
    lure: z
      .array(
        z.discriminatedUnion('kind', [
          z.strictObject({
            kind: z.enum(['sink-slack', 'sink-tight']),
            depthM: sinkDepthM(),
            seconds: z.number().positive().max(600),
            castM: z.number().min(1).max(120),
            line: measuredLine(),
          }),
          z.strictObject({
            kind: z.literal('ticks-bottom'),
            depthM: sinkDepthM(),
            castM: z.number().min(3).max(120),
            speedMps: z.number().positive().max(5),
            line: measuredLine(),
          }),
        ]),
      )
      .max(50)
      .nullish(),
    reel: z
      .array(z.strictObject({ lengthM: z.number().positive().max(150), turns: z.number().positive().max(500) }))
      .max(50)
      .nullish(),
  }),
);

/** Where good anglers disagree: any of the schools, the rest by default. */
export const schoolsSchema = once(() =>
  z.strictObject(
    Object.fromEntries(SCHOOL_IDS.map((k) => [k, z.enum(SCHOOLS[k]).optional()])) as unknown as {
      [K in SchoolId]: z.ZodOptional<z.ZodType<Schools[K]>>;
    },
  ),
);

/** What rises on the way, as planning/task/request. */
export const riseSchema = once(() =>
  z.strictObject({ atM: z.number().positive().max(120), topM: z.number().min(0).max(60) }),
);

/** The question of `plan` as a document; docs/ARCHITECTURE.md has the answer. Tackle left out is a usual set-up. */
export const planSchema = once(() =>
  z
    .strictObject({
      conditions: conditionsSchema(),
      lure: z.strictObject({
        id: z.string().nullish(),
        family: z.enum(FAMILIES),
        name: z.string().nullish(),
        weightKg: z.number().positive().max(1).nullish(),
        lengthM: z.number().positive().max(1).nullish(),
        hook: z.enum(HOOKS).nullish(),
      }),
      /** What is left out is usual for a lure of this weight. */
      rod: rodSpecSchema().optional(),
      reel: reelSpecSchema().optional(),
      line: lineSpecSchema().optional(),
      targetM: z.number().positive().max(120).nullish(),
      over: riseSchema().nullish(),
      schools: schoolsSchema().nullish(),
      set: planSettingsSchema().nullish(),
      measured: measuredSchema().nullish(),
    })
    .transform((d) => ({ ...usualOutfit(d.lure.weightKg ?? familyById(d.lure.family).weightKg[1]), ...given(d) })),
);

/** A document without what it leaves open. */
const given = <T extends object>(d: T): T =>
  Object.fromEntries(Object.entries(d).filter(([, v]) => v !== undefined)) as T;
