/** Loads the demo world. */
import { useCallback } from 'react';
import { demoWorld } from '../../data/demo';
import { useReplaceBook } from '../../data/useBook';
import { realNowMs } from '../platform/clock';

export function useDemoWorld() {
  const { mutate, isPending, isError } = useReplaceBook();
  /** `stored`: once it is. */
  const load = useCallback(
    (stored?: () => void) => {
      const atMs = realNowMs();
      mutate({ record: () => demoWorld(atMs), by: 'demo', atMs }, { onSuccess: stored });
    },
    [mutate],
  );
  return { load, busy: isPending, error: isError };
}
