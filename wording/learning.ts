/** What the log does to the choice, and what is worth a try, in words. */
import type { LearnedRanking } from '../core/learning/learned';
import type { NameOf } from './choosing';
import { capital } from './names';
import { timesAsMuch } from './reasons';
import { say } from './units';

/** How the fishing is against what is expected; null where the log holds nothing of this fish. */
export function levelText({ level, blocks }: Pick<LearnedRanking, 'level' | 'blocks'>): string | null {
  if (blocks === 0) return null;
  const many = `${timesAsMuch(level.ratio)} times as many (${timesAsMuch(level.low)} to ${timesAsMuch(level.high)})`;
  if (level.low > 1) return `By your log you draw more strikes here than expected: ${many}.`;
  if (level.high < 1) return `By your log you draw fewer strikes here than expected: ${many}.`;
  return `By your log you draw about the strikes expected here: ${many}.`;
}

/** A trial that is worth a few casts, in words, and what is kept of it once it is fished. Rates in strikes an hour. */
export interface TrialOffer {
  title: string;
  text: string;
  key: string;
  casts: number;
  pBest: number;
  strikesPerHour: number;
  against: { key: string; strikesPerHour: number };
}

/** A trial that is worth a few casts, and what it costs; null where there is none but what one starts with. */
export function trialText(r: LearnedRanking, nameOf: NameOf): TrialOffer | null {
  const { trial, plan, ranked } = r;
  if (!trial || !plan || trial.why !== 'may-be-best' || trial.key === plan.start) return null;
  const [first, x] = [ranked[0]!, ranked.find((l) => l.key === trial.key)!];
  const costs = first.score - x.score;
  const known = x.evidence.tooThin ? 'your log knows little of it in water like this' : 'your log does not rule it out';
  return {
    key: trial.key,
    casts: plan.casts,
    pBest: trial.pBest,
    strikesPerHour: x.strikesPerHour,
    against: { key: first.key, strikesPerHour: first.strikesPerHour },
    title: `${capital(nameOf(trial.key))} may be better than it looks`,
    text: `${capital(say.percent(trial.pBest))} likely to be the best of all here: ${known}. Give it ${plan.casts} casts, then compare. If it is no better than it looks, that costs ${costs < 0.095 ? 'hardly a fish' : `${costs.toFixed(1)} fish an hour`} against the first.`,
  };
}

/** Over a trial, and its key. */
export const TRIAL_TITLE = 'Worth a try';
export const TRY_IT = 'Try it';

export const AMONG_REASONS = 'How it moves each lure is among its reasons.';

/** The two ways to rank. */
export const LOG_CHOICES = { label: 'Your log', on: 'With my log', off: 'Without it' } as const;
