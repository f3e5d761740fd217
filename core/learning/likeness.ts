/** How much an hour in one water tells of another, and what the model expected of hours gone by. */
import type { RankOptions } from '../ranking/rank';
import type { Conditions } from '../water/conditions';
import { resolveConditions, type ResolvedConditions } from '../water/resolve';
import { expectedOf, type PastBlock } from './history';

/** Waters so far apart tell 0.6 of each other. prior: judgement. */
const LIKE = { tempC: 5, lnClarity: 0.7, sunDeg: 20 };
/** What another water's hours count for. prior: judgement. */
const ELSEWHERE = 0.5;

/** A reading and the water it is of. */
export interface ReadAt {
  reading: Pick<ResolvedConditions, 'surfaceTempC' | 'clarityM' | 'sunElevationDeg'>;
  water?: string | null;
}

/** How much an hour in one water tells of another, 0–1. */
export function likeness(then: ReadAt, now: ReadAt): number {
  const off = [
    (then.reading.surfaceTempC - now.reading.surfaceTempC) / LIKE.tempC,
    Math.log(then.reading.clarityM / now.reading.clarityM) / LIKE.lnClarity,
    (then.reading.sunElevationDeg - now.reading.sunElevationDeg) / LIKE.sunDeg,
  ];
  const same = now.water && then.water === now.water ? 1 : ELSEWHERE;
  return same * Math.exp(-0.5 * off.reduce((sum, d) => sum + d * d, 0));
}

/** What lessons ask of the model about each block, in their order. */
export interface LookedBack {
  /** Strikes that it expected, not knowing the signs. */
  expected: number[];
  /** How much an hour of it tells of now, 0–1; null without a day. */
  like: number[] | null;
}

/** Looks back on blocks from a day (`now`), or from none. */
export function lookBack(
  history: readonly PastBlock[],
  now: { conditions: Conditions; water: string | null } | null,
  options: Pick<RankOptions, 'schools'> = {},
): LookedBack {
  const here = now && { reading: resolveConditions(now.conditions), water: now.water };
  return {
    expected: expectedOf(history, options),
    like:
      here && history.map((b) => likeness({ reading: resolveConditions(b.conditions), water: b.water ?? null }, here)),
  };
}
