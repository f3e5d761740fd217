/** Work that can wait until the page has drawn and has nothing better to do. */
import { useEffect, useState } from 'react';

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

/** What is fetched after this mark is not the first screen's. */
const markRest = (): void => void performance.mark?.('at-rest');

/**
 * Reads things in one after another, each only when the page is at rest. What fails is read again when it is really
 * wanted, and told then.
 */
export function oneByOne(things: readonly (() => Promise<unknown>)[]): void {
  const [next, ...later] = things;
  if (!next || typeof window === 'undefined') return;
  setTimeout(
    () =>
      whenDrawn(() => {
        markRest();
        void next().then(
          () => oneByOne(later),
          () => undefined,
        );
      }),
    REST_MS,
  );
}

/** True once the page has drawn and rested a moment: for what may come by and by. */
export function useAtRest(): boolean {
  const [rested, setRested] = useState(false);
  useEffect(() => {
    let cancel: (() => void) | null = null;
    const t = setTimeout(
      () =>
        (cancel = whenDrawn(() => {
          markRest();
          setRested(true);
        })),
      REST_MS,
    );
    return () => {
      clearTimeout(t);
      cancel?.();
    };
  }, []);
  return rested;
}
