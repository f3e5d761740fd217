/**
 * What a stand allows: how high the hands are, how far one throws, where the rod and the cast can point. prior:
 * judgement throughout.
 */
import type { RodSpec } from './rod';
import type { Access } from '../water/terms';

/** Where the rod is pointed while it works. */
export const TIP_POSITIONS = ['down', 'level', 'up'] as const;
export type TipPosition = (typeof TIP_POSITIONS)[number];

/** The same as an angle and a height. */
export interface TipSetting {
  position: TipPosition;
  /** Rod angle above horizontal, °. */
  angleDeg: number;
  /** Tip above the water, m. */
  heightM: number;
}

/** What a place to stand allows. */
export interface Stand {
  /** Hands above the water, m. */
  handM: number;
  /** Share of a comfortable cast that can be thrown from here. */
  castShare: number;
  /** Rod positions that fish: what is left out has no use from up there, or no room. */
  tips: readonly TipPosition[];
  /** Angles between cast and current that are open, ° (0: the water comes from the target). */
  anglesDeg: readonly number[];
  /** The lure cannot be worked nearer than this, m: rocks, boards, wash. */
  nearestM: number;
}

const ALL_ROUND = [0, 45, 90, 135, 180] as const;

/** The places by name. prior: judgement of heights and of what is in the way. */
export const STANDS: Record<Access, Stand> = {
  bow: { handM: 1.5, castShare: 1, tips: TIP_POSITIONS, anglesDeg: ALL_ROUND, nearestM: 0 },
  // The bow has the water ahead, and a boat is held with its bow to the current.
  stern: { handM: 1.4, castShare: 1, tips: TIP_POSITIONS, anglesDeg: [90, 135, 180], nearestM: 0 },
  // Seated: no full swing.
  kayak: { handM: 0.8, castShare: 0.85, tips: TIP_POSITIONS, anglesDeg: ALL_ROUND, nearestM: 0 },
  bank: { handM: 1.2, castShare: 1, tips: TIP_POSITIONS, anglesDeg: [45, 90, 135], nearestM: 0 },
  dock: { handM: 1.8, castShare: 0.95, tips: TIP_POSITIONS, anglesDeg: [45, 90, 135], nearestM: 0 },
  // The back cast must clear the water behind.
  wade: { handM: 0.7, castShare: 0.9, tips: TIP_POSITIONS, anglesDeg: ALL_ROUND, nearestM: 0 },
  // High over the water behind a slope of rock: the line would cut over the stones with the tip low, and the last
  // metres are theirs.
  jetty: { handM: 2.6, castShare: 1, tips: ['level', 'up'], anglesDeg: [45, 90, 135], nearestM: 4 },
  // Over the breakers the rod is held high or at least level; the wash takes the rest.
  surf: { handM: 1.2, castShare: 1, tips: ['level', 'up'], anglesDeg: [45, 90, 135], nearestM: 5 },
  ice: { handM: 0.6, castShare: 1, tips: TIP_POSITIONS, anglesDeg: ALL_ROUND, nearestM: 0 },
};

const ANGLE_DEG: Record<TipPosition, number> = { down: -25, level: 10, up: 45 };

/** Tip height for a position, never below 0.2 m so that the tip stays out of the water. */
export function tipSetting(position: TipPosition, rod: Pick<RodSpec, 'lengthM'>, access: Access): TipSetting {
  const angleDeg = ANGLE_DEG[position];
  return {
    position,
    angleDeg,
    heightM: Math.max(0.2, STANDS[access].handM + rod.lengthM * 0.8 * Math.sin((angleDeg * Math.PI) / 180)),
  };
}

/** Below this nobody can tell the angle of a current, m/s. */
export const TELLING_CURRENT_MPS = 0.05;
