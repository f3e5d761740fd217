/**
 * What the model said of blocks gone by. A block never changes once it was fished, and to ask the model of one takes
 * milliseconds: the four numbers that the fit needs of it are kept, and can be handed on to the next run of this very
 * program.
 */
import { keeper } from '../base/keeper';

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

/** Of so many blocks it is kept, the oldest given up first; workers keep as many on the device. */
export const MAX_JUDGED = 6000;
const kept = keeper<Judgement>(MAX_JUDGED);
let made: [string, Judgement][] = [];

/** The judgement of this name, asked for the first time only. */
export const judgedOnce = (key: string, judge: () => Judgement): Judgement =>
  kept(key, () => {
    const j = judge();
    made.push([key, j]);
    return j;
  });

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
    if (isAbove0(perHour) && isShare(hooked) && isAbove0(usual) && isAbove0(weightKg))
      kept(key, () => ({ perHour, hooked, usual, weightKg }));
  }
}
