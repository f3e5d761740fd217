/** What the record says, and plainly when it does not know. */
import { THIN_CASTS } from '../core/lessons/learn';
import type { Lessons, Pattern } from '../core/lessons/patterns';
import type { LearnedRanking } from '../core/learning/learned';
import type { NameOf } from './choosing';
import { capital, STYLE_NAME, FAMILY_NAME } from './names';
import { hoursText, isAsBefore, strikesText, timesAsMuch, wasFished } from './reasons';
import { castsText } from './strikes';

const per100 = (x: number): string => (x * 100 < 9.95 ? (x * 100).toFixed(1) : (x * 100).toFixed(0));

/** A pattern in one line: its lure, how it is worked. */
export const patternName = (p: Pattern): string => `${p.lureName}, ${STYLE_NAME[p.style]}`;
/** Strikes in a hundred casts, the best guess. */
export const per100Text = (p: Pattern): string => per100(p.perCast.mean);
export const PATTERN_COLUMN = {
  table: 'Patterns',
  name: 'Lure',
  depth: 'Depth',
  casts: 'Casts',
  strikes: 'Strikes',
  landed: 'Landed',
  rate: 'In 100 casts',
} as const;

export const patternTitle = (p: Pattern): string => p.lureName;
export const patternSub = (p: Pattern): string => `${FAMILY_NAME[p.family]} · ${STYLE_NAME[p.style]}`;
export const rateText = (p: Pattern): string =>
  `${per100(p.perCast.mean)} in 100 casts, likely ${per100(p.perCast.low)}–${per100(p.perCast.high)}`;
export const effortText = (p: Pattern): string =>
  `${castsText(p.casts)} on ${p.trips} day${p.trips === 1 ? '' : 's'} · ${p.strikes} struck, ${p.hooked} hooked, ${p.landed} landed`;

export const thinText = (p: Pattern): string | null =>
  p.tooThin
    ? `Not enough yet: ${THIN_CASTS - p.casts} more casts before this says more than the model did.`
    : p.perCast.high > 8 * Math.max(p.perCast.low, 1e-4)
      ? 'Wide open still: too few strikes to pin it down.'
      : null;

export function againstModel(p: Pattern): string {
  const expected = `The model expected ${per100(p.expectedPerCast)}`;
  if (p.tooThin) return `${expected}.`;
  return p.perCast.low > p.expectedPerCast
    ? `${expected}: it does better than that for you.`
    : p.perCast.high < p.expectedPerCast
      ? `${expected}: it does worse than that for you.`
      : `${expected}: the record agrees so far.`;
}

export function lessonsHeadline(l: Lessons): string {
  if (l.casts === 0) return 'No casts yet.';
  return `${castsText(l.casts)} on ${l.trips} day${l.trips === 1 ? '' : 's'}, ${l.strikes} strike${l.strikes === 1 ? '' : 's'}${l.blankTrips > 0 ? `; ${l.blankTrips} blank${l.blankTrips === 1 ? '' : 's'}, which count as much` : ''}.`;
}

/** What the log makes of today. */
export const TODAY_TITLE = 'What your log makes of today';
export const MOVED_LEAD =
  'Kind by kind: what you drew in hours like these and others, what was expected, and what the log makes of it here now.';
export const NO_LOG_YET =
  'Your log does not move the choice: it holds nothing of this fish, or it is switched off on Lures.';

/** What the log holds of the ranked lures, those first of which it tells most for now: what came, what follows. */
export function movedLines(r: LearnedRanking, nameOf: NameOf): string[] {
  return [...r.ranked]
    .filter((x) => wasFished(x.evidence.hours))
    .sort((a, b) => b.evidence.effectiveHours - a.evidence.effectiveHours || (a.key < b.key ? -1 : 1))
    .map((x) => `${capital(nameOf(x.key))}: ${movedText(x)}`);
}

/** The strikes of a kind against what the model expected, and what the log makes of the lure now. */
function movedText({ evidence, byLog }: LearnedRanking['ranked'][number]): string {
  const { strikes, expected, hours, tooThin } = evidence;
  const wanted = expected < 0.05 ? 'hardly any' : expected.toFixed(1);
  const now = isAsBefore(byLog) ? 'as it was' : `${timesAsMuch(byLog)} times as good`;
  return `${strikesText(strikes)} in ${hoursText(hours)}, ${wanted} expected. Now ${now}${tooThin ? '; not enough yet to be sure' : ''}.`;
}

export const NOTHING_YET = `Nothing to learn from yet. Count your casts and touch what happens on the Strikes page, blanks too: after ${THIN_CASTS} casts of one pattern this page starts to say something.`;
export const SECTION_NOTE = (fish: string): string =>
  `In the section: strikes in 100 casts by the depth fished, for ${fish}; pale bars rest on fewer than ${THIN_CASTS} casts.`;
export const ALL_WATERS = 'All waters';
export const TO_THE_DIARY = 'The diary: every day, fish by fish';
