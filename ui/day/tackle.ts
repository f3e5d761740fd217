/** Which rod, reel and line are in hand: what was chosen for the day, else what was last used and fits the lure. */
import { inUse } from '../../core/records';
import type { Line } from '../../core/records/line';
import type { Lure } from '../../core/records/lure';
import type { Preferences } from '../../core/records/preferences';
import type { Reel } from '../../core/records/reel';
import type { Rod } from '../../core/records/rod';
import type { Outfit } from '../../core/tackle/outfit';
import { rodFit } from '../../core/tackle/rod';
import type { Day } from '../../core/trip/day';
import type { BookWithoutLog } from './useBookWithoutLog';

export interface Tackle {
  rod: Rod;
  reel: Reel;
  line: Line;
}

/** What the planner needs to know of it. */
export const outfitOf = ({ rod, reel, line }: Tackle): Outfit => ({
  rod: { lengthM: rod.lengthM, minLureKg: rod.minLureKg, maxLureKg: rod.maxLureKg, action: rod.action },
  reel: { ratio: reel.ratio, spoolM: reel.spoolM, arborM: reel.arborM, capacityM: reel.capacityM },
  line: { material: line.material, strengthLb: line.strengthLb },
});

export function chooseLine(book: BookWithoutLog, day: Day | null, prefs: Preferences): Line | undefined {
  const lines = inUse(book.line);
  return lines.find((l) => l.id === (day?.trip.lineId ?? prefs.lastLineId)) ?? lines[0];
}

export function chooseTackle(
  book: BookWithoutLog,
  day: Day | null,
  prefs: Preferences,
  lure: Lure | null,
): Tackle | null {
  const rods = inUse(book.rod);
  const fits = (r: Rod): boolean => !lure || rodFit(r, lure.weightKg) === 'fits';
  const rod =
    rods.find((r) => r.id === day?.trip.rodId) ??
    rods.find((r) => r.id === prefs.lastRodId && fits(r)) ??
    rods.find(fits) ??
    rods[0];
  const reels = inUse(book.reel);
  const reel = reels.find((r) => r.id === (day?.trip.reelId ?? prefs.lastReelId)) ?? reels[0];
  const line = chooseLine(book, day, prefs);
  return rod && reel && line ? { rod, reel, line } : null;
}
