/**
 * Forces and the Newton correction in the plane of the cast: x, z a node; block-tridiagonal with symmetric 2×2 blocks
 * but for the lure's lift.
 */
import {
  createForetold,
  foretell,
  GAUSS_NEAR,
  segmentStiffness,
  type Body,
  type Chain,
  type Closing,
  type Forces,
} from './chain';
import { crossDrag, floorFriction, floorNpm, type Slope } from './law';
import { FLOOR, GRAVITY, RAMP_M, wetness, windShare } from './medium';

const { sqrt } = Math;

/** The forces of a problem in the plane of the cast, with their derivatives. */
export function planeForces(c: Chain): Forces {
  // Taken by name once: bundlers look an import up anew at every use.
  const [wetAt, windAt, stiffnessOf, rampM, gaussNear] = [wetness, windShare, segmentStiffness, RAMP_M, GAUSS_NEAR];
  const dragOf = crossDrag;
  const law: Slope = { slope: 0 };
  const foretold = createForetold(c);
  const { stretch, from, direction } = foretold;
  const rhs = new Float64Array(2 * c.n);
  const vel = new Float64Array(2 * (c.n + 1));
  // Symmetric blocks as xx, xz, zz: of node i, and between nodes i and i + 1.
  const diag = new Float64Array(3 * c.n);
  const off = new Float64Array(3 * c.n);
  const lureBlock = new Float64Array(4);
  let tension0 = 0;
  let facing = -1;

  function assemble(p: Float64Array, { rate, velocity0, acceleration0 }: Closing): void {
    const {
      n,
      ell,
      mass,
      current,
      wind,
      weight,
      displaced,
      across,
      along,
      inAir,
      even,
      thin,
      lowMps,
      airEven,
      airThin,
      floorZ,
    } = c;
    const cx = current[0]!,
      cz = current[1]!;
    for (let q = 0; q < 2 * n; q++) {
      const u = rate * p[q]! + velocity0[q]!;
      vel[q] = u;
      rhs[q] = -mass[q >> 1]! * (rate * u + acceleration0[q]!);
    }
    vel[2 * n] = rate * p[2 * n]! + velocity0[2 * n]!;
    vel[2 * n + 1] = rate * p[2 * n + 1]! + velocity0[2 * n + 1]!;
    for (let i = 0; i < n; i++) {
      const m = mass[i]! * rate * rate;
      diag[3 * i] = m;
      diag[3 * i + 1] = 0;
      diag[3 * i + 2] = m;
    }
    for (let i = 0; i < n; i++) {
      const a = 2 * i;
      const b = a + 2;
      const last = i === n - 1;
      const l = ell[i]!;
      const dx = p[b]! - p[a]!,
        dz = p[b + 1]! - p[a + 1]!;
      const len = sqrt(dx * dx + dz * dz) || 1e-9;
      const tx = dx / len,
        tz = dz / len;
      const e = (len - l) / l;
      // Forces on the two ends; stiffness along (k) and across (q) the segment: of the near end, the far end, and
      // between.
      let ax = 0,
        az = 0,
        bx = 0,
        bz = 0;
      let nearK = 0,
        nearQ = 0,
        farK = 0,
        farQ = 0,
        midK = 0,
        midQ = 0;
      let nearZ = 0,
        farZ = 0,
        midZ = 0;
      from[i] = e;
      direction[a] = tx;
      direction[a + 1] = tz;
      const tight = stretch[i]!;
      if (tight > 0) {
        const ea = stiffnessOf(c, i);
        const t = ea * e;
        if (i === 0) tension0 = ea * tight;
        ax = t * tx;
        az = t * tz;
        bx = -ax;
        bz = -az;
        nearK = farK = ea / l;
        nearQ = farQ = (ea * tight) / len;
        midK = -nearK;
        midQ = -nearQ;
      } else if (i === 0) tension0 = 0;
      for (let g = 0; g < 2; g++) {
        const s = g === 0 ? gaussNear : 1 - gaussNear,
          r = 1 - s;
        const half = l / 2;
        const z = r * p[a + 1]! + s * p[b + 1]!;
        const wet = wetAt(z);
        const w = (wet * displaced[i]! - weight[i]!) * half;
        az += r * w;
        bz += s * w;
        if (wet > 0) {
          const vx = r * vel[a]! + s * vel[b]! - cx;
          const vz = r * vel[a + 1]! + s * vel[b + 1]! - cz;
          const vt = vx * tx + vz * tz;
          const vn = vz * tx - vx * tz;
          const size = vn < 0 ? -vn : vn;
          const kt = wet * half * along[i]! * (vt < 0 ? -vt : vt);
          const base = wet * half * across[i]!;
          const fn = base * dragOf(law, size, even[i]!, thin[i]!, lowMps[i]!) * vn,
            ft = kt * vt;
          const fx = fn * tz - ft * tx,
            fz = -fn * tx - ft * tz;
          ax += r * fx;
          az += r * fz;
          bx += s * fx;
          bz += s * fz;
          const k = 2 * kt * rate,
            q = base * law.slope * rate;
          nearK += r * r * k;
          nearQ += r * r * q;
          farK += s * s * k;
          farQ += s * s * q;
          midK += r * s * k;
          midQ += r * s * q;
          if (wet < 1) {
            // Buoyancy changes with depth while the segment lies in the surface.
            const b0 = (displaced[i]! * half) / (2 * rampM);
            nearZ += r * r * b0;
            farZ += s * s * b0;
            midZ += r * s * b0;
          }
        }
        if (wind && wet < 1) {
          const blows = windAt(z);
          const vx = r * vel[a]! + s * vel[b]! - blows * wind[0]!;
          const vz = r * vel[a + 1]! + s * vel[b + 1]! - blows * wind[1]!;
          const vn = vz * tx - vx * tz;
          const size = vn < 0 ? -vn : vn;
          const base = (1 - wet) * half * inAir[i]!;
          const fn = base * dragOf(law, size, airEven[i]!, airThin[i]!, 0) * vn;
          ax += r * fn * tz;
          az -= r * fn * tx;
          bx += s * fn * tz;
          bz -= s * fn * tx;
          const q = base * law.slope * rate;
          nearQ += r * r * q;
          farQ += s * s * q;
          midQ += r * s * q;
        }
      }
      rhs[a]! += ax;
      rhs[a + 1]! += az;
      const d = nearK - nearQ,
        o = 3 * i;
      diag[o]! += nearQ + d * tx * tx;
      diag[o + 1]! += d * tx * tz;
      diag[o + 2]! += nearQ + d * tz * tz + nearZ;
      if (!last) {
        rhs[b]! += bx;
        rhs[b + 1]! += bz;
        const d = farK - farQ,
          o = 3 * i + 3;
        diag[o]! += farQ + d * tx * tx;
        diag[o + 1]! += d * tx * tz;
        diag[o + 2]! += farQ + d * tz * tz + farZ;
        const m = midK - midQ;
        off[o - 3] = midQ + m * tx * tx;
        off[o - 2] = m * tx * tz;
        off[o - 1] = midQ + m * tz * tz + midZ;
      }
      if (p[a + 1]! < floorZ) touchFloor(i, p, rate);
    }
    lureBlock.fill(0);
    for (const b of c.bodies) pushBody(b, p, rate);
  }

  function touchFloor(i: number, p: Float64Array, rate: number): void {
    const q = 2 * i;
    const k = floorNpm(i);
    const push = k * (c.floorZ - p[q + 1]!);
    const speed = vel[q]!;
    const grip = (floorFriction(i, c.bodies[0]!) * push) / sqrt(speed * speed + FLOOR.creepMps * FLOOR.creepMps);
    rhs[q]! -= grip * speed;
    rhs[q + 1]! += push;
    diag[3 * i]! += grip * rate;
    diag[3 * i + 2]! += k;
  }

  function pushBody(b: Body, p: Float64Array, rate: number): void {
    const q = 2 * b.node;
    const z = p[q + 1]!;
    const phi = wetAt(z, b.rampM);
    rhs[q + 1]! += b.buoyancyN * phi - b.massKg * GRAVITY;
    const o = 3 * b.node;
    if (phi > 0 && phi < 1) diag[o + 2]! += b.buoyancyN / (2 * b.rampM);
    if (phi === 0) return;
    const ux = vel[q]! - c.current[0]!,
      uz = vel[q + 1]! - c.current[1]!;
    const u = sqrt(ux * ux + uz * uz);
    const kd = b.drag * phi;
    const kl = b.lift * phi * facing;
    // U × ê with ê = (0, facing): (−uz, ux)·facing.
    rhs[q]! -= u * (kd * ux + kl * uz);
    rhs[q + 1]! -= u * (kd * uz - kl * ux);
    const iu = u > 1e-9 ? 1 / u : 0;
    const xx = ux * ux * iu,
      xz = ux * uz * iu,
      zz = uz * uz * iu;
    diag[o]! += rate * kd * (u + xx);
    diag[o + 1]! += rate * kd * xz;
    diag[o + 2]! += rate * kd * (u + zz);
    if (kl === 0) return;
    lureBlock[0] = rate * kl * xz;
    lureBlock[1] = rate * kl * (u + zz);
    lureBlock[2] = -rate * kl * (u + xx);
    lureBlock[3] = -rate * kl * xz;
  }

  /** Eliminates from the tip to the lure, where the one block that is not symmetric stands. */
  function solve(): void {
    const { n } = c;
    for (let i = n - 1; i > 0; i--) {
      const d = 3 * i,
        o = d - 3,
        q = 2 * i;
      const xx = diag[d]!,
        xz = diag[d + 1]!,
        zz = diag[d + 2]!;
      const det = 1 / (xx * zz - xz * xz);
      const ixx = zz * det,
        ixz = -xz * det,
        izz = xx * det;
      diag[d] = ixx;
      diag[d + 1] = ixz;
      diag[d + 2] = izz;
      const c0 = off[o]!,
        c1 = off[o + 1]!,
        c2 = off[o + 2]!;
      const w0 = c0 * ixx + c1 * ixz,
        w1 = c0 * ixz + c1 * izz;
      const w2 = c1 * ixx + c2 * ixz,
        w3 = c1 * ixz + c2 * izz;
      diag[o]! -= w0 * c0 + w1 * c1;
      diag[o + 1]! -= w0 * c1 + w1 * c2;
      diag[o + 2]! -= w2 * c1 + w3 * c2;
      rhs[q - 2]! -= w0 * rhs[q]! + w1 * rhs[q + 1]!;
      rhs[q - 1]! -= w2 * rhs[q]! + w3 * rhs[q + 1]!;
    }
    const a = diag[0]! + lureBlock[0]!,
      b = diag[1]! + lureBlock[1]!,
      cc = diag[1]! + lureBlock[2]!,
      d = diag[2]! + lureBlock[3]!;
    const det = 1 / (a * d - b * cc);
    const x0 = rhs[0]!,
      z0 = rhs[1]!;
    rhs[0] = (d * x0 - b * z0) * det;
    rhs[1] = (a * z0 - cc * x0) * det;
    for (let i = 1; i < n; i++) {
      const d3 = 3 * i,
        o = d3 - 3,
        q = 2 * i;
      const px = rhs[q - 2]!,
        pz = rhs[q - 1]!;
      const x = rhs[q]! - off[o]! * px - off[o + 1]! * pz;
      const z = rhs[q + 1]! - off[o + 1]! * px - off[o + 2]! * pz;
      rhs[q] = diag[d3]! * x + diag[d3 + 1]! * z;
      rhs[q + 1] = diag[d3 + 1]! * x + diag[d3 + 2]! * z;
    }
    foretell(c, foretold, rhs);
  }

  return {
    assemble,
    solve,
    correction: rhs,
    tensionAtLureN: () => tension0,
    // ê = â × ẑ, â towards the tip: −1 when the tip lies at larger x; kept when the chord is vertical.
    turnLure: (x) => {
      const dx = x[2 * c.n]! - x[0]!;
      if (Math.abs(dx) >= 1e-4) facing = dx > 0 ? -1 : 1;
    },
  };
}
