/** Keeps the screen on while one fishes, where the device can; it is asked again when the page is looked at again. */
import { useEffect } from 'react';

interface Lock {
  release: () => Promise<void>;
}
interface CanStayAwake {
  wakeLock?: { request: (type: 'screen') => Promise<Lock> };
}

/** Refused (a low battery, an old browser): the screen goes dark as it always does. */
export function useScreenStaysOn(on: boolean): void {
  useEffect(() => {
    if (!on || typeof document === 'undefined') return;
    let lock: Lock | null = null;
    let gone = false;
    const hold = async (): Promise<void> => {
      if (gone || document.visibilityState !== 'visible') return;
      try {
        const got = (await (navigator as unknown as CanStayAwake).wakeLock?.request('screen')) ?? null;
        if (gone) void got?.release();
        else lock = got;
      } catch {
        lock = null;
      }
    };
    const again = (): void => void hold();
    document.addEventListener('visibilitychange', again);
    void hold();
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release().catch(() => undefined);
    };
  }, [on]);
}
