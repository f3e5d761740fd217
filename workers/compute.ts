/** What the worker can do: plain core functions. Results are values; nothing is thrown on purpose. */
import { rankFamilies } from '../core/lures/rank';
import { planRetrieve } from '../core/retrieve/plan/plan';

export const computeApi = { rank: rankFamilies, plan: planRetrieve };
export type ComputeApi = typeof computeApi;
