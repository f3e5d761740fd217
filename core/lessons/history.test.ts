/** The record, as the ranking learns from it. */
import { buildDemoWorld } from '../../demo/world';
import { rankWithLog } from '../learning/learned';
import { isStrike } from '../log/events';
import { tallyTrip } from '../log/tally';
import { applyPuts, emptyBook, put, standing, type Book } from '../records';
import type { Conditions } from '../water/conditions';
import { allSteps } from '../base/steps';
import type { PastBlock } from '../learning/history';
import { fishedIn } from './fished';
import { historyOfDay, pastBlock, taughtDays, teaching, textOfDays } from './history';

/** The blocks of the days on which this fish was fished for, but of one day. */
function historyOf(book: Book, species: string, nowMs: number, but: string | null = null): PastBlock[] {
  const { text, blocks } = textOfDays(allSteps(taughtDays(book, species, (day) => day.id !== but)), nowMs);
  const told = JSON.parse(text) as PastBlock[];
  expect(told).toHaveLength(blocks);
  return told;
}

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const today = world.trip[world.preferences.mine!.activeTripId!]!;
const all = historyOf(world, today.species, today.startedAtMs);

test('every strike and cast of this fish is in it, and of no other', () => {
  const ofFish = new Set(
    Object.values(world.block)
      .filter((b) => world.trip[b.tripId]!.species === today.species)
      .map((b) => b.id),
  );
  const strikes = standing(world, 'event').filter((e) => ofFish.has(e.blockId) && isStrike(e.kind)).length;
  expect(strikes).toBeGreaterThan(5);
  expect(all.reduce((sum, b) => sum + b.strikes, 0)).toBe(strikes);
  expect(all.every((b) => b.minutes > 0 && b.daysAgo! >= 0)).toBe(true);
  expect(historyOf(world, 'tarpon', today.startedAtMs)).toEqual([]);
});

test('told as text it is what it is as values, whichever days are told by themselves', () => {
  const later = today.startedAtMs + 20 * 86_400_000;
  const values = teaching(fishedIn(world, { species: today.species })).map((f) => pastBlock(f, later));
  expect(historyOf(world, today.species, later)).toEqual(JSON.parse(JSON.stringify(values)));
  const days = allSteps(taughtDays(world, today.species, () => true));
  expect(days.length).toBeGreaterThan(2);
  const parted = [...days.filter((_, i) => i % 2 === 1), ...days.filter((_, i) => i % 2 === 0)];
  expect(textOfDays(parted, later)).toEqual(textOfDays(days, later));
});

test('a day can be left out, and is the rest by itself', () => {
  const day = world.trip[all[0]!.trip!]!;
  const without = historyOf(world, today.species, today.startedAtMs, day.id);
  const itself = historyOfDay(day, tallyTrip(world, day.id, 0), today.startedAtMs);
  expect(itself.length).toBeGreaterThan(0);
  expect(without.length + itself.length).toBe(all.length);
  expect(without.some((b) => b.trip === day.id)).toBe(false);
});

test('what was taken back counts no more', () => {
  const event = standing(world, 'event').find((e) => isStrike(e.kind) && all.length > 0)!;
  const undone = applyPuts(world, [put('tombstone', { id: 'undo', of: event.id, atMs: 1 })]);
  const species = world.trip[world.block[event.blockId]!.tripId]!.species;
  const strikes = (book: typeof world): number =>
    historyOf(book, species, today.startedAtMs).reduce((sum, b) => sum + b.strikes, 0);
  expect(strikes(undone)).toBe(strikes(world) - 1);
});

test('the season of the demo moves its morning, and says by what', () => {
  const block = Object.values(world.block).find((b) => world.trip[b.tripId]!.species === today.species)!;
  const conditions = block.conditions as Conditions;
  const r = rankWithLog(conditions, {}, { history: all, here: { water: today.waterId, trip: today.id } });
  expect(r.blocks).toBeGreaterThan(3);
  expect(r.ranked.some((x) => Math.abs(Math.log(x.byLog)) > 0.2 && x.evidence.strikes > 0)).toBe(true);
  expect(rankWithLog(conditions, {}, null).ranked.every((x) => x.byLog === 1)).toBe(true);
});
