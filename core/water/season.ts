/** Season phase from water temperature, its trend and the month (north of the tropics). Ranges come with the species' spawning range. */
import type { SpeciesProfile } from './species';

export const SEASON_PHASES = ['winter', 'pre-spawn', 'spawn', 'post-spawn', 'summer', 'autumn-cooling', 'late-autumn'] as const;
export type SeasonPhase = (typeof SEASON_PHASES)[number];

export function seasonPhase(p: Pick<SpeciesProfile, 'spawnC'>, tempC: number, month: number): SeasonPhase {
  const [from, to] = p.spawnC;
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
