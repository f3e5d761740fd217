/** The keeper of this device's record: the real store, a lock and notices between tabs. */
import { createKeeper, type Keeper } from './keeper';
import { deviceStore } from './store';
import { reportTrouble } from './troubles';

const NAME = 'moss-kettle-record';
let keeper: Keeper | null = null;

export function deviceKeeper(): Keeper {
  return (keeper ??= openDeviceKeeper());
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
    alone: (run) => (locks ? (locks.request(NAME, run) as ReturnType<typeof run>) : inTurn(run)),
    tell: () => channel?.postMessage('changed'),
    hear: (changed) => {
      channel?.addEventListener('message', changed);
      // A page that slept may have missed a notice.
      if (typeof document !== 'undefined')
        document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && changed());
    },
    trouble: reportTrouble,
  });
  void k.open();
  return k;
}
