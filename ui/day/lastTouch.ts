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

/** Made, and not yet stored: what was shown before is over. */
export function touchMade(touch: LastTouch | null): void {
  clearTimeout(goes);
  lastTouch.setState({ made: touch, shown: null });
}

/** Stored: shown for as long as it can be taken back, unless another was made since. */
export function touchStored(touch: LastTouch): void {
  if (lastTouch.getState().made !== touch) return;
  lastTouch.setState({ shown: touch });
  clearTimeout(goes);
  goes = setTimeout(() => lastTouch.setState({ shown: null }), Math.max(0, touch.untilRealMs - realNowMs()));
}

/** The last touch while it can still be taken back, stored or not. */
export function touchInReach(): LastTouch | null {
  const { made } = lastTouch.getState();
  return made && made.untilRealMs > realNowMs() ? made : null;
}
