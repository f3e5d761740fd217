/** Loads or clears the demo world. */
import { useCallback } from 'react';
import { useReplaceBook } from '../../data/useBook';
import { demoWorld } from '../../data/demo';
import { realNowMs } from '../platform/clock';

export function useDemoWorld() {
  const { mutate, isPending, isError } = useReplaceBook();
  const load = useCallback(() => mutate(() => demoWorld(realNowMs())), [mutate]);
  const clear = useCallback(() => mutate(() => []), [mutate]);
  return { load, clear, busy: isPending, error: isError };
}
