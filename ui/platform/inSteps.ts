/** What may take long to work out: a little of it at once, much of it in steps between which the page has its turn. */
import { startTransition, useEffect, useMemo, useState } from 'react';
import { allSteps, type Steps } from '../../core/base/steps';
import { stepByStep } from '../../data/slices';

/** Another `begin` begins anew, and what was found before stays until that is done; null until the first is found. */
export function useInSteps<T extends object>(begin: () => Steps<T>, isShort: boolean): T | null {
  const atOnce = useMemo(() => (isShort ? allSteps(begin()) : null), [begin, isShort]);
  const [last, setLast] = useState<T | null>(null);
  useEffect(() => {
    if (isShort) return;
    let wanted = true;
    void stepByStep(begin(), () => wanted).then(
      (found) => {
        // Drawn in slices too.
        if (wanted) startTransition(() => setLast(found));
      },
      // What goes wrong is for the page, as if it had been worked out while it was drawn.
      (e: unknown) =>
        setLast(() => {
          throw e;
        }),
    );
    return () => {
      wanted = false;
    };
  }, [begin, isShort]);
  return atOnce ?? last;
}
