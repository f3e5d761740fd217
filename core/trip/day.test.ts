/** A day put together from all who say something of it. */
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, type Book } from '../records';
import type { Trip } from '../records/trip';
import { composeDay, lastVisit, readingsNow, reportFor, temperatureHistory, tideFor } from './day';

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

describe('where a reading comes from', () => {
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
});

describe('what each may say', () => {
  const NOW = Date.parse('2026-10-08T05:49:00-05:00');
  const HOUR = 3_600_000;
  const bare: Trip = { ...today, readings: { water: {}, sky: {} } };
  const day = (book: Book, trip: Trip) => composeDay(book, trip, NOW, 10)!;

  test('signs tapped by hand are kept for six hours, with their age', () => {
    const at = (hours: number) => ({ kind: 'follow' as const, count: 2, atMs: NOW - hours * HOUR });
    const signs = (...hours: number[]) => day(world, { ...bare, signs: hours.map(at) }).conditions.signs;
    expect(signs(1)).toEqual([{ kind: 'follow', count: 2, minutesAgo: 60 }]);
    expect(signs(5.9)).toHaveLength(1);
    expect(signs(6, 6.1)).toEqual([]);
    expect(signs(-1)![0]!.minutesAgo).toBe(0);
  });

  test('a report is of the water’s own station, or of none', () => {
    const lantern = world.water['water-lantern']!;
    expect(reportFor(world, lantern)).toMatchObject({ via: world.stationReport[lantern.station!]!.via });
    expect(reportFor(world, { ...lantern, station: null })).toBeNull();
    expect(reportFor({ stationReport: {} }, lantern)).toBeNull();
  });

  test('entered turns count only while they reach over the moment asked', () => {
    const creek = world.water['water-thrum']!;
    const turns = [NOW - HOUR, NOW + HOUR].map((atMs, i) => ({ atMs, heightM: i }));
    const book = { ...world, tides: { 'water-thrum': { id: 'water-thrum', turns } } };
    expect(tideFor(book, creek, NOW)!.kind).toBe('turns');
    expect(tideFor(book, creek, NOW - HOUR)!.kind).toBe('turns');
    expect(tideFor(book, creek, NOW + HOUR)!.kind).toBe('turns');
    expect(tideFor(book, creek, NOW + 2 * HOUR)!.kind).toBe('constituents');
    expect(tideFor(book, creek, NOW - 2 * HOUR)!.kind).toBe('constituents');
    const one = { ...book, tides: { 'water-thrum': { id: 'water-thrum', turns: turns.slice(0, 1) } } };
    expect(tideFor(one, creek, NOW - HOUR)!.kind).toBe('constituents');
    expect(tideFor({ ...one, stationReport: {} }, creek, NOW)).toBeNull();
  });

  test('marks on a screen say more of where the fish are than habit, and are told as worked out', () => {
    const marked = day(world, { ...bare, readings: { water: {}, sky: {}, marks: [{ depthM: 2.5, count: 3 }] } });
    expect(marked.conditions.water.fishDepthM).toBeNull();
    expect(marked.sources.get('water.fishDepthM')).toBe('worked-out');
    expect(day(world, bare).sources.get('water.fishDepthM')).toBe('usual');
    const none = day(world, { ...bare, readings: { water: {}, sky: {}, marks: [] } });
    expect(none.conditions.water.fishDepthM).toBe(world.water['water-lantern']!.usual.fishDepthM);
  });

  test('the chop follows from a known wind, and is a default without one', () => {
    const calm = { ...world, stationReport: {} };
    expect(day(calm, bare).sources.get('water.waveHeightM')).toBe('default');
    const windy = { ...bare, readings: { water: { windMps: 6 }, sky: {} } };
    expect(day(calm, windy).sources.get('water.waveHeightM')).toBe('worked-out');
    expect(day(calm, windy).assumed.has('water.waveHeightM')).toBe(false);
  });

  test('what is usual there stands in: bottom, cover, food, stand; salinity is the water’s unless it was read', () => {
    const { usual, salinity } = world.water['water-thrum']!;
    const d = day(world, { ...bare, waterId: 'water-thrum' });
    expect(d.conditions).toMatchObject({
      forage: usual.forage,
      water: { bottom: usual.bottom, cover: usual.cover, depthM: usual.depthM, salinity },
    });
    const poor = {
      ...world,
      water: { ...world.water, 'water-thrum': { ...world.water['water-thrum']!, usual: { ...usual, forage: [] } } },
    };
    expect(day(poor, { ...bare, waterId: 'water-thrum' }).sources.get('forage')).toBe('default');
    const read = { ...bare, waterId: 'water-thrum', readings: { water: { salinity: 'fresh' as const }, sky: {} } };
    expect(day(world, read).conditions.water.salinity).toBe('fresh');
  });

  test('the sun is where it stands unless it was read; in whole degrees', () => {
    const d = day(world, bare);
    expect(Number.isInteger(d.conditions.sky!.sunElevationDeg)).toBe(true);
    const read = { ...bare, readings: { water: {}, sky: { sunElevationDeg: 40 } } };
    expect(day(world, read).conditions.sky!.sunElevationDeg).toBe(40);
  });

  test('the temperatures of a water are those of its own days, in order of time', () => {
    const history = temperatureHistory(world, 'water-lantern');
    expect(history.length).toBeGreaterThan(1);
    expect([...history].sort((a, b) => a.atMs - b.atMs)).toEqual(history);
    expect(temperatureHistory(world, 'nowhere')).toEqual([]);
    const unread = { trip: { x: bare }, waterLog: {}, tombstone: {} };
    expect(temperatureHistory(unread, bare.waterId)).toEqual([]);
  });

  test('the last visit is the newest before this one', () => {
    const at = (id: string, startedAtMs: number, waterId = 'w'): Trip => ({ ...bare, id, waterId, startedAtMs });
    const trips = [at('old', 1), at('newer', 5), at('elsewhere', 7, 'v'), at('this', 9), at('next', 20)];
    const book = { trip: Object.fromEntries(trips.map((t) => [t.id, t])), tombstone: {} };
    expect(lastVisit(book, trips[3]!)!.id).toBe('newer');
    const gone = { g: { id: 'g', of: 'newer', atMs: 1 } };
    expect(lastVisit({ ...book, tombstone: gone }, trips[3]!)!.id).toBe('old');
    expect(lastVisit(book, trips[0]!)).toBeNull();
  });
});
