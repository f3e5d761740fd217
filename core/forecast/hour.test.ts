import { clockMinutes } from '../base/zone';
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook } from '../records';
import type { Trip } from '../records/trip';
import { sunElevationDeg } from '../sky/sun';
import { composeDay } from '../trip/day';
import { resolveConditions } from '../water/resolve';
import { dayQuestion } from './ahead';
import { dayAtHour, stepAt } from './hour';
import { computeDayLine } from './line';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const HOUR = 3_600_000;
const NOW = Date.parse('2026-10-08T05:49:00-05:00');
const read: Trip = {
  ...world.trip['trip-today']!,
  readings: { water: { surfaceTempC: 14, clarityM: 1.1, windMps: 1 }, sky: { cloud: 0.2 } },
  signs: [{ kind: 'follow', count: 3, atMs: NOW - HOUR }] as Trip['signs'],
};
const { zone } = world.water[read.waterId]!;
const today = composeDay(world, read, NOW, 10)!;
const line = computeDayLine(
  dayQuestion(
    world,
    { day: today, reading: resolveConditions(today.conditions), nowMs: NOW, daysAhead: 0 },
    '2026-10-08',
    false,
  ),
);
const at = (minutes: number, book = world) => dayAtHour(book, today, stepAt(line, minutes, zone), NOW, 10)!;

test('a time of the clock is the step of the day that it falls in, in the zone of the water', () => {
  expect(clockMinutes(NOW, zone)).toBe(5 * 60 + 49);
  expect(clockMinutes(stepAt(line, 9 * 60, zone).atMs, zone)).toBe(9 * 60);
  expect(clockMinutes(stepAt(line, 9 * 60 + 14, zone).atMs, zone)).toBe(9 * 60);
  expect(stepAt(line, 0, zone)).toBe(line.steps[0]);
});

describe('the water at another hour', () => {
  test('has the sun of that hour and the warmth of the day line, and no signs of this morning', () => {
    const { conditions, water } = at(13 * 60).day;
    const step = stepAt(line, 13 * 60, zone);
    expect(conditions.sky!.sunElevationDeg).toBe(Math.round(sunElevationDeg(step.atMs, water)));
    expect(conditions.sky!.sunElevationDeg).toBeGreaterThan(30);
    expect(conditions.water.surfaceTempC).toBe(step.tempC);
    expect(conditions.signs).toEqual([]);
  });
  test('keeps what was read of the water; wind and sky are the forecast’s when the hour is far off', () => {
    const soon = at(7 * 60);
    expect(soon.forecast).toBe(false);
    expect([soon.day.conditions.water.windMps, soon.day.conditions.sky!.cloud]).toEqual([1, 0.2]);
    const later = at(15 * 60);
    const told = world.stationReport[world.water[read.waterId]!.station!]!.report.hours.find(
      (h) => Math.abs(Date.parse(h.time) - stepAt(line, 15 * 60, zone).atMs) < HOUR / 2,
    )!;
    expect(later.forecast).toBe(true);
    expect(later.day.conditions.water.windMps).toBe(Math.round(told.windMps));
    expect(later.day.conditions.water.clarityM).toBe(1.1);
  });
  test('without a station all stays as it was read', () => {
    const later = at(15 * 60, { ...world, stationReport: {} });
    expect(later.forecast).toBe(false);
    expect([later.day.conditions.water.windMps, later.day.conditions.sky!.cloud]).toEqual([1, 0.2]);
  });
  test('is nothing where the water is gone', () => {
    expect(dayAtHour({ ...world, water: {} }, today, line.steps[0]!, NOW, 10)).toBeNull();
  });
});

test('a tide says the current of that hour, whatever was read of it now', () => {
  const salt = Object.values(world.water).find((w) => w.salinity === 'salt' && w.station)!;
  const trip: Trip = { ...read, waterId: salt.id, readings: { water: { currentMps: 0.9 }, sky: {} } };
  const day = composeDay(world, trip, NOW, 10)!;
  expect(day.conditions.water.currentMps).toBe(0.9);
  const then = (tideMps: number | null) =>
    dayAtHour(world, day, { atMs: NOW + 5 * HOUR, tempC: 18, tideMps }, NOW, 10)!.day;
  expect(then(0.2).sources.get('water.currentMps')).toBe('tide');
  expect(then(null).conditions.water.currentMps).toBe(0.9);
});
