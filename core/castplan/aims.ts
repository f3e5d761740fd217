/** What a cast or a fish belongs to while a piece is fished by its plan: the log's side of it. */
import { blocksOfTrip, logOf, type LogBook } from '../log/tally';
import { standing } from '../records';
import type { EventPlace } from '../records/event';
import type { ThrownAt } from '../records/piece';
import type { Trip } from '../records/trip';
import type { TargetId } from '../water/pieces';

const INSIDE = /^(trunk|root|inner|under-middle|walkway|heart|inside|bed)/;
const MIDDLE = /^(middle|over|under-front|top|pocket|gap|slack|shoulder|base)/;

/** Where on the cover such a place is, as an event tells it. */
export function placeOf(t: TargetId): EventPlace {
  if (t === 'drop' || t === 'fast') return 'open';
  if (t === 'foot') return 'bottom';
  return INSIDE.test(t) ? 'inside' : MIDDLE.test(t) ? 'middle' : 'edge';
}

export type OfPiece = { at?: ThrownAt; atMs: number; seq: number };

/** What was logged at the piece of a trip's plan from one moment to before another. */
function between(book: LogBook, trip: Trip, sinceMs: number, beforeMs: number) {
  const log = logOf(book, blocksOfTrip(book, trip.id));
  const ofPlan = (x: OfPiece): boolean =>
    x.at?.pieceId === trip.castPlan!.pieceId && x.atMs >= sinceMs && x.atMs < beforeMs;
  return { casts: standing(log, 'cast').filter(ofPlan), events: standing(log, 'event').filter(ofPlan) };
}

/** The same since it is fished from where one stands. */
export const atPiece = (book: LogBook, trip: Trip) => between(book, trip, trip.castPlan!.sinceMs, Infinity);

/** What was logged at it from the places before. */
export function visitsBefore(book: LogBook, trip: Trip) {
  const { earlier, sinceMs } = trip.castPlan!;
  return earlier.map((e, i) => ({
    stand: { x: e.stand.xM, y: e.stand.yM },
    ...between(book, trip, e.sinceMs, earlier[i + 1]?.sinceMs ?? sinceMs),
  }));
}

/** The places still to be cast at, in order, as they stood after so many casts at the piece. */
export interface Aims {
  order: readonly ThrownAt[];
  after: number;
}

/** Casts made at the piece since its plan was begun. */
export const castsAtPiece = (book: LogBook, trip: Trip): number =>
  trip.castPlan ? atPiece(book, trip).casts.length : 0;

/** What the next cast is thrown at, also where casts are quicker than the plan; absent where none is left. */
export function nextAim(book: LogBook, trip: Trip, aims: Aims | null): ThrownAt | undefined {
  const next = aims?.order[Math.max(0, castsAtPiece(book, trip) - aims.after)];
  return next && next.pieceId === trip.castPlan?.pieceId ? next : undefined;
}

/** What a fish took: the cast made last, where nothing was logged since; else the one that is next. */
export function aimOfEvent(book: LogBook, trip: Trip, aims: Aims | null): ThrownAt | undefined {
  const plan = trip.castPlan;
  if (!plan) return undefined;
  const log = logOf(book, blocksOfTrip(book, trip.id));
  const last = standing(log, 'cast').at(-1);
  const since = standing(log, 'event').at(-1);
  const at = last && (!since || since.seq < last.seq) && last.atMs >= plan.sinceMs ? last.at : undefined;
  return at?.pieceId === plan.pieceId ? at : nextAim(book, trip, aims);
}
