import { almanac, localDay } from './almanac';

const HOUR = 3_600_000;
const at = (iso: string): number => Date.parse(iso);
const near = (got: number | null, iso: string, seconds: number): void =>
  expect(Math.abs(got! - at(iso))).toBeLessThan(seconds * 1000);

describe('the local day', () => {
  test.each([
    ['America/Detroit', '2026-07-04', '2026-07-04T04:00:00Z', 24],
    ['America/Detroit', '2026-03-08', '2026-03-08T05:00:00Z', 23],
    ['America/Detroit', '2026-11-01', '2026-11-01T04:00:00Z', 25],
    ['Pacific/Auckland', '2026-12-31', '2026-12-30T11:00:00Z', 24],
    ['Pacific/Kiritimati', '2026-01-01', '2025-12-31T10:00:00Z', 24],
    ['Pacific/Pago_Pago', '2026-01-01', '2026-01-01T11:00:00Z', 24],
    ['Asia/Kathmandu', '2026-05-01', '2026-04-30T18:15:00Z', 24],
    ['Australia/Lord_Howe', '2026-04-05', '2026-04-04T13:00:00Z', 24.5],
    // Clocks skip midnight there: the day begins at one o'clock.
    ['Africa/Cairo', '2026-04-24', '2026-04-23T22:00:00Z', 23],
  ])('%s on %s', (zone, date, from, hours) => {
    const d = localDay(date, zone);
    expect(new Date(d.fromMs).toISOString()).toBe(new Date(from).toISOString());
    expect((d.toMs - d.fromMs) / HOUR).toBe(hours);
  });
});

describe('the almanac', () => {
  test('a summer day on a lake: everything within the local day, in its order', () => {
    const a = almanac({ latDeg: 44.62, lonDeg: -86.23 }, '2026-07-04', 'America/Detroit');
    near(a.sunriseMs, '2026-07-04T10:05:28Z', 100);
    near(a.sunsetMs, '2026-07-05T01:33:02Z', 100);
    near(a.civilDawnMs, '2026-07-04T09:28:52Z', 100);
    near(a.civilDuskMs, '2026-07-05T02:09:33Z', 100);
    near(a.moonTransitsMs[0]!, '2026-07-04T09:08:49Z', 300);
    near(a.moonAntitransitsMs[0]!, '2026-07-04T21:30:15Z', 300);
    expect(a.moonIllumination).toBeCloseTo(0.8071, 1);
    expect(a.periods.filter((p) => p.kind === 'major')).toHaveLength(2);
    for (const p of a.periods) expect((p.toMs - p.fromMs) / HOUR).toBe(p.kind === 'major' ? 2 : 1);
  });

  test('polar day and polar night: the sun does not cross, and that is said', () => {
    const place = { latDeg: 74, lonDeg: 20 };
    const june = almanac(place, '2026-06-21', 'Europe/Oslo');
    expect([june.sunriseMs, june.sunsetMs, june.civilDawnMs, june.civilDuskMs]).toEqual([null, null, null, null]);
    const december = almanac(place, '2026-12-21', 'Europe/Oslo');
    expect([december.sunriseMs, december.sunsetMs]).toEqual([null, null]);
    for (const latDeg of [90, -90]) expect(almanac({ latDeg, lonDeg: 0 }, '2026-06-21', 'UTC').sunriseMs).toBeNull();
  });

  test('on the equator at the equinox the day is twelve hours and a little', () => {
    const a = almanac({ latDeg: 0, lonDeg: 0 }, '2026-03-20', 'UTC');
    expect((a.sunsetMs! - a.sunriseMs!) / HOUR).toBeCloseTo(12.11, 1);
    expect((a.sunriseMs! - a.civilDawnMs!) / 60_000).toBeGreaterThan(19);
  });

  test('on both sides of the date line the same sunrise has two dates', () => {
    const west = almanac({ latDeg: -13.8, lonDeg: -172 }, '2026-05-02', 'Pacific/Apia');
    const east = almanac({ latDeg: -13.8, lonDeg: -172 }, '2026-05-01', 'Pacific/Pago_Pago');
    expect(Math.abs(west.sunriseMs! - east.sunriseMs!)).toBeLessThan(1000);
  });

  test('a year of days: at most two passages of the moon over and under, never outside the day', () => {
    for (let d = 0; d < 365; d += 5) {
      const date = new Date(Date.UTC(2026, 0, 1 + d)).toISOString().slice(0, 10);
      const { fromMs, toMs } = localDay(date, 'America/New_York');
      const a = almanac({ latDeg: 31.95, lonDeg: -81.02 }, date, 'America/New_York');
      for (const list of [a.moonTransitsMs, a.moonAntitransitsMs]) {
        expect(list.length).toBeLessThanOrEqual(2);
        for (const t of list) expect(t >= fromMs && t < toMs).toBe(true);
      }
      expect(a.moonTransitsMs.length + a.moonAntitransitsMs.length).toBeGreaterThan(0);
      expect(a.moonIllumination).toBeGreaterThanOrEqual(0);
      expect(a.moonIllumination).toBeLessThanOrEqual(1);
    }
  });
});
