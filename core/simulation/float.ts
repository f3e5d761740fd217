/** Floats: what carries a bait at its depth. */
import type { LeaderPhysics } from './types';
import { GRAVITY } from './medium';

/**
 * Buoyancy for each newton of bait that it must carry, and the least volume, m³. prior: judgement (a cork that a strike
 * pulls under).
 */
const CARRIES = 4;
const MIN_VOLUME_M3 = 4e-6;
/**
 * Weight as a share of its buoyancy (cork or foam with a wire and a weighted foot), drag of a stubby body, shape.
 * prior: judgement.
 */
const SHARE = 0.4;
const DRAG_OF_AREA = 0.9;
const HALF_HEIGHT_OF_SIZE = 0.7;

/** A float for a bait of this weight under water, N. */
export function floatFor(baitWeightN: number, waterDensityKgM3: number): NonNullable<LeaderPhysics['body']> {
  const volumeM3 = Math.max(MIN_VOLUME_M3, (CARRIES * Math.max(baitWeightN, 0)) / (waterDensityKgM3 * GRAVITY));
  const sizeM = Math.cbrt(volumeM3);
  return {
    massKg: SHARE * waterDensityKgM3 * volumeM3,
    volumeM3,
    dragAreaM2: DRAG_OF_AREA * sizeM ** 2,
    liftAreaM2: 0,
    addedMass: 0.5,
    halfHeightM: HALF_HEIGHT_OF_SIZE * sizeM,
  };
}
