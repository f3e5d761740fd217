/** What went wrong, as one readable document without anything of the record in it. */
import type { Trouble } from '../../data/troubles';
import { realNowMs } from '../platform/clock';
import { saveFile } from '../platform/files';
import { buildName } from '../../data/build';

const iso = (ms: number): string => new Date(ms).toISOString();

export function problemReport(list: readonly Trouble[]): string {
  return JSON.stringify(
    {
      format: 'moss-kettle-problems',
      version: 1,
      madeAt: iso(realNowMs()),
      build: buildName(),
      browser: navigator.userAgent,
      problems: list.map((t) => ({
        where: t.where,
        first: iso(t.firstAtMs),
        last: iso(t.lastAtMs),
        times: t.times,
        text: t.text,
      })),
    },
    null,
    1,
  );
}

export const saveProblemReport = (list: readonly Trouble[]): void =>
  saveFile('moss-kettle-problems.json', problemReport(list));
