/** The record as all lessons take it: every block that was fished, with its day, its casts and what came of them. */
import { minutesOf } from '../log/effort';
import { tallyOfBlock, type BlockTally, type Tally } from '../log/tally';
import { takenBack, type Book } from '../records';
import type { EffortBlock } from '../records/block';
import type { CastTally } from '../records/cast';
import type { Trip } from '../records/trip';

/** A block with its day and its tally. */
export interface Fished {
  block: EffortBlock;
  trip: Trip;
  tally: Tally;
  casts: readonly CastTally[];
  /** Minutes that the casts took, rests left out. */
  minutes: number;
  /** Strikes that the model expected of it. */
  expected: number;
}

/** The part of the record to learn from; null or absent: all of it. */
export interface LessonFilter {
  species?: string | null;
  waterId?: string | null;
}

type Log = Pick<Book, 'block' | 'trip' | 'cast' | 'event' | 'tombstone'>;
/** The last book added up: the section, the ranking's log and the Lessons ask for the same. */
const joined = new WeakMap<Book['block'], { of: Log; all: readonly Fished[] }>();

/** As long as its tally and its day are the same. */
const joinedBlocks = new WeakMap<EffortBlock, { of: BlockTally; trip: Trip; fished: readonly Fished[] }>();
const NONE: readonly Fished[] = [];

function joinBlock(book: Log, block: EffortBlock, trip: Trip, undone: ReadonlySet<string>): readonly Fished[] {
  const of = tallyOfBlock(book, block, undone);
  const kept = joinedBlocks.get(block);
  if (kept && kept.of === of && kept.trip === trip) return kept.fished;
  const { casts, tally } = of;
  // A strike that was logged without its cast was a cast.
  const made = Math.max(tally.casts, tally.strikes);
  const fished: readonly Fished[] =
    tally.casts === 0 && tally.events.length === 0
      ? NONE
      : [{ block, trip, tally, casts, minutes: minutesOf(block, made), expected: block.expectedPerCast * made }];
  joinedBlocks.set(block, { of, trip, fished });
  return fished;
}

/** Adds up these blocks, so that the whole is soon joined: for a long record, some at a time. */
export function joinAhead(book: Log, blocks: readonly EffortBlock[]): void {
  const undone = takenBack(book);
  for (const block of blocks) {
    const trip = book.trip[block.tripId];
    if (trip && !undone.has(trip.id)) joinBlock(book, block, trip, undone);
  }
}

function join(book: Log): readonly Fished[] {
  const kept = joined.get(book.block);
  const same = kept && (['trip', 'cast', 'event', 'tombstone'] as const).every((k) => kept.of[k] === book[k]);
  if (same) return kept.all;
  const undone = takenBack(book);
  const all = Object.values(book.block)
    .flatMap((block): readonly Fished[] => {
      const trip = book.trip[block.tripId];
      return !trip || undone.has(trip.id) ? NONE : joinBlock(book, block, trip, undone);
    })
    .sort(
      (a, b) =>
        a.trip.startedAtMs - b.trip.startedAtMs ||
        (a.trip.id < b.trip.id ? -1 : a.trip.id > b.trip.id ? 1 : 0) ||
        a.block.seq - b.block.seq ||
        a.block.startedAtMs - b.block.startedAtMs,
    );
  joined.set(book.block, { of: { ...book }, all });
  return all;
}

/** Blocks in which something was cast or happened, days in their order and blocks within them. */
export const fishedIn = (book: Log, { species, waterId }: LessonFilter = {}): Fished[] =>
  join(book).filter(({ trip }) => (!species || trip.species === species) && (!waterId || trip.waterId === waterId));

/** The same with what the model expects of each block, strikes by the block's id; others keep what they had. */
export const withExpected = (fished: readonly Fished[], expected: Readonly<Record<string, number>>): Fished[] =>
  fished.map((f) => (expected[f.block.id] === undefined ? f : { ...f, expected: expected[f.block.id]! }));

/** A number added up over blocks. */
export const total = (fished: readonly Fished[], of: (f: Fished) => number): number =>
  fished.reduce((sum, f) => sum + of(f), 0);
