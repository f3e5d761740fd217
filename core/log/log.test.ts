import { applyPuts, emptyBook, put, standing, storageKey, type Book } from '../records';
import type { Trip } from '../records/trip';
import type { Conditions } from '../water/conditions';
import { buildDemoWorld } from '../../demo/world';
import { composeDay, lastVisit, readingsNow } from '../trip/day';
import { conditionsKey, openBlock } from './effort';
import { isHooked, isLanded, isStrike, signsFromLog } from './events';
import { tallyTrip } from './tally';
import type { EffortBlock } from '../records/block';
import { type StrikeEvent, EVENT_KINDS } from '../records/event';

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

describe('a day', () => {
  test('takes what was read, then what is usual, and says which', () => {
    const d = composeDay(world, today, now, 10)!;
    expect(d.conditions.water.surfaceTempC).toBe(12.2);
    expect(d.conditions.water.clarityM).toBe(world.water['water-lantern']!.usual.clarityM);
    expect(d.assumed.has('water.clarityM')).toBe(true);
    expect(d.assumed.has('water.surfaceTempC')).toBe(false);
    expect(d.conditions.sky!.sunElevationDeg).toBeLessThan(2);
  });

  test('a water that is gone makes no day', () => {
    expect(composeDay(emptyBook(), today, now, 10)).toBeNull();
  });

  test('signs tapped hours ago are forgotten', () => {
    const t = { ...today, signs: [{ kind: 'follow' as const, count: 1, atMs: now - 10 * 3600_000 }] };
    expect(composeDay(world, t, now, 10)!.conditions.signs).toEqual([]);
  });
});

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
      kind,
      phase: 'pause',
      place: null,
      side: null,
      depthM: null,
      lengthM: null,
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
});

describe('where a reading comes from', () => {
  const world = applyPuts(emptyBook(), buildDemoWorld(0));
  const today = world.trip['trip-today']!;
  const NOW = Date.parse('2026-10-08T05:49:00-05:00');
  const day = (book: Book, trip: Trip = today, nowMs = NOW) => composeDay(book, trip, nowMs, 10)!;

  test('what was read wins over the station, the station over what is usual, and each is told', () => {
    const d = day(world);
    expect(d.conditions.water.surfaceTempC).toBe(12.2);
    expect(d.sources.get('water.surfaceTempC')).toBe('read');
    expect(d.sources.get('water.windMps')).toBe('station');
    expect(d.sources.get('water.clarityM')).toBe('usual');
    expect(d.sources.get('forageAbundance')).toBe('default');
    const unread = day(world, { ...today, readings: { water: {}, sky: {} } });
    expect(unread.sources.get('water.surfaceTempC')).toBe('station');
    expect(unread.sources.get('water.waveHeightM')).toBe('worked-out');
    expect(unread.assumed.has('water.surfaceTempC')).toBe(false);
    expect(unread.assumed.has('water.clarityM')).toBe(true);
  });

  test('without a station, or with one that is too old, the default stands and is marked', () => {
    const none = { ...world, stationReport: {} };
    const bare = { ...today, readings: { water: {}, sky: {} } };
    expect(day(none, bare).sources.get('water.windMps')).toBe('default');
    expect(day(none, bare).station).toBeNull();
    expect(day(world, bare, NOW + 20 * 3_600_000).sources.get('sky.cloud')).toBe('default');
  });

  describe('the current runs the other way after the tide has turned', () => {
    const HOUR = 3_600_000;
    const turns = [-8, -2, 4, 10].map((h, i) => ({ atMs: NOW + h * HOUR, heightM: i % 2 === 0 ? 0.2 : 1.4 }));
    const tidal = (water = 'water-lantern') => ({ ...world, tides: { [water]: { id: water, turns } } }) as Book;
    const said = (angle: number | undefined, hoursAgo: number): Trip => ({
      ...today,
      readings: { water: { currentAngleDeg: angle }, sky: {} },
      readAtMs: NOW - hoursAgo * HOUR,
    });

    test.each([
      [0, 180],
      [90, -90],
      [180, 0],
      [-90, 90],
    ])('said as %d on the flood, %d on the ebb, and told', (angle, then) => {
      const d = day(tidal(), said(angle, 4));
      expect(d.conditions.water.currentAngleDeg).toBe(then);
      expect(d.trip.readings.water.currentAngleDeg).toBe(then);
      expect(d.turned).toBe(true);
    });

    test.each([
      ['said on this tide', tidal(), said(90, 1)],
      ['two turns later', tidal(), said(90, 9)],
      ['no tide known', world, said(90, 4)],
      ['another water’s tide', tidal('water-sedge'), said(90, 4)],
    ])('%s: it stands', (_name, book, trip) => {
      const d = day(book, trip);
      expect(d.conditions.water.currentAngleDeg).toBe(90);
      expect(d.turned).toBe(false);
    });

    test('nothing said, nothing turned', () => {
      expect(day(tidal(), said(undefined, 4)).turned).toBe(false);
    });

    test('what is read next starts from the way it runs now', () => {
      expect(readingsNow(tidal(), said(90, 4), NOW).water.currentAngleDeg).toBe(-90);
    });
  });

  test('the trend comes from the readings of past days on that water, by hand or imported', () => {
    const bare = { ...today, readings: { water: {}, sky: {} } };
    const point = (days: number, tempC: number) => ({ atMs: NOW - days * 24 * 3_600_000, tempC });
    const logged = {
      ...world,
      waterLog: {
        l: {
          id: 'l',
          waterId: 'water-lantern',
          name: 'pier.csv',
          points: [point(4, 18), point(2, 16), point(0.2, 14.2)],
        },
      },
    };
    const d = day(logged, bare);
    expect(d.sources.get('water.tempChange3dC')).toBe('log');
    // Three imported days fall by a degree each, and this morning's own reading is colder still.
    expect(d.conditions.water.tempChange3dC).toBeCloseTo(-3.7, 1);
    expect(
      day({ ...logged, waterLog: { l: { ...logged.waterLog.l, waterId: 'water-sedge' } } }, bare).sources.get(
        'water.tempChange3dC',
      ),
    ).toBe('station');
  });

  test('current and stage come with the tide; entered turns win over the gauge', () => {
    const creek: Trip = {
      ...today,
      waterId: 'water-thrum',
      species: 'spotted-seatrout',
      readings: { water: {}, sky: {} },
    };
    const gauge = day(world, creek);
    expect(gauge.sources.get('water.currentMps')).toBe('tide');
    expect(gauge.tide!.kind).toBe('constituents');
    const turns = [
      { atMs: NOW - 3 * 3_600_000, heightM: 0.2 },
      { atMs: NOW + 3 * 3_600_000, heightM: 1.8 },
    ];
    const entered = day({ ...world, tides: { 'water-thrum': { id: 'water-thrum', turns } } }, creek);
    expect(entered.tide!.kind).toBe('turns');
    expect(entered.conditions.water.tideStage).toBe('rising');
    expect(entered.conditions.water.currentMps).toBeGreaterThan(0.2);
  });

  test('the last visit is the one before, on the same water', () => {
    expect(lastVisit(world, today)!.waterId).toBe('water-lantern');
    expect(lastVisit(world, { ...today, waterId: 'elsewhere' })).toBeNull();
  });

  test('another spot opens another block', () => {
    const block = { ...Object.values(world.block)[0]!, spotId: 'a' };
    expect(openBlock([block], block.presentationId, block.conditions as Conditions, 'a')).toBe(block);
    expect(openBlock([block], block.presentationId, block.conditions as Conditions, 'b')).toBeNull();
  });
});
