/**
 * Whether the long plan is to be worked out now. It costs a phone seconds of both cores: where it is read it begins at
 * once; on the way there when nothing it hangs on has been changed for a while, so that a run of readings is one plan;
 * over the kit and the diary nobody is about to cast, and the battery is spared.
 */
import { usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { useWide } from '../shell/useWide';

const REST_MS = 4000;
/** Where its figures stand: the places of the retrieve and of the log. */
const READ_ON = /^\/(retrieve|strikes)(\/|$)/;
const FAR_FROM_CASTING = /^\/(kit|lessons)(\/|$)/;

export function usePlanWanted(identity: string): boolean {
  const path = usePathname();
  // Wide, the board of the day shows them beside every place.
  const shown = useWide() || READ_ON.test(path);
  const far = FAR_FROM_CASTING.test(path);
  const [rested, setRested] = useState<string | null>(null);
  useEffect(() => {
    if (shown || far) return;
    const timer = setTimeout(() => setRested(identity), REST_MS);
    return () => clearTimeout(timer);
  }, [identity, shown, far]);
  return shown || rested === identity;
}
