/** How the lure in hand is worked where no plan has come: the log waits neither for a plan nor for a worker. */
import { useEffect, useState } from 'react';
import type { WorkedAs } from '../../core/planning/plan/unplanned';
import type { PlanRequest } from '../../core/planning/task/request';

/** A plan that comes by then is waited for, ms. */
const WAIT_MS = 4000;

/** By the rules alone, worked out on the page; null while a plan is there, or may still come at once. */
export function useUnplanned(request: PlanRequest | null, planned: boolean): WorkedAs | null {
  const [made, setMade] = useState<{ request: PlanRequest; worked: WorkedAs } | null>(null);
  useEffect(() => {
    if (!request || planned) return;
    let gone = false;
    const make = async (): Promise<void> => {
      const { workedUnplanned } = await import('../../data/offPage');
      if (!gone) setMade({ request, worked: workedUnplanned(request) });
    };
    // A script that does not come is told by nothing here: the plan may still come.
    const timer = setTimeout(() => void make().catch(() => undefined), WAIT_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [request, planned]);
  return !planned && made && made.request === request ? made.worked : null;
}
