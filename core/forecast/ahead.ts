/**
 * What is asked of the day ahead: the water as it was read, the tide, the forecast, the spots and how one moves between
 * them.
 */
import { reportFor, tideFor, type Day, type DayBook } from '../trip/day';
import { inUse, type Book } from '../records';
import type { SeasonPhase } from '../water/season';
import type { Spot } from '../records/spot';
import { TOO_OLD_MS } from '../stations/reading';
import type { ResolvedConditions } from '../water/resolve';
import type { Access } from '../water/terms';
import type { DayQuestion } from './line';
import type { RestingSpot } from './rest';
import { seasonGain } from './parts';
import type { SpotCandidate, RoundOptions } from './spots';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const QUARTER_MS = HOUR_MS / 4;
/** What was read of the sky holds for so long before the forecast knows better, ms. prior: judgement. */
export const READ_HOLDS_MS = 2 * HOUR_MS;
/** ln-worth of a moon period to those who plan by them. prior: judgement. */
const MOON_GAIN = 0.15;
/** Between spots, m/s. prior: judgement. */
const TRAVEL_MPS: Record<Access, number> = {
  bow: 6,
  stern: 6,
  kayak: 1.3,
  bank: 1.2,
  dock: 1.2,
  wade: 0.6,
  jetty: 0.9,
  surf: 1.1,
  ice: 1,
};

/** The spots of a water that are in use. */
export const spotsOf = (book: Pick<Book, 'spot'>, waterId: string): Spot[] =>
  inUse(book.spot).filter((s) => s.waterId === waterId);

/** A day as it is now, and how far ahead the day in question lies. */
export interface Ahead {
  day: Day;
  reading: ResolvedConditions;
  nowMs: number;
  /** 0 today, 1 tomorrow … */
  daysAhead: number;
}

/**
 * The question of one day. `date`: the local date of that day, "2026-07-04"; `moonCounted`: the angler plans by the
 * moon.
 */
export function dayQuestion(
  book: DayBook,
  { day, reading, nowMs, daysAhead }: Ahead,
  date: string,
  moonCounted: boolean,
): DayQuestion {
  const { water } = day;
  const stored = reportFor(book, water);
  const fresh = stored && nowMs - Date.parse(stored.report.issuedAt) < TOO_OLD_MS;
  const read = day.sources.get('sky.cloud') === 'read';
  const then = nowMs + daysAhead * DAY_MS;
  // The forecast's cloud, and for the next hours the sky as it was read; the water's daily wave about what was read,
  // from the station's last days.
  const forecast = fresh ? stored.report.hours.map((h) => [Date.parse(h.time), h.cloud] as const) : [];
  const holdsToMs = nowMs + READ_HOLDS_MS;
  const hours =
    forecast.length > 0 && read && daysAhead === 0
      ? [
          [nowMs, reading.cloud] as const,
          [holdsToMs, reading.cloud] as const,
          ...forecast.filter(([t]) => t > holdsToMs),
        ]
      : forecast;
  const waterC = fresh
    ? dailyWave(
        stored.report.waterTemps.map((x) => [Date.parse(x.time), x.tempC] as const),
        reading.surfaceTempC,
        nowMs,
        daysAhead,
      )
    : [];
  return {
    place: { latDeg: water.latDeg, lonDeg: water.lonDeg, zone: water.zone },
    date,
    // The sun, the tide and the signs of this minute are no part of the question.
    reading: { ...reading, sunElevationDeg: 0, signs: [], assumed: [] },
    tide: tideFor(book, water, then) ?? tideFor(book, water, nowMs),
    cloud: hours,
    waterC,
    moonGain: moonCounted ? MOON_GAIN : 0,
  };
}

/** The last full day of the station's water, laid over the day asked for so that it goes through what was read now. */
function dailyWave(
  points: readonly (readonly [number, number])[],
  nowC: number,
  nowMs: number,
  daysAhead: number,
): (readonly [number, number])[] {
  const last = points.filter(([t]) => t > nowMs - DAY_MS && t <= nowMs);
  if (last.length < 6) return [];
  const atNow = last[last.length - 1]![1];
  const day = last.map(([t, c]) => [t, nowC + c - atNow] as const);
  return [-1, 0, 1, 2].flatMap((k) => day.map(([t, c]) => [t + (k + daysAhead) * DAY_MS, c] as const));
}

/** Until when the station's forecast tells of the sky, ms; null without one that is fresh. */
export function forecastToMs(book: DayBook, { water }: Pick<Day, 'water'>, nowMs: number): number | null {
  const stored = reportFor(book, water);
  if (!stored || nowMs - Date.parse(stored.report.issuedAt) >= TOO_OLD_MS) return null;
  return Math.max(...stored.report.hours.map((h) => Date.parse(h.time)));
}

/** The spots to choose among; today those that rest as a whole are left alone until they are ready. */
export const candidatesFor = (
  spots: readonly Spot[],
  rest: readonly RestingSpot[],
  daysAhead: number,
  phase: SeasonPhase | null = null,
): SpotCandidate[] =>
  spots.map((s) => ({
    id: s.id,
    latDeg: s.latDeg,
    lonDeg: s.lonDeg,
    bait: s.bait,
    current: s.current,
    structure: s.structure,
    depthChange: s.depthChange,
    bestTide: s.bestTide,
    bestLight: s.bestLight,
    ...(phase === null ? {} : { season: seasonGain(s.part, phase) }),
    restUntilMs: daysAhead === 0 ? (rest.find((r) => r.spotId === s.id && r.place === null)?.readyAtMs ?? null) : null,
  }));

/**
 * From when and where the round begins: today from this quarter of an hour and the spot one is at, another day from its
 * first hour and anywhere.
 */
export function roundFor(
  { day, reading, nowMs, daysAhead }: Ahead,
  spots: readonly Spot[],
): Omit<RoundOptions, 'line'> & { notBeforeMs: number } {
  const here = spots.find((s) => s.id === day.trip.spotId);
  const quarterMs = Math.floor(nowMs / QUARTER_MS) * QUARTER_MS;
  const today = daysAhead === 0;
  return {
    notBeforeMs: today ? quarterMs : -Infinity,
    fromMs: today ? quarterMs : -Infinity,
    toMs: Infinity,
    at: today && here ? { latDeg: here.latDeg, lonDeg: here.lonDeg } : null,
    travelMps: TRAVEL_MPS[reading.access],
  };
}
