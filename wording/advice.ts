/** The one quiet line above the log: a fact, and what to do about it. */
import type { Advice } from '../core/log/advice';
import type { Change } from '../core/records/advice';
import { counted } from './count';
import { PLACE_NAME } from './events';
import { thrownAtName } from './pieces';
import { clockText } from './time';
import type { UnitPrefs } from './units';

const CHANGE_TEXT: Record<Change, (lure: string | null) => string> = {
  depth: () => 'Change one thing: its depth, or the angle you cast at.',
  pace: () => 'Depth and angle drew nothing: now change the pace, or the length of the hang.',
  lure: (lure) => `The hands have tried it all: tie on ${lure ? `the ${lure}` : 'another'}.`,
  spot: () => 'Depth, pace and lure were changed and drew nothing here: try another spot.',
};

const TOUCHED: Partial<Record<Extract<Advice, { code: 'rest' }>['kind'], string>> = {
  missed: 'Missed, and not stung.',
  bump: 'It bumped the lure.',
  lost: 'Lost: it felt the hook.',
};

const strikesText = (n: number): string => (n === 0 ? 'No strike yet.' : `${counted(n, 'strike')}.`);

/** Before the choice has come, which says how many casts a lure is given. */
export const adviceToCome = (strikes: number): { fact: string; advice: string } => ({
  fact: strikesText(strikes),
  advice: 'One moment: weighing how long to stay with it…',
});

/** Where they are, for "pick … apart". */
const there = ({ place, at }: Pick<Extract<Advice, { code: 'stay' }>, 'place' | 'at'>): string =>
  at ? thrownAtName(at) : place ? `the ${PLACE_NAME[place]}` : 'that place';

export function adviceText(a: Advice, zone: string, u: UnitPrefs): { fact: string; advice: string } {
  switch (a.code) {
    case 'begin':
      return { fact: 'Nothing logged yet.', advice: 'Touch “Cast” each time you throw: empty casts count too.' };
    case 'snag':
      return {
        fact: 'Hung up.',
        advice:
          'Slack first: a floater may rise off it. Then pull from the other side. When it is free, run the line through your fingers and retie where it is rough.',
      };
    case 'retie':
      return {
        fact: 'Broken off, and one fewer in the box.',
        advice: 'Run the last yards of line through your fingers, cut off what is rough, and tie on another.',
      };
    case 'watch':
      return {
        fact: 'A fish on its bed.',
        advice: 'It is not hungry: watch what it does. Nudges, flares and quick turns say when the small one is due.',
      };
    case 'school':
      return {
        fact: 'The school has fired.',
        advice: `Go straight back through it${a.follow ? ` with the ${a.follow}` : ''}, and slower.`,
      };
    case 'rest':
      return {
        fact: TOUCHED[a.kind] ?? 'A fish touched it.',
        advice: `Leave ${there(a)} alone until ${clockText(a.untilMs, zone, u)}. Fish around it meanwhile, at other angles.`,
      };
    case 'again':
      return {
        fact: 'It followed and turned.',
        advice: `The same cast again, slower or with a longer hang${a.follow ? `; then the ${a.follow}` : ''}.`,
      };
    case 'stay':
      return {
        fact: 'One landed.',
        advice: `Stay: pick ${there(a)} apart, a cast’s width at a time, and from another angle.`,
      };
    case 'give':
      return {
        fact: strikesText(a.strikes),
        advice: `${counted(a.more, 'more cast')} like this before you judge it.`,
      };
    case 'asked':
      return {
        fact: `${counted(a.casts, 'cast')} like this without a touch.`,
        advice: 'Do first what the bites before asked for, below.',
      };
    case 'change':
      return {
        fact: `${counted(a.casts, 'cast')} like this without a touch.`,
        advice: CHANGE_TEXT[a.what](a.lure),
      };
  }
}
