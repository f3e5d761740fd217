/** Rods: what they throw, how far, and how stiff they are. */
import { clamp } from '../base/numbers';

/** How far down a rod bends: slow ones to the grip. */
export const ROD_ACTIONS = ['slow', 'moderate', 'fast'] as const;
export type RodAction = (typeof ROD_ACTIONS)[number];

/** A rod by what stands on it: length, m; lures it is rated for, kg. */
export interface RodSpec {
  lengthM: number;
  minLureKg: number;
  maxLureKg: number;
  action: RodAction;
}

/**
 * Stiffness of the tip against a pull of the line, N/m: about 80 for a fast rod that throws 21 g, more for stouter
 * ones; softer the further down it bends. prior: judgement; hang a known weight from the tip to find yours.
 */
const STIFFNESS_NPM: Record<RodAction, number> = { slow: 45, moderate: 60, fast: 80 };
const STOUTNESS_AT_KG = 0.021;
/** Stiffness at the tip, N/m; see STIFFNESS_NPM. */
export const rodStiffnessNpm = (rod: Pick<RodSpec, 'action' | 'maxLureKg'>): number =>
  STIFFNESS_NPM[rod.action] * clamp(rod.maxLureKg / STOUTNESS_AT_KG, 0.2, 5) ** 0.7;

/** Whether a rod and a lure go together. */
export type RodFit = 'fits' | 'too-light' | 'too-heavy';
/** The lightest and the heaviest that a rod throws, kg, with 15 % and 10 % of tolerance. */
export const thrownBy = (rod: Pick<RodSpec, 'minLureKg' | 'maxLureKg'>): [number, number] => [
  rod.minLureKg * 0.85,
  rod.maxLureKg * 1.1,
];

/** Whether a rod throws a lure of this weight, kg. */
export function rodFit(rod: Pick<RodSpec, 'minLureKg' | 'maxLureKg'>, lureKg: number): RodFit {
  const [from, to] = thrownBy(rod);
  return lureKg < from ? 'too-light' : lureKg > to ? 'too-heavy' : 'fits';
}

/** A strong wind takes this share of a cast for each m/s, of a compact lure and of a sail. prior: judgement. */
const WIND_TAKES = { compact: 0.015, sail: 0.05 } as const;

/** What a wind across or ahead leaves of a cast, 0–1; bulk 0 compact – 1 a sail. */
export const leftByWind = (windMps: number, bulk: number): number =>
  Math.exp(-windMps * (WIND_TAKES.compact + WIND_TAKES.sail * bulk));

/**
 * A comfortable cast, m: longer with weight (to saturation) and rod length, shorter when the lure is outside the rating
 * or bulky. prior: judgement, to be calibrated by counting turns. Example: 10 g, compact, 2.1 m rod inside its rating →
 * 26 m.
 */
export function comfortableCastM(rod: RodSpec, lureKg: number, bulk: number, lineDiameterM: number): number {
  const reach = 8 + 30 * (1 - Math.exp(-lureKg / 0.011));
  const fit = rodFit(rod, lureKg) === 'fits' ? 1 : 0.75;
  return clamp(
    reach *
      (0.4 + 0.6 * (rod.lengthM / 2.1)) *
      (1 - 0.25 * bulk) *
      (1 - 200 * Math.max(0, lineDiameterM - 0.25e-3)) *
      fit,
    4,
    80,
  );
}
