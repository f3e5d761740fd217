/** Wind and current as velocities along and across the cast. */
import type { Vec3 } from '../../simulation/types';

/**
 * Velocity of a flow, m/s: x from the angler to the target, y to the angler's left, z up. At 0° it comes from the
 * target towards the angler, at 90° it runs from the right to the left. Example: 0.5 m/s at 90° → (0, 0.5, 0).
 */
export const flowVelocity = (speedMps: number, angleDeg: number): Vec3 => {
  const a = (angleDeg * Math.PI) / 180;
  const across = speedMps * Math.sin(a);
  return [-speedMps * Math.cos(a), Math.abs(across) < 1e-9 ? 0 : across, 0];
};
