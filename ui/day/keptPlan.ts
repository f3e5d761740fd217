/** A plan put aside to be compared with the one in hand. Lives as long as the page: it is a sketch, not a record. */
import { create } from 'zustand';
import type { Plan } from '../../core/planning/plan/plan';

const kept = create<{ plan: Plan | null }>(() => ({ plan: null }));

export const keepPlan = (plan: Plan | null): void => kept.setState({ plan });
export const useKeptPlan = (): Plan | null => kept((s) => s.plan);
