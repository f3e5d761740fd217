/**
 * What is heard and felt of a cast: a tick for each second of the countdown, one as each turn of the handle begins, a
 * knock for each move of the wrist, a low tone as the hang begins.
 */
import type { Beat } from '../cadence/cadence';

/** Sounds of the beat. */
export const CUE_KINDS = ['count', 'turn', 'flick', 'hang'] as const;
export type CueKind = (typeof CUE_KINDS)[number];

/** One sound of the beat. */
export interface Cue {
  /** Since the splash, s. */
  atS: number;
  kind: CueKind;
}

/** Turns quicker than this run together to the ear, s between them. */
const QUICKEST_S = 0.12;

/** Cues of a cast in order of time; the countdown ends where the first beat begins. */
export function cuesOf(beats: readonly Beat[], countdownS: number): Cue[] {
  const out: Cue[] = [];
  for (let t = 1; t <= countdownS + 1e-9; t++) out.push({ atS: t, kind: 'count' });
  for (const b of beats) {
    if (b.kind === 'pause') out.push({ atS: b.atS, kind: 'hang' });
    else if (b.kind === 'turn' || b.kind === 'burn') {
      const everyS = Math.max(QUICKEST_S, b.durationS / Math.max(1, b.handleTurns));
      for (let t = 0; t < b.durationS - 1e-9; t += everyS) out.push({ atS: b.atS + t, kind: 'turn' });
    } else out.push({ atS: b.atS, kind: 'flick' });
  }
  return out.sort((a, b) => a.atS - b.atS);
}
