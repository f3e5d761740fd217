/** From effort by presentation to rates, comparisons and what is still too thin to say. */
import { betaInterval, chanceGreater, gammaInterval, gammaRate, type Interval, type RatePrior } from './rates';

/** What was put into one pattern, and what came of it. */
export interface PatternEffort {
  presentation: string;
  casts: number;
  strikes: number;
  hooked: number;
  landed: number;
}

/** A pattern with its rates, 5–95 %. */
export interface LearnedRate extends PatternEffort {
  perCast: Interval;
  hookedShare: Interval;
  landedShare: Interval;
  /** Too little effort to say anything that the prior did not. */
  tooThin: boolean;
}

/** Chance, 0–1, that one pattern draws more strikes a cast than the other. */
export interface Comparison {
  a: string;
  b: string;
  aBeatsB: number;
}

/** Weight given to the model's own expectation, casts: about a morning. prior: judgement. */
export const PRIOR_WEIGHT_CASTS = 50;
/** Below this many casts a rate says mostly what the prior said. */
export const THIN_CASTS = 30;

/** Posterior rates of each effort, in the order given, and the chance that one beats another for every pair. */
export function learn(
  efforts: readonly PatternEffort[],
  priorOf: (e: PatternEffort) => RatePrior,
): { rates: LearnedRate[]; comparisons: Comparison[] } {
  const posterior = efforts.map((e) => gammaRate(e.strikes, e.casts, priorOf(e)));
  const rates = efforts.map((e, i) => ({
    ...e,
    perCast: gammaInterval(posterior[i]!),
    hookedShare: betaInterval(e.hooked, e.strikes),
    landedShare: betaInterval(e.landed, e.hooked),
    tooThin: e.casts < THIN_CASTS,
  }));
  const comparisons: Comparison[] = [];
  for (let i = 0; i < efforts.length; i++)
    for (let j = i + 1; j < efforts.length; j++)
      comparisons.push({
        a: efforts[i]!.presentation,
        b: efforts[j]!.presentation,
        aBeatsB: chanceGreater(posterior[i]!, posterior[j]!),
      });
  return { rates, comparisons };
}
