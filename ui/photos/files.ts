/** Pictures out to a file of many and back. */
import { photoFile } from '../../core/log/photos';
import type { Put } from '../../core/records';
import type { Photo } from '../../core/records/photo';
import { devicePictures } from '../../data/devicePictures';
import type { PictureBytes } from '../../data/pictures';
import { realNowMs } from '../platform/clock';
import type { ZipEntry } from '../platform/zip';

/** Each picture that is on this device, read when its turn comes. */
export async function* pictureEntries(photos: readonly Photo[]): AsyncGenerator<ZipEntry> {
  for (const { id } of photos) {
    const content = await devicePictures().read(id);
    if (content) yield { name: photoFile(id), content };
  }
}

/** Photos among these that come without their picture. */
export const lackingPictures = (puts: readonly Put[], pictures: Readonly<Record<string, unknown>>): number =>
  puts.filter((p) => p.kind === 'photo' && !Object.hasOwn(pictures, p.data.id)).length;

/** Keeps the pictures of these photos, before they are stored themselves. */
export async function keepPictures(
  puts: readonly Put[],
  pictures: Readonly<Record<string, Uint8Array>>,
): Promise<void> {
  for (const p of puts) {
    const jpeg = p.kind === 'photo' && Object.hasOwn(pictures, p.data.id) ? pictures[p.data.id]! : null;
    if (jpeg) await devicePictures().keep(p.data.id, jpeg as PictureBytes, realNowMs());
  }
}
