/**
 * Where a water's tide comes from, and what it does at a moment. Apart from the day line, so that a screen that only
 * asks for now brings no astronomy along.
 */
import { cosineTide, currentMps, turnsOf, USUAL_CURRENT_MPS_PER_MPH, type HighLow, type TideCurve } from './curve';
import { harmonicTide, type Constituent } from './harmonic';

interface Flow {
  /** The current follows the rise by this much, min. */
  currentLagMinutes?: number;
  /** m/s for each metre an hour of rise. */
  currentMpsPerMph?: number;
}
/** Entered turns win over a station's constituents. */
export type TideSource =
  | ({ kind: 'turns'; turns: readonly HighLow[] } & Flow)
  | ({ kind: 'constituents'; constituents: readonly Constituent[]; meanM: number } & Flow);

const HOUR_MS = 3_600_000;
/** So near to a turn the water stands, ms. */
const SLACK_MS = 40 * 60_000;

/** Height of the water over time, from turns or from constituents. */
export const tideCurveOf = (source: TideSource): TideCurve =>
  source.kind === 'turns' ? cosineTide(source.turns) : harmonicTide(source.constituents, source.meanM);

/** Current with this tide, m/s, positive flooding; null where it is not known. */
export const tideCurrentMps = (source: TideSource, curve: TideCurve, atMs: number): number | null =>
  currentMps(curve, atMs, source.currentLagMinutes ?? 0, source.currentMpsPerMph ?? USUAL_CURRENT_MPS_PER_MPH);

/** The tide at a moment: height over datum, m. */
export interface TideNow {
  heightM: number;
  /** Positive flooding, m/s. */
  currentMps: number;
  stage: 'low' | 'rising' | 'high' | 'falling';
}

/** Height, current and stage at a moment; null outside what is known. */
export function tideNow(source: TideSource, atMs: number): TideNow | null {
  const curve = tideCurveOf(source);
  const heightM = curve.heightM(atMs);
  const rise = curve.riseMph(atMs);
  const mps = tideCurrentMps(source, curve, atMs);
  if (heightM === null || rise === null || mps === null) return null;
  const slack = turnsOf(curve, atMs - 3.5 * HOUR_MS, atMs + 3.5 * HOUR_MS).find(
    (t) => Math.abs(t.atMs - atMs) < SLACK_MS,
  );
  return { heightM, currentMps: mps, stage: slack ? slack.kind : rise > 0 ? 'rising' : 'falling' };
}

/** Whether the current runs the other way than it did; false where either is not known. */
export function hasTurned(source: TideSource, thenMs: number, nowMs: number): boolean {
  const curve = tideCurveOf(source);
  const [then, now] = [tideCurrentMps(source, curve, thenMs), tideCurrentMps(source, curve, nowMs)];
  return then !== null && now !== null && then * now < 0;
}

/** The next high water while it rises, and how much higher it comes; null while it falls or nothing is known. */
export function risingTo(source: TideSource, atMs: number): { highAtMs: number; byM: number } | null {
  const curve = tideCurveOf(source);
  const heightM = curve.heightM(atMs);
  if (heightM === null || (curve.riseMph(atMs) ?? 0) <= 0) return null;
  const high = turnsOf(curve, atMs, atMs + 8 * HOUR_MS).find((t) => t.kind === 'high');
  return high ? { highAtMs: high.atMs, byM: high.heightM - heightM } : null;
}
