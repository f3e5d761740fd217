/** Depths, m, and speeds, m/s, at which the zone table is kept. */
import type { Family } from '../../lures/family';

export const DEPTH_GRID_M = [0.2, 0.5, 0.8, 1.2, 1.6, 2, 2.5, 3, 4, 5, 6.5, 8, 10, 12] as const;

/** Five speeds between the slowest and nearly the fastest the family works at. */
export function tableSpeeds(f: Family): number[] {
  const [lo, hi] = f.speedMps;
  const slow = Math.max(lo, 0.12);
  return [0, 0.25, 0.5, 0.75, 0.95].map((k) => slow * (hi / slow) ** k);
}
