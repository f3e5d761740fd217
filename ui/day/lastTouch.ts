/** The last touch of the log: shown once it is stored, meant by the keys as soon as it is made. */
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { EventKind } from '../../core/records/event';
import { realNowMs } from '../platform/clock';

export const UNDO_MS = 10_000;

export interface LastTouch {
  id: string;
  what: 'cast' | EventKind;
  untilRealMs: number;
}

export const lastTouch = createStore<{ made: LastTouch | null; shown: LastTouch | null }>(() => ({
  made: null,
  shown: null,
}));

let goes: ReturnType<typeof setTimeout> | undefined;

/** The last touch, once it is stored and as long as it can be undone: drawn at once, whatever else it changes. */
export const useLastTouch = (): LastTouch | null => useStore(lastTouch, (s) => s.shown);

const endsIn = (ms: number): void => {
  clearTimeout(goes);
  goes = setTimeout(() => lastTouch.setState({ shown: null }), Math.max(0, ms));
};

/** What was shown stands until the next touch is stored, but no longer than this: it is drawn anew once, not twice. */
const STANDS_MS = 1000;

/** Made, and not yet stored: what was shown before is soon over. */
export function touchMade(touch: LastTouch): void {
  lastTouch.setState({ made: touch });
  endsIn(STANDS_MS);
}

/** Stored: shown for as long as it can be taken back, unless another was made since; refused: nothing is. */
export function touchTold(touch: LastTouch, stored: boolean): void {
  if (lastTouch.getState().made !== touch) return;
  lastTouch.setState({ shown: stored ? touch : null });
  endsIn(touch.untilRealMs - realNowMs());
}

/** It is taken back, or nobody asks any more. */
export function touchOver(id?: string): void {
  const { made } = lastTouch.getState();
  clearTimeout(goes);
  lastTouch.setState({ made: id === undefined || made?.id === id ? null : made, shown: null });
}

/** The last touch while it can still be taken back, stored or not. */
export function touchInReach(): LastTouch | null {
  const { made } = lastTouch.getState();
  return made && made.untilRealMs > realNowMs() ? made : null;
}
