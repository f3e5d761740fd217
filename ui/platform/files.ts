/** Files out and in, through the browser. */
import { beginsAsZip } from '../../core/exchange/zipped';

export function saveFile(name: string, content: string | Uint8Array<ArrayBuffer>, type = 'application/json'): void {
  saveBlob(name, new Blob([content], { type }));
}

export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  saveUrl(name, url);
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** What an address of this page leads to. */
export function saveUrl(name: string, url: string): void {
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  document.body.appendChild(a);
  a.click();
  a.remove();
}

/** Lets the person pick one file; null when they pick none. */
export function pickFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.style.display = 'none';
    const done = (file: File | null): void => {
      input.remove();
      resolve(file);
    };
    input.addEventListener('change', () => done(input.files?.[0] ?? null));
    input.addEventListener('cancel', () => done(null));
    document.body.appendChild(input);
    input.click();
  });
}

/** The same, as its text; null also where it cannot be read. */
export const pickTextFile = async (accept: string): Promise<string | null> => {
  const file = await pickFile(accept);
  return file ? file.text().catch(() => null) : null;
};

export const isZip = async (file: Blob): Promise<boolean> =>
  beginsAsZip(new Uint8Array(await file.slice(0, 2).arrayBuffer()));
