/** How far the plan under way is. By itself, so that telling it redraws one line and not the day. */
import { useSyncExternalStore } from 'react';
import type { Progress } from '../../core/planning/plan/plan';

let now: Progress | null = null;
const listeners = new Set<() => void>();

export function tellPlanProgress(p: Progress | null): void {
  now = p;
  listeners.forEach((l) => l());
}

export const usePlanProgress = (): Progress | null =>
  useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => now,
  );
