/** The days of the record as a diary has them: what was fished and what came of it, newest first. */
import { allSteps, type Steps } from '../base/steps';
import { startOfDay } from '../base/zone';
import { minutesOf } from '../log/effort';
import { blocksOfTrip, groupBy, inOrder, tallyOf, tallyOfBlock, type LogBook, type Tally } from '../log/tally';
import { isLanded } from '../log/events';
import { takenBack, tripsOf, type Book } from '../records';
import type { EffortBlock } from '../records/block';
import type { StrikeEvent } from '../records/event';
import type { Trip } from '../records/trip';
import type { SpeciesId } from '../water/terms';

/** A day with all that was logged on it. */
export interface DiaryDay {
  trip: Trip;
  blocks: EffortBlock[];
  tally: Tally;
  /** Of each block, in their order. */
  byBlock: Tally[];
  /** Minutes that the casts took, rests left out. */
  minutes: number;
  /** The longest fish that was landed and measured, m; null: none. */
  longestM: number | null;
}

const longest = (events: readonly StrikeEvent[]): number | null =>
  events.reduce<number | null>(
    (most, e) => (isLanded(e.kind) && e.lengthM !== null && e.lengthM > (most ?? 0) ? e.lengthM : most),
    null,
  );

const addedUp = (casts: number, events: readonly StrikeEvent[]): Tally =>
  tallyOf(casts > 0 ? [{ count: casts }] : [], events);

type DiaryBook = LogBook & Pick<Book, 'trip'>;

/** `undone`: what was taken back. */
function dayFrom(book: DiaryBook, trip: Trip, blocks: EffortBlock[], undone: ReadonlySet<string>): DiaryDay {
  const byBlock = blocks.map((b) => tallyOfBlock(book, b, undone).tally);
  const events = byBlock.flatMap((t) => t.events).sort((a, b) => a.seq - b.seq);
  const casts = byBlock.reduce((s, t) => s + t.casts, 0);
  return {
    trip,
    blocks,
    byBlock,
    tally: addedUp(casts, events),
    minutes: blocks.reduce((s, b, i) => s + minutesOf(b, Math.max(byBlock[i]!.casts, byBlock[i]!.strikes)), 0),
    longestM: longest(events),
  };
}

/** Days that are added up in one step. */
const DAYS_A_STEP = 25;

/** Every day that was not taken back, the newest first; a record of many years takes some steps. */
export function* gatherDays(book: DiaryBook): Steps<DiaryDay[]> {
  const undone = takenBack(book);
  const blocksOf = groupBy(Object.values(book.block), (b) => b.tripId);
  const days: DiaryDay[] = [];
  for (const t of tripsOf(book)) {
    days.push(dayFrom(book, t, inOrder(blocksOf.get(t.id) ?? []), undone));
    if (days.length % DAYS_A_STEP === 0) yield;
  }
  return days.sort((a, b) => b.trip.startedAtMs - a.trip.startedAtMs);
}

/** The same at once. */
export const diaryDays = (book: DiaryBook): DiaryDay[] => allSteps(gatherDays(book));

/** One day, struck out or not; null: there is none of that name. */
export function diaryDay(book: DiaryBook, tripId: string): (DiaryDay & { gone: boolean }) | null {
  const trip = book.trip[tripId];
  if (!trip) return null;
  const undone = takenBack(book);
  return { ...dayFrom(book, trip, blocksOfTrip(book, tripId), undone), gone: undone.has(tripId) };
}

/** Days on one water after another, in their order: they were one outing. */
export interface Outing {
  parts: readonly DiaryDay[];
  tally: Tally;
  longestM: number | null;
}

function outingOf(parts: readonly DiaryDay[]): Outing {
  const [only, ...more] = parts;
  if (only && more.length === 0) return { parts, tally: only.tally, longestM: only.longestM };
  const casts = parts.reduce((s, d) => s + d.tally.casts, 0);
  const events = parts.flatMap((d) => d.tally.events);
  return { parts, tally: addedUp(casts, events), longestM: longest(events) };
}

/** Trips as outings, in the order of the list: each with those that go on from it; what makes a ring, once. */
function chains(trips: readonly Trip[]): Trip[][] {
  const ids = new Set(trips.map((t) => t.id));
  const next = groupBy(trips, (t) => t.movedFrom ?? '');
  const seen = new Set<string>();
  const from = (t: Trip): Trip[] => {
    if (seen.has(t.id)) return [];
    seen.add(t.id);
    return [t, ...(next.get(t.id) ?? []).flatMap(from)];
  };
  const begins = trips.filter((t) => t.movedFrom === null || !ids.has(t.movedFrom));
  const found = new Map([...begins, ...trips].map((t) => [t.id, from(t)] as const).filter(([, all]) => all.length > 0));
  return trips.flatMap((t) => (found.has(t.id) ? [found.get(t.id)!] : []));
}

const inTime = (parts: readonly DiaryDay[]): DiaryDay[] =>
  [...parts].sort((a, b) => a.trip.startedAtMs - b.trip.startedAtMs);

/** The days as outings; a part whose beginning is not among them stands for itself. */
export function outingsOf(days: readonly DiaryDay[]): Outing[] {
  const byId = new Map(days.map((d) => [d.trip.id, d]));
  return chains(days.map((d) => d.trip)).map((all) => outingOf(inTime(all.map((t) => byId.get(t.id)!))));
}

/** The trips of the outing that a day belongs to, itself among them. */
const chainOf = (book: DiaryBook, tripId: string): Trip[] =>
  chains(tripsOf(book)).find((c) => c.some((t) => t.id === tripId)) ?? [];

/** The outing that a day belongs to; null: it stands for itself. */
export function wholeOuting(book: DiaryBook, tripId: string): Outing | null {
  const all = chainOf(book, tripId);
  return all.length > 1 ? outingOf(inTime(all.flatMap((t) => diaryDay(book, t.id) ?? []))) : null;
}

/** Other days on the date of this one that are none of its outing, in the order in which they began. */
export function sameDate(book: DiaryBook & Pick<Book, 'water'>, tripId: string): DiaryDay[] {
  const dayOf = (t: Trip): number => startOfDay(t.startedAtMs, book.water[t.waterId]?.zone ?? 'UTC');
  const trip = book.trip[tripId];
  if (!trip) return [];
  const outing = new Set(chainOf(book, tripId).map((t) => t.id));
  return tripsOf(book)
    .filter((t) => t.id !== tripId && !outing.has(t.id) && Math.abs(dayOf(t) - dayOf(trip)) < HALF_DAY_MS)
    .sort((a, b) => a.startedAtMs - b.startedAtMs)
    .flatMap((t) => diaryDay(book, t.id) ?? []);
}
/** The same date begins at other moments in other zones. */
const HALF_DAY_MS = 12 * 3_600_000;

/** What is looked for; empty: everything. */
export interface DiaryQuery {
  text?: string;
  species?: SpeciesId | null;
  waterId?: string | null;
  /** Only days with a fish in the hand. */
  landed?: boolean;
}

/** Everything of a day that a word may be found in: names as the book has them, notes. */
function wordsOf(book: Pick<Book, 'water' | 'spot'>, day: DiaryDay, speciesName: string): string {
  return [
    book.water[day.trip.waterId]?.name ?? '',
    speciesName,
    day.trip.note,
    ...day.blocks.flatMap((b) => [b.presentation.lureName, b.spotId ? (book.spot[b.spotId]?.name ?? '') : '']),
    ...day.tally.events.map((e) => e.note),
  ]
    .join(' \n ')
    .toLowerCase();
}

/** The days that hold every word looked for, in their order. */
export function findDays(
  book: Pick<Book, 'water' | 'spot'>,
  days: readonly DiaryDay[],
  q: DiaryQuery,
  speciesName: (s: SpeciesId) => string,
): DiaryDay[] {
  const words = (q.text ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  return days.filter((d) => {
    if (q.species && d.trip.species !== q.species) return false;
    if (q.waterId && d.trip.waterId !== q.waterId) return false;
    if (q.landed && d.tally.landed === 0) return false;
    if (words.length === 0) return true;
    const text = wordsOf(book, d, speciesName(d.trip.species));
    return words.every((w) => text.includes(w));
  });
}

/** The longest fish of each kind, the longest first. */
export interface Best {
  species: SpeciesId;
  event: StrikeEvent;
  trip: Trip;
  lureName: string;
}

export function bestsOf(days: readonly DiaryDay[]): Best[] {
  const best = new Map<SpeciesId, Best>();
  for (const d of days)
    for (const e of d.tally.events) {
      if (!isLanded(e.kind) || e.lengthM === null) continue;
      const { species } = d.trip;
      if (e.lengthM <= (best.get(species)?.event.lengthM ?? 0)) continue;
      const lureName = d.blocks.find((b) => b.id === e.blockId)?.presentation.lureName ?? '';
      best.set(species, { species, event: e, trip: d.trip, lureName });
    }
  return [...best.values()].sort((a, b) => b.event.lengthM! - a.event.lengthM!);
}
