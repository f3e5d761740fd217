/** What a cast takes to solve, counted by its corrections and never by the clock: the same on every machine. */
import { isPlane } from './chain';
import type { Mesh, RetrieveInput } from './types';

/** A step takes about so many Newton corrections. */
const CORRECTIONS = 3;
/** A step in space takes so much of one in the plane; beside its segments it takes as long as so many. Measured. */
const STEP = { inSpace: 1.6, besides: 10, unit: 15 } as const;

/** What one Newton correction takes: a step in the plane on the coarsest mesh is 1, some 10 µs of a small machine. */
export const correctionWork = ({ segments }: Mesh, input: RetrieveInput): number =>
  ((segments + STEP.besides) * (isPlane(input) ? 1 : STEP.inSpace)) / (CORRECTIONS * STEP.unit);
