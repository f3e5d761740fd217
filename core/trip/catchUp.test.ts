import { buildDemoWorld } from '../../demo/world';
import { diaryDay } from '../diary/days';
import { againstModel } from '../diary/ended';
import { applyPuts, emptyBook, RECORDS, recordsOf, type Put } from '../records';
import type { WorkedAs } from '../planning/plan/unplanned';
import type { Conditions } from '../water/conditions';
import { catchUpTrouble, caughtUp, DAY_PARTS, type Remembered } from './catchUp';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const some = Object.values(world.block)[0]!;
const HOUR = 3_600_000;
const trip = { ...Object.values(world.trip)[0]!, id: 'caught', startedAtMs: 10 * HOUR, endedAtMs: 14 * HOUR };
const row = (more: Partial<Remembered> = {}): Remembered => ({
  worked: {
    presentation: some.presentation,
    zoneShare: { mean: 0.5 },
    zoneSecondsPerCast: 9,
    phaseS: some.phaseS,
  } as unknown as WorkedAs,
  conditions: some.conditions as Conditions,
  spotId: null,
  casts: 30,
  events: {},
  ...more,
});
const ids = (): (() => string) => {
  let n = 0;
  return () => `id-${n++}`;
};

test('blocks share the time in order; casts are one count, events lie within their block', () => {
  const puts = caughtUp(trip, [row({ events: { landed: 2, missed: 1 } }), row({ casts: 12 })], ids());
  const book = applyPuts(emptyBook(), puts);
  const day = diaryDay(book, 'caught')!;
  expect(day.blocks.map((b) => [b.startedAtMs / HOUR, b.endedAtMs! / HOUR])).toEqual([
    [10, 12],
    [12, 14],
  ]);
  expect(day.tally).toMatchObject({ casts: 42, strikes: 3, landed: 2 });
  // The model was not asked that day: it is not held against it.
  expect(againstModel(day)).toBeNull();
  for (const e of day.tally.events) {
    expect(e.atMs).toBeGreaterThan(10 * HOUR);
    expect(e.atMs).toBeLessThan(12 * HOUR);
  }
  const seqs = [
    ...day.blocks.map((b) => b.seq),
    ...recordsOf(book, 'cast').map((c) => c.seq),
    ...day.tally.events.map((e) => e.seq),
  ];
  expect(new Set(seqs).size).toBe(seqs.length);
});

test('all of it is what its own reader takes', () => {
  const puts = caughtUp(trip, [row({ events: { lost: 1, 'lure-lost': 1 } })], ids());
  for (const p of puts as Put[]) expect(RECORDS[p.kind].schema.safeParse(p.data).success).toBe(true);
});

test.each([
  ['nothing thrown', [], 5, 'no-lure'],
  ['no lure chosen', [{ lureId: null, casts: 3, strikes: 0 }], 5, 'no-lure'],
  ['no casts', [{ lureId: 'a', casts: 0, strikes: 0 }], 5, 'no-cast'],
  ['more strikes than casts', [{ lureId: 'a', casts: 2, strikes: 3 }], 5, 'more-strikes-than-casts'],
  ['an hour to come', [{ lureId: 'a', casts: 2, strikes: 0 }], 11, 'to-come'],
  ['all in order', [{ lureId: 'a', casts: 2, strikes: 2 }], 10, null],
] as const)('%s', (_, rows, endedAtMs, trouble) => {
  expect(catchUpTrouble(rows, endedAtMs, 10)).toBe(trouble);
});

test('the parts of a day follow each other', () => {
  const parts = Object.values(DAY_PARTS);
  for (let i = 1; i < parts.length; i++) expect(parts[i]![0]).toBe(parts[i - 1]![1]);
});
