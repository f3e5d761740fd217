/** The pictures of this device's record: shown, added, taken out of files, and those that nothing needs thrown away. */
import type { QueryClient } from '@tanstack/react-query';
import { unneededPictures } from '../core/log/photos';
import { deviceKeeper } from './deviceKeeper';
import { memoryPictures, storedPictures, type Pictures } from './pictures';
import { reportTrouble } from './troubles';

let inMemory: Pictures | null = null;

/** Where pictures lie: beside the record, wherever that is. */
export const devicePictures = (): Pictures =>
  deviceKeeper().snapshot().inMemory ? (inMemory ??= memoryPictures()) : storedPictures;

/** A picture as the address that an image shows; null: it is not on this device. */
export const pictureQuery = (id: string) => ({
  queryKey: ['picture', id] as const,
  queryFn: async (): Promise<string | null> => {
    const jpeg = await devicePictures().read(id);
    return jpeg ? URL.createObjectURL(new Blob([jpeg], { type: 'image/jpeg' })) : null;
  },
  staleTime: Infinity,
  gcTime: 60_000,
});

let freeing = false;
/** Addresses are given back to the browser when their picture has not been shown for a while. */
export function freePictures(client: QueryClient): void {
  if (freeing) return;
  freeing = true;
  client.getQueryCache().subscribe(({ type, query }) => {
    const url: unknown = query.state.data;
    if (type === 'removed' && query.queryKey[0] === 'picture' && typeof url === 'string') URL.revokeObjectURL(url);
  });
}

/** A picture younger than this may be about to be recorded, on this page or on another, ms. */
const YOUNG_MS = 3_600_000;
let swept = false;
/**
 * Throws away, once a page, the pictures of photos that were taken back. Not while a record that was replaced can be
 * put back, or one lies aside unread: their photos may come to stand again.
 */
export async function sweepPictures(nowMs: number): Promise<void> {
  const { book, before, quarantined, newer, refused, status } = deviceKeeper().snapshot();
  if (swept || status !== 'ready' || before || quarantined.length > 0 || newer + refused > 0) return;
  swept = true;
  try {
    const ids = unneededPictures(book, await devicePictures().keptBefore(nowMs - YOUNG_MS));
    if (ids.length > 0) await devicePictures().drop(ids);
  } catch (e) {
    reportTrouble('throwing old pictures away', e);
  }
}
