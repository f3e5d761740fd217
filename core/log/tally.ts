/** What a trip or a block has come to so far: casts, events, strikes, and the signs they make. */
import { inTheirOrder, ofBlock, takenBack, type Book } from '../records';
import { isHooked, isLanded, isStrike, signsFromLog } from './events';
import type { EffortBlock } from '../records/block';
import type { CastTally } from '../records/cast';
import type { StrikeEvent } from '../records/event';
import type { Sign } from '../water/terms';

/** Casts and events of a block or a trip, added up. */
export interface Tally {
  casts: number;
  strikes: number;
  hooked: number;
  landed: number;
  events: StrikeEvent[];
}

/** Casts and events added up. */
export function tallyOf(casts: readonly { count: number }[], events: readonly StrikeEvent[]): Tally {
  const count = (f: (k: StrikeEvent['kind']) => boolean): number => events.filter((e) => f(e.kind)).length;
  return {
    casts: casts.reduce((s, c) => s + c.count, 0),
    strikes: count(isStrike),
    hooked: count(isHooked),
    landed: count(isLanded),
    events: [...events],
  };
}

/** Nothing was logged, or all of it was taken back. */
export const isEmptyTally = (t: Pick<Tally, 'casts' | 'events'>): boolean => t.casts === 0 && t.events.length === 0;

/** What a log is made of. */
export type LogBook = Pick<Book, 'block' | 'cast' | 'event' | 'tombstone'>;

/** The log of these blocks alone: a long record is neither sorted nor added up for a few of its blocks. */
export function logOf(book: LogBook, blocks: readonly EffortBlock[]): LogBook {
  return {
    block: Object.fromEntries(blocks.map((b) => [b.id, b])),
    cast: new Map(blocks.map((b) => [b.id, ofBlock(book, 'cast', b.id)])),
    event: new Map(blocks.map((b) => [b.id, ofBlock(book, 'event', b.id)])),
    tombstone: book.tombstone,
  };
}

/** What stands of a block, in the order it was made, and what it came to. */
export interface BlockTally {
  casts: readonly CastTally[];
  tally: Tally;
}
/** As long as nothing is logged to it: of a long record one block changes at a time. */
const tallied = new WeakMap<EffortBlock, { by: readonly unknown[]; is: BlockTally }>();

/** A block added up; `undone`: what was taken back (`takenBack`), asked once for many blocks. */
export function tallyOfBlock(book: LogBook, block: EffortBlock, undone: ReadonlySet<string>): BlockTally {
  const [thrown, happened] = [ofBlock(book, 'cast', block.id), ofBlock(book, 'event', block.id)];
  const by = [thrown, happened, book.tombstone];
  const kept = tallied.get(block);
  if (kept && kept.by.every((x, i) => x === by[i])) return kept.is;
  const casts = inTheirOrder(thrown, undone);
  const is = { casts, tally: tallyOf(casts, inTheirOrder(happened, undone)) };
  tallied.set(block, { by, is });
  return is;
}

/** Tallies of every block of a log. */
export function tallyByBlock(book: LogBook): Map<string, Tally> {
  const undone = takenBack(book);
  return new Map(Object.values(book.block).map((b) => [b.id, tallyOfBlock(book, b, undone).tally]));
}

/** Events of these blocks that were taken back, in their order. */
export function struckOut(book: LogBook, blocks: readonly EffortBlock[]): StrikeEvent[] {
  const undone = takenBack(book);
  return blocks
    .flatMap((b) => ofBlock(book, 'event', b.id))
    .filter((e) => undone.has(e.id))
    .sort((a, b) => a.seq - b.seq);
}

/** Things by what they belong to, in their order. */
export function groupBy<T>(items: readonly T[], key: (t: T) => string): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const x of items) {
    const k = key(x);
    const group = out.get(k);
    if (group) group.push(x);
    else out.set(k, [x]);
  }
  return out;
}

/** Blocks in the order they were fished; the clock only breaks a tie. */
export const inOrder = (blocks: readonly EffortBlock[]): EffortBlock[] =>
  [...blocks].sort((a, b) => a.seq - b.seq || a.startedAtMs - b.startedAtMs);

/** The blocks of a trip in the order they were fished. */
export const blocksOfTrip = (book: Pick<Book, 'block'>, tripId: string): EffortBlock[] => inOrder(ofTrip(book, tripId));

/** Blocks of these trips that were begun since, in no order. */
export const blocksSince = (
  book: Pick<Book, 'block'>,
  trips: readonly { id: string }[],
  sinceMs: number,
): EffortBlock[] => trips.flatMap((t) => ofTrip(book, t.id).filter((b) => b.startedAtMs >= sinceMs));

function ofTrip({ block }: Pick<Book, 'block'>, tripId: string): readonly EffortBlock[] {
  let byTrip = blocksByTrip.get(block);
  if (!byTrip) {
    byTrip = groupBy(Object.values(block), (b) => b.tripId);
    blocksByTrip.set(block, byTrip);
  }
  return byTrip.get(tripId) ?? [];
}
/** Of the tables at hand: a long record has thousands of blocks, a day a handful. */
const blocksByTrip = new WeakMap<Book['block'], ReadonlyMap<string, readonly EffortBlock[]>>();

/** Casts of a trip: one number, at once. */
export function castsOfTrip(book: Book, tripId: string): number {
  const undone = takenBack(book);
  const made = ofTrip(book, tripId).flatMap((b) => ofBlock(book, 'cast', b.id));
  return made.reduce((sum, c) => sum + (undone.has(c.id) ? 0 : c.count), 0);
}

/** A trip added up. */
export interface TripTally extends Tally {
  blocks: EffortBlock[];
  /** Casts of each block, by its id. */
  castsOf: Readonly<Record<string, number>>;
  signs: Sign[];
}

/** A trip added up, with the signs that its log is for the mood at `nowMs`. */
export function tallyTrip(book: Book, tripId: string, nowMs: number): TripTally {
  const blocks = blocksOfTrip(book, tripId);
  const byBlock = tallyByBlock(logOf(book, blocks));
  const tallies = blocks.map((b) => byBlock.get(b.id)!);
  const events = tallies.flatMap((t) => t.events).sort((a, b) => a.seq - b.seq);
  const casts = tallies.reduce((s, t) => s + t.casts, 0);
  const share = casts > 0 ? blocks.reduce((s, b, i) => s + b.zoneShare * tallies[i]!.casts, 0) / casts : 0.5;
  const total = tallyOf(
    [{ count: casts }].filter((c) => c.count > 0),
    events,
  );
  const guarding = book.trip[tripId]?.readings.behaviour === 'guarding';
  return {
    ...total,
    blocks,
    castsOf: Object.fromEntries(blocks.map((b, i) => [b.id, tallies[i]!.casts])),
    signs: guarding ? signsByLure(blocks, byBlock, nowMs) : signsFromLog(events, casts, share, nowMs),
  };
}

/** On a bed each lure has its own passes and answers. */
function signsByLure(blocks: readonly EffortBlock[], byBlock: ReadonlyMap<string, Tally>, nowMs: number): Sign[] {
  return [...groupBy(blocks, (b) => b.presentation.rig.family)].flatMap(([lure, of]) => {
    const events = of.flatMap((b) => byBlock.get(b.id)!.events);
    const casts = of.reduce((s, b) => s + byBlock.get(b.id)!.casts, 0);
    return signsFromLog(events, casts, 1, nowMs).map((s) => ({ ...s, lure }));
  });
}
