/**
 * From a family, a weight and a trailer to the numbers of the simulator.
 * Lead heads: density 10,700 kg/m³ (lead with its hook); how areas grow with the weight: weights.ts. Trailer drag:
 * prior: judgement. Example: paddletail at 7 g → 15 g in all, sinks 0.7 m/s.
 */
import type { LurePhysics } from '../simulation/types';
import { FRESH_KG_M3 } from '../water/fluid';
import type { Family, Trailer } from './family';
import { AREA_POWER, dragScale } from './weights';

export const LEAD_KG_M3 = 10_700;
const TRAILER_DRAG: Record<Trailer, number> = { none: 0.8, flat: 1, flapping: 1.2, paddle: 1.1, curl: 1.1 };

/** Mass, volume and areas of a family's lure at a weight, kg, with a trailer. */
export function lurePhysics(f: Family, weightKg: number, trailer: Trailer = 'flat'): LurePhysics {
  const share = weightKg / f.weightKg[1];
  const dragAreaM2 = f.dragAreaM2 * dragScale(f.build.kind, share) * (f.trailers ? TRAILER_DRAG[trailer] : 1);
  const liftAreaM2 = f.liftAreaM2 * share ** AREA_POWER;
  if (f.build.kind === 'piece')
    return {
      massKg: weightKg,
      volumeM3: weightKg / (f.build.gravity * FRESH_KG_M3),
      dragAreaM2,
      liftAreaM2,
      addedMass: 0.5,
    };
  return {
    massKg: weightKg + f.build.bodyKg,
    volumeM3: weightKg / LEAD_KG_M3 + f.build.bodyKg / (f.build.bodyGravity * FRESH_KG_M3),
    dragAreaM2,
    liftAreaM2,
    addedMass: 0.5,
  };
}
