/** How many rods go, and which set-ups were chosen by hand: kept while one looks at the packing list and comes back. */
import { create } from 'zustand';

export interface RodChoice {
  /** Null: as many as there are, three at the most. */
  k: number | null;
  hours: number;
  /** Lures by key; null: the best set. */
  chosen: readonly string[] | null;
}

export const useRodChoice = create<RodChoice>(() => ({ k: null, hours: 4, chosen: null }));

export const changeRodChoice = (change: Partial<RodChoice>): void => useRodChoice.setState(change);
