/** Casts the cadence under the fingers as it changes, and shows its path in the section: the newest, one at a time. */
import { useEffect, useRef } from 'react';
import type { Cadence } from '../../../core/planning/cadence/cadence';
import type { Plan } from '../../../core/planning/plan/plan';
import type { PlanRequest } from '../../../core/planning/task/request';
import { compute } from '../../../workers/client';
import { showLivePath } from '../../day/livePath';

/** Null: the plan's own cadence, whose path is there. */
export function useLiveCast(request: PlanRequest | null, plan: Plan, cadence: Cadence | null): void {
  const wanted = useRef<(() => Promise<void>) | null>(null);
  const busy = useRef(false);
  const gone = useRef(false);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      showLivePath(null);
    };
  }, []);
  useEffect(() => {
    const next = async (): Promise<void> => {
      const ask = wanted.current;
      if (busy.current || !ask) return;
      busy.current = true;
      wanted.current = null;
      try {
        await ask();
      } catch {
        // The picture stays as it was; the plan is not touched by it.
      }
      busy.current = false;
      void next();
    };
    if (!request || !cadence) {
      wanted.current = null;
      showLivePath(null);
      return;
    }
    wanted.current = async () => {
      const track = await compute.cast({ ...request, set: { ...request.set, cadence } }, plan.hands);
      if (!gone.current && wanted.current === null) showLivePath(track);
    };
    void next();
  }, [request, plan, cadence]);
}
