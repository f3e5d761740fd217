/** Tapping along: how well the beat was kept, and whether the hangs were rushed. */
import { quantile } from '../../base/numbers';
import type { Beat } from '../cadence/cadence';

/** How well tapped moves kept to the beat. */
export interface PracticeScore {
  /** Moves that were tapped, of those that were due. */
  hit: number;
  due: number;
  /** Median of how early (−) or late (+) the taps were, and of how far off, s. */
  biasS: number;
  offS: number;
  /** Hangs held for as long as asked, as a share: below 1 they were rushed. */
  heldShare: number | null;
  /** 0–100: hits, less what they were off, less rushed hangs. */
  score: number;
}

/** A tap further than this from its move belongs to none, s. */
const REACH_S = 0.6;
/** Off by this much a hit counts half, s. */
const HALF_S = 0.25;

/** One tap for the beginning of each move (turning counts as one move). `taps`: s since the splash, in order. */
export function scorePractice(beats: readonly Beat[], taps: readonly number[], untilS: number): PracticeScore {
  const moves = beats.filter((b) => b.kind !== 'pause' && b.atS <= untilS);
  const free = [...taps];
  const tapOf = new Map<Beat, number>();
  for (const m of moves) {
    let best = -1;
    free.forEach((t, i) => {
      if (Math.abs(t - m.atS) <= REACH_S && (best < 0 || Math.abs(t - m.atS) < Math.abs(free[best]! - m.atS))) best = i;
    });
    if (best >= 0) tapOf.set(m, free.splice(best, 1)[0]!);
  }
  const errors = [...tapOf].map(([m, t]) => t - m.atS);
  const held: number[] = [];
  beats.forEach((b, i) => {
    const after = beats[i + 1];
    const before = beats[i - 1];
    if (b.kind !== 'pause' || !after || !before) return;
    const [from, to] = [tapOf.get(before), tapOf.get(after)];
    // From the end of the move before to the tap that ended the hang.
    if (from !== undefined && to !== undefined) held.push((to - (from + before.durationS)) / b.durationS);
  });
  const hit = tapOf.size;
  const due = moves.length;
  const offS = quantile(errors.map(Math.abs), 0.5) ?? 0;
  const heldShare = quantile(held, 0.5);
  const sharp = errors.length === 0 ? 0 : errors.reduce((s, e) => s + 1 / (1 + (e / HALF_S) ** 2), 0) / errors.length;
  const patience = heldShare === null ? 1 : Math.max(0, Math.min(1, heldShare));
  return {
    hit,
    due,
    biasS: quantile(errors, 0.5) ?? 0,
    offS,
    heldShare,
    score: due === 0 ? 0 : Math.round((100 * hit * sharp * patience) / due),
  };
}
