/**
 * What was planned of the lures near the lead, kept for each water and tackle: the ranking reckons with it, and after a
 * cast it is there already. The settled plan of the lure in hand takes the place of its first answer, so that Lures and
 * Retrieve say one figure.
 */
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { madeFor, type Planned, type PlannedByKey } from '../../core/ranking/planned';

/** What is known of one water and tackle. */
export interface KnownPlans {
  planned: PlannedByKey;
  /** Whose plan is settled: that is tied on. */
  tied: string | null;
}

const NOTHING: KnownPlans = { planned: {}, tied: null };
/** Waters remembered; the oldest is forgotten first. */
const MAX_WATERS = 12;

const store = createStore<{ byBasis: ReadonlyMap<string, KnownPlans> }>(() => ({ byBasis: new Map() }));

/** Adds first answers, where nothing is known of a lure at that weight. */
export function learnFirst(basis: string, planned: PlannedByKey): void {
  const { planned: before } = store.getState().byBasis.get(basis) ?? NOTHING;
  learn(basis, Object.fromEntries(Object.entries(planned).filter(([key, p]) => !madeFor(before[key], p.weightKg))));
}

/** A settled plan of the lure that is tied on. */
export const learnSettled = (basis: string, key: string, planned: Planned): void =>
  learn(basis, { [key]: planned }, key);

function learn(basis: string, planned: PlannedByKey, tied?: string): void {
  store.setState(({ byBasis }) => {
    const before = byBasis.get(basis) ?? NOTHING;
    const next = new Map([...byBasis].filter(([key]) => key !== basis).slice(1 - MAX_WATERS));
    return { byBasis: next.set(basis, { planned: { ...before.planned, ...planned }, tied: tied ?? before.tied }) };
  });
}

/** What is known of a water and tackle. */
export const useKnownPlans = (basis: string): KnownPlans => useStore(store, (s) => s.byBasis.get(basis) ?? NOTHING);
