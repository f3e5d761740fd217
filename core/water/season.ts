/**
 * Season phase from water temperature, its trend and the month (north of the tropics). Ranges come with the species'
 * spawning range.
 */
import { logistic } from '../base/numbers';
import { speciesProfile, type SpeciesProfile } from './species';
import type { SpeciesId } from './terms';

/** Seasons as fish have them. */
export const SEASON_PHASES = [
  'winter',
  'pre-spawn',
  'spawn',
  'post-spawn',
  'summer',
  'autumn-cooling',
  'late-autumn',
] as const;
export type SeasonPhase = (typeof SEASON_PHASES)[number];

/** The season of a species at a temperature, °C, in a month 1–12. */
export function seasonPhase(
  p: Pick<SpeciesProfile, 'spawnC'> & Partial<Pick<SpeciesProfile, 'spawnsInAutumn'>>,
  tempC: number,
  month: number,
): SeasonPhase {
  const [from, to] = p.spawnC;
  if (p.spawnsInAutumn) return autumnSpawner(p.spawnC, tempC, month);
  const firstHalf = month <= 7;
  if (tempC < from - 9) return 'winter';
  if (firstHalf) {
    if (tempC < from) return 'pre-spawn';
    if (tempC <= to && month <= 6) return 'spawn';
    return tempC <= to + 3 && month <= 6 ? 'post-spawn' : 'summer';
  }
  if (month <= 9 && tempC >= to) return 'summer';
  return tempC >= from - 3 ? 'autumn-cooling' : 'late-autumn';
}

/** The season as it stands in this water. */
export const seasonOf = (r: { species: SpeciesId; surfaceTempC: number; month: number }): SeasonPhase =>
  seasonPhase(speciesProfile(r.species), r.surfaceTempC, r.month);

/** Trout of the autumn, drum, flounder: they spawn as the water cools into their range. */
function autumnSpawner([from, to]: readonly [number, number], tempC: number, month: number): SeasonPhase {
  if (month <= 2 || (month <= 4 && tempC < from)) return 'winter';
  if (month <= 5) return tempC <= to ? 'post-spawn' : 'summer';
  if (month <= 7) return 'summer';
  if (tempC > to + 3) return month <= 9 ? 'summer' : 'autumn-cooling';
  if (tempC > to) return 'pre-spawn';
  if (tempC >= from) return 'spawn';
  return month === 12 && tempC < from - 3 ? 'winter' : 'late-autumn';
}

/**
 * How far the fish are gathering before the spawn and worn out after it, each 0–1, without a step where one phase
 * becomes the next.
 */
export function spawnPull(
  p: Pick<SpeciesProfile, 'spawnC' | 'spawnsInAutumn'>,
  tempC: number,
  month: number,
): { before: number; after: number } {
  const [from, to] = p.spawnC;
  const colder = logistic(tempC, from - 5, 1) * (1 - logistic(tempC, from, 0.8));
  const warmer = logistic(tempC, to, 0.8) * (1 - logistic(tempC, to + 3, 1));
  const inMonths = (a: number, b: number): number => (month >= a && month <= b ? 1 : 0);
  return p.spawnsInAutumn
    ? { before: warmer * inMonths(8, 12), after: colder * inMonths(10, 12) }
    : { before: colder * inMonths(2, 6), after: warmer * inMonths(4, 7) };
}
