/**
 * Lines: from material and rated strength to what the simulator needs.
 * Diameters and stiffness: engineering estimates of common line (makers differ ± 10 %). Stiffness EA = rated load /
 * strain at that load (braid 3.5 %, fluorocarbon 22 %, nylon 25 %, lead core 10 %). Lead core, a thread of lead in a
 * braided sheath, is there to be towed: as thick and as heavy as goes about 5 ft deeper for every ten yards at 2 mph.
 */
import { interpolate } from '../base/numbers';

/** What a line is made of. */
export const LINE_MATERIALS = ['braid', 'fluorocarbon', 'nylon', 'lead-core'] as const;
export type LineMaterial = (typeof LINE_MATERIALS)[number];

/** One pound of force, N. */
export const NEWTON_PER_LB = 4.4482216;

/** Strengths sold, lb class (the number on the spool everywhere). */
export const LINE_CLASSES_LB = [4, 6, 8, 10, 12, 15, 17, 20, 25, 30, 40, 50] as const;

type Table = readonly (readonly [number, number])[];
/** Diameter, mm, by lb class. */
const DIAMETER_MM: Record<LineMaterial, Table> = {
  braid: [
    [6, 0.11],
    [10, 0.15],
    [15, 0.19],
    [20, 0.22],
    [30, 0.28],
    [40, 0.32],
    [50, 0.36],
  ],
  fluorocarbon: [
    [4, 0.18],
    [6, 0.22],
    [8, 0.255],
    [10, 0.28],
    [12, 0.305],
    [15, 0.34],
    [17, 0.365],
    [20, 0.4],
    [25, 0.445],
  ],
  nylon: [
    [4, 0.19],
    [6, 0.23],
    [8, 0.26],
    [10, 0.29],
    [12, 0.325],
    [17, 0.385],
    [20, 0.43],
    [25, 0.47],
  ],
  'lead-core': [
    [12, 0.7],
    [17, 0.8],
    [25, 0.9],
    [40, 1],
  ],
};
const DENSITY_KG_M3: Record<LineMaterial, number> = {
  braid: 970,
  fluorocarbon: 1780,
  nylon: 1140,
  'lead-core': 4000,
};
const STRAIN_AT_RATING: Record<LineMaterial, number> = {
  braid: 0.035,
  fluorocarbon: 0.22,
  nylon: 0.25,
  'lead-core': 0.1,
};

/** What the simulator needs to know of a line. */
export interface LinePhysics {
  diameterM: number;
  densityKgM3: number;
  /** Axial stiffness EA, N. */
  stiffnessN: number;
  /** Cross-flow drag coefficient; null = by Reynolds number, 1 + 10·Re^(−2/3). */
  normalDrag: number | null;
  /** Ratio to that law where it is used, for its uncertainty; absent = 1. */
  dragScale?: number;
  tangentialDrag: number;
}

/** A line by what stands on its spool. */
export interface LineSpec {
  material: LineMaterial;
  strengthLb: number;
}

/** Diameter of a line by its class, m, ± 10 % among makers. */
export const lineDiameterM = (l: LineSpec): number => interpolate(DIAMETER_MM[l.material], l.strengthLb) / 1000;

/** With Reynolds-dependent cross-flow drag (normalDrag null), the product's own default. */
export function linePhysics(l: LineSpec): LinePhysics {
  return {
    diameterM: lineDiameterM(l),
    densityKgM3: DENSITY_KG_M3[l.material],
    stiffnessN: (l.strengthLb * NEWTON_PER_LB) / STRAIN_AT_RATING[l.material],
    normalDrag: null,
    tangentialDrag: 0.015,
  };
}

/** Strengths this material is sold in, lb. */
export const lineClasses = (material: LineMaterial): number[] => DIAMETER_MM[material].map(([lb]) => lb);

/** The next thinner class of the same material, or null at the thin end; the next thicker, or null at the thick end. */
export function thinnerLine(l: LineSpec): LineSpec | null {
  const lb = Math.max(...lineClasses(l.material).filter((x) => x < l.strengthLb));
  return Number.isFinite(lb) ? { ...l, strengthLb: lb } : null;
}
/** The next thicker class of the same material; null at the thick end. */
export function thickerLine(l: LineSpec): LineSpec | null {
  const lb = Math.min(...lineClasses(l.material).filter((x) => x > l.strengthLb));
  return Number.isFinite(lb) ? { ...l, strengthLb: lb } : null;
}
