/**
 * Half-made things that outlast a page that is closed or killed: what was under the fingers. They are no records: what
 * cannot be read is dropped, and on a device that stores nothing they go with the page.
 */
import type { KeyValueStore } from './store';

export interface Sketches {
  /** Null where there is none that can be read. */
  read: (name: string) => Promise<unknown>;
  /** Stored soon, the last of several at once; null forgets it. */
  write: (name: string, value: object | null) => void;
}

const SOON_MS = 150;

export function createSketches(open: () => KeyValueStore, trouble: (where: string, e: unknown) => void): Sketches {
  const waiting = new Map<string, object | null>();
  const store = async (): Promise<void> => {
    const all = [...waiting];
    waiting.clear();
    try {
      for (const [name, value] of all)
        await (value === null ? open().removeMany([name]) : open().setMany({ [name]: JSON.stringify(value) }));
    } catch (e) {
      trouble('keeping what is half made', e);
    }
  };
  return {
    read: async (name) => {
      try {
        const text = (await open().getMany([name]))[name];
        return text ? (JSON.parse(text) as unknown) : null;
      } catch (e) {
        trouble('reading what was half made', e);
        return null;
      }
    },
    write: (name, value) => {
      if (waiting.size === 0) setTimeout(() => void store(), SOON_MS);
      waiting.set(name, value);
    },
  };
}
