/** Hours like now: what came in them, and the days that tell most. */
import { groupBy } from '../log/tally';
import { total, type Fished } from './fished';
import { gammaInterval, type Interval } from './rates';

/** Blocks as they count: hours and strikes times how much each tells of now. */
export interface LikeNow {
  hours: number;
  strikes: number;
  /** Strikes in such an hour, held by what the model expects of them. */
  perHour: Interval;
  /** What the model expects of them, strikes an hour. */
  expectedPerHour: number;
  /** Days that tell most, the first most; `counts`: the hours that they count for. */
  days: { tripId: string; startedAtMs: number; waterId: string; hours: number; strikes: number; counts: number }[];
}

/** The model's own expectation counts for so many hours. prior: judgement. */
const PRIOR_HOURS = 2;
/** A day that counts for less than this tells nothing, h. */
const LEAST_HOURS = 0.05;

/** Null where nothing that was fished is like now. `like`: 0–1 by the block's id. */
export function likeNow(fished: readonly Fished[], like: Readonly<Record<string, number>>): LikeNow | null {
  const counts = (f: Fished): number => like[f.block.id] ?? 0;
  const hours = total(fished, (f) => (counts(f) * f.minutes) / 60);
  if (hours < LEAST_HOURS) return null;
  const strikes = total(fished, (f) => counts(f) * f.tally.strikes);
  const expectedPerHour = total(fished, (f) => counts(f) * f.expected) / hours;
  return {
    hours,
    strikes,
    expectedPerHour,
    perHour: gammaInterval({
      shape: Math.max(1e-3, expectedPerHour * PRIOR_HOURS) + strikes,
      rate: PRIOR_HOURS + hours,
    }),
    days: [...groupBy(fished, (f) => f.trip.id)]
      .map(([tripId, of]) => ({
        tripId,
        startedAtMs: of[0]!.trip.startedAtMs,
        waterId: of[0]!.trip.waterId,
        hours: total(of, (f) => f.minutes) / 60,
        strikes: total(of, (f) => f.tally.strikes),
        counts: total(of, (f) => (counts(f) * f.minutes) / 60),
      }))
      .filter((d) => d.counts >= LEAST_HOURS)
      .sort((a, b) => b.counts - a.counts),
  };
}
