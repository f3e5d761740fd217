/** A day that is written in afterwards. */
import type { CatchUpTrouble, DayPart } from '../core/trip/catchUp';
import { dayText } from './time';

export const CATCH_UP = {
  title: 'A day that was not logged',
  sub: 'Roughly is good enough: blank casts count as much as fish.',
  noWater: 'Add a water in the Kit first: a day belongs to one.',
  when: 'Which day',
  part: 'About when',
  water: 'Which water',
  fish: 'Which fish',
  lure: 'What was thrown',
  casts: 'Casts',
  landed: 'Landed',
  lost: 'Hooked and lost',
  missed: 'Missed or bumped',
  another: 'Another lure',
  less: 'Take this one out',
  spot: 'Where',
  keep: 'Write the day in',
  busy: 'Writing it in…',
  refused: 'This device refused to store that; what you entered is still here.',
  calendar: 'The day',
  earlier: 'An earlier day…',
} as const;

export const PART_NAME: Record<DayPart, string> = {
  dawn: 'Dawn',
  morning: 'Morning',
  afternoon: 'Afternoon',
  dusk: 'Dusk',
  night: 'Night',
};

export const TROUBLE_TEXT: Record<CatchUpTrouble, string> = {
  'no-lure': 'Choose what was thrown.',
  'no-cast': 'How many casts, roughly? Without them a strike says nothing.',
  'more-strikes-than-casts': 'There are more strikes than casts: one of the two is wrong.',
  'to-come': 'That hour is still to come.',
};

/** "Today", "Yesterday", "Tue 6 Oct". */
export const daysAgoText = (n: number, atMs: number, zone: string): string =>
  n === 0 ? 'Today' : n === 1 ? 'Yesterday' : dayText(atMs, zone);
export const lureOfRow = (i: number): string => `Lure ${i + 1}`;
