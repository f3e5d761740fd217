/** Keeps the screen on, where the device can. Refused (low battery, old browser): it goes dark as it always does. */
import { useEffect } from 'react';

interface Lock {
  release: () => Promise<void>;
}
type CanStayAwake = Navigator & { wakeLock?: { request: (kind: 'screen') => Promise<Lock> } };

/** On until the answer is called. A page that was out of sight has lost its hold, and asks anew when it is seen. */
export function keepAwake(): () => void {
  let held: Lock | null = null;
  let wanted = true;
  const hold = (): void => {
    if (document.visibilityState !== 'visible') return;
    void (navigator as CanStayAwake).wakeLock?.request('screen').then(
      (l) => {
        if (wanted) held = l;
        else void l.release();
      },
      () => undefined,
    );
  };
  document.addEventListener('visibilitychange', hold);
  hold();
  return () => {
    wanted = false;
    document.removeEventListener('visibilitychange', hold);
    void held?.release().catch(() => undefined);
  };
}

/** On while the page that asks is open. */
export function useScreenStaysOn(on: boolean): void {
  useEffect(() => (on ? keepAwake() : undefined), [on]);
}
