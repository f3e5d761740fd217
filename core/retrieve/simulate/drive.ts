/** What the hands do: line taken by the reel and where the rod tip is, as functions of time. */
import type { ReelEntry, TipMove, Vec3 } from './types';

/** Reel speed at time t, m/s. */
export function reelSpeedMps(reel: readonly ReelEntry[], t: number): number {
  let speed = 0;
  for (const e of reel) {
    if (t < e.startS) break;
    speed += (e.speedMps - speed) * (e.rampS <= 0 ? 1 : Math.min(1, (t - e.startS) / e.rampS));
  }
  return speed;
}

/** Line taken between two times, m (Simpson's rule; exact for linear ramps that do not break inside the interval). */
export function lineTakenM(reel: readonly ReelEntry[], from: number, to: number): number {
  return ((to - from) / 6) * (reelSpeedMps(reel, from) + 4 * reelSpeedMps(reel, (from + to) / 2) + reelSpeedMps(reel, to));
}

const minimumJerk = (s: number): number => (s <= 0 ? 0 : s >= 1 ? 1 : s * s * s * (10 - 15 * s + 6 * s * s));

export function tipAt(tip0: Vec3, moves: readonly TipMove[], t: number, out: Float64Array): void {
  out[0] = tip0[0];
  out[1] = tip0[1];
  out[2] = tip0[2];
  for (const m of moves) {
    if (t <= m.startS) continue;
    const p = minimumJerk((t - m.startS) / m.durationS);
    out[0]! += p * m.dxM;
    out[1]! += p * (m.dyM ?? 0);
    out[2]! += p * m.dzM;
  }
}

/** Times at which the driving changes its nature, sorted: the solver steps onto each exactly. */
export function driveBreaks(reel: readonly ReelEntry[], moves: readonly TipMove[]): number[] {
  const at = new Set<number>();
  for (const e of reel) at.add(e.startS).add(e.startS + e.rampS);
  for (const m of moves) at.add(m.startS).add(m.startS + m.durationS);
  return [...at].filter((t) => t > 0).sort((a, b) => a - b);
}

/** True while a tip move or a reel ramp is under way in (from, to). */
export function isQuick(reel: readonly ReelEntry[], moves: readonly TipMove[], from: number, to: number): boolean {
  for (const m of moves) if (m.startS < to && m.startS + m.durationS > from) return true;
  for (const e of reel) if (e.startS < to && e.startS + Math.min(e.rampS, 0.15) > from) return true;
  return false;
}
