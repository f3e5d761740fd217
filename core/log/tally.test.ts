import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, put, recordsOf, standing, takeBackPuts, type Book, type Put } from '../records';
import type { EffortBlock } from '../records/block';
import { type EventKind, untold } from '../records/event';
import { blocksOfTrip, castsOfTrip, logOf, struckOut, tallyByBlock, tallyTrip } from './tally';

const block = (id: string, seq: number, change: Partial<EffortBlock> = {}): Put =>
  put('block', { id, tripId: 't', seq, startedAtMs: 0, zoneShare: 0.5, ...change } as EffortBlock);
const cast = (id: string, blockId: string, seq: number, count = 1): Put =>
  put('cast', { id, blockId, seq, atMs: 0, count });
const event = (id: string, blockId: string, seq: number, kind: EventKind): Put =>
  put('event', {
    id,
    blockId,
    seq,
    atMs: 0,
    ...untold(kind),
    phase: 'pause',
  });
const book = (...puts: Put[]): Book => applyPuts(emptyBook(), puts);

test('blocks stand in their order; where that ties, by when they were begun', () => {
  const b = book(
    block('late', 2),
    block('tie-2', 1, { startedAtMs: 9 }),
    block('tie-1', 1, { startedAtMs: 5 }),
    block('first', 0, { startedAtMs: 99 }),
    block('elsewhere', 0, { tripId: 'u' }),
  );
  expect(blocksOfTrip(b, 't').map((x) => x.id)).toEqual(['first', 'tie-1', 'tie-2', 'late']);
});

test('a block with nothing in it is tallied as nothing, and each has its own', () => {
  const b = book(
    block('a', 0),
    block('b', 1),
    block('empty', 2),
    cast('c1', 'a', 0, 3),
    cast('c2', 'b', 5),
    cast('c3', 'a', 1, 4),
    event('e1', 'a', 2, 'missed'),
    event('e2', 'b', 6, 'lost'),
  );
  const by = tallyByBlock(b);
  expect(by.get('a')).toMatchObject({ casts: 7, strikes: 1, hooked: 0, landed: 0 });
  expect(by.get('b')).toMatchObject({ casts: 1, strikes: 1, hooked: 1, landed: 0 });
  expect(by.get('empty')).toEqual({ casts: 0, strikes: 0, hooked: 0, landed: 0, events: [] });
});

test('a trip adds its blocks, its events in the order they happened', () => {
  const b = book(
    block('b', 1),
    block('a', 0),
    cast('c1', 'a', 0, 20),
    cast('c2', 'b', 5, 10),
    event('later', 'a', 9, 'landed'),
    event('sooner', 'b', 3, 'follow'),
  );
  const t = tallyTrip(b, 't', 0);
  expect(t).toMatchObject({ casts: 30, strikes: 1, hooked: 1, landed: 1 });
  expect(t.events.map((e) => e.id)).toEqual(['sooner', 'later']);
  expect(t.blocks.map((x) => x.id)).toEqual(['a', 'b']);
});

test('empty casts count by the zone share of the casts they were, and as a half where there were none', () => {
  const b = book(
    block('a', 0, { zoneShare: 0.2 }),
    block('b', 1, { zoneShare: 0.8 }),
    cast('c1', 'a', 0, 30),
    cast('c2', 'b', 1, 10),
  );
  const [empty] = tallyTrip(b, 't', 0).signs;
  expect(empty).toMatchObject({ kind: 'empty-cast', count: 40 });
  expect(empty!.zoneShare).toBeCloseTo(0.35, 12);
  expect(tallyTrip(book(block('a', 0)), 't', 0)).toMatchObject({ casts: 0, signs: [] });
});

test('on a bed the passes and answers are kept by lure', () => {
  const of = (family: 'popper' | 'small-swimbait') => ({
    presentation: { rig: { family } } as unknown as EffortBlock['presentation'],
  });
  const b = book(
    block('a', 0, of('popper')),
    block('b', 1, of('small-swimbait')),
    cast('c1', 'a', 0, 30),
    cast('c2', 'b', 1, 10),
    event('e', 'b', 2, 'follow'),
  );
  const onBed = { ...b, trip: { t: { readings: { behaviour: 'guarding' } } } } as unknown as Book;
  expect(tallyTrip(onBed, 't', 0).signs.map((s) => [s.lure, s.kind, s.count])).toEqual([
    ['popper', 'empty-cast', 30],
    ['small-swimbait', 'follow', 1],
    ['small-swimbait', 'empty-cast', 10],
  ]);
  expect(tallyTrip(b, 't', 0).signs.map((s) => [s.lure, s.kind, s.count])).toEqual([
    [undefined, 'follow', 1],
    [undefined, 'empty-cast', 40],
  ]);
});

test('the log of some blocks is theirs alone; what was taken back of them can be listed', () => {
  const b = book(
    block('a', 0),
    block('b', 1),
    cast('second', 'a', 4),
    cast('first', 'a', 1),
    cast('theirs', 'b', 2),
    event('undone', 'a', 3, 'missed'),
    event('stands', 'a', 5, 'landed'),
    put('tombstone', { id: 'g', of: 'undone', atMs: 1 }),
  );
  const [a] = blocksOfTrip(b, 't') as [EffortBlock];
  expect(standing(logOf(b, [a]), 'cast').map((c) => c.id)).toEqual(['first', 'second']);
  expect(tallyByBlock(logOf(b, [a]))).toEqual(new Map([['a', tallyByBlock(b).get('a')!]]));
  expect(struckOut(b, [a]).map((e) => e.id)).toEqual(['undone']);
  expect(struckOut(b, [])).toEqual([]);
});

test('the number of casts that is drawn at once is the one of the tally, taken back or not', () => {
  let b = applyPuts(emptyBook(), buildDemoWorld(0));
  for (const [i, c] of recordsOf(b, 'cast').entries()) if (i % 5 === 0) b = applyPuts(b, takeBackPuts(b, c.id, 1));
  for (const id of Object.keys(b.trip)) expect(castsOfTrip(b, id)).toBe(tallyTrip(b, id, 0).casts);
  expect(Object.keys(b.trip).some((id) => castsOfTrip(b, id) > 0)).toBe(true);
});
