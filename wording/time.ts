/** Times in the water's own zone. */
export const clockText = (ms: number, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', { hour: 'numeric', minute: '2-digit', hour12: false, timeZone: zone }).format(ms).replace(/^0(\d:)/, '$1');

export const dayText = (ms: number, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: zone }).format(ms);

export const monthOf = (ms: number, zone: string): number =>
  Number(new Intl.DateTimeFormat('en-GB', { month: 'numeric', timeZone: zone }).format(ms));

/** "in 12 min", "in 3 h 20". */
export function untilText(ms: number): string {
  const min = Math.max(0, Math.round(ms / 60_000));
  return min < 60 ? `in ${min} min` : `in ${Math.floor(min / 60)} h ${String(min % 60).padStart(2, '0')}`;
}
