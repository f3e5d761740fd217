/**
 * Spots that were touched and should be left alone for a while: a missed fish that was not stung comes back, one that
 * felt the hook takes longer.
 */
import { clamp, lerp } from '../base/numbers';
import { standing, type Book } from '../records';
import type { EventKind } from '../records/event';

/** A fish that had to do with a lure at a spot, and when. */
export interface Touch {
  /** Block's spot, or null for the water as a whole. */
  spotId: string | null;
  kind: EventKind;
  atMs: number;
}

/** A spot left alone after such a touch, and when it is ready again. */
export interface RestingSpot {
  spotId: string | null;
  /** What happened there last. */
  kind: 'missed' | 'bump' | 'lost' | 'follow';
  sinceMs: number;
  readyAtMs: number;
}

/** Minutes of rest by mood, from aggressive to shut. */
const REST_MIN: readonly [number, number] = [30, 120];
/** A fish that felt the hook wants this much longer; one that only followed this much less. prior: judgement. */
const TIMES = { missed: 1, bump: 0.75, follow: 0.5, lost: 1.6 } as const;
/** Over and done with after this long, min. */
const FORGET_MIN = 240;

/** Minutes a spot rests, 15–180 in fives, for a mood on 0–4. Example: a miss at mood 2 → 75. */
export const restMinutes = (kind: RestingSpot['kind'], moodMean: number): number =>
  clamp(Math.round((lerp(REST_MIN[1], REST_MIN[0], clamp(moodMean / 4, 0, 1)) * TIMES[kind]) / 5) * 5, 15, 180);

const isRest = (k: EventKind): k is RestingSpot['kind'] => k in TIMES;

/**
 * One entry a spot: the last touch that was not landed; a fish landed there since ends it, and so does going back once
 * it is ready (`returns`: when casts were made at a spot). The soonest ready first.
 */
export function restList(
  touches: readonly Touch[],
  returns: readonly { spotId: string | null; atMs: number }[],
  moodMean: number,
  nowMs: number,
): RestingSpot[] {
  const bySpot = new Map<string | null, Touch[]>();
  for (const t of [...touches].sort((a, b) => a.atMs - b.atMs))
    bySpot.set(t.spotId, [...(bySpot.get(t.spotId) ?? []), t]);
  const out: RestingSpot[] = [];
  for (const [spotId, all] of bySpot) {
    const last = all.filter((t) => isRest(t.kind) || t.kind === 'landed').at(-1);
    if (!last || !isRest(last.kind)) continue;
    const readyAtMs = last.atMs + restMinutes(last.kind, moodMean) * 60_000;
    if (nowMs - last.atMs > FORGET_MIN * 60_000) continue;
    if (returns.some((r) => r.spotId === spotId && r.atMs >= readyAtMs)) continue;
    out.push({ spotId, kind: last.kind, sinceMs: last.atMs, readyAtMs });
  }
  return out.sort((a, b) => a.readyAtMs - b.readyAtMs);
}

/** The spots of a trip that rest now, from its log. */
export function restingSpots(
  book: Pick<Book, 'block' | 'event' | 'cast' | 'tombstone'>,
  tripId: string,
  moodMean: number,
  nowMs: number,
): RestingSpot[] {
  const spotOf = new Map(
    Object.values(book.block)
      .filter((b) => b.tripId === tripId)
      .map((b) => [b.id, b.spotId]),
  );
  const mine = <T extends { blockId: string }>(all: readonly T[]): T[] => all.filter((x) => spotOf.has(x.blockId));
  const touches = mine(standing(book, 'event')).map((e) => ({
    spotId: spotOf.get(e.blockId)!,
    kind: e.kind,
    atMs: e.atMs,
  }));
  const casts = mine(standing(book, 'cast')).map((c) => ({ spotId: spotOf.get(c.blockId)!, atMs: c.atMs }));
  return restList(touches, casts, moodMean, nowMs);
}
