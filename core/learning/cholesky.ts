/**
 * Symmetric positive definite systems, dense, in typed arrays by rows. A package for this would weigh more than the
 * rest of the worker's learning; only the lower triangle is read and written.
 */

/** The factor L of A = L·Lᵀ, in place of A; above the diagonal nothing is changed. Throws if A is not such. */
export function factorise(a: Float64Array, n: number): void {
  for (let i = 0; i < n; i++) {
    const ri = i * n;
    for (let j = 0; j <= i; j++) {
      const rj = j * n;
      let s = a[ri + j]!;
      for (let k = 0; k < j; k++) s -= a[ri + k]! * a[rj + k]!;
      if (i !== j) a[ri + j] = s / a[rj + j]!;
      else {
        if (!(s > 0)) throw new Error(`not positive definite at ${i}`);
        a[ri + i] = Math.sqrt(s);
      }
    }
  }
}

/** Solves L·x = b in place. */
export function solveLower(l: Float64Array, n: number, b: Float64Array): void {
  for (let i = 0; i < n; i++) {
    let s = b[i]!;
    for (let k = 0; k < i; k++) s -= l[i * n + k]! * b[k]!;
    b[i] = s / l[i * n + i]!;
  }
}

/** Solves L·Lᵀ·x = b in place. */
export function solve(l: Float64Array, n: number, b: Float64Array): void {
  solveLower(l, n, b);
  for (let i = n - 1; i >= 0; i--) {
    const x = b[i]! / l[i * n + i]!;
    b[i] = x;
    for (let k = 0; k < i; k++) b[k]! -= l[i * n + k]! * x;
  }
}

/** The inverse of A from its factor, n × n, both halves. */
export function inverse(l: Float64Array, n: number): Float64Array {
  // The inverse of the factor, by columns in rows: what lies above the diagonal is nothing.
  const t = new Float64Array(n * n);
  for (let j = 0; j < n; j++) {
    t[j * n + j] = 1 / l[j * n + j]!;
    for (let i = j + 1; i < n; i++) {
      let s = 0;
      for (let k = j; k < i; k++) s -= l[i * n + k]! * t[j * n + k]!;
      t[j * n + i] = s / l[i * n + i]!;
    }
  }
  const out = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let s = 0;
      for (let k = i; k < n; k++) s += t[i * n + k]! * t[j * n + k]!;
      out[i * n + j] = s;
      out[j * n + i] = s;
    }
  return out;
}
