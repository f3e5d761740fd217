/** Loads or clears the demo world. */
import { useCallback } from 'react';
import { demoWorld } from '../../data/demo';
import { useReplaceBook } from '../../data/useBook';
import { realNowMs } from '../platform/clock';

export function useDemoWorld() {
  const { mutate, isPending, isError } = useReplaceBook();
  /** `stored`: once it is. */
  const load = useCallback(
    (stored?: () => void) => mutate(() => demoWorld(realNowMs()), { onSuccess: stored }),
    [mutate],
  );
  const clear = useCallback((stored?: () => void) => mutate(() => [], { onSuccess: stored }), [mutate]);
  return { load, clear, busy: isPending, error: isError };
}
