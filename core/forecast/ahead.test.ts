import { untold } from '../records/event';
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, put, type Book } from '../records';
import type { Spot } from '../records/spot';
import type { Trip } from '../records/trip';
import { composeDay } from '../trip/day';
import { resolveConditions } from '../water/resolve';
import { candidatesFor, dayQuestion, roundFor, spotsOf, type Ahead } from './ahead';
import { restingSpots } from './rest';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const HOUR = 3_600_000;
const NOW = Date.parse('2026-10-08T05:49:00-05:00');
const today: Trip = { ...world.trip['trip-today']!, readings: { water: { surfaceTempC: 14 }, sky: {} } };
const water = world.water[today.waterId]!;

function ahead(change: Partial<Ahead> = {}, trip = today, book: Book = world): Ahead {
  const day = composeDay(book, trip, NOW, 10)!;
  return { day, reading: resolveConditions(day.conditions), nowMs: NOW, daysAhead: 0, ...change };
}
const question = (change: Partial<Ahead> = {}, trip = today, book: Book = world, moon = false) =>
  dayQuestion(book, ahead(change, trip, book), '2026-10-08', moon);

describe('the question of a day', () => {
  test('is of that place and date, without the sun, the signs and the doubts of this minute', () => {
    const q = question();
    expect(q.place).toEqual({ latDeg: water.latDeg, lonDeg: water.lonDeg, zone: water.zone });
    expect(q.date).toBe('2026-10-08');
    expect(q.reading).toMatchObject({ sunElevationDeg: 0, signs: [], assumed: [], surfaceTempC: 14 });
  });
  test('brings the forecast’s cloud; today the sky as it was read holds for two hours', () => {
    const report = world.stationReport[water.station!]!.report;
    const told = report.hours.map((h) => [Date.parse(h.time), h.cloud] as const);
    expect(question().cloud).toEqual(told);
    const read = { ...today, readings: { water: {}, sky: { cloud: 0.2 } } };
    expect(question({}, read).cloud).toEqual([
      [NOW, 0.2],
      [NOW + 2 * HOUR, 0.2],
      ...told.filter(([t]) => t > NOW + 2 * HOUR),
    ]);
    expect(question({ daysAhead: 1 }, read).cloud).toHaveLength(report.hours.length);
  });
  test('lays the last day’s wave of temperature over the days around, through what was read now', () => {
    const { waterC } = question();
    const past = world.stationReport[water.station!]!.report.waterTemps.filter((x) => {
      const t = Date.parse(x.time);
      return t > NOW - 24 * HOUR && t <= NOW;
    });
    expect(waterC).toHaveLength(4 * past.length);
    const times = waterC.map(([t]) => t);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    // The newest measured hour carries what was read now.
    const newest = Date.parse(past.at(-1)!.time);
    expect(waterC.find(([t]) => t === newest)![1]).toBeCloseTo(14, 9);
    expect(waterC.find(([t]) => t === newest + 24 * HOUR)![1]).toBeCloseTo(14, 9);
    const first = Date.parse(past[0]!.time);
    expect(waterC.find(([t]) => t === first)![1]).toBeCloseTo(14 + past[0]!.tempC - past.at(-1)!.tempC, 9);
    // For tomorrow the same wave, a day later.
    expect(question({ daysAhead: 1 }).waterC[0]![0]).toBe(times[0]! + 24 * HOUR);
    expect(question({ daysAhead: 3 }).waterC[0]![0]).toBe(times[0]! + 72 * HOUR);
  });
  test('asks nothing of a report that is old, missing, or too short to show a day', () => {
    expect(question({ nowMs: NOW + 20 * HOUR })).toMatchObject({ cloud: [], waterC: [] });
    const none = { ...world, stationReport: {} };
    expect(question({}, today, none)).toMatchObject({ cloud: [], waterC: [] });
    const stored = world.stationReport[water.station!]!;
    const short = {
      ...world,
      stationReport: {
        [water.station!]: { ...stored, report: { ...stored.report, waterTemps: stored.report.waterTemps.slice(-5) } },
      },
    } as Book;
    expect(question({}, today, short).waterC).toEqual([]);
  });
  test('takes the tide of that day, and counts the moon only for those who plan by it', () => {
    expect(question().tide).toBeNull();
    const creek = { ...today, waterId: 'water-thrum' };
    expect(question({}, creek).tide!.kind).toBe('constituents');
    expect(question().moonGain).toBe(0);
    expect(question({}, today, world, true).moonGain).toBeCloseTo(0.15, 12);
  });
});

describe('the spots to choose among', () => {
  const spots = spotsOf(world, 'water-lantern');
  test('are those of this water that are in use', () => {
    expect(spots.length).toBeGreaterThan(1);
    for (const s of spots) expect(s.waterId).toBe('water-lantern');
    const retired = applyPuts(world, [put('spot', { ...spots[0]!, retiredAtMs: 1 })]);
    expect(spotsOf(retired, 'water-lantern').map((s) => s.id)).not.toContain(spots[0]!.id);
    expect(spotsOf(world, 'nowhere')).toEqual([]);
  });
  test('carry what is known of them; one that rests waits today, and no other day', () => {
    const [first, second] = spots as [Spot, Spot];
    const rest = [{ spotId: first.id, place: null, kind: 'missed' as const, sinceMs: 1, readyAtMs: 77 }];
    const limb = rest.map((r) => ({ ...r, place: 'inside' as const }));
    expect(candidatesFor([first], limb, 0)[0]!.restUntilMs).toBeNull();
    const [a, b] = candidatesFor([first, second], rest, 0);
    expect(a).toEqual({
      id: first.id,
      latDeg: first.latDeg,
      lonDeg: first.lonDeg,
      bait: first.bait,
      current: first.current,
      structure: first.structure,
      depthChange: first.depthChange,
      bestTide: first.bestTide,
      bestLight: first.bestLight,
      restUntilMs: 77,
    });
    expect(b!.restUntilMs).toBeNull();
    expect(candidatesFor([first], rest, 1)[0]!.restUntilMs).toBeNull();
  });
});

describe('the round', () => {
  const spots = spotsOf(world, 'water-lantern');
  const here = spots.find((s) => s.id === today.spotId)!;
  test('begins today at this quarter of an hour and where one stands', () => {
    const r = roundFor(ahead(), spots);
    expect(r).toMatchObject({ toMs: Infinity, at: { latDeg: here.latDeg, lonDeg: here.lonDeg } });
    expect(r.fromMs).toBe(Date.parse('2026-10-08T05:45:00-05:00'));
    expect(r.notBeforeMs).toBe(r.fromMs);
    expect(roundFor(ahead({}, { ...today, spotId: null }), spots).at).toBeNull();
  });
  test('another day begins whenever it is best, wherever', () => {
    expect(roundFor(ahead({ daysAhead: 2 }), spots)).toMatchObject({
      fromMs: -Infinity,
      notBeforeMs: -Infinity,
      at: null,
    });
  });
  test.each([
    ['bow', 6],
    ['kayak', 1.3],
    ['wade', 0.6],
  ] as const)('from a %s one moves at %d m/s', (access, mps) => {
    const by = { ...today, readings: { ...today.readings, access } };
    expect(roundFor(ahead({}, by), spots).travelMps).toBe(mps);
  });
});

describe('spots at rest, from the log', () => {
  const block = Object.values(world.block).find((b) => b.tripId !== 'trip-today')!;
  const missed = (id: string, blockId: string, atMs: number) =>
    put('event', {
      id,
      blockId,
      seq: 0,
      atMs,
      ...untold('missed'),
    });
  const book = applyPuts(emptyBook(), [
    put('block', { ...block, id: 'mine', tripId: 'trip-today', spotId: 'spot-alders' }),
    put('block', { ...block, id: 'theirs', tripId: 'another', spotId: 'spot-pads' }),
    missed('e1', 'mine', NOW),
    missed('e2', 'theirs', NOW),
  ]);
  test('only what happened on this trip, at the spot of its block, until it is gone back to', () => {
    const list = restingSpots(book, 'trip-today', 2, NOW);
    expect(list).toEqual([
      { spotId: 'spot-alders', place: null, kind: 'missed', sinceMs: NOW, readyAtMs: NOW + 75 * 60_000 },
    ]);
    const back = (minutes: number, blockId = 'mine') =>
      restingSpots(
        applyPuts(book, [put('cast', { id: 'c', blockId, seq: 1, atMs: NOW + minutes * 60_000, count: 1 })]),
        'trip-today',
        2,
        NOW + 80 * 60_000,
      );
    expect(back(74)).toHaveLength(1);
    expect(back(75)).toHaveLength(0);
    expect(back(76, 'theirs')).toHaveLength(1);
  });
  test('what was taken back lets nothing rest', () => {
    const undone = applyPuts(book, [put('tombstone', { id: 'gone', of: 'e1', atMs: NOW })]);
    expect(restingSpots(undone, 'trip-today', 2, NOW)).toEqual([]);
  });
});
