/** The clock port: the only place that reads the clock. In the demo world the day is pinned and runs on from there. */
import { useCallback, useSyncExternalStore } from 'react';

export interface DemoClock {
  demoAtMs: number;
  realAtMs: number;
}

/** The zone that the device stands in. */
export const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

export const realNowMs = (): number => Date.now();

export const appNowMs = (demo: DemoClock | null): number =>
  demo ? demo.demoAtMs + (realNowMs() - demo.realAtMs) : realNowMs();

/** The time now, to the step below: it changes once in `stepMs`. */
export function useNow(demo: DemoClock | null, stepMs: number): number {
  const subscribe = useCallback(
    (changed: () => void) => {
      const id = setInterval(changed, Math.min(stepMs, 15_000));
      return () => clearInterval(id);
    },
    [stepMs],
  );
  return useSyncExternalStore(subscribe, () => Math.floor(appNowMs(demo) / stepMs) * stepMs);
}
