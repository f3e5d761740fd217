/** The one typed way to the worker. Two of them, so that a long plan never keeps a ranking waiting. */
import { wrap, type Remote } from 'comlink';
import type { ComputeApi } from './compute';

const started = new Map<string, Remote<ComputeApi>>();

function worker(name: 'rank' | 'plan'): Remote<ComputeApi> {
  let w = started.get(name);
  if (!w) {
    w = wrap<ComputeApi>(new Worker(new URL('./compute.worker.ts', window.location.href)));
    started.set(name, w);
  }
  return w;
}

type Args<K extends keyof ComputeApi> = Parameters<ComputeApi[K]>;
type Answer<K extends keyof ComputeApi> = Promise<ReturnType<ComputeApi[K]>>;

export const compute = {
  rank: (...args: Args<'rank'>): Answer<'rank'> => worker('rank').rank(...args) as Answer<'rank'>,
  plan: (...args: Args<'plan'>): Answer<'plan'> => worker('plan').plan(...args) as Answer<'plan'>,
};
