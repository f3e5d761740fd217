/**
 * What a log says about a rate, with few fish.
 *   strikes in casts   Poisson with Gamma prior: shape mean·weight + strikes, rate weight + casts
 *   hooked of strikes, landed of hooked   Beta(1, 1) prior
 * Intervals are equal-tailed 90 %. Example: 9 strikes in 140 casts, prior 0.04 worth 50 casts → 0.058 (0.032–0.089).
 */
import { jStat } from 'jstat';

/** A value and its 5–95 % range. */
export interface Interval {
  mean: number;
  low: number;
  high: number;
}

/** What is thought of a rate before a cast was made: its mean, and how many casts that counts for. */
export interface RatePrior {
  meanPerCast: number;
  weightCasts: number;
}

/** A rate a cast as a Gamma distribution: mean = shape / rate. */
export interface GammaRate {
  shape: number;
  rate: number;
}

const LOW = 0.05;
const HIGH = 0.95;

/** Posterior of a Poisson rate a cast with a Gamma prior of the given mean and weight. */
export const gammaRate = (strikes: number, casts: number, prior: RatePrior): GammaRate => ({
  shape: prior.meanPerCast * prior.weightCasts + strikes,
  rate: prior.weightCasts + casts,
});

/** Mean and equal-tailed 90 % interval of a rate a cast. */
export function gammaInterval(g: GammaRate): Interval {
  return {
    mean: g.shape / g.rate,
    low: jStat.gamma.inv(LOW, g.shape, 1) / g.rate,
    high: jStat.gamma.inv(HIGH, g.shape, 1) / g.rate,
  };
}

/** Mean and equal-tailed 90 % interval of a share, with a flat prior. Example: 0 of 0 → 0.5 (0.05–0.95). */
export function betaInterval(successes: number, trials: number): Interval {
  const a = 1 + successes;
  const b = 1 + Math.max(0, trials - successes);
  return { mean: a / (a + b), low: jStat.beta.inv(LOW, a, b), high: jStat.beta.inv(HIGH, a, b) };
}

/** P(rate a > rate b) for independent Gamma rates: 1 − I_x(shape a, shape b) with x = rate a / (rate a + rate b). */
export function chanceGreater(a: GammaRate, b: GammaRate): number {
  return 1 - jStat.beta.cdf(a.rate / (a.rate + b.rate), a.shape, b.shape);
}
