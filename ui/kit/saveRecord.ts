/** The whole record to one open file, from wherever it is asked for. */
import { exportBook } from '../../core/exchange/bookDocument';
import type { Book } from '../../core/records';
import { realNowMs } from '../platform/clock';
import { saveFile } from '../platform/files';

export function saveRecord(book: Book): void {
  const at = new Date(realNowMs()).toISOString();
  saveFile(`moss-kettle-${at.slice(0, 10)}.json`, documentOf(book, at));
}

export const documentOf = (book: Book, at: string): string => JSON.stringify(exportBook(book, at), null, 1);
