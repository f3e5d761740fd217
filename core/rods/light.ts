/** How much of the hours ahead is low light, day and dark. */
import { sunElevationDeg, type GeoPosition } from '../sky/sun';

/** Light of the hours ahead, in three stages. */
export const LIGHT_STAGES = ['low', 'day', 'night'] as const;
/** Shares of the hours ahead, which add up to 1. */
export type LightShares = Record<(typeof LIGHT_STAGES)[number], number>;

/** Sun above this is day; below the lower one dark (end of civil twilight), °. */
const DAY_DEG = 8;
const DARK_DEG = -6;
const STEP_MS = 15 * 60_000;

/** `hours` 0.25–24, from `fromMs` on; shares add up to 1. */
export function lightAhead(place: GeoPosition, fromMs: number, hours: number): LightShares {
  const n = Math.max(1, Math.round((hours * 3600_000) / STEP_MS));
  const shares = { low: 0, day: 0, night: 0 };
  for (let i = 0; i < n; i++) {
    const deg = sunElevationDeg(fromMs + (i + 0.5) * STEP_MS, place);
    shares[deg > DAY_DEG ? 'day' : deg < DARK_DEG ? 'night' : 'low'] += 1 / n;
  }
  return shares;
}
