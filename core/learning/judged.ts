/**
 * What the model said of blocks gone by. A block never changes once it was fished, and to ask the model of one takes
 * milliseconds: the four numbers that the fit needs of it are kept, and can be handed on to the next run of this very
 * program.
 */

/** What the model says of a block's lure in its water. */
export interface Judgement {
  /** Strikes an hour that it expects, more than 0. */
  perHour: number;
  /** Share of the strikes that it expects to be hooked, 0–1. */
  hooked: number;
  /** What it expects there of lures in general, strikes an hour, more than 0. */
  usual: number;
  /** The weight that is best there of those that the lure may have had, kg. */
  weightKg: number;
}

/** So many are kept, the oldest given up first. */
const MAX_KEPT = 6000;
const kept = new Map<string, Judgement>();
let made: [string, Judgement][] = [];

function keep(key: string, j: Judgement): void {
  kept.set(key, j);
  if (kept.size > MAX_KEPT) kept.delete(kept.keys().next().value!);
}

/** The judgement of this name, asked for the first time only. */
export function judgedOnce(key: string, judge: () => Judgement): Judgement {
  const known = kept.get(key);
  if (known) return known;
  const j = judge();
  keep(key, j);
  made.push([key, j]);
  return j;
}

/** Those made since the last time this was asked. */
export function madeSince(): [string, Judgement][] {
  const all = made;
  made = [];
  return all;
}

const isShare = (x: unknown): x is number => typeof x === 'number' && x >= 0 && x <= 1;
const isAbove0 = (x: unknown): x is number => typeof x === 'number' && x > 0 && x < Infinity;

/** Takes in what another run of this program made; what cannot be a judgement is left out. */
export function recall(all: Iterable<readonly [unknown, unknown]>): void {
  for (const [key, value] of all) {
    if (typeof key !== 'string' || typeof value !== 'object' || value === null) continue;
    const { perHour, hooked, usual, weightKg } = value as Record<keyof Judgement, unknown>;
    if (isAbove0(perHour) && isShare(hooked) && isAbove0(usual) && isAbove0(weightKg) && !kept.has(key))
      keep(key, { perHour, hooked, usual, weightKg });
  }
}
