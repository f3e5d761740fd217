/** Where records lie: one key each in AsyncStorage's IndexedDB store. The port is small so that tests can stand in for it. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';

export interface KeyValueStore {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
}

let opened: KeyValueStore | null = null;

export function deviceStore(): KeyValueStore {
  opened ??= createAsyncStorage('moss-kettle');
  return opened;
}
