/** The trend of the water from readings of past days. */
export interface TempPoint {
  atMs: number;
  tempC: number;
}

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Readings older than this say nothing of a trend. */
const LOOK_BACK_MS = 5.5 * DAY_MS;
/** Readings nearer together than this say more of the hour than of the days. */
const MIN_SPAN_MS = 16 * HOUR_MS;

/**
 * Change over three days, °C, as the slope of a straight line through the readings of the last five days (least squares
 * of their daily means, so that morning and afternoon of one day count once). Null with fewer than two days. With
 * readings by hand ± 0.5 °C; a single odd reading moves it by its share.
 */
export function temperatureChange(points: readonly TempPoint[], nowMs: number): number | null {
  const recent = points.filter((p) => p.atMs <= nowMs && nowMs - p.atMs <= LOOK_BACK_MS);
  const days = new Map<number, TempPoint[]>();
  for (const p of recent) {
    const day = Math.floor((nowMs - p.atMs) / DAY_MS);
    days.set(day, [...(days.get(day) ?? []), p]);
  }
  const means = [...days.values()].map((all) => ({
    x: all.reduce((s, p) => s + p.atMs, 0) / all.length / DAY_MS,
    y: all.reduce((s, p) => s + p.tempC, 0) / all.length,
  }));
  if (means.length < 2) return null;
  const span = Math.max(...means.map((m) => m.x)) - Math.min(...means.map((m) => m.x));
  if (span * DAY_MS < MIN_SPAN_MS) return null;
  const mx = means.reduce((s, m) => s + m.x, 0) / means.length;
  const my = means.reduce((s, m) => s + m.y, 0) / means.length;
  const slope = means.reduce((s, m) => s + (m.x - mx) * (m.y - my), 0) / means.reduce((s, m) => s + (m.x - mx) ** 2, 0);
  return Math.min(10, Math.max(-10, 3 * slope));
}
