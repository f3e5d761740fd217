/**
 * Spots that were touched and should be left alone for a while: a missed fish that was not stung comes back, one that
 * felt the hook takes longer.
 */
import { clamp, lerp } from '../base/numbers';
import { blocksOfTrip, blocksSince, groupBy, logOf, type LogBook } from '../log/tally';
import { standing, tripsOf, type Book } from '../records';
import type { EffortBlock } from '../records/block';
import type { EventKind, EventPlace } from '../records/event';
import type { ThrownAt } from '../records/piece';
import type { Trip } from '../records/trip';

/** A fish that had to do with a lure at a spot, and when. */
export interface Touch {
  /** Block's spot, or null for the water as a whole. */
  spotId: string | null;
  /** Where on its cover, if that was told: that limb rests, and not the rest of the spot. */
  place: EventPlace | null;
  /** What it was thrown at, where that was planned: that one limb. */
  at?: ThrownAt;
  kind: EventKind;
  atMs: number;
}

/** A spot, or a place at it, left alone after such a touch, and when it is ready again. */
export interface RestingSpot {
  spotId: string | null;
  place: EventPlace | null;
  at?: ThrownAt;
  /** What happened there last. */
  kind: 'missed' | 'bump' | 'lost';
  sinceMs: number;
  readyAtMs: number;
}

/** Minutes of rest by mood, from aggressive to shut. */
const REST_MIN: readonly [number, number] = [30, 120];
/** A fish that felt the hook wants this much longer. One that followed is thrown at again. prior: judgement. */
const TIMES = { missed: 1, bump: 0.75, lost: 1.6 } as const;
/** Over and done with after this long, min. */
const FORGET_MIN = 240;

/** Minutes a spot rests, 15–180 in fives, for a mood on 0–4. Example: a miss at mood 2 → 75. */
export const restMinutes = (kind: RestingSpot['kind'], moodMean: number): number =>
  clamp(Math.round((lerp(REST_MIN[1], REST_MIN[0], clamp(moodMean / 4, 0, 1)) * TIMES[kind]) / 5) * 5, 15, 180);

const isRest = (k: EventKind): k is RestingSpot['kind'] => k in TIMES;

/** A cast made at a spot, and what it was thrown at where that was planned. */
interface Return {
  spotId: string | null;
  at?: ThrownAt;
  atMs: number;
}

/** A cast goes back to a touched place: to that limb where both are known, else to the spot. */
const isBack = (r: Return, t: Touch): boolean =>
  r.spotId === t.spotId && (!t.at || !r.at || (r.at.pieceId === t.at.pieceId && r.at.target === t.at.target));

const where = ({ spotId, place, at }: Touch): string =>
  at ? `${at.pieceId} ${at.target}` : `${spotId ?? ''} ${place ?? ''}`;

/**
 * One entry a spot and place: the last fish that was touched and not landed. Another that is landed there since does
 * not end it; going back once it is ready does (`returns`: when casts were made at a spot). The soonest ready first.
 */
export function restList(
  touches: readonly Touch[],
  returns: readonly Return[],
  moodMean: number,
  nowMs: number,
): RestingSpot[] {
  const out: RestingSpot[] = [];
  for (const all of groupBy(touches, where).values()) {
    const last = all
      .filter((t) => isRest(t.kind))
      .sort((a, b) => a.atMs - b.atMs)
      .at(-1);
    if (!last || !isRest(last.kind)) continue;
    const { spotId, place, kind, at } = last;
    const readyAtMs = last.atMs + restMinutes(kind, moodMean) * 60_000;
    if (nowMs - last.atMs > FORGET_MIN * 60_000) continue;
    if (returns.some((r) => isBack(r, last) && r.atMs >= readyAtMs)) continue;
    out.push({ spotId, place, ...(at ? { at } : {}), kind, sinceMs: last.atMs, readyAtMs });
  }
  return out.sort((a, b) => a.readyAtMs - b.readyAtMs);
}

/** What fish had to do with lures in these blocks, and the casts made there. */
function touchesIn(book: LogBook, blocks: readonly EffortBlock[]): { touches: Touch[]; casts: Return[] } {
  const log = logOf(book, blocks);
  const spotOf = (blockId: string): string | null => log.block[blockId]!.spotId;
  return {
    touches: standing(log, 'event').map(({ blockId, place, at, kind, atMs }) => ({
      spotId: spotOf(blockId),
      place,
      ...(at ? { at } : {}),
      kind,
      atMs,
    })),
    casts: standing(log, 'cast').map(({ blockId, at, atMs }) => ({
      spotId: spotOf(blockId),
      ...(at ? { at } : {}),
      atMs,
    })),
  };
}

/** The spots of a trip that rest now, from its log. */
export function restingSpots(book: LogBook, tripId: string, moodMean: number, nowMs: number): RestingSpot[] {
  const { touches, casts } = touchesIn(book, blocksOfTrip(book, tripId));
  return restList(touches, casts, moodMean, nowMs);
}

/** Where a fish was touched on an earlier day and not landed: it may be worth a try today. */
export interface LeftOver {
  spotId: string;
  place: EventPlace | null;
  kind: 'missed' | 'lost';
  atMs: number;
}

const DAY_MS = 86_400_000;
/** So long a fish that was missed is thought of. prior: judgement. */
export const REMEMBERED_MS = 10 * DAY_MS;

/**
 * Spots of this water where a fish was missed or lost in the last days and none was landed since, that were not fished
 * today yet; the newest first, one a spot.
 */
export function leftOver(
  book: LogBook & Pick<Book, 'trip'>,
  trip: Pick<Trip, 'id' | 'waterId'>,
  nowMs: number,
): LeftOver[] {
  const trips = tripsOf(book).filter((t) => t.waterId === trip.waterId && t.id !== trip.id);
  // What was begun a day before that may reach into it.
  const sinceMs = nowMs - REMEMBERED_MS - DAY_MS;
  const { touches } = touchesIn(book, blocksSince(book, trips, sinceMs));
  const today = new Set(touchesIn(book, blocksOfTrip(book, trip.id)).casts.map((c) => c.spotId));
  const out: LeftOver[] = [];
  for (const [spotId, all] of groupBy(touches, (t) => t.spotId ?? '')) {
    const last = all.filter((t) => t.kind === 'missed' || t.kind === 'lost' || t.kind === 'landed');
    const t = last.sort((a, b) => a.atMs - b.atMs).at(-1);
    if (!spotId || !t || today.has(spotId) || (t.kind !== 'missed' && t.kind !== 'lost')) continue;
    if (t.atMs > nowMs || nowMs - t.atMs > REMEMBERED_MS) continue;
    out.push({ spotId, place: t.place, kind: t.kind, atMs: t.atMs });
  }
  return out.sort((a, b) => b.atMs - a.atMs);
}
