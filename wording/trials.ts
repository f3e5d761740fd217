/** What came of a trial, in words. */
import type { TrialReport } from '../core/lessons/trials';
import { few } from './count';
import { capital } from './names';
import { strikesText } from './reasons';
import { castsText } from './strikes';

export type LureName = (id: string) => string;

/** A trial under way or at its end, for who is fishing it. */
export function trialTold({ trial, casts, strikes, expected, against, outcome }: TrialReport, name: LureName): string {
  const other = trial.againstId ? name(trial.againstId) : 'the first of the ranking';
  const came = `${strikesText(strikes)} in ${castsText(casts)}`;
  if (outcome === 'running')
    return casts === 0
      ? `Give it ${castsText(trial.casts)}, and count them.`
      : `${capital(came)}; give it ${castsText(trial.casts - casts)} more.`;
  const expectations = `${few(expected)} expected of it, ${few(against)} of the ${other}`;
  if (outcome === 'better') return `${capital(came)}: ${expectations}. More than luck would do: stay with it.`;
  if (outcome === 'worse') return `${capital(came)}: ${expectations}. Go back to the ${other}.`;
  if (outcome === 'cut-short') return `${capital(came)}: ended too soon to tell. What came of it counts in your log.`;
  return strikes > expected
    ? `${capital(came)}: ${expectations}. Worth going on with, though it may be luck.`
    : `${capital(came)}: ${expectations}. It showed nothing: go back to the ${other}. Your log counts it.`;
}
