import { applyPuts, emptyBook, put, takeBackPuts, type Book, type Put } from '../records';
import { untold, type EventKind } from '../records/event';
import type { ThrownAt } from '../records/piece';
import type { EffortBlock } from '../records/block';
import type { Trip } from '../records/trip';
import type { TargetId } from '../water/pieces';
import { aimOfEvent, castsAtPiece, nextAim, placeOf, type Aims } from './aims';
import { fishedOf } from './fished';

const MIN = 60_000;
const NOW = Date.parse('2026-07-04T12:00:00Z');
const at = (target: TargetId, pieceId = 'p'): ThrownAt => ({
  pieceId,
  kind: 'laydown',
  target,
  fromBank: false,
  distanceM: 12,
  leftDeg: 3,
});
const trip = {
  id: 't',
  spotId: null,
  castPlan: {
    pieceId: 'p',
    sinceMs: NOW,
    stand: { xM: -10, yM: 0 },
    wind: 'none',
    skipped: [],
    next: null,
    earlier: [],
  },
} as unknown as Trip;
const block = { id: 'b', tripId: 't', spotId: null, seq: 0, startedAtMs: NOW } as unknown as EffortBlock;
const AIMS: Aims = { order: [at('tip'), at('outer-left'), at('root')], after: 0 };

/** A log of casts and touches, a minute apart. */
function logged(...what: (TargetId | readonly [EventKind, TargetId])[]): Book {
  const puts: Put[] = what.map((w, i) => {
    const of = { id: `x${i}`, blockId: 'b', seq: i + 1, atMs: NOW + (i + 1) * MIN };
    return typeof w === 'string'
      ? put('cast', { ...of, count: 1, at: at(w) })
      : put('event', { ...of, ...untold(w[0]), at: at(w[1]) });
  });
  return applyPuts(emptyBook(), [put('block', block), ...puts]);
}
const fished = (book: Book, afterMin: number) => fishedOf(book, trip, 2, NOW + afterMin * MIN);

test('casts are checked off, and a cast that is taken back is open again', () => {
  const book = logged('tip', 'outer-left');
  expect(fished(book, 5)).toEqual({ cast: ['tip', 'outer-left'], hooked: [], resting: [], next: null, before: [] });
  const undone = applyPuts(book, takeBackPuts(book, 'x1', NOW));
  expect(fished(undone, 5).cast).toEqual(['tip']);
  expect(castsAtPiece(undone, trip)).toBe(1);
});

test('what was cast before the plan was begun, or at another piece, does not count', () => {
  const book = logged('tip');
  expect(fishedOf(book, { ...trip, castPlan: { ...trip.castPlan!, sinceMs: NOW + 2 * MIN } }, 2, NOW).cast).toEqual([]);
  expect(fishedOf(book, { ...trip, castPlan: { ...trip.castPlan!, pieceId: 'other' } }, 2, NOW).cast).toEqual([]);
  expect(fishedOf(book, { ...trip, castPlan: null }, 2, NOW)).toEqual({ cast: [], hooked: [], resting: [] });
});

test('a fish missed: that limb rests and no other; rested, it is open again', () => {
  const book = logged('tip', ['missed', 'tip'], 'outer-left');
  const soon = fished(book, 10);
  expect(soon.resting).toEqual(['tip']);
  expect(soon.cast).toContain('outer-left');
  // 75 min at this mood, and it was not gone back to.
  const later = fished(book, 90);
  expect(later.resting).toEqual([]);
  expect(later.cast).toEqual(['outer-left']);
});

test('a fish in the hand is known as hooked, and what was left out stays out', () => {
  const out = { ...trip, castPlan: { ...trip.castPlan!, skipped: ['root' as const] } };
  const book = logged('tip', ['landed', 'tip']);
  expect(fishedOf(book, out, 2, NOW + 3 * MIN)).toEqual({
    cast: ['tip'],
    hooked: ['tip'],
    resting: ['root'],
    next: null,
    before: [],
  });
});

describe('what a touch belongs to', () => {
  test('casts go down the order, also where they are quicker than the plan', () => {
    expect(nextAim(logged(), trip, AIMS)?.target).toBe('tip');
    expect(nextAim(logged('tip'), trip, AIMS)?.target).toBe('outer-left');
    expect(nextAim(logged('tip'), trip, { ...AIMS, after: 1 })?.target).toBe('tip');
    expect(nextAim(logged('tip', 'outer-left', 'root'), trip, AIMS)).toBeUndefined();
    expect(nextAim(logged(), trip, null)).toBeUndefined();
    expect(nextAim(logged(), { ...trip, castPlan: null }, AIMS)).toBeUndefined();
    expect(nextAim(logged(), trip, { order: [at('tip', 'other')], after: 0 })).toBeUndefined();
  });

  test('a fish took the cast made last; without one since, the one that is next', () => {
    expect(aimOfEvent(logged('tip'), trip, AIMS)?.target).toBe('tip');
    expect(aimOfEvent(logged(), trip, AIMS)?.target).toBe('tip');
    expect(aimOfEvent(logged('tip', ['landed', 'tip']), trip, AIMS)?.target).toBe('outer-left');
    expect(aimOfEvent(logged('tip'), { ...trip, castPlan: null }, AIMS)).toBeUndefined();
  });

  test('where on the cover that is', () => {
    expect((['tip', 'middle-left', 'root', 'drop', 'foot'] as const).map(placeOf)).toEqual([
      'edge',
      'middle',
      'inside',
      'open',
      'bottom',
    ]);
  });
});
