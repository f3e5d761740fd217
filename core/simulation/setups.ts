/** Other ways a lure is presented than cast and wound in, each as the same line-and-lure problem. */
import type { RetrieveInput } from './types';

type Common = Omit<RetrieveInput, 'tipM' | 'lureM' | 'lineLengthM' | 'currentMps'>;

/** A lure dropped below a rod and worked there. */
export interface VerticalJig extends Common {
  tipHeightM: number;
  /** Line let out below the surface, m: the lure drops this far on a slack line and is then worked. */
  letOutM: number;
  /**
   * How fast the boat moves over the water, m/s, and to which side of where the angler looks, ° (0 = ahead, 90 = to the
   * left). Through ice: 0.
   */
  driftMps: number;
  driftAngleDeg: number;
}

/**
 * Straight down from a drifting boat or through a hole in the ice, seen from the angler: the water goes the other way.
 * The lure starts at the surface below the tip with its line coiled beside it. The hole's edge is not felt.
 */
export function verticalJig({ tipHeightM, letOutM, driftMps, driftAngleDeg, ...rest }: VerticalJig): RetrieveInput {
  const a = (driftAngleDeg * Math.PI) / 180;
  return {
    ...rest,
    tipM: [0, 0, tipHeightM],
    lureM: [0, 0, 0],
    lineLengthM: tipHeightM + letOutM,
    currentMps: [-driftMps * Math.cos(a), driftMps === 0 || driftAngleDeg === 0 ? 0 : -driftMps * Math.sin(a), 0],
  };
}

/** A lure behind a moving boat. */
export interface TowedPassInput extends Common {
  tipHeightM: number;
  /** Line from tip to lure, m. */
  lineOutM: number;
  speedMps: number;
}

/**
 * A lure towed or trolled, seen from the boat: from lying on top behind it to where it settles (see steadyTow for that
 * alone).
 */
export const towedPass = ({ tipHeightM, lineOutM, speedMps, ...rest }: TowedPassInput): RetrieveInput => ({
  ...rest,
  tipM: [0, 0, tipHeightM],
  lureM: [Math.sqrt(Math.max(lineOutM ** 2 - tipHeightM ** 2, 1e-4)), 0, 0],
  lineLengthM: lineOutM,
  currentMps: [speedMps, 0, 0],
});
