import { buildDemoWorld } from '../../demo/world';
import { dateAt, midnightMs } from '../base/zone';
import { applyPuts, emptyBook, put, recordsOf, tripsOf, type Book } from '../records';
import { diaryDay, diaryDays, sameDate } from './days';
import { movedToDay } from './moved';

const world = applyPuts(emptyBook(), buildDemoWorld(Date.UTC(2026, 9, 8, 12)));
const zoneOf = (book: Book, tripId: string): string => book.water[book.trip[tripId]!.waterId]!.zone;
const ended = diaryDays(world).filter((d) => d.trip.endedAtMs !== null && d.blocks.length > 1);
const day = ended[0]!;
const zone = zoneOf(world, day.trip.id);
const block = day.blocks[0]!;
const minuteOfDay = (ms: number): number => {
  const { year, month, day: d } = dateAt(ms, zone);
  return ms - midnightMs(year, month, d, zone);
};
const eventsOf = (book: Book, blockId: string) => recordsOf(book, 'event').filter((e) => e.blockId === blockId);
const midnight = (month: number, d: number): number => midnightMs(2026, month, d, zone);

test('to a day that was none: the same casts by the same clock, and nothing of them left behind', () => {
  const { tripId, puts } = movedToDay(world, block.id, midnight(2, 3), zone, 'new-day')!;
  const book = applyPuts(world, puts);
  expect(tripId).toBe('new-day');
  const moved = diaryDay(book, tripId)!;
  const left = diaryDay(book, day.trip.id)!;
  expect(moved.trip).toMatchObject({ waterId: day.trip.waterId, species: day.trip.species });
  expect(dateAt(moved.trip.startedAtMs, zone)).toMatchObject({ year: 2026, month: 2, day: 3 });
  expect(moved.blocks.map((b) => b.id)).toEqual([block.id]);
  expect(left.blocks.map((b) => b.id)).toEqual(day.blocks.slice(1).map((b) => b.id));
  expect(moved.tally.casts + left.tally.casts).toBe(day.tally.casts);
  expect(moved.tally.strikes + left.tally.strikes).toBe(day.tally.strikes);
  expect(book.block[block.id]!.conditions).toEqual({ ...block.conditions, month: 2 });
  expect(minuteOfDay(book.block[block.id]!.startedAtMs)).toBe(minuteOfDay(block.startedAtMs));
  expect(eventsOf(book, block.id).map((e) => minuteOfDay(e.atMs))).toEqual(
    eventsOf(world, block.id).map((e) => minuteOfDay(e.atMs)),
  );
});

test('moved there and back all is as it was', () => {
  const there = applyPuts(world, movedToDay(world, block.id, midnight(2, 3), zone, 'new-day')!.puts);
  const own = dateAt(day.trip.startedAtMs, zone);
  const back = movedToDay(there, block.id, midnightMs(own.year, own.month, own.day, zone), zone, 'none')!;
  const book = applyPuts(there, back.puts);
  expect(back.tripId).toBe(day.trip.id);
  expect({ ...book.block[block.id]!, seq: block.seq }).toEqual(block);
  expect(diaryDay(book, day.trip.id)!.blocks.map((b) => b.id)).toEqual(day.blocks.map((b) => b.id));
  expect(book.cast).toEqual(world.cast);
  expect(book.event).toEqual(world.event);
  expect(book.trip[day.trip.id]).toEqual(day.trip);
});

test('into a day of the same water it goes by the clock among what is there, and the day grows to hold it', () => {
  const to = ended.find((d) => d.trip.id !== day.trip.id && d.trip.waterId === day.trip.waterId)!;
  const date = dateAt(to.trip.startedAtMs, zone);
  const { tripId, puts } = movedToDay(
    world,
    block.id,
    midnightMs(date.year, date.month, date.day, zone),
    zone,
    'none',
  )!;
  const book = applyPuts(world, puts);
  expect(tripId).toBe(to.trip.id);
  const { blocks, trip } = diaryDay(book, tripId)!;
  expect(blocks).toHaveLength(to.blocks.length + 1);
  const starts = blocks.map((b) => b.startedAtMs);
  expect(starts).toEqual([...starts].sort((a, b) => a - b));
  expect(trip.startedAtMs).toBeLessThanOrEqual(starts[0]!);
  expect(trip.endedAtMs).toBeGreaterThanOrEqual(blocks.at(-1)!.endedAtMs!);
});

test('on its own date, or of a block that is none, there is nothing to move; a day that goes on is left alone', () => {
  const own = dateAt(day.trip.startedAtMs, zone);
  expect(movedToDay(world, block.id, midnightMs(own.year, own.month, own.day, zone), zone, 'x')).toBeNull();
  expect(movedToDay(world, 'none', midnight(2, 3), zone, 'x')).toBeNull();
  const open = tripsOf(world).find((t) => t.endedAtMs === null)!;
  const date = dateAt(open.startedAtMs, zone);
  const here = applyPuts(world, [put('trip', { ...day.trip, waterId: open.waterId })]);
  const at = midnightMs(date.year, date.month, date.day, zone);
  expect(movedToDay(here, block.id, at, zone, 'apart')?.tripId).toBe('apart');
});

test('a day may have several waters: the others of its date, in the order in which they began', () => {
  expect(sameDate(world, day.trip.id)).toEqual([]);
  const other = Object.values(world.water).find((w) => w.id !== day.trip.waterId)!;
  const at = (id: string, ms: number) => put('trip', { ...day.trip, id, waterId: other.id, startedAtMs: ms });
  const book = applyPuts(world, [
    at('evening', day.trip.endedAtMs! + 60_000),
    at('morning', day.trip.startedAtMs - 60_000),
    at('another', day.trip.startedAtMs - 86_400_000 * 40),
  ]);
  expect(sameDate(book, day.trip.id).map((d) => d.trip.id)).toEqual(['morning', 'evening']);
});
