import { applyPuts, emptyBook, put, standing, storageKey, type Book } from '../records';
import type { Conditions } from '../water/conditions';
import { buildDemoWorld } from '../../demo/world';
import { composeDay } from '../trip/day';
import { conditionsKey, openBlock } from './effort';
import { isHooked, isLanded, isStrike, signsFromLog } from './events';
import { tallyTrip } from './tally';
import type { EffortBlock } from '../records/block';
import { type StrikeEvent, EVENT_KINDS, untold } from '../records/event';

test('what counts as what', () => {
  expect(EVENT_KINDS.filter(isStrike)).toEqual(['landed', 'lost', 'missed', 'bump']);
  expect(EVENT_KINDS.filter(isHooked)).toEqual(['landed', 'lost']);
  expect(EVENT_KINDS.filter(isLanded)).toEqual(['landed']);
});

describe('events to signs', () => {
  const at = 1_000_000;
  const signs = (events: [StrikeEvent['kind'], StrikeEvent['phase']][], casts = 0) =>
    Object.fromEntries(
      signsFromLog(
        events.map(([kind, phase]) => ({ kind, phase, atMs: at })),
        casts,
        0.4,
        at + 600_000,
      ).map((s) => [s.kind, s.count]),
    );
  test.each([
    ['a follow is a follow', [['follow', 'move']], { follow: 1 }],
    ['a bump is a short strike only', [['bump', 'pause']], { 'short-strike': 1 }],
    ['a miss is a short strike and a bite', [['missed', 'fall']], { 'short-strike': 1, 'bite-on-fall': 1 }],
    ['a hit on the splash is at once', [['landed', 'splash']], { 'bite-on-splash': 1, 'hit-at-once': 1 }],
    ['at the boat is on the move', [['lost', 'boat']], { 'bite-on-move': 1 }],
    ['without a phase there is no bite sign', [['landed', null]], {}],
    [
      'like signs add',
      [
        ['landed', 'pause'],
        ['lost', 'pause'],
      ],
      { 'bite-on-pause': 2 },
    ],
    [
      'snags say nothing',
      [
        ['snag', null],
        ['lure-lost', null],
      ],
      {},
    ],
  ] as [string, [StrikeEvent['kind'], StrikeEvent['phase']][], Record<string, number>][])(
    '%s',
    (_name, events, want) => {
      expect(signs(events)).toEqual(want);
    },
  );

  test('casts without a strike are empty casts, weighted by the zone', () => {
    const s = signsFromLog([{ kind: 'landed', phase: 'move', atMs: at }], 12, 0.4, at);
    expect(s.find((x) => x.kind === 'empty-cast')).toEqual({ kind: 'empty-cast', count: 11, zoneShare: 0.4 });
  });

  test('age is in minutes, never negative', () => {
    const [s] = signsFromLog([{ kind: 'follow', phase: null, atMs: at }], 0, 0.5, at + 600_000);
    expect(s!.minutesAgo).toBe(10);
    expect(signsFromLog([{ kind: 'follow', phase: null, atMs: at }], 0, 0.5, at - 5000)[0]!.minutesAgo).toBe(0);
  });
});

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const today = world.trip['trip-today']!;
const now = today.startedAtMs + 600_000;

describe('effort blocks and tallies', () => {
  const template = Object.values(world.block)[0]!;
  const block = (id: string, change: Partial<EffortBlock> = {}): EffortBlock => ({
    ...template,
    id,
    tripId: today.id,
    startedAtMs: now,
    ...change,
  });
  const conditions = composeDay(world, today, now, 10)!.conditions;

  test('the same hands on the same water stay in one block; a reading opens another', () => {
    const b = block('b1', { presentationId: 'p', conditions: conditions as EffortBlock['conditions'] });
    expect(openBlock([b], 'p', conditions)?.id).toBe('b1');
    expect(openBlock([b], 'q', conditions)).toBeNull();
    expect(openBlock([b], 'p', { ...conditions, water: { ...conditions.water, clarityM: 0.3 } })).toBeNull();
    expect(openBlock([], 'p', conditions)).toBeNull();
  });

  test('the creeping sun and the log’s own signs open no block', () => {
    expect(
      conditionsKey({
        ...conditions,
        sky: { ...conditions.sky, sunElevationDeg: 40 },
        signs: [{ kind: 'follow', count: 2 }],
      }),
    ).toBe(conditionsKey(conditions));
    expect(conditionsKey({ ...conditions, sky: { ...conditions.sky, cloud: 0.1 } })).not.toBe(
      conditionsKey(conditions),
    );
  });

  test('a tombstone takes exactly one thing back, and order is by sequence, not by clock', () => {
    const event = (id: string, seq: number, kind: StrikeEvent['kind'], atMs = now): StrikeEvent => ({
      id,
      blockId: 'b1',
      seq,
      atMs,
      ...untold(kind),
      phase: 'pause',
    });
    const book: Book = applyPuts(world, [
      put('block', block('b1')),
      put('cast', { id: 'c1', blockId: 'b1', seq: 0, atMs: now, count: 1 }),
      put('cast', { id: 'c2', blockId: 'b1', seq: 1, atMs: now, count: 1 }),
      put('event', event('e1', 3, 'landed', now - 3600_000)),
      put('event', event('e2', 2, 'missed')),
      put('tombstone', { id: 'gone-c2', of: 'c2', atMs: now }),
    ]);
    const t = tallyTrip(book, today.id, now);
    expect([t.casts, t.strikes, t.hooked, t.landed]).toEqual([1, 2, 1, 1]);
    expect(t.events.map((e) => e.id)).toEqual(['e2', 'e1']);
    expect(standing(book, 'cast').filter((c) => c.blockId === 'b1')).toHaveLength(1);
  });

  test('events and casts are stored one key each, under their block', () => {
    expect(storageKey(put('cast', { id: 'c1', blockId: 'b1', seq: 7, atMs: 0, count: 1 }))).toBe('cast/b1/000007-c1');
    expect(storageKey(put('lure', world.lure['lure-alder']!))).toBe('lure/lure-alder');
  });

  test('another spot opens another block', () => {
    const atSpot = { ...Object.values(world.block)[0]!, spotId: 'a' };
    expect(openBlock([atSpot], atSpot.presentationId, atSpot.conditions as Conditions, 'a')).toBe(atSpot);
    expect(openBlock([atSpot], atSpot.presentationId, atSpot.conditions as Conditions, 'b')).toBeNull();
  });
});
