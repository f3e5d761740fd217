/** Cross-flow drag of a line, the largest doubt of the whole model: one place for the law. */
import type { LinePhysics } from '../tackle/line';

/** Water at about 16 °C, m²/s. */
export const DEFAULT_VISCOSITY_M2S = 1.1e-6;
/** Below this Reynolds number the law is not trusted; creeping line is held at it. */
const MIN_REYNOLDS = 0.2;

/** Cn(v) = even + thin·max(v, lowMps)^(−2/3), v in m/s across the line. */
export interface DragLaw {
  even: number;
  thin: number;
  lowMps: number;
}

/**
 * Coefficient of a smooth cylinder across the flow: the line's own when it names one, else 1 + 10·Re^(−2/3), within 10
 * % of measured cylinders for Re 1–300 (White, Viscous Fluid Flow). Example: 0.22 mm at 0.5 m/s in 16 °C water, Re 100
 * → 1.46.
 */
export function dragLaw(line: LinePhysics, viscosityM2s: number): DragLaw {
  if (line.normalDrag !== null) return { even: line.normalDrag, thin: 0, lowMps: 0 };
  const scale = line.dragScale ?? 1;
  const perRe = viscosityM2s / line.diameterM;
  return { even: scale, thin: scale * 10 * perRe ** (2 / 3), lowMps: MIN_REYNOLDS * perRe };
}

/** Cross-flow drag coefficient at a speed across the line, m/s. */
export const crossFlowDrag = (line: LinePhysics, crossSpeedMps: number, viscosityM2s: number): number => {
  const { even, thin, lowMps } = dragLaw(line, viscosityM2s);
  return thin === 0 ? even : even + thin * Math.max(crossSpeedMps, lowMps) ** (-2 / 3);
};
