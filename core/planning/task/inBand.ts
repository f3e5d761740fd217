/** Whether a lure is among the fish: the one rule for the plan, the picture and the log. */

/** A lure this far above or below the band still counts: its own height, and how well anybody knows the depth, m. */
const ABOVE_M = 0.02;
const BELOW_M = 0.05;

/**
 * Depth of the lure and of the band's top and bottom, m. Example: 1.99 m counts in a band of 2–3 m, 1.97 m does not.
 */
export const inBand = (depthM: number, [topM, bottomM]: readonly [number, number]): boolean =>
  depthM >= topM - ABOVE_M && depthM <= bottomM + BELOW_M;
