/**
 * Line and lure in motion: lumped line, backward Euler, full Newton on all nodes at once.
 *
 *   line   (ρl + ρ)A r_tt = d(T t̂)/dS + f_D + f_W        T = EA·e for e > 0, else 0 (slack: no compression, no bending)
 *   drag   f_D = −wet·½ρ[Ct π d |v_t| v_t t̂ + Cn d |v_n| v_n]      2 Gauss points a segment, linearised in the new velocity
 *   lure   (m + Ca ρV) dv/dt = T t̂ + (ρVφ − m)g ẑ − ½ρ CdA φ|U|U + ½ρ ClA φ|U|(U × ê)
 *
 * Nodes: 0 = lure … n = rod tip (prescribed). Segments are graded, short at the lure; the reel shortens the tip segment, which is
 * merged into its neighbour when small. Valid: line 0.1–0.6 mm, lures 0.5–150 g, speeds below 4 m/s.
 * Error against an independent settled solution: see MESH. First order in time. Left out: bending, wobble, film at the surface, air drag.
 */
import { createBlockSystem, solveBlocks } from './blocks';
import { lineTakenM, tipAt } from './drive';
import { crossFlowDrag, DEFAULT_VISCOSITY_M2S } from './lineDrag';
import type { Mesh, RetrieveInput } from './types';

export const GRAVITY = 9.81;
const RAMP_M = 0.01;
const GAUSS = [0.2113248654051871, 0.7886751345948129] as const;
/** Contact with the bottom: stiffness per lure weight, and friction of a lure on sand (prior: judgement). */
const FLOOR = { lureNpm: 60, lineNpm: 1, friction: 0.35, creepMps: 0.01 } as const;

export interface Engine {
  /** Advance to time `to`; false when Newton failed even with small steps. */
  advance(from: number, to: number): boolean;
  readonly x: Float64Array;
  readonly v: Float64Array;
  /** Number of free nodes (the tip is node `nodes()`). */
  nodes(): number;
  lineOutM(): number;
  tensionAtLureN(): number;
  onBottom(): boolean;
}

/** Unstretched lengths from the lure to the tip, graded so that the last is `ratio` times the first. */
export function gradedLengths(total: number, segments: number, ratio = 8): Float64Array {
  const q = ratio ** (1 / Math.max(1, segments - 1));
  const out = new Float64Array(segments);
  let sum = 0;
  for (let i = 0; i < segments; i++) sum += out[i] = q ** i;
  for (let i = 0; i < segments; i++) out[i]! *= total / sum;
  return out;
}

export function createEngine(input: RetrieveInput, mesh: Pick<Mesh, 'segments' | 'settleM' | 'stiffnessCapN'>): Engine {
  const { segments } = mesh;
  const { lure, line, waterDensityKgM3: rho, reel, tipMoves } = input;
  const viscosity = input.viscosityM2s ?? DEFAULT_VISCOSITY_M2S;
  const stiffnessN = Math.min(line.stiffnessN, mesh.stiffnessCapN);
  const area = (Math.PI * line.diameterM ** 2) / 4;
  const lineInertia = (line.densityKgM3 + rho) * area;
  const lureInertia = lure.massKg + lure.addedMass * rho * lure.volumeM3;
  const floorZ = input.floorDepthM === undefined ? -Infinity : -input.floorDepthM;
  const [cx, cy, cz] = input.currentMps;

  let n = segments;
  const ell = gradedLengths(input.lineLengthM, segments);
  const x = new Float64Array(3 * (n + 1));
  const v = new Float64Array(3 * (n + 1));
  const x0 = new Float64Array(x.length);
  const v0 = new Float64Array(x.length);
  const trial = new Float64Array(x.length);
  const dx = new Float64Array(x.length);
  const tip = new Float64Array(3);
  const mass = new Float64Array(n + 1);
  const sys = createBlockSystem(n);
  let tension0 = 0;

  tipAt(input.tipM, tipMoves, 0, tip);
  let run = 0;
  for (let i = 0; i <= n; i++) {
    const s = run / input.lineLengthM;
    for (let k = 0; k < 3; k++) x[3 * i + k] = input.lureM[k]! + s * (tip[k]! - input.lureM[k]!);
    run += ell[i] ?? 0;
  }

  const wetness = (z: number): number => (z <= -RAMP_M ? 1 : z >= RAMP_M ? 0 : 0.5 - z / (2 * RAMP_M));

  /** ê = â × ẑ with â the horizontal unit vector of the chord; kept when the chord is vertical. */
  let ex = 0;
  let ey = 1;
  function updateChord(): void {
    const dx = x[3 * n]! - x[0]!;
    const dy = x[3 * n + 1]! - x[1]!;
    const h = Math.hypot(dx, dy);
    if (h < 1e-4) return;
    ex = dy / h;
    ey = -dx / h;
  }

  /** Residual into sys.rhs (as −R) and, when asked, the Jacobian; returns the squared norm of R scaled by the step. */
  function assemble(p: Float64Array, h: number, jacobian: boolean): number {
    const { diag, lower, upper, rhs } = sys;
    rhs.fill(0, 0, 3 * n);
    if (jacobian) {
      diag.fill(0, 0, 9 * n);
      lower.fill(0, 0, 9 * n);
      upper.fill(0, 0, 9 * n);
    }
    const ih = 1 / h;
    for (let i = 0; i < n; i++) {
      const m = mass[i]! * ih * ih;
      for (let k = 0; k < 3; k++) {
        const q = 3 * i + k;
        rhs[q]! -= m * (p[q]! - x0[q]! - h * v0[q]!);
        if (jacobian) diag[9 * i + 4 * k]! += m;
      }
    }
    for (let i = 0; i < n; i++) {
      const a = 3 * i;
      const b = a + 3;
      const last = i === n - 1;
      const dx = p[b]! - p[a]!, dy = p[b + 1]! - p[a + 1]!, dz = p[b + 2]! - p[a + 2]!;
      const len = Math.sqrt(dx * dx + dy * dy + dz * dz) || 1e-9;
      const tx = dx / len, ty = dy / len, tz = dz / len;
      near.fill(0);
      far.fill(0);
      between.fill(0);
      const e = (len - ell[i]!) / ell[i]!;
      const t = e > 0 ? stiffnessN * e : 0;
      if (i === 0) tension0 = t;
      if (e > 0) {
        rhs[a]! += t * tx;
        rhs[a + 1]! += t * ty;
        rhs[a + 2]! += t * tz;
        if (!last) {
          rhs[b]! -= t * tx;
          rhs[b + 1]! -= t * ty;
          rhs[b + 2]! -= t * tz;
        }
        if (jacobian) addSymmetric(1, 1, -1, stiffnessN / ell[i]!, t / len, 0, tx, ty, tz, 0, 0, 0);
      }
      for (let g = 0; g < 2; g++) {
        const s = GAUSS[g]!;
        const r = 1 - s;
        const z = r * p[a + 2]! + s * p[b + 2]!;
        const wet = wetness(z);
        const half = ell[i]! / 2;
        const weight = -(line.densityKgM3 - wet * rho) * area * GRAVITY * half;
        rhs[a + 2]! += r * weight;
        if (!last) rhs[b + 2]! += s * weight;
        if (wet === 0) continue;
        // Buoyancy changes with depth while the segment lies in the surface ramp.
        if (jacobian && wet < 1) addSymmetric(r * r, s * s, r * s, 0, 0, (rho * area * GRAVITY * half) / (2 * RAMP_M), 0, 0, 0, 0, 0, 1);
        const vx = (r * (p[a]! - x0[a]!) + s * (p[b]! - x0[b]!)) * ih - cx;
        const vy = (r * (p[a + 1]! - x0[a + 1]!) + s * (p[b + 1]! - x0[b + 1]!)) * ih - cy;
        const vz = (r * (p[a + 2]! - x0[a + 2]!) + s * (p[b + 2]! - x0[b + 2]!)) * ih - cz;
        const vt = vx * tx + vy * ty + vz * tz;
        const nx = vx - vt * tx, ny = vy - vt * ty, nz = vz - vt * tz;
        const vn = Math.sqrt(nx * nx + ny * ny + nz * nz);
        const cn = crossFlowDrag(line, vn, viscosity);
        const base = 0.5 * rho * wet * half * line.diameterM;
        const kt = base * Math.PI * line.tangentialDrag * Math.abs(vt);
        const kn = base * cn * vn;
        const fx = -(kt * vt * tx + kn * nx), fy = -(kt * vt * ty + kn * ny), fz = -(kt * vt * tz + kn * nz);
        rhs[a]! += r * fx;
        rhs[a + 1]! += r * fy;
        rhs[a + 2]! += r * fz;
        if (!last) {
          rhs[b]! += s * fx;
          rhs[b + 1]! += s * fy;
          rhs[b + 2]! += s * fz;
        }
        if (jacobian) {
          const inn = vn > 1e-9 ? 1 / vn : 0;
          addSymmetric(r * r, s * s, r * s, 2 * kt * ih, kn * ih, kn * ih, tx, ty, tz, nx * inn, ny * inn, nz * inn);
        }
      }
      if (jacobian) spreadBlocks(i, last);
      if (p[a + 2]! < floorZ) floorContact(i, p, h, jacobian);
    }
    lureForces(p, h, jacobian);
    let norm = 0;
    for (let q = 0; q < 3 * n; q++) norm += rhs[q]! * rhs[q]!;
    return norm;
  }

  /** The symmetric blocks of one segment, six numbers each (xx xy xz yy yz zz): on the lure side, on the tip side, and between. */
  const near = new Float64Array(6);
  const far = new Float64Array(6);
  const between = new Float64Array(6);

  /** Adds w = k·tt + q·(1 − tt) + e·nn to the three blocks with the weights of the two ends. */
  function addSymmetric(aa: number, bb: number, ab: number, k: number, q: number, e: number, tx: number, ty: number, tz: number, nx: number, ny: number, nz: number): void {
    const d = k - q;
    const xx = q + d * tx * tx + e * nx * nx;
    const xy = d * tx * ty + e * nx * ny;
    const xz = d * tx * tz + e * nx * nz;
    const yy = q + d * ty * ty + e * ny * ny;
    const yz = d * ty * tz + e * ny * nz;
    const zz = q + d * tz * tz + e * nz * nz;
    near[0]! += aa * xx; near[1]! += aa * xy; near[2]! += aa * xz; near[3]! += aa * yy; near[4]! += aa * yz; near[5]! += aa * zz;
    far[0]! += bb * xx; far[1]! += bb * xy; far[2]! += bb * xz; far[3]! += bb * yy; far[4]! += bb * yz; far[5]! += bb * zz;
    between[0]! += ab * xx; between[1]! += ab * xy; between[2]! += ab * xz; between[3]! += ab * yy; between[4]! += ab * yz; between[5]! += ab * zz;
  }

  function addBlock(to: Float64Array, o: number, m: Float64Array): void {
    to[o]! += m[0]!; to[o + 1]! += m[1]!; to[o + 2]! += m[2]!;
    to[o + 3]! += m[1]!; to[o + 4]! += m[3]!; to[o + 5]! += m[4]!;
    to[o + 6]! += m[2]!; to[o + 7]! += m[4]!; to[o + 8]! += m[5]!;
  }

  function spreadBlocks(i: number, last: boolean): void {
    addBlock(sys.diag, 9 * i, near);
    if (last) return;
    addBlock(sys.diag, 9 * (i + 1), far);
    addBlock(sys.upper, 9 * i, between);
    addBlock(sys.lower, 9 * (i + 1), between);
  }

  function floorContact(i: number, p: Float64Array, h: number, jacobian: boolean): void {
    const q = 3 * i;
    const k = i === 0 ? FLOOR.lureNpm : FLOOR.lineNpm;
    const push = k * (floorZ - p[q + 2]!);
    const vx = (p[q]! - x0[q]!) / h;
    const vy = (p[q + 1]! - x0[q + 1]!) / h;
    const grip = (FLOOR.friction * push) / Math.hypot(vx, vy, FLOOR.creepMps);
    sys.rhs[q]! -= grip * vx;
    sys.rhs[q + 1]! -= grip * vy;
    sys.rhs[q + 2]! += push;
    if (!jacobian) return;
    sys.diag[9 * i]! += grip / h;
    sys.diag[9 * i + 4]! += grip / h;
    sys.diag[9 * i + 8]! += k;
  }

  function lureForces(p: Float64Array, h: number, jacobian: boolean): void {
    const z = p[2]!;
    const phi = wetness(z);
    sys.rhs[2]! += (rho * lure.volumeM3 * phi - lure.massKg) * GRAVITY;
    if (jacobian && phi > 0 && phi < 1) sys.diag[8]! += (rho * lure.volumeM3 * GRAVITY) / (2 * RAMP_M);
    if (phi === 0) return;
    const ux = (p[0]! - x0[0]!) / h - cx;
    const uy = (p[1]! - x0[1]!) / h - cy;
    const uz = (z - x0[2]!) / h - cz;
    const u = Math.sqrt(ux * ux + uy * uy + uz * uz);
    const kd = 0.5 * rho * lure.dragAreaM2 * phi;
    const kl = 0.5 * rho * lure.liftAreaM2 * phi;
    // U × ê with ê = (ex, ey, 0)
    const lx = -uz * ey, ly = uz * ex, lz = ux * ey - uy * ex;
    sys.rhs[0]! += u * (kl * lx - kd * ux);
    sys.rhs[1]! += u * (kl * ly - kd * uy);
    sys.rhs[2]! += u * (kl * lz - kd * uz);
    if (!jacobian) return;
    const iu = u > 1e-9 ? 1 / u : 0;
    const U = [ux, uy, uz];
    const L = [lx, ly, lz];
    const cross = [0, 0, -ey, 0, 0, ex, ey, -ex, 0];
    for (let a = 0; a < 3; a++)
      for (let b = 0; b < 3; b++)
        sys.diag[3 * a + b]! +=
          (kd * (u * (a === b ? 1 : 0) + U[a]! * U[b]! * iu) - kl * (u * cross[3 * a + b]! + L[a]! * U[b]! * iu)) / h;
  }

  function setMasses(): void {
    for (let i = 0; i < n; i++) mass[i] = 0.5 * lineInertia * ((i > 0 ? ell[i - 1]! : 0) + ell[i]!) + (i === 0 ? lureInertia : 0);
  }

  /** One backward-Euler step; false when Newton does not settle. */
  function step(from: number, h: number): boolean {
    x0.set(x);
    v0.set(v);
    const taken = lineTakenM(reel, from, from + h);
    ell[n - 1]! -= taken;
    setMasses();
    tipAt(input.tipM, tipMoves, from + h, tip);
    // First guess: carry on as before, the tip where it will be.
    for (let q = 0; q < 3 * n; q++) x[q] = x0[q]! + h * v0[q]!;
    for (let k = 0; k < 3; k++) x[3 * n + k] = tip[k]!;
    let norm = assemble(x, h, true);
    let settled = false;
    for (let iteration = 0; iteration < 40; iteration++) {
      solveBlocks(sys, n);
      let move = 0;
      for (let q = 0; q < 3 * n; q++) move = Math.max(move, Math.abs(sys.rhs[q]!));
      if (iteration >= 1 && move < mesh.settleM) {
        // The last correction is taken without asking what it leaves: it is below what matters.
        for (let q = 0; q < 3 * n; q++) x[q]! += sys.rhs[q]!;
        settled = true;
        break;
      }
      dx.set(sys.rhs.subarray(0, 3 * n));
      let scale = 1;
      let next = Infinity;
      for (let tries = 0; tries < 4; tries++) {
        trial.set(x);
        for (let q = 0; q < 3 * n; q++) trial[q]! += scale * dx[q]!;
        next = assemble(trial, h, tries === 0);
        if (next <= norm || norm < 1e-14 || move < 1e-5) {
          if (tries > 0) next = assemble(trial, h, true);
          break;
        }
        if (tries === 3) next = assemble(trial, h, true);
        else scale /= 2;
      }
      x.set(trial);
      norm = next;
    }
    if (!settled || !Number.isFinite(norm)) {
      x.set(x0);
      v.set(v0);
      ell[n - 1]! += taken;
      return false;
    }
    for (let q = 0; q < 3 * n; q++) v[q] = (x[q]! - x0[q]!) / h;
    updateChord();
    // Merge what the reel has nearly eaten.
    while (n > 3 && ell[n - 1]! < 0.3 * ell[n - 2]!) {
      ell[n - 2]! += ell[n - 1]!;
      n--;
      for (let k = 0; k < 3; k++) x[3 * n + k] = tip[k]!;
      setMasses();
    }
    return true;
  }

  function advance(from: number, to: number): boolean {
    let t = from;
    let h = to - from;
    let halvings = 0;
    while (t < to - 1e-12) {
      h = Math.min(h, to - t);
      if (step(t, h)) {
        t += h;
        continue;
      }
      if (++halvings > 12) return false;
      h /= 2;
    }
    return true;
  }

  updateChord();
  setMasses();
  return {
    advance,
    x,
    v,
    nodes: () => n,
    lineOutM: () => {
      let s = 0;
      for (let i = 0; i < n; i++) s += ell[i]!;
      return s;
    },
    tensionAtLureN: () => tension0,
    onBottom: () => x[2]! < floorZ,
  };
}
