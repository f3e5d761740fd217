import { block, casts, event, someBlock, trip } from '../../demo/pieces';
import { applyPuts, emptyBook, put, type Put } from '../records';
import { strikesByDepth } from './layers';
import { compare } from './learn';
import { learnFromBook } from './patterns';
import type { EffortBlock } from '../records/block';

const learnPuts = (...puts: Put[]) => learnFromBook(applyPuts(emptyBook(), puts));

test('blocks of one presentation are one pattern, over several days', () => {
  const l = learnPuts(
    trip('t1'),
    trip('t2'),
    block('a', 't1', 'p'),
    block('b', 't2', 'p'),
    casts('a', 20),
    casts('b', 30),
    event('a', 1, 'landed', 'pause'),
    event('b', 1, 'missed', 'move'),
  );
  expect(l.patterns).toHaveLength(1);
  expect(l.patterns[0]).toMatchObject({ casts: 50, strikes: 2, hooked: 1, landed: 1, trips: 2, tooThin: false });
});

test('another presentation is another pattern, and the pair is compared', () => {
  const l = learnPuts(
    trip('t1'),
    block('a', 't1', 'p'),
    block('b', 't1', 'q'),
    casts('a', 60),
    casts('b', 60),
    ...[1, 2, 3, 4, 5, 6].map((n) => event('a', n, 'landed', 'move')),
  );
  expect(l.patterns.map((p) => p.presentation)).toEqual(['p', 'q']);
  expect(compare(l.patterns)[0]!.aBeatsB).toBeGreaterThan(0.85);
});

test('a day without a strike is a blank and counts', () => {
  const l = learnPuts(
    trip('t1'),
    trip('t2'),
    block('a', 't1', 'p'),
    block('b', 't2', 'p'),
    casts('a', 40),
    casts('b', 40),
    event('a', 1, 'bump', 'fall'),
  );
  expect([l.trips, l.blankTrips, l.casts, l.strikes]).toEqual([2, 1, 80, 1]);
});

test('follows, snags and lost lures are no strikes', () => {
  const l = learnPuts(
    trip('t1'),
    block('a', 't1', 'p'),
    casts('a', 30),
    event('a', 1, 'follow', 'move'),
    event('a', 2, 'snag', 'move'),
    event('a', 3, 'lure-lost', null),
  );
  expect(l.patterns[0]!.strikes).toBe(0);
});

test('what was taken back is gone from the lessons too', () => {
  const l = learnPuts(
    trip('t1'),
    block('a', 't1', 'p'),
    casts('a', 30),
    event('a', 1, 'landed', 'move'),
    put('tombstone', { id: 'x', of: 'a-1', atMs: 9 }),
  );
  expect(l.strikes).toBe(0);
});

test('what the model expected is worth fifty casts', () => {
  const empty = learnPuts(trip('t1'), block('a', 't1', 'p', { expectedPerCast: 0.04 }), casts('a', 50));
  // Fifty expected at 0.04 and fifty without a strike.
  expect(empty.patterns[0]!.perCast.mean).toBeCloseTo(0.02, 9);
});

test('the prior is what the model expected, by casts', () => {
  const l = learnPuts(
    trip('t1'),
    block('a', 't1', 'p', { expectedPerCast: 0.02 }),
    block('b', 't1', 'p', { expectedPerCast: 0.08 }),
    casts('a', 30),
    casts('b', 10),
  );
  expect(l.patterns[0]!.expectedPerCast).toBeCloseTo(0.035, 6);
});

test('other fish and other waters are kept apart', () => {
  const puts = [
    trip('t1'),
    trip('t2', { species: 'crappie', waterId: 'v' }),
    block('a', 't1', 'p'),
    block('b', 't2', 'q'),
    casts('a', 30),
    casts('b', 30),
  ];
  const book = applyPuts(emptyBook(), puts);
  expect(learnFromBook(book, { species: 'crappie' }).patterns.map((p) => p.presentation)).toEqual(['q']);
  expect(learnFromBook(book, { waterId: 'w' }).patterns.map((p) => p.presentation)).toEqual(['p']);
  expect(learnFromBook(book).patterns).toHaveLength(2);
});

test('layers hold the casts made at their depth', () => {
  const at = (bandM: [number, number]): Partial<EffortBlock> => ({
    presentation: { ...someBlock.presentation, bandM },
  });
  const puts = [
    trip('t1'),
    block('a', 't1', 'p', at([0, 0.15])),
    block('b', 't1', 'q', at([1.2, 1.8])),
    casts('a', 10),
    casts('b', 20),
    event('b', 1, 'landed', 'move'),
  ];
  const book = applyPuts(emptyBook(), puts);
  expect(strikesByDepth(book, book.trip.t1!.species).map((x) => [x.topM, x.casts, x.strikes])).toEqual([
    [0, 10, 0],
    [1, 20, 1],
  ]);
});

test('an empty book teaches nothing and says so', () => {
  expect(learnFromBook(emptyBook())).toMatchObject({ patterns: [], casts: 0, strikes: 0, trips: 0 });
});
