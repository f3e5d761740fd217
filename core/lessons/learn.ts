/** From effort by presentation to rates, comparisons and what is still too thin to say. */
import {
  betaInterval,
  chanceGreater,
  gammaInterval,
  gammaRate,
  type GammaRate,
  type Interval,
  type RatePrior,
} from './rates';

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
  posterior: GammaRate;
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

/** So sure that one beats the other, and nobody casts longer than that for it. */
const SURE = 0.9;
const MOST_CASTS = 3000;

/** Casts more of each until it is plain which is better, if both go on as they look; null: more than anybody makes. */
export function castsToTell(a: GammaRate, b: GammaRate): number | null {
  const after = (n: number): boolean => {
    const grown = (g: GammaRate): GammaRate => ({ shape: g.shape * (1 + n / g.rate), rate: g.rate + n });
    return Math.abs(chanceGreater(grown(a), grown(b)) - 0.5) >= SURE - 0.5;
  };
  if (!after(MOST_CASTS)) return null;
  let [low, high] = [0, MOST_CASTS];
  while (high - low > 5) {
    const middle = (low + high) / 2;
    if (after(middle)) high = middle;
    else low = middle;
  }
  return after(0) ? 0 : Math.ceil(high / 10) * 10;
}

/** Weight given to the model's own expectation, casts: about a morning. prior: judgement. */
export const PRIOR_WEIGHT_CASTS = 50;
/** Below this many casts a rate says mostly what the prior said. */
export const THIN_CASTS = 30;

/** Posterior rates of each effort, in the order given. */
export const ratesOf = <E extends PatternEffort>(
  efforts: readonly E[],
  priorOf: (e: E) => RatePrior,
): (E & LearnedRate)[] =>
  efforts.map((e) => {
    const posterior = gammaRate(e.strikes, e.casts, priorOf(e));
    return {
      ...e,
      posterior,
      perCast: gammaInterval(posterior),
      hookedShare: betaInterval(e.hooked, e.strikes),
      landedShare: betaInterval(e.landed, e.hooked),
      tooThin: e.casts < THIN_CASTS,
    };
  });

/** Pairs grow with the square: among more than these only the most fished are compared. */
export const MAX_COMPARED = 200;
/** Those that are compared, in their order. */
export function mostFished(rates: readonly LearnedRate[]): readonly LearnedRate[] {
  if (rates.length <= MAX_COMPARED) return rates;
  const most = new Set([...rates].sort((a, b) => b.casts - a.casts).slice(0, MAX_COMPARED));
  return rates.filter((r) => most.has(r));
}

/** The chance that one beats another, for every pair in its order. */
export const compare = (rates: readonly LearnedRate[]): Comparison[] =>
  rates.flatMap((a, i) =>
    rates.slice(i + 1).map((b) => ({
      a: a.presentation,
      b: b.presentation,
      aBeatsB: chanceGreater(a.posterior, b.posterior),
    })),
  );
