/** On a phone the section stays in sight while something that it shows is being changed: it sticks to the top of its page, and what is changed is brought below it. */
import { createContext, useCallback, useContext, useEffect, useRef, useState, type RefObject } from 'react';
import type { View } from 'react-native';
import { scrollIntoSight } from '../platform/scrolling';

/** Holds the section in sight beside a view, until the returned function is called. */
type Hold = (beside: View | null) => () => void;
const HoldContext = createContext<Hold>(() => () => undefined);
export const HoldProvider = HoldContext.Provider;

/** Holds the section while something is open; the returned reference goes to the view that must be seen with it. */
export function useSectionInSight(open: string | null): RefObject<View | null> {
  const hold = useContext(HoldContext);
  const view = useRef<View>(null);
  useEffect(() => (open === null ? undefined : hold(view.current)), [open, hold]);
  return view;
}

/** For the page: whether the section is held, and what holds it. */
export function useHeldSection(): { held: boolean; hold: Hold } {
  const [beside, setBeside] = useState<readonly { view: View | null }[]>([]);
  const before = useRef(0);
  const hold = useCallback<Hold>((view) => {
    const one = { view };
    setBeside((all) => [...all, one]);
    return () => setBeside((all) => all.filter((x) => x !== one));
  }, []);
  useEffect(() => {
    // Not when one was closed: then nothing moves under the finger.
    if (beside.length > 0 && beside.length >= before.current) scrollIntoSight(beside.at(-1)!.view);
    before.current = beside.length;
  }, [beside]);
  return { held: beside.length > 0, hold };
}
