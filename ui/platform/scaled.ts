/**
 * A picture made small enough to keep: drawn anew as a JPEG, so that nothing which a camera writes into its files
 * (where it was, whose it is) comes along. The browser decodes it off the page; libraries for it work through every
 * pixel on the page, seconds for a photo of today's cameras.
 */
import { MAX_PHOTO_BYTES, MAX_PHOTO_PX } from '../../core/records/photo';
import type { PictureBytes } from '../../data/pictures';

export interface ScaledPicture {
  jpeg: PictureBytes;
  widthPx: number;
  heightPx: number;
}

/** Past this a file is no photo, bytes. */
const MAX_FILE_BYTES = 100_000_000;
const QUALITY = 0.82;

/** Null: no picture that this browser can read. */
export async function scaledPicture(file: Blob): Promise<ScaledPicture | null> {
  if (file.size === 0 || file.size > MAX_FILE_BYTES) return null;
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const by = Math.min(1, MAX_PHOTO_PX / Math.max(bitmap.width, bitmap.height));
  const [widthPx, heightPx] = [bitmap.width, bitmap.height].map((px) => Math.max(1, Math.round(px * by))) as [
    number,
    number,
  ];
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  const on = canvas.getContext('2d');
  if (on) {
    on.imageSmoothingQuality = 'high';
    // What was see-through is white on paper, not black.
    on.fillStyle = 'white';
    on.fillRect(0, 0, widthPx, heightPx);
    on.drawImage(bitmap, 0, 0, widthPx, heightPx);
  }
  bitmap.close();
  const blob = on && (await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY)));
  if (!blob || blob.type !== 'image/jpeg' || blob.size > MAX_PHOTO_BYTES) return null;
  return { jpeg: new Uint8Array(await blob.arrayBuffer()), widthPx, heightPx };
}
