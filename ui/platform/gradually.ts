/** Long pages drawn from the top in several frames, so that none of them holds up a finger. */
import { startTransition, useEffect, useState } from 'react';

/** A page in the background has no frames; it gets its next piece after this long, ms. */
const WITHOUT_FRAMES_MS = 100;

/** How many of `total` pieces to draw by now: none at first, then one more a frame. */
export function useGradually(total: number): number {
  const [drawn, setDrawn] = useState(0);
  const done = drawn >= total;
  useEffect(() => {
    if (done) return;
    let waiting = true;
    const more = (): void => {
      if (!waiting) return;
      waiting = false;
      startTransition(() => setDrawn((n) => n + 1));
    };
    const frame = requestAnimationFrame(more);
    const timer = setTimeout(more, WITHOUT_FRAMES_MS);
    return () => {
      waiting = false;
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [drawn, done]);
  return Math.min(drawn, total);
}
