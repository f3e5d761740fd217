import { untold } from '../records/event';
import { applyPuts, emptyBook, put, type Book } from '../records';
import { DEMO_LURES } from '../../demo/tackle';
import { buildDemoWorld } from '../../demo/world';
import { lureBack, lureLost } from './lost';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const many = DEMO_LURES.find((l) => l.count > 1)!;
const one = DEMO_LURES.find((l) => l.count === 1)!;
const after = (book: Book, id: string) => applyPuts(book, lureLost(book, id, 5)).lure[id]!;

test('one of several is one fewer; the last one is lost', () => {
  expect(after(world, many.id)).toMatchObject({ count: many.count - 1, lostAtMs: null });
  expect(after(world, one.id)).toMatchObject({ count: 0, lostAtMs: 5 });
  expect(lureLost(applyPuts(world, lureLost(world, one.id, 5)), one.id, 6)).toEqual([]);
  expect(lureLost(world, null, 5)).toEqual([]);
});

test('taken back it is there again, once', () => {
  const block = Object.values(world.block).find((b) => b.presentation.lureId === one.id)!;
  const event = {
    id: 'e',
    blockId: block.id,
    seq: 999,
    atMs: 5,
    ...untold('lure-lost' as const),
    phase: null,
  };
  const gone = applyPuts(world, [put('event', event), ...lureLost(world, one.id, 5)]);
  const back = applyPuts(gone, lureBack(gone, 'e'));
  expect(back.lure[one.id]).toEqual(world.lure[one.id]);
  const twice = applyPuts(back, [put('tombstone', { id: 't', of: 'e', atMs: 6 })]);
  expect(lureBack(twice, 'e')).toEqual([]);
  expect(lureBack(world, 'nothing')).toEqual([]);
});
