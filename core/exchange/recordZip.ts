/** The record and its pictures in one ZIP: what is taken out of such a file, and what of it can be shown. */
import { strFromU8, unzipSync } from 'fflate';
import { isJpeg, photoOfFile } from '../log/photos';
import { MAX_PHOTO_BYTES } from '../records/photo';
import { RECORD_IN_ZIP } from './bookDocument';

/** So much of the document and of all pictures together is unpacked, bytes. */
const MAX_DOCUMENT_BYTES = 200_000_000;
const MAX_PICTURES_BYTES = 1_000_000_000;

export interface RecordZip {
  /** The record's document; null: it is not in the file. */
  text: string | null;
  /** Pictures by the ids of their photos. */
  pictures: Record<string, Uint8Array>;
}

/** Throws where the bytes are no ZIP. What is no JPEG, too large or called otherwise is left out. */
export function readRecordZip(zip: Uint8Array): RecordZip {
  let room = MAX_PICTURES_BYTES;
  const found = unzipSync(zip, {
    filter: ({ name, originalSize }) => {
      if (name === RECORD_IN_ZIP) return originalSize <= MAX_DOCUMENT_BYTES;
      if (photoOfFile(name) === null || originalSize > Math.min(room, MAX_PHOTO_BYTES)) return false;
      room -= originalSize;
      return true;
    },
  });
  const document = found[RECORD_IN_ZIP];
  const pictures = Object.entries(found).flatMap(([name, bytes]) => {
    const id = photoOfFile(name);
    return id !== null && isJpeg(bytes) ? [[id, bytes] as const] : [];
  });
  return { text: document ? strFromU8(document) : null, pictures: Object.fromEntries(pictures) };
}
