/** The record as the ranking learns from it: every block with its casts, its strikes and its day. */
import type { PastBlock } from '../learning/history';
import type { Book } from '../records';
import type { EffortBlock } from '../records/block';
import type { Trip } from '../records/trip';
import { minutesOf } from '../log/effort';
import { tallyByBlock, tallyOf, type Tally, type TripTally } from '../log/tally';
import type { Conditions } from '../water/conditions';

const DAY_MS = 86_400_000;
/** Blocks that are looked at, newest first: some twenty seasons. */
const MAX_BLOCKS = 2000;

function pastBlock(b: EffortBlock, trip: Trip, t: Tally, nowMs: number): PastBlock {
  const { rig, lureId } = b.presentation;
  return {
    conditions: b.conditions as Conditions,
    presentation: {
      family: rig.family,
      weightKg: rig.weightKg,
      sizeM: rig.sizeM,
      colour: rig.colour,
      hook: rig.hook,
      lure: lureId,
    },
    // A strike that was logged without its cast was a cast.
    minutes: minutesOf(b, Math.max(t.casts, t.strikes)),
    casts: t.casts,
    strikes: t.strikes,
    hooked: t.hooked,
    landed: t.landed,
    water: trip.waterId,
    trip: trip.id,
    daysAgo: Math.max(0, Math.floor((nowMs - trip.startedAtMs) / DAY_MS)),
  };
}

/** The blocks of the days on which this fish was fished for; `but`: the day that is left out. */
export function historyOf(book: Book, species: Trip['species'], nowMs: number, but: string | null = null): PastBlock[] {
  const tallies = tallyByBlock(book);
  return Object.values(book.block)
    .sort((a, b) => b.startedAtMs - a.startedAtMs)
    .flatMap((b) => {
      const trip = book.trip[b.tripId];
      const t = tallies.get(b.id)!;
      return trip?.species === species && trip.id !== but && t.casts + t.strikes > 0
        ? [pastBlock(b, trip, t, nowMs)]
        : [];
    })
    .slice(0, MAX_BLOCKS);
}

/** The blocks of one day, from its tally. */
export const historyOfDay = (trip: Trip, { blocks, castsOf, events }: TripTally, nowMs: number): PastBlock[] =>
  blocks.flatMap((b) => {
    const t = tallyOf(
      [{ count: castsOf[b.id] ?? 0 }],
      events.filter((e) => e.blockId === b.id),
    );
    return t.casts + t.strikes > 0 ? [pastBlock(b, trip, t, nowMs)] : [];
  });
