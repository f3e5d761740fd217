/** The device's store from outside the application: what really lies in it. */
import type { Page } from '@playwright/test';

const NAME = 'moss-kettle';

/** Every key and value, read straight from the browser's database. */
export const storedValues = (page: Page, of = NAME): Promise<Record<string, string>> =>
  page.evaluate(async (name) => {
    const db = await new Promise<IDBDatabase>((ok, no) => {
      const r = indexedDB.open(name);
      r.onsuccess = () => ok(r.result);
      r.onerror = () => no(r.error as Error);
    });
    const store = db.transaction('entries', 'readonly').objectStore('entries');
    const all = <T>(r: IDBRequest<T>): Promise<T> =>
      new Promise((ok, no) => {
        r.onsuccess = () => ok(r.result);
        r.onerror = () => no(r.error as Error);
      });
    const [keys, values] = await Promise.all([all(store.getAllKeys()), all(store.getAll())]);
    db.close();
    return Object.fromEntries(keys.map((k, i) => [String(k), values[i] as string]));
  }, of);

/** Writes a value as it would never be written by the application. */
export const putValue = (page: Page, key: string, value: unknown): Promise<void> =>
  page.evaluate(
    async ([name, k, v]) => {
      const db = await new Promise<IDBDatabase>((ok, no) => {
        const r = indexedDB.open(name!);
        r.onsuccess = () => ok(r.result);
        r.onerror = () => no(r.error as Error);
      });
      await new Promise<void>((ok, no) => {
        const tx = db.transaction('entries', 'readwrite');
        tx.objectStore('entries').put(v, k);
        tx.oncomplete = () => ok();
        tx.onerror = () => no(tx.error as Error);
      });
      db.close();
    },
    [NAME, key, value] as const,
  );

export interface LogLine {
  id: string;
  seq: number;
  kind: string;
  atMs: number;
  blockId: string;
}

/** Casts and events of today's trip as they lie in the store, taken back or not. */
export async function storedLog(page: Page, tripId = 'trip-today'): Promise<LogLine[]> {
  const values = await storedValues(page);
  const of = (prefix: string): Record<string, unknown>[] =>
    Object.entries(values)
      .filter(([k]) => k.startsWith(prefix))
      .map(([, v]) => (JSON.parse(v) as { data: Record<string, unknown> }).data);
  const blocks = new Set(
    of('block/')
      .filter((b) => b.tripId === tripId)
      .map((b) => b.id),
  );
  return [...of('event/'), ...of('cast/').map((c) => ({ ...c, kind: 'cast' }))]
    .filter((x) => blocks.has((x as { blockId: string }).blockId))
    .map((x) => x as unknown as LogLine)
    .sort((a, b) => a.seq - b.seq);
}
