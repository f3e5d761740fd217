/** Shapes of the line-and-lure problem. SI; axes x along the cast away from the tip, y to the left, z up, surface z = 0. */
export type Vec3 = readonly [number, number, number];

export interface LurePhysics {
  massKg: number;
  volumeM3: number;
  /** Drag coefficient times area, m². */
  dragAreaM2: number;
  /** Lift coefficient times area of a diving lip, m²; 0 for none. */
  liftAreaM2: number;
  /** Added-mass coefficient Ca of the displaced volume. */
  addedMass: number;
}

export interface LinePhysics {
  diameterM: number;
  densityKgM3: number;
  /** Axial stiffness EA, N. */
  stiffnessN: number;
  /** Cross-flow drag coefficient; null = by Reynolds number, 1 + 10·Re^(−2/3). */
  normalDrag: number | null;
  tangentialDrag: number;
}

/** From `startS` on the reel takes line at `speedMps`, reached linearly over `rampS` from the speed before. */
export interface ReelEntry {
  startS: number;
  speedMps: number;
  rampS: number;
}

/** A minimum-jerk move of the rod tip: p(s) = s³(10 − 15 s + 6 s²). */
export interface TipMove {
  startS: number;
  durationS: number;
  dxM: number;
  dyM?: number;
  dzM: number;
}

export interface RetrieveInput {
  waterDensityKgM3: number;
  /** Kinematic viscosity, m²/s; used only with Reynolds-dependent line drag. */
  viscosityM2s?: number;
  lure: LurePhysics;
  line: LinePhysics;
  tipM: Vec3;
  lureM: Vec3;
  lineLengthM: number;
  reel: readonly ReelEntry[];
  tipMoves: readonly TipMove[];
  currentMps: Vec3;
  /** Depth of the bottom, m; absent = bottomless. */
  floorDepthM?: number;
}

/** How finely to solve. */
export interface Mesh {
  segments: number;
  stepS: number;
  /** Largest step while the rod tip moves or the reel changes speed, s. */
  quickStepS: number;
  /** Largest step while nothing drives the line, s. */
  idleStepS: number;
  /** Newton has settled when no node moves more than this, m. */
  settleM: number;
  /** Axial stiffness is held below this, N: stiffer line only costs steps once its stretch no longer shows. */
  stiffnessCapN: number;
}

export const MESH = {
  /** Reference: within 1 % of a settled solution on casts. */
  fine: { segments: 24, stepS: 0.01, quickStepS: 0.0025, idleStepS: 0.01, settleM: 2e-6, stiffnessCapN: Infinity },
  /** For the drawn path: about 2 %. */
  plan: { segments: 14, stepS: 0.025, quickStepS: 0.008, idleStepS: 0.06, settleM: 2e-5, stiffnessCapN: 400 },
  /** For comparing candidates: about 4 %. */
  quick: { segments: 10, stepS: 0.05, quickStepS: 0.02, idleStepS: 0.1, settleM: 3e-4, stiffnessCapN: 150 },
} as const satisfies Record<string, Mesh>;
