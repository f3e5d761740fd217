/**
 * From a family, a weight and a trailer to the numbers of the simulator.
 * Lead heads: density 10,700 kg/m³ (lead with its hook). Drag area grows with (weight / middle weight)^(2/3), as for like shapes.
 * Trailer drag: prior: judgement. Example: paddletail at 7 g → 15 g in all, sinks 0.7 m/s.
 */
import type { LurePhysics } from '../retrieve/simulate/types';
import type { Family, Trailer } from './family';

const LEAD_KG_M3 = 10_700;
export const FRESH_KG_M3 = 998;
const TRAILER_DRAG: Record<Trailer, number> = { none: 0.8, flat: 1, flapping: 1.2, paddle: 1.1, curl: 1.1 };

export function lurePhysics(f: Family, weightKg: number, trailer: Trailer = 'flat'): LurePhysics {
  const scale = (weightKg / f.weightKg[1]) ** (2 / 3);
  const dragAreaM2 = f.dragAreaM2 * scale * (f.trailers ? TRAILER_DRAG[trailer] : 1);
  const liftAreaM2 = f.liftAreaM2 * scale;
  if (f.build.kind === 'piece')
    return { massKg: weightKg, volumeM3: weightKg / (f.build.gravity * FRESH_KG_M3), dragAreaM2, liftAreaM2, addedMass: 0.5 };
  return {
    massKg: weightKg + f.build.bodyKg,
    volumeM3: weightKg / LEAD_KG_M3 + f.build.bodyKg / (f.build.bodyGravity * FRESH_KG_M3),
    dragAreaM2,
    liftAreaM2,
    addedMass: 0.5,
  };
}

export const waterDensityKgM3 = (salinity: 'fresh' | 'brackish' | 'salt'): number =>
  salinity === 'fresh' ? FRESH_KG_M3 : salinity === 'brackish' ? 1010 : 1025;

/** Kinematic viscosity of water, m²/s, 0–35 °C (fit to tables, ± 2 %): 1.79e-6 at 0, 1.00e-6 at 20. */
export const viscosityM2s = (tempC: number): number => 1.79e-6 / (1 + 0.0337 * tempC + 0.000221 * tempC * tempC);
