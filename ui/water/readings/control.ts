/** What a reading is to the screen: how it is shown, stepped, dragged and stored. */
import type { Readings } from '../../../core/records/trip';
import type { Option } from '../../parts/Buttons';
import { stepBy, type Stepper } from '../../theme/stepping';

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
  get: (r: Readings) => number | null | undefined;
  set: (r: Readings, v: number | null) => Readings;
}

export interface ChoiceReading extends Base {
  type: 'choice';
  value: string | null;
  options: Option<string>[];
  set: (r: Readings, v: string | null) => Readings;
}

/** Several at once. */
export interface ManyReading extends Base {
  type: 'many';
  value: readonly string[];
  options: Option<string>[];
  set: (r: Readings, v: readonly string[] | null) => Readings;
}

export type ReadingControl = NumberReading | ChoiceReading | ManyReading;

type NumberKey<T> = { [K in keyof T]-?: NonNullable<T[K]> extends number ? K : never }[keyof T];

export const waterNumber = (key: NumberKey<Readings['water']>): Pick<NumberReading, 'get' | 'set' | 'path'> => ({
  path: `water.${key}`,
  get: (r) => r.water[key],
  set: (r, v) => ({ ...r, water: { ...r.water, [key]: v } }),
});
export const skyNumber = (key: NumberKey<Readings['sky']>): Pick<NumberReading, 'get' | 'set' | 'path'> => ({
  path: `sky.${key}`,
  get: (r) => r.sky[key],
  set: (r, v) => ({ ...r, sky: { ...r.sky, [key]: v } }),
});
/** A choice of the trip's readings that stands beside water and sky. */
export const topChoice = <K extends 'forageAbundance' | 'pressure' | 'access' | 'behaviour'>(key: K): Pick<ChoiceReading, 'set' | 'path'> => ({
  path: key,
  set: (r, v) => ({ ...r, [key]: v === null ? undefined : v }) as Readings,
});
export const waterChoice = <K extends 'bottom' | 'salinity' | 'tideStage'>(key: K): Pick<ChoiceReading, 'set' | 'path'> => ({
  path: `water.${key}`,
  set: (r, v) => ({ ...r, water: { ...r.water, [key]: v } }) as Readings,
});

/** One step from what is entered this instant, so that quick taps add up. */
export const stepReading =
  (c: NumberReading, way: 1 | -1) =>
  (r: Readings): Readings =>
    c.set(r, stepBy(c.stepper, c.get(r) ?? c.value, way));

/** The nearest value on the grid of the angler's steps. */
export function onGrid(c: NumberReading, si: number): number {
  const user = c.stepper.to(si);
  const step = c.stepper.step(user);
  const snapped = c.stepper.from(Math.round(user / step) * step);
  return Math.min(c.stepper.max, Math.max(c.stepper.min, snapped));
}

/** From where to where it is dragged now: a value at the top of the usual ones has room above it, as far as it can be at all. */
export function dragRange(c: NumberReading): readonly [number, number] {
  const [lo, hi] = c.range;
  return [Math.min(lo, c.value), c.value < 0.99 * hi ? hi : Math.max(hi, Math.min(c.stepper.max, 1.5 * c.value))];
}

export const nearPreset = (c: NumberReading): number | null =>
  c.presets?.find((o) => Math.abs(o.value - c.value) < 0.006 + 0.01 * Math.abs(o.value))?.value ?? null;

/** The value as a tile shows it. */
export function readingText(c: ReadingControl): string {
  if (c.type === 'number') return (c.short ?? c.text)(c.value);
  const title = (v: string): string => (c.options.find((o) => o.value === v)?.title ?? v).toLowerCase();
  if (c.type === 'choice') return c.value === null ? '–' : title(c.value);
  return c.value.length === 0 ? '–' : c.value.length === 1 ? title(c.value[0]!) : `${title(c.value[0]!)} +${c.value.length - 1}`;
}
