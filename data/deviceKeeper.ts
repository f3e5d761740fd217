/** The keeper of this device's record: the real store, a lock and notices between tabs. */
import type { HeldStore } from './held';
import { createKeeper, type Keeper } from './keeper';
import { deviceStore } from './store';
import { reportTrouble } from './troubles';

const NAME = 'moss-kettle-record';
const HELD = 'moss-kettle-held';
const quietly = <T>(run: () => T): T | null => {
  try {
    return run();
  } catch {
    return null;
  }
};
/** A page that hangs with the lock keeps the others waiting so long, ms: then they take it over. */
const LOCK_DEADLINE_MS = 10_000;
/** With the page's tab, over a reload; where the browser has no such place, on the page alone. */
const heldStore: HeldStore = {
  read: () => quietly(() => window.sessionStorage.getItem(HELD)) ?? null,
  write: (text) =>
    void quietly(() =>
      text === null ? window.sessionStorage.removeItem(HELD) : window.sessionStorage.setItem(HELD, text),
    ),
};
/** These pages look at all days; the others are of the day, and stand before what is long over has been read. */
export const asksForAll = (path: string): boolean => /^\/(kit|lessons|read)(\/|$)/.test(path);
let keeper: Keeper | null = null;

export function deviceKeeper(): Keeper {
  return (keeper ??= openDeviceKeeper());
}

/** Done once the record is open, or cannot be, or after so long, ms. */
export function whenOpened(ms: number): Promise<void> {
  const k = deviceKeeper();
  return new Promise((go) => {
    const look = (): void => {
      if (k.snapshot().status === 'loading') return;
      stop();
      go();
    };
    const stop = k.subscribe(look);
    setTimeout(() => (stop(), go()), ms);
    look();
  });
}

function openDeviceKeeper(): Keeper {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(NAME);
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  let last: Promise<unknown> = Promise.resolve();
  /** Where the browser has no lock between tabs, at least this page does one thing at a time. */
  const inTurn = <T>(run: () => Promise<T>): Promise<T> => {
    const mine = last.then(run, run);
    last = mine.catch(() => undefined);
    return mine;
  };
  const k = createKeeper({
    store: deviceStore,
    // Fetched when there is time for it.
    tidy: async (book, isStill) => {
      const { asWritten, keepPast, longOver, longPast, madeOf, tidy } = await import('./atRest');
      const isOver = longOver(book);
      if (await tidy(asWritten, isOver)) return true;
      await keepPast(isOver, { made: () => madeOf(book), taught: (made) => longPast(book, made), isStill });
      return false;
    },
    alone: (run) => (locks ? lockedFor(locks, run) : inTurn(run)),
    tell: () => channel?.postMessage('changed'),
    hear: (changed) => {
      channel?.addEventListener('message', changed);
      // A page that slept may have missed a notice.
      if (typeof document !== 'undefined')
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && changed());
    },
    held: heldStore,
    drawn: untilIdle,
    trouble: reportTrouble,
  });
  // What the device has not taken yet lives on this page alone: closing it asks first.
  if (typeof window !== 'undefined')
    window.addEventListener('beforeunload', (e) => {
      const { refused, storing, inMemory } = k.snapshot();
      if (refused + storing > 0 || inMemory) e.preventDefault();
    });
  tidyAtRest(k);
  void k.open(!asksForAll(window.location.pathname));
  return k;
}

/** The page draws so long at the most before more is read, ms. */
const DRAWN_MS = 1000;
const untilIdle = (): Promise<void> =>
  new Promise((go) => {
    if (typeof window.requestIdleCallback === 'function') window.requestIdleCallback(() => go(), { timeout: DRAWN_MS });
    else setTimeout(go, DRAWN_MS / 4);
  });

/** When nothing was changed for so long, what is stored is made quick to open, ms. */
const REST_MS = 10_000;
/** Between two steps of it, ms. */
const STEP_MS = 100;

function tidyAtRest(k: Keeper): void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const step = (): void =>
    void k.tidy().then(
      (more) => more && restThen(STEP_MS),
      // It stays as it is; the next change has the next try.
      () => undefined,
    );
  const restThen = (ms: number): void => {
    clearTimeout(timer);
    timer = setTimeout(step, ms);
  };
  k.subscribe(() => restThen(REST_MS));
}

/**
 * Runs alone among the tabs; a tab that holds the lock without an end loses it. Should it wake after all, what it was
 * storing is made on the state that it had read.
 */
async function lockedFor<T>(locks: LockManager, run: () => Promise<T>): Promise<T> {
  const waited = new AbortController();
  const timer = setTimeout(() => waited.abort(), LOCK_DEADLINE_MS);
  const begun = (): Promise<T> => {
    clearTimeout(timer);
    return run();
  };
  try {
    return (await locks.request(NAME, { signal: waited.signal }, begun)) as T;
  } catch (e) {
    if (!waited.signal.aborted) throw e;
    reportTrouble(
      'waiting for another page',
      new Error(`it held the record for ${LOCK_DEADLINE_MS / 1000} s; taken over`),
    );
    return (await locks.request(NAME, { steal: true }, run)) as T;
  }
}
