/** The clock port: the only place that reads the clock. In the demo world the day is pinned and runs on from there. */
import { useEffect, useState } from 'react';

export interface DemoClock {
  demoAtMs: number;
  realAtMs: number;
}

export const realNowMs = (): number => Date.now();

export const appNowMs = (demo: DemoClock | null): number => (demo ? demo.demoAtMs + (realNowMs() - demo.realAtMs) : realNowMs());

/** The time now, renewed every `everyMs`. */
export function useNow(demo: DemoClock | null, everyMs: number): number {
  const [now, setNow] = useState(() => appNowMs(demo));
  useEffect(() => {
    setNow(appNowMs(demo));
    const id = setInterval(() => setNow(appNowMs(demo)), everyMs);
    return () => clearInterval(id);
  }, [demo, everyMs]);
  return now;
}
