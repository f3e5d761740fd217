/** The record grouped into patterns (one presentation each), ready to learn from. */
import { PHASES, type Phase } from '../planning/cadence/cadence';
import type { FamilyId } from '../lures/family';
import type { Book } from '../records';
import { isStrike } from '../log/events';
import { minutesOf } from '../log/effort';
import { tallyByBlock } from '../log/tally';
import { learn, PRIOR_WEIGHT_CASTS, type Comparison, type PatternEffort, type LearnedRate } from './learn';
import type { CadenceStyle } from '../lures/styles';

/** A way of fishing a lure as the record has it: lure, working, band (m), rates, and when in the cast fish came. */
export interface Pattern extends LearnedRate {
  lureName: string;
  family: FamilyId;
  style: CadenceStyle;
  bandM: readonly [number, number];
  expectedPerCast: number;
  trips: number;
  minutes: number;
  /** Strikes and seconds of exposure by phase. */
  byPhase: Record<Phase, { strikes: number; seconds: number }>;
}

/** All patterns of a record and which of them are really better. */
export interface Lessons {
  patterns: Pattern[];
  comparisons: Comparison[];
  casts: number;
  strikes: number;
  trips: number;
  blankTrips: number;
}

/** The part of the record to learn from; null or absent: all of it. */
export interface LessonFilter {
  species?: string | null;
  waterId?: string | null;
}

/** The record, or the part of one fish or water, as patterns with their rates; those with most casts first. */
export function learnFromBook(book: Book, filter: LessonFilter = {}): Lessons {
  const tallies = tallyByBlock(book);
  const trips = Object.values(book.trip).filter(
    (t) => (!filter.species || t.species === filter.species) && (!filter.waterId || t.waterId === filter.waterId),
  );
  const wanted = new Set(trips.map((t) => t.id));
  const groups = new Map<
    string,
    { effort: PatternEffort; facts: Omit<Pattern, keyof LearnedRate>; tripIds: Set<string>; expectedCasts: number }
  >();
  const strikesOfTrip = new Map<string, number>();
  const fishedTrips = new Set<string>();
  for (const b of Object.values(book.block)) {
    if (!wanted.has(b.tripId)) continue;
    const t = tallies.get(b.id)!;
    if (t.casts === 0 && t.events.length === 0) continue;
    fishedTrips.add(b.tripId);
    strikesOfTrip.set(b.tripId, (strikesOfTrip.get(b.tripId) ?? 0) + t.strikes);
    let g = groups.get(b.presentationId);
    if (!g) {
      g = {
        effort: { presentation: b.presentationId, casts: 0, strikes: 0, hooked: 0, landed: 0 },
        facts: {
          lureName: b.presentation.lureName,
          family: b.presentation.rig.family,
          style: b.presentation.style,
          bandM: b.presentation.bandM,
          expectedPerCast: 0,
          trips: 0,
          minutes: 0,
          byPhase: Object.fromEntries(PHASES.map((p) => [p, { strikes: 0, seconds: 0 }])) as Pattern['byPhase'],
        },
        tripIds: new Set(),
        expectedCasts: 0,
      };
      groups.set(b.presentationId, g);
    }
    g.effort.casts += t.casts;
    g.effort.strikes += t.strikes;
    g.effort.hooked += t.hooked;
    g.effort.landed += t.landed;
    g.expectedCasts += b.expectedPerCast * Math.max(1, t.casts);
    g.tripIds.add(b.tripId);
    g.facts.minutes += minutesOf(b, t.casts);
    for (const p of PHASES) g.facts.byPhase[p].seconds += t.casts * (b.phaseS[p] ?? 0);
    for (const e of t.events) if (e.phase && isStrike(e.kind)) g.facts.byPhase[e.phase].strikes++;
  }
  const list = [...groups.values()].sort((a, b) => b.effort.casts - a.effort.casts);
  const expected = new Map(list.map((g) => [g.effort.presentation, g.expectedCasts / Math.max(1, g.effort.casts)]));
  const { rates, comparisons } = learn(
    list.map((g) => g.effort),
    (e) => ({ meanPerCast: Math.max(1e-4, expected.get(e.presentation)!), weightCasts: PRIOR_WEIGHT_CASTS }),
  );
  const patterns = rates.map((r, i): Pattern => ({
    ...r,
    ...list[i]!.facts,
    expectedPerCast: expected.get(r.presentation)!,
    trips: list[i]!.tripIds.size,
  }));
  return {
    patterns,
    comparisons,
    casts: patterns.reduce((s, p) => s + p.casts, 0),
    strikes: patterns.reduce((s, p) => s + p.strikes, 0),
    trips: fishedTrips.size,
    blankTrips: [...fishedTrips].filter((id) => (strikesOfTrip.get(id) ?? 0) === 0).length,
  };
}
