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
