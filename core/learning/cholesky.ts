/**
 * Symmetric positive definite systems in typed arrays by rows, of which each row begins at its first entry that is not
 * nothing (`first`): what is nothing before it stays so. A package for this would weigh more than the rest of the
 * worker's learning; only the lower triangle is read and written.
 */

/** Products of two stretches added up. Four sums at once: one would wait for itself at every step. */
function dot(a: Float64Array, i: number, b: Float64Array, j: number, length: number): number {
  let s0 = 0;
  let s1 = 0;
  let s2 = 0;
  let s3 = 0;
  let k = 0;
  for (; k + 3 < length; k += 4) {
    s0 += a[i + k]! * b[j + k]!;
    s1 += a[i + k + 1]! * b[j + k + 1]!;
    s2 += a[i + k + 2]! * b[j + k + 2]!;
    s3 += a[i + k + 3]! * b[j + k + 3]!;
  }
  for (; k < length; k++) s0 += a[i + k]! * b[j + k]!;
  return s0 + s1 + (s2 + s3);
}

/** Rows that begin at their first column: a system without gaps. */
export const dense = (n: number): Int32Array => new Int32Array(n);

/** The factor L of A = L·Lᵀ, in place of A. Throws if A is not such. */
export function factorise(a: Float64Array, n: number, first: Int32Array): void {
  for (let i = 0; i < n; i++) {
    const ri = i * n;
    const from = first[i]!;
    for (let j = from; j < i; j++) {
      const k = Math.max(from, first[j]!);
      a[ri + j] = (a[ri + j]! - dot(a, ri + k, a, j * n + k, j - k)) / a[j * n + j]!;
    }
    const s = a[ri + i]! - dot(a, ri + from, a, ri + from, i - from);
    if (!(s > 0)) throw new Error(`not positive definite at ${i}`);
    a[ri + i] = Math.sqrt(s);
  }
}

/** Solves L·Lᵀ·x = b in place; of several right sides, one behind the other, the one that begins at `at`. */
export function solve(l: Float64Array, n: number, first: Int32Array, b: Float64Array, at = 0): void {
  for (let i = 0; i < n; i++) {
    const k = first[i]!;
    b[at + i] = (b[at + i]! - dot(l, i * n + k, b, at + k, i - k)) / l[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    const x = b[at + i]! / l[i * n + i]!;
    b[at + i] = x;
    for (let k = first[i]!; k < i; k++) b[at + k]! -= l[i * n + k]! * x;
  }
}

/** The entries of A⁻¹ that lie where A has entries, both halves; the others stay nothing. */
export function inverseWithin(l: Float64Array, n: number, first: Int32Array): Float64Array {
  const z = new Float64Array(n * n);
  const below = new Int32Array(n);
  const column = new Float64Array(n);
  for (let j = n - 1; j >= 0; j--) {
    let m = 0;
    for (let i = j + 1; i < n; i++)
      if (first[i]! <= j) {
        below[m] = i;
        column[m++] = l[i * n + j]!;
      }
    const d = l[j * n + j]!;
    let own = 1 / d;
    for (let a = 0; a < m; a++) {
      const row = below[a]! * n;
      let s = 0;
      for (let b = 0; b < m; b++) s += column[b]! * z[row + below[b]!]!;
      z[row + j] = -s / d;
      z[j * n + below[a]!] = -s / d;
      own += (column[a]! * s) / d;
    }
    z[j * n + j] = own / d;
  }
  return z;
}
