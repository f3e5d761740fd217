/**
 * A plan's casts by as many workers as the device has cores for: the one that plans works through them itself, and
 * helpers of its own take some off it. The tracks are the same whoever makes them, so the plan does not depend on how
 * many there were. Helpers end with the worker that opened them.
 */
import { wrap } from 'comlink';
import { castNow, sendable, type CastJob } from '../core/planning/plan/casting';
import type { Track } from '../core/planning/plan/track';

/** What a helper can do. */
export interface CastApi {
  casts: (jobs: readonly CastJob[]) => Track[];
}

/** One that takes casts; `null` while it is not ready, or has failed. */
export type Helper = ((jobs: readonly CastJob[]) => Promise<Track[]>) | null;

/** A helper takes so many at once at the most: little is waited for at the end of a batch. */
const MAX_SLICE = 4;

const helpers: { take: Helper }[] = [];

/** So many of the casts that are left go to a helper at once, one's own share kept. */
export const sliceOf = (left: number, helperCount: number): number =>
  Math.max(1, Math.min(MAX_SLICE, Math.floor(left / (helperCount + 1))));

/** Opens helpers up to this many; each is used once it has answered. */
function open(count: number): void {
  while (helpers.length < count) {
    const slot: { take: Helper } = { take: null };
    helpers.push(slot);
    try {
      const worker = new Worker(self.location.href);
      const api = wrap<CastApi>(worker);
      const failed = new Promise<never>((_, reject) => {
        worker.addEventListener('error', () => reject(new Error('a helper failed')), { once: true });
      });
      failed.catch(() => (slot.take = null));
      const take = (jobs: readonly CastJob[]): Promise<Track[]> =>
        Promise.race([api.casts(jobs.map(sendable)) as Promise<Track[]>, failed]);
      void take([]).then(
        () => (slot.take = take),
        () => undefined,
      );
    } catch {
      // A browser that lets no worker open another: it does them all by itself.
      return;
    }
  }
}

/**
 * The tracks of these casts, in their order. `rest` is waited for between two of one's own and before a helper takes
 * more. What a failing helper had taken is done here.
 */
export async function shareOut(
  jobs: readonly CastJob[],
  takers: readonly { take: Helper }[],
  rest: () => Promise<void>,
): Promise<Track[]> {
  const tracks: Track[] = [];
  let next = 0;
  const back: number[] = [];
  // The helpers are asked first, since one's own cast holds this thread until it is done; one is left for it.
  let begun = false;
  const own = async (): Promise<void> => {
    begun = true;
    for (;;) {
      const i = back.pop() ?? next++;
      if (i >= jobs.length) return;
      tracks[i] = castNow(jobs[i]!);
      await rest();
    }
  };
  const helped = async (slot: { take: Helper }): Promise<void> => {
    while (slot.take && next < jobs.length - (begun ? 0 : 1)) {
      const size = sliceOf(jobs.length - next, takers.length);
      const from = next;
      next += size;
      try {
        (await slot.take(jobs.slice(from, from + size))).forEach((t, k) => (tracks[from + k] = t));
      } catch {
        slot.take = null;
        for (let k = 0; k < size; k++) back.push(from + k);
        return;
      }
      await rest();
    }
  };
  await Promise.all([...takers.map(helped), own()]);
  // A helper that failed last left some behind.
  if (back.length > 0) await own();
  return tracks;
}

/** Casts with so many helpers of this worker's own. */
export function castAll(jobs: readonly CastJob[], helperCount: number, rest: () => Promise<void>): Promise<Track[]> {
  if (jobs.length > 1) open(helperCount);
  return shareOut(jobs, helpers, rest);
}
