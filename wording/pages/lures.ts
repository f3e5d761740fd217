import type { RankedLure } from '../../core/ranking/ranked';
import { LADDER_BY_KIND, LADDER_LEAD } from '../choosing';
import { rateLine } from '../lures';
import { FAMILY_NAME, capital, luresText } from '../names';
import { say } from '../units';

/** Lures: what to tie on. */
export const LURES_PAGE = {
  question: 'What do I tie on?',
  noDay: 'Start a day on the Water page first: what to tie on depends on the water.',
  boxOf: (water: string, n: number): string =>
    `${water} · ${n > 0 ? `${luresText(n)} in the box` : 'every kind of lure, as the box is empty'}`,
  failed: 'The ranking could not be worked out. Change a reading to try again.',
  waiting: 'Weighing up the box…',
  inPicture: 'In the picture, by number: the bar is where a lure can be kept, the lure itself where it does best.',
  nothingWorks: 'Nothing in the box works here: see below why, or add a lure in the Kit.',
  fewRods: 'Few rods: what to take along',
  threeEasy: (casts: number): string =>
    `Three that work here and are hard to fish wrong: cast, and wind. Change after ${casts} casts.`,
  everything: 'Everything that would work',
  everythingNote:
    'Fish hooked in an hour of fishing, with the likely range. The first five stand in the section by number.',
  notWorkedOut: 'This could not be worked out.',
  everyKindWaiting: 'Weighing up every kind…',
  leftOut: 'Left in the box',
  moreReasons: (n: number): string => `${n} more reasons`,
  workOne: 'Work one all the same',
  workIt: (name: string): string => `Work the ${capital(name)} all the same`,
  changeMind: 'What would change this choice',
  upwards: 'From quiet to loud',
  downwards: 'From loud to quiet',
  ladder: (up: boolean, byKind: boolean): string =>
    `${up ? LADDER_LEAD.up : LADDER_LEAD.down}${byKind ? ` ${LADDER_BY_KIND}` : ''}`,
  row: (place: number, name: string, x: RankedLure): string =>
    `${place}. ${name}, ${FAMILY_NAME[x.family]}: ${rateLine(x)}. Reasons`,
  inHand: (name: string): string => `${name} is in hand`,
  factors:
    'Each factor multiplies the rate; together they make it. Bars show it against the middle lure: right is better, left is worse.',
  base: (ln: number): string => `base ${say.rate(Math.exp(ln))} an hour`,
  hooked: (x: Pick<RankedLure, 'score' | 'strikesPerHour'>): string =>
    `${say.rate(x.score)} hooked an hour, of ${say.rate(x.strikesPerHour)} strikes.`,
  costs: (ledger: string, usualPrice: string | null): string =>
    `What it costs: ${ledger}${usualPrice === null ? '' : ` Reckoned with a usual price of ${usualPrice}.`}`,
  betterFor: (name: string): string => `Right: better for the ${name}. Together the bars make the difference.`,
  rigWhy: (why: string, next: string | null): string => `, ${why}.${next ? ` Next best: ${next}.` : ''}`,
  howToRig: 'How to rig it, and why',
  howToWork: 'How to work it',
  howToWorkThe: (name: string): string => `How to work the ${name}`,
};
