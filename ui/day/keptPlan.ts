/** A plan put aside to be compared with the one in hand. Lives as long as the page: it is a sketch, not a record. */
import { useSyncExternalStore } from 'react';
import type { Plan } from '../../core/planning/plan/plan';

let kept: Plan | null = null;
const listeners = new Set<() => void>();

export function keepPlan(p: Plan | null): void {
  kept = p;
  listeners.forEach((l) => l());
}

export const useKeptPlan = (): Plan | null =>
  useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => kept,
  );
