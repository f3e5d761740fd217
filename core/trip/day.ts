/**
 * Puts a day together: what was read, what the station says, what the water is usually like, what the log says, into
 * one conditions document.
 */
import { roundTo } from '../base/numbers';
import { tripsOf, type Book } from '../records';
import type { Trip } from '../records/trip';
import { sunElevationDeg } from '../sky/sun';
import { stationReading, type StationReading } from '../stations/reading';
import type { StationReport } from '../stations/report';
import { hasTurned, tideNow, type TideSource } from '../tide/source';
import type { Conditions } from '../water/conditions';
import { givenIn, READING_KEYS, readingAt, readingPath, type ReadingKey } from '../water/readings';
import { temperatureChange, type TempPoint } from '../water/history';
import type { WaterPlace } from '../records/water';
import type { Sign } from '../water/terms';
import type { EnteredReadings } from '../schemas/conditions';
import type { DocumentPart, Source, TellingSource } from '../water/readingRow';

/**
 * The day of a trip as all questions take it: the conditions put together from every source, and where each came from.
 */
export interface Day {
  /** With what was read as it holds now. */
  trip: Trip;
  water: WaterPlace;
  conditions: Conditions;
  sources: ReadonlyMap<string, Source>;
  /** Paths that nobody read, measured or reckoned: usual or default. */
  assumed: ReadonlySet<string>;
  /** What the station's last good report says of now; null without one that reaches. */
  station: StationReading | null;
  tide: TideSource | null;
  /** The current runs the other way than when it was said, with the tide. */
  turned: boolean;
}

/** Signs older than this say nothing any more, minutes. */
const FORGET_MIN = 360;

/** The station of a water and its last good report. */
export function reportFor(
  book: Pick<Book, 'stationReport'>,
  water: WaterPlace,
): { report: StationReport; receivedAtMs: number; via: 'server' | 'device' } | null {
  const stored = water.station ? book.stationReport[water.station] : undefined;
  return stored ? { report: stored.report as StationReport, receivedAtMs: stored.receivedAtMs, via: stored.via } : null;
}

/** Entered turns that reach to now win over the station's constituents. */
export function tideFor(
  book: Pick<Book, 'stationReport' | 'tides'>,
  water: WaterPlace,
  nowMs: number,
): TideSource | null {
  const turns = book.tides[water.id]?.turns ?? [];
  if (turns.length > 1 && turns[0]!.atMs <= nowMs && turns[turns.length - 1]!.atMs >= nowMs)
    return { kind: 'turns', turns };
  const tide = reportFor(book, water)?.report.tide;
  return tide ? { kind: 'constituents', ...tide } : null;
}

/** The other way along the same line, degrees, over −180 to 180. */
const opposite = (angleDeg: number): number => (angleDeg > 0 ? angleDeg - 180 : angleDeg + 180);

/** Whether the tide has turned since it was said which way the current runs. */
function turnedSince(book: Pick<Book, 'stationReport' | 'tides' | 'water'>, trip: Trip, nowMs: number): boolean {
  const water = book.water[trip.waterId];
  const tide = typeof trip.readings.water.currentAngleDeg === 'number' && water ? tideFor(book, water, nowMs) : null;
  return tide !== null && hasTurned(tide, trip.readAtMs, nowMs);
}

/** What was read, as it holds now: the way the current runs turns with the tide. */
export function readingsNow(
  book: Pick<Book, 'stationReport' | 'tides' | 'water'>,
  trip: Trip,
  nowMs: number,
): EnteredReadings {
  if (!turnedSince(book, trip, nowMs)) return trip.readings;
  const { water } = trip.readings;
  return { ...trip.readings, water: { ...water, currentAngleDeg: opposite(water.currentAngleDeg!) } };
}

/** Surface temperatures of this water from past days on it and from imported readings, oldest first. */
export function temperatureHistory(book: Pick<Book, 'trip' | 'waterLog' | 'tombstone'>, waterId: string): TempPoint[] {
  const trips = tripsOf(book)
    .filter((t) => t.waterId === waterId && typeof t.readings.water.surfaceTempC === 'number')
    .map((t) => ({ atMs: t.readAtMs, tempC: t.readings.water.surfaceTempC as number }));
  const imported = Object.values(book.waterLog)
    .filter((l) => l.waterId === waterId)
    .flatMap((l) => l.points);
  return [...trips, ...imported].sort((a, b) => a.atMs - b.atMs);
}

/** The last day fished on a water before this trip; null on a first visit. */
export function lastVisit(book: Pick<Book, 'trip' | 'tombstone'>, trip: Trip): Trip | null {
  const before = tripsOf(book).filter(
    (t) => t.id !== trip.id && t.waterId === trip.waterId && t.startedAtMs < trip.startedAtMs,
  );
  return before.sort((a, b) => b.startedAtMs - a.startedAtMs)[0] ?? null;
}

/** What each of those who may say something says of each reading, by the reading's name. */
type Sayings = Record<TellingSource, Readonly<Partial<Record<ReadingKey, unknown>>>>;

function sayingsOf(
  book: DayBook,
  water: WaterPlace,
  r: EnteredReadings,
  nowMs: number,
  station: StationReading | null,
  tide: TideSource | null,
): Sayings {
  const history = temperatureChange(temperatureHistory(book, water.id), nowMs);
  const tideState = tide && tideNow(tide, nowMs);
  const { forage, fishDepthM, ...usual } = water.usual;
  return {
    read: Object.fromEntries(READING_KEYS.map((key) => [key, givenIn(r, key)])),
    log: { tempChange3dC: history === null ? null : roundTo(history, 1) },
    station: station ? { ...station, surfaceTempC: station.waterTempC } : {},
    // In steps, so that the plan stands still while the tide creeps.
    tide: tideState
      ? { currentMps: Math.round(Math.abs(tideState.currentMps) * 10) / 10, tideStage: tideState.stage }
      : {},
    // Marks on a screen say more of where the fish are than habit.
    usual: { ...usual, fishDepthM: r.marks?.length ? null : fishDepthM, forage: forage.length > 0 ? forage : null },
  };
}

/** Each reading from the first who says it; the order is the order of trust (water/readings). */
function compose(says: Sayings): {
  values: Record<DocumentPart, Record<string, unknown>>;
  sources: Map<string, Source>;
} {
  const sources = new Map<string, Source>();
  const values: Record<DocumentPart, Record<string, unknown>> = { water: {}, sky: {}, top: {} };
  for (const key of READING_KEYS) {
    const { at, sources: order } = readingAt(key);
    if (!order) continue;
    const source = order.find((who) => says[who][key] !== null && says[who][key] !== undefined);
    sources.set(readingPath(key), source ?? 'default');
    values[at][key] = source ? says[source][key] : null;
  }
  return { values, sources };
}

/** What a day is composed from. */
export type DayBook = Pick<Book, 'water' | 'trip' | 'tombstone' | 'tides' | 'stationReport' | 'waterLog'>;

/**
 * The day of a trip at a moment, local month 1–12; null where its water is gone. The signs are those tapped by hand:
 * the log's come beside (log/tally). Of an hour to come: what is known of it at `knownAtMs`.
 */
export function composeDay(book: DayBook, asRead: Trip, nowMs: number, month: number, knownAtMs = nowMs): Day | null {
  const water = book.water[asRead.waterId];
  if (!water) return null;
  const r = readingsNow(book, asRead, nowMs);
  const trip = r === asRead.readings ? asRead : { ...asRead, readings: r };
  const handSigns: Sign[] = trip.signs
    .map(({ atMs, ...x }) => ({ ...x, minutesAgo: Math.max(0, Math.round((nowMs - atMs) / 60_000)) }))
    .filter((x) => x.minutesAgo < FORGET_MIN);
  const stored = reportFor(book, water);
  const station = stored && stationReading(stored.report, nowMs, knownAtMs);
  const tide = tideFor(book, water, nowMs);
  const { values, sources } = compose(sayingsOf(book, water, r, nowMs, station, tide));
  const conditions = {
    species: trip.species,
    water: { ...r.water, ...values.water, setting: water.setting, salinity: r.water.salinity ?? water.salinity },
    sky: { ...values.sky, sunElevationDeg: r.sky.sunElevationDeg ?? Math.round(sunElevationDeg(nowMs, water)) },
    ...values.top,
    month,
    signs: handSigns,
  } as Conditions;
  const worksOut = (path: string, from: boolean): void => {
    if (sources.get(path) === 'default' && from) sources.set(path, 'worked-out');
  };
  worksOut('water.waveHeightM', values.water.windMps !== null);
  worksOut('water.fishDepthM', !!r.marks?.length);
  const assumed = new Set(
    [...sources].filter(([, from]) => from === 'usual' || from === 'default').map(([path]) => path),
  );
  return { trip, water, conditions, sources, assumed, station, tide, turned: trip !== asRead };
}
