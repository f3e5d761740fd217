/** What is half made on this device, apart from the record. */
import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { createSketches, type Sketches, type SketchStore } from './sketches';
import { reportTrouble } from './troubles';

let opened: SketchStore | null = null;
let sketches: Sketches | null = null;

export const deviceSketches = (): Sketches =>
  (sketches ??= createSketches(() => (opened ??= createAsyncStorage('moss-kettle-sketches')), reportTrouble));
