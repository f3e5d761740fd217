/** A store in memory: for a device that gives none, and for tests. */
import type { KeyValueStore } from './store';

export interface MemoryStore extends KeyValueStore {
  all: Map<string, string>;
}

export function memoryStore(start: Record<string, string> = {}): MemoryStore {
  const all = new Map(Object.entries(start));
  const setMany = async (entries: Record<string, string>): Promise<void> => {
    for (const [k, v] of Object.entries(entries)) all.set(k, v);
  };
  const getAll: KeyValueStore['getAll'] = async (but) => ({
    values: new Map([...all].filter(([k]) => k !== but)),
    sound: new Map(),
  });
  return {
    all,
    getAll,
    getLate: async (but) => ({ ...(await getAll(but)), over: [] }),
    getLongOver: async () => ({ values: new Map(), sound: new Map() }),
    getPastOf: async () => undefined,
    getMany: async (keys) => Object.fromEntries(keys.map((k) => [k, all.get(k) ?? null])),
    setMany,
    setManyIf: async (entries, key, holds, gone = []) => {
      const held = holds(all.get(key) ?? null);
      if (held) await setMany(entries);
      if (held) for (const k of gone) all.delete(k);
      return held;
    },
    removeMany: async (keys) => {
      for (const k of keys) all.delete(k);
    },
  };
}
