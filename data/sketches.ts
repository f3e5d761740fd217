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

/** Where they lie. */
export type SketchStore = Pick<KeyValueStore, 'getMany' | 'setMany' | 'removeMany'>;

export function createSketches(open: () => SketchStore, trouble: (where: string, e: unknown) => void): Sketches {
  const waiting = new Map<string, object | null>();
  /** What is being stored at this moment. */
  let storing: ReadonlyMap<string, object | null> = new Map();
  const store = async (): Promise<void> => {
    const all = new Map(waiting);
    storing = all;
    waiting.clear();
    try {
      for (const [name, value] of all)
        await (value === null ? open().removeMany([name]) : open().setMany({ [name]: JSON.stringify(value) }));
    } catch (e) {
      trouble('keeping what is half made', e);
    }
    if (storing === all) storing = new Map();
  };
  return {
    read: async (name) => {
      const underway = waiting.has(name) ? waiting : storing;
      if (underway.has(name)) return underway.get(name);
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
