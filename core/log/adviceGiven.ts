/** Advice as it is kept: what asks for something to be done, with the touch that it followed. */
import { KEPT_ADVICE, type AdviceGiven } from '../records/advice';
import type { Advice } from './advice';

const KEPT: ReadonlySet<string> = new Set(KEPT_ADVICE);

/** The advice as it is kept with the touch it followed; null: it asks for nothing. The same id on every page. */
export function adviceGiven(
  a: Advice,
  touch: { id: string; blockId: string; seq: number },
  tripId: string,
  atMs: number,
): AdviceGiven | null {
  if (!KEPT.has(a.code)) return null;
  return {
    id: `after-${touch.id}`.slice(0, 60),
    tripId,
    blockId: touch.blockId,
    seq: touch.seq,
    atMs,
    code: a.code as AdviceGiven['code'],
    what: a.code === 'change' ? a.what : null,
    lure: a.code === 'change' ? a.lure : a.code === 'school' || a.code === 'again' ? a.follow : null,
    untilMs: a.code === 'rest' ? a.untilMs : null,
  };
}
