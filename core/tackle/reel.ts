/** Reels: metres of line a turn of the handle takes, as the spool empties. */
export interface ReelSpec {
  /** Spool turns per handle turn. */
  ratio: number;
  /** Diameter of the full spool, m. */
  spoolM: number;
  /** Diameter of the bare arbor, m. */
  arborM: number;
  /** Line on the full spool, m. */
  capacityM: number;
}

/**
 * Line per handle turn, m, with `outM` of line off the spool: the wound cross-section shrinks evenly, so
 * D² = D_full² − (D_full² − D_arbor²)·out/capacity. Example: ratio 6.2, spool 40 mm, nothing out → 0.78 m.
 */
export function metresPerTurn(r: ReelSpec, outM: number): number {
  const share = Math.min(1, Math.max(0, outM / r.capacityM));
  const d = Math.sqrt(r.spoolM ** 2 - (r.spoolM ** 2 - r.arborM ** 2) * share);
  return r.ratio * Math.PI * d;
}

/** Fastest a hand keeps turning, turns/s. prior: judgement. */
export const MAX_TURNS_PER_S = 2.5;
