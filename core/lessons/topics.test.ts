/** What the record answers, question by question. */
import { block, casts, event, someBlock, trip } from '../../demo/pieces';
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, put, type Book, type Put } from '../records';
import { fishedIn, total, withExpected } from './fished';
import { funnelOf } from './funnel';
import { byTime } from './hours';
import { accountsOf } from './ledger';
import { likeNow } from './like';
import { byPhase } from './phases';
import { seasonOf } from './season';
import { byWater, liesIn, nearest } from './waterMap';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const bookOf = (...puts: Put[]): Book => applyPuts(emptyBook(), puts);
const fishedOf = (...puts: Put[]) => fishedIn(bookOf(...puts));
const all = fishedIn(world);

test('a block is a day’s, in its order, once; one without a cast or an event is none', () => {
  const fished = fishedOf(
    trip('late', { startedAtMs: 9 }),
    trip('early', { startedAtMs: 1 }),
    block('c', 'late', 'p', { seq: 0 }),
    block('b', 'early', 'p', { seq: 4 }),
    block('a', 'early', 'q', { seq: 2 }),
    block('none', 'early', 'q'),
    ...['a', 'b', 'c'].map((id) => casts(id, 10)),
  );
  expect(fished.map((f) => f.block.id)).toEqual(['a', 'b', 'c']);
  expect(fished[0]).toMatchObject({ expected: 0.4, tally: { casts: 10 } });
  expect(withExpected(fished, { a: 3 }).map((f) => f.expected)).toEqual([3, 0.4, 0.4]);
});

test('parts of the cast: strikes by their moment, over the time that lures spent in it', () => {
  const rates = byPhase(
    fishedOf(
      trip('t'),
      block('a', 't', 'p'),
      casts('a', 60),
      event('a', 1, 'landed', 'pause'),
      event('a', 2, 'missed', 'pause'),
      event('a', 3, 'follow', 'move'),
      event('a', 4, 'bump', null),
    ),
  );
  const at = (phase: string) => rates.find((r) => r.phase === phase)!;
  expect(at('pause')).toEqual({ phase: 'pause', strikes: 2, seconds: 1200, perHour: 6 });
  expect(at('move')).toMatchObject({ strikes: 0, seconds: 900 });
  // A minute of splashes says nothing.
  expect(at('splash').perHour).toBeNull();
});

describe('hours', () => {
  const start = Date.parse('2026-07-04T05:40:00-05:00');
  const lantern = world.water['water-lantern']!;
  const thrum = world.water['water-thrum']!;
  const season = (waterId: string) =>
    bookOf(
      put('water', lantern),
      put('water', thrum),
      ...Object.values(world.stationReport).map((r) => put('stationReport', r)),
      trip('t', { waterId, startedAtMs: start }),
      block('a', 't', 'p', { startedAtMs: start }),
      casts('a', 60, start),
      event('a', 1, 'landed', 'move', start + 5 * 60_000),
      event('a', 2, 'landed', 'move', start + 30 * 60_000),
    );

  test('casts lie along the clock of the water, strikes at their own moment, and no minute is lost', () => {
    const book = season('water-lantern');
    const fished = fishedIn(book);
    const { hours, lights, tides } = byTime(fished, book);
    expect(hours.map((h) => [h.hour, h.strikes])).toEqual([
      [5, 1],
      [6, 1],
    ]);
    expect(hours[0]!.minutes).toBeCloseTo(20, 6);
    expect(hours.reduce((sum, h) => sum + h.minutes, 0)).toBeCloseTo(fished[0]!.minutes, 6);
    expect(lights.reduce((sum, l) => sum + l.strikes, 0)).toBe(2);
    // Where there is no tide none is told.
    expect(tides).toEqual([]);
  });

  test('a tidal water tells its tide; night is night', () => {
    const book = season('water-thrum');
    const { tides } = byTime(fishedIn(book), book);
    expect(tides.reduce((sum, t) => sum + t.strikes, 0)).toBe(2);
    const night = Date.parse('2026-07-04T23:30:00-05:00');
    const dark = byTime(
      fishedIn(
        bookOf(
          trip('t', { waterId: 'water-lantern', startedAtMs: night }),
          block('a', 't', 'p'),
          casts('a', 10, night),
        ),
      ),
      book,
    );
    expect(dark.hours.map((h) => [h.hour, h.light])).toEqual([[23, 'dark']]);
  });

  test('over the demo season minutes and strikes add up', () => {
    const { hours, lights } = byTime(all, world);
    for (const parts of [hours, lights]) {
      expect(parts.reduce((sum, x) => sum + x.minutes, 0)).toBeCloseTo(
        total(all, (f) => f.minutes),
        4,
      );
      expect(parts.reduce((sum, x) => sum + x.strikes, 0)).toBe(total(all, (f) => f.tally.strikes));
    }
  });
});

describe('waters', () => {
  const water = (surfaceTempC: number | null, clarityM: number | null) => ({
    conditions: {
      ...someBlock.conditions,
      water: { ...someBlock.conditions.water, surfaceTempC, clarityM },
    } as typeof someBlock.conditions,
  });

  test('a block lies in one cell by what was read, and one without a reading in none', () => {
    const { cells, unread } = byWater(
      fishedOf(
        trip('t'),
        block('a', 't', 'p', water(13, 0.99)),
        block('b', 't', 'p', water(12.9, 1)),
        block('c', 't', 'p', water(null, 1)),
        ...['a', 'b', 'c'].map((id) => casts(id, 20)),
        event('b', 1, 'landed', 'move'),
      ),
    );
    expect(unread).toBe(1);
    expect(cells.map((c) => [c.warmC, c.clearM, c.strikes])).toEqual([
      [[8, 13], [1, 2], 1],
      [[13, 18], [0.5, 1], 0],
    ]);
    expect(cells.map((c) => liesIn(c, 10, 1.5))).toEqual([true, false]);
    expect(nearest(cells, { tempC: 9, clarityM: 30 })).toBe(cells[0]);
    expect(nearest(cells, { tempC: 30, clarityM: 0.1 })).toBe(cells[1]);
    expect(nearest([], { tempC: 1, clarityM: 1 })).toBeNull();
  });

  test('the demo season is all in it', () => {
    const { cells, unread } = byWater(all);
    expect(unread).toBe(0);
    expect(cells.reduce((sum, c) => sum + c.strikes, 0)).toBe(total(all, (f) => f.tally.strikes));
    for (const c of cells) expect(c.byLure.reduce((sum, l) => sum + l.strikes, 0)).toBe(c.strikes);
  });
});

test('from cast to landed: every step, and where fish were lost', () => {
  const f = funnelOf(
    fishedOf(
      trip('t'),
      block('a', 't', 'p'),
      casts('a', 50),
      event('a', 1, 'landed', 'move'),
      event('a', 2, 'lost', 'move'),
      event('a', 3, 'missed', 'splash'),
      event('a', 4, 'bump', null),
      event('a', 5, 'follow', null),
      event('a', 6, 'snag', null),
    ),
  );
  expect(f).toMatchObject({ casts: 50, follows: 1, strikes: 4, bumps: 1, missed: 1, hooked: 2, lost: 1, landed: 1 });
  expect(f.byPhase.map((x) => [x.phase, x.strikes])).toEqual([
    ['splash', 1],
    ['move', 2],
  ]);
  expect(f.byLure).toHaveLength(1);
});

test('a lost lure costs its price; one without a price is said to have none', () => {
  const lure = Object.values(world.lure)[0]!;
  const of = (priceMinor: number | null) => {
    const book = bookOf(
      put('lure', { ...lure, priceMinor: priceMinor ?? 0 }),
      trip('t'),
      block('a', 't', 'p', { presentation: { ...someBlock.presentation, lureId: lure.id } }),
      casts('a', 50),
      event('a', 1, 'landed', 'move'),
      event('a', 2, 'snag', 'move'),
      event('a', 3, 'lure-lost', 'move'),
      event('a', 4, 'lure-lost', 'move'),
    );
    return accountsOf(fishedIn(book), book.lure)[0]!;
  };
  expect(of(450)).toMatchObject({ lureName: lure.name, snags: 1, lost: 2, costMinor: 900, landed: 1 });
  expect(of(null).costMinor).toBeNull();
});

test('the season has a line for every day, blanks too', () => {
  const days = seasonOf(all);
  expect(days.map((d) => d.tripId)).toEqual([...new Set(all.map((f) => f.trip.id))]);
  expect(days.filter((d) => d.strikes === 0).length).toBeGreaterThan(0);
  expect(days.reduce((sum, d) => sum + d.casts, 0)).toBe(total(all, (f) => f.tally.casts));
});

test('hours like now: nothing of nothing, the near days first, no more hours than were fished', () => {
  expect(likeNow(all, {})).toBeNull();
  const like = Object.fromEntries(all.map((f, i) => [f.block.id, i === 3 ? 1 : 0.1]));
  const l = likeNow(all, like)!;
  expect(l.days[0]!.tripId).toBe(all[3]!.trip.id);
  expect(l.hours).toBeLessThan(total(all, (f) => f.minutes) / 60);
  expect(l.perHour.low).toBeLessThan(l.perHour.mean);
  expect(likeNow(all, Object.fromEntries(all.map((f) => [f.block.id, 1])))!.strikes).toBe(
    total(all, (f) => f.tally.strikes),
  );
});
