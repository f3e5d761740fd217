/** Small pieces of a log for tests: a day, a block of it, casts and what happened on them. */
import { buildDemoWorld } from './world';
import { applyPuts, emptyBook, put, type Put } from '../core/records';
import type { EffortBlock } from '../core/records/block';
import { type StrikeEvent, untold } from '../core/records/event';
import type { Trip } from '../core/records/trip';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
export const someBlock = Object.values(world.block)[0]!;
const someTrip = Object.values(world.trip)[0]!;

export const trip = (id: string, change: Partial<Trip> = {}): Put =>
  put('trip', { ...someTrip, id, species: 'largemouth-bass', waterId: 'w', ...change });
export const block = (id: string, tripId: string, presentationId: string, change: Partial<EffortBlock> = {}): Put =>
  put('block', {
    ...someBlock,
    id,
    tripId,
    presentationId,
    phaseS: { ...someBlock.phaseS, splash: 1, fall: 4, pause: 20, move: 15, boat: 2, deflection: 0 },
    expectedPerCast: 0.04,
    ...change,
  });
export const casts = (blockId: string, count: number, atMs = 0): Put =>
  put('cast', { id: `${blockId}-c${atMs}`, blockId, seq: 0, atMs, count });
export const event = (
  blockId: string,
  n: number,
  kind: StrikeEvent['kind'],
  phase: StrikeEvent['phase'],
  atMs = n,
): Put =>
  put('event', {
    id: `${blockId}-${n}`,
    blockId,
    seq: n + 1,
    atMs,
    ...untold(kind),
    phase,
  });
