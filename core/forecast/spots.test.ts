/** A round over a day drawn by hand, so that every figure can be worked out on paper. */
import { SEASON_PHASES } from '../water/season';
import { WATER_PARTS } from '../water/terms';
import type { DayLine, DayStep } from './line';
import { seasonGain, seasonSays } from './parts';
import { distanceM } from '../base/ground';
import { planRound, spotQuality, worthAt, type RoundOptions, type SpotCandidate } from './spots';

const MIN = 60_000;
const HOUR = 60 * MIN;
const QUARTER = 15 * MIN;

/** A day of `hours` from 0 on; `promise`, sun and tide by the hour. */
function drawn(
  hours: number,
  by: { promise?: (h: number) => number; sunDeg?: (h: number) => number; tideMps?: (h: number) => number | null } = {},
  turns: DayLine['turns'] = [],
): DayLine {
  const steps: DayStep[] = Array.from({ length: hours * 4 }, (_, i) => {
    const h = i / 4;
    return {
      atMs: i * QUARTER,
      sunDeg: by.sunDeg?.(h) ?? 30,
      luxAtFish: 100,
      tideM: null,
      tideMps: by.tideMps?.(h) ?? null,
      tempC: 18,
      promise: by.promise?.(h) ?? 1,
    };
  });
  const span = { fromMs: 0, toMs: hours * HOUR };
  return { ...span, steps, turns, fished: span, windows: [], best: null } as unknown as DayLine;
}
const spot = (id: string, more: Partial<SpotCandidate> = {}): SpotCandidate => ({
  id,
  latDeg: 0,
  lonDeg: 0,
  bait: true,
  current: true,
  structure: true,
  depthChange: true,
  bestTide: 'any',
  bestLight: 'any',
  restUntilMs: null,
  ...more,
});
const north = (metres: number): number => (metres / 6_371_000) * (180 / Math.PI);
const round = (all: readonly SpotCandidate[], line: DayLine, more: Partial<RoundOptions> = {}) =>
  planRound(all, { line, fromMs: 0, toMs: Infinity, at: null, travelMps: 1, ...more });
const stays = (r: ReturnType<typeof round>) =>
  r.stays.map((s) => `${s.id} ${s.fromMs / HOUR}–${s.toMs / HOUR}${s.travelMin ? ` after ${s.travelMin} min` : ''}`);

test('distance is along the earth: a degree north or, at the equator, east is 111 km; at 60° north half of that', () => {
  const at = (latDeg: number, lonDeg: number) => ({ latDeg, lonDeg });
  expect(distanceM(at(0, 0), at(1, 0))).toBeCloseTo(111_195, -1);
  expect(distanceM(at(0, 0), at(0, 1))).toBeCloseTo(111_195, -1);
  expect(distanceM(at(60, 10), at(60, 11))).toBeCloseTo(55_597, -2);
  expect(distanceM(at(45, 7), at(45, 7))).toBe(0);
  expect(distanceM(at(0, 179.5), at(0, -179.5))).toBeCloseTo(111_195, -1);
});

test('what is found at a spot multiplies: each feature by its own gain, all four are one', () => {
  const none = { bait: false, current: false, structure: false, depthChange: false };
  const all = 1.8 * 1.5 * 1.7 * 1.5;
  expect(spotQuality({ ...none })).toBeCloseTo(1 / all, 12);
  expect(spotQuality({ ...none, bait: true })).toBeCloseTo(1.8 / all, 12);
  expect(spotQuality({ ...none, current: true, structure: true })).toBeCloseTo((1.5 * 1.7) / all, 12);
});

describe('worth of a half hour', () => {
  test('the promise of that quarter; nothing before or after the day', () => {
    const line = drawn(3, { promise: (h) => 1 + h });
    expect(worthAt(spot('a'), line, 0)).toBeCloseTo(1, 12);
    expect(worthAt(spot('a'), line, 1.5 * HOUR + MIN)).toBeCloseTo(2.5, 12);
    expect(worthAt(spot('a'), line, 3 * HOUR)).toBe(0);
    expect(worthAt(spot('a'), line, -MIN)).toBe(0);
  });
  test('out of its light it keeps six tenths: low is below ten degrees', () => {
    const line = drawn(2, { sunDeg: (h) => (h < 1 ? 9 : 10) });
    const at = (bestLight: SpotCandidate['bestLight'], h: number) => worthAt(spot('a', { bestLight }), line, h * HOUR);
    expect([at('low', 0), at('low', 1), at('bright', 0), at('bright', 1), at('any', 1)]).toEqual([1, 0.6, 0.6, 1, 1]);
  });
  test('out of its tide it keeps 0.45; around the turn it is high or low water; without a tide every tide is right', () => {
    const turns = [{ kind: 'high' as const, atMs: 3 * HOUR, heightM: 1 }] as DayLine['turns'];
    const line = drawn(6, { tideMps: (h) => (h < 3 ? 0.3 : -0.3) }, turns);
    const at = (bestTide: SpotCandidate['bestTide'], h: number) => worthAt(spot('a', { bestTide }), line, h * HOUR);
    expect([at('rising', 1), at('falling', 1), at('rising', 5), at('falling', 5)]).toEqual([1, 0.45, 0.45, 1]);
    expect([at('high', 2.5), at('high', 3.75), at('rising', 2.5), at('high', 1), at('high', 4)]).toEqual([
      1, 1, 0.45, 0.45, 0.45,
    ]);
    expect(worthAt(spot('a', { bestTide: 'falling' }), drawn(2), 0)).toBe(1);
  });
  test('nothing while it rests, all of it from the minute it is ready', () => {
    const rests = spot('a', { restUntilMs: HOUR });
    expect(worthAt(rests, drawn(2), HOUR - 1)).toBe(0);
    expect(worthAt(rests, drawn(2), HOUR)).toBe(1);
  });
});

describe('the round', () => {
  test('one spot is fished for three hours at the most, at its best', () => {
    const r = round([spot('a')], drawn(6, { promise: (h) => (h >= 2 && h < 5 ? 2 : 1) }));
    expect(stays(r)).toEqual(['a 2–5']);
    expect(r.stays[0]!.promise).toBeCloseTo(2, 9);
  });
  test('two like spots share an even day evenly: each further half hour is worth three quarters of the one before', () => {
    expect(stays(round([spot('a'), spot('b')], drawn(4)))).toEqual(['a 0–2', 'b 2–4']);
  });
  test('a way of forty minutes takes the first half hour whole and a third of the next', () => {
    const far = spot('far', { latDeg: north(2040) });
    const r = round([far], drawn(3), { at: { latDeg: 0, lonDeg: 0 } });
    expect(stays(r)).toEqual(['far 0.5–3 after 40 min']);
    // Whoever stands there already loses nothing, nor who is nearer than 25 m.
    expect(stays(round([far], drawn(3)))).toEqual(['far 0–3']);
    expect(stays(round([spot('b', { latDeg: north(20) })], drawn(1), { at: { latDeg: 0, lonDeg: 0 } }))).toEqual([
      'b 0–1',
    ]);
    expect(stays(round([spot('b', { latDeg: north(30) })], drawn(1), { at: { latDeg: 0, lonDeg: 0 } }))).toEqual([
      'b 0–1 after 7 min',
    ]);
  });
  test('twice as fast is half as long on the way', () => {
    const far = spot('far', { latDeg: north(2040) });
    const r = round([far], drawn(3), { at: { latDeg: 0, lonDeg: 0 }, travelMps: 2 });
    expect(r.stays[0]!.travelMin).toBe(23);
  });
  test('the better spot has the better hours, the resting one is fished when it is ready', () => {
    const poor = spot('poor', { bait: false, structure: false });
    const r = round([poor, spot('good', { restUntilMs: 2 * HOUR })], drawn(4));
    expect(stays(r)).toEqual(['poor 0–2', 'good 2–4']);
  });
  test('only within the hours that are fished and asked for', () => {
    const line = { ...drawn(8), fished: { fromMs: HOUR, toMs: 5 * HOUR } } as DayLine;
    expect(stays(round([spot('a'), spot('b')], line))).toEqual(['a 1–3', 'b 3–5']);
    expect(stays(round([spot('a')], line, { fromMs: 4 * HOUR }))).toEqual(['a 4–5']);
    expect(stays(round([spot('a')], line, { toMs: 2 * HOUR }))).toEqual(['a 1–2']);
    expect(round([spot('a')], line, { fromMs: 6 * HOUR }).stays).toEqual([]);
  });
  test('all spots are ranked by what they are worth at their best, ties by name; seven at most are in the round', () => {
    const line = drawn(2, { promise: (h) => (h >= 1 ? 2 : 1) });
    const { ranked } = round([spot('b'), spot('a'), spot('poor', { bait: false })], line);
    expect(ranked.map((r) => r.id)).toEqual(['a', 'b', 'poor']);
    expect(ranked[0]).toMatchObject({ quality: 1, bestAtMs: HOUR, promise: 2 });
    expect(ranked[2]!.promise).toBeCloseTo(2 / 1.8, 9);
    const nine = Array.from({ length: 9 }, (_, i) => spot(`s${i}`));
    const r = round(nine, drawn(12));
    expect(r.ranked).toHaveLength(9);
    expect(new Set(r.stays.map((s) => s.id)).size).toBe(7);
  });
  test('a spot that rests all day has no best hour', () => {
    expect(round([spot('a', { restUntilMs: 99 * HOUR })], drawn(2)).ranked[0]).toMatchObject({
      bestAtMs: null,
      promise: 0,
    });
  });
});

describe('the season and the part of the water', () => {
  test('what the season makes of a spot multiplies its worth', () => {
    const at = (season?: number) => worthAt(spot('a', season === undefined ? {} : { season }), drawn(4), HOUR);
    expect(at(0.35)).toBeCloseTo(0.35 * at(), 12);
  });

  test('creeks fill in autumn and empty in winter; every part has its season, and none is shut out', () => {
    expect(seasonGain('back', 'autumn-cooling')).toBeGreaterThan(seasonGain('main', 'autumn-cooling'));
    expect(seasonGain('back', 'winter')).toBeLessThan(seasonGain('channel-edge', 'winter'));
    expect(seasonGain('mouth', 'pre-spawn')).toBeGreaterThan(seasonGain('flat', 'pre-spawn'));
    for (const part of WATER_PARTS) {
      expect(SEASON_PHASES.some((s) => seasonSays(part, s) === 'in')).toBe(true);
      for (const s of SEASON_PHASES) expect(seasonGain(part, s)).toBeGreaterThan(0.3);
    }
    for (const s of SEASON_PHASES) expect(Math.max(...WATER_PARTS.map((w) => seasonGain(w, s)))).toBe(1);
    expect(seasonGain(null, 'winter')).toBe(seasonGain(null, 'summer'));
    expect([seasonSays('back', 'winter'), seasonSays('flat', 'summer')]).toEqual(['out', null]);
  });
});
