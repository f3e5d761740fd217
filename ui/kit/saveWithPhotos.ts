/** The whole record with the pictures of its photos, in one ZIP. */
import { RECORD_IN_ZIP } from '../../core/exchange/bookDocument';
import type { Book } from '../../core/records';
import type { Photo } from '../../core/records/photo';
import { realNowMs } from '../platform/clock';
import { saveBlob } from '../platform/files';
import { documentOf } from './saveRecord';

export async function saveRecordWithPhotos(book: Book, photos: readonly Photo[]): Promise<void> {
  const at = new Date(realNowMs()).toISOString();
  // Fetched only here: the record alone is saved without them, in need too.
  const [{ zipped }, { pictureEntries }] = await Promise.all([import('../platform/zip'), import('../photos/pages')]);
  async function* entries() {
    yield { name: RECORD_IN_ZIP, content: documentOf(book, at) };
    yield* pictureEntries(photos);
  }
  saveBlob(`moss-kettle-${at.slice(0, 10)}.zip`, await zipped(entries()));
}
