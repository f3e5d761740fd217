/** The whole record to one open file, from wherever it is asked for. */
import { exportBook } from '../../core/exchange/bookDocument';
import type { Book } from '../../core/records';
import { deviceKeeper } from '../../data/deviceKeeper';
import { realNowMs } from '../platform/clock';
import { saveFile } from '../platform/files';

export function saveRecord(book: Book): void {
  const at = new Date(realNowMs()).toISOString();
  saveFile(`moss-kettle-${at.slice(0, 10)}.json`, documentOf(book, at));
}

/** The same of all there is, what the device refused too. */
export const saveAll = async (): Promise<void> => saveRecord(await deviceKeeper().withRefused());

export const documentOf = (book: Book, at: string): string => JSON.stringify(exportBook(book, at), null, 1);
