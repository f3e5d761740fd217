/** Long work in steps, each of some milliseconds: whoever does it decides what comes in between. */
export type Steps<T> = Generator<undefined, T>;

/** All of it, with nothing in between. */
export function allSteps<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
