/** Whether the browser may throw the record away when the device runs short of room, and how much it takes. */
import { useEffect, useState } from 'react';

export interface Keeping {
  persistent: boolean | null;
  usedBytes: number | null;
  roomBytes: number | null;
}

const UNKNOWN: Keeping = { persistent: null, usedBytes: null, roomBytes: null };

export async function readKeeping(): Promise<Keeping> {
  if (typeof navigator === 'undefined' || !navigator.storage) return UNKNOWN;
  const [persistent, estimate] = await Promise.all([
    navigator.storage.persisted?.().catch(() => null) ?? null,
    navigator.storage.estimate?.().catch(() => null) ?? null,
  ]);
  return { persistent, usedBytes: estimate?.usage ?? null, roomBytes: estimate?.quota ?? null };
}

let asked = false;
/**
 * Asks the browser once a page to keep the record; some ask the angler in turn, so it is asked when there is something
 * to keep.
 */
export async function askToKeep(): Promise<boolean> {
  if (asked || typeof navigator === 'undefined' || !navigator.storage?.persist) return false;
  asked = true;
  return navigator.storage.persist().catch(() => false);
}

export function useKeeping(): Keeping {
  const [k, setK] = useState(UNKNOWN);
  useEffect(() => {
    let here = true;
    void readKeeping().then((x) => here && setK(x));
    return () => {
      here = false;
    };
  }, []);
  return k;
}
