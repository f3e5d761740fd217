/** A record's file, with or without pictures: read whole before anything is put in place. */
import { importBook, type ImportResult } from '../../core/exchange/bookDocument';
import type { Put } from '../../core/records';
import { compute } from '../../workers/client';
import { isZip } from '../platform/files';

export interface RecordFile extends ImportResult {
  /** Photos whose picture is not in the file. */
  lacking: number;
  /** The record to put in place; its pictures are kept first. */
  record: () => Promise<readonly Put[]>;
}

const NO_RECORD = { code: 'not-a-record', path: '(whole document)', expected: 'a file of a record' };
const unread = (): RecordFile => ({ puts: [], problems: [NO_RECORD], lacking: 0, record: async () => [] });

export async function readRecordFile(file: File): Promise<RecordFile> {
  try {
    const zip = (await isZip(file))
      ? await compute.recordZip(new AbortController().signal, new Uint8Array(await file.arrayBuffer()))
      : { text: await file.text(), pictures: {} };
    if (zip.text === null) return unread();
    const read = importBook(zip.text);
    const { lackingPictures, keepPictures } = await import('../photos/pages');
    return {
      ...read,
      lacking: lackingPictures(read.puts, zip.pictures),
      record: async () => {
        await keepPictures(read.puts, zip.pictures);
        return read.puts;
      },
    };
  } catch {
    return unread();
  }
}
