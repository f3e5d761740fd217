/**
 * Which rod, reel and line are in hand: the rod that the lure was last put on, else what was chosen for the day, else
 * what was last used and fits the lure.
 */
import { inUse } from '../../core/records';
import type { Line } from '../../core/records/line';
import type { Lure } from '../../core/records/lure';
import type { Preferences } from '../../core/records/preferences';
import type { Reel } from '../../core/records/reel';
import type { Rod } from '../../core/records/rod';
import type { Outfit } from '../../core/tackle/outfit';
import { thrownKg } from '../../core/lures/own';
import { rodFit } from '../../core/tackle/rod';
import type { Day } from '../../core/trip/day';
import type { TacklePiece } from '../../wording/tackle';
import type { BookWithoutLog } from './useBookWithoutLog';
import { usualTackle } from './usual';

export interface Tackle {
  rod: Rod;
  reel: Reel;
  line: Line;
  /** Of these the Kit has none: what is usual stands in. */
  assumed: readonly TacklePiece[];
}

/** What the planner needs to know of it. */
export const outfitOf = ({ rod, reel, line }: Omit<Tackle, 'assumed'>): Outfit => ({
  rod: { lengthM: rod.lengthM, minLureKg: rod.minLureKg, maxLureKg: rod.maxLureKg, action: rod.action },
  reel: { ratio: reel.ratio, spoolM: reel.spoolM, arborM: reel.arborM, capacityM: reel.capacityM },
  line: { material: line.material, strengthLb: line.strengthLb },
});

/** What was chosen for the day, else what is on the rod, else what was last used, else the first there is. */
function pick<T extends { id: string }>(all: readonly T[], ...wished: (string | null | undefined)[]): T | undefined {
  for (const id of wished) {
    const x = all.find((y) => y.id === id);
    if (x) return x;
  }
  return all[0];
}

/** What goes on a rod: what was chosen for the day where it was for this one (`chosenFor`), else what is on it. */
function onRod(rod: Rod | undefined, chosenFor: boolean, book: BookWithoutLog, day: Day | null, prefs: Preferences) {
  const trip = day?.trip;
  const today = chosenFor ? trip : null;
  return {
    reel: pick(inUse(book.reel), today?.reelId, rod?.reelId, trip?.reelId, prefs.lastReelId),
    line: pick(inUse(book.line), today?.lineId, rod?.lineId, trip?.lineId, prefs.lastLineId),
  };
}

/** The rod in hand with what is on it: where no rod was chosen for the day, what was chosen is for this one. */
const inHand = (rod: Rod | undefined, book: BookWithoutLog, day: Day | null, prefs: Preferences) =>
  onRod(rod, !day?.trip.rodId || day.trip.rodId === rod?.id, book, day, prefs);

/** The line on the rod in hand. */
export const chooseLine = (book: BookWithoutLog, day: Day | null, prefs: Preferences): Line | undefined =>
  inHand(chooseRod(book, day, prefs, null), book, day, prefs).line;

/** A rod with what is on it, or with what is in hand where nothing is. Null where there is no reel or no line. */
export function tackleOn(rod: Rod, book: BookWithoutLog, day: Day | null, prefs: Preferences): Tackle | null {
  const { reel, line } = onRod(rod, day?.trip.rodId === rod.id, book, day, prefs);
  return reel && line ? { rod, reel, line, assumed: [] } : null;
}

function chooseRod(book: BookWithoutLog, day: Day | null, prefs: Preferences, lure: Lure | null): Rod | undefined {
  const rods = inUse(book.rod);
  const fits = (r: Rod): boolean => !lure || rodFit(r, thrownKg(lure)) === 'fits';
  return (
    rods.find((r) => lure && r.id === prefs.rodByLure[lure.id]) ??
    rods.find((r) => r.id === day?.trip.rodId) ??
    rods.find((r) => r.id === prefs.lastRodId && fits(r)) ??
    rods.find(fits) ??
    rods[0]
  );
}

export function chooseTackle(
  book: BookWithoutLog,
  day: Day | null,
  prefs: Preferences,
  lure: Lure | null,
): Tackle | null {
  const rod = chooseRod(book, day, prefs, lure);
  const { reel, line } = inHand(rod, book, day, prefs);
  if (rod && reel && line) return { rod, reel, line, assumed: [] };
  if (!lure) return null;
  const usual = usualTackle(thrownKg(lure), prefs.units);
  const assumed = [
    ...(rod ? [] : ['rod' as const]),
    ...(reel ? [] : ['reel' as const]),
    ...(line ? [] : ['line' as const]),
  ];
  return { rod: rod ?? usual.rod, reel: reel ?? usual.reel, line: line ?? usual.line, assumed };
}
