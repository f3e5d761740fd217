/**
 * Whether the long plan is to be worked out now. It costs a phone seconds of both cores: where it is read it begins at
 * once, elsewhere when nothing it hangs on has been changed for a while, so that a run of readings is one plan.
 */
import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { useWide } from '../shell/useWide';

const REST_MS = 4000;
/** Where its figures stand: the places of the retrieve and of the log. */
const READ_ON = /^\/(retrieve|strikes)(\/|$)/;

export function usePlanWanted(identity: string): boolean {
  const path = usePathname();
  // Wide, the board of the day shows them beside every place.
  const shown = useWide() || READ_ON.test(path);
  const [rested, setRested] = useState<string | null>(null);
  useEffect(() => {
    if (shown) return;
    const timer = setTimeout(() => setRested(identity), REST_MS);
    return () => clearTimeout(timer);
  }, [identity, shown]);
  return shown || rested === identity;
}
