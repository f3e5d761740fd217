import type { FamilyId } from '../../core/lures/family';
import type { Plan } from '../../core/planning/plan/answer';
import type { PlanChange } from '../../core/planning/plan/changes';
import type { Rod } from '../../core/records/rod';
import { counted } from '../count';
import { FAMILY_NAME, capital } from '../names';
import { angleText, changeTitle, gainRangeText, tipText } from '../retrieve';
import { type UnitPrefs, say } from '../units';

/** Retrieve: the plan of a cast and what the hands do. */
export const RETRIEVE_PAGE = {
  aimAtNothing:
    'As if fish could be anywhere along the cast. A limb, a rock, a rise: say how far off it is, and the plan brings the lure by it.',
  aimAt: 'What you aim at',
  droppedOnto: 'This lure is dropped right onto it: how far off it is changes nothing for its plan.',
  throws: (angleDeg: number): string =>
    `This plan throws ${angleText(angleDeg)}. Up or up and across the lure comes down as food drifts; straight down it works against the water and rises.`,
  angle: 'Angle to the current',
  risesTitle: 'Something rises on the way',
  whatRises: 'What rises on the way',
  riseWaiting: 'Working out how the lure comes over it…',
  notInTheWay: 'It is not in the way of this cast: out of its reach, or below a lure that stays on top.',
  topBelow: 'How far its top is below the surface',
  moment: 'Moment of the cast',
  besides: 'The beat besides the picture',
  readBeat: 'How to read the beat',
  beatDrawn:
    'Time runs to the right. A green bar is turning the handle, taller is faster. A sharp peak is a twitch or snap of the wrist, a dome a pop, an arch a hop, a slope a lift or a drag, a zigzag a shake.',
  beatHeard:
    'To the ear: a high tick counts down, a dull one is a turn, a sharp one a flick of the wrist, and a low tone says that the hang begins.',
  beatHang:
    'Each dot is a second of doing nothing: let it hang. The number under the dots is how long. Most people cut it short.',
  buysWaiting: 'Working out what one change would buy…',
  buys: 'What one change would buy',
  buysNothing: 'Nothing you could change on its own is sure to hold it among the fish longer.',
  buysNote:
    'More of the cast among the fish, by one change alone: all else stays as it is. Touch to do it; touch it again under “Your changes” to take it back.',
  untried: (n: number): string =>
    `${counted(n, 'more change')} looked less promising and ${n === 1 ? 'was' : 'were'} not worked out: a cast this long takes too much computing.`,
  coinToss: 'A toss of a coin: may help, may cost',
  costsMost: 'And what would cost most',
  doIt: (b: PlanChange, units: UnitPrefs): string => `${changeTitle(b, units)}: ${gainRangeText(b)}. Do it`,
  takeBack: (title: string): string => `${title}: take back`,
  takeAllBack: 'Take all of them back',
  compare:
    'Put this plan aside, then change something: both paths are drawn in the section, and their figures stand side by side here.',
  putAside: 'Put this plan aside',
  asideAndInHand: 'The plan put aside, and the one in hand',
  fishAside: 'Fish the one put aside',
  asideInstead: 'Put this one aside instead',
  letPlanChoose: 'Let the plan choose',
  turns: (speedMps: number, units: UnitPrefs): string =>
    `Turns of the handle a second; the lure moves at ${say.speed(speedMps, units)}`,
  countNote: 'Seconds from the splash to the first move',
  castNote: (overshootM: number, units: UnitPrefs): string =>
    `How far; throw ${say.distance(overshootM, units)} past the fish`,
  hangNote: 'How long it is left alone',
  tip: (tip: Parameters<typeof tipText>[0], units: UnitPrefs): string =>
    `Rod tip ${tipText(tip, units)} above the water`,
  floatNote: 'Without a float it is counted down and hung on a line just not tight; with one it stays where it is set',
  howWorked: 'How it is worked',
  whySet: 'Why set it so, and why this drag?',
  setLimits:
    'Springs of line and rod in series; what hooks want and mouths bear is a rule of thumb, good to two fifths. Mind the hooks: glasses on.',
  firstSureness: 'A first answer; working out how sure it is…',
  firstSearch: 'A first answer; casting other counts, speeds and rod heights on the model…',
  tapAtMoves: 'Tap at each move',
  enough: 'Enough: how was it?',
  noLure: 'There is no lure in the box that works here yet. Add one in the Kit.',
  chooseLure: 'Choose a lure on Lures first.',
  question: 'How do I work it?',
  lureLine: (family: FamilyId, weightKg: number, line: string, units: UnitPrefs): string =>
    `${FAMILY_NAME[family]}, ${say.weight(weightKg, units)} · ${line}`,
  inZone: (p: Pick<Plan, 'effort' | 'zoneShare'>): string =>
    `In the zone ${p.effort === 'first' ? 'about ' : ''}${say.percent(p.zoneShare.mean)}`,
  zoneWord: (onTop: boolean, about: boolean): string => `${onTop ? 'on top' : 'in the zone'}${about ? ', about' : ''}`,
  failed: 'This plan could not be worked out. Change the cast, the line or the lure and it will try again.',
  waiting: 'Casting it on the model…',
  leftInBox: (why: string): string => `The choice leaves it in the box: ${why}.`,
  rodRated: (
    weightKg: number,
    tooHeavy: boolean,
    rod: Pick<Rod, 'name' | 'minLureKg' | 'maxLureKg'>,
    units: UnitPrefs,
  ): string =>
    `${capital(say.weight(weightKg, units))} is ${tooHeavy ? 'heavier' : 'lighter'} than ${rod.name} is rated for (${say.weight(rod.minLureKg, units)}–${say.weight(rod.maxLureKg, units)}). Choose another rod below.`,
  onTopAllTheWay: (castM: number, fishM: number, units: UnitPrefs): string =>
    `It stays on top for the whole ${say.distance(castM, units)} cast; the fish must come up ${say.depth(fishM, units)} for it.`,
  touching: (s: number): string => `${say.seconds(Math.round(s))} of it on the bottom or the limbs.`,
  ownCadence: (name: string | null): string => `${capital(name ?? 'your own cadence')}.`,
  stepByStep: 'Change the cadence step by step',
  card: 'Plan card for the pocket',
  more: 'More: compare plans, below the boat',
  nothingCast: 'When nothing is cast',
  belowOrBehind: 'Below the boat, or towed behind it',
  another: 'Another would now start',
  ranksFirst: (name: string): string => `As things stand the ${name} ranks first.`,
  changeTo: (name: string): string => `Change to the ${name}`,
  measure: 'Measure this lure to know better',
  lastThrown: (name: string): string => `As you last threw the ${name}.`,
  changeTackle: 'Change rod, reel or line',
  saveAsked: 'Save what this plan was asked, as a file',
};
