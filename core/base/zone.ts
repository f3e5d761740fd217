/** Clocks of time zones, from the runtime's own tables. */

/** Making a formatter costs far more than using it. */
const made = new Map<string, Intl.DateTimeFormat>();
function clockOf(zone: string): Intl.DateTimeFormat {
  let f = made.get(zone);
  if (!f) {
    f = new Intl.DateTimeFormat('en-US', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
    });
    made.set(zone, f);
  }
  return f;
}

/** Whether there is such a zone. */
export function isZone(zone: string): boolean {
  try {
    return zone.trim() !== '' && clockOf(zone) !== undefined;
  } catch {
    // The runtime refuses a name that it does not know.
    return false;
  }
}

const HOUR_MS = 3_600_000;
/** Minutes of a day's clock. */
export const DAY_MIN = 24 * 60;

/** A day of UTC, ms. */
const UTC_DAY_MS = 24 * HOUR_MS;
/** As much as is kept of each zone, days. */
const KEPT = 20_000;
/** Offsets at the beginnings of days, by zone: the runtime is slow to say them. */
const atDays = new Map<string, Map<number, number>>();
function offsetAtDay(day: number, zone: string): number {
  let known = atDays.get(zone);
  if (!known || known.size > KEPT) atDays.set(zone, (known = new Map()));
  let offset = known.get(day);
  if (offset === undefined) known.set(day, (offset = askedOffsetMs(day * UTC_DAY_MS, zone)));
  return offset;
}

/** How far the clock of a zone is ahead of UTC at a moment, ms. */
export function offsetMs(atMs: number, zone: string): number {
  const day = Math.floor(atMs / UTC_DAY_MS);
  const [before, after] = [offsetAtDay(day, zone), offsetAtDay(day + 1, zone)];
  // Within a day a clock changes once at the most.
  return before === after ? before : askedOffsetMs(atMs, zone);
}

function askedOffsetMs(atMs: number, zone: string): number {
  const parts = clockOf(zone).formatToParts(atMs);
  const partOf = (type: string): number => Number(parts.find((p) => p.type === type)!.value);
  return (
    Date.UTC(partOf('year'), partOf('month') - 1, partOf('day'), partOf('hour'), partOf('minute'), partOf('second')) -
    Math.floor(atMs / 1000) * 1000
  );
}

/** The clock of a zone at a moment, whole minutes after midnight. */
export const clockMinutes = (atMs: number, zone: string): number =>
  Math.floor((((atMs + offsetMs(atMs, zone)) / 60_000) % DAY_MIN) + DAY_MIN) % DAY_MIN;

/**
 * The moment at which the clock of a zone shows midnight at the beginning of a date (the first such moment; where
 * clocks skip midnight, the first after).
 */
export function midnightMs(year: number, month: number, day: number, zone: string): number {
  const wall = Date.UTC(year, month - 1, day);
  // A zone's offset before and after may differ: the right one gives itself back.
  const guesses = [wall - 14 * HOUR_MS, wall, wall + 14 * HOUR_MS]
    .map((t) => wall - offsetMs(t, zone))
    .sort((a, b) => a - b);
  return guesses.find((t) => t + offsetMs(t, zone) >= wall) ?? guesses[guesses.length - 1]!;
}

/** A date of the calendar; months from 1. */
export interface CivilDate {
  year: number;
  month: number;
  day: number;
}
/** The date that a zone's calendar shows at a moment. */
export function dateAt(atMs: number, zone: string): CivilDate {
  const local = new Date(atMs + offsetMs(atMs, zone));
  return { year: local.getUTCFullYear(), month: local.getUTCMonth() + 1, day: local.getUTCDate() };
}

/** The beginning of the day that a zone's calendar shows at a moment. */
export function startOfDay(atMs: number, zone: string): number {
  const { year, month, day } = dateAt(atMs, zone);
  return midnightMs(year, month, day, zone);
}

/**
 * The moment of a day at which its clock shows a time, minutes after midnight; where the clocks change that day, the
 * time as the hands show it (what they skip comes an hour later).
 */
export function atClock(dayStartMs: number, minutes: number, zone: string): number {
  const wall = dayStartMs + offsetMs(dayStartMs, zone) + minutes * 60_000;
  const guess = wall - offsetMs(wall - offsetMs(dayStartMs, zone), zone);
  return guess + offsetMs(guess, zone) === wall ? guess : wall - offsetMs(dayStartMs, zone);
}

const DAY_MS = DAY_MIN * 60_000;
/** The same for many times of one day: where the clocks stay as they are, the zone is asked but twice. */
export function clockOfDay(dayStartMs: number, zone: string): (minutes: number) => number {
  const changes = offsetMs(dayStartMs, zone) !== offsetMs(dayStartMs + DAY_MS, zone);
  return (minutes) => (changes ? atClock(dayStartMs, minutes, zone) : dayStartMs + minutes * 60_000);
}
