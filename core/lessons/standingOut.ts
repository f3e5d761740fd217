/** Whether one part of the record is better than the rest, or only looks it. */
import { chanceGreater, type GammaRate } from './rates';

/** Strikes and the effort they took: casts, minutes, seconds. */
export interface Share {
  strikes: number;
  effort: number;
}

/** The part with the highest rate and how sure that is, 0–1, though it was picked out of so many. */
export interface StandsOut {
  at: number;
  sure: number;
  /** How many times the record it takes until it is plain, if all goes on so; 1: it is, null: ever so many. */
  enoughAt: number | null;
}

/** From here on it is plain. */
export const PLAIN = 0.9;
/** Nobody waits for a record so many times as long. */
const MOST_TIMES = 10;

/** What all parts together say counts for so many strikes in each. */
const HELD_BY = 1;
/** A part with less than this share of the effort is not compared. */
const LEAST_SHARE = 0.03;

function best(parts: readonly Share[]): Omit<StandsOut, 'enoughAt'> | null {
  const effort = parts.reduce((sum, p) => sum + p.effort, 0);
  const strikes = parts.reduce((sum, p) => sum + p.strikes, 0);
  const compared = parts.map((p, at) => ({ ...p, at })).filter((p) => p.effort > LEAST_SHARE * effort);
  if (compared.length < 2 || strikes === 0) return null;
  const mean = strikes / effort;
  const held = (p: Share): GammaRate => ({ shape: HELD_BY + p.strikes, rate: HELD_BY / mean + p.effort });
  const rate = (p: Share): number => held(p).shape / held(p).rate;
  const first = compared.reduce((a, b) => (rate(b) > rate(a) ? b : a));
  const rest = { strikes: strikes - first.strikes, effort: effort - first.effort };
  const chance = chanceGreater(held(first), held(rest));
  return { at: first.at, sure: Math.max(0, 1 - (1 - chance) * compared.length) };
}

/** Null where there is nothing to compare: fewer than two parts, or no strike. */
export function standingOut(parts: readonly Share[]): StandsOut | null {
  const found = best(parts);
  if (!found) return null;
  const after = (times: number): boolean =>
    best(parts.map((p) => ({ strikes: p.strikes * times, effort: p.effort * times })))!.sure >= PLAIN;
  let enoughAt: number | null = null;
  for (let times = 1; times <= MOST_TIMES && enoughAt === null; times += 0.5) if (after(times)) enoughAt = times;
  return { ...found, enoughAt };
}
