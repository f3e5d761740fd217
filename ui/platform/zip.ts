/** Files into one ZIP, one after the other, so that no more than one of them is held at a time. */
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

export interface ZipEntry {
  name: string;
  /** Text is pressed; bytes are pictures, which are pressed already. */
  content: string | Uint8Array<ArrayBuffer>;
}

export async function zipped(entries: AsyncIterable<ZipEntry> | Iterable<ZipEntry>): Promise<Blob> {
  const parts: Blob[] = [];
  let failed: Error | null = null;
  const zip = new Zip((e, chunk) => {
    if (e) failed = e;
    else parts.push(new Blob([chunk as Uint8Array<ArrayBuffer>]));
  });
  for await (const { name, content } of entries) {
    const file = typeof content === 'string' ? new ZipDeflate(name) : new ZipPassThrough(name);
    zip.add(file);
    file.push(typeof content === 'string' ? strToU8(content) : content, true);
  }
  zip.end();
  if (failed) throw failed;
  return new Blob(parts, { type: 'application/zip' });
}
