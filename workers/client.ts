/**
 * The one typed way to the workers. A question that is no longer wanted is stopped by ending its worker: the next
 * question starts a fresh one, so that twenty quick taps on a reading never queue up twenty plans. One worker for each
 * kind of question; the quick ones never wait for another, the long one (the settled plan) lets them go first and
 * stands aside for a touch.
 */
import { proxy, wrap, type Remote } from 'comlink';
import type { Progress } from '../core/planning/plan/plan';
import type { RankOptions } from '../core/ranking/rank';
import type { Conditions } from '../core/water/conditions';
import type { AlmanacApi } from './almanac';
import type { ComputeApi, SentLog } from './compute';
import type { FilesApi } from './files';
import { forgetAll } from './onDevice';
import { whole } from './pieces';

type Channel = 'rank' | 'lessons' | 'head' | 'first' | 'settled' | 'assess' | 'choose' | 'live' | 'day' | 'files';
/** All that the workers answer; each desk's worker knows its own part. */
type Api = Remote<ComputeApi & AlmanacApi & FilesApi>;

interface Running {
  worker: Worker;
  api: Api;
}

const channels = new Map<Channel, Running>();

function open(desk: Channel): Running {
  let r = channels.get(desk);
  if (!r) {
    const worker =
      desk === 'day'
        ? new Worker(new URL('./almanac.worker.ts', window.location.href))
        : desk === 'files'
          ? new Worker(new URL('./files.worker.ts', window.location.href))
          : new Worker(new URL('./compute.worker.ts', window.location.href));
    r = { worker, api: wrap<ComputeApi & AlmanacApi & FilesApi>(worker) };
    channels.set(desk, r);
  }
  return r;
}

/** After a touch the long question stands aside this long, ms, so that the touch is answered first. */
const HOLD_MS = 350;
let watching = false;
function watchTouches(): void {
  if (watching) return;
  watching = true;
  const hold = (): void => void channels.get('settled')?.api.hold(HOLD_MS);
  for (const kind of ['pointerdown', 'pointerup', 'keydown'])
    document.addEventListener(kind, hold, { capture: true, passive: true });
}

function close(desk: Channel, r: Running): void {
  r.worker.terminate();
  if (channels.get(desk) === r) channels.delete(desk);
}

/**
 * A question waits this long, ms: of several quick taps only the last reaches a worker, and the tap is answered on the
 * screen first. The ranking, which every cast moves a little, waits for a run of casts to end.
 */
const SETTLE_MS: Record<Channel, number> = {
  rank: 200,
  lessons: 0,
  head: 60,
  first: 30,
  settled: 30,
  assess: 30,
  choose: 60,
  live: 0,
  day: 60,
  files: 0,
};

/**
 * Quick questions not yet answered. The long one starts after them, so that a device of two cores keeps one for the
 * screen.
 */
const quick = new Set<Promise<unknown>>();
/** All that is not yet answered. */
const underWay = new Set<Promise<unknown>>();

function until(answer: Promise<unknown>, of: Set<Promise<unknown>>): void {
  of.add(answer);
  const done = (): void => void of.delete(answer);
  answer.then(done, done);
}

async function ask<T>(desk: Channel, signal: AbortSignal, question: (api: Api) => Promise<T>): Promise<T> {
  await new Promise((r) => setTimeout(r, SETTLE_MS[desk]));
  while (desk === 'settled' && quick.size > 0 && !signal.aborted) await Promise.allSettled(quick);
  signal.throwIfAborted();
  if (desk === 'settled') watchTouches();
  const answer = answerFrom(desk, signal, question);
  until(answer, underWay);
  if (desk !== 'settled') until(answer, quick);
  return answer;
}

function answerFrom<T>(desk: Channel, signal: AbortSignal, question: (api: Api) => Promise<T>): Promise<T> {
  const r = open(desk);
  return new Promise<T>((resolve, reject) => {
    const fail = (e: unknown): void => {
      close(desk, r);
      reject(e instanceof Error ? e : new Error('the worker failed'));
    };
    const stopped = (): void => fail(new DOMException('no longer wanted', 'AbortError'));
    signal.addEventListener('abort', stopped, { once: true });
    r.worker.addEventListener('error', fail, { once: true });
    question(r.api)
      .then(resolve, fail)
      .finally(() => {
        signal.removeEventListener('abort', stopped);
        r.worker.removeEventListener('error', fail);
      });
  });
}

/** Helpers of the long plan, at the most. */
const MAX_HELPERS = 3;
/** One core is the page's, one the planner's own; the first answer is over before a helper has started. */
const helpersFor = (effort: 'first' | 'settled'): number =>
  effort === 'first' ? 0 : Math.max(0, Math.min(MAX_HELPERS, (navigator.hardwareConcurrency || 2) - 2));

const texts = new WeakMap<object, string>();
/** The same text as long as it is the same thing. */
function asText(of: object): string {
  const text = texts.get(of) ?? JSON.stringify(of);
  texts.set(of, text);
  return text;
}

/**
 * What was worked out of a record that is here no more is not kept, nor what is still being worked out of it; where it
 * cannot be thrown away it ages out.
 */
export async function forgetWorkedOut(): Promise<void> {
  const last = [...underWay];
  try {
    await forgetAll();
    await Promise.allSettled(last);
    if (last.length > 0) await forgetAll();
  } catch {
    // The browser has no database, or holds on to it.
  }
}

type Args<K extends keyof ComputeApi> = Parameters<ComputeApi[K]>;
type CatchArgs = [...Parameters<FilesApi['catches']>];
type DayArgs = Parameters<AlmanacApi['day']>;

export const compute = {
  rank: async (signal: AbortSignal, conditions: Conditions, options: RankOptions, log: SentLog | null) =>
    whole(await ask('rank', signal, (api) => api.rank(conditions, asText(options), log))),
  lookBack: (signal: AbortSignal, ...args: Args<'lookBack'>) => ask('lessons', signal, (api) => api.lookBack(...args)),
  rankPlanned: (signal: AbortSignal, ...args: Args<'rankPlanned'>) =>
    ask('choose', signal, (api) => api.rankPlanned(...args)),
  planHead: (signal: AbortSignal, ...args: Args<'planHead'>) => ask('head', signal, (api) => api.planHead(...args)),
  plan: (signal: AbortSignal, request: Args<'plan'>[0], effort: 'first' | 'settled', tell?: (p: Progress) => void) =>
    ask(
      effort,
      signal,
      (api) =>
        (tell
          ? api.plan(request, effort, helpersFor(effort), proxy(tell))
          : api.plan(request, effort, helpersFor(effort))) as ReturnType<ComputeApi['plan']>,
    ),
  /** Not to be ended half way: it is over before another worker would have begun. */
  cast: (...args: Args<'cast'>) =>
    ask('live', new AbortController().signal, (api) => api.cast(...args) as Promise<ReturnType<ComputeApi['cast']>>),
  choosing: (signal: AbortSignal, ...args: Args<'choosing'>) => ask('choose', signal, (api) => api.choosing(...args)),
  schools: (signal: AbortSignal, ...args: Args<'schools'>) => ask('choose', signal, (api) => api.schools(...args)),
  rods: (signal: AbortSignal, ...args: Args<'rods'>) => ask('choose', signal, (api) => api.rods(...args)),
  lacks: (signal: AbortSignal, ...args: Args<'lacks'>) => ask('choose', signal, (api) => api.lacks(...args)),
  vertical: (signal: AbortSignal, ...args: Args<'vertical'>) =>
    ask('assess', signal, (api) => api.vertical(...args) as Promise<ReturnType<ComputeApi['vertical']>>),
  towed: (signal: AbortSignal, ...args: Args<'towed'>) =>
    ask('assess', signal, (api) => api.towed(...args) as Promise<ReturnType<ComputeApi['towed']>>),
  assessLure: (signal: AbortSignal, ...args: Args<'assessLure'>) =>
    ask('assess', signal, (api) => api.assessLure(...args) as Promise<ReturnType<ComputeApi['assessLure']>>),
  counted: (signal: AbortSignal, ...args: Args<'counted'>) =>
    ask('assess', signal, (api) => api.counted(...args) as Promise<ReturnType<ComputeApi['counted']>>),
  day: (signal: AbortSignal, ...args: DayArgs) =>
    ask('day', signal, (api) => api.day(...args) as Promise<ReturnType<AlmanacApi['day']>>),
  places: (signal: AbortSignal, ...args: Parameters<FilesApi['places']>) =>
    ask('files', signal, (api) => api.places(...args) as Promise<ReturnType<FilesApi['places']>>),
  ownTables: (signal: AbortSignal, ...args: Parameters<FilesApi['ownTables']>) =>
    ask('files', signal, (api) => api.ownTables(...args) as Promise<ReturnType<FilesApi['ownTables']>>),
  record: (signal: AbortSignal, ...args: Parameters<FilesApi['record']>) =>
    ask('files', signal, (api) => api.record(...args) as Promise<ReturnType<FilesApi['record']>>),
  catchColumns: (signal: AbortSignal, ...args: Parameters<FilesApi['catchColumns']>) =>
    ask('files', signal, (api) => api.catchColumns(...args) as Promise<ReturnType<FilesApi['catchColumns']>>),
  catches: (signal: AbortSignal, [text, book, how]: CatchArgs, tell: (percent: number) => void) =>
    ask(
      'files',
      signal,
      (api) => api.catches(text, book, how, proxy(tell)) as Promise<ReturnType<FilesApi['catches']>>,
    ),
  catchBatch: (signal: AbortSignal, ...args: Parameters<FilesApi['catchBatch']>) =>
    ask('files', signal, (api) => api.catchBatch(...args) as Promise<ReturnType<FilesApi['catchBatch']>>),
  assessReel: (signal: AbortSignal, ...args: Args<'assessReel'>) =>
    ask('assess', signal, (api) => api.assessReel(...args) as Promise<ReturnType<ComputeApi['assessReel']>>),
};
