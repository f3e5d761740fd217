/** The photos of a log. Each belongs to an event; its picture is kept apart under the photo's id. */
import { takenBack, type Book } from '../records';
import { MAX_PHOTOS, type Photo } from '../records/photo';

type PhotoBook = Pick<Book, 'photo' | 'tombstone'>;

/** Photos of these events that were not taken back, in the order they were added. */
export function photosOf(book: PhotoBook, eventIds: readonly string[]): Photo[] {
  const all = Object.values(book.photo);
  if (all.length === 0) return [];
  const [of, gone] = [new Set(eventIds), takenBack(book)];
  return all
    .filter((x) => of.has(x.eventId) && !gone.has(x.id))
    .sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1));
}

/** Whether one more may stand with an event. */
export const roomForPhoto = (book: PhotoBook, eventId: string): boolean =>
  photosOf(book, [eventId]).length < MAX_PHOTOS;

/** Where a photo's picture lies in a file of many: its id, made safe as a name. */
export const photoFile = (id: string): string => `photos/${encodeURIComponent(id)}.jpg`;

/** The id of the photo whose picture is so called; null: that is none. */
export function photoOfFile(name: string): string | null {
  const [, called] = /^photos\/([^/]+)\.jpg$/.exec(name) ?? [];
  try {
    return called ? decodeURIComponent(called) : null;
  } catch {
    return null;
  }
}

/** Whether bytes begin as a JPEG picture does; what is shown as one must be one. */
export const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff;

/** Of the pictures on the device those that no photo of the book needs: it was taken back, or never came to stand. */
export function unneededPictures(book: PhotoBook, ids: readonly string[]): string[] {
  const gone = takenBack(book);
  return ids.filter((id) => !Object.hasOwn(book.photo, id) || gone.has(id));
}
