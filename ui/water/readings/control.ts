/** What a reading is to the screen: how it is shown, stepped, dragged and stored. */
import type { Option } from '../../parts/Buttons';
import { givenIn, readingAt, readingPath, type ReadingKey, type ValueOf } from '../../../core/water/readings';
import { capital } from '../../../wording/names';
import type { UnitPrefs } from '../../../wording/units';
import { stepBy, STEPPERS, type Stepper } from '../../theme/stepping';
import type { EnteredReadings } from '../../../core/schemas/conditions';

interface Base {
  id: string;
  /** Its place in the conditions; says where the value comes from. */
  path: string;
  name: string;
  hint: string;
}

export interface NumberReading extends Base {
  type: 'number';
  value: number;
  text: (v: number) => string;
  /** Shorter, for a tile. */
  short?: (v: number) => string;
  stepper: Stepper;
  /** The usual values: from where to where it is dragged while it is one of them. */
  range: readonly [number, number];
  presets?: Option<number>[];
  /** What was entered so far; absent while assumed. */
  get: (r: EnteredReadings) => number | null | undefined;
  set: (r: EnteredReadings, v: number | null) => EnteredReadings;
}

export interface ChoiceReading extends Base {
  type: 'choice';
  value: string | null;
  options: Option<string>[];
  set: (r: EnteredReadings, v: string | null) => EnteredReadings;
}

/** Several at once. */
export interface ManyReading extends Base {
  type: 'many';
  value: readonly string[];
  options: Option<string>[];
  set: (r: EnteredReadings, v: readonly string[] | null) => EnteredReadings;
}

export type ControlSpec = NumberReading | ChoiceReading | ManyReading;

/** Keys of the table by what they are to a control. */
type KeyTo<V> = { [K in ReadingKey]: ValueOf<K> extends V ? K : never }[ReadingKey];
export type NumberKey = KeyTo<number>;
type ChoiceKey = KeyTo<string>;

/** The readings with one of them set, or, with null, said not to be read. */
export function withReading(r: EnteredReadings, key: ReadingKey, value: unknown): EnteredReadings {
  const { at } = readingAt(key);
  if (at === 'top') return { ...r, [key]: value ?? undefined };
  return { ...r, [at]: { ...r[at], [key]: value } };
}

function stepperOf(key: NumberKey, u: UnitPrefs): Stepper {
  const { step } = readingAt(key).entry!;
  return typeof step === 'string' ? STEPPERS[step](u) : STEPPERS.plain(step.by, step.from, step.to);
}

/** What the table of readings says of a number: its place, steps, usual values and presets; `title` names a preset. */
export const numberOf = (
  key: NumberKey,
  u: UnitPrefs,
  title: (v: number) => string,
): Pick<NumberReading, 'type' | 'path' | 'stepper' | 'range' | 'presets' | 'get' | 'set'> => ({
  type: 'number',
  path: readingPath(key),
  stepper: stepperOf(key, u),
  range: readingAt(key).entry!.usual,
  presets: readingAt(key).entry!.presets?.map((v) => ({ value: v, title: title(v) })),
  get: (r) => givenIn(r, key) as number | null,
  set: (r, v) => withReading(r, key, v),
});

/** The same of a choice; `name` names each. */
export const choiceOf = <K extends ChoiceKey>(
  key: K,
  name: Readonly<Record<ValueOf<K> & string, string>>,
): Pick<ChoiceReading, 'type' | 'path' | 'options' | 'set'> => ({
  type: 'choice',
  path: readingPath(key),
  options: readingAt(key).choices!.map((v) => ({ value: v, title: capital((name as Record<string, string>)[v]!) })),
  set: (r, v) => withReading(r, key, v),
});

/** One step from what is entered this instant, so that quick taps add up. */
export const stepReading =
  (c: NumberReading, way: 1 | -1) =>
  (r: EnteredReadings): EnteredReadings =>
    c.set(r, stepBy(c.stepper, c.get(r) ?? c.value, way));

/** The nearest value on the grid of the angler's steps. */
export function onGrid(c: NumberReading, si: number): number {
  const user = c.stepper.to(si);
  const step = c.stepper.step(user);
  const snapped = c.stepper.from(Math.round(user / step) * step);
  return Math.min(c.stepper.max, Math.max(c.stepper.min, snapped));
}

/**
 * From where to where it is dragged now: a value at the top of the usual ones has room above it, as far as it can be at
 * all.
 */
export function dragRange(c: NumberReading): readonly [number, number] {
  const [lo, hi] = c.range;
  return [Math.min(lo, c.value), c.value < 0.99 * hi ? hi : Math.max(hi, Math.min(c.stepper.max, 1.5 * c.value))];
}

export const nearPreset = (c: NumberReading): number | null =>
  c.presets?.find((o) => Math.abs(o.value - c.value) < 0.006 + 0.01 * Math.abs(o.value))?.value ?? null;

/** The value as a tile shows it. */
export function readingText(c: ControlSpec): string {
  if (c.type === 'number') return (c.short ?? c.text)(c.value);
  const title = (v: string): string => (c.options.find((o) => o.value === v)?.title ?? v).toLowerCase();
  if (c.type === 'choice') return c.value === null ? '–' : title(c.value);
  return c.value.length === 0
    ? '–'
    : c.value.length === 1
      ? title(c.value[0]!)
      : `${title(c.value[0]!)} +${c.value.length - 1}`;
}
