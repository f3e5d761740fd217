/**
 * What a score is made of: factors whose natural logarithms add up to it. Shared by the three branches of the ranking.
 */
import { clamp } from '../base/numbers';
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
export type Factor = (typeof FACTORS)[number] | 'passes' | 'anger' | 'stays' | 'called' | 'log';

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
 * How many times another score this one is, and its strikes. By the logarithms: a rate may be too small to divide, and
 * a factor that leaves nothing in both parts them by nothing.
 */
export function timesOf(a: Score, b: Score): { score: number; strikes: number } {
  const times = (upTo?: number): number => {
    const lead = a.why.slice(0, upTo).reduce((sum, w, k) => sum + (w.ln === b.why[k]!.ln ? 0 : w.ln - b.why[k]!.ln), 0);
    return Math.exp(clamp(lead, -MAX_LEAD, MAX_LEAD));
  };
  return { score: times(), strikes: times(AFTER_STRIKE) };
}

/** No ratio is beyond this, ln: it stays a number. */
const MAX_LEAD = 700;

/** A chance smaller than this is told as this: what is never taken has a number too, and the last place. */
export const LEAST = 1e-9;

/** The last two factors come after the strike: hooked, and what snags leave. */
const AFTER_STRIKE = -2;

/**
 * Strikes: all factors but the last two; the score: those hooked, in the share of the hour that is not lost to snags.
 */
export function summed(why: Contribution[], rest: Omit<Score, 'strikesPerHour' | 'score' | 'why'>): Score {
  const strikesPerHour = Math.exp(why.slice(0, AFTER_STRIKE).reduce((s, w) => s + w.ln, 0));
  return {
    strikesPerHour,
    score: strikesPerHour * Math.exp(why.slice(AFTER_STRIKE).reduce((s, w) => s + w.ln, 0)),
    why,
    ...rest,
  };
}
