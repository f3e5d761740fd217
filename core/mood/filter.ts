/**
 * Bayesian filter over the five moods: prior from conditions, then signs in the order they were seen, drifting back in
 * between.
 */
import { DRAW_COUNT } from '../base/draws';
import type { SpeciesProfile } from '../water/species';
import { chanceFull } from './full';
import { judgeGuarding, type Guarding } from './guarding';
import { mostTelling, type TellingSign } from './information';
import { moodPrior, type MoodReason } from './prior';
import { chanceOfSign, signLogLikelihood, WATCHABLE_SIGNS } from './signs';
import { moodMean, normalise, type MoodDistribution } from './states';
import { filterStates } from './transition';
import type { Sign, SignKind } from '../water/terms';
import { drawAssumed } from '../water/drawn';
import type { ResolvedConditions } from '../water/resolve';

/** A sign and what it did to the judgement. */
export interface SignEffect {
  kind: SignKind;
  count: number;
  minutesAgo: number;
  /** Shift of the mean mood when this sign was taken in, in states. */
  shift: number;
}

/** What fish are thought to be in the mood for, from the conditions and the signs, and why. */
export interface MoodJudgement {
  distribution: MoodDistribution;
  /** 0 (shut) … 4 (aggressive). */
  mean: number;
  prior: MoodDistribution;
  reasons: readonly MoodReason[];
  signs: readonly SignEffect[];
  nextSign: TellingSign | null;
  /** Chance that they are full and only the two extremes will do. */
  full: number;
  /** Fish on their beds are judged by their agitation; null while they feed. */
  guarding: Guarding | null;
}

/** The sign whose coming or not coming in the next ten casts would tell most, in expected bits. */
export const nextSignToWatch = (p: MoodDistribution): TellingSign | null =>
  mostTelling(p, WATCHABLE_SIGNS, chanceOfSign);

/** Takes signs in, oldest first; what they said drifts back to `rest` until now. */
export function filterSigns(
  rest: MoodDistribution,
  signs: readonly Sign[],
): { distribution: MoodDistribution; signs: SignEffect[] } {
  const effects: SignEffect[] = [];
  const seen = signs.flatMap((s) => {
    const ln = s.count > 0 ? signLogLikelihood(s) : null;
    return ln ? [{ s, agoMin: Math.max(0, s.minutesAgo ?? 0), ln }] : [];
  });
  const p = filterStates(rest, seen, undefined, ({ s, agoMin }, before, after) =>
    effects.push({ kind: s.kind, count: s.count, minutesAgo: agoMin, shift: mean(after) - mean(before) }),
  );
  return { distribution: p as unknown as MoodDistribution, signs: effects };
}

const mean = (p: readonly number[]): number => moodMean(p as unknown as MoodDistribution);

/** Before any sign: a mixture over what the assumed readings may be. With everything read it is the plain prior. */
export function mixedPrior(r: ResolvedConditions, species: SpeciesProfile): MoodDistribution {
  if (r.assumed.length === 0) return moodPrior(r, species).distribution;
  const sum = [0, 0, 0, 0, 0];
  for (let n = 0; n < DRAW_COUNT; n++)
    moodPrior(drawAssumed(r, n), species).distribution.forEach((v, i) => (sum[i]! += v));
  return normalise(sum);
}

/** The mood of one fully stated reading, for draws. */
export const moodOfDraw = (r: ResolvedConditions, species: SpeciesProfile): MoodDistribution =>
  filterSigns(moodPrior(r, species).distribution, r.signs).distribution;

/** The mood of resolved conditions with their signs: prior, shifts, what to look for; guarding fish besides. */
export function judgeMood(r: ResolvedConditions, species: SpeciesProfile): MoodJudgement {
  const prior = mixedPrior(r, species);
  const { distribution, signs } = filterSigns(prior, r.signs);
  const guarding = r.behaviour === 'guarding' ? judgeGuarding(r.signs) : null;
  return {
    distribution,
    mean: moodMean(distribution),
    prior,
    reasons: moodPrior(r, species).reasons,
    signs,
    nextSign: guarding ? guarding.nextSign : nextSignToWatch(distribution),
    full: chanceFull(r, species),
    guarding,
  };
}
