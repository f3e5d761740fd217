/** Where a cast goes, how long it is worked, which band counts: thrown out, pitched into cover, or put onto a bed. */
import { clamp } from '../../base/numbers';
import type { Family } from '../../lures/family';
import { besideCastM, PAST_M, PITCH_M, pitchedShare } from '../../ranking/cover';
import { PASS_S } from '../../ranking/guarding';
import type { LurePhysics } from '../../simulation/types';
import type { Rise } from './request';
import { FRESH_KG_M3 } from '../../water/fluid';
import type { ResolvedConditions } from '../../water/resolve';
import type { Whereabouts } from '../../water/terms';
import { defaultFishBandM } from '../../water/usual';

/** A lure on the bottom counts as in the zone this far above it, m. */
const BOTTOM_BAND_M = 0.3;
/** A lure on the surface counts while it is this near the top, m. */
const SURFACE_BAND_M = 0.15;

/** What one aims at has its fish this far around it, m. prior: judgement. */
export const AROUND_TARGET_M = 3;

/** A bed in sight is cast past from here, m. prior: judgement. */
const BED_M = 9;
/** A fish on its bed is this far above it, m. */
const ON_BED_M = 0.4;

/** How long a pitch is worked once it is down, s. prior: judgement. */
const PITCH_S = 20;
/** Nobody works one cast longer than this, s: then it is reeled in. prior: judgement. */
export const MAX_CAST_S = 180;
/** Nobody stays longer with one cast on top than so many seconds for each metre of it. prior: judgement. */
const PATIENCE_S_PER_M: Record<Whereabouts, number> = { searching: 2.5, located: 4, seen: 8 };

/** Put onto a bed and left there. */
export const isOnBed = (f: Family, r: ResolvedConditions): boolean =>
  r.behaviour === 'guarding' && (f.mode === 'bottom' || f.mode === 'swim');

/** What is swum over or under the fish, which come to it; null: among them, or worked on the top, the bottom, a bed. */
export type Beside = 'over' | 'under' | null;
export function besideFish(f: Family, r: ResolvedConditions, depthM: number): Beside {
  if (f.mode !== 'swim' || isOnBed(f, r)) return null;
  const [top, bottom] = r.fishBandM;
  return depthM < top ? 'over' : depthM > bottom ? 'under' : null;
}

/**
 * The band that counts. A lure that is swum above fish that look up is among them as far as they come for it: how far
 * that is, the ranking reckons. So it is the band around the lure's own depth where that is not theirs.
 */
function bandFor(f: Family, r: ResolvedConditions, pitched: boolean, depthM: number): readonly [number, number] {
  if (isOnBed(f, r)) return [Math.min(r.fishBandM[0], r.depthM - ON_BED_M), r.depthM];
  if (f.mode === 'surface') return [0, SURFACE_BAND_M];
  if (besideFish(f, r, depthM)) return defaultFishBandM(depthM, r.depthM);
  if (f.mode === 'bottom' && !pitched) return [Math.min(r.fishBandM[0], r.depthM - BOTTOM_BAND_M), r.depthM];
  return r.fishBandM;
}

/** How long a cast is worked at the most, s. */
const patienceS = (f: Family, r: ResolvedConditions, castM: number): number =>
  f.mode === 'surface' ? Math.min(MAX_CAST_S, PATIENCE_S_PER_M[r.whereabouts] * castM) : MAX_CAST_S;

/**
 * How far past the target to throw so that the lure is at depth when it gets there, m. prior: judgement (glide of one
 * depth, dive of five).
 */
function overshoot(f: Family, lure: LurePhysics, depthM: number, r: ResolvedConditions): number {
  if (f.mode === 'surface') return 1.5;
  if (f.liftAreaM2 > 0 && lure.massKg <= FRESH_KG_M3 * lure.volumeM3) return Math.min(14, 5 * depthM);
  return clamp(depthM + (r.currentMps > 0.2 ? 2 : 0), PAST_M.least, PAST_M.most);
}

/** What the placing of a cast is asked with. */
interface Asked {
  /** Depth the lure should work at, how far it flies with ease, m; free sink to that depth, s. */
  depthM: number;
  flightM: number;
  sinkS: number;
  /** The cast set by hand, and the distance to what is aimed at, m. */
  castM: number | undefined;
  targetM: number | null | undefined;
  over: Rise | null | undefined;
}

/** A cast as it is placed. */
export interface Placing {
  castM: number;
  /** The furthest comfortable cast, m. */
  comfortableM: number;
  overshootM: number;
  bandM: readonly [number, number];
  /** Put onto a bed and left there: nothing to search. */
  onBed: boolean;
  /** Dropped into standing cover and brought out again, instead of retrieved along. */
  pitched: boolean;
  /**
   * What carries a sunken lure, m: the bottom, or the limbs of the cover it is dropped into (it is crawled over them at
   * the fish's depth).
   */
  floorDepthM: number;
  longestS: number;
  /** The way to what is aimed at, m; null: at nothing, out of reach, or what is pitched to anyway. */
  targetM: number | null;
  /** What it must be brought over; null: nothing on its way. */
  over: Rise | null;
}

/** Where a lure of this kind goes here. */
export function placeCast(f: Family, lure: LurePhysics, r: ResolvedConditions, a: Asked): Placing {
  const onBed = isOnBed(f, r);
  const pitched = onBed || pitchedShare(f, r) > 0.5;
  const overshootM = overshoot(f, lure, a.depthM, r);
  const reachM = Math.min(a.flightM, besideCastM(f, r, a.depthM) ?? a.flightM);
  const comfortableM = onBed ? BED_M : pitched ? PITCH_M : reachM;
  const sunken = f.mode === 'swim' || f.mode === 'bottom';
  const castM = a.castM ?? Math.round(Math.min(comfortableM, a.targetM ? a.targetM + overshootM : comfortableM));
  return {
    castM,
    comfortableM: Math.max(castM, Math.round(comfortableM)),
    overshootM,
    bandM: bandFor(f, r, pitched, a.depthM),
    onBed,
    pitched,
    floorDepthM: pitched && !onBed ? Math.min(r.depthM, r.fishBandM[1]) : r.depthM,
    targetM: pitched || (a.targetM ?? 0) > comfortableM ? null : (a.targetM ?? null),
    over: a.over && sunken && !pitched && a.over.atM < castM && a.over.topM < r.depthM ? a.over : null,
    longestS: onBed ? PASS_S + a.sinkS : pitched ? PITCH_S + a.sinkS : patienceS(f, r, castM),
  };
}
