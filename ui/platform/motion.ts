/** Whether the person asked for less motion. */
import { useSyncExternalStore } from 'react';

const query = (): MediaQueryList | null =>
  typeof window !== 'undefined' && window.matchMedia ? window.matchMedia('(prefers-reduced-motion: reduce)') : null;

function subscribe(changed: () => void): () => void {
  const q = query();
  q?.addEventListener('change', changed);
  return () => q?.removeEventListener('change', changed);
}

export const useReducedMotion = (): boolean => useSyncExternalStore(subscribe, () => query()?.matches ?? false);
