/**
 * What settles and stays: a tow, a bow in a cross current, the force at the hook. Each by its own short path, without
 * marching in time.
 *
 * In a steady flow the line carries its forces along: d(T t̂)/dS = −(f_D + f_W), dr/dS = (1 + T/EA) t̂, integrated from
 * the lure with a fourth-order Runge-Kutta of fixed step (error below 0.1 % at 400 steps). Laws of drag and weight as
 * in engine.ts, without the ± 1 cm of surface.
 */
import { GRAVITY } from './medium';
import { crossFlowDrag, DEFAULT_VISCOSITY_M2S } from './lineDrag';
import type { LurePhysics } from './types';
import type { LinePhysics } from '../tackle/line';

/** Steps along the line. */
const STEPS = 400;

type Plane = [x: number, z: number];

interface Flow {
  line: LinePhysics;
  waterDensityKgM3: number;
  viscosityM2s: number;
  /** Velocity of the line relative to the water, m/s, in the plane of the problem. */
  relative: Plane;
  /** Weight of the line in this medium, N/m, along the second axis; 0 to leave it out. */
  weightNpm: number;
}

/** Position and tension vector along the line. */
interface State {
  x: number;
  z: number;
  tx: number;
  tz: number;
}

const sum = (a: State, b: State, k: number): State => ({
  x: a.x + k * b.x,
  z: a.z + k * b.z,
  tx: a.tx + k * b.tx,
  tz: a.tz + k * b.tz,
});

/** Derivatives along the unstretched line, towards the rod tip. */
function along(s: State, f: Flow): State {
  const t = Math.hypot(s.tx, s.tz) || 1e-12;
  const ux = s.tx / t;
  const uz = s.tz / t;
  const [vx, vz] = f.relative;
  const vt = vx * ux + vz * uz;
  const nx = vx - vt * ux;
  const nz = vz - vt * uz;
  const vn = Math.hypot(nx, nz);
  const base = 0.5 * f.waterDensityKgM3 * f.line.diameterM;
  const kt = base * Math.PI * f.line.tangentialDrag * Math.abs(vt);
  const kn = base * crossFlowDrag(f.line, vn, f.viscosityM2s) * vn;
  const stretch = 1 + t / f.line.stiffnessN;
  return {
    x: stretch * ux,
    z: stretch * uz,
    tx: kt * vt * ux + kn * nx,
    tz: kt * vt * uz + kn * nz + f.weightNpm,
  };
}

function step(s: State, f: Flow, h: number): State {
  const k1 = along(s, f);
  const k2 = along(sum(s, k1, h / 2), f);
  const k3 = along(sum(s, k2, h / 2), f);
  const k4 = along(sum(s, k3, h), f);
  return sum(sum(sum(sum(s, k1, h / 6), k2, h / 3), k3, h / 3), k4, h / 6);
}

/** What pulls at one place of the line: so far from where one begins, m, and its force, N. */
interface Hung {
  atM: number;
  pullN: Plane;
}

const pulled = (s: State, { pullN: [x, z] }: Hung): State => ({ ...s, tx: s.tx + x, tz: s.tz + z });

/** The state at every step along `lengthM` of line, first to last. */
function follow(start: State, f: Flow, lengthM: number, hung: Hung | null = null): State[] {
  const out = [start];
  const h = lengthM / STEPS;
  const here = hung === null ? -1 : Math.min(STEPS - 1, Math.floor(hung.atM / h));
  for (let i = 0; i < STEPS; i++) {
    const s = out[i]!;
    out.push(step(i === here ? pulled(s, hung!) : s, f, h));
  }
  return out;
}

const area = (line: LinePhysics): number => (Math.PI * line.diameterM ** 2) / 4;

/** A tow that has settled: lure and tip at one speed. */
export interface TowInput {
  waterDensityKgM3: number;
  viscosityM2s?: number;
  lure: LurePhysics;
  line: LinePhysics;
  /** Lure and tip both move at this, m/s; holding against a current of this speed is the same. */
  speedMps: number;
  tipHeightM: number;
  /** Unstretched line from the tip to the lure, m; or only the part under water. */
  lineLengthM?: number;
  wetLengthM?: number;
  /** A weight on the line: how far ahead of the lure, m, its mass, kg, and its density, kg/m³. */
  weight?: { aheadM: number; massKg: number; densityKgM3: number } | null;
}

/** Where the lure hangs then. Forces N, angles °. */
export interface Tow {
  depthM: number;
  /** From the point below the tip to the lure, m. */
  horizontalM: number;
  wetLengthM: number;
  lineLengthM: number;
  tensionLureN: number;
  /** Line above horizontal at the lure, °. */
  angleLureDeg: number;
  /** Line from lure to tip as x (towards the tip), z (above the lure) pairs, m. */
  lineXZ: number[];
}

/** Why there is no answer. */
export type TowProblem = 'floats' | 'too-short';

/** The tension vector with which the line holds the lure against drag, weight and lip. */
function holdingForce({ lure, waterDensityKgM3: rho, speedMps }: TowInput): Plane {
  const q = 0.5 * rho * speedMps * speedMps;
  return [q * lure.dragAreaM2, (lure.massKg - rho * lure.volumeM3) * GRAVITY + q * lure.liftAreaM2];
}

/** Drag coefficient of a weight on the line, on the face of a ball of its volume. prior: judgement. */
const WEIGHT_DRAG = 0.5;

function weightOnLine({ waterDensityKgM3: rho, speedMps }: TowInput, w: NonNullable<TowInput['weight']>): Hung {
  const volumeM3 = w.massKg / w.densityKgM3;
  const faceM2 = Math.PI * ((3 * volumeM3) / (4 * Math.PI)) ** (2 / 3);
  return {
    atM: w.aheadM,
    pullN: [0.5 * rho * speedMps ** 2 * WEIGHT_DRAG * faceM2, (w.massKg - rho * volumeM3) * GRAVITY],
  };
}

/** The dry span from where the line leaves the water, hanging in the air without wind. */
function dryRise(at: State, line: LinePhysics, lengthM: number): State {
  const dry: Flow = {
    line,
    waterDensityKgM3: 0,
    viscosityM2s: 1,
    relative: [0, 0],
    weightNpm: line.densityKgM3 * area(line) * GRAVITY,
  };
  const steps = 40;
  let s = at;
  for (let i = 0; i < steps; i++) s = step(s, dry, lengthM / steps);
  return s;
}

/** Where a function that starts below zero rises through it, by halving. */
function rootOf(rising: (x: number) => number, low: number, high: number): number {
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (rising(mid) < 0) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

/**
 * A lure towed, trolled, or held in a current, at rest in the moving frame. A lure that floats with no lip to pull it
 * down stays on top: `floats`. A line that does not reach from the tip to the water: `too-short`.
 */
export function steadyTow(input: TowInput): Tow | { problem: TowProblem } {
  const { line, waterDensityKgM3: rho, tipHeightM } = input;
  const [fx, fz] = holdingForce(input);
  if (fz <= 0) return { problem: 'floats' };
  const wet: Flow = {
    line,
    waterDensityKgM3: rho,
    viscosityM2s: input.viscosityM2s ?? DEFAULT_VISCOSITY_M2S,
    // The tip draws towards +x here; the water passes the line backwards.
    relative: [input.speedMps, 0],
    weightNpm: (line.densityKgM3 - rho) * area(line) * GRAVITY,
  };
  const start: State = { x: 0, z: 0, tx: fx, tz: fz };
  const hung = input.weight ? weightOnLine(input, input.weight) : null;
  const total = input.lineLengthM;
  let wetLengthM = input.wetLengthM ?? 0;
  let dryLengthM = 0;
  let path: State[];
  if (total !== undefined) {
    if (total <= tipHeightM) return { problem: 'too-short' };
    path = follow(start, wet, total, hung);
    const h = total / STEPS;
    const at = (s: number): State => {
      const i = Math.min(STEPS - 1, Math.floor(s / h));
      return step(path[i]!, wet, s - i * h);
    };
    wetLengthM = rootOf((s) => tipHeightM - (dryRise(at(s), line, total - s).z - at(s).z), 0, total);
    dryLengthM = total - wetLengthM;
  }
  path = follow(start, wet, wetLengthM, hung);
  const surface = path[STEPS]!;
  if (total === undefined) {
    const rise = (s: number): number => dryRise(surface, line, s).z - surface.z - tipHeightM;
    let longest = tipHeightM + 1;
    while (rise(longest) < 0 && longest < 1e5) longest *= 2;
    dryLengthM = rootOf(rise, 0, longest);
  }
  const tip = dryRise(surface, line, dryLengthM);
  return {
    depthM: surface.z,
    horizontalM: tip.x,
    wetLengthM,
    lineLengthM: wetLengthM + dryLengthM,
    tensionLureN: Math.hypot(fx, fz),
    angleLureDeg: (Math.atan2(fz, fx) * 180) / Math.PI,
    lineXZ: [...path.filter((_, i) => i % 20 === 0), tip].flatMap((s) => [s.x, s.z]),
  };
}

/** A tight line across a current. N, m, m/s. */
export interface BowInput {
  waterDensityKgM3: number;
  viscosityM2s?: number;
  line: LinePhysics;
  crossFlowMps: number;
  /** At the lure's end, N. */
  tensionN: number;
  lineLengthM: number;
}

/** How far the current bellies it. */
export interface Bow {
  chordM: number;
  /** Largest distance of the line from the chord, m. */
  offsetM: number;
  /** Between line and chord at the lure, °. */
  angleLureDeg: number;
}

/**
 * A tight line across a current, its weight left out: how far the current bellies it. Null when the current folds it
 * right over.
 */
export function crossCurrentBow(input: BowInput): Bow | null {
  const flow: Flow = {
    line: input.line,
    waterDensityKgM3: input.waterDensityKgM3,
    viscosityM2s: input.viscosityM2s ?? DEFAULT_VISCOSITY_M2S,
    relative: [0, -input.crossFlowMps],
    weightNpm: 0,
  };
  const shape = (angle: number): State[] =>
    follow(
      { x: 0, z: 0, tx: input.tensionN * Math.cos(angle), tz: input.tensionN * Math.sin(angle) },
      flow,
      input.lineLengthM,
    );
  const end = (angle: number): number => shape(angle)[STEPS]!.z;
  const steepest = (89.9 * Math.PI) / 180;
  if (end(steepest) < 0) return null;
  const angle = rootOf(end, 0, steepest);
  const path = shape(angle);
  return {
    chordM: path[STEPS]!.x,
    offsetM: Math.max(...path.map((s) => Math.abs(s.z))),
    angleLureDeg: (angle * 180) / Math.PI,
  };
}

/** A sweep of the rod on a tight line. */
export interface HookSetInput {
  line: { stiffnessN: number; strengthN?: number };
  lineLengthM: number;
  /** How far the tip is swept with the line tight, m. */
  sweepM: number;
  /** The rod as a spring at its tip, N/m. */
  rodStiffnessNpm: number;
}

/** What of it arrives at the hook. */
export interface HookSet {
  /** With a rod that does not give, N. */
  forceRigidRodN: number;
  forceN: number;
  /** The line would part before this; null when its strength is not known. */
  breaks: boolean | null;
}

/** Force that a sweep brings to the hook: line and rod as springs in series, fish and drag holding fast. */
export function hookSet({ line, lineLengthM, sweepM, rodStiffnessNpm }: HookSetInput): HookSet {
  const lineNpm = line.stiffnessN / lineLengthM;
  const forceN = sweepM / (1 / lineNpm + 1 / rodStiffnessNpm);
  return {
    forceRigidRodN: lineNpm * sweepM,
    forceN,
    breaks: line.strengthN === undefined ? null : forceN > line.strengthN,
  };
}
