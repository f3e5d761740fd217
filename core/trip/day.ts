/** Puts a day together: what was read, what the station says, what the water is usually like, what the log says, into one conditions document. */
import { roundTo } from '../base/numbers';
import type { Book } from '../records';
import type { Readings, Trip } from '../records/trip';
import { sunElevationDeg } from '../sky/sun';
import { stationReading, type StationReading } from '../stations/reading';
import type { StationReport } from '../stations/report';
import { hasTurned, tideNow, type TideSource } from '../tide/source';
import type { Conditions, Sign } from '../water/conditions';
import { temperatureChange, type TempPoint } from '../water/history';
import type { WaterPlace } from '../records/water';

/**
 * Where a value comes from, best first: read or entered today; reckoned from entered or gauged tides; the angler's own readings of past days; a station's report;
 * worked out from other readings; what is usual there; nothing but a default.
 */
export type Source = 'read' | 'tide' | 'log' | 'station' | 'worked-out' | 'usual' | 'default';

export interface Day {
  /** With what was read as it holds now. */
  trip: Trip;
  water: WaterPlace;
  conditions: Conditions;
  /** The signs tapped by hand among those of the conditions; the rest come from the log. */
  handSigns: Sign[];
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
export function reportFor(book: Book, water: WaterPlace): { report: StationReport; receivedAtMs: number; via: 'server' | 'device' } | null {
  const stored = water.station ? book.stationReport[water.station] : undefined;
  return stored ? { report: stored.report as StationReport, receivedAtMs: stored.receivedAtMs, via: stored.via } : null;
}

/** Entered turns that reach to now win over the station's constituents. */
export function tideFor(book: Book, water: WaterPlace, nowMs: number): TideSource | null {
  const turns = book.tides[water.id]?.turns ?? [];
  if (turns.length > 1 && turns[0]!.atMs <= nowMs && turns[turns.length - 1]!.atMs >= nowMs) return { kind: 'turns', turns };
  const tide = reportFor(book, water)?.report.tide;
  return tide ? { kind: 'constituents', ...tide } : null;
}

/** The other way along the same line, degrees, over −180 to 180. */
const opposite = (angleDeg: number): number => (angleDeg > 0 ? angleDeg - 180 : angleDeg + 180);

/** Whether the tide has turned since it was said which way the current runs. */
function turnedSince(book: Book, trip: Trip, nowMs: number): boolean {
  const water = book.water[trip.waterId];
  const tide = typeof trip.readings.water.currentAngleDeg === 'number' && water ? tideFor(book, water, nowMs) : null;
  return tide !== null && hasTurned(tide, trip.readAtMs, nowMs);
}

/** What was read, as it holds now: the way the current runs turns with the tide. */
export function readingsNow(book: Book, trip: Trip, nowMs: number): Readings {
  if (!turnedSince(book, trip, nowMs)) return trip.readings;
  const { water } = trip.readings;
  return { ...trip.readings, water: { ...water, currentAngleDeg: opposite(water.currentAngleDeg!) } };
}

/** Surface temperatures of this water from past days on it and from imported readings, oldest first. */
export function temperatureHistory(book: Book, waterId: string): TempPoint[] {
  const trips = Object.values(book.trip)
    .filter((t) => t.waterId === waterId && typeof t.readings.water.surfaceTempC === 'number')
    .map((t) => ({ atMs: t.readAtMs, tempC: t.readings.water.surfaceTempC as number }));
  const imported = Object.values(book.waterLog)
    .filter((l) => l.waterId === waterId)
    .flatMap((l) => l.points);
  return [...trips, ...imported].sort((a, b) => a.atMs - b.atMs);
}

/** The last day fished on a water before this trip; null on a first visit. */
export function lastVisit(book: Book, trip: Trip): Trip | null {
  const before = Object.values(book.trip).filter((t) => t.id !== trip.id && t.waterId === trip.waterId && t.startedAtMs < trip.startedAtMs);
  return before.sort((a, b) => b.startedAtMs - a.startedAtMs)[0] ?? null;
}

export function composeDay(book: Book, asRead: Trip, logSigns: readonly Sign[], nowMs: number, month: number): Day | null {
  const water = book.water[asRead.waterId];
  if (!water) return null;
  const u = water.usual;
  const r = readingsNow(book, asRead, nowMs);
  const trip = r === asRead.readings ? asRead : { ...asRead, readings: r };
  const handSigns: Sign[] = trip.signs
    .map((x) => ({ kind: x.kind, count: x.count, minutesAgo: Math.max(0, Math.round((nowMs - x.atMs) / 60_000)) }))
    .filter((x) => x.minutesAgo < FORGET_MIN);
  const signs = [...handSigns, ...logSigns];
  const sources = new Map<string, Source>();
  /** The first that is known; the order is the order of trust. */
  const pick = <T>(path: string, ...from: readonly (readonly [Source, T | null | undefined])[]): T | null => {
    for (const [source, value] of from)
      if (value !== null && value !== undefined) {
        sources.set(path, source);
        return value;
      }
    sources.set(path, 'default');
    return null;
  };
  const w = r.water;
  const stored = reportFor(book, water);
  const station = stored && stationReading(stored.report, nowMs);
  const tide = tideFor(book, water, nowMs);
  const tideState = tide && tideNow(tide, nowMs);
  const history = temperatureChange(temperatureHistory(book, water.id), nowMs);
  const windMps = pick('water.windMps', ['read', w.windMps], ['station', station?.windMps]);
  const conditions: Conditions = {
    species: trip.species,
    water: {
      ...w,
      setting: water.setting,
      salinity: w.salinity ?? water.salinity,
      surfaceTempC: pick('water.surfaceTempC', ['read', w.surfaceTempC], ['station', station?.waterTempC]),
      tempChange3dC: pick(
        'water.tempChange3dC',
        ['read', w.tempChange3dC],
        ['log', history === null ? null : roundTo(history, 1)],
        ['station', station?.tempChange3dC],
      ),
      clarityM: pick('water.clarityM', ['read', w.clarityM], ['usual', u.clarityM]),
      depthM: pick('water.depthM', ['read', w.depthM], ['usual', u.depthM]),
      fishDepthM: pick('water.fishDepthM', ['read', w.fishDepthM], ['usual', r.marks?.length ? null : u.fishDepthM]),
      cover: pick('water.cover', ['read', w.cover], ['usual', u.cover]),
      bottom: pick('water.bottom', ['read', w.bottom], ['usual', u.bottom]),
      windMps,
      fetchM: pick('water.fetchM', ['read', w.fetchM], ['usual', u.fetchM]),
      waveHeightM: pick('water.waveHeightM', ['read', w.waveHeightM]),
      // In steps, so that the plan stands still while the tide creeps.
      currentMps: pick('water.currentMps', ['read', w.currentMps], ['tide', tideState && Math.round(Math.abs(tideState.currentMps) * 10) / 10]),
      tideStage: pick('water.tideStage', ['read', w.tideStage], ['tide', tideState?.stage]),
    },
    sky: {
      cloud: pick('sky.cloud', ['read', r.sky.cloud], ['station', station?.cloud]),
      front: pick('sky.front', ['read', r.sky.front], ['station', station?.front]),
      sunElevationDeg: r.sky.sunElevationDeg ?? Math.round(sunElevationDeg(nowMs, water)),
    },
    month,
    forage: pick('forage', ['read', r.forage], ['usual', u.forage.length > 0 ? u.forage : null]),
    forageAbundance: pick('forageAbundance', ['read', r.forageAbundance]),
    pressure: pick('pressure', ['read', r.pressure]),
    pressureTrendHpa3h: pick('pressureTrendHpa3h', ['read', r.pressureTrendHpa3h], ['station', station?.pressureTrendHpa3h]),
    access: pick('access', ['read', r.access], ['usual', u.access]),
    behaviour: pick('behaviour', ['read', r.behaviour]),
    baitSeen: pick('baitSeen', ['read', r.baitSeen]),
    marks: pick('marks', ['read', r.marks]),
    signs,
  };
  if (sources.get('water.waveHeightM') === 'default' && windMps !== null) sources.set('water.waveHeightM', 'worked-out');
  if (sources.get('water.fishDepthM') === 'default' && r.marks?.length) sources.set('water.fishDepthM', 'worked-out');
  const assumed = new Set([...sources].filter(([, s]) => s === 'usual' || s === 'default').map(([path]) => path));
  return { trip, water, conditions, handSigns, sources, assumed, station, tide, turned: trip !== asRead };
}
