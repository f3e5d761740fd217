import type { Keeper } from './keeper';
import { whenStored } from './whenStored';

/** A keeper of which only the count of what waits is asked. */
function counted(storing: number) {
  const listeners = new Set<() => void>();
  const keeper = {
    snapshot: () => ({ storing }) as ReturnType<Keeper['snapshot']>,
    subscribe: (l: () => void) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
  };
  const to = (n: number): void => {
    storing = n;
    listeners.forEach((l) => l());
  };
  return { keeper, to, listeners };
}

test('nothing under way: at once; else when the last of it is stored, and nobody listens any more', async () => {
  expect(await whenStored(counted(0).keeper, 1000)).toBe(true);
  const { keeper, to, listeners } = counted(2);
  let done: boolean | null = null;
  const waiting = whenStored(keeper, 60_000).then((ok) => (done = ok));
  to(1);
  await Promise.resolve();
  expect(done).toBeNull();
  to(0);
  expect(await waiting).toBe(true);
  expect(listeners.size).toBe(0);
});

test('a store that hangs is waited for so long and no longer', async () => {
  jest.useFakeTimers();
  const { keeper, listeners } = counted(1);
  const waiting = whenStored(keeper, 5000);
  jest.advanceTimersByTime(5000);
  expect(await waiting).toBe(false);
  expect(listeners.size).toBe(0);
  jest.useRealTimers();
});
