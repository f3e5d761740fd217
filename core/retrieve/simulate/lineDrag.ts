/** Cross-flow drag of a line, the largest doubt of the whole model: one place for the law. */
import type { LinePhysics } from './types';

/** Water at about 16 °C, m²/s. */
export const DEFAULT_VISCOSITY_M2S = 1.1e-6;
/** Below this Reynolds number the law is not trusted; creeping line is held at it. */
const LEAST_REYNOLDS = 0.2;

/**
 * Coefficient of a smooth cylinder across the flow: the line's own when it names one, else 1 + 10·Re^(−2/3), within 10 % of measured
 * cylinders for Re 1–300 (White, Viscous Fluid Flow). Example: 0.22 mm at 0.5 m/s in 16 °C water, Re 100 → 1.46.
 */
export const crossFlowDrag = (line: LinePhysics, crossSpeedMps: number, viscosityM2s: number): number =>
  line.normalDrag ?? 1 + 10 * Math.max((crossSpeedMps * line.diameterM) / viscosityM2s, LEAST_REYNOLDS) ** (-2 / 3);
