/** Work that can wait until the page has drawn and has nothing better to do. */
const LATEST_MS = 4000;

export function whenDrawn(run: () => void): () => void {
  if (typeof window.requestIdleCallback !== 'function') {
    const id = setTimeout(run, LATEST_MS);
    return () => clearTimeout(id);
  }
  const id = window.requestIdleCallback(run, { timeout: LATEST_MS });
  return () => window.cancelIdleCallback(id);
}

/** Rest before the first and between them, ms. */
const REST_MS = 2500;

/** Reads things in one after another, each only when the page is at rest. What fails is read again when it is really wanted, and told then. */
export function oneByOne(things: readonly (() => Promise<unknown>)[]): void {
  const [next, ...later] = things;
  if (!next || typeof window === 'undefined') return;
  setTimeout(
    () =>
      whenDrawn(
        () =>
          void next().then(
            () => oneByOne(later),
            () => undefined,
          ),
      ),
    REST_MS,
  );
}
