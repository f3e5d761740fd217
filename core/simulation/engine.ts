/**
 * Line and lure in motion: lumped line, implicit and second order in time (two-step backward differences with a step
 * that follows its own error), full Newton on all nodes at once.
 *
 *   line   (ρl + ρ)A r_tt = d(T t̂)/dS + f_D + f_W
 *          T = EA·e for e > 0, else 0 (slack: no compression, no bending)
 *   drag   f_D = −wet·½ρ[Ct π d |v_t| v_t t̂ + Cn d |v_n| v_n]      2 Gauss points a segment
 *   lure   (m + Ca ρV) dv/dt = T t̂ + (ρVφ − m)g ẑ − ½ρ CdA φ|U|U + ½ρ ClA φ|U|(U × ê)
 *
 * Valid: line 0.1–0.6 mm, lures 0.5–150 g, speeds below 4 m/s. Error against an independent settled solution: see MESH.
 * Left out: bending, wobble, film at the surface.
 */
import { createChain, setMasses, type Closing, type Forces } from './chain';
import { createReel, createTip } from './drive';
import { planeForces } from './plane';
import { spaceForces } from './space';
import type { Mesh, RetrieveInput } from './types';

const { cbrt, max, min } = Math;

/** A solver at work: steps forward, and says where all nodes are. */
export interface Engine {
  /**
   * One step of at most `longestS`, as long as the error allows; returns its length, s, or 0 when Newton failed even
   * with small steps.
   */
  step(from: number, longestS: number): number;
  /** The hands change what they do here: the next step is no longer than this, s. */
  atMost(stepS: number): void;
  /** Positions and velocities of the nodes as x, y, z: now, and before the last step (with the nodes of now). */
  state(node: number, out: NodeState): void;
  before(node: number, out: NodeState): void;
  /** Number of free nodes (the tip is node `nodes()`). */
  nodes(): number;
  lineOutM(): number;
  /** Newton corrections made so far, those of refused steps with them. */
  corrections(): number;
  tensionAtLureN(): number;
  onBottom(): boolean;
}

/** Place, m, and velocity, m/s, of a node. */
export interface NodeState {
  x: number;
  y: number;
  z: number;
  vx: number;
  vy: number;
  vz: number;
}

/** A step whose error is this many times what is allowed is taken again. */
const REFUSED = 3;
/** Share of the distance between guess and answer that is error of the two-step formula. */
const ERROR_SHARE = 0.3;
/**
 * The line's own nodes, whose swings in the air and through the surface say little of the lure, may err this much more:
 * 1 over it.
 */
const LINE_WEIGHT = 0.2;
const GROWTH = { most: 2, least: 0.3, safety: 0.85 } as const;
/**
 * A step that takes more corrections than this is taken again, shorter: segments that change between slack and taut
 * keep Newton going round, and half the step ends that sooner than a search along the correction.
 */
const NEWTON = { most: 12, shorter: 0.5 } as const;
/** What a node of the line may still move when Newton has settled counts this much: as LINE_WEIGHT, more cautiously. */
const LINE_SETTLE = 0.5;
const MIN_STEP_S = 1e-6;
const MIN_SEGMENT_M = 0.02;

/** The solver of one problem; advance it step by step. */
export function createEngine(input: RetrieveInput, mesh: Mesh): Engine {
  const chain = createChain(input, mesh.segments);
  const { dim, ell } = chain;
  const forces: Forces = dim === 2 ? planeForces(chain) : spaceForces(chain);
  const reel = createReel(input.reel);
  const tipOf = createTip(input.tipM, input.tipMoves);
  const size = dim * (chain.n + 1);
  const x = new Float64Array(size);
  const v = new Float64Array(size);
  let x0 = new Float64Array(size);
  let v0 = new Float64Array(size);
  let x1 = new Float64Array(size);
  let v1 = new Float64Array(size);
  const acceleration = new Float64Array(size);
  const guess = new Float64Array(size);
  const closing: Closing = { rate: 1, velocity0: new Float64Array(size), acceleration0: new Float64Array(size) };
  const tip = new Float64Array(3);
  const lastOf = (): number => dim * chain.n;
  const leastNodes = max(1, chain.leaderSegments + 1);
  /** Length of the step before, s; 0 = there is none to build on. */
  let stepBefore = 0;
  let next: number = mesh.firstStepS;
  let corrections = 0;
  let lineOutM = ell.reduce((a, b) => a + b, 0);

  const putTip = (to: Float64Array): void => {
    const q = lastOf();
    to[q] = tip[0]!;
    if (dim === 3) to[q + 1] = tip[1]!;
    to[q + dim - 1] = tip[2]!;
  };

  tipOf(0, tip);
  let run = 0;
  for (let i = 0; i <= chain.n; i++) {
    const s = run / input.lineLengthM;
    for (let k = 0; k < dim; k++) {
      const axis = dim === 2 && k === 1 ? 2 : k;
      x[dim * i + k] = input.lureM[axis]! + s * (tip[axis]! - input.lureM[axis]!);
    }
    run += ell[i] ?? 0;
  }
  setMasses(chain);
  forces.turnLure(x);

  /**
   * Newton at fixed step; false when it does not settle. `x` holds the first guess and then the answer. It has settled
   * when the correction, or what is to be expected of the next at the rate at which they shrink, is below what matters.
   */
  function settle(): boolean {
    const free = lastOf();
    const at = x;
    const { correction } = forces;
    const { settleM } = mesh;
    let before = Infinity;
    for (let iteration = 0; iteration < NEWTON.most; iteration++) {
      corrections++;
      forces.assemble(at, closing);
      forces.solve();
      let furthest = 0;
      for (let q = 0; q < free; q++) {
        const d = correction[q]!;
        at[q]! += d;
        const moved = (q < dim ? 1 : LINE_SETTLE) * (d < 0 ? -d : d);
        if (moved > furthest) furthest = moved;
        else if (moved !== moved) return false;
      }
      if (furthest === Infinity) return false;
      const rate = furthest / before;
      before = furthest;
      if (iteration === 0) continue;
      if (furthest < settleM || (rate < 0.5 && rate * furthest < (1 - rate) * settleM)) return true;
    }
    return false;
  }

  /** Line that can still be taken, m: the last pieces, or the knot of the leader, stop at the tip. */
  const leftM = (): number => (chain.n > leastNodes ? Infinity : max(0, ell[chain.n - 1]! - MIN_SEGMENT_M));

  /** Sets the closing formula for `count` numbers: two-step when there is a step to build on, else backward Euler. */
  function close(h: number, count: number): void {
    const r = stepBefore > 0 ? h / stepBefore : 0;
    const one = (1 + r) / h;
    const two = (r * r) / (h * (1 + r));
    closing.rate = (1 + 2 * r) / (h * (1 + r));
    const { velocity0, acceleration0 } = closing;
    const xa = x0,
      va = v0,
      xb = x1,
      vb = v1;
    for (let q = 0; q < count; q++) {
      velocity0[q] = two * xb[q]! - one * xa[q]!;
      acceleration0[q] = two * vb[q]! - one * va[q]!;
    }
  }

  function step(from: number, longestS: number): number {
    const free = lastOf();
    const count = free + dim;
    let h = min(next, longestS, mesh.longestStepS);
    // No splinter before the next break.
    if (h > 0.6 * longestS && h < longestS) h = 0.6 * longestS;
    const twoStep = stepBefore > 0;
    const at = x,
      speed = v,
      bent = acceleration,
      xa = x0,
      va = v0;
    for (let q = 0; q < count; q++) {
      xa[q] = at[q]!;
      va[q] = speed[q]!;
    }
    for (;;) {
      const taken = min(reel.takenM(from, from + h), leftM());
      ell[chain.n - 1]! -= taken;
      setMasses(chain);
      tipOf(from + h, tip);
      close(h, count);
      // First guess: carry on as before, the tip where it will be.
      const curve = twoStep ? 0.5 * h * h : 0;
      for (let q = 0; q < free; q++) at[q] = guess[q] = xa[q]! + h * va[q]! + curve * bent[q]!;
      putTip(at);
      const settled = settle();
      let error = Infinity;
      if (settled) {
        error = 0;
        for (let q = 0; q < free; q++) {
          const d = at[q]! - guess[q]!;
          const off = (q < dim ? 1 : LINE_WEIGHT) * (d < 0 ? -d : d);
          if (off > error) error = off;
        }
        error *= ERROR_SHARE / mesh.errorM;
      }
      if (settled && (error <= REFUSED || h <= mesh.firstStepS / 8)) {
        const grow = GROWTH.safety / cbrt(max(error, 1e-6));
        next = h * min(GROWTH.most, max(GROWTH.least, grow));
        const { rate, velocity0, acceleration0 } = closing;
        for (let q = 0; q < count; q++) {
          const u = rate * at[q]! + velocity0[q]!;
          speed[q] = u;
          bent[q] = rate * u + acceleration0[q]!;
        }
        // The step before is now this one's start; what was before that is written over by the next step.
        x0 = x1;
        v0 = v1;
        x1 = xa;
        v1 = va;
        stepBefore = h;
        lineOutM -= taken;
        forces.turnLure(at);
        merge();
        return h;
      }
      ell[chain.n - 1]! += taken;
      if (h <= MIN_STEP_S) {
        at.set(xa);
        return 0;
      }
      h *= settled ? max(GROWTH.least, GROWTH.safety / cbrt(error)) : NEWTON.shorter;
      if (!settled) stepBefore = 0;
    }
  }

  /** Joins the segment that the reel has nearly eaten to its neighbour. */
  function merge(): void {
    while (chain.n > leastNodes && ell[chain.n - 1]! < 0.3 * ell[chain.n - 2]!) {
      ell[chain.n - 2]! += ell[chain.n - 1]!;
      const q = lastOf();
      for (const a of [x, v, x1, v1, acceleration]) for (let k = 0; k < dim; k++) a[q - dim + k] = a[q + k]!;
      chain.n--;
    }
  }

  const read = (px: Float64Array, pv: Float64Array, node: number, out: NodeState): void => {
    const q = dim * node;
    const up = q + dim - 1;
    out.x = px[q]!;
    out.y = dim === 3 ? px[q + 1]! : input.tipM[1];
    out.z = px[up]!;
    out.vx = pv[q]!;
    out.vy = dim === 3 ? pv[q + 1]! : 0;
    out.vz = pv[up]!;
  };

  return {
    step,
    atMost: (stepS) => {
      next = min(next, stepS);
    },
    state: (node, out) => read(x, v, node, out),
    before: (node, out) => read(x1, v1, node, out),
    nodes: () => chain.n,
    lineOutM: () => lineOutM,
    corrections: () => corrections,
    tensionAtLureN: () => forces.tensionAtLureN(),
    onBottom: () => x[dim - 1]! < chain.floorZ,
  };
}
