/** On a device with no record at all, a server started for the demo offers its world: loaded once, without asking. */
import { useStored } from '../../data/useBook';
import { useEffect, useRef } from 'react';
import { KINDS } from '../../core/records';
import { useBook } from '../day/contexts';
import { useDemoWorld } from '../kit/useDemoWorld';

export function useFirstStart(): boolean {
  const status = useStored((s) => s.status);
  const book = useBook();
  const quarantined = useStored((s) => s.quarantined);
  const demo = useDemoWorld();
  const asked = useRef(false);
  const empty = status === 'ready' && quarantined.length === 0 && KINDS.every((k) => Object.keys(book[k]).length === 0);
  useEffect(() => {
    if (status !== 'ready' || asked.current) return;
    asked.current = true;
    if (!empty) return;
    fetch('/api/start')
      .then((r) => r.json() as Promise<{ demo: boolean }>)
      .then((r) => (r.demo ? demo.load() : undefined))
      // No server, no offer: the start page has its own button for the demo world.
      .catch(() => undefined);
  }, [status, empty, demo]);
  return demo.busy;
}
