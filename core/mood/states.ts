/** Distributions over the five moods. */
import { MOODS, type Mood, type PerMood } from '../water/moods';

/** Probabilities per mood; they sum to 1. */
export type MoodDistribution = PerMood;

/** Mean on 0 (shut) … 4 (aggressive). */
export const moodMean = (p: MoodDistribution): number => p.reduce((s, v, i) => s + i * v, 0);

/** The mood with the largest chance; of equals the more shut. */
export const likeliestMood = (p: MoodDistribution): Mood => MOODS[p.indexOf(Math.max(...p))]!;

/** Scaled to sum to 1; the total must be above 0. */
export function normalise(p: readonly number[]): MoodDistribution {
  const total = p.reduce((s, v) => s + v, 0);
  return p.map((v) => v / total) as unknown as MoodDistribution;
}

/** Expectation of a per-mood quantity. */
export const overMoods = (p: MoodDistribution, f: (index: number) => number): number =>
  p.reduce((s, v, i) => s + v * f(i), 0);

/** A continuous index spread over the five states (normal of the given width around it, cut to bins). */
export function spreadMood(index: number, width: number): MoodDistribution {
  return normalise([0, 1, 2, 3, 4].map((i) => Math.exp(-0.5 * ((i - index) / width) ** 2)));
}
