/**
 * Thermal comfort of a species, 0–1 (Deutsch et al. 2008):
 *   below Topt  f = exp(−((T − Topt) / 2σ)²)      above  f = 1 − ((T − Topt) / (CTmax − Topt))², 0 at CTmax
 * Example: largemouth at 15 °C → exp(−(12/16)²) = 0.57.
 */
import type { SpeciesProfile } from './species';

/** Comfort 0–1 at a temperature, °C; 1 at its best, 0 from CTmax on. */
export function thermalComfort(p: Pick<SpeciesProfile, 'toptC' | 'sigmaC' | 'ctMaxC'>, tempC: number): number {
  if (tempC <= p.toptC) return Math.exp(-(((tempC - p.toptC) / (2 * p.sigmaC)) ** 2));
  return Math.max(0, 1 - ((tempC - p.toptC) / (p.ctMaxC - p.toptC)) ** 2);
}
