/**
 * The water at another hour: as it was read, with what moves by itself. Sun, tide and warmth are the day line's own
 * (line.ts); wind and sky are the station's where its forecast reaches, else as they were read.
 */
import { clockMinutes } from '../base/zone';
import { hourOf } from '../stations/reading';
import { composeDay, reportFor, type Day, type DayBook } from '../trip/day';
import { READING_KEYS, readingAt, type ReadingKey } from '../water/readings';
import type { EnteredReadings } from '../schemas/conditions';
import { READ_HOLDS_MS } from './ahead';
import type { DayLine, DayStep } from './line';

/** The step of a day that begins at, or last before, a time on its clock, minutes after midnight. */
export function stepAt(line: Pick<DayLine, 'steps'>, minutes: number, zone: string): DayStep {
  const before = line.steps.filter((s) => clockMinutes(s.atMs, zone) <= minutes);
  return before.at(-1) ?? line.steps[0]!;
}

/** Readings of the sky and the air, which a forecast tells of an hour to come; the water's warmth is the day line's. */
const IN_THE_FORECAST = READING_KEYS.filter(
  (key) => readingAt(key).sources?.includes('station') && key !== 'surfaceTempC' && key !== 'tempChange3dC',
);
/** Readings that the tide tells. */
const IN_THE_TIDE: readonly ReadingKey[] = ['currentMps', 'tideStage'];

const without = (part: object, keys: readonly ReadingKey[]): object =>
  Object.fromEntries(Object.entries(part).filter(([key]) => !keys.includes(key as ReadingKey)));

/** What was read, less what is no longer true by then. */
function stillTrue(r: EnteredReadings, gone: readonly ReadingKey[]): EnteredReadings {
  const { water, sky, ...top } = r;
  return { ...without(top, gone), water: without(water, gone), sky: without(sky, gone) } as EnteredReadings;
}

/** The day at another hour. */
export interface DayAtHour {
  day: Day;
  /** Wind and sky of that hour are the station's forecast; else as they were read, or usual. */
  forecast: boolean;
}

/**
 * The day of `day` at a step of its line or of a later day's, as far as it is known at `nowMs`. `month`: local, of that
 * day. Signs of the fish say nothing of another hour. Null where its water is gone.
 */
export function dayAtHour(
  book: DayBook,
  { trip }: Day,
  { atMs, tempC, tideMps }: Pick<DayStep, 'atMs' | 'tempC' | 'tideMps'>,
  nowMs: number,
  month: number,
): DayAtHour | null {
  const water = book.water[trip.waterId];
  if (!water) return null;
  const stored = reportFor(book, water);
  const isOff = Math.abs(atMs - nowMs) > READ_HOLDS_MS;
  const forecast = isOff && !!stored && hourOf(stored.report, atMs) !== null;
  const gone: ReadingKey[] = [
    'sunElevationDeg',
    ...(forecast ? IN_THE_FORECAST : []),
    ...(tideMps !== null ? IN_THE_TIDE : []),
  ];
  const then = { ...trip, readings: stillTrue(trip.readings, gone), signs: [] };
  const day = composeDay(book, then, atMs, month, nowMs);
  if (!day) return null;
  const { conditions } = day;
  return {
    day: { ...day, conditions: { ...conditions, water: { ...conditions.water, surfaceTempC: tempC } } },
    forecast: forecast && day.station !== null,
  };
}
