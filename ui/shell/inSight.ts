/**
 * On a phone the section stays in sight while something that it shows is being changed: it sticks to the top of its
 * page, and what is changed is brought below it.
 */
import { createContext, useCallback, useContext, useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';
import { belowTopPx, scrollIntoSight } from '../platform/scrolling';

/**
 * Holds the section in sight beside a view until the returned function is called; `still` only where nothing has to
 * move for it, else not at all.
 */
type Hold = (beside: View | null, still?: boolean) => (() => void) | undefined;
const HoldContext = createContext<Hold>(() => undefined);
export const HoldProvider = HoldContext.Provider;

/** Holds the section while something is open; the returned reference goes to the view that must be seen with it. */
export function useSectionInSight(open: string | null): RefObject<View | null> {
  const hold = useContext(HoldContext);
  const view = useRef<View>(null);
  useEffect(() => (open === null ? undefined : hold(view.current)), [open, hold]);
  return view;
}

/** The section stays this long after the last of several steps, ms. */
const LINGERS_MS = 8000;

/**
 * Holds the section for a while from each touch of a step on; nothing moves under the finger, which may be tapping on.
 */
export function useStepsInSight(): (touched: View | null) => void {
  const hold = useContext(HoldContext);
  const held = useRef<{ letGo: () => void; timer: ReturnType<typeof setTimeout> } | null>(null);
  const end = useCallback(() => {
    if (!held.current) return;
    clearTimeout(held.current.timer);
    held.current.letGo();
    held.current = null;
  }, []);
  useEffect(() => end, [end]);
  return useCallback(
    (touched) => {
      clearTimeout(held.current?.timer);
      const letGo = held.current?.letGo ?? hold(touched, true);
      if (letGo) held.current = { letGo, timer: setTimeout(end, LINGERS_MS) };
    },
    [hold, end],
  );
}

interface Beside {
  view: View | null;
  still: boolean;
}

/** For the page: whether a section of this height is held in its scrolling part, and what holds it. */
export function useHeldSection(page: RefObject<unknown>, sectionPx: number): { held: boolean; hold: Hold } {
  const [beside, setBeside] = useState<readonly Beside[]>([]);
  const before = useRef(0);
  const hold = useCallback<Hold>(
    (view, still = false) => {
      // Under the finger nothing may move, nor be covered.
      if (still && belowTopPx(view, page.current) < sectionPx) return undefined;
      const one = { view, still };
      setBeside((all) => [...all, one]);
      return () => setBeside((all) => all.filter((x) => x !== one));
    },
    [page, sectionPx],
  );
  useEffect(() => {
    const last = beside.at(-1);
    // Nor when one was closed.
    if (last && !last.still && beside.length >= before.current) scrollIntoSight(last.view);
    before.current = beside.length;
  }, [beside]);
  return { held: beside.length > 0, hold };
}
