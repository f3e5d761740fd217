/**
 * Where on the cover fish sit now: bright calm day → under or inside; low light, cloud or wind → on the edge; cold →
 * deep and tight.
 */
import { surfaceLux } from './light';
import { logistic } from '../base/numbers';
import type { ResolvedConditions } from './resolve';

/** Where about the cover fish sit. */
export const HOLDING_PLACES = ['open', 'outer-edge', 'inside', 'deep-tight', 'on-bed'] as const;
export type HoldingPlace = (typeof HOLDING_PLACES)[number];

/** Where they sit now; light at the surface, lx. */
export interface Holding {
  place: HoldingPlace;
  /** 0 = all on the edge, 1 = all tight inside. */
  tightness: number;
  lux: number;
}

const BRIGHT_LUX = 12_000;

/** Where on the cover fish sit, and how tightly. */
export function computeHolding(r: ResolvedConditions): Holding {
  const lux = surfaceLux(r.sunElevationDeg, r.cloud);
  const bright = logistic(Math.log10(lux), Math.log10(BRIGHT_LUX), 0.25);
  const calm = 1 - logistic(r.waveHeightM, 0.15, 0.05);
  const cold = 1 - logistic(r.surfaceTempC, 9, 1.5);
  const tightness = Math.min(1, 0.15 + 0.55 * bright * (0.5 + 0.5 * calm) + 0.5 * cold);
  if (r.behaviour === 'guarding') return { place: 'on-bed', tightness, lux };
  if (r.cover.kind === 'none') return { place: cold > 0.5 ? 'deep-tight' : 'open', tightness, lux };
  if (cold > 0.5) return { place: 'deep-tight', tightness, lux };
  return { place: tightness > 0.5 ? 'inside' : 'outer-edge', tightness, lux };
}
