/** What every measurement shares: medians, tables, and the page they are written to. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';

export interface TimeSpread {
  median: number;
  low: number;
  high: number;
  runs: number;
}

export function spread(values: readonly number[]): TimeSpread {
  const s = [...values].sort((a, b) => a - b);
  return { median: s[Math.floor(s.length / 2)]!, low: s[0]!, high: s[s.length - 1]!, runs: s.length };
}

/** “12 (10–31) ms”: the median and the range. */
export const spreadText = (x: TimeSpread, unit = 'ms', digits = 0): string =>
  `${x.median.toFixed(digits)} (${x.low.toFixed(digits)}–${x.high.toFixed(digits)})${unit ? ` ${unit}` : ''}`;

/** Runs `work` warm: three runs unseen, then `runs` measured, in milliseconds. */
export function measure(work: () => void, runs = 9): TimeSpread {
  for (let i = 0; i < 3; i++) work();
  return spread(
    Array.from({ length: runs }, () => {
      const t = performance.now();
      work();
      return performance.now() - t;
    }),
  );
}

export const table = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  [
    `| ${head.join(' | ')} |`,
    `| ${head.map(() => '---').join(' | ')} |`,
    ...rows.map((r) => `| ${r.join(' | ')} |`),
  ].join('\n');

/** The machine in one line; no names, no paths. */
export const machine = (): string =>
  `Node.js ${process.versions.node}, ${cpus().length} shared cores, headless Chromium without a graphics processor`;

/** Puts a part's text into the page between its marks, or appends it. */
export function writePart(file: string, name: string, text: string): void {
  const [open, close] = [`<!-- part: ${name} -->`, `<!-- end: ${name} -->`];
  const page = existsSync(file) ? readFileSync(file, 'utf8') : '';
  const body = `${open}\n\n${text.trim()}\n\n${close}`;
  const from = page.indexOf(open);
  const to = page.indexOf(close);
  writeFileSync(
    file,
    from >= 0 && to > from
      ? page.slice(0, from) + body + page.slice(to + close.length)
      : `${page.trimEnd()}\n\n${body}\n`,
  );
}
