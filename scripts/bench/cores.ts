/**
 * What a settled plan takes on more cores than a machine has: its casts timed one by one, then handed out on paper as
 * the page's workers hand them out. A reckoning, not a measurement; with one and two cores the browser's own times
 * stand beside it (npm run bench -- plans).
 */
import { castNow } from '../../core/planning/plan/casting';
import { planInSteps } from '../../core/planning/plan/plan';
import type { PlanRequest } from '../../core/planning/task/request';
import { sliceOf } from '../../workers/casts';
import { ASKED } from './plans';
import { spread, spreadText, table } from './report';

const RUNS = 5;
const CORES = [1, 2, 4] as const;
/** To a helper and back with a slice of casts and their tracks, ms: twice what copying four of each takes. */
const ERRAND_MS = 1;

/** A step of a plan: the planner's own time before it, and each of its casts alone, ms. */
interface Batch {
  ownMs: number;
  castsMs: number[];
}

function timed(request: PlanRequest): Batch[] {
  const out: Batch[] = [];
  const steps = planInSteps(request, 'settled');
  let from = performance.now();
  let step = steps.next();
  while (!step.done) {
    const batch: Batch = { ownMs: performance.now() - from, castsMs: [] };
    const tracks = step.value.jobs.map((job) => {
      const began = performance.now();
      const track = castNow(job);
      batch.castsMs.push(performance.now() - began);
      return track;
    });
    out.push(batch);
    from = performance.now();
    step = steps.next(tracks);
  }
  return out;
}

/** When the last of these casts is done, ms, with so many helpers: each takes a slice as soon as it is free. */
function sharedMs(castsMs: readonly number[], helpers: number): number {
  let next = 0;
  const free = Array.from({ length: helpers }, () => 0);
  let ownMs = 0;
  let begun = false;
  const slice = (h: number): void => {
    const size = sliceOf(castsMs.length - next, helpers);
    free[h] = free[h]! + ERRAND_MS + castsMs.slice(next, next + size).reduce((a, b) => a + b, 0);
    next += size;
  };
  for (let h = 0; h < helpers; h++) if (next < castsMs.length - 1) slice(h);
  while (next < castsMs.length) {
    const first = free.reduce((best, t, h) => (t < free[best]! ? h : best), 0);
    if (begun && helpers > 0 && free[first]! < ownMs) slice(first);
    else ownMs += castsMs[next++]!;
    begun = true;
  }
  return Math.max(ownMs, ...free);
}

const planMs = (batches: readonly Batch[], cores: number): number =>
  batches.reduce((sum, b) => sum + b.ownMs + sharedMs(b.castsMs, cores - 1), 0);

export function coresBench(): string {
  const rows = ASKED.map(([name, request]) => {
    timed(request);
    const runs = Array.from({ length: RUNS }, () => timed(request));
    return [name, ...CORES.map((cores) => spreadText(spread(runs.map((batches) => planMs(batches, cores)))))];
  });
  return `## Plans by the cores there are

Reckoned: every cast of a settled plan timed alone in Node, warm, then handed out as the page’s workers do, ${ERRAND_MS} ms a slice on the way.
This machine has two cores; what four would do is not measured.

${table(['what', ...CORES.map((c) => (c === 1 ? 'one core' : `${c} cores`))], rows)}`;
}
