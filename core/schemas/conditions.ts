/**
 * The open conditions document: what the command reads and the application writes. Unknown keys are refused so that a
 * typing slip is seen. Readings come from their table (water/readings): what is legal is said there.
 */
import * as z from 'zod';
import { once } from '../base/once';
import { READING_KEYS, READINGS, readingAt, type KeyAt, type ReadingKey, type ValueOf } from '../water/readings';
import { FAMILIES } from '../lures/family';
import { COVER_KINDS, SETTINGS, SIGN_KINDS, SPECIES } from '../water/terms';
import type { DocumentPart, Reading } from '../water/readingRow';

const within = (lo: number, hi: number) => z.number().min(lo).max(hi).nullish();

/** A sign as it is entered. */
export const signSchema = once(() =>
  z.strictObject({
    kind: z.enum(SIGN_KINDS),
    count: z.number().int().min(0).max(10_000),
    minutesAgo: z.number().min(0).optional(),
    zoneShare: z.number().min(0).max(1).optional(),
    lure: z.enum(FAMILIES).optional(),
  }),
);

/** Cover as it is entered; sizes in m, density 0–1. */
export const coverSchema = once(() =>
  z.strictObject({
    kind: z.enum(COVER_KINDS),
    density: within(0, 1),
    branchDiameterM: within(0, 2),
    topDepthM: within(0, 30),
  }),
);

const markSchema = once(() => z.strictObject({ depthM: z.number().min(0).max(300), count: z.number().int().min(0) }));

function valueSchema({ kind, range = [-Infinity, Infinity], whole, choices = [] }: Reading): z.ZodType {
  const inRange = z.number().min(range[0]).max(range[1]);
  switch (kind) {
    case 'number':
      return whole ? inRange.int() : inRange;
    case 'choice':
      return z.enum(choices as [string]);
    case 'choices':
      return z.array(z.enum(choices as [string]));
    case 'flag':
      return z.boolean();
    case 'band':
      return z.tuple([inRange, inRange]).refine(([top, bottom]) => top <= bottom, 'the top before the bottom');
    case 'cover':
      return coverSchema();
    case 'marks':
      return z.array(markSchema());
    case 'signs':
      return z.array(signSchema());
  }
}

type Nullish<K extends ReadingKey> = { [P in K]: z.ZodOptional<z.ZodNullable<z.ZodType<ValueOf<P>>>> };
const readingsAt = <P extends DocumentPart>(
  place: P,
  wanted: (r: Reading) => boolean = () => true,
): Nullish<KeyAt<P>> =>
  Object.fromEntries(
    READING_KEYS.filter((key) => READINGS[key].at === place && wanted(readingAt(key))).map((key) => [
      key,
      valueSchema(readingAt(key)).nullish(),
    ]),
  ) as unknown as Nullish<KeyAt<P>>;

/** The water's part of the conditions, made from the table of readings. */
export const waterSchema = once(() => z.strictObject({ setting: z.enum(SETTINGS), ...readingsAt('water') }));
/** The sky's part of them. */
export const skySchema = once(() => z.strictObject(readingsAt('sky')));
/** The conditions as documents and records hold them. */
export const conditionsSchema = once(() =>
  z.strictObject({
    species: z.enum(SPECIES),
    water: waterSchema(),
    sky: skySchema().nullish(),
    ...readingsAt('top'),
  }),
);

/** What was read or entered on a day; whatever is absent is assumed. */
const entered = (r: Reading): boolean => r.entered;
/** What an angler entered: the same readings, all of them optional. */
export const enteredSchema = once(() =>
  z.strictObject({
    water: z.strictObject(readingsAt('water', entered)),
    sky: z.strictObject(readingsAt('sky', entered)),
    ...(readingsAt('top', entered) as Omit<Nullish<KeyAt<'top'>>, 'month' | 'signs'>),
  }),
);
export type EnteredReadings = z.infer<ReturnType<typeof enteredSchema>>;
