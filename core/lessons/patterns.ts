/** The record grouped into patterns (one presentation each), ready to learn from. */
import type { FamilyId } from '../lures/family';
import type { Book } from '../records';
import { groupBy } from '../log/tally';
import { fishedIn, total, type Fished, type LessonFilter } from './fished';
import { PRIOR_WEIGHT_CASTS, ratesOf, type LearnedRate } from './learn';
import type { CadenceStyle } from '../lures/styles';

/** A way of fishing a lure as the record has it: lure, working, band (m), rates. */
export interface Pattern extends LearnedRate {
  lureName: string;
  family: FamilyId;
  style: CadenceStyle;
  bandM: readonly [number, number];
  expectedPerCast: number;
  trips: number;
  minutes: number;
}

/** All patterns of a record, and its days. */
export interface Lessons {
  patterns: Pattern[];
  casts: number;
  strikes: number;
  trips: number;
  blankTrips: number;
}

/** The record, or the part of one fish or water, as patterns with their rates; those with most casts first. */
export const learnFromBook = (book: Book, filter: LessonFilter = {}): Lessons => learnFrom(fishedIn(book, filter));

/** The same from blocks. */
export function learnFrom(fished: readonly Fished[]): Lessons {
  const groups = [...groupBy(fished, (f) => f.block.presentationId)].map(([presentation, of]) => ({
    of,
    effort: {
      presentation,
      casts: total(of, (f) => f.tally.casts),
      strikes: total(of, (f) => f.tally.strikes),
      hooked: total(of, (f) => f.tally.hooked),
      landed: total(of, (f) => f.tally.landed),
    },
  }));
  const list = groups.sort((a, b) => b.effort.casts - a.effort.casts);
  const expected = new Map(
    list.map((g) => [g.effort.presentation, total(g.of, (f) => f.expected) / Math.max(1, g.effort.casts)]),
  );
  const rates = ratesOf(
    list.map((g) => g.effort),
    (e) => ({ meanPerCast: Math.max(1e-4, expected.get(e.presentation)!), weightCasts: PRIOR_WEIGHT_CASTS }),
  );
  const patterns = rates.map((r, i): Pattern => {
    const { of } = list[i]!;
    const { presentation } = of[0]!.block;
    return {
      ...r,
      lureName: presentation.lureName,
      family: presentation.rig.family,
      style: presentation.style,
      bandM: presentation.bandM,
      expectedPerCast: expected.get(r.presentation)!,
      trips: new Set(of.map((f) => f.trip.id)).size,
      minutes: total(of, (f) => f.minutes),
    };
  });
  const days = groupBy(fished, (f) => f.trip.id);
  return {
    patterns,
    casts: patterns.reduce((s, p) => s + p.casts, 0),
    strikes: patterns.reduce((s, p) => s + p.strikes, 0),
    trips: days.size,
    blankTrips: [...days.values()].filter((of) => total(of, (f) => f.tally.strikes) === 0).length,
  };
}
