/** Clocks of time zones, from the runtime's own tables. */

/** Making a formatter costs far more than using it. */
const made = new Map<string, Intl.DateTimeFormat>();
function clockOf(zone: string): Intl.DateTimeFormat {
  let f = made.get(zone);
  if (!f) {
    f = new Intl.DateTimeFormat('en-US', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
    });
    made.set(zone, f);
  }
  return f;
}

/** Whether there is such a zone. */
export function isZone(zone: string): boolean {
  try {
    return zone.trim() !== '' && clockOf(zone) !== undefined;
  } catch {
    // The runtime refuses a name that it does not know.
    return false;
  }
}

/** Minutes of a day's clock. */
export const DAY_MIN = 24 * 60;

/** How far the clock of a zone is ahead of UTC at a moment, ms. */
export function offsetMs(atMs: number, zone: string): number {
  const parts = clockOf(zone).formatToParts(atMs);
  const partOf = (type: string): number => Number(parts.find((p) => p.type === type)!.value);
  return (
    Date.UTC(partOf('year'), partOf('month') - 1, partOf('day'), partOf('hour'), partOf('minute'), partOf('second')) -
    Math.floor(atMs / 1000) * 1000
  );
}

/** The clock of a zone at a moment, whole minutes after midnight. */
export const clockMinutes = (atMs: number, zone: string): number =>
  Math.floor((((atMs + offsetMs(atMs, zone)) / 60_000) % DAY_MIN) + DAY_MIN) % DAY_MIN;
