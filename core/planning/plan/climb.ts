/** Over what rises on the way: the rod goes up before it, stays up until the lure is over, and comes down behind it. */
import type { Sample } from '../../simulation/retrieve';
import type { TipMove } from '../../simulation/types';
import type { Rise } from '../task/request';

/** The rod is raised when the lure is this far before it, and lowered when it is so far behind, m. prior: judgement. */
const BEFORE_M = 4;
const BEHIND_M = 1;
/** A rod is raised and lowered in so many seconds. */
const MOVE_S = 1.2;
/** So far to both sides it is as high as its top, m. */
const WIDE_M = 0.7;

/** How a lure comes over what rises on its way. */
export interface Climb {
  /** Where that is: off, and below the surface, m. */
  atM: number;
  topM: number;
  /** The rod must go up for it, when the lure is so far off, m; null: it passes above as it is. */
  upFromM: number | null;
  /** How far above the top it passes, m; less than nothing: it strikes it. */
  clearM: number;
}

/** How far above the top of the rise the lure passes at the least, m. */
export function clearanceM(samples: readonly Sample[], { atM, topM }: Rise): number {
  const near = samples.filter((s) => Math.abs(s.xM - atM) <= WIDE_M);
  return near.length > 0 ? Math.min(...near.map((s) => topM + s.zM)) : topM;
}

/** What the rod does to bring it over, as timed by a cast without; null: it is high already, or never gets there. */
export function climbMoves(
  samples: readonly Sample[],
  { atM }: Rise,
  startS: number,
  liftM: number,
): { moves: TipMove[]; upFromM: number } | null {
  const passes = (xM: number): Sample | undefined => samples.find((s) => s.tS > startS && s.xM <= xM);
  const [before, behind] = [passes(atM + BEFORE_M), passes(atM - BEHIND_M)];
  if (!before || liftM <= 0) return null;
  const move = (tS: number, dzM: number): TipMove => ({ startS: tS, durationS: MOVE_S, dxM: 0, dyM: 0, dzM });
  const down = behind ? [move(Math.max(behind.tS, before.tS + MOVE_S), -liftM)] : [];
  return { moves: [move(before.tS, liftM), ...down], upFromM: before.xM };
}

/** Told of the cast that was made. */
export const climbOf = (samples: readonly Sample[], rise: Rise, upFromM: number | null): Climb => ({
  ...rise,
  upFromM,
  clearM: clearanceM(samples, rise),
});
