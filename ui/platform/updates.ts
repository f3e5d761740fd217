/** Offline and new versions: the service worker keeps every file of the application; a newer set waits until the angler takes it. */
import { useSyncExternalStore } from 'react';
import { Workbox } from 'workbox-window';
import { reportTrouble } from '../../data/troubles';

export type UpdateState =
  | 'none'
  /** A new version lies ready beside this one. */
  | 'ready'
  /** Another tab has taken the new version; this one still runs the old. */
  | 'moved';

let state: UpdateState = 'none';
let worker: Workbox | null = null;
let mine = false;
const listeners = new Set<() => void>();

function become(next: UpdateState): void {
  state = next;
  for (const l of listeners) l();
}

/** How often an open page asks whether there is a newer version, ms. */
const ASK_EVERY_MS = 30 * 60_000;

/** Starts the service worker once the page has drawn, so that it does not compete with the first screen. */
export function watchUpdates(): void {
  if (worker || typeof navigator === 'undefined' || !navigator.serviceWorker) return;
  const wb = new Workbox('/sw.js', { updateViaCache: 'none' });
  worker = wb;
  wb.addEventListener('waiting', () => become('ready'));
  let controlled = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    // The first worker taking up its first page changes nothing for it.
    if (!controlled) controlled = true;
    else if (mine) window.location.reload();
    else become('moved');
  });
  // Without a network the question fails; that is no trouble, the answer comes another time.
  const ask = (): void => void wb.update().catch(() => undefined);
  wb.register()
    .then(() => {
      setInterval(ask, ASK_EVERY_MS);
      document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && ask());
      window.addEventListener('online', ask);
    })
    .catch((e: unknown) => {
      // With no network and a worker already there, registering again cannot reach its file.
      if (!navigator.serviceWorker.controller && navigator.onLine) reportTrouble('keeping the application for use without a network', e);
    });
}

/** Takes the new version: the page loads again, because the angler asked for it. */
export function takeUpdate(): void {
  if (state === 'moved') return window.location.reload();
  mine = true;
  worker?.messageSkipWaiting();
}

const subscribe = (changed: () => void): (() => void) => {
  listeners.add(changed);
  return () => listeners.delete(changed);
};
export const useUpdateState = (): UpdateState => useSyncExternalStore(subscribe, () => state);

/** The name of the build that this page runs. */
export const buildName = (): string => document.querySelector('meta[name="build"]')?.getAttribute('content') ?? 'unfinished';
