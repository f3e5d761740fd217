/** The season day by day, blanks too. */
import { groupBy } from '../log/tally';
import { total, type Fished } from './fished';

export interface DayOfSeason {
  tripId: string;
  waterId: string;
  startedAtMs: number;
  casts: number;
  minutes: number;
  strikes: number;
  landed: number;
  expected: number;
}

/** Days on which was fished, the oldest first. */
export const seasonOf = (fished: readonly Fished[]): DayOfSeason[] =>
  [...groupBy(fished, (f) => f.trip.id)].map(([tripId, of]) => ({
    tripId,
    waterId: of[0]!.trip.waterId,
    startedAtMs: of[0]!.trip.startedAtMs,
    casts: total(of, (f) => Math.max(f.tally.casts, f.tally.strikes)),
    minutes: total(of, (f) => f.minutes),
    strikes: total(of, (f) => f.tally.strikes),
    landed: total(of, (f) => f.tally.landed),
    expected: total(of, (f) => f.expected),
  }));
