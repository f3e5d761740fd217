/** The places of the cast plan that are still to be cast at: told by who works the plan out, read by who logs. */
import { createStore } from 'zustand/vanilla';
import type { Aims } from '../../core/castplan/aims';

export const aimsNow = createStore<{ aims: Aims | null }>(() => ({ aims: null }));
