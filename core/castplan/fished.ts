/** What the log says of a piece since its plan was begun: what was cast, hooked, and rests. */
import { roundTo } from '../base/numbers';
import { restingSpots } from '../forecast/rest';
import type { LogBook } from '../log/tally';
import type { StrikeEvent } from '../records/event';
import type { Piece } from '../records/piece';
import type { Trip } from '../records/trip';
import type { TargetId } from '../water/pieces';
import type { Access } from '../water/terms';
import { atPiece, visitsBefore, type Aims, type OfPiece } from './aims';
import { NOTHING_FISHED, type CastPlan, type Fished } from './plan';
import { isFromBank } from './stands';

const hookedOne = (e: StrikeEvent): boolean => e.kind === 'landed' || e.kind === 'lost';

/** What came of the plan so far, as the log has it. `moodMean`: how long a place rests (forecast/rest). */
export function fishedOf(book: LogBook, trip: Trip, moodMean: number, nowMs: number): Fished {
  const plan = trip.castPlan;
  if (!plan) return NOTHING_FISHED;
  const { casts, events } = atPiece(book, trip);
  const rests = restingSpots(book, trip.id, moodMean, nowMs).filter((r) => r.at?.pieceId === plan.pieceId);
  // What has rested is open again.
  const open = new Set(rests.filter((r) => r.readyAtMs <= nowMs).map((r) => r.at!.target));
  const targets = (all: readonly OfPiece[]): TargetId[] => [...new Set(all.map((x) => x.at!.target))];
  return {
    cast: targets([...casts, ...events]).filter((t) => !open.has(t)),
    hooked: targets(events.filter(hookedOne)),
    resting: [...rests.filter((r) => r.readyAtMs > nowMs).map((r) => r.at!.target), ...plan.skipped],
    next: plan.next,
    before: visitsBefore(book, trip).map(({ stand, casts: made, events: then }) => ({
      stand,
      cast: targets([...made, ...then]),
      hooked: targets(then.filter(hookedOne)),
    })),
  };
}

/** What a plan tells the log: its places in order, as they stand after so many casts at the piece. */
export const aimsOf = (piece: Piece, { casts }: CastPlan, access: Access, after: number): Aims => ({
  after,
  order: casts.map(({ target, distanceM, leftDeg }) => ({
    pieceId: piece.id,
    kind: piece.kind,
    target: target.id,
    fromBank: isFromBank(access),
    distanceM: roundTo(distanceM, 1),
    leftDeg: Math.round(leftDeg),
  })),
});
