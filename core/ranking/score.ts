/**
 * What a score is made of: factors whose natural logarithms add up to it. Shared by the three branches of the ranking.
 */
import type { ZoneEstimate } from '../holdtable/zone';

/** Factors of the score for feeding fish, in order; the words and the bars follow it. */
export const FACTORS = [
  'zone',
  'noticed',
  'appetite',
  'travel',
  'speed',
  'pause',
  'noise',
  'food',
  'size',
  'colour',
  'warmth',
  'light',
  'chop',
  'distance',
  'wind',
  'hold',
  'fall',
  'splash',
  'bog',
  'belongs',
  'cover',
  'passing',
  'deflection',
  'hooked',
  'snags',
] as const;
/** Besides those of feeding fish, the ones that count for fish on their beds (guarding.ts) and under ice (ice.ts). */
export type Factor = (typeof FACTORS)[number] | 'passes' | 'anger' | 'stays' | 'called';

/** What one factor multiplies the score by, and why. */
export interface Contribution {
  factor: Factor;
  /** Natural logarithm of its multiplier. */
  ln: number;
  /** SI facts that drove it, for the sentence. */
  facts: Record<string, number | string>;
}

/** What a lure is worth here: strikes an hour, the score with what is hooked and lost, and each factor's part. */
export interface Score {
  strikesPerHour: number;
  score: number;
  why: Contribution[];
  zone: ZoneEstimate;
  workingDepthM: number;
  speedMps: number;
  noticed: number;
  /** What it weighs here, kg. */
  weightKg: number;
}

/**
 * Strikes: all factors but the last two; the score: those hooked, in the share of the hour that is not lost to snags.
 */
export function summed(why: Contribution[], rest: Omit<Score, 'strikesPerHour' | 'score' | 'why'>): Score {
  const strikesPerHour = Math.exp(why.slice(0, -2).reduce((s, w) => s + w.ln, 0));
  return {
    strikesPerHour,
    score: strikesPerHour * Math.exp(why.slice(-2).reduce((s, w) => s + w.ln, 0)),
    why,
    ...rest,
  };
}
