/**
 * Rows of a list of catches as days of the log: each day with its blocks, casts and strikes. Ids are made of what a
 * line says, so that the same list put in twice changes nothing. A day that the log has by itself is left as it is.
 * The water of a past day is what is usual there; casts are told by the list or by the angler, never made up.
 */
import { dateAt } from '../../base/zone';
import { contentHash } from '../../base/hash';
import type { Problem } from '../../base/problems';
import { groupBy } from '../../log/tally';
import { newBlock } from '../../log/effort';
import { familyById } from '../../lures/families';
import type { FamilyId } from '../../lures/family';
import { workedUnplanned, type WorkedAs } from '../../planning/plan/unplanned';
import type { PlanRequest } from '../../planning/task/request';
import { bringBackPuts, ofBlock, put, recordsOf, tripsOf, type Book, type Put } from '../../records';
import { withRows } from '../../records/logTable';
import { untold } from '../../records/event';
import type { Lure } from '../../records/lure';
import { usualOutfit } from '../../tackle/outfit';
import { composeDay } from '../../trip/day';
import { newTrip } from '../../trip/newTrip';
import type { Conditions } from '../../water/conditions';
import { lower, own, placedIn, placesIn, type CatchDays, type Placed } from './named';
import { MAX_CASTS } from './fields';
import type { CatchRow, Tell } from './read';

/** What is to be stored, and what came of the lines. */
export interface FoundDays {
  puts: Put[];
  days: number;
  fish: number;
  /** Lines that the record has already. */
  known: number;
  problems: Problem[];
}

/** A day that tells no time lasts from here to here, minutes after midnight; another so much around what it tells. */
const DAY = { from: 8 * 60, to: 16 * 60, around: 30 } as const;
/** All days of a list. Never throws. */
export function daysOfCatches(
  rows: readonly CatchRow[],
  book: Book,
  how: CatchDays,
  places = placesIn(book),
  tell?: Tell,
): FoundDays {
  const out: FoundDays = { puts: [], days: 0, fish: 0, known: 0, problems: [] };

  const placed: Placed[] = [];
  for (const row of rows) {
    const at = placedIn(row, places, how);
    if ('code' in at) out.problems.push({ ...at, path: `line ${row.line}` });
    else placed.push(at);
  }
  const logged = loggedDays(book);
  const worker = workedBy(how);
  const byDay = groupBy(placed, ({ row: { date: d }, water, species }) =>
    [water.id, d.year, d.month, d.day, species].join(' '),
  );
  let done = 0;
  for (const [day, lines] of byDay) {
    tell?.(done / placed.length);
    done += lines.length;
    const { water, row } = lines[0]!;
    const tripId = `in-${contentHash(day)}`;
    const told = [water.id, row.date.year, row.date.month, row.date.day].join(' ');
    if (!own(book.trip, tripId) && logged.has(told)) {
      out.problems.push(
        ...lines.map((l) => ({
          code: 'day-in-log',
          path: `line ${l.row.line}`,
          expected: 'a day that the log has not by itself',
        })),
      );
      continue;
    }
    oneDay(tripId, lines, book, how, worker, out);
  }
  return out;
}

/** Whether a record came from a list. */
const fromList = ({ id }: { id: string }): boolean => id.startsWith('in-');
/** The record as far as a list is compared with it, for a worker: of the log only what came from a list. */
export const comparedWith = (book: Book): Book => ({
  ...book,
  block: Object.fromEntries(Object.entries(book.block).filter(([, b]) => fromList(b))),
  event: withRows(new Map(), recordsOf(book, 'event').filter(fromList)),
  cast: new Map(),
});

/** Days of each water that were logged here. */
const loggedDays = (book: Book): ReadonlySet<string> =>
  new Set(
    tripsOf(book)
      .filter((t) => !fromList(t))
      .map((t) => {
        const { year, month, day } = dateAt(t.startedAtMs, book.water[t.waterId]?.zone ?? 'UTC');
        return [t.waterId, year, month, day].join(' ');
      }),
  );

type Worker = (request: Omit<PlanRequest, 'rod' | 'reel' | 'line'>, lure: Lure | null, waterId: string) => WorkedAs;
/** How a lure is worked after a fish, in a water and a month: asked once, whatever the day was like. */
function workedBy(how: CatchDays): Worker {
  const made = new Map<string, WorkedAs>();
  return (request, lure, waterId) => {
    const { species, month } = request.conditions;
    const { id = null, family, name } = request.lure;
    const key = JSON.stringify([id, family, name, waterId, species, month ?? null]);
    const before = made.get(key);
    if (before) return before;
    const weightKg = lure?.weightKg ?? familyById(request.lure.family).weightKg[1];
    const outfit = how.outfitFor?.(lure, weightKg) ?? usualOutfit(weightKg);
    const worked = workedUnplanned({ ...request, ...outfit });
    made.set(key, worked);
    return worked;
  };
}

const lureAsked = (lure: Lure | null, family: FamilyId, name: string): PlanRequest['lure'] =>
  lure
    ? {
        id: lure.id,
        family,
        name: lure.name,
        lengthM: lure.lengthM,
        ...(lure.bare ? {} : { weightKg: lure.weightKg, hook: lure.hook }),
      }
    : { family, name: name.slice(0, 60) };

function oneDay(
  tripId: string,
  lines: readonly Placed[],
  book: Book,
  how: CatchDays,
  worked: Worker,
  out: FoundDays,
): void {
  const { water, species, row, day } = lines[0]!;
  const clock = (minutes: number): number => day.clock(Math.max(0, Math.min(24 * 60 - 1, minutes)));
  const times = lines.flatMap((l) => l.row.minutes ?? []);
  const [from, to] =
    times.length > 0 ? [Math.min(...times) - DAY.around, Math.max(...times) + DAY.around] : [DAY.from, DAY.to];
  const trip = { ...newTrip(tripId, water.id, species, clock(from)), endedAtMs: clock(to) };
  const groups = [
    ...groupBy(lines, (l) => `${l.lure?.id ?? `${l.family} ${lower(l.row.lure)}`} ${l.spot?.id ?? ''}`).values(),
  ];
  const tells = (g: readonly Placed[]): number => Math.max(0, ...g.map((l) => l.row.casts ?? 0));
  const strikes = (g: readonly Placed[]): number => g.filter((l) => l.row.what !== 'nothing').length;
  const untoldShare = groups.filter((g) => tells(g) === 0).reduce((s, g) => s + g.length, 0);
  if (untoldShare > 0 && how.castsADay === null) {
    out.problems.push(
      ...lines.map((l) => ({ code: 'no-casts', path: `line ${l.row.line}`, expected: 'a number of casts' })),
    );
    return;
  }
  // Only a block that is new asks what the water was like: what is usual there, whatever else the log has.
  let usual: Conditions | null = null;
  const conditions = (): Conditions =>
    (usual ??= composeDay(
      { ...book, trip: {} },
      trip,
      (trip.startedAtMs + trip.endedAtMs) / 2,
      row.date.month,
    )!.conditions);
  // A day that was put in and taken back comes back.
  const puts: Put[] = own(book.trip, tripId) ? bringBackPuts(book, tripId, how.nowMs) : [put('trip', trip)];
  let seq = 0;
  groups.forEach((g, i) => {
    const { lure, family, spot, row: first } = g[0]!;
    const blockId = `in-${contentHash([tripId, lure?.id ?? lower(first.lure), spot?.id ?? null])}`;
    const at = (share: number): number => Math.round(trip.startedAtMs + share * (trip.endedAtMs - trip.startedAtMs));
    const isNew = !own(book.block, blockId);
    // Numbers go on past what is there, so that a line put in later has its own.
    const [blockSeq, castSeq] = [seq++, seq++];
    if (isNew) {
      const startedAtMs = at(i / groups.length);
      const share = tells(g) > 0 ? tells(g) : Math.round((how.castsADay! * g.length) / untoldShare);
      const count = Math.min(MAX_CASTS, Math.max(1, strikes(g), share));
      const asked = { conditions: conditions(), lure: lureAsked(lure, family, first.lure) };
      const block = newBlock(worked(asked, lure, water.id), asked.conditions, {
        id: blockId,
        tripId,
        spotId: spot?.id ?? null,
        seq: blockSeq,
        startedAtMs,
        endedAtMs: at((i + 1) / groups.length),
        // Nobody asked the model that day.
        expectedPerCast: 0,
      });
      const id = `in-${contentHash([blockId, 'casts'])}`;
      puts.push(put('block', block), put('cast', { id, blockId, seq: castSeq, atMs: startedAtMs, count }));
    }
    const alike = new Map<string, number>();
    g.forEach((l, k) => {
      const { what, minutes, lengthM, weightKg, depthM, released, note } = l.row;
      const says = JSON.stringify([what, minutes, lengthM, weightKg, depthM, note]);
      const nth = alike.get(says) ?? 0;
      alike.set(says, nth + 1);
      const id = `in-${contentHash([blockId, says, nth])}`;
      const eventSeq = seq++;
      if (what === 'nothing' ? !isNew : ofBlock(book, 'event', blockId).some((e) => e.id === id))
        return void out.known++;
      if (what === 'nothing') return;
      const atMs = minutes === null ? at((i + (k + 0.5) / g.length) / groups.length) : clock(minutes);
      puts.push(
        put('event', { id, blockId, seq: eventSeq, atMs, ...untold(what), lengthM, weightKg, depthM, released, note }),
      );
      if (what === 'landed') out.fish++;
    });
  });
  if (puts.length === 0) return;
  out.days++;
  out.puts.push(...puts);
}
