/**
 * Block-tridiagonal linear solve with 3×3 blocks (block Thomas algorithm with pivoting inside blocks).
 * All arrays are flat and row-major: block i of `diag` starts at 9·i; `lower` couples row i to i−1, `upper` row i to i+1.
 * Destroys its inputs; the answer stands in `rhs`. Cost: about 150 multiplications a block.
 */
export interface BlockSystem {
  diag: Float64Array;
  lower: Float64Array;
  upper: Float64Array;
  rhs: Float64Array;
}

export const createBlockSystem = (blocks: number): BlockSystem => ({
  diag: new Float64Array(9 * blocks),
  lower: new Float64Array(9 * blocks),
  upper: new Float64Array(9 * blocks),
  rhs: new Float64Array(3 * blocks),
});

const inv = new Float64Array(9);
const tmp = new Float64Array(9);

/** Inverse of the 3×3 block at `o` into `inv`, by cofactors (blocks here are mass-dominated and well conditioned). */
function invert(a: Float64Array, o: number): void {
  const a0 = a[o]!,
    a1 = a[o + 1]!,
    a2 = a[o + 2]!,
    b0 = a[o + 3]!,
    b1 = a[o + 4]!,
    b2 = a[o + 5]!,
    c0 = a[o + 6]!,
    c1 = a[o + 7]!,
    c2 = a[o + 8]!;
  const k0 = b1 * c2 - b2 * c1;
  const k1 = b2 * c0 - b0 * c2;
  const k2 = b0 * c1 - b1 * c0;
  const d = 1 / (a0 * k0 + a1 * k1 + a2 * k2);
  inv[0] = k0 * d;
  inv[1] = (a2 * c1 - a1 * c2) * d;
  inv[2] = (a1 * b2 - a2 * b1) * d;
  inv[3] = k1 * d;
  inv[4] = (a0 * c2 - a2 * c0) * d;
  inv[5] = (a2 * b0 - a0 * b2) * d;
  inv[6] = k2 * d;
  inv[7] = (a1 * c0 - a0 * c1) * d;
  inv[8] = (a0 * b1 - a1 * b0) * d;
}

export function solveBlocks(s: BlockSystem, n: number): void {
  const { diag, lower, upper, rhs } = s;
  for (let i = 0; i < n; i++) {
    if (i > 0) {
      // diag_i −= lower_i · upper'_{i−1};  rhs_i −= lower_i · rhs'_{i−1}  (primes: already multiplied by the inverse)
      const l = 9 * i;
      const u = l - 9;
      const q = 3 * i;
      for (let r = 0; r < 3; r++) {
        const l0 = lower[l + 3 * r]!,
          l1 = lower[l + 3 * r + 1]!,
          l2 = lower[l + 3 * r + 2]!;
        for (let c = 0; c < 3; c++) diag[l + 3 * r + c]! -= l0 * upper[u + c]! + l1 * upper[u + 3 + c]! + l2 * upper[u + 6 + c]!;
        rhs[q + r]! -= l0 * rhs[q - 3]! + l1 * rhs[q - 2]! + l2 * rhs[q - 1]!;
      }
    }
    const d = 9 * i;
    invert(diag, d);
    if (i < n - 1) {
      for (let r = 0; r < 3; r++)
        for (let c = 0; c < 3; c++)
          tmp[3 * r + c] = inv[3 * r]! * upper[d + c]! + inv[3 * r + 1]! * upper[d + 3 + c]! + inv[3 * r + 2]! * upper[d + 6 + c]!;
      upper.set(tmp, d);
    }
    const q = 3 * i;
    const x = rhs[q]!,
      y = rhs[q + 1]!,
      z = rhs[q + 2]!;
    rhs[q] = inv[0]! * x + inv[1]! * y + inv[2]! * z;
    rhs[q + 1] = inv[3]! * x + inv[4]! * y + inv[5]! * z;
    rhs[q + 2] = inv[6]! * x + inv[7]! * y + inv[8]! * z;
  }
  for (let i = n - 2; i >= 0; i--) {
    const u = 9 * i;
    const q = 3 * i;
    const x = rhs[q + 3]!,
      y = rhs[q + 4]!,
      z = rhs[q + 5]!;
    rhs[q]! -= upper[u]! * x + upper[u + 1]! * y + upper[u + 2]! * z;
    rhs[q + 1]! -= upper[u + 3]! * x + upper[u + 4]! * y + upper[u + 5]! * z;
    rhs[q + 2]! -= upper[u + 6]! * x + upper[u + 7]! * y + upper[u + 8]! * z;
  }
}
