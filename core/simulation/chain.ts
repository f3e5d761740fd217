/**
 * The chain of nodes a line is lumped into: 0 = lure … n = rod tip, whose place is given. Segments are graded, short at
 * the lure; the reel shortens the tip segment, which is merged into its neighbour when small. A leader is the first few
 * segments; what sits on its knot is a second body. Everything that both solvers, in the plane and in space, read of it
 * stands here.
 */
import { dragLaw, DEFAULT_VISCOSITY_M2S } from './lineDrag';
import type { LurePhysics, RetrieveInput } from './types';
import { AIR, GRAVITY, RAMP_M } from './medium';
import type { LinePhysics } from '../tackle/line';

/** The two Gauss points lie this share of a segment from its ends. */
export const GAUSS_NEAR = 0.2113248654051871;

/** A lump on a node: the lure, a float, a weight. */
export interface Body {
  node: number;
  massKg: number;
  inertiaKg: number;
  /** Buoyancy when all wet, N, and half of ρ·CdA and ρ·ClA, kg/m. */
  buoyancyN: number;
  drag: number;
  lift: number;
  rampM: number;
}

/** A line with its lumps as the solvers take it: one array a property, one entry a segment or node. SI. */
export interface Chain {
  /** Numbers a node: 2 in the plane of the cast (x, z), 3 in space (x, y, z). */
  dim: 2 | 3;
  /** Free nodes. */
  n: number;
  /** Unstretched segment lengths, m. */
  ell: Float64Array;
  mass: Float64Array;
  bodies: readonly Body[];
  floorZ: number;
  current: Float64Array;
  wind: Float64Array | null;
  /** Compliance of the rod in series with the tip segment, m/N. */
  rodCompliance: number;
  /**
   * A segment's material: EA; weight and displaced water, N/m; inertia, kg/m; ½ρd across and ½ρπd·Ct along; ½ρd in air;
   * law of Cn.
   */
  stiffness: Float64Array;
  weight: Float64Array;
  displaced: Float64Array;
  inertia: Float64Array;
  across: Float64Array;
  along: Float64Array;
  inAir: Float64Array;
  even: Float64Array;
  thin: Float64Array;
  lowMps: Float64Array;
  airEven: Float64Array;
  airThin: Float64Array;
  /** Segments that are leader; never merged. */
  leaderSegments: number;
}

/** Unstretched lengths from the lure to the tip, graded so that the last is `ratio` times the first. */
export function gradedLengths(total: number, segments: number, ratio = 5): Float64Array {
  const q = ratio ** (1 / Math.max(1, segments - 1));
  const out = new Float64Array(segments);
  let sum = 0;
  for (let i = 0; i < segments; i++) sum += out[i] = q ** i;
  for (let i = 0; i < segments; i++) out[i]! *= total / sum;
  return out;
}

/** True when nothing acts across the cast: then two dimensions tell all. */
export const isPlane = (i: RetrieveInput): boolean =>
  i.tipM[1] === i.lureM[1] &&
  i.currentMps[1] === 0 &&
  (i.windMps?.[1] ?? 0) === 0 &&
  i.tipMoves.every((m) => (m.dyM ?? 0) === 0);

const body = (node: number, b: LurePhysics, rho: number, rampM: number): Body => ({
  node,
  massKg: b.massKg,
  inertiaKg: b.massKg + b.addedMass * rho * b.volumeM3,
  buoyancyN: rho * b.volumeM3 * GRAVITY,
  drag: 0.5 * rho * b.dragAreaM2,
  lift: 0.5 * rho * b.liftAreaM2,
  rampM,
});

/** A leader gets this share of the segments, at least two. */
const LEADER_SHARE = 0.25;

/** The nodes of a line from lure to tip, graded finer towards the lure. */
export function createChain(input: RetrieveInput, segments: number): Chain {
  const { leader, waterDensityKgM3: rho } = input;
  const dim = isPlane(input) ? 2 : 3;
  const viscosity = input.viscosityM2s ?? DEFAULT_VISCOSITY_M2S;
  const leaderSegments = leader ? Math.max(2, Math.round(segments * LEADER_SHARE)) : 0;
  const ell = leader
    ? Float64Array.from([
        ...gradedLengths(leader.lengthM, leaderSegments, 2),
        ...gradedLengths(input.lineLengthM - leader.lengthM, segments - leaderSegments),
      ])
    : gradedLengths(input.lineLengthM, segments);
  const per = (f: (l: LinePhysics) => number): Float64Array =>
    Float64Array.from({ length: segments }, (_, i) => f(i < leaderSegments ? leader!.line : input.line));
  const area = (l: LinePhysics): number => (Math.PI * l.diameterM ** 2) / 4;
  const flat = (v: readonly [number, number, number]): Float64Array => Float64Array.from(dim === 2 ? [v[0], v[2]] : v);
  return {
    dim,
    n: segments,
    ell,
    mass: new Float64Array(segments),
    bodies: [
      body(0, input.lure, rho, RAMP_M),
      ...(leader?.body ? [body(leaderSegments, leader.body, rho, leader.body.halfHeightM)] : []),
    ],
    floorZ: input.floorDepthM === undefined ? -Infinity : -input.floorDepthM,
    current: flat(input.currentMps),
    wind: input.windMps ? flat(input.windMps) : null,
    rodCompliance: input.rodStiffnessNpm ? 1 / input.rodStiffnessNpm : 0,
    stiffness: per((l) => l.stiffnessN),
    weight: per((l) => l.densityKgM3 * area(l) * GRAVITY),
    displaced: per((l) => rho * area(l) * GRAVITY),
    inertia: per((l) => (l.densityKgM3 + rho) * area(l)),
    across: per((l) => 0.5 * rho * l.diameterM),
    along: per((l) => 0.5 * rho * Math.PI * l.diameterM * l.tangentialDrag),
    inAir: per((l) => 0.5 * AIR.densityKgM3 * l.diameterM),
    even: per((l) => dragLaw(l, viscosity).even),
    thin: per((l) => dragLaw(l, viscosity).thin),
    lowMps: per((l) => dragLaw(l, viscosity).lowMps),
    airEven: per((l) => dragLaw(l, AIR.viscosityM2s).even),
    airThin: per((l) => dragLaw(l, AIR.viscosityM2s).thin),
    leaderSegments,
  };
}

/** Lumps the segments' inertia and the bodies' into the nodes. */
export function setMasses(c: Chain): void {
  const { n, ell, inertia, mass } = c;
  for (let i = 0; i < n; i++) mass[i] = 0.5 * ((i > 0 ? ell[i - 1]! * inertia[i - 1]! : 0) + ell[i]! * inertia[i]!);
  for (const b of c.bodies) mass[b.node]! += b.inertiaKg;
}

/** Spring of a segment, N per unit of strain; the tip segment gives way with the rod. */
export const segmentStiffness = (c: Chain, i: number): number =>
  i === c.n - 1 && c.rodCompliance > 0 ? c.ell[i]! / (c.ell[i]! / c.stiffness[i]! + c.rodCompliance) : c.stiffness[i]!;

/**
 * The closing formula of a time step: velocity = rate·x + velocity0, acceleration = rate·velocity + acceleration0, one
 * number a degree of freedom (the tip included in velocity0).
 */
export interface Closing {
  rate: number;
  velocity0: Float64Array;
  acceleration0: Float64Array;
}

/** Forces on a chain and the Newton correction they ask for. Nodes are numbered and laid out as in the chain. */
export interface Forces {
  /** Residual (forces less inertia) and matrix at the positions `x`, kept inside. */
  assemble(x: Float64Array, closing: Closing): void;
  /** Solves for the correction of the free nodes; it stands in `correction`. The matrix is used up. */
  solve(): void;
  correction: Float64Array;
  tensionAtLureN(): number;
  /** After a step: which way the lure faces. */
  turnLure(x: Float64Array): void;
}

/**
 * What the last Newton correction foretold of each segment. Line hardly stretches, so a correction across it lengthens
 * it by an amount of second order, which its stiffness turns into a great force. A segment is therefore taken as taut,
 * and as stiff across itself, by the stretch foretold in first order; only the force along it goes by the stretch it
 * has. Without it a step took five to six corrections instead of three.
 */
export interface Foretold {
  /** Stretch after the last correction, in first order. */
  stretch: Float64Array;
  /** Stretch and direction (`dim` numbers a segment) where the matrix was set up. */
  from: Float64Array;
  direction: Float64Array;
}

export const createForetold = (c: Chain): Foretold => ({
  stretch: new Float64Array(c.n),
  from: new Float64Array(c.n),
  direction: new Float64Array(c.dim * c.n),
});

/** Carries the stretch of all segments on by a correction of the free nodes; the tip stays. */
export function foretell(c: Chain, { stretch, from, direction }: Foretold, correction: Float64Array): void {
  const { n, dim, ell } = c;
  const last = dim * (n - 1);
  for (let i = 0, q = 0; i < n; i++) {
    const far = q < last;
    let along = 0;
    for (const end = q + dim; q < end; q++)
      along += ((far ? correction[q + dim]! : 0) - correction[q]!) * direction[q]!;
    stretch[i] = from[i]! + along / ell[i]!;
  }
}
