/**
 * The law of one segment and of the bottom, as both solvers use it: what water or air does across a line, and how hard
 * the floor pushes and grips. The solvers put these into their own blocks (2×2 in the plane, 3×3 in space).
 */
import type { Body } from './chain';
import { FLOOR } from './medium';

/** Where the law leaves the slope of its last answer: one object a solver, so that nothing is allocated a segment. */
export interface Slope {
  slope: number;
}

/**
 * Drag across the line per unit of its base, at a speed across of `mps` (≥ 0): the coefficient times speed, and in
 * `out.slope` how the force grows with speed. `even` and `thin` are the two parts of the law of Cn (see lineDrag), the
 * second linear below `lowMps` so that it has a slope at rest.
 */
export function crossDrag(out: Slope, mps: number, even: number, thin: number, lowMps: number): number {
  let k = even * mps;
  let slope = 2 * k;
  if (thin > 0) {
    if (mps > lowMps || lowMps === 0) {
      const root = thin * Math.cbrt(mps);
      k += root;
      slope += (4 / 3) * root;
    } else {
      const more = (thin * mps) / Math.cbrt(lowMps * lowMps);
      k += more;
      slope += 2 * more;
    }
  }
  out.slope = slope;
  return k;
}

/** Stiffness of the bottom under a node, N/m: the lure presses harder than the line. */
export const floorNpm = (node: number): number => (node === 0 ? FLOOR.lureNpm : FLOOR.lineNpm);

/** Friction of a node on the bottom: a lip that dives digs in. */
export const floorFriction = (node: number, lure: Body): number =>
  node === 0 && lure.lift > 0 ? FLOOR.digging : FLOOR.friction;
