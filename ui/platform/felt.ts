/** What the hand feels when a touch of the log is stored, so that nobody has to look; nothing where no phone buzzes. */
export type Felt = 'cast' | 'event' | 'refused';

/** Buzz and rest by turns, ms: one short for a cast, two for what happened, two long for what was refused. */
const PATTERN_MS: Readonly<Record<Felt, number[]>> = {
  cast: [18],
  event: [18, 80, 18],
  refused: [140, 80, 140],
};

export const feel = (what: Felt): void => {
  if (typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function') navigator.vibrate(PATTERN_MS[what]);
};
