/** What was logged, and what more can be told of it. */
import { placeOf } from '../core/castplan/aims';
import type { ThrownAt } from '../core/records/piece';
import {
  untold,
  type EventDetails,
  type EventKind,
  type EventPlace,
  type EventSide,
  type StrikeEvent,
} from '../core/records/event';
import { EVENT_NAME, PHASE_NAME, capital } from './names';
import { thrownAtName } from './pieces';
import { clockText } from './time';
import { fraction, POUND, say, type UnitPrefs } from './units';

export const PLACE_NAME: Record<EventPlace, string> = {
  open: 'open water',
  edge: 'edge',
  middle: 'middle',
  inside: 'inside',
  bottom: 'bottom',
};
const PLACE_AT: Record<EventPlace, string> = {
  open: 'in open water',
  edge: 'at the edge',
  middle: 'in the middle',
  inside: 'deep inside',
  bottom: 'on the bottom',
};
const PLACE_OF: Record<EventPlace, string> = {
  open: 'the open water off',
  edge: 'the edge of',
  middle: 'the middle of',
  inside: 'the inside of',
  bottom: 'the bottom at',
};
/** "the edge of North arm alders"; where no place was told, the spot alone. */
export const placeText = (place: EventPlace | null, spot: string): string =>
  place ? `${PLACE_OF[place]} ${spot}` : spot;
export const SIDE_NAME: Record<EventSide, string> = { front: 'in front', side: 'from the side', behind: 'from behind' };

/** What a fish weighs: "2¼ lb", "1.1 kg". */
export const fishWeightText = (kg: number, u: Pick<UnitPrefs, 'weight'>): string =>
  u.weight === 'oz' ? `${fraction(kg / POUND, kg / POUND < 10 ? 4 : 2)} lb` : `${kg.toFixed(kg < 10 ? 1 : 0)} kg`;

/** "Landed · pause · from behind". */
export const eventTitle = (e: Pick<EventDetails, 'kind' | 'phase' | 'side'>): string =>
  [EVENT_NAME[e.kind], e.phase && PHASE_NAME[e.phase], e.side && SIDE_NAME[e.side]].filter(Boolean).join(' · ');

/** The rest that was told: "16 in, 2¼ lb, at the edge, 4 ft down, released". */
export function detailsText(e: EventDetails & { at?: ThrownAt }, u: UnitPrefs): string {
  // By its own name, unless it was corrected since.
  const limb = e.at && e.place === placeOf(e.at.target) ? thrownAtName(e.at) : null;
  const told = [
    e.lengthM !== null && say.size(e.lengthM, u),
    e.weightKg !== null && fishWeightText(e.weightKg, u),
    limb ?? (e.place && PLACE_AT[e.place]),
    e.depthM !== null && `${say.depth(e.depthM, u)} down`,
    e.released !== null && (e.released ? 'released' : 'kept'),
    e.note !== '' && `“${e.note}”`,
  ].filter((x): x is string => !!x);
  return told.join(', ');
}

/** What a photo shows: "Landed, 16 in, 5:40 pm". */
export const photoOfText = (e: Pick<StrikeEvent, 'kind' | 'lengthM' | 'atMs'>, zone: string, u: UnitPrefs): string =>
  [EVENT_NAME[e.kind], e.lengthM !== null && say.size(e.lengthM, u), clockText(e.atMs, zone, u)]
    .filter(Boolean)
    .join(', ');

/** One correction: "Until 5:40 pm it said: 14 in". */
export const wasText = (w: StrikeEvent['was'][number], zone: string, u: UnitPrefs): string => {
  const { untilMs, ...told } = w;
  const all: EventDetails = { ...untold('landed'), ...told };
  const head = [
    told.kind && EVENT_NAME[told.kind],
    told.phase && PHASE_NAME[told.phase],
    told.side && SIDE_NAME[told.side],
  ];
  const said = [...head.filter((x): x is string => !!x), detailsText(all, u)].filter((x) => x !== '');
  return `Until ${clockText(untilMs, zone, u)} it said: ${said.join(', ')}.`;
};

export const TELL = {
  more: 'More about it',
  when: 'When?',
  howLong: 'How long?',
  what: 'What happened',
  phase: 'In which part of the cast',
  place: 'Where on the cover',
  side: 'From which side it came',
  depth: 'How deep it took',
  length: 'Length',
  weight: 'Weight',
  released: 'Released or kept',
  wasReleased: 'Released',
  wasKept: 'Kept',
  note: 'Note',
  unmeasured: 'not measured',
  done: 'Done',
  bringBack: 'Bring it back',
} as const;

export const askWhenText = (kind: EventKind): string => `${EVENT_NAME[kind]}. ${TELL.when}`;
export const strikeOutText = (kind: EventKind, clock: string): string => `Strike out: ${EVENT_NAME[kind]} at ${clock}`;
export const bringBackText = (kind: EventKind, clock: string): string => `Bring back: ${EVENT_NAME[kind]} at ${clock}`;
export const moreOfText = (kind: EventKind, clock: string): string => `Tell more: ${EVENT_NAME[kind]} at ${clock}`;
export const onPhaseText = (phase: NonNullable<EventDetails['phase']>): string =>
  phase === 'boat' ? capital(PHASE_NAME.boat) : `On the ${PHASE_NAME[phase]}`;
