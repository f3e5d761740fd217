/** What water weighs and how it flows. */
import type { Salinity } from './terms';

/** Density of fresh water, kg/m³. */
export const FRESH_KG_M3 = 998;

/** Density by salinity, kg/m³; ± 0.5 %. */
export const waterDensityKgM3 = (salinity: Salinity): number =>
  salinity === 'fresh' ? FRESH_KG_M3 : salinity === 'brackish' ? 1010 : 1025;

/** Kinematic viscosity of water, m²/s, 0–35 °C (fit to tables, ± 2 %): 1.79e-6 at 0, 1.00e-6 at 20. */
export const viscosityM2s = (tempC: number): number => 1.79e-6 / (1 + 0.0337 * tempC + 0.000221 * tempC * tempC);
