/** How far the plan under way is. By itself, so that telling it redraws one line and not the day. */
import { create } from 'zustand';
import type { Progress } from '../../core/planning/plan/plan';

const under = create<{ way: Progress | null }>(() => ({ way: null }));

export const tellPlanProgress = (way: Progress | null): void => under.setState({ way });
export const usePlanProgress = (): Progress | null => under((s) => s.way);
