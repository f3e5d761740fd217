/** What a cast takes to solve, counted by its steps and never by the clock: the same on every machine. */
import { isPlane } from './chain';
import type { Mesh, RetrieveInput } from './types';

/** A step in space takes so much of one in the plane; beside its segments it takes as long as so many. Measured. */
const STEP = { inSpace: 1.6, besides: 10, unit: 15 } as const;

/** What the steps of a cast take: one in the plane on the coarsest mesh is 1, some 10 µs of a small machine. */
export const workOf = (steps: number, { segments }: Mesh, input: RetrieveInput): number =>
  (steps * (segments + STEP.besides) * (isPlane(input) ? 1 : STEP.inSpace)) / STEP.unit;
