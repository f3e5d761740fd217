/** Casts that were logged on the wrong day: the same casts by the same clock on another. */
import { dateAt, startOfDay } from '../base/zone';
import { blocksOfTrip, inOrder } from '../log/tally';
import { ofBlock, put, tripsOf, type Book, type Put } from '../records';
import type { Trip } from '../records/trip';
import { newTrip } from '../trip/newTrip';

/** The ended day of the same water on that date; else a new one of that name. */
function targetOf(book: Book, from: Trip, dayMs: number, zone: string, newId: string): Trip {
  const there = tripsOf(book).find(
    (t) => t.waterId === from.waterId && t.endedAtMs !== null && startOfDay(t.startedAtMs, zone) === dayMs,
  );
  return there ?? newTrip(newId, from.waterId, from.species, dayMs);
}

/** What a move would store, and the day it goes to; null: there is nothing to move, or it is there already. */
export interface Moved {
  tripId: string;
  puts: Put[];
}

/**
 * A block with its casts and what happened in it goes to the day that begins at `dayMs` on the clock of its water
 * (`zone`), each thing at the same time of day; `newId` names that day where it is none yet.
 */
export function movedToDay(book: Book, blockId: string, dayMs: number, zone: string, newId: string): Moved | null {
  const block = book.block[blockId];
  const from = block && book.trip[block.tripId];
  if (!from) return null;
  const shiftMs = dayMs - startOfDay(from.startedAtMs, zone);
  if (shiftMs === 0) return null;
  const shifted = <T extends { atMs: number }>(x: T): T => ({ ...x, atMs: x.atMs + shiftMs });
  const startedAtMs = block.startedAtMs + shiftMs;
  const endedAtMs = (block.endedAtMs ?? block.startedAtMs) + shiftMs;
  const target = targetOf(book, from, dayMs, zone, newId);
  const isNew = !book.trip[target.id];
  const others = isNew ? [] : inOrder(blocksOfTrip(book, target.id));
  // Before the first that began later; numbers that are alike go by the clock.
  const later = others.find((b) => b.startedAtMs > startedAtMs);
  const seq = later?.seq ?? others.reduce((most, b) => Math.max(most, b.seq + 1), 0);
  const trip: Trip = isNew
    ? { ...target, startedAtMs, endedAtMs, readAtMs: startedAtMs }
    : {
        ...target,
        startedAtMs: Math.min(target.startedAtMs, startedAtMs),
        endedAtMs: Math.max(target.endedAtMs!, endedAtMs),
      };
  const { month } = dateAt(startedAtMs, zone);
  return {
    tripId: trip.id,
    puts: [
      put('trip', trip),
      put('block', {
        ...block,
        tripId: trip.id,
        seq,
        startedAtMs,
        endedAtMs,
        // What was read stays; the season goes with the day.
        conditions: { ...block.conditions, month },
      }),
      ...ofBlock(book, 'cast', blockId).map((c) => put('cast', shifted(c))),
      ...ofBlock(book, 'event', blockId).map((e) => put('event', shifted(e))),
    ],
  };
}
