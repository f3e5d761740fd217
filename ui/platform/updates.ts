/**
 * Offline and new versions: the service worker keeps every file of the application; a newer set waits until the angler
 * takes it.
 */
import { Workbox } from 'workbox-window';
import { create } from 'zustand';
import { reloadStored } from './reload';

export type UpdateState =
  | 'none'
  /** A new version lies ready beside this one. */
  | 'ready'
  /** Another tab has taken the new version; this one still runs the old. */
  | 'moved';

/**
 * Whether the application is kept for use without a network; `refused` is a fact of the browser (a private window, a
 * setting), not a fault.
 */
export type OfflineUse = 'asking' | 'kept' | 'refused';

const standing = create<{ update: UpdateState; offline: OfflineUse }>(() => ({ update: 'none', offline: 'asking' }));
const become = (update: UpdateState): void => standing.setState({ update });

let worker: Workbox | null = null;
let mine = false;

/** How often an open page asks whether there is a newer version, ms. */
const ASK_EVERY_MS = 30 * 60_000;

/** Starts the service worker once the page has drawn, so that it does not compete with the first screen. */
export function watchUpdates(): void {
  if (worker || typeof navigator === 'undefined') return;
  if (!navigator.serviceWorker) return standing.setState({ offline: 'refused' });
  const wb = new Workbox('/sw.js', { updateViaCache: 'none' });
  worker = wb;
  wb.addEventListener('waiting', () => become('ready'));
  let controlled = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    // The first worker taking up its first page changes nothing for it.
    if (!controlled) controlled = true;
    else if (mine) reloadStored();
    else become('moved');
  });
  // Without a network the question fails; that is no trouble, the answer comes another time.
  const ask = (): void => void wb.update().catch(() => undefined);
  wb.register()
    .then(() => {
      standing.setState({ offline: 'kept' });
      setInterval(ask, ASK_EVERY_MS);
      document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && ask());
      window.addEventListener('online', ask);
    })
    // With no network and a worker already there, registering again cannot reach its file: it is kept all the same.
    .catch(() =>
      standing.setState({ offline: navigator.serviceWorker.controller || !navigator.onLine ? 'kept' : 'refused' }),
    );
}

/** Takes the new version: the page loads again, because the angler asked for it. */
export function takeUpdate(): void {
  if (standing.getState().update === 'moved') return reloadStored();
  mine = true;
  worker?.messageSkipWaiting();
}

export const useUpdateState = (): UpdateState => standing((s) => s.update);
export const useOfflineUse = (): OfflineUse => standing((s) => s.offline);
