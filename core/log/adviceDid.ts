/** What was advised along a day, and what was done then, by the log. */
import { takenBack, type Book } from '../records';
import type { AdviceGiven, Change } from '../records/advice';
import type { CastTally } from '../records/cast';
import type { EffortBlock } from '../records/block';
import type { StrikeEvent } from '../records/event';
import { depthOf, paceOf } from './worked';

/** What was done after an advice: changed, gone on as before, or nothing any more. */
export type Did =
  | { code: 'changed'; what: Change; lure: string; casts: number }
  | { code: 'went-on'; casts: number }
  | { code: 'ended' };

/** What is otherwise in a later block; null: only the water. */
function changeBetween(a: EffortBlock, b: EffortBlock): Change | null {
  if (a.spotId !== b.spotId) return 'spot';
  if (a.presentation.lureId !== b.presentation.lureId || a.presentation.lureName !== b.presentation.lureName)
    return 'lure';
  if (depthOf(a) !== depthOf(b)) return 'depth';
  return paceOf(a) !== paceOf(b) ? 'pace' : null;
}

export interface AdviceAndDid {
  given: AdviceGiven;
  did: Did;
}

interface DayLog {
  trip: { id: string };
  blocks: readonly EffortBlock[];
  casts: readonly CastTally[];
  events: readonly StrikeEvent[];
}

/** The advice of a day with what was done, in its order; the same advice said again before anything was done is one. */
export function adviceOfDay(book: Pick<Book, 'advice' | 'tombstone'>, day: DayLog): AdviceAndDid[] {
  const gone = takenBack(book);
  const blockOf = new Map(day.blocks.map((b) => [b.id, b]));
  const touches = [
    ...day.casts.map((c) => ({ seq: c.seq, blockId: c.blockId, casts: c.count })),
    ...day.events.map((e) => ({ seq: e.seq, blockId: e.blockId, casts: 0 })),
  ].sort((a, b) => a.seq - b.seq);
  const given = Object.values(book.advice)
    .filter((a) => a.tripId === day.trip.id && !gone.has(a.id) && blockOf.has(a.blockId))
    .sort((a, b) => a.seq - b.seq);
  const didAfter = (a: AdviceGiven): Did => {
    const from = blockOf.get(a.blockId)!;
    let casts = 0;
    for (const t of touches) {
      if (t.seq <= a.seq) continue;
      const block = blockOf.get(t.blockId);
      const what = block ? changeBetween(from, block) : null;
      if (block && what) return { code: 'changed', what, lure: block.presentation.lureName, casts };
      casts += t.casts;
    }
    return casts > 0 ? { code: 'went-on', casts } : { code: 'ended' };
  };
  return given
    .filter((a, i) => {
      const before = given[i - 1];
      return !before || before.blockId !== a.blockId || before.code !== a.code || before.what !== a.what;
    })
    .map((a) => ({ given: a, did: didAfter(a) }));
}
