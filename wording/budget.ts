/** A round for so much time as one has, in words. */
import { clockText } from './time';
import type { UnitPrefs } from './units';

/** “2½ hours”; 0: all of the day. */
export const budgetTitle = (min: number): string =>
  min === 0 ? 'All day' : `${Math.floor(min / 60)}${min % 60 === 30 ? '½' : ''} hour${min > 60 ? 's' : ''}`;

/** Beginning at once is as good as the best from this share on. */
const AS_GOOD = 0.97;

/** When the time is spent best, and what beginning now would be worth. */
export function budgetText(
  best: { fromMs: number; toMs: number; atOnce: number } | null,
  today: boolean,
  zone: string,
  u: UnitPrefs,
): string {
  if (!best) return 'So long is not left of this day: here is the round of what is left.';
  const when = `${clockText(best.fromMs, zone, u)}–${clockText(best.toMs, zone, u)}`;
  if (!today) return `Best spent ${when}.`;
  if (best.atOnce >= AS_GOOD) return `Begin now: ${when} is as good as any.`;
  return `Best spent ${when}. Begun now it is worth ${Math.round(best.atOnce * 100)} % of that.`;
}
