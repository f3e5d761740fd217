/**
 * How far a fish can know of a lure without seeing it: pressure waves near by, rattles and pops further off; both
 * damped by plants, sound by chop as well. `prior: judgement`; the log may correct it.
 */
import { luxAtDepth, sightingRangeM, surfaceLux } from './light';
import type { ResolvedConditions } from './resolve';

const PLANTS = ['pads', 'matted-grass', 'submerged-grass', 'reeds'];

/** Share of a pressure wave that dense plants let through, 0.5–1. */
export const plantDamp = (r: Pick<ResolvedConditions, 'cover'>): number =>
  PLANTS.includes(r.cover.kind) ? 1 - 0.5 * r.cover.density : 1;
/** Share of what is heard over the noise of waves, 0–1. */
export const chopDamp = (r: Pick<ResolvedConditions, 'waveHeightM'>): number => Math.exp(-r.waveHeightM / 0.6);

/** Felt by the side line, m, for a lure that thumps 0 (not at all) to 1 (as a thick blade). */
export const feltRangeM = (r: Pick<ResolvedConditions, 'cover'>, thump: number): number => (0.2 + thump) * plantDamp(r);
/** Heard, m, for a lure that rattles 0–1. */
export const heardRangeM = (r: Pick<ResolvedConditions, 'cover' | 'waveHeightM'>, rattle: number): number =>
  6 * rattle * plantDamp(r) * chopDamp(r);

/** What a fish can know at its depth, and from how far, m. */
export interface Senses {
  /** Light where the fish are, lx, and its share of that at the top. */
  luxAtFish: number;
  lightShare: number;
  seesM: number;
  feelsM: number;
  hearsM: number;
}

/** What a fish at its depth can know: of a contrasting lure by eye, of a thumping one, of a rattling one. */
export function sensesOf(r: ResolvedConditions): Senses {
  const lux = surfaceLux(r.sunElevationDeg, r.cloud);
  const luxAtFish = luxAtDepth(lux, r.clarityM, r.fishDepthM);
  return {
    luxAtFish,
    lightShare: luxAtFish / lux,
    seesM: sightingRangeM(r.clarityM, luxAtFish),
    feelsM: feltRangeM(r, 1),
    hearsM: heardRangeM(r, 1),
  };
}
