import { applyPuts, bringBackPuts, emptyBook, put, standing, takeBackPuts, takenBack, tripsOf, type Book } from '.';
import { corrected, MAX_CORRECTIONS, untold, type StrikeEvent } from './event';
import { buildDemoWorld } from '../../demo/world';
import { fishedIn } from '../lessons/fished';
import { trialsOf } from '../lessons/trials';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const someEvent = standing(world, 'event')[0]!;

describe('taking back', () => {
  const twice = (book: Book): Book => applyPuts(book, takeBackPuts(book, someEvent.id, 5));
  test('back, forth and back again, and once is enough', () => {
    const gone = twice(world);
    expect(takenBack(gone).has(someEvent.id)).toBe(true);
    expect(takeBackPuts(gone, someEvent.id, 6)).toEqual([]);
    const again = applyPuts(gone, bringBackPuts(gone, someEvent.id, 7));
    expect(standing(again, 'event')).toContainEqual(someEvent);
    expect(bringBackPuts(again, someEvent.id, 8)).toEqual([]);
    const third = twice(again);
    expect(takenBack(third).has(someEvent.id)).toBe(true);
    const fourth = applyPuts(third, bringBackPuts(third, someEvent.id, 9));
    expect(takenBack(fourth).has(someEvent.id)).toBe(false);
  });

  test('two pages that took it back are both answered by one bringing back', () => {
    const both = applyPuts(world, [
      put('tombstone', { id: 'of-one-page', of: someEvent.id, atMs: 1 }),
      put('tombstone', { id: 'of-the-other', of: someEvent.id, atMs: 2 }),
    ]);
    expect(takenBack(applyPuts(both, bringBackPuts(both, someEvent.id, 3))).has(someEvent.id)).toBe(false);
  });

  test('a day that was taken back counts nowhere, and wholly again when it is brought back', () => {
    const block = fishedIn(world)[0]!;
    const without = applyPuts(world, takeBackPuts(world, block.trip.id, 1));
    expect(tripsOf(without)).toHaveLength(tripsOf(world).length - 1);
    expect(fishedIn(without).some((f) => f.trip.id === block.trip.id)).toBe(false);
    expect(trialsOf(without).every((t) => t.trial.tripId !== block.trip.id)).toBe(true);
    const back = applyPuts(without, bringBackPuts(without, block.trip.id, 2));
    expect(fishedIn(back).map((f) => f.block.id)).toEqual(fishedIn(world).map((f) => f.block.id));
  });
});

describe('more told of an event', () => {
  const e: StrikeEvent = { ...untold('landed'), id: 'e', blockId: 'b', seq: 1, atMs: 10 };
  test('what was not told before leaves nothing behind; what was told is kept with its end', () => {
    const once = corrected(e, { lengthM: 0.4, note: 'by the stump' }, 20);
    expect(once).toMatchObject({ lengthM: 0.4, note: 'by the stump', was: [] });
    const then = corrected(once, { lengthM: 0.45, released: true, note: 'by the stump' }, 30);
    expect(then.was).toEqual([{ lengthM: 0.4, untilMs: 30 }]);
    expect(then.released).toBe(true);
    expect(corrected(then, { lengthM: 0.45 }, 40)).toBe(then);
    expect(corrected(then, { kind: 'lost' }, 50).was[1]).toEqual({ kind: 'landed', untilMs: 50 });
  });
  test('false is told, nothing is not', () => {
    const kept = corrected(corrected(e, { released: false }, 1), { released: null }, 2);
    expect(kept).toMatchObject({ released: null, was: [{ released: false, untilMs: 2 }] });
  });
  test('so many are kept, the newest', () => {
    let x = corrected(e, { lengthM: 0.1 }, 0);
    for (let i = 1; i <= MAX_CORRECTIONS + 5; i++) x = corrected(x, { lengthM: 0.1 + i / 100 }, i);
    expect(x.was).toHaveLength(MAX_CORRECTIONS);
    expect(x.was.at(-1)!.untilMs).toBe(MAX_CORRECTIONS + 5);
  });
});
