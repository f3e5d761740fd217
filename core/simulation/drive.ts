/** What the hands do: line taken by the reel and where the rod tip is, as functions of time. */
import type { Mesh, ReelEntry, TipMove, Vec3 } from './types';

/** What the reel does over a cast. */
export interface ReelDrive {
  /** Speed at time t, m/s. */
  speedMps(t: number): number;
  /** Line taken between two times, m (Simpson's rule; exact for linear ramps that do not break inside the interval). */
  takenM(from: number, to: number): number;
}

/**
 * How many of the things with these ends, in order of their starts, are wholly over at t; searched from the last answer
 * on.
 */
function doneCounter(ends: readonly number[]): (t: number) => number {
  let latest = -Infinity;
  const allDoneAt = ends.map((e) => (latest = Math.max(latest, e)));
  let i = 0;
  return (t) => {
    while (i < allDoneAt.length && allDoneAt[i]! <= t) i++;
    while (i > 0 && allDoneAt[i - 1]! > t) i--;
    return i;
  };
}

/** A reel that follows its profile: each entry leads from the speed before to its own over its ramp. */
export function createReel(profile: readonly ReelEntry[]): ReelDrive {
  const done = doneCounter(profile.map((e) => e.startS + e.rampS));
  const speedMps = (t: number): number => {
    let i = done(t);
    let speed = profile[i - 1]?.speedMps ?? 0;
    for (; i < profile.length && t >= profile[i]!.startS; i++) {
      const e = profile[i]!;
      speed += (e.speedMps - speed) * (e.rampS <= 0 ? 1 : Math.min(1, (t - e.startS) / e.rampS));
    }
    return speed;
  };
  return {
    speedMps,
    takenM: (from, to) => ((to - from) / 6) * (speedMps(from) + 4 * speedMps((from + to) / 2) + speedMps(to)),
  };
}

const minimumJerk = (s: number): number => (s <= 0 ? 0 : s >= 1 ? 1 : s * s * s * (10 - 15 * s + 6 * s * s));

/** Where the rod tip is: the sum of its minimum-jerk moves. Writes x, y, z into `out`. */
export function createTip(tip0: Vec3, unsorted: readonly TipMove[]): (t: number, out: Float64Array) => void {
  const moves = [...unsorted].sort((a, b) => a.startS - b.startS);
  const done = doneCounter(moves.map((m) => m.startS + m.durationS));
  // Where the tip is once the first i moves are over.
  const after: Vec3[] = [tip0];
  for (const m of moves) {
    const [x, y, z] = after[after.length - 1]!;
    after.push([x + m.dxM, y + (m.dyM ?? 0), z + m.dzM]);
  }
  return (t, out) => {
    let i = done(t);
    const from = after[i]!;
    for (let k = 0; k < 3; k++) out[k] = from[k]!;
    for (; i < moves.length && t > moves[i]!.startS; i++) {
      const m = moves[i]!;
      const p = minimumJerk((t - m.startS) / m.durationS);
      out[0]! += p * m.dxM;
      out[1]! += p * (m.dyM ?? 0);
      out[2]! += p * m.dzM;
    }
  };
}

/** A moment at which the driving changes its nature: the solver steps onto it, and takes at most `stepS` from there. */
export interface Break {
  atS: number;
  stepS: number;
}

/** All of them, in order; what follows the end of a move or ramp is left to the solver's own judgement. */
export function driveBreaks(
  reel: readonly ReelEntry[],
  moves: readonly TipMove[],
  mesh: Pick<Mesh, 'moveSteps' | 'rampSteps'>,
): Break[] {
  const all: Break[] = [];
  const span = (startS: number, durationS: number, steps: number): void => {
    all.push(
      { atS: startS, stepS: durationS > 0 ? durationS / steps : Infinity },
      { atS: startS + durationS, stepS: Infinity },
    );
  };
  for (const e of reel) span(e.startS, e.rampS, mesh.rampSteps);
  for (const m of moves) span(m.startS, m.durationS, mesh.moveSteps);
  const out: Break[] = [];
  for (const b of all.sort((x, y) => x.atS - y.atS)) {
    const last = out[out.length - 1];
    // Sums of seconds that differ by a rounding are one moment.
    if (last && b.atS - last.atS < 1e-9) last.stepS = Math.min(last.stepS, b.stepS);
    else out.push({ ...b });
  }
  return out;
}
