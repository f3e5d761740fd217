/** A record's file, with or without pictures: read whole, off the page, before anything is put in place. */
import { importBook, type ImportResult } from '../../core/exchange/bookDocument';
import type { Put } from '../../core/records';
import { reportTrouble } from '../../data/troubles';
import { compute } from '../../workers/client';
import { isZip } from '../platform/files';

export interface RecordFile extends ImportResult {
  /** Photos whose picture is not in the file. */
  lacking: number;
  /** The record to put in place; its pictures are kept first. */
  record: () => Promise<readonly Put[]>;
}

const NO_RECORD = { code: 'not-a-record', path: '(whole document)', expected: 'a file of a record' };

/** Null: it is a ZIP, or cannot be read at all. */
const textOf = async (file: File): Promise<string | null> => {
  try {
    return (await isZip(file)) ? null : await file.text();
  } catch {
    return null;
  }
};

export async function readRecordFile(file: File): Promise<RecordFile> {
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const { pictures, ...read } = await compute.record(new AbortController().signal, bytes);
    const { lackingPictures, keepPictures } = await import('../photos/pages');
    return {
      ...read,
      lacking: lackingPictures(read.puts, pictures),
      record: async () => {
        await keepPictures(read.puts, pictures);
        return read.puts;
      },
    };
  } catch (e) {
    reportTrouble('reading a record', e);
    // Where there is no worker the page reads what it can by itself.
    const text = await textOf(file);
    const read = text === null ? { puts: [], problems: [NO_RECORD] } : importBook(text);
    return { ...read, lacking: 0, record: async () => read.puts };
  }
}
