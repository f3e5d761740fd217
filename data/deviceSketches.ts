/** What is half made on this device, apart from the record. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { createSketches, type Sketches } from './sketches';
import type { KeyValueStore } from './store';
import { reportTrouble } from './troubles';

let opened: KeyValueStore | null = null;
let sketches: Sketches | null = null;

export const deviceSketches = (): Sketches =>
  (sketches ??= createSketches(() => (opened ??= createAsyncStorage('moss-kettle-sketches')), reportTrouble));
