/** Depths, m, at which the zone table is kept. */
export const DEPTH_GRID_M = [0.2, 0.5, 0.8, 1.2, 1.6, 2, 2.5, 3, 4, 5, 6.5, 8, 10, 12] as const;
