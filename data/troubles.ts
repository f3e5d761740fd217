/** What went wrong, kept so that the angler can read it and hand it on. It stays on this device; nothing is sent. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { createStore } from 'zustand/vanilla';

export interface Trouble {
  id: string;
  /** Where in the application, in words. */
  where: string;
  text: string;
  firstAtMs: number;
  lastAtMs: number;
  times: number;
}

/** So many different ones are kept, the oldest go first. */
const MAX_KEPT = 40;
const MAX_TEXT = 2000;

/** The list itself lives in memory; a device that stores nothing still shows it. */
export const troubles = createStore<{ list: readonly Trouble[] }>(() => ({ list: [] }));
let clock: () => number = () => 0;
let opened: ReturnType<typeof createAsyncStorage> | null = null;
const store = () => (opened ??= createAsyncStorage('moss-kettle-troubles'));
const quietly = (work: Promise<unknown>): void => void work.catch(() => undefined);

const change = (list: readonly Trouble[]): void => troubles.setState({ list });

const textOf = (e: unknown): string =>
  (e instanceof Error ? `${e.name}: ${e.message}\n${e.stack ?? ''}` : String(e)).slice(0, MAX_TEXT);

export function reportTrouble(where: string, e: unknown): void {
  const text = textOf(e);
  const atMs = clock();
  const { list } = troubles.getState();
  const old = list.find((t) => t.where === where && t.text === text);
  const t: Trouble = old
    ? { ...old, lastAtMs: atMs, times: old.times + 1 }
    : { id: `${atMs}-${list.length}`, where, text, firstAtMs: atMs, lastAtMs: atMs, times: 1 };
  const next = [...list.filter((x) => x !== old), t];
  const dropped = next.slice(0, Math.max(0, next.length - MAX_KEPT));
  change(next.slice(-MAX_KEPT));
  quietly(store().setItem(t.id, JSON.stringify(t)));
  if (dropped.length > 0) quietly(store().removeMany(dropped.map((x) => x.id)));
}

/** Starts listening for what nobody caught, and brings back what earlier pages wrote down. */
export function watchTroubles(nowMs: () => number): () => void {
  clock = nowMs;
  const onError = (e: ErrorEvent): void => reportTrouble('an error nobody caught', e.error ?? e.message);
  const onRejection = (e: PromiseRejectionEvent): void => reportTrouble('a promise nobody kept', e.reason);
  window.addEventListener('error', onError);
  window.addEventListener('unhandledrejection', onRejection);
  quietly(
    store()
      .getAllKeys()
      .then((keys) => store().getMany(keys))
      .then((found) => {
        const earlier = Object.values(found).flatMap((v) => (v ? [JSON.parse(v) as Trouble] : []));
        const { list } = troubles.getState();
        const known = new Set(list.map((t) => t.id));
        change(
          [...earlier.filter((t) => !known.has(t.id)).sort((a, b) => a.lastAtMs - b.lastAtMs), ...list].slice(
            -MAX_KEPT,
          ),
        );
      }),
  );
  return () => {
    window.removeEventListener('error', onError);
    window.removeEventListener('unhandledrejection', onRejection);
  };
}

/** Gone from the list only when gone from the device, if the device can be asked at all. */
export function forgetTroubles(): void {
  const gone = (): void => change([]);
  store().clear().then(gone, gone);
}
