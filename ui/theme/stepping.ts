/**
 * One step up or down in the angler's own units, landing on round numbers, clamped to what is possible. SI in, SI out.
 */
import { DAY_MIN } from '../../core/base/zone';
import type { Dimension, Typed } from '../../wording/typed';
import { FT, fromFahrenheit, INCH, KMH, MPH, OUNCE, toFahrenheit, YARD, type UnitPrefs } from '../../wording/units';

export interface Stepper {
  to: (si: number) => number;
  from: (user: number) => number;
  step: (user: number) => number;
  min: number;
  max: number;
  /** What is measured, for what is typed; absent: a plain number, or none that anyone would type. */
  dimension?: Dimension;
}

const linear = (unit: number, step: number | ((user: number) => number), min: number, max: number): Stepper => ({
  to: (si) => si / unit,
  from: (u) => u * unit,
  step: typeof step === 'number' ? () => step : step,
  min,
  max,
});

const of = (dimension: Dimension, s: Stepper): Stepper => ({ ...s, dimension });

/** How a value on these steps is typed. */
export const typedBy = ({ dimension = 'plain', from, min, max }: Stepper, text: (si: number) => string): Typed => ({
  dimension,
  fromPlain: from,
  range: [min, max],
  text,
});

const coarse = (u: UnitPrefs, max: number): Stepper =>
  u.size === 'in' ? linear(INCH, 1, 0, max) : linear(0.01, 2, 0, max);

export const STEPPERS = {
  temp: (u: UnitPrefs): Stepper =>
    of(
      'temperature',
      u.temp === 'F'
        ? { to: toFahrenheit, from: fromFahrenheit, step: () => 1, min: -2, max: 38 }
        : linear(1, 0.5, -2, 38),
    ),
  tempChange: (u: UnitPrefs): Stepper =>
    of('degrees', u.temp === 'F' ? linear(1 / 1.8, 1, -10, 10) : linear(1, 0.5, -10, 10)),
  depth: (u: UnitPrefs, max = 60): Stepper =>
    of(
      'length',
      u.depth === 'ft'
        ? linear(FT, (v) => (v < 10 ? 0.5 : v < 30 ? 1 : 5), 0.1, max)
        : linear(1, (v) => (v < 3 ? 0.1 : v < 10 ? 0.5 : 1), 0.1, max),
    ),
  /** Over or below the low water that the table counts from. */
  tide: (u: UnitPrefs): Stepper => of('length', u.depth === 'ft' ? linear(FT, 0.5, -4, 15) : linear(1, 0.1, -4, 15)),
  /** A time of the clock, minutes after midnight. */
  clock: (): Stepper => of('clock', linear(1, 10, 0, DAY_MIN - 1)),
  clarity: (u: UnitPrefs): Stepper =>
    of(
      'length',
      u.depth === 'ft'
        ? linear(FT, (v) => (v < 1.5 ? 0.25 : v < 6 ? 0.5 : 1), 0.07, 12)
        : linear(1, (v) => (v < 0.5 ? 0.05 : v < 2 ? 0.1 : 0.5), 0.05, 12),
    ),
  distance: (u: UnitPrefs): Stepper => of('length', u.depth === 'ft' ? linear(FT, 5, 3, 90) : linear(1, 1, 3, 90)),
  far: (u: UnitPrefs): Stepper =>
    of(
      'length',
      u.depth === 'ft'
        ? linear(YARD, (v) => (v < 200 ? 25 : v < 1200 ? 100 : 500), 0, 20_000)
        : linear(1, (v) => (v < 200 ? 25 : v < 1000 ? 100 : 500), 0, 20_000),
    ),
  size: (u: UnitPrefs): Stepper =>
    of('length', u.size === 'in' ? linear(INCH, 0.25, 0.005, 0.4) : linear(0.01, 0.5, 0.005, 0.4)),
  weight: (u: UnitPrefs, min = 0.0004): Stepper =>
    of(
      'mass',
      u.weight === 'oz'
        ? linear(OUNCE, (v) => (v < 0.25 ? 1 / 32 : v < 1 ? 1 / 16 : 0.25), min, 0.15)
        : linear(0.001, (v) => (v < 5 ? 0.5 : v < 30 ? 1 : 5), min, 0.15),
    ),
  /** A weight on the line of what is towed: whole ounces, or 25 g. */
  inline: (u: UnitPrefs): Stepper =>
    of('mass', u.weight === 'oz' ? linear(OUNCE, 1, 0, 0.35) : linear(0.001, 25, 0, 0.35)),
  /** A fish: half inches, or centimetres. */
  fishLength: (u: UnitPrefs): Stepper =>
    of('length', u.size === 'in' ? linear(INCH, (v) => (v < 24 ? 0.5 : 1), 0.02, 3) : linear(0.01, 1, 0.02, 3)),
  fishWeight: (u: UnitPrefs): Stepper =>
    of('mass', u.weight === 'oz' ? linear(16 * OUNCE, 0.25, 0.01, 300) : linear(1, 0.1, 0.01, 300)),
  speed: (u: UnitPrefs): Stepper => of('speed', u.speed === 'mph' ? linear(MPH, 0.1, 0, 4) : linear(KMH, 0.2, 0, 4)),
  /** Height of waves, thickness of ice: whole inches, or two centimetres. */
  waves: (u: UnitPrefs): Stepper => of('length', coarse(u, 2)),
  ice: (u: UnitPrefs): Stepper => of('length', coarse(u, 1.5)),
  wind: (u: UnitPrefs): Stepper => of('speed', u.speed === 'mph' ? linear(MPH, 1, 0, 25) : linear(KMH, 1, 0, 25)),
  seconds: (): Stepper =>
    of(
      'time',
      linear(1, (v) => (v < 5 ? 0.5 : 1), 0, 90),
    ),
  plain: (step: number, min: number, max: number): Stepper => linear(1, step, min, max),
} as const;

/** Five lengths around a usual one to be touched at once, m, on the steps of the hand: an inch or more apart. */
export function lengthChoices(usualM: number, u: UnitPrefs): number[] {
  const unitM = u.size === 'in' ? INCH : 0.01;
  const apart = Math.max(u.size === 'in' ? 1 : 2, Math.round((0.12 * usualM) / unitM));
  const middle = Math.round(usualM / unitM / apart) * apart;
  return [-2, -1, 0, 1, 2].map((k) => (middle + k * apart) * unitM).filter((m) => m > 0);
}

/** The nearest value on the steps that lies on this side of a bound; the bound itself where it is on them. */
export function onSteps(s: Stepper, si: number, way: 1 | -1): number {
  const user = s.to(si);
  const step = s.step(user);
  const at = user / step;
  const near = Math.round(at);
  if (Math.abs(at - near) < 1e-6) return si;
  return s.from((way > 0 ? Math.ceil(at) : Math.floor(at)) * step);
}

export function stepBy(s: Stepper, si: number, way: 1 | -1): number {
  const user = s.to(si);
  const step = s.step(way < 0 ? user - 1e-6 : user);
  const at = user / step;
  // What shows as a round number is one: 53.96° reads 54, so the next step up is 55.
  const near = Math.round(at);
  const onGrid = Math.abs(at - near) < 0.3;
  const next = (onGrid ? near + way : way > 0 ? Math.ceil(at) : Math.floor(at)) * step;
  return Math.min(s.max, Math.max(s.min, s.from(next)));
}
