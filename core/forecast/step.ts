/** Length of a step of the day, ms. By itself: who counts by it need not bring the astronomy along. */
export const STEP_MS = 15 * 60_000;
