/**
 * Sun at a place and time. suncalc 2: apparent altitude with refraction, within 0.1°; times within a minute below 60°
 * of latitude.
 */
import { getPosition, getTimes } from 'suncalc';

/** A place on the earth, ° north and ° east. */
export interface GeoPosition {
  latDeg: number;
  lonDeg: number;
}

/** Elevation of the sun, °, ± 0.2 without refraction. */
export const sunElevationDeg = (atMs: number, p: GeoPosition): number =>
  getPosition(new Date(atMs), p.latDeg, p.lonDeg).altitude;

/** Rise and set, ms. */
export interface SunTimes {
  sunriseMs: number | null;
  sunsetMs: number | null;
}

/** Of the solar day that holds `atMs`; null where the sun does not cross the horizon. */
export function sunTimes(atMs: number, p: GeoPosition): SunTimes {
  const t = getTimes(new Date(atMs), p.latDeg, p.lonDeg);
  return { sunriseMs: t.sunrise?.getTime() ?? null, sunsetMs: t.sunset?.getTime() ?? null };
}

/** The next rise or set after `atMs`, looking at most a day ahead. */
export function nextSunEvent(atMs: number, p: GeoPosition): { kind: 'sunrise' | 'sunset'; atMs: number } | null {
  const found: { kind: 'sunrise' | 'sunset'; atMs: number }[] = [];
  for (const day of [0, 1]) {
    const t = sunTimes(atMs + day * 86_400_000, p);
    if (t.sunriseMs !== null) found.push({ kind: 'sunrise', atMs: t.sunriseMs });
    if (t.sunsetMs !== null) found.push({ kind: 'sunset', atMs: t.sunsetMs });
  }
  return found.filter((x) => x.atMs > atMs).sort((a, b) => a.atMs - b.atMs)[0] ?? null;
}
