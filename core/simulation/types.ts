/**
 * Shapes of the line-and-lure problem. SI; axes x along the cast away from the tip, y to the left, z up, surface z = 0.
 */
import type { LinePhysics } from '../tackle/line';

/** x towards the cast, y to the left, z up. */
export type Vec3 = readonly [number, number, number];

/** A lure as a lump in the water. SI. */
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

/**
 * Another line between the lure and the main line, and what may sit on the knot: a float, a sliding weight against its
 * stop.
 */
export interface LeaderPhysics {
  lengthM: number;
  line: LinePhysics;
  /** Null: only a knot. */
  body:
    (LurePhysics & { /** Half its height, m: over this much it goes from dry to wet. */ halfHeightM: number }) | null;
}

/** A cast to be solved: water, lure, line, and what reel and tip do over time. SI, times in s since the splash. */
export interface RetrieveInput {
  waterDensityKgM3: number;
  /** Kinematic viscosity, m²/s; used only with Reynolds-dependent line drag. */
  viscosityM2s?: number;
  lure: LurePhysics;
  line: LinePhysics;
  leader?: LeaderPhysics | null;
  tipM: Vec3;
  lureM: Vec3;
  /** Lure to tip, leader included, m; longer than the distance = slack. */
  lineLengthM: number;
  reel: readonly ReelEntry[];
  tipMoves: readonly TipMove[];
  currentMps: Vec3;
  /** Wind, as told for 10 m up, over the dry part of the line; absent or null: no air drag at all. */
  windMps?: Vec3 | null;
  /** The rod as a spring in series with the line, N/m; absent or null: stiff. */
  rodStiffnessNpm?: number | null;
  /** Depth of the bottom, m; absent = bottomless. */
  floorDepthM?: number;
}

/** How finely to solve. */
export interface Mesh {
  segments: number;
  /** Largest error of one step at any node, m: what the length of the steps follows. */
  errorM: number;
  longestStepS: number;
  /** The very first step, s; an eighth of it is taken whatever its error. */
  firstStepS: number;
  /** Newton has settled when no node moves more than this, m. */
  settleM: number;
  /** A move of the tip is taken in at least this many steps, a change of the reel in these. */
  moveSteps: number;
  rampSteps: number;
}

/** How finely a cast is cut up, by what the answer is for. */
export const MESH = {
  /** Reference: within 1 % of a settled solution on casts, twitches on slack line included. */
  fine: {
    segments: 40,
    errorM: 2e-5,
    longestStepS: 0.1,
    firstStepS: 0.0025,
    settleM: 2e-6,
    moveSteps: 5,
    rampSteps: 3,
  },
  /** For the drawn path: within 2 %. */
  plan: { segments: 20, errorM: 5e-4, longestStepS: 0.5, firstStepS: 0.01, settleM: 4e-4, moveSteps: 5, rampSteps: 3 },
  /** For comparing candidates and for ranges: within 5 %. */
  quick: { segments: 12, errorM: 2e-3, longestStepS: 0.5, firstStepS: 0.02, settleM: 3e-4, moveSteps: 5, rampSteps: 3 },
  /** For sifting many candidates: mostly within a tenth of the depth, a quarter of the work of `quick`. */
  scan: { segments: 5, errorM: 1.5e-2, longestStepS: 1, firstStepS: 0.06, settleM: 3e-3, moveSteps: 4, rampSteps: 2 },
} as const satisfies Record<string, Mesh>;
