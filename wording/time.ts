/** Times in the water's own zone. */
import type { UnitPrefs } from './units';
type Wanted = 'clock' | 'clock12' | 'day' | 'shortDay' | 'month' | 'date';

const OPTIONS: Record<Wanted, Intl.DateTimeFormatOptions> = {
  clock: { hour: 'numeric', minute: '2-digit', hour12: false },
  clock12: { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' },
  day: { weekday: 'short', day: 'numeric', month: 'short' },
  shortDay: { day: 'numeric', month: 'short' },
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

/** "17:05"; with miles an hour, "5:05 pm". */
export const clockText = (ms: number, zone: string, u: Pick<UnitPrefs, 'speed'>): string =>
  u.speed === 'mph'
    ? format('clock12', ms, zone).replace(/\s*([ap])m$/i, (_, half: string) => ` ${half.toLowerCase()}m`)
    : format('clock', ms, zone).replace(/^0(\d:)/, '$1');
/** A full hour below a line of the day: "18:00"; with miles an hour "6 pm", "noon". */
export const hourText = (ms: number, zone: string, u: Pick<UnitPrefs, 'speed'>): string =>
  u.speed === 'mph'
    ? clockText(ms, zone, u)
        .replace(/^12(:00)? am$/, 'midnight')
        .replace(/^12(:00)? pm$/, 'noon')
        .replace(':00', '')
    : clockText(ms, zone, u);
export const dayText = (ms: number, zone: string): string => format('day', ms, zone);
/** A day gone by, of any year: “Sat 18 Apr 2026”. */
export const pastDayText = (ms: number, zone: string): string =>
  `${format('day', ms, zone)} ${format('date', ms, zone).slice(-4)}`;
/** “8 Oct”. */
export const shortDayText = (ms: number, zone: string): string => format('shortDay', ms, zone);
export const monthOf = (ms: number, zone: string): number => Number(format('month', ms, zone));

/** "2026-10-08", in the water's own zone. */
export const dateText = (ms: number, zone: string): string => format('date', ms, zone).split('/').reverse().join('-');

/** "in 12 min", "in 3 h 20". */
export function untilText(ms: number): string {
  const min = Math.max(0, Math.round(ms / 60_000));
  return min < 60 ? `in ${min} min` : `in ${Math.floor(min / 60)} h ${String(min % 60).padStart(2, '0')}`;
}
