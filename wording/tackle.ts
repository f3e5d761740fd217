/** Rod, reel and line in words. */
import type { LineSpec } from '../core/tackle/line';
import type { ReelSpec } from '../core/tackle/reel';
import type { RodSpec } from '../core/tackle/rod';
import { list } from './names';
import { say, type UnitPrefs } from './units';

/** Names of what is assumed, so that each says what it is. */
export const usualTackleName = {
  rod: (r: RodSpec, u: UnitPrefs): string =>
    `a usual ${say.depth(r.lengthM, u)} rod for ${say.weight(r.minLureKg, u)} to ${say.weight(r.maxLureKg, u)}`,
  reel: (r: ReelSpec): string => `a usual reel, ${r.ratio.toFixed(1)} to 1`,
  line: (l: LineSpec, u: UnitPrefs): string => `${say.line(l.strengthLb, u)} ${l.material}`,
} as const;

export type TacklePiece = 'rod' | 'reel' | 'line';

/** What of the tackle is assumed; all of it has a sentence of its own. */
export const assumedTackleText = (assumed: readonly TacklePiece[]): string =>
  assumed.length === 3
    ? 'No tackle of yours is in the Kit yet: usual tackle for this lure is assumed. Casts and depths are right for yours once it is there.'
    : `Your Kit has no ${list(assumed)} yet: a usual one is assumed.`;

/** The lure in hand stands for a kind. */
export const ofKindText = (kind: string, owned: boolean): string =>
  owned
    ? `This is a ${kind} as it is usually sold, not one of yours.`
    : `There is no ${kind} in your box: one as it is usually sold is assumed.`;
