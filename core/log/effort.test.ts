/** Where a cast or an event goes: the block it belongs to, what must be stored with it, its place in the order. */
import { untold } from '../records/event';
import { applyPuts, emptyBook, put, type Book } from '../records';
import type { EffortBlock } from '../records/block';
import type { Trip } from '../records/trip';
import { planRetrieve, type Plan } from '../planning/plan/plan';
import type { PlanRequest } from '../planning/task/request';
import type { RankedLure } from '../ranking/ranked';
import { placeInLog, type Opening } from './effort';
import { goingOn } from './goingOn';

const request: PlanRequest = {
  conditions: {
    species: 'largemouth-bass',
    month: 10,
    water: { setting: 'pond', surfaceTempC: 20, depthM: 2, fishDepthM: 0.8, currentMps: 0.3 },
    sky: { cloud: 0.4, sunElevationDeg: 12 },
  },
  lure: { id: 'lure-1', family: 'popper' },
  rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.02, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon', strengthLb: 10 },
};
const plan: Plan = planRetrieve(request, 'first');
const trip: Trip = {
  id: 'trip-1',
  waterId: 'water-1',
  spotId: null,
  species: 'largemouth-bass',
  startedAtMs: 1000,
  endedAtMs: null,
  readings: { water: {}, sky: {} },
  signs: [],
  lureId: 'lure-1',
  rodId: null,
  reelId: null,
  lineId: null,
  settings: {},
  note: '',
  readAtMs: 1000,
  thunder: [],
  aimM: null,
  over: null,
  castPlan: null,
  movedFrom: null,
  cautionsSeen: [],
};
const opening = (change: Partial<Opening> = {}): Opening => ({
  blockId: 'block-new',
  atMs: 5000,
  plan,
  request,
  lureId: 'lure-1',
  ranked: null,
  ...change,
});
const ranked = (strikesPerHour: number, castsPerHour: number): RankedLure =>
  ({ strikesPerHour, zone: { castsPerHour } }) as RankedLure;
const after = (book: Book, o: Opening, t: Trip = trip) => {
  const p = placeInLog(book, t, o);
  return { ...p, book: applyPuts(book, p.puts), kinds: p.puts.map((x) => x.kind) };
};
const blockIn = (book: Book, id: string): EffortBlock => book.block[id]!;

test('the first cast opens a block with what was true then', () => {
  const { blockId, seq, kinds, book } = after(emptyBook(), opening());
  expect([blockId, seq, kinds]).toEqual(['block-new', 1, ['block']]);
  expect(blockIn(book, 'block-new')).toMatchObject({
    tripId: 'trip-1',
    spotId: null,
    seq: 0,
    startedAtMs: 5000,
    endedAtMs: null,
    zoneShare: plan.zoneShare.mean,
    zoneSecondsPerCast: plan.zoneSecondsPerCast,
    expectedPerCast: 0.02,
    conditions: { water: { depthM: 2 } },
  });
});

test('what the ranking expected an hour is told a cast, and never more than one', () => {
  const expected = (r: RankedLure) =>
    blockIn(after(emptyBook(), opening({ ranked: r })).book, 'block-new').expectedPerCast;
  expect(expected(ranked(1.5, 60))).toBeCloseTo(0.025, 12);
  expect(expected(ranked(90, 30))).toBe(1);
  expect(expected(ranked(0.4, 0))).toBeCloseTo(0.4, 12);
});

test('another lure in hand is pinned to the trip with its first cast, and only then', () => {
  expect(after(emptyBook(), opening({ lureId: 'lure-2' })).kinds).toEqual(['trip', 'block']);
  const first = after(emptyBook(), opening({ lureId: 'lure-2' }));
  expect(first.book.trip['trip-1']!.lureId).toBe('lure-2');
  const next = after(first.book, opening({ lureId: 'lure-2', blockId: 'b2' }), first.book.trip['trip-1']!);
  expect([next.blockId, next.kinds]).toEqual(['block-new', []]);
});

test('the order counts blocks, casts and events of this trip together, and no others', () => {
  const first = after(emptyBook(), opening());
  const book = applyPuts(first.book, [
    put('cast', { id: 'c1', blockId: 'block-new', seq: 1, atMs: 5000, count: 1 }),
    put('event', {
      id: 'e1',
      blockId: 'block-new',
      seq: 6,
      atMs: 5001,
      ...untold('landed'),
    }),
    put('cast', { id: 'other', blockId: 'block-of-another-trip', seq: 90, atMs: 1, count: 1 }),
  ]);
  expect(after(book, opening())).toMatchObject({ blockId: 'block-new', seq: 7, kinds: [] });
});

test('other water opens another block and ends the one before, never before it began', () => {
  const first = after(emptyBook(), opening());
  const murky: PlanRequest = {
    ...request,
    conditions: { ...request.conditions, water: { ...request.conditions.water, clarityM: 0.2 } },
  };
  const next = after(first.book, opening({ request: murky, blockId: 'b2', atMs: 9000 }));
  expect([next.blockId, next.seq, next.kinds]).toEqual(['b2', 2, ['block', 'block']]);
  expect(blockIn(next.book, 'block-new').endedAtMs).toBe(9000);
  expect(blockIn(next.book, 'b2')).toMatchObject({ seq: 1, endedAtMs: null });
  const setBack = after(first.book, opening({ request: murky, blockId: 'b2', atMs: 10 }));
  expect(blockIn(setBack.book, 'block-new').endedAtMs).toBe(5000);
  // One that has ended stays as it ended.
  const third = after(next.book, opening({ blockId: 'b3', atMs: 12_000 }));
  expect(third.kinds).toEqual(['block', 'block']);
  expect(blockIn(third.book, 'block-new').endedAtMs).toBe(9000);
});

test('an angle set by hand is what was thrown at: it is kept, and the casts after it stay in one block', () => {
  const byHand: PlanRequest = { ...request, set: { angleDeg: 135 } };
  const first = after(emptyBook(), opening({ request: byHand }));
  expect(blockIn(first.book, 'block-new').conditions.water.currentAngleDeg).toBe(135);
  const next = after(first.book, opening({ request: byHand, blockId: 'b2' }));
  expect([next.blockId, next.kinds]).toEqual(['block-new', []]);
});

describe('a page that comes back in the middle of a block', () => {
  const { book } = after(emptyBook(), opening());
  const blocks = Object.values(book.block);
  const { presentation: p } = blocks[0]!;
  const again = (change: Partial<PlanRequest>, spotId: string | null = null) =>
    goingOn(blocks, spotId, { ...request, ...change });

  test('goes on as it was fished, and its next cast goes into the same block', () => {
    const worked = again({})!;
    expect(worked).toMatchObject({ presentation: p, zoneShare: { mean: plan.zoneShare.mean }, phaseS: plan.phaseS });
    expect(after(book, opening({ plan: worked, blockId: 'b2' }))).toMatchObject({ blockId: 'block-new', kinds: [] });
    const later = { ...request.conditions, sky: { ...request.conditions.sky, sunElevationDeg: 20 } };
    expect(again({ conditions: later })).not.toBeNull();
    expect(again({ set: { castM: p.castM, tip: p.tip.position, cadence: p.cadence } })).not.toBeNull();
  });

  test.each<[string, Partial<PlanRequest>, string | null]>([
    ['another lure', { lure: { id: 'lure-2', family: 'popper' } }, null],
    ['another line', { line: { material: 'braid', strengthLb: 10 } }, null],
    ['another water', { conditions: { ...request.conditions, water: { setting: 'pond', depthM: 4 } } }, null],
    ['another spot', {}, 'spot-1'],
    ['another cast, by hand', { set: { castM: p.castM + 1 } }, null],
    ['what shows in no presentation', { set: { lipScale: 1 } }, null],
  ])('waits for a plan where there is %s', (_, change, spotId) => {
    expect(again(change, spotId)).toBeNull();
  });

  test('and where nothing was fished yet, or the block has ended', () => {
    expect(goingOn([], null, request)).toBeNull();
    expect(goingOn([{ ...blocks[0]!, endedAtMs: 9000 }], null, request)).toBeNull();
  });
});
