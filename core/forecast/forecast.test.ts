import { assert as assertProperty, boolean, constantFrom, double, integer, property, record } from 'fast-check';
import type { Conditions } from '../water/conditions';
import { STATIONS } from '../stations/places';
import { risingTo, tideNow, type TideSource } from '../tide/source';
import { computeDayLine, type DayLine, type DayQuestion } from './line';
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, put } from '../records';
import { untold, type EventKind } from '../records/event';
import { leftOver, restList, restMinutes, type Touch } from './rest';
import { distanceM } from '../base/ground';
import { planRound, spotQuality, worthAt, type SpotCandidate } from './spots';
import { candidate } from '../fixtures/usualSpot';
import { resolveConditions } from '../water/resolve';

const HOUR = 3_600_000;
const place = { latDeg: 45, lonDeg: -75, zone: 'Etc/GMT+5' };
const armTide: TideSource = { kind: 'constituents', ...STATIONS['arm-light'].tide! };
function question(
  more: Partial<DayQuestion> = {},
  conditions: Partial<Conditions> = {},
  water: Partial<Conditions['water']> = {},
): DayQuestion {
  return {
    place,
    date: '2026-07-04',
    reading: resolveConditions({
      species: 'largemouth-bass',
      month: 7,
      sky: { cloud: 0.2, front: 'none' },
      ...conditions,
      water: {
        setting: 'lake',
        surfaceTempC: 26,
        tempChange3dC: 0,
        clarityM: 1.5,
        depthM: 4,
        fishDepthM: 1.5,
        currentMps: 0,
        ...water,
      },
    }),
    tide: null,
    cloud: [],
    waterC: [],
    moonGain: 0,
    ...more,
  };
}
const hourOf = (ms: number): number => (ms / HOUR - 5 + 240) % 24;

describe('the day line', () => {
  test('a bright summer day: the best two hours are at low light, and it says so', () => {
    const d = computeDayLine(question({}, { species: 'walleye' }, { surfaceTempC: 22 }));
    expect(d.best!.toMs - d.best!.fromMs).toBe(2 * HOUR);
    expect(d.best!.times).toBeGreaterThan(1.1);
    const at = hourOf(d.best!.fromMs);
    expect(at < 6 || at > 18).toBe(true);
    expect(d.best!.because.map((b) => b.factor)).toContain('low-light');
  });

  test('a warming spring afternoon beats the cold dawn', () => {
    const noonMs = Date.parse('2026-04-18T12:00:00-05:00');
    const waterC = Array.from(
      { length: 25 },
      (_, i) => [noonMs + (i - 12) * HOUR, 11 + 1.6 * Math.cos((2 * Math.PI * (i - 16)) / 24)] as const,
    );
    const d = computeDayLine(
      question(
        { date: '2026-04-18', waterC },
        { month: 4, sky: { cloud: 0.7, front: 'none' } },
        { surfaceTempC: 11, clarityM: 0.8 },
      ),
    );
    expect(hourOf(d.best!.fromMs)).toBeGreaterThan(11);
    expect(d.best!.because.map((b) => b.factor)).toContain('comfort');
  });

  test('in the creek the running tide makes the day, and its turns and runs are on the line', () => {
    const d = computeDayLine(
      question(
        { tide: armTide },
        { species: 'spotted-seatrout' },
        { setting: 'tidal-creek', salinity: 'brackish', surfaceTempC: 24, clarityM: 0.7, depthM: 2, fishDepthM: 1 },
      ),
    );
    expect(d.turns.length).toBeGreaterThanOrEqual(3);
    d.turns.slice(1).forEach((t, i) => expect(t.kind).not.toBe(d.turns[i]!.kind));
    expect(d.windows.some((w) => w.kind === 'flood') && d.windows.some((w) => w.kind === 'ebb')).toBe(true);
    const best = d.steps.filter((s) => s.atMs >= d.best!.fromMs && s.atMs < d.best!.toMs);
    const mean = (v: number[]) => v.reduce((a, b) => a + b, 0) / v.length;
    expect(mean(best.map((s) => Math.abs(s.tideMps!)))).toBeGreaterThan(mean(d.steps.map((s) => Math.abs(s.tideMps!))));
  });

  test('nothing better than the best: every other two hours of the fished day promise less', () => {
    const d = computeDayLine(question());
    const open = d.steps.filter((s) => s.atMs >= d.fished.fromMs && s.atMs < d.fished.toMs);
    for (let i = 0; i + 8 <= open.length; i++)
      expect(open.slice(i, i + 8).reduce((a, s) => a + s.promise, 0) / 8).toBeLessThanOrEqual(d.best!.times + 1e-9);
    expect(open.reduce((a, s) => a + s.promise, 0) / open.length).toBeCloseTo(1, 9);
  });

  test('from now on: no best time in the past, none when the day is done', () => {
    const nowMs = Date.parse('2026-07-04T15:00:00-05:00');
    expect(computeDayLine(question(), nowMs).best!.fromMs).toBeGreaterThanOrEqual(nowMs - 15 * 60_000);
    expect(computeDayLine(question(), Date.parse('2026-07-04T23:00:00-05:00')).best).toBeNull();
  });

  test('moon periods are drawn, and count only for those who plan by them', () => {
    const plain = computeDayLine(question());
    const by = computeDayLine(question({ moonGain: 0.3 }));
    expect(plain.almanac.periods.length).toBeGreaterThanOrEqual(3);
    expect(plain.best!.because.some((b) => b.factor === 'moon')).toBe(false);
    expect(by.steps.map((s) => s.promise)).not.toEqual(plain.steps.map((s) => s.promise));
  });

  test.each([
    ['polar day', { latDeg: 74, lonDeg: 20, zone: 'Europe/Oslo' }, '2026-06-21', 96],
    ['polar night', { latDeg: 74, lonDeg: 20, zone: 'Europe/Oslo' }, '2026-12-21', 96],
    ['the day the clocks go forward', { latDeg: 44.6, lonDeg: -86, zone: 'America/Detroit' }, '2026-03-08', 92],
    ['the day they go back', { latDeg: 44.6, lonDeg: -86, zone: 'America/Detroit' }, '2026-11-01', 100],
    ['west of the date line', { latDeg: -13.8, lonDeg: -172, zone: 'Pacific/Apia' }, '2026-05-02', 96],
    ['the equator', { latDeg: 0, lonDeg: 0, zone: 'UTC' }, '2026-03-20', 96],
  ])('%s has a line', (_name, at, date, steps) => {
    const d = computeDayLine(question({ place: at, date }));
    expect(d.steps).toHaveLength(steps);
    expect(d.best).not.toBeNull();
    for (const s of d.steps) expect(Number.isFinite(s.promise) && s.promise > 0).toBe(true);
  });

  test('the tide now: slack by the turn, running between, in the direction of the rise', () => {
    const d = computeDayLine(question({ tide: armTide }));
    const high = d.turns.find((t) => t.kind === 'high')!;
    expect(tideNow(armTide, high.atMs)!.stage).toBe('high');
    const before = tideNow(armTide, high.atMs - 3 * HOUR)!;
    expect(before.stage).toBe('rising');
    expect(before.currentMps).toBeGreaterThan(0.1);
    expect(tideNow({ kind: 'turns', turns: [] }, high.atMs)).toBeNull();
    const rising = risingTo(armTide, high.atMs - 3 * HOUR)!;
    expect(Math.abs(rising.highAtMs - high.atMs)).toBeLessThan(1000);
    expect(rising.byM).toBeGreaterThan(0.3);
    expect(risingTo(armTide, high.atMs + HOUR)).toBeNull();
  });
});

describe('spots', () => {
  const line: DayLine = computeDayLine(
    question({ tide: armTide }, { species: 'spotted-seatrout' }, { setting: 'inlet', salinity: 'salt' }),
  );
  const hours = (from: string, to: string) => ({
    fromMs: Date.parse(`2026-07-04T${from}:00-05:00`),
    toMs: Date.parse(`2026-07-04T${to}:00-05:00`),
  });
  const round = (all: SpotCandidate[], more = {}) =>
    planRound(all, { line, ...hours('06:00', '10:00'), at: null, travelMps: 1.4, ...more });

  test('features found together multiply', () => {
    const has = (n: number) => spotQuality({ bait: n > 0, structure: n > 1, current: n > 2, depthChange: n > 3 });
    const q = [0, 1, 2, 3, 4].map(has);
    expect(q[4]).toBe(1);
    expect(q[0]).toBeLessThan(0.2);
    for (let i = 1; i < 5; i++) expect(q[i]! - q[i - 1]!).toBeGreaterThan(i > 1 ? q[i - 1]! - q[i - 2]! - 0.02 : 0);
  });

  test('a resting spot is worth nothing until it is ready, and is fished after', () => {
    const ready = hours('08:00', '10:00').fromMs;
    const c = candidate('a', { restUntilMs: ready });
    expect(worthAt(c, line, ready - 60_000)).toBe(0);
    const r = round([c]);
    expect(r.stays[0]!.fromMs).toBeGreaterThanOrEqual(ready);
  });

  test('each at its tide', () => {
    const r = planRound([candidate('flood', { bestTide: 'rising' }), candidate('ebb', { bestTide: 'falling' })], {
      line,
      ...hours('05:00', '19:00'),
      at: null,
      travelMps: 1.4,
    });
    for (const s of r.stays) {
      const mid = line.steps.find((x) => x.atMs >= (s.fromMs + s.toMs) / 2)!;
      expect(Math.sign(mid.tideMps!)).toBe(s.id === 'flood' ? 1 : -1);
    }
    expect(r.stays).toHaveLength(2);
  });

  test('a spot too far to reach is left out; a near one is not', () => {
    const far = candidate('far', { latDeg: 45.5 });
    const r = round([candidate('near'), far], { at: { latDeg: 45, lonDeg: -75 } });
    expect(distanceM(candidate('near'), far)).toBeGreaterThan(50_000);
    expect(r.stays.map((s) => s.id)).toEqual(['near']);
  });

  test('stays never overlap, leave time for the way, and no other order or length promises more', () => {
    const spot = record({
      bait: boolean(),
      current: boolean(),
      structure: boolean(),
      latDeg: double({ min: 45, max: 45.02, noNaN: true }),
      bestTide: constantFrom('any' as const, 'rising' as const, 'falling' as const),
    });
    assertProperty(
      property(spot, spot, spot, integer({ min: 6, max: 9 }), (a, b, c, from) => {
        const all = [candidate('a', a), candidate('b', b), candidate('c', c)];
        const o = {
          line,
          ...hours(`0${from}`.slice(-2) + ':00', '12:00'),
          at: { latDeg: 45, lonDeg: -75 },
          travelMps: 1.4,
        };
        const r = planRound(all, o);
        r.stays.forEach((s, i) => {
          expect(s.toMs).toBeGreaterThan(s.fromMs);
          if (i > 0) expect(s.fromMs).toBeGreaterThanOrEqual(r.stays[i - 1]!.toMs);
        });
        const valueOf = (stays: { id: string; fromMs: number; toMs: number; travelMin: number }[]) =>
          stays.reduce((sum, s) => {
            const spotOf = all.find((x) => x.id === s.id)!;
            const lost = (s.travelMin / 30) % 1;
            const n = Math.round((s.toMs - s.fromMs) / (30 * 60_000));
            return (
              sum +
              Array.from(
                { length: n },
                (_, k) =>
                  worthAt(spotOf, line, s.fromMs + (k + 0.5) * 30 * 60_000) * 0.75 ** k * (k === 0 ? 1 - lost : 1),
              ).reduce((x, v) => x + v, 0)
            );
          }, 0);
        // Against simple rounds: every order with equal stays.
        const slots = Math.floor((o.toMs - o.fromMs) / (30 * 60_000));
        for (const order of [
          [0, 1, 2],
          [0, 2, 1],
          [1, 0, 2],
          [1, 2, 0],
          [2, 0, 1],
          [2, 1, 0],
        ]) {
          let slot = 0;
          let at: { latDeg: number; lonDeg: number } = o.at;
          const stays = order.flatMap((k) => {
            const spotOf = all[k]!;
            const way = distanceM(at, spotOf) < 25 ? 0 : 6 + distanceM(at, spotOf) / 1.4 / 60;
            const arrive = slot + Math.floor(way / 30);
            const n = Math.min(2, slots - arrive);
            if (n < 1) return [];
            slot = arrive + n;
            at = spotOf;
            return [
              {
                id: spotOf.id,
                fromMs: o.fromMs + arrive * 30 * 60_000,
                toMs: o.fromMs + (arrive + n) * 30 * 60_000,
                travelMin: way,
              },
            ];
          });
          expect(valueOf(stays)).toBeLessThanOrEqual(valueOf(r.stays) + 0.15);
        }
      }),
      { numRuns: 40, seed: 4 },
    );
  });
});

describe('rest', () => {
  const at = (min: number) => min * 60_000;
  test('half an hour for an aggressive fish, two for a shut one, longer once it felt the hook', () => {
    expect(restMinutes('missed', 4)).toBe(30);
    expect(restMinutes('missed', 0)).toBe(120);
    expect(restMinutes('lost', 2)).toBeGreaterThan(restMinutes('missed', 2));
  });
  const touch = (spotId: string, kind: Touch['kind'], min: number, place: Touch['place'] = null): Touch => ({
    spotId,
    place,
    kind,
    atMs: at(min),
  });
  test('the last touch at each spot counts; going back ends it, another fish landed does not; the soonest first', () => {
    const list = restList(
      [
        touch('a', 'missed', 0),
        touch('b', 'lost', 5),
        touch('c', 'missed', 6),
        touch('c', 'landed', 9),
        touch('d', 'missed', -300),
        touch('e', 'bump', 1),
        touch('f', 'landed', 2),
      ],
      [{ spotId: 'e', atMs: at(100) }],
      2,
      at(10),
    );
    expect(list.map((x) => x.spotId)).toEqual(['a', 'c', 'b']);
    expect(list[0]!.readyAtMs).toBe(at(75));
  });
  test('each place of a spot rests by itself, from its own last touch', () => {
    const list = restList(
      [
        touch('a', 'missed', 0, 'edge'),
        touch('a', 'missed', 4, 'edge'),
        touch('a', 'bump', 2, 'inside'),
        touch('b', 'follow', 3),
      ],
      [],
      2,
      at(10),
    );
    expect(list.map((x) => [x.place, x.kind, x.sinceMs])).toEqual([
      ['inside', 'bump', at(2)],
      ['edge', 'missed', at(4)],
    ]);
  });
});

describe('what an earlier day left over', () => {
  const NOW = 100 * 86_400_000;
  const world = applyPuts(emptyBook(), buildDemoWorld(0));
  const some = Object.values(world.trip)[0]!;
  const block = Object.values(world.block)[0]!;
  const day = (id: string, waterId = 'w') => put('trip', { ...some, id, waterId });
  const at = (id: string, tripId: string, spotId: string | null) => put('block', { ...block, id, tripId, spotId });
  const event = (id: string, blockId: string, kind: EventKind, daysAgo: number) =>
    put('event', { id, blockId, seq: 0, atMs: NOW - daysAgo * 86_400_000, ...untold(kind) });
  const base = applyPuts(emptyBook(), [
    day('today'),
    day('before'),
    day('elsewhere', 'v'),
    at('b1', 'before', 'stump'),
    at('b2', 'before', 'bar'),
    at('b3', 'before', null),
    at('b4', 'elsewhere', 'pier'),
    at('b5', 'today', 'stump'),
    event('e1', 'b1', 'missed', 3),
    event('e2', 'b2', 'lost', 2),
    event('e3', 'b3', 'missed', 1),
    event('e4', 'b4', 'missed', 1),
  ]);
  const spots = (book = base): string[] => leftOver(book, { id: 'today', waterId: 'w' }, NOW).map((x) => x.spotId);
  test('where one was missed or lost on this water, the newest first', () => {
    expect(spots()).toEqual(['bar', 'stump']);
    expect(leftOver(base, { id: 'today', waterId: 'w' }, NOW)[0]).toMatchObject({ kind: 'lost', place: null });
  });
  test('no more once one was landed there, it is long ago, it was fished today, or the day was taken back', () => {
    expect(spots(applyPuts(base, [event('e5', 'b2', 'landed', 1)]))).toEqual(['stump']);
    expect(spots(applyPuts(base, [event('e5', 'b2', 'snag', 1)]))).toEqual(['bar', 'stump']);
    expect(spots(applyPuts(base, [event('e2', 'b2', 'lost', 11)]))).toEqual(['stump']);
    expect(spots(applyPuts(base, [put('cast', { id: 'c', blockId: 'b5', seq: 1, atMs: NOW, count: 1 })]))).toEqual([
      'bar',
    ]);
    expect(spots(applyPuts(base, [put('tombstone', { id: 'g', of: 'before', atMs: 1 })]))).toEqual([]);
  });
});
