import type { MoodJudgement } from '../../core/mood/filter';
import { AGITATIONS } from '../../core/mood/guarding';
import { MOODS } from '../../core/water/moods';
import type { Access, SignKind } from '../../core/water/terms';
import { ageText } from '../day';
import { ACCESS_NAME, AGITATION_NAME, MOOD_NAME, SIGN_NAME, capital } from '../names';
import { say } from '../units';

/** Water: what is in front of one. */
export const WATER_PAGE = {
  ahead: 'The day ahead: hours, spots, tide',
  goodHoursOver: 'The good hours of today are over: look at tomorrow.',
  seenAside: (text: string): string => `Seen, put aside for today: ${text}`,
  aside: (n: number): string => `${n} caution${n === 1 ? '' : 's'} put aside: show`,
  notThunder: 'Not thunder: take it back',
  mood: 'The mood of the fish',
  chances: (m: MoodJudgement): string =>
    `Chances: ${MOODS.map((x, i) => `${MOOD_NAME[x]} ${say.percent(m.distribution[i]!)}`).join(', ')}`,
  agitation: (shares: readonly number[]): string =>
    `Agitation: ${AGITATIONS.map((a, i) => `${AGITATION_NAME[a]} ${say.percent(shares[i]!)}`).join(', ')}`,
  askMe: 'Ask me, step by step',
  assumed: (n: number): string =>
    `${n} readings are not read today but assumed: a dotted line marks them. Touch one to set it.`,
  takenOver: 'What lasts was taken over from your last day here.',
  stillSo: (ageMin: number): string => `Read ${ageText(ageMin)} ago. Still so?`,
  allAsItWas: 'All as it was',
  asLastDay: (day: string): string => `As on my last day here, ${day}`,
  seen: (next: SignKind | null | undefined): string =>
    `Seen something? Touch it.${next ? ` “${capital(SIGN_NAME[next])}” would tell most now.` : ''}`,
  addSign: (kind: SignKind, n: number): string => `${SIGN_NAME[kind]}${n > 0 ? `, seen ${n}` : ''}: add one`,
  takeSignBack: (kind: SignKind): string => `${SIGN_NAME[kind]}: take one back`,
  firstWater:
    'Name the pond, creek or shore you fish, and say what is usually there. Or look around first with an invented season.',
  addWater: 'Add my first water',
  demoWaiting: 'Loading the demo world…',
  demoLook: 'Look around with the demo world',
  demoFailed: 'The demo world could not be stored on this device.',
  goOn: 'Go on with it',
  endAndStart: 'End this day and start a new one',
  moveOn: (water: string): string => `Go on at ${water}`,
  moveNote:
    'Going on keeps rod, line, lure and thunder: in the diary both waters are one outing. The water there is read anew.',
  moveBack: (water: string): string => `Back to ${water}, as if never moved`,
  moveBackNot: 'Something is logged here: the outing keeps both waters.',
  question: 'What have I got in front of me?',
  another: (access: Access): string => `Another water, fish or day (now ${ACCESS_NAME[access]})`,
};
