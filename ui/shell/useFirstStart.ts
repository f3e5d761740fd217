/** On a device with no record at all, a server started for the demo offers its world: loaded once, without asking. */
import { useEffect, useRef } from 'react';
import { isEmpty } from '../../core/records';
import { useStored } from '../../data/useBook';
import { useDemoWorld } from '../kit/useDemoWorld';

export function useFirstStart(): boolean {
  // Both from what is stored this instant: the day follows a moment later, and would look empty where it is not.
  const status = useStored((s) => s.status);
  const empty = useStored((s) => s.status === 'ready' && s.quarantined.length === 0 && isEmpty(s.book));
  const demo = useDemoWorld();
  const asked = useRef(false);
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
