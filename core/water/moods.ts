/** Mood of the fish: how far it will travel, how fast a lure it will chase, how long a pause it wants. */
export const MOODS = ['shut', 'reluctant', 'neutral', 'willing', 'aggressive'] as const;
export type Mood = (typeof MOODS)[number];

/** One value per mood, in the order of MOODS. */
export type PerMood = readonly [number, number, number, number, number];
