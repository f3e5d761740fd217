import type { TripTally } from '../../core/log/tally';
import { castsText } from '../strikes';

/** Strikes: the log on the water. */
export const STRIKES_PAGE = {
  done: (text: string): string => `Now ${text}. All else stays as it was.`,
  changeTo: (name: string): string => `Change to the ${name}`,
  noDay:
    'Nothing can be logged without a day to log it to. Start one on the Water page; your earlier days are under Lessons.',
  inHand: (lure: string, how: string, depth: string | null): string =>
    `In hand: ${lure} · ${how}${depth === null ? '' : ` · ${depth}`}`,
  planWaiting: 'The plan is being worked out; logging starts with it in a moment.',
  noLure: 'Choose a lure first: a strike is logged with what you were throwing.',
  tellShown: 'Tell what the fish showed',
  tally: (t: Pick<TripTally, 'casts' | 'strikes' | 'hooked' | 'landed'>): string =>
    `${castsText(t.casts)}, ${t.strikes} strike${t.strikes === 1 ? '' : 's'}, ${t.hooked} hooked, ${t.landed} landed.`,
};
