/** What the log does to the choice, and what is worth a try, in words. */
import type { LearnedRanking } from '../core/learning/learned';
import type { NameOf } from './choosing';
import { capital } from './names';
import { hoursText, strikesText } from './reasons';
import { say } from './units';

const times = (x: number): string => (x < 1.95 ? x.toFixed(1) : x.toFixed(x < 9.5 ? 1 : 0));

/** How the fishing is against what is expected; null where the log holds nothing of this fish. */
export function levelText({ level, blocks }: Pick<LearnedRanking, 'level' | 'blocks'>): string | null {
  if (blocks === 0) return null;
  const many = `${times(level.ratio)} times as many (${times(level.low)} to ${times(level.high)})`;
  if (level.low > 1) return `By your log you draw more strikes here than expected: ${many}.`;
  if (level.high < 1) return `By your log you draw fewer strikes here than expected: ${many}.`;
  return `By your log you draw about the strikes expected here: ${many}.`;
}

/** A trial that is worth a few casts, and what it costs; null where there is none but what one starts with. */
export function trialText(r: LearnedRanking, nameOf: NameOf): { title: string; text: string; key: string } | null {
  const { trial, plan, ranked } = r;
  if (!trial || !plan || trial.why !== 'may-be-best' || trial.key === plan.start) return null;
  const [first, x] = [ranked[0]!, ranked.find((l) => l.key === trial.key)!];
  const costs = first.score - x.score;
  const known = x.evidence.tooThin ? 'your log knows little of it in water like this' : 'your log does not rule it out';
  return {
    key: trial.key,
    title: `${capital(nameOf(trial.key))} may be better than it looks`,
    text: `${capital(say.percent(trial.pBest))} likely to be the best of all here: ${known}. Give it ${plan.casts} casts. If it is no better than it looks, that costs ${costs < 0.095 ? 'hardly a fish' : `${costs.toFixed(1)} fish an hour`} against the first.`,
  };
}

/** On Lessons. */
export const TODAY_TITLE = 'What your log makes of today';
export const MOVED_LEAD =
  'Kind by kind: what you drew in hours like these and others, what was expected, and what the log makes of it here now.';
export const NO_LOG_YET =
  'Your log does not move the choice: it holds nothing of this fish, or it is switched off on Lures.';

export const AMONG_REASONS = 'How it moves each lure is among its reasons.';

/** The two ways to rank. */
export const LOG_CHOICES = { label: 'Your log', on: 'With my log', off: 'Without it' } as const;

/** What the log holds of the ranked lures, the most fished first: what came, what was expected, what follows. */
export function movedLines(r: LearnedRanking, nameOf: NameOf): string[] {
  return [...r.ranked]
    .filter((x) => x.evidence.hours >= 0.02)
    .sort((a, b) => b.evidence.hours - a.evidence.hours || (a.key < b.key ? -1 : 1))
    .map((x) => `${capital(nameOf(x.key))}: ${movedText(x)}`);
}

/** The strikes of a kind against what the model expected, and what the log makes of the lure now. */
function movedText({ evidence, byLog }: LearnedRanking['ranked'][number]): string {
  const { strikes, expected, hours, tooThin } = evidence;
  const wanted = expected < 0.05 ? 'hardly any' : expected.toFixed(1);
  const now = Math.abs(byLog - 1) < 0.05 ? 'as it was' : `${times(byLog)} times as good`;
  return `${strikesText(strikes)} in ${hoursText(hours)}, ${wanted} expected. Now ${now}${tooThin ? '; not enough yet to be sure' : ''}.`;
}
