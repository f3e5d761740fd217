import { checkWith } from '../schemas/check';
import { stationReportSchema } from '../schemas/station';
import { temperatureChange } from '../water/history';
import { answerStation, STATION_FAULTS } from './answer';
import { STATION_IDS, STATIONS } from './places';
import { stationReading } from './reading';
import { stationReport, type StationReport } from './report';
import { frontAt, waterTempC, weatherAt } from './weather';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-10-08T10:49:00Z');

test.each(STATION_IDS)('%s: the same moment, the same report, and a valid one in every month', (id) => {
  expect(stationReport(id, NOW)).toEqual(stationReport(id, NOW + 5 * 60_000));
  for (let m = 0; m < 12; m++) {
    const atMs = Date.UTC(2026, m, 13, 7);
    expect(checkWith(stationReportSchema(), stationReport(id, atMs))).toMatchObject({ ok: true });
  }
});

test.each(STATION_IDS)('%s: weather and water move smoothly, warm in summer, cold in winter', (id) => {
  const p = STATIONS[id];
  for (let h = 0; h < 24 * 60; h++) {
    const [a, b] = [NOW + h * HOUR, NOW + (h + 1) * HOUR];
    expect(Math.abs(waterTempC(p, b) - waterTempC(p, a))).toBeLessThan(0.6);
    expect(Math.abs(weatherAt(p, b).pressureHpa - weatherAt(p, a).pressureHpa)).toBeLessThan(4);
    expect(Math.abs(weatherAt(p, b).windMps - weatherAt(p, a).windMps)).toBeLessThan(4);
  }
  expect(waterTempC(p, Date.UTC(2026, 6, 25))).toBeGreaterThan(waterTempC(p, Date.UTC(2026, 0, 25)) + 12);
});

test('behind a front the glass rises, the air is colder and the water cools over the next days', () => {
  const p = STATIONS['kettle-hut'];
  let passage = Date.UTC(2026, 9, 1);
  while (!(frontAt(p, passage) === 'passed' && frontAt(p, passage - HOUR) !== 'passed')) passage += HOUR;
  expect(weatherAt(p, passage + 24 * HOUR).pressureHpa).toBeGreaterThan(weatherAt(p, passage).pressureHpa + 3);
  expect(waterTempC(p, passage + 48 * HOUR)).toBeLessThan(waterTempC(p, passage));
});

describe('faults', () => {
  const ask = (fault: (typeof STATION_FAULTS)[number], id = 'arm-light') => answerStation(id, NOW, fault);
  test('slow answers late but right; an error has no report; a stale one is a day old; nonsense is refused', () => {
    expect(ask('none').body).toEqual(stationReport('arm-light', NOW));
    expect(ask('slow').delayMs).toBeGreaterThan(1000);
    expect(ask('slow').body).toEqual(ask('none').body);
    expect(ask('error').status).toBe(503);
    expect(stationReading(ask('stale').body as StationReport, NOW)).toBeNull();
    const bad = checkWith(stationReportSchema(), ask('nonsense').body);
    expect(bad.ok === false && bad.problems.map((p) => p.path)).toEqual(
      expect.arrayContaining(['issuedAt', 'hours[0].windMps', 'waterTemps[0].tempC']),
    );
  });
  test('an unknown station is not there', () => {
    expect(ask('none', 'elsewhere').status).toBe(404);
  });
});

describe('what a report says of now', () => {
  const report = stationReport('arm-light', NOW);
  test('the hour it falls in, the trend of glass and water', () => {
    const r = stationReading(report, NOW)!;
    expect(Math.abs(r.windMps - weatherAt(STATIONS['arm-light'], Math.floor(NOW / HOUR) * HOUR).windMps)).toBeLessThan(
      0.56,
    );
    expect(r.waterTempC).toBeCloseTo(waterTempC(STATIONS['arm-light'], NOW), 0);
    expect(Math.abs(r.tempChange3dC!)).toBeLessThan(4);
    expect(r.ageMs).toBe(49 * 60_000);
  });
  test('a report of some hours ago still tells, by its forecast; one of half a day does not', () => {
    expect(stationReading(report, NOW + 5 * HOUR)).not.toBeNull();
    expect(stationReading(report, NOW + 13 * HOUR)).toBeNull();
    expect(stationReading(report, NOW - 3 * HOUR)).toBeNull();
  });
});

describe('the trend of past readings', () => {
  const day = (n: number, tempC: number, h = 0) => ({ atMs: NOW - n * 24 * HOUR + h * HOUR, tempC });
  test('a straight fall of a degree a day is three in three days', () => {
    expect(temperatureChange([day(4, 19), day(3, 18), day(2, 17), day(1, 16), day(0, 15)], NOW)).toBeCloseTo(-3, 6);
  });
  test('two days will do; one day, old readings or readings of the future will not', () => {
    expect(temperatureChange([day(2, 15), day(0, 17)], NOW)).toBeCloseTo(3, 6);
    expect(temperatureChange([day(0, 15, -6), day(0, 17)], NOW)).toBeNull();
    expect(temperatureChange([day(9, 15), day(0, 17)], NOW)).toBeNull();
    expect(temperatureChange([day(2, 15), day(-1, 17)], NOW)).toBeNull();
  });
  test('the hour of the day counts once: many readings of one afternoon do not drown the others', () => {
    const some = [day(3, 15), day(1.1, 15), day(1.05, 15.2), day(1.02, 15.1), day(0.1, 15)];
    expect(Math.abs(temperatureChange(some, NOW)!)).toBeLessThan(0.2);
  });
});
