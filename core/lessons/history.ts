/** The record as the ranking learns from it: every block with its casts, its strikes and its day. */
import type { Steps } from '../base/steps';
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

type Told = Omit<Fished, 'casts' | 'expected'>;

/** So long ago a day was begun, in whole days. */
const daysAgo = ({ startedAtMs }: Pick<Trip, 'startedAtMs'>, nowMs: number): number =>
  Math.max(0, Math.floor((nowMs - startedAtMs) / DAY_MS));

/** A block as the ranking learns from it, but for how long ago it was. */
function timeless({ block, trip, tally, minutes }: Told): PastBlock {
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
  };
}

/** A block as the ranking learns from it. */
export const pastBlock = (told: Told, nowMs: number): PastBlock => ({
  ...timeless(told),
  daysAgo: daysAgo(told.trip, nowMs),
});

const counts = ({ tally }: Pick<Fished, 'tally'>): boolean => tally.casts + tally.strikes > 0;

/** The newest blocks that teach something, the newest first. */
export const teaching = (fished: readonly Fished[]): Fished[] => fished.filter(counts).reverse().slice(0, MAX_BLOCKS);

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

/** A day with what it teaches: its blocks in their order, each as text but for how long ago it was. */
export interface TaughtDay {
  id: string;
  startedAtMs: number;
  blocks: readonly string[];
}

/** A block's text stays as long as it is joined as it was. */
const texts = new WeakMap<Fished, string>();
function textOf(f: Fished): string {
  let text = texts.get(f);
  if (text === undefined) {
    text = JSON.stringify(timeless(f)).slice(0, -1);
    texts.set(f, text);
  }
  return text;
}

/** So many blocks are written in one step. */
const WRITTEN_AT_ONCE = 150;

/** Of the days on which this fish was fished for, those that are asked for and teach something, as far as it counts. */
export function* taughtDays(book: Book, species: string, isAsked: (day: Trip) => boolean): Steps<TaughtDay[]> {
  const days: (TaughtDay & { blocks: string[] })[] = [];
  const fished = fishedIn(book, { species }).filter((f) => isAsked(f.trip) && counts(f));
  for (const [n, f] of fished.slice(-MAX_BLOCKS).entries()) {
    if (n % WRITTEN_AT_ONCE === WRITTEN_AT_ONCE - 1) yield;
    const { id, startedAtMs } = f.trip;
    if (days.at(-1)?.id !== id) days.push({ id, startedAtMs, blocks: [] });
    days.at(-1)!.blocks.push(textOf(f));
  }
  return days;
}

/** What these days teach at that time, as one text of `PastBlock`s, the newest first; and of how many blocks. */
export function textOfDays(days: readonly TaughtDay[], nowMs: number): { blocks: number; text: string } {
  const newestFirst = [...days].sort((a, b) => b.startedAtMs - a.startedAtMs || (a.id < b.id ? 1 : -1));
  const told = newestFirst
    .flatMap((day) => day.blocks.map((text) => `${text},"daysAgo":${daysAgo(day, nowMs)}}`).reverse())
    .slice(0, MAX_BLOCKS);
  return { blocks: told.length, text: `[${told.join()}]` };
}
