/**
 * Forces and the Newton correction in space: x, y, z a node; as plane.ts, with what current, wind and the hands do
 * across the cast.
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

const { hypot, sqrt } = Math;

/** Adds w·(q + d·tt + e·nn) to the symmetric block at `o`: xx xy xz yy yz zz. */
function addTo(m: Float64Array, o: number, q: number, d: number, tx: number, ty: number, tz: number): void {
  m[o]! += q + d * tx * tx;
  m[o + 1]! += d * tx * ty;
  m[o + 2]! += d * tx * tz;
  m[o + 3]! += q + d * ty * ty;
  m[o + 4]! += d * ty * tz;
  m[o + 5]! += q + d * tz * tz;
}

/** Inverse of a symmetric 3×3 block in place. */
function invertSymmetric(m: Float64Array, o: number): void {
  const a = m[o]!,
    b = m[o + 1]!,
    c = m[o + 2]!,
    d = m[o + 3]!,
    e = m[o + 4]!,
    f = m[o + 5]!;
  const k0 = d * f - e * e,
    k1 = c * e - b * f,
    k2 = b * e - c * d;
  const det = 1 / (a * k0 + b * k1 + c * k2);
  m[o] = k0 * det;
  m[o + 1] = k1 * det;
  m[o + 2] = k2 * det;
  m[o + 3] = (a * f - c * c) * det;
  m[o + 4] = (b * c - a * e) * det;
  m[o + 5] = (a * d - b * b) * det;
}

/** The forces of a problem in space, with their derivatives. */
export function spaceForces(c: Chain): Forces {
  // Taken by name once: bundlers look an import up anew at every use.
  const [wetAt, windAt, stiffnessOf, rampM, gaussNear] = [wetness, windShare, segmentStiffness, RAMP_M, GAUSS_NEAR];
  const dragOf = crossDrag;
  const law: Slope = { slope: 0 };
  const foretold = createForetold(c);
  const { stretch, from, direction } = foretold;
  const rhs = new Float64Array(3 * c.n);
  const vel = new Float64Array(3 * (c.n + 1));
  const diag = new Float64Array(6 * c.n);
  const off = new Float64Array(6 * c.n);
  const lureBlock = new Float64Array(9);
  let tension0 = 0;
  /** ê = â × ẑ with â the horizontal unit vector of the chord; kept when the chord is vertical. */
  let ex = 0;
  let ey = 1;

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
      cy = current[1]!,
      cz = current[2]!;
    for (let i = 0, q = 0; i < n; i++)
      for (let k = 0; k < 3; k++, q++) {
        const u = rate * p[q]! + velocity0[q]!;
        vel[q] = u;
        rhs[q] = -mass[i]! * (rate * u + acceleration0[q]!);
      }
    for (let q = 3 * n; q < 3 * n + 3; q++) vel[q] = rate * p[q]! + velocity0[q]!;
    for (let i = 0, o = 0; i < n; i++, o += 6) {
      const m = mass[i]! * rate * rate;
      diag[o] = m;
      diag[o + 1] = 0;
      diag[o + 2] = 0;
      diag[o + 3] = m;
      diag[o + 4] = 0;
      diag[o + 5] = m;
    }
    for (let i = 0; i < n; i++) {
      const a = 3 * i,
        b = a + 3,
        o = 6 * i;
      const last = i === n - 1;
      const l = ell[i]!;
      const half = l / 2;
      const za = p[a + 2]!,
        zb = p[b + 2]!;
      const dx = p[b]! - p[a]!,
        dy = p[b + 1]! - p[a + 1]!,
        dz = zb - za;
      const len = sqrt(dx * dx + dy * dy + dz * dz) || 1e-9;
      const tx = dx / len,
        ty = dy / len,
        tz = dz / len;
      const e = (len - l) / l;
      let ax = 0,
        ay = 0,
        az = 0,
        bx = 0,
        by = 0,
        bz = 0;
      let nearK = 0,
        nearQ = 0,
        farK = 0,
        farQ = 0,
        midK = 0,
        midQ = 0;
      // What has no direction of the segment's own, as xx xy xz yy yz zz: of the near end, the far end, and between.
      let nxx = 0,
        nxy = 0,
        nxz = 0,
        nyy = 0,
        nyz = 0,
        nzz = 0;
      let fxx = 0,
        fxy = 0,
        fxz = 0,
        fyy = 0,
        fyz = 0,
        fzz = 0;
      let mxx = 0,
        mxy = 0,
        mxz = 0,
        myy = 0,
        myz = 0,
        mzz = 0;
      from[i] = e;
      direction[a] = tx;
      direction[a + 1] = ty;
      direction[a + 2] = tz;
      const tight = stretch[i]!;
      if (tight > 0) {
        const ea = stiffnessOf(c, i);
        const t = ea * e;
        if (i === 0) tension0 = ea * tight;
        ax = t * tx;
        ay = t * ty;
        az = t * tz;
        bx = -ax;
        by = -ay;
        bz = -az;
        nearK = farK = ea / l;
        nearQ = farQ = (ea * tight) / len;
        midK = -nearK;
        midQ = -nearQ;
      } else if (i === 0) tension0 = 0;
      for (let g = 0; g < 2; g++) {
        const s = g === 0 ? gaussNear : 1 - gaussNear,
          r = 1 - s;
        const z = r * za + s * zb;
        const wet = wetAt(z);
        const lift = (wet * displaced[i]! - weight[i]!) * half;
        az += r * lift;
        bz += s * lift;
        if (wet === 0 && !wind) continue;
        const rr = r * r,
          rs = r * s,
          ss = s * s;
        const ux = r * vel[a]! + s * vel[b]!,
          uy = r * vel[a + 1]! + s * vel[b + 1]!,
          uz = r * vel[a + 2]! + s * vel[b + 2]!;
        for (let medium = 0; medium < 2; medium++) {
          const water = medium === 0;
          const share = water ? wet : 1 - wet;
          if (share === 0 || (!water && !wind)) continue;
          const blows = water ? 0 : windAt(z);
          const vx = ux - (water ? cx : blows * wind![0]!);
          const vy = uy - (water ? cy : blows * wind![1]!);
          const vz = uz - (water ? cz : blows * wind![2]!);
          const vt = vx * tx + vy * ty + vz * tz;
          const nx = vx - vt * tx,
            ny = vy - vt * ty,
            nz = vz - vt * tz;
          const vv = nx * nx + ny * ny + nz * nz;
          const vn = sqrt(vv);
          const kt = water ? share * half * along[i]! * (vt < 0 ? -vt : vt) : 0;
          const base = share * half * (water ? across[i]! : inAir[i]!);
          const first = water ? even[i]! : airEven[i]!;
          const second = water ? thin[i]! : airThin[i]!;
          const low = water ? lowMps[i]! : 0;
          const kn = base * dragOf(law, vn, first, second, low);
          const ft = kt * vt;
          const fx = -(ft * tx + kn * nx),
            fy = -(ft * ty + kn * ny),
            fz = -(ft * tz + kn * nz);
          ax += r * fx;
          ay += r * fy;
          az += r * fz;
          bx += s * fx;
          by += s * fy;
          bz += s * fz;
          const k = 2 * kt * rate,
            q = kn * rate;
          nearK += rr * k;
          nearQ += rr * q;
          farK += ss * k;
          farQ += ss * q;
          midK += rs * k;
          midQ += rs * q;
          if (vn > 1e-9) {
            const more = ((base * law.slope - kn) * rate) / vv;
            const px = more * nx,
              py = more * ny;
            const xx = px * nx,
              xy = px * ny,
              xz = px * nz,
              yy = py * ny,
              yz = py * nz,
              zz = more * nz * nz;
            nxx += rr * xx;
            nxy += rr * xy;
            nxz += rr * xz;
            nyy += rr * yy;
            nyz += rr * yz;
            nzz += rr * zz;
            fxx += ss * xx;
            fxy += ss * xy;
            fxz += ss * xz;
            fyy += ss * yy;
            fyz += ss * yz;
            fzz += ss * zz;
            mxx += rs * xx;
            mxy += rs * xy;
            mxz += rs * xz;
            myy += rs * yy;
            myz += rs * yz;
            mzz += rs * zz;
          }
          if (water && wet < 1) {
            // Buoyancy changes with depth while the segment lies in the surface.
            const b0 = (displaced[i]! * half) / (2 * rampM);
            nzz += rr * b0;
            fzz += ss * b0;
            mzz += rs * b0;
          }
        }
      }
      // Along (k) and across (q) the segment: q + (k − q)·t tᵀ.
      const txx = tx * tx,
        txy = tx * ty,
        txz = tx * tz,
        tyy = ty * ty,
        tyz = ty * tz,
        tzz = tz * tz;
      rhs[a]! += ax;
      rhs[a + 1]! += ay;
      rhs[a + 2]! += az;
      const near = nearK - nearQ;
      diag[o]! += nearQ + near * txx + nxx;
      diag[o + 1]! += near * txy + nxy;
      diag[o + 2]! += near * txz + nxz;
      diag[o + 3]! += nearQ + near * tyy + nyy;
      diag[o + 4]! += near * tyz + nyz;
      diag[o + 5]! += nearQ + near * tzz + nzz;
      if (!last) {
        rhs[b]! += bx;
        rhs[b + 1]! += by;
        rhs[b + 2]! += bz;
        const far = farK - farQ;
        diag[o + 6]! += farQ + far * txx + fxx;
        diag[o + 7]! += far * txy + fxy;
        diag[o + 8]! += far * txz + fxz;
        diag[o + 9]! += farQ + far * tyy + fyy;
        diag[o + 10]! += far * tyz + fyz;
        diag[o + 11]! += farQ + far * tzz + fzz;
        const mid = midK - midQ;
        off[o] = midQ + mid * txx + mxx;
        off[o + 1] = mid * txy + mxy;
        off[o + 2] = mid * txz + mxz;
        off[o + 3] = midQ + mid * tyy + myy;
        off[o + 4] = mid * tyz + myz;
        off[o + 5] = midQ + mid * tzz + mzz;
      }
      if (za < floorZ) touchFloor(i, p, rate);
    }
    lureBlock.fill(0);
    for (const b of c.bodies) pushBody(b, p, rate);
  }

  function touchFloor(i: number, p: Float64Array, rate: number): void {
    const q = 3 * i;
    const k = floorNpm(i);
    const push = k * (c.floorZ - p[q + 2]!);
    const vx = vel[q]!,
      vy = vel[q + 1]!;
    const grip = (floorFriction(i, c.bodies[0]!) * push) / sqrt(vx * vx + vy * vy + FLOOR.creepMps * FLOOR.creepMps);
    rhs[q]! -= grip * vx;
    rhs[q + 1]! -= grip * vy;
    rhs[q + 2]! += push;
    diag[6 * i]! += grip * rate;
    diag[6 * i + 3]! += grip * rate;
    diag[6 * i + 5]! += k;
  }

  function pushBody(b: Body, p: Float64Array, rate: number): void {
    const q = 3 * b.node;
    const z = p[q + 2]!;
    const phi = wetAt(z, b.rampM);
    rhs[q + 2]! += b.buoyancyN * phi - b.massKg * GRAVITY;
    const o = 6 * b.node;
    if (phi > 0 && phi < 1) diag[o + 5]! += b.buoyancyN / (2 * b.rampM);
    if (phi === 0) return;
    const ux = vel[q]! - c.current[0]!,
      uy = vel[q + 1]! - c.current[1]!,
      uz = vel[q + 2]! - c.current[2]!;
    const u = sqrt(ux * ux + uy * uy + uz * uz);
    const kd = b.drag * phi;
    const kl = b.lift * phi;
    // U × ê with ê = (ex, ey, 0)
    const lx = -uz * ey,
      ly = uz * ex,
      lz = ux * ey - uy * ex;
    rhs[q]! += u * (kl * lx - kd * ux);
    rhs[q + 1]! += u * (kl * ly - kd * uy);
    rhs[q + 2]! += u * (kl * lz - kd * uz);
    const iu = u > 1e-9 ? 1 / u : 0;
    addTo(diag, o, rate * kd * u, rate * kd * iu, ux, uy, uz);
    if (kl === 0) return;
    // −kl·d(u·L)/dU: u times the cross product's own matrix, and L Uᵀ / u.
    const f = -rate * kl;
    const gx = f * lx * iu,
      gy = f * ly * iu,
      gz = f * lz * iu;
    lureBlock[0] = gx * ux;
    lureBlock[1] = gx * uy;
    lureBlock[2] = gx * uz - f * u * ey;
    lureBlock[3] = gy * ux;
    lureBlock[4] = gy * uy;
    lureBlock[5] = gy * uz + f * u * ex;
    lureBlock[6] = gz * ux + f * u * ey;
    lureBlock[7] = gz * uy - f * u * ex;
    lureBlock[8] = gz * uz;
  }

  /** Eliminates from the tip to the lure, where the one block that is not symmetric stands. */
  function solve(): void {
    const { n } = c;
    for (let i = n - 1; i > 0; i--) {
      const d = 6 * i,
        o = d - 6,
        q = 3 * i;
      invertSymmetric(diag, d);
      const i0 = diag[d]!,
        i1 = diag[d + 1]!,
        i2 = diag[d + 2]!,
        i3 = diag[d + 3]!,
        i4 = diag[d + 4]!,
        i5 = diag[d + 5]!;
      const c0 = off[o]!,
        c1 = off[o + 1]!,
        c2 = off[o + 2]!,
        c3 = off[o + 3]!,
        c4 = off[o + 4]!,
        c5 = off[o + 5]!;
      const w0 = c0 * i0 + c1 * i1 + c2 * i2,
        w1 = c0 * i1 + c1 * i3 + c2 * i4,
        w2 = c0 * i2 + c1 * i4 + c2 * i5;
      const w3 = c1 * i0 + c3 * i1 + c4 * i2,
        w4 = c1 * i1 + c3 * i3 + c4 * i4,
        w5 = c1 * i2 + c3 * i4 + c4 * i5;
      const w6 = c2 * i0 + c4 * i1 + c5 * i2,
        w7 = c2 * i1 + c4 * i3 + c5 * i4,
        w8 = c2 * i2 + c4 * i4 + c5 * i5;
      diag[o]! -= w0 * c0 + w1 * c1 + w2 * c2;
      diag[o + 1]! -= w0 * c1 + w1 * c3 + w2 * c4;
      diag[o + 2]! -= w0 * c2 + w1 * c4 + w2 * c5;
      diag[o + 3]! -= w3 * c1 + w4 * c3 + w5 * c4;
      diag[o + 4]! -= w3 * c2 + w4 * c4 + w5 * c5;
      diag[o + 5]! -= w6 * c2 + w7 * c4 + w8 * c5;
      const x = rhs[q]!,
        y = rhs[q + 1]!,
        z = rhs[q + 2]!;
      rhs[q - 3]! -= w0 * x + w1 * y + w2 * z;
      rhs[q - 2]! -= w3 * x + w4 * y + w5 * z;
      rhs[q - 1]! -= w6 * x + w7 * y + w8 * z;
    }
    solveLure();
    for (let i = 1; i < n; i++) {
      const d = 6 * i,
        o = d - 6,
        q = 3 * i;
      const px = rhs[q - 3]!,
        py = rhs[q - 2]!,
        pz = rhs[q - 1]!;
      const x = rhs[q]! - off[o]! * px - off[o + 1]! * py - off[o + 2]! * pz;
      const y = rhs[q + 1]! - off[o + 1]! * px - off[o + 3]! * py - off[o + 4]! * pz;
      const z = rhs[q + 2]! - off[o + 2]! * px - off[o + 4]! * py - off[o + 5]! * pz;
      rhs[q] = diag[d]! * x + diag[d + 1]! * y + diag[d + 2]! * z;
      rhs[q + 1] = diag[d + 1]! * x + diag[d + 3]! * y + diag[d + 4]! * z;
      rhs[q + 2] = diag[d + 2]! * x + diag[d + 4]! * y + diag[d + 5]! * z;
    }
    foretell(c, foretold, rhs);
  }

  /** The lure's own full 3×3 block, by cofactors. */
  function solveLure(): void {
    const a = diag[0]! + lureBlock[0]!,
      b = diag[1]! + lureBlock[1]!,
      cc = diag[2]! + lureBlock[2]!;
    const d = diag[1]! + lureBlock[3]!,
      e = diag[3]! + lureBlock[4]!,
      f = diag[4]! + lureBlock[5]!;
    const g = diag[2]! + lureBlock[6]!,
      h = diag[4]! + lureBlock[7]!,
      k = diag[5]! + lureBlock[8]!;
    const k0 = e * k - f * h,
      k1 = f * g - d * k,
      k2 = d * h - e * g;
    const det = 1 / (a * k0 + b * k1 + cc * k2);
    const x = rhs[0]!,
      y = rhs[1]!,
      z = rhs[2]!;
    rhs[0] = (k0 * x + (cc * h - b * k) * y + (b * f - cc * e) * z) * det;
    rhs[1] = (k1 * x + (a * k - cc * g) * y + (cc * d - a * f) * z) * det;
    rhs[2] = (k2 * x + (b * g - a * h) * y + (a * e - b * d) * z) * det;
  }

  return {
    assemble,
    solve,
    correction: rhs,
    tensionAtLureN: () => tension0,
    turnLure: (x) => {
      const dx = x[3 * c.n]! - x[0]!;
      const dy = x[3 * c.n + 1]! - x[1]!;
      const h = hypot(dx, dy);
      if (h < 1e-4) return;
      ex = dy / h;
      ey = -dx / h;
    },
  };
}
