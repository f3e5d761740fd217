/** Stored measurements as the calibration takes them. */
import type { LureMeasurement, TurnCount } from '../planning/calibrate/calibrate';
import type { Measured } from '../planning/calibrate/known';
import type { Measurement } from './measurement';

const SLOW_SINK_CAST_M = 6;
const USUAL_CRANK_CAST_M = 25;
const USUAL_CRANK_MPS = 1;

/** Null when a number that it needs is missing. */
export function lureMeasurement(c: Measurement): LureMeasurement | null {
  const { kind, depthM, seconds, castM, speedMps, line } = c;
  if (depthM === null || depthM <= 0) return null;
  if (kind === 'ticks-bottom')
    return { kind, depthM, castM: castM ?? USUAL_CRANK_CAST_M, speedMps: speedMps ?? USUAL_CRANK_MPS, line };
  return kind === 'turns-in' || seconds === null
    ? null
    : { kind, depthM, seconds, castM: castM ?? SLOW_SINK_CAST_M, line };
}

/** A counted reel as the calibration takes it; null for other measurements or missing numbers. */
export const turnCount = (c: Measurement): TurnCount | null =>
  c.kind === 'turns-in' && c.castM && c.turns ? { lengthM: c.castM, turns: c.turns } : null;

const present = <T>(x: T | null): x is T => x !== null;

/** What a plan is told; null when nothing was measured, so that its identity stays what it was. */
export function measuredOf(lure: readonly Measurement[], reel: readonly Measurement[]): Measured | null {
  const measured = { lure: lure.map(lureMeasurement).filter(present), reel: reel.map(turnCount).filter(present) };
  return measured.lure.length + measured.reel.length > 0 ? measured : null;
}
