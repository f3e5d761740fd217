/** Seconds between the end of one cast and the next: the last metres, aiming, throwing. prior: judgement. */
export const BETWEEN_CASTS_S = 11;
