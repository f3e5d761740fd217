/**
 * What a report says of a moment: the hour it falls in, the pressure's trend, the water's temperature and how it
 * changed.
 */
import { roundTo } from '../base/numbers';
import { temperatureChange } from '../water/history';
import type { StationHour, StationReport } from './report';
import type { Front } from '../water/terms';

/** What a report says of one moment. SI; cloud and thunder 0–1, trend in hPa in three hours. */
export interface StationReading {
  windMps: number;
  gustMps: number;
  windFromDeg: number;
  cloud: number;
  airTempC: number;
  thunder: number;
  front: Front;
  pressureTrendHpa3h: number | null;
  waterTempC: number | null;
  tempChange3dC: number | null;
  /** How old the report is, ms; what it says of now is then a forecast. */
  ageMs: number;
}

const HOUR_MS = 3_600_000;
/** A report older than this is not used for the day any more, only shown. */
export const TOO_OLD_MS = 12 * HOUR_MS;

/** The hour of a report that a moment falls in; null outside it. */
export function hourOf(r: StationReport, atMs: number): StationHour | null {
  let best: StationHour | null = null;
  for (const h of r.hours) {
    const t = Date.parse(h.time);
    if (t <= atMs && atMs - t < HOUR_MS + 60_000) best = h;
  }
  return best;
}

/**
 * What it says of a moment, asked then or, of an hour to come, at `knownAtMs`; null where the report does not reach to
 * that moment or is too old when it is asked.
 */
export function stationReading(r: StationReport, atMs: number, knownAtMs = atMs): StationReading | null {
  const ageMs = knownAtMs - Date.parse(r.issuedAt);
  if (ageMs > TOO_OLD_MS || ageMs < -HOUR_MS) return null;
  const hour = hourOf(r, atMs);
  if (!hour) return null;
  const before = hourOf(r, atMs - 3 * HOUR_MS);
  const points = r.waterTemps.map((x) => ({ atMs: Date.parse(x.time), tempC: x.tempC }));
  const last = points.filter((x) => x.atMs <= atMs).at(-1);
  const change = temperatureChange(points, atMs);
  return {
    // In steps that matter to a lure, so that the plan stands still while the wind only breathes.
    windMps: Math.round(hour.windMps),
    gustMps: hour.gustMps,
    windFromDeg: hour.windFromDeg,
    cloud: roundTo(Math.round(hour.cloud * 5) / 5, 1),
    airTempC: hour.airTempC,
    thunder: hour.thunder,
    front: r.front,
    pressureTrendHpa3h: before ? Math.round(hour.pressureHpa - before.pressureHpa) : null,
    waterTempC: last ? last.tempC : null,
    tempChange3dC: change === null ? null : roundTo(change, 1),
    ageMs,
  };
}
