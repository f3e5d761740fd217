/**
 * How a plan asks for its casts: as steps, each of which wants a few simulated and goes on with their tracks. Whoever
 * runs it simulates them here and now, or hands them out to several workers: a cast is a value, and its track the same
 * wherever it is made.
 */
import type { PlanTask, RetrieveSettings } from '../task/setup';
import { simulateSettings, type Track, type TrackOptions } from './track';

/** One cast: the task, the hands, how finely. */
export interface CastJob {
  task: PlanTask;
  hands: RetrieveSettings;
  how: TrackOptions;
}

/** How far a plan under way is: simulations done, of about how many. */
export interface Progress {
  done: number;
  of: number;
}

/** Work that asks for casts and is given their tracks, in the same order. */
export type Steps<T> = Generator<readonly CastJob[], T, readonly Track[]>;

export const castNow = ({ task, hands, how }: CastJob): Track => simulateSettings(task, hands, how);

/** All the steps in one go; `tell` hears what each round of casts took, counted (see core/simulation/work). */
export function atOnce<T>(steps: Steps<T>, tell?: (work: number) => void): T {
  let step = steps.next();
  while (!step.done) {
    const tracks = step.value.map(castNow);
    tell?.(tracks.reduce((sum, t) => sum + t.work, 0));
    step = steps.next(tracks);
  }
  return step.value;
}

/** Several such works side by side: what they wait for is cast in one batch, which keeps several workers busy. */
export function* together<T>(works: readonly Steps<T>[]): Steps<T[]> {
  const at = works.map((w) => w.next());
  for (;;) {
    const waiting = at.flatMap((step, i) => (step.done ? [] : [{ i, jobs: step.value }]));
    if (waiting.length === 0) return at.map((step) => step.value as T);
    const tracks = yield waiting.flatMap((w) => w.jobs);
    let from = 0;
    for (const { i, jobs } of waiting) {
      at[i] = works[i]!.next(tracks.slice(from, from + jobs.length));
      from += jobs.length;
    }
  }
}

/** A cast as it can be sent to another worker: without what is a function, which no simulation asks for. */
export const sendable = ({ task: { worthOf: _, ...task }, ...rest }: CastJob): CastJob =>
  ({ task, ...rest }) as CastJob;
