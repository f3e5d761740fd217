/**
 * Light and sight under water.
 *
 *   surface     E0 = E(sun elevation) · (1 − 0.75·cloud^3.4)          cloud term: Kasten & Czeplak 1980
 *   in water    E(z) = E0·exp(−Kd·z),  Kd = 1.7 / Zs                  Poole & Atkins 1929
 *   sight       R = 0.7·Zs · g(E),  g = 1 / (1 + (2 lx/E)^0.7)
 *               range in good light: Davies-Colley 1988; g: prior, judgement
 *
 * Valid: Zs 0.05–20 m, elevation −90…90°. Error: E0 within a factor of 2 (no moon, no horizon), R within ± 30 %.
 * Example: Zs 1.2 m in good light → R = 0.84 m. Cannot do: colour, glare, a fish's own adaptation.
 */
import { interpolate } from '../base/numbers';

/**
 * log10 of clear-sky illuminance (lx) against sun elevation (°): starlight 0.002 lx, civil dusk 3 lx, horizon 500 lx,
 * 30° 50 klx.
 */
const LOG_LUX: readonly (readonly [number, number])[] = [
  [-18, -2.7],
  [-12, -2.1],
  [-6, 0.48],
  [-3, 1.6],
  [0, 2.7],
  [5, 3.75],
  [10, 4.1],
  [20, 4.5],
  [30, 4.7],
  [60, 5],
  [90, 5.05],
];

/** Illuminance at the surface, lx. */
export function surfaceLux(sunElevationDeg: number, cloud: number): number {
  return 10 ** interpolate(LOG_LUX, sunElevationDeg) * (1 - 0.75 * cloud ** 3.4);
}

/** Diffuse attenuation, 1/m, from visible depth. */
export const attenuationPerM = (clarityM: number): number => 1.7 / Math.max(clarityM, 0.05);

/** Illuminance at depth, lx. */
export const luxAtDepth = (surface: number, clarityM: number, depthM: number): number =>
  surface * Math.exp(-attenuationPerM(clarityM) * Math.max(depthM, 0));

/** How far a fish sees a contrasting lure, m. */
export function sightingRangeM(clarityM: number, lux: number): number {
  return 0.7 * clarityM * (1 / (1 + (2 / Math.max(lux, 1e-6)) ** 0.7));
}
