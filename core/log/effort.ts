/** Opening effort blocks: a change of presentation, water, spot or reading opens a new one. */
import { contentHash } from '../base/hash';
import type { RankedLure } from '../ranking/ranked';
import { BETWEEN_CASTS_S } from '../tackle/cast';
import { ofBlock, put, type Book, type Put } from '../records';
import type { Trip } from '../records/trip';
import type { WorkedAs } from '../planning/plan/unplanned';
import type { PlanRequest } from '../planning/task/request';
import { presentationId } from '../planning/task/presentation';
import type { Conditions } from '../water/conditions';
import { blocksOfTrip } from './tally';
import type { EffortBlock } from '../records/block';

/** Readings that define a block; the sun's creeping and what the log itself says do not. */
export function conditionsKey(c: Conditions): string {
  const { signs, sky, ...rest } = c;
  return contentHash({ ...rest, sky: { cloud: sky?.cloud ?? null, front: sky?.front ?? null } });
}

/** The block that a cast made now belongs to, or null when a new one must be opened. */
export function openBlock(
  blocks: readonly EffortBlock[],
  presentationId: string,
  conditions: Conditions,
  spotId: string | null = null,
): EffortBlock | null {
  const last = blocks[blocks.length - 1];
  if (!last || last.presentationId !== presentationId || last.spotId !== spotId) return null;
  return conditionsKey(last.conditions as Conditions) === conditionsKey(conditions) ? last : null;
}

/** What was true when the finger went down, for a block that may have to be opened. */
export interface Opening {
  blockId: string;
  atMs: number;
  /** The plan, or what the rules make of it where none has come. */
  plan: WorkedAs;
  request: PlanRequest;
  lureId: string;
  /** What the ranking says of the lure in hand; null when it says nothing. */
  ranked: RankedLure | null;
}

/** Where the next cast or event goes: its block, new or going on. */
export interface LogPlace {
  blockId: string;
  /** Order in the trip: never the clock's. */
  seq: number;
  /** What must be stored with it. */
  puts: Put[];
}

/** Strikes a cast where the ranking knows nothing of the lure. */
const UNKNOWN_PER_CAST = 0.02;

/** The conditions with the angle that was really thrown at. */
function thrownAt({ conditions, set }: PlanRequest): Conditions {
  return set?.angleDeg === undefined
    ? conditions
    : { ...conditions, water: { ...conditions.water, currentAngleDeg: set.angleDeg } };
}

/** A block of casts made like this in such water, frozen. */
export const newBlock = (
  worked: WorkedAs,
  conditions: Conditions,
  of: Pick<EffortBlock, 'id' | 'tripId' | 'spotId' | 'seq' | 'startedAtMs' | 'endedAtMs' | 'expectedPerCast'>,
): EffortBlock =>
  ({
    ...of,
    presentationId: presentationId(worked.presentation),
    presentation: worked.presentation,
    conditions,
    zoneShare: worked.zoneShare.mean,
    zoneSecondsPerCast: worked.zoneSecondsPerCast,
    phaseS: worked.phaseS,
  }) as EffortBlock;

/** Where in the record a cast or an event made now goes. */
export function placeInLog(book: Book, trip: Trip, o: Opening): LogPlace {
  const blocks = blocksOfTrip(book, trip.id);
  const made = blocks.flatMap((b) => [...ofBlock(book, 'event', b.id), ...ofBlock(book, 'cast', b.id)]);
  const next = [...made, ...blocks].reduce((m, x) => Math.max(m, x.seq + 1), 0);
  const id = presentationId(o.plan.presentation);
  const conditions = thrownAt(o.request);
  const existing = openBlock(blocks, id, conditions, trip.spotId);
  // From the first cast on, the lure in hand stays until the angler changes it.
  const puts: Put[] = trip.lureId === o.lureId ? [] : [put('trip', { ...trip, lureId: o.lureId })];
  if (existing) return { blockId: existing.id, seq: next, puts };
  const block = newBlock(o.plan, conditions, {
    id: o.blockId,
    tripId: trip.id,
    spotId: trip.spotId,
    seq: next,
    startedAtMs: o.atMs,
    endedAtMs: null,
    expectedPerCast: o.ranked
      ? Math.min(1, o.ranked.strikesPerHour / Math.max(o.ranked.zone.castsPerHour, 1))
      : UNKNOWN_PER_CAST,
  });
  const previous = blocks[blocks.length - 1];
  // A clock set back must not end a block before it began.
  if (previous && previous.endedAtMs === null)
    puts.push(put('block', { ...previous, endedAtMs: Math.max(previous.startedAtMs, o.atMs) }));
  return { blockId: block.id, seq: next + 1, puts: [...puts, put('block', block)] };
}

/** Minutes that so many casts of a block take, with what lies between casts. */
export const minutesOf = ({ phaseS }: Pick<EffortBlock, 'phaseS'>, casts: number): number =>
  (casts * (Object.values(phaseS).reduce((sum, v) => sum + v, 0) + BETWEEN_CASTS_S)) / 60;
