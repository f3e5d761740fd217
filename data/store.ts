/** Where records lie: one key each in AsyncStorage's IndexedDB store. The port is small so that tests can stand in for it. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';

export interface KeyValueStore {
  getAllKeys(): Promise<string[]>;
  getMany(keys: string[]): Promise<Record<string, string | null>>;
  /** All of them or none: one transaction. */
  setMany(entries: Record<string, string>): Promise<void>;
  removeMany(keys: string[]): Promise<void>;
}

const NAME = 'moss-kettle';
let opened: KeyValueStore | null = null;

export function deviceStore(): KeyValueStore {
  if (!opened) {
    writeThrough();
    opened = createAsyncStorage(NAME);
  }
  return opened;
}

/**
 * The store's transactions are answered, by the browser's default, before the device has written them: a battery that dies then takes the
 * last seconds along. Ours ask for the strict kind, answered once they lie on the disk. The storage library has no setting for it.
 */
function writeThrough(): void {
  if (typeof IDBDatabase === 'undefined') return;
  const plain = IDBDatabase.prototype.transaction;
  IDBDatabase.prototype.transaction = function (this: IDBDatabase, names, mode, options) {
    const strict = mode === 'readwrite' && this.name.includes(NAME);
    return plain.call(this, names, mode, strict ? { ...options, durability: 'strict' } : options);
  };
}
