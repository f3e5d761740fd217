/** How many rods go, and which set-ups were chosen by hand: kept while one looks at the packing list and comes back. */
import { useSyncExternalStore } from 'react';

export interface RodChoice {
  /** Null: as many as there are, three at the most. */
  k: number | null;
  hours: number;
  /** Lures by key; null: the best set. */
  chosen: readonly string[] | null;
}

let choice: RodChoice = { k: null, hours: 4, chosen: null };
const listeners = new Set<() => void>();

export function changeRodChoice(change: Partial<RodChoice>): void {
  choice = { ...choice, ...change };
  listeners.forEach((f) => f());
}

export const useRodChoice = (): RodChoice =>
  useSyncExternalStore(
    (f) => {
      listeners.add(f);
      return () => listeners.delete(f);
    },
    () => choice,
    () => choice,
  );
