/** What came of trials. */
import { minutesOf } from '../log/effort';
import { isLanded, isStrike } from '../log/events';
import { recordsOf, takenBack, type Book } from '../records';
import type { LureTrial } from '../records/trial';
import { luckOf } from './luck';

/** `cut-short`: ended early; `better`, `worse`: more, fewer strikes than luck brings on the other lure; else `open`. */
export type TrialOutcome = 'running' | 'cut-short' | 'better' | 'worse' | 'open';

export interface TrialReport {
  trial: LureTrial;
  casts: number;
  hours: number;
  strikes: number;
  landed: number;
  /** Strikes that were expected of it in that time, and of the other lure. */
  expected: number;
  against: number;
  outcome: TrialOutcome;
}

type TrialBook = Pick<Book, 'trial' | 'trip' | 'block' | 'cast' | 'event' | 'tombstone'>;

/** Under this share of its casts a trial says nothing. */
const ENOUGH = 0.5;

function reportOf(book: TrialBook, trial: LureTrial): TrialReport {
  const blocks = Object.values(book.block).filter(
    (b) => b.tripId === trial.tripId && b.presentation.lureId === trial.lureId,
  );
  const blockOf = new Map(blocks.map((b) => [b.id, b]));
  const undone = takenBack(book);
  const counts = (x: { id: string; blockId: string; atMs: number }): boolean =>
    x.atMs >= trial.startedAtMs && blockOf.has(x.blockId) && !undone.has(x.id);
  const made = recordsOf(book, 'cast').filter(counts);
  const events = recordsOf(book, 'event').filter(counts);
  const strikes = events.filter((e) => isStrike(e.kind)).length;
  const counted = made.reduce((sum, c) => sum + c.count, 0);
  // A strike that was logged without its cast was a cast.
  const casts = Math.max(counted, strikes);
  const minutes = made.reduce((sum, c) => sum + minutesOf(blockOf.get(c.blockId)!, c.count), 0);
  const hours = (minutes + (casts > counted ? minutesOf(blocks.at(-1)!, casts - counted) : 0)) / 60;
  const against = trial.againstPerHour * hours;
  const [fewest, most] = luckOf(against);
  const enough = casts >= ENOUGH * trial.casts;
  const trip = book.trip[trial.tripId];
  const goesOn = !!trip && trip.endedAtMs === null && trip.lureId === trial.lureId && casts < trial.casts;
  return {
    trial,
    casts,
    hours,
    strikes,
    landed: events.filter((e) => isLanded(e.kind)).length,
    expected: trial.strikesPerHour * hours,
    against,
    outcome:
      enough && strikes > most
        ? 'better'
        : goesOn
          ? 'running'
          : !enough
            ? 'cut-short'
            : strikes < fewest
              ? 'worse'
              : 'open',
  };
}

/** All trials that were not taken back, the newest first; one that was left before a cast was none. */
export function trialsOf(book: TrialBook): TrialReport[] {
  const undone = takenBack(book);
  return Object.values(book.trial)
    .filter((t) => !undone.has(t.id) && !undone.has(t.tripId))
    .sort((a, b) => b.startedAtMs - a.startedAtMs)
    .map((t) => reportOf(book, t))
    .filter((r) => r.casts > 0 || r.outcome === 'running');
}

/** The trial under way on a trip with what is tied on; null without one. */
export function trialUnderWay(book: TrialBook, tripId: string): TrialReport | null {
  const lureId = book.trip[tripId]?.lureId;
  const newest = Object.values(book.trial)
    .filter((t) => t.tripId === tripId)
    .reduce<LureTrial | null>((a, t) => (a && a.startedAtMs > t.startedAtMs ? a : t), null);
  return newest && newest.lureId === lureId ? reportOf(book, newest) : null;
}
