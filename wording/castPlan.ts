/** The cast plan of a piece of cover, in words. */
import type { CastPlan, LeftOut } from '../core/castplan/plan';
import type { PlannedCast } from '../core/castplan/casts';
import { isEdge } from '../core/castplan/shape';
import type { WindOver } from '../core/castplan/wind';
import { isFromBank } from '../core/castplan/stands';
import type { Piece } from '../core/records/piece';
import { TELLING_CURRENT_MPS } from '../core/tackle/stand';
import type { Flow } from '../core/water/pieces';
import type { Access } from '../core/water/terms';
import { counted } from './count';
import { capital } from './names';
import { asSeen, FLOW_NAME, PIECE_NAME, sideText, targetName } from './pieces';
import { say, type UnitPrefs } from './units';

export const CAST_PLAN = {
  title: 'Cast plan',
  wind: (speed: string) => `The wind over it, ${speed}`,
  windLabel: 'Which way it blows, as you look at the piece',
  windWord: 'wind',
  goThere: 'Go there',
  noDay: 'A cast plan needs a water and a lure: start a day first.',
  none: 'No piece of cover is kept for this water yet. A laydown, a dock, a point: a few numbers, and its casts stand here in order.',
  add: 'Add a piece of cover',
  change: 'Change its numbers',
  which: 'Which piece',
  from: 'From where',
  best: 'The best place',
  fish: 'Fish it in this order',
  leave: 'Leave this plan',
  again: 'Begin it again',
  why: 'Why in this order',
  side: 'Seen from the side',
  sideNote:
    'By the few numbers you gave; what lies between them is as such a piece usually is. Depths are drawn larger than lengths.',
  next: 'Next',
  you: 'you',
  skip: 'Leave it out',
  first: 'Cast at it next',
  iced: 'There is no cast through ice.',
  nowhere: 'From there nothing of it can be reached. Choose another place, or come nearer.',
  over: 'All of it was cast at. Begin it again later, or go on to the next piece.',
  angles: 'Then from other angles',
  anglesWhy:
    'A fish that let the lure pass one way may take it another way. Reckoned with what the casts before have put off.',
  goOnThere: 'Go on from there',
  overHere: 'All of it was cast at from here.',
  handed: (fromBank: boolean) =>
    `Left and right are as you look at it from ${fromBank ? 'the bank' : 'open water'}. A fist at arm’s length covers about 10°.`,
  aimed: (d: string) => `Retrieve aims ${d} off now, the middle of these casts.`,
} as const;

const WIND_OVER: Record<Flow, string> = {
  none: 'Not said',
  inward: 'Onto it, from open water',
  outward: 'Off it, from the bank',
  'from-left': 'From the left',
  'from-right': 'From the right',
};
/** Left and right as they are seen from where one fishes. */
export const windOverTitle = (to: Flow, fromBank: boolean): string => asSeen(WIND_OVER[to], fromBank);

/** The wind of a plan, where it is told. */
export const windText = ({ to, mps }: WindOver, access: Access, u: UnitPrefs): string =>
  to === 'none' || mps <= 0
    ? ''
    : `Wind ${say.wind(mps, u)}, ${windOverTitle(to, isFromBank(access)).toLowerCase()}: with it a cast goes further, against it less far, and across it misses more.`;

/** The wind has turned: another place promises so many times as much. */
export const betterText = (p: Piece, better: CastPlan, times: number): string =>
  `With this wind there is about ${Math.round((times - 1) * 100)} % more in it ${sideText(isEdge(p.kind), better.side)}.`;

const HOLD: Record<Access, string> = {
  bow: 'Hold the boat',
  stern: 'From the stern, with the boat',
  kayak: 'Hold the kayak',
  bank: 'Stand',
  dock: 'Stand',
  wade: 'Stand',
  jetty: 'Stand',
  surf: 'Stand',
  ice: 'Stand',
};

/** What distances and angles are told from. */
const markOf = (p: Piece, fromBank: boolean): string => asSeen(mark(p), fromBank);
const mark = (p: Piece): string =>
  isEdge(p.kind) ? `its ${p.kind === 'ledge' || p.kind === 'seam' ? 'left end' : 'left corner'}` : 'its outer end';

const STONES = { jetty: 'on the stones', dock: 'on the boards' } as const;
/** Nearer to its middle line than this one stands on it, or behind it, m. */
const BESIDE_M = 1;

/** On foot one stands on the piece itself, or on the bank to one side of it; null: afloat. */
function onFootText(p: Piece, { stand, side }: CastPlan, access: Access): string | null {
  if (!isFromBank(access)) return null;
  if (p.kind === 'jetty' || (p.kind === 'dock' && access === 'dock')) return STONES[p.kind];
  if (isEdge(p.kind) || side !== 'behind' || Math.abs(stand.y) < BESIDE_M) return 'on the bank behind it';
  return `on the bank, to the ${stand.y < 0 ? 'right' : 'left'} of it`;
}

/** Where to hold or stand: "Hold the boat off its outer end, to the right: 36 ft from that end." */
export const holdText = (p: Piece, plan: CastPlan, access: Access, u: UnitPrefs): string =>
  `${HOLD[access]} ${onFootText(p, plan, access) ?? sideText(isEdge(p.kind), plan.side)}, ${say.distance(plan.offM, u)} from ${markOf(p, isFromBank(access))}.`;

/** The same piece from its next place: "Hold the boat off its left side, 36 ft from …: 5 casts, about 0.12 strikes." */
export const angleText = (p: Piece, plan: CastPlan, access: Access, u: UnitPrefs): string =>
  `${holdText(p, plan, access, u).slice(0, -1)}: ${counted(plan.casts.length, 'cast')}, about ${plan.strikes.toFixed(2)} strikes.`;

/** The places it is fished from in turn, for those who do not see them. */
export const anglesViewText = (p: Piece, plans: readonly CastPlan[], access: Access, u: UnitPrefs): string =>
  `${p.name} from above, fished from ${counted(plans.length, 'place')}. ${plans
    .map((plan, i) => `${i + 1}: ${angleText(p, plan, access, u)}`)
    .join(' ')}`;

/** Less than this is straight at it, °. */
const STRAIGHT_DEG = 3;
/** Nearer than this to where it would be in the way nobody counts, m. */
const PAST_TOLD_M = 0.5;
/** A snag in fewer casts than this is told. */
const SNAGS_TOLD = 0.1;

/** One cast: "27 ft off, 8 ft past it, 9° right of its outer end." */
export function castLine(p: Piece, c: PlannedCast, access: Access, u: UnitPrefs): string {
  const turn = Math.round(Math.abs(c.leftDeg));
  const at = c.target.x === 0 && c.target.y === 0;
  return [
    `${say.distance(c.distanceM, u)} off`,
    c.pastM >= PAST_TOLD_M
      ? `throw ${say.distance(c.pastM, u)} past it`
      : 'right at it: there is no open water behind it',
    at || turn < STRAIGHT_DEG ? '' : `${turn}° ${c.leftDeg > 0 ? 'left' : 'right'} of ${markOf(p, isFromBank(access))}`,
    c.snag >= SNAGS_TOLD ? `hangs up about one cast in ${Math.round(1 / c.snag)}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** The name of a cast, to begin a line with. */
export const castName = (p: Piece, c: PlannedCast, access: Access): string =>
  capital(targetName(p.kind, c.target.id, isFromBank(access)));

/** Less than this between two orders is no difference. */
const WORTH_TELLING = 0.03;

/** What the order is worth against beginning in the heart of it. */
export function orderText(plan: CastPlan): string {
  const n = plan.casts.length;
  if (n < 2) return '';
  const less = 1 - plan.insideFirst / plan.strikes;
  const worth = `${counted(n, 'cast')} in this order promise about ${plan.strikes.toFixed(2)} strikes together`;
  return less < WORTH_TELLING
    ? `${worth}; another order would do as well.`
    : `${worth}. Begun from the inside it would be ${Math.round(less * 100)} % less: a lure thrown into the heart of it, and a fish fought out from there, put off the rest.`;
}

const WHY_OUT = { cast: 'Cast at', resting: 'Left alone', 'out-of-reach': 'Out of reach from here' } as const;

/** What has no cast, by the reason: "Out of reach from here: the root at the bank." */
export function leftOutText(p: Piece, plan: CastPlan, access: Access): string[] {
  return (['out-of-reach', 'resting', 'cast'] as const).flatMap((why) => {
    const all = plan.leftOut.filter((x) => x.why === why).map((x) => targetName(p.kind, x.id, isFromBank(access)));
    return all.length === 0 ? [] : [`${WHY_OUT[why]}: ${all.join(', ')}.`];
  });
}

/** What is worth knowing of this water and stand. */
export function castPlanNotes(p: Piece, access: Access, currentMps: number): string[] {
  return [
    access === 'stern' ? 'The bow has thrown at the open side: what is left for the stern is further in.' : '',
    p.flow !== 'none' && currentMps >= TELLING_CURRENT_MPS
      ? `The current runs ${asSeen(FLOW_NAME[p.flow], isFromBank(access))}: the lure comes down with it where it can.`
      : '',
    p.kind === 'bed' ? 'A fish on its bed is guarding: let it go at once, and leave closed beds alone.' : '',
    p.kind === 'jetty' ? 'Wet stones are slick and a swell comes without warning: never alone.' : '',
  ].filter(Boolean);
}

/** A piece in a list: "laydown, 33 by 16 ft, 6 ft of water". */
export const pieceLine = (p: Piece, u: UnitPrefs): string =>
  `${capital(PIECE_NAME[p.kind])}, ${say.distance(p.lengthM, u)} by ${say.distance(p.widthM, u)}, in ${say.depth(p.depthM, u)} of water`;

/** How far one is: "7 casts to go". */
export const doneText = (plan: CastPlan): string => `${counted(plan.casts.length, 'cast')} to go`;

/** What the marks in the drawing say of places that have no cast now; null: there is none. */
export function signsText({ leftOut }: CastPlan): string | null {
  const has = (why: LeftOut): boolean => leftOut.some((x) => x.why === why);
  const signs = [has('cast') ? 'a tick is a cast made' : '', has('resting') ? 'two bars a place that rests' : ''];
  const text = signs.filter(Boolean).join(', ');
  return text ? `In the picture ${text}.` : null;
}

/** The drawing from the side, for those who do not see it. */
export const sideViewText = (p: Piece, u: UnitPrefs): string =>
  `${p.name} from the side, with its casts by number: ${say.depth(p.depthM, u)} of water at its outer end${
    p.topM > 0 && p.topM < p.depthM ? `, its top ${say.depth(p.topM, u)} down` : ''
  }.`;

/** The drawing for those who do not see it. */
export const planViewText = (p: Piece, plan: CastPlan, access: Access, u: UnitPrefs): string =>
  `${p.name} from above. ${holdText(p, plan, access, u)} ${windText(plan.wind, access, u)} ${plan.casts
    .map(
      (c, i) => `${i + 1}: ${targetName(p.kind, c.target.id, isFromBank(access))}, ${say.distance(c.distanceM, u)} off`,
    )
    .join('; ')}. ${leftOutText(p, plan, access).join(' ')}`.trim();
