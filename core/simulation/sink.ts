/**
 * A lure sinking free of the line, closed form: v = v_t·tanh(t/τ), z = v_t·τ·ln cosh(t/τ),
 * v_t = √(W/k), τ = M/√(W·k), k = ½ρ·CdA, M = m + Ca·ρ·V, W = (m − ρV)·g.
 * Example: 1/4-oz jig with compact tail (W 65 mN, CdA 2.03 cm²) → v_t = 0.80 m/s. A floater has no sink: null.
 */
import { FRESH_KG_M3 } from '../water/fluid';
import { GRAVITY } from './medium';
import type { LurePhysics } from './types';

/** Sinking on a slack line: final speed, m/s, and the time constant to it, s. */
export interface FreeSink {
  terminalMps: number;
  timeConstantS: number;
}

/** Weight less buoyancy, N; below 0 it floats. */
export const netWeightN = (lure: LurePhysics, waterDensityKgM3: number): number =>
  (lure.massKg - waterDensityKgM3 * lure.volumeM3) * GRAVITY;

/** Heavier than the fresh water it displaces by more than this: left alone it sinks, where a suspended lure stays. */
const SINKS = 1.05;
export const sinksByItself = (lure: Pick<LurePhysics, 'massKg' | 'volumeM3'>): boolean =>
  lure.massKg > SINKS * FRESH_KG_M3 * lure.volumeM3;

/** Terminal speed and time constant of a lure sinking on nothing; null for what floats. */
export function freeSink(lure: LurePhysics, waterDensityKgM3: number): FreeSink | null {
  const weight = netWeightN(lure, waterDensityKgM3);
  if (weight <= 0) return null;
  const k = 0.5 * waterDensityKgM3 * lure.dragAreaM2;
  const inertia = lure.massKg + lure.addedMass * waterDensityKgM3 * lure.volumeM3;
  return { terminalMps: Math.sqrt(weight / k), timeConstantS: inertia / Math.sqrt(weight * k) };
}

/** Speed after t seconds, m/s. */
export const sinkSpeedMps = (s: FreeSink, t: number): number => s.terminalMps * Math.tanh(t / s.timeConstantS);

/** Depth after t seconds, m. */
export function sinkDepthM(s: FreeSink, t: number): number {
  const q = t / s.timeConstantS;
  return s.terminalMps * s.timeConstantS * (q + Math.log1p(Math.exp(-2 * q)) - Math.LN2);
}

/** Seconds to fall a depth, s: inverse of the above, arcosh(eˣ) written so that no depth is too great for it. */
export function timeToSinkS(s: FreeSink, depthM: number): number {
  const x = Math.max(0, depthM) / (s.terminalMps * s.timeConstantS);
  return s.timeConstantS * (x + Math.log1p(Math.sqrt(-Math.expm1(-2 * x))));
}
