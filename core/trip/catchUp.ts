/** A day written in afterwards: blocks with their casts and strikes, roughly when. */
import type { WorkedAs } from '../planning/plan/unplanned';
import { newBlock } from '../log/effort';
import { put, type Put } from '../records';
import { untold, type EventKind } from '../records/event';
import type { Trip } from '../records/trip';
import type { Conditions } from '../water/conditions';

/** What was thrown, how often, and what came of it. */
export interface Remembered {
  worked: WorkedAs;
  conditions: Conditions;
  spotId: string | null;
  /** 1–1000. */
  casts: number;
  events: Readonly<Partial<Record<EventKind, number>>>;
}

/** Nobody asked the model that day: nothing is claimed to have been expected. The lessons ask it anew. */
const NOT_ASKED = 0;

/**
 * What is to be stored: the trip, then its blocks one after the other over its time, each with its casts as one count
 * and its events spread evenly. `idOf` gives ids.
 */
export function caughtUp(trip: Trip, blocks: readonly Remembered[], idOf: () => string): Put[] {
  const fromMs = trip.startedAtMs;
  const toMs = trip.endedAtMs ?? fromMs;
  const eachMs = (toMs - fromMs) / Math.max(1, blocks.length);
  const puts: Put[] = [put('trip', trip)];
  let seq = 0;
  blocks.forEach((b, i) => {
    const startedAtMs = Math.round(fromMs + i * eachMs);
    const endedAtMs = Math.round(fromMs + (i + 1) * eachMs);
    const block = newBlock(b.worked, b.conditions, {
      id: idOf(),
      tripId: trip.id,
      spotId: b.spotId,
      seq: seq++,
      startedAtMs,
      endedAtMs,
      expectedPerCast: NOT_ASKED,
    });
    puts.push(put('block', block));
    const at = (atMs: number) => ({ id: idOf(), blockId: block.id, seq: seq++, atMs });
    puts.push(put('cast', { ...at(startedAtMs), count: b.casts }));
    const kinds = Object.entries(b.events).flatMap(([kind, n]) => Array<EventKind>(n).fill(kind as EventKind));
    kinds.forEach((kind, k) => {
      const atMs = Math.round(startedAtMs + ((k + 0.5) / kinds.length) * (endedAtMs - startedAtMs));
      puts.push(put('event', { ...at(atMs), ...untold(kind) }));
    });
  });
  return puts;
}

/** Parts of a day, as local hours from and to. */
export const DAY_PARTS = {
  dawn: [5, 8],
  morning: [8, 12],
  afternoon: [12, 17],
  dusk: [17, 21],
  night: [21, 24],
} as const satisfies Record<string, readonly [number, number]>;
export type DayPart = keyof typeof DAY_PARTS;

/** What is missing or cannot be. */
export type CatchUpTrouble = 'no-lure' | 'no-cast' | 'more-strikes-than-casts' | 'to-come';

export function catchUpTrouble(
  rows: readonly { lureId: string | null; casts: number; strikes: number }[],
  endedAtMs: number,
  nowMs: number,
): CatchUpTrouble | null {
  if (endedAtMs > nowMs) return 'to-come';
  if (rows.length === 0 || rows.some((r) => !r.lureId)) return 'no-lure';
  if (rows.some((r) => r.casts < 1)) return 'no-cast';
  if (rows.some((r) => r.strikes > r.casts)) return 'more-strikes-than-casts';
  return null;
}
