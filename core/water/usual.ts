/**
 * What is usual where nobody read it, by setting, month and cover. `prior: judgement` for a temperate northern water
 * unless a source is named.
 */
import { clamp } from '../base/numbers';
import type { CoverKind, Mark, Salinity, Setting } from './terms';

/** Surface temperature by month, temperate north, °C. */
export const MONTH_TEMP_C: readonly (readonly [number, number])[] = [
  [1, 4],
  [2, 4],
  [3, 8],
  [4, 13],
  [5, 18],
  [6, 22],
  [7, 26],
  [8, 26],
  [9, 22],
  [10, 16],
  [11, 10],
  [12, 6],
];

/** Water depth within a cast, m. */
export const SETTING_DEPTH_M: Record<Setting, number> = {
  pond: 2.5,
  lake: 4,
  reservoir: 5,
  river: 2.5,
  spillway: 3,
  'tidal-creek': 1.8,
  flat: 1.2,
  inlet: 4,
  'back-bay': 2,
  jetty: 6,
  surf: 2,
  ice: 6,
};

/** Visible depth, m. */
export const SETTING_CLARITY_M: Record<Setting, number> = {
  pond: 1,
  lake: 1.5,
  reservoir: 1.2,
  river: 0.9,
  spillway: 0.9,
  'tidal-creek': 0.7,
  flat: 1,
  inlet: 1.3,
  'back-bay': 0.9,
  jetty: 1.5,
  surf: 1,
  ice: 3,
};

/** How thick each kind of cover is where nobody said, 0–1. prior: judgement. */
export const COVER_DENSITY: Record<CoverKind, number> = {
  none: 0,
  pads: 0.5,
  'matted-grass': 0.8,
  'submerged-grass': 0.5,
  reeds: 0.5,
  wood: 0.5,
  brush: 0.5,
  dock: 0.4,
  rock: 0.4,
  oyster: 0.5,
};

/** What a setting's water usually is. */
export const usualSalinity = (s: Setting): Salinity =>
  s === 'tidal-creek' || s === 'back-bay'
    ? 'brackish'
    : s === 'flat' || s === 'inlet' || s === 'jetty' || s === 'surf'
      ? 'salt'
      : 'fresh';

/** Open water in front of the angler where none was read, m. */
export const USUAL_FETCH_M: Record<Setting, number> = {
  pond: 200,
  lake: 800,
  reservoir: 800,
  river: 200,
  spillway: 100,
  'tidal-creek': 150,
  flat: 1000,
  inlet: 800,
  'back-bay': 1500,
  jetty: 5000,
  surf: 10_000,
  ice: 0,
};

/**
 * Significant height of wind waves, m, growth limited by fetch: H = 0.0016·(gF/U²)^½·U²/g (Hasselmann et al. 1973),
 * never above a fully grown sea's 0.0246·U² (Pierson & Moskowitz 1964). Deep water; no swell. U 0–40 m/s, F 0–500 km; ±
 * 25 %. Example: 5 m/s over 400 m → 0.05 m.
 */
export const chopFromWindM = (windMps: number, fetchM = 400): number =>
  Math.min(0.0016 * Math.sqrt(fetchM / 9.81) * windMps, 0.0246 * windMps ** 2);

/** Fish band where none was read: fish depth ± the larger of 0.3 m and 10 %, kept inside the water. */
export function defaultFishBandM(fishDepthM: number, depthM: number): readonly [number, number] {
  const half = Math.max(0.3, 0.1 * fishDepthM);
  return [clamp(fishDepthM - half, 0, depthM), clamp(fishDepthM + half, 0, depthM)];
}

/** Depth of the marks on a screen, weighted by their number; null without any. */
export function markedDepthM(marks: readonly Mark[]): number | null {
  const n = marks.reduce((s, m) => s + m.count, 0);
  return n > 0 ? marks.reduce((s, m) => s + m.depthM * m.count, 0) / n : null;
}
