/**
 * How much the planner can afford: a cast that takes long to simulate (many small steps, a long time, a current across)
 * gets fewer looks. Work is counted, never timed, so that the same request gives the same plan on every machine.
 */
import { clamp } from '../../base/numbers';
import type { Candidate, Evaluate } from './candidates';
import { mean } from './doubt';

/**
 * What each part of a plan may take. Half of the plans take less than all of it together; the least looks at the casts
 * that take longest go beyond it, up to twice.
 */
export const WORK = {
  ways: 40_000,
  search: 60_000,
  finalists: 16_000,
  polish: 25_000,
  corners: 6_000,
  draws: 24_000,
  changes: 30_000,
} as const;

/** So many casts of a kind can be afforded. */
export const affordable = (work: number, each: number, [least, most]: readonly [number, number]): number =>
  clamp(Math.floor(work / Math.max(each, 1)), least, most);

/** The least looks go beyond what a part may take by so much; one is always had. */
const BEYOND = 1.25;

/** Of the least that are asked so many, where even they would go far beyond what there is. */
export const leastOf = (work: number, each: number, least: number, beyond = BEYOND): number =>
  clamp(Math.floor((beyond * work) / Math.max(each, 1)), 1, least);

/** What one of some casts took on average. */
export const workEach = (of: readonly Candidate[]): number => mean(of.map((c) => c.track.work));

/** Casts until so much work is done; `more` says whether there is some left. */
export function rationed(evaluate: Evaluate, work: number): { tried: Evaluate; more: () => boolean } {
  let left = work;
  return {
    *tried(hands) {
      const out: Candidate[] = yield* evaluate(hands);
      for (const c of out) left -= c.track.work;
      return out;
    },
    more: () => left > 0,
  };
}
