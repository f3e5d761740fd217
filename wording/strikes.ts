/** The log in sentences. */
import type { Answer, HandsAsked } from '../core/log/asked';
import type { Phase } from '../core/planning/cadence/cadence';
import { hangs } from '../core/planning/cadence/library';
import { STYLE_NAME } from './names';
import { say } from './units';

export const castsText = (n: number): string => `${n} cast${n === 1 ? '' : 's'}`;

const TAKEN: Record<Phase, string> = {
  splash: 'as it landed',
  fall: 'as it fell',
  pause: 'while it hung',
  move: 'while it moved',
  deflection: 'as it knocked',
  boat: 'at your feet',
};

/** What is done already, and what no setting does. */
const KEEP: Record<HandsAsked['by'], string> = {
  splash: 'Put it right on them, and throw again sooner: it is the landing that they take.',
  fall: 'It falls as it should: watch the line as it sinks, from the first second.',
  pause: 'It hangs as long as this lure can: keep to it.',
  move: 'It is kept moving as they like it: go on.',
  deflection: 'It knocks as it should: keep it knocking.',
  boat: 'They come after it: stop it a rod’s length out and let it hang before you lift it out.',
  short: 'Hang it as long as it goes.',
  behind: 'Stop it for as long as it goes.',
};

const OWN: Record<'longer' | 'shorter' | 'other', string> = {
  longer: 'In your own cadence make the hang longer.',
  shorter: 'In your own cadence make the hang shorter.',
  other: 'In your own cadence work that in.',
};

/** A new way, or a new hang, against the one that was: "hang 3 s instead of 2 s". */
export function insteadText({ style, pauseS }: Extract<Answer, { kind: 'set' }>, now: HandsAsked['now']): string {
  const hang = pauseS === undefined ? '' : `hang ${say.seconds(pauseS)}`;
  if (style !== undefined) return `${STYLE_NAME[style]}${hang ? `, ${hang},` : ''} instead of ${STYLE_NAME[now.style]}`;
  return `${hang} instead of ${hangs(now.style) ? say.seconds(now.pauseS) : 'none'}`;
}

/**
 * What the bites on the lure in hand ask: the fact, what to do, and, where the hands' settings can do it, what the
 * touch is called.
 */
export function askedText(a: HandsAsked): { fact: string; advice: string; does: string | null } {
  const { by, count, of, answer } = a;
  const comesShort = by === 'short' || by === 'behind';
  const howMany = count === of ? (of === 2 ? 'Both' : `All ${of}`) : `${count} of ${of}`;
  const came = { short: 'bumped it or missed the hook', behind: 'came up behind it and missed' };
  const fact = comesShort
    ? `${howMany} on this lure ${came[by]}. Look at the hook points first.`
    : `${howMany} on this lure came ${TAKEN[by]}.`;
  switch (answer.kind) {
    case 'set': {
      const longer = answer.pauseS !== undefined && answer.pauseS > a.now.pauseS;
      if (a.own) return { fact, advice: OWN[answer.style ? 'other' : longer ? 'longer' : 'shorter'], does: null };
      const what = insteadText(answer, a.now);
      return comesShort
        ? { fact, advice: 'They follow and do not commit: give them longer.', does: `Give them longer: ${what}` }
        : { fact, advice: 'Do more of what they take.', does: `Work it like that: ${what}` };
    }
    case 'given': {
      const given = answer.casts === 0 ? 'Now give it a few casts.' : `Since then: ${castsText(answer.casts)}.`;
      return { fact, advice: `That was changed for it. ${given}`, does: null };
    }
    case 'keep':
      return { fact, advice: KEEP[by], does: null };
    case 'smaller':
      return { fact, advice: 'A longer hang did not hook them: go smaller.', does: null };
    case 'trailing-hook':
      return { fact, advice: 'Smaller did not hook them either: hang a trailing hook behind it.', does: null };
  }
}

export const END_DAY_ASK = 'End the day? Its page in the diary opens; there it can be gone on with.';
export const OFF_AT_THUNDER = 'At the first flash or thunder get off the water.';
export const TODAYS_LOG = 'Today’s log';
export const earlierText = (n: number): string => `Show ${n} earlier`;

/** Another lure or spot, from the page where one logs. */
export const CHANGE_TEXTS = {
  title: 'Another lure, another spot',
  lure: 'Tie on',
  find: 'Find a lure of the box',
  spot: 'Where you are',
  noSpot: 'Nowhere in particular',
  emptyBox: 'The box is empty: add the lure in the Kit, or work any kind from Lures.',
} as const;
export const noSuchLureText = (wanted: string): string => `No lure in the box is called “${wanted.trim()}”.`;

/** A trial under way. */
export const trialOfText = (lure: string): string => `A trial: the ${lure}`;
export const backToText = (lure: string): string => `Back to the ${lure}`;

/** Opens the cast plan of a piece of cover. */
export const STRIKES_CAST_PLAN = 'Cast plan of a piece of cover';

/** A key that would log, before there is anything to log with. */
export const NOTHING_IN_HAND = 'Not stored: no lure is in hand yet.';
