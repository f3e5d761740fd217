/** What the worker can do: plain core functions. Results are values; nothing is thrown on purpose. */
import { rankFamilies } from '../core/lures/rank';
import { assessLure, assessReel } from '../core/retrieve/calibrate/assess';
import { planInSteps, type Effort, type Plan } from '../core/retrieve/plan/plan';
import type { PlanRequest } from '../core/retrieve/plan/request';

let heldUntilMs = 0;

/** Lets messages in; while held, waits. */
async function breathe(): Promise<void> {
  await new Promise<void>((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });
  for (let leftMs = heldUntilMs - performance.now(); leftMs > 0; leftMs = heldUntilMs - performance.now())
    await new Promise((r) => setTimeout(r, leftMs));
}

async function plan(request: PlanRequest, effort: Effort): Promise<Plan> {
  const steps = planInSteps(request, effort);
  for (;;) {
    const s = steps.next();
    if (s.done) return s.value;
    await breathe();
  }
}

export const computeApi = {
  rank: rankFamilies,
  plan,
  assessLure,
  assessReel,
  /** Stands aside for a moment, so that the screen has the processor: the plan under way goes on after it. */
  hold: (ms: number): void => {
    heldUntilMs = performance.now() + ms;
  },
};
export type ComputeApi = typeof computeApi;
