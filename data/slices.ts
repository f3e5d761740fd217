/** Long work on the page in slices, between which it draws and listens. */
import type { Steps } from '../core/base/steps';

/** In units of the work; what takes a few milliseconds. */
const SLICE = 500;

/** Lets what waits have its turn. */
export const rest = (): Promise<void> =>
  new Promise((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });

/** Does it to each in turn; it says how long that took, in units of its own. */
export async function inSlices<T>(all: readonly T[], each: (one: T) => number): Promise<void> {
  let done = 0;
  for (const one of all) {
    done += each(one);
    if (done < SLICE) continue;
    done = 0;
    await rest();
  }
}

/** Takes the steps one by one; null where it is no longer wanted before the last. */
export async function stepByStep<T>(steps: Steps<T>, isWanted: () => boolean): Promise<T | null> {
  while (isWanted()) {
    const step = steps.next();
    if (step.done) return step.value;
    await rest();
  }
  return null;
}
