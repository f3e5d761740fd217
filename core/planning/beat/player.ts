/**
 * Plays cues by a clock that is not ours (the sound's own): a timer that may come late looks a little ahead and hands
 * each cue to the clock with its exact time, so that nothing drifts however late the timer is. What the timer slept
 * through is left out, not played in a heap.
 */
import type { Cue } from './cues';

/** What the player needs of the device; tests hand it a clock of their own. */
export interface BeatPorts {
  /** The clock that sounds are timed by, s. */
  nowS: () => number;
  /** Plays a cue at a moment of that clock. */
  sound: (cue: Cue, atS: number) => void;
  /** Calls back every so often until the answer is called. */
  every: (ms: number, run: () => void) => () => void;
}

/** Sounds are handed over this long before they are due, s: longer than a busy page stalls. */
export const LOOK_AHEAD_S = 0.25;
/** How often the player looks, ms. */
export const TIMER_MS = 60;
/** A cue this late is left out, s. */
const TOO_LATE_S = 0.03;

/** A beat being played. */
export interface BeatPlayer {
  /** Where the cast is now, s since the splash. */
  positionS: () => number;
  stop: () => void;
}

/** Starts at `fromS` of the cast, after `leadS` for the first sound to be ready in time. */
export function playBeat(cues: readonly Cue[], ports: BeatPorts, fromS = 0, leadS = 0.08): BeatPlayer {
  const origin = ports.nowS() + leadS - fromS;
  let next = cues.findIndex((c) => c.atS >= fromS - 1e-9);
  if (next < 0) next = cues.length;
  const look = (): void => {
    const now = ports.nowS();
    while (next < cues.length && origin + cues[next]!.atS < now + LOOK_AHEAD_S) {
      const cue = cues[next++]!;
      const at = origin + cue.atS;
      if (at >= now - TOO_LATE_S) ports.sound(cue, at);
    }
  };
  look();
  const stop = ports.every(TIMER_MS, look);
  return { positionS: () => Math.max(fromS, ports.nowS() - origin), stop };
}
