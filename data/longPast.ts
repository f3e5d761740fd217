/**
 * What the days long over teach, as it is kept beside the record: a page of the day stands on it and leaves those days
 * unread. Sealed by the build that made it; it goes with the first change of how they lie, and is made anew at rest.
 */
import type { TaughtDay } from '../core/lessons/history';
import type { MadeOf } from '../core/lessons/longPast';
import { isSound, isTogether, type Together } from './together';

/** What it was made of. */
export const PAST = 'meta/past';
/** And of each fish what they teach: read only where it is asked for. */
export const PAST_OF = `${PAST}/`;

/** Where less lies apart it is read with the rest. */
export const WORTH_LEAVING = 5;

/** What a page of the day goes by: of the fish of its day, where there is one. */
export interface LongPast {
  species: string | null;
  days: readonly TaughtDay[];
}

/** As it was kept; `mark`: what else is kept with it carries the same. */
export interface Kept {
  made: MadeOf;
  mark: string;
}

/** The first of what is kept. */
export const MARK = 'mark';

/** What was kept and is whole; null: nothing, or it is damaged or another build's. */
function read<T>(value: unknown, as: (data: Together['data']) => T | null): T | null {
  try {
    return isTogether(value) && isSound(value.data) ? as(value.data) : null;
  } catch {
    return null;
  }
}

/** What it was made of, where what is long over still lies as it did. */
export const madeIn = (value: unknown, over: readonly string[]): Kept | null =>
  read(value, ({ values, seal }) => {
    const { over: then, ...made } = JSON.parse(values[0]!) as MadeOf & { over: string[] };
    return then.join() === over.join() ? { made, mark: seal!.sum } : null;
  });

/** What the days teach of a fish; nothing where nobody fished for it. */
export function taughtIn(value: unknown, { made, mark }: Kept, species: string): TaughtDay[] | null {
  if (made.days.every((day) => day.species !== species)) return [];
  return read(value, ({ keys, values }) => {
    if (values[0] !== mark) return null;
    const days: (TaughtDay & { blocks: string[] })[] = [];
    let last = MARK;
    for (const [i, key] of keys.entries()) {
      if (i === 0) continue;
      const gap = key.indexOf(' ');
      if (key !== last) days.push({ id: key.slice(gap + 1), startedAtMs: Number(key.slice(0, gap)), blocks: [] });
      days.at(-1)!.blocks.push(values[i]!);
      last = key;
    }
    return days;
  });
}
