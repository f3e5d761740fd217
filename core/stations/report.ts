/** A station's report: what it measured in the last days and expects for the next, as the document it sends. */
import { roundTo } from '../base/numbers';
import type { Constituent } from '../tide/harmonic';
import { STATIONS, type StationId } from './places';
import { frontAt, waterTempC, weatherAt } from './weather';
import type { Front } from '../water/terms';

/** One hour of a report. SI; wind from, ° from north; cloud and thunder 0–1. */
export interface StationHour {
  time: string;
  airTempC: number;
  windMps: number;
  gustMps: number;
  windFromDeg: number;
  cloud: number;
  pressureHpa: number;
  thunder: number;
}

/** A report as a station sends it. */
export interface StationReport {
  station: StationId;
  name: string;
  /** Always said: nothing here was measured. */
  standIn: true;
  issuedAt: string;
  front: Front;
  /** Hourly: the day behind and the day and a half ahead. */
  hours: StationHour[];
  /** Every three hours, the last week. */
  waterTemps: { time: string; tempC: number }[];
  tide: { constituents: Constituent[]; meanM: number; currentLagMinutes: number; currentMpsPerMph: number } | null;
}

const HOUR_MS = 3_600_000;
const iso = (ms: number): string => new Date(ms).toISOString();

/** The report as issued at the full hour before `atMs`. */
export function stationReport(id: StationId, atMs: number): StationReport {
  const p = STATIONS[id];
  const issuedMs = Math.floor(atMs / HOUR_MS) * HOUR_MS;
  const hours = Array.from({ length: 61 }, (_, i) => {
    const t = issuedMs + (i - 24) * HOUR_MS;
    const w = weatherAt(p, t);
    return {
      time: iso(t),
      airTempC: roundTo(w.airTempC, 1),
      windMps: roundTo(w.windMps, 1),
      gustMps: roundTo(w.gustMps, 1),
      windFromDeg: Math.round(w.windFromDeg) % 360,
      cloud: roundTo(w.cloud, 1),
      pressureHpa: roundTo(w.pressureHpa, 1),
      thunder: roundTo(w.thunder, 2),
    };
  });
  const waterTemps = Array.from({ length: 57 }, (_, i) => {
    const t = issuedMs - (56 - i) * 3 * HOUR_MS;
    return { time: iso(t), tempC: roundTo(waterTempC(p, t), 1) };
  });
  return {
    station: id,
    name: p.name,
    standIn: true,
    issuedAt: iso(issuedMs),
    front: frontAt(p, issuedMs),
    hours,
    waterTemps,
    tide: p.tide && { ...p.tide, constituents: [...p.tide.constituents] },
  };
}
