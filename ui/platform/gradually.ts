/** Long pages drawn from the top in several frames, so that none of them holds up a finger. */
import { startTransition, useEffect, useState } from 'react';

/** A page in the background has no frames; it gets its next piece after this long, ms. */
const WITHOUT_FRAMES_MS = 100;

/** So few that come once all were drawn come at once: else the last would go for a frame, with what it held open. */
const LATE = 2;

/** How many of `total` pieces to draw by now: none at first, then one more a frame. */
export function useGradually(total: number): number {
  const [{ drawn, complete }, set] = useState({ drawn: 0, complete: false });
  const done = drawn >= total;
  useEffect(() => {
    if (done) return;
    let waiting = true;
    const more = (): void => {
      if (!waiting) return;
      waiting = false;
      startTransition(() => set((s) => ({ drawn: s.drawn + 1, complete: s.complete || s.drawn + 1 >= total })));
    };
    const frame = requestAnimationFrame(more);
    const timer = setTimeout(more, WITHOUT_FRAMES_MS);
    return () => {
      waiting = false;
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [drawn, done, total]);
  return complete && total - drawn <= LATE ? total : Math.min(drawn, total);
}
