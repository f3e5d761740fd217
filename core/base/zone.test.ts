import { atClock, clockMinutes, clockOfDay, dateAt, midnightMs, offsetMs, startOfDay } from './zone';

const HOUR_MS = 3_600_000;
const ZONES = ['America/Chicago', 'Europe/Helsinki', 'Australia/Lord_Howe', 'Pacific/Kiritimati', 'UTC'];

test('a day begins at its midnight and holds every moment of its date', () => {
  for (const zone of ZONES)
    for (let h = 0; h < 366 * 24; h += 7) {
      const at = Date.UTC(2026, 0, 1) + h * HOUR_MS;
      const start = startOfDay(at, zone);
      expect(start).toBeLessThanOrEqual(at);
      expect(at - start).toBeLessThan(25 * HOUR_MS);
      expect(dateAt(start, zone)).toEqual(dateAt(at, zone));
      expect(dateAt(start - 1, zone)).not.toEqual(dateAt(at, zone));
    }
});

test('the clock of a day shows the time asked for, also on the days when clocks change', () => {
  for (const zone of ZONES)
    for (let d = 0; d < 365; d++) {
      const start = midnightMs(2026, 1, 1 + d, zone);
      const changes = offsetMs(start, zone) !== offsetMs(start + 24 * HOUR_MS, zone);
      for (const minutes of [0, 5 * 60, 9 * 60 + 40, 23 * 60 + 59]) {
        const at = atClock(start, minutes, zone);
        expect(dateAt(at, zone)).toEqual(dateAt(start, zone));
        expect(clockMinutes(at, zone)).toBe(minutes);
        expect(clockOfDay(start, zone)(minutes)).toBe(at);
      }
      // An hour that the clocks skip comes after it; one that they show twice is one of the two.
      if (changes) expect(Math.abs(atClock(start, 150, zone) - start - 2.5 * HOUR_MS)).toBeLessThanOrEqual(HOUR_MS);
    }
});
