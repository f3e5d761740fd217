/** Times in the water's own zone. */
type Wanted = 'clock' | 'day' | 'month' | 'date';

const OPTIONS: Record<Wanted, Intl.DateTimeFormatOptions> = {
  clock: { hour: 'numeric', minute: '2-digit', hour12: false },
  day: { weekday: 'short', day: 'numeric', month: 'short' },
  month: { month: 'numeric' },
  date: { year: 'numeric', month: '2-digit', day: '2-digit' },
};
/** Making a formatter costs far more than using it. */
const made = new Map<string, Intl.DateTimeFormat>();

function format(wanted: Wanted, ms: number, zone: string): string {
  const key = `${wanted} ${zone}`;
  let f = made.get(key);
  if (!f) made.set(key, (f = new Intl.DateTimeFormat('en-GB', { ...OPTIONS[wanted], timeZone: zone })));
  return f.format(ms);
}

export const clockText = (ms: number, zone: string): string => format('clock', ms, zone).replace(/^0(\d:)/, '$1');
export const dayText = (ms: number, zone: string): string => format('day', ms, zone);
export const monthOf = (ms: number, zone: string): number => Number(format('month', ms, zone));

/** "2026-10-08", in the water's own zone. */
export const dateText = (ms: number, zone: string): string => format('date', ms, zone).split('/').reverse().join('-');

/** "in 12 min", "in 3 h 20". */
export function untilText(ms: number): string {
  const min = Math.max(0, Math.round(ms / 60_000));
  return min < 60 ? `in ${min} min` : `in ${Math.floor(min / 60)} h ${String(min % 60).padStart(2, '0')}`;
}

/** "6:40" on a date in a zone, to milliseconds; null when it is no time of that day. */
export function clockMs(date: string, clock: string, zone: string): number | null {
  const m = /^\s*(\d{1,2})[:.h]?(\d{2})\s*$/.exec(clock);
  if (!m || Number(m[1]) > 23 || Number(m[2]) > 59) return null;
  const wall = Date.parse(`${date}T${m[1]!.padStart(2, '0')}:${m[2]}:00Z`);
  const wanted = `${date} ${Number(m[1])}:${m[2]}`;
  // A zone is at most 14 hours from Greenwich, in steps of a quarter of an hour.
  for (let q = -14 * 4; q <= 14 * 4; q++) {
    const t = wall + q * 900_000;
    if (`${dateText(t, zone)} ${clockText(t, zone)}` === wanted) return t;
  }
  return null;
}
