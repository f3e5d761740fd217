/** The record as the ranking learns from it: every block with its casts, its strikes and its day. */
import type { PastBlock } from '../learning/history';
import { minutesOf } from '../log/effort';
import { tallyOf, type TripTally } from '../log/tally';
import type { Book } from '../records';
import type { Trip } from '../records/trip';
import type { Conditions } from '../water/conditions';
import { fishedIn, type Fished } from './fished';

const DAY_MS = 86_400_000;
/** Blocks that are looked at, newest first: some twenty seasons. */
const MAX_BLOCKS = 2000;

/** A block as the ranking learns from it. */
export function pastBlock(
  { block, trip, tally, minutes }: Omit<Fished, 'casts' | 'expected'>,
  nowMs: number,
): PastBlock {
  const { rig, lureId } = block.presentation;
  return {
    conditions: block.conditions as Conditions,
    presentation: {
      family: rig.family,
      weightKg: rig.weightKg,
      sizeM: rig.sizeM,
      colour: rig.colour,
      hook: rig.hook,
      lure: lureId,
    },
    minutes,
    casts: tally.casts,
    strikes: tally.strikes,
    hooked: tally.hooked,
    landed: tally.landed,
    water: trip.waterId,
    trip: trip.id,
    daysAgo: Math.max(0, Math.floor((nowMs - trip.startedAtMs) / DAY_MS)),
  };
}

const counts = ({ tally }: Pick<Fished, 'tally'>): boolean => tally.casts + tally.strikes > 0;

/** The newest blocks that teach something, the newest first. */
export const teaching = (fished: readonly Fished[]): Fished[] => fished.filter(counts).reverse().slice(0, MAX_BLOCKS);

/** The blocks of the days on which this fish was fished for; `but`: the day that is left out. */
export const historyOf = (
  book: Book,
  species: Trip['species'],
  nowMs: number,
  but: string | null = null,
): PastBlock[] =>
  teaching(fishedIn(book, { species }).filter((f) => f.trip.id !== but)).map((f) => pastBlock(f, nowMs));

/** The blocks of one day, from its tally. */
export const historyOfDay = (trip: Trip, { blocks, castsOf, events }: TripTally, nowMs: number): PastBlock[] =>
  blocks.flatMap((block) => {
    const tally = tallyOf(
      [{ count: castsOf[block.id] ?? 0 }],
      events.filter((e) => e.blockId === block.id),
    );
    const minutes = minutesOf(block, Math.max(tally.casts, tally.strikes));
    return counts({ tally }) ? [pastBlock({ block, trip, tally, minutes }, nowMs)] : [];
  });
