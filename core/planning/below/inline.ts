/** A weight on the line of what is towed is so far ahead of the lure, m: it swims freely behind. prior: judgement. */
export const AHEAD_M = 1.8;
