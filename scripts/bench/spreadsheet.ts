/**
 * The log's tables opened by a spreadsheet that is not ours (LibreOffice, Debian's package libreoffice-calc-nogui,
 * without a screen): what each cell becomes there. Notes that begin like formulas are among them.
 */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { logTableCsv, logTables, SI_LOG_UNITS } from '../../core/exchange/logTables';
import { applyPuts, emptyBook, put, standing } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { table } from './report';

/** Texts that a spreadsheet would take for formulas. */
const HOSTILE = ['=1+1', '+1+1', '-1+1', '@SUM(1)', '\t=1+1', '\r=1+1', '＝1+1', '=HYPERLINK("x")', "=cmd|'/c x'!A1"];

/** Comma, quotation mark, UTF-8, from line 1; special numbers and formulas are looked for, as an unwary user would. */
const FILTER = 'CSV:44,34,76,1,,0,false,true,false,false,false,-1,true';

const CELL = /<table:table-cell([^>]*?)(\/>|>(.*?)<\/table:table-cell>)/gs;
const ROW = /<table:table-row[^>]*>(.*?)<\/table:table-row>/gs;

/** What became of the cells of a column, by kind. */
function cellsOf(fods: string): { kind: string; formula: boolean }[][] {
  return [...fods.matchAll(ROW)].map(([, row]) =>
    [...row!.matchAll(CELL)].flatMap(([, attributes]) => {
      const kind = /office:value-type="([a-z]+)"/.exec(attributes!)?.[1] ?? 'empty';
      const times = Number(/number-columns-repeated="(\d+)"/.exec(attributes!)?.[1] ?? 1);
      const cell = { kind, formula: attributes!.includes('table:formula') };
      // What stands behind the last column is one empty cell, repeated to the edge of the sheet.
      return kind === 'empty' && times > 100 ? [] : Array.from({ length: times }, () => cell);
    }),
  );
}

const WANTED: Readonly<Record<string, readonly string[]>> = {
  number: ['float', 'percentage'],
  integer: ['float'],
  boolean: ['boolean'],
  string: ['string'],
  // With its offset, which no cell of a spreadsheet can hold, a moment stays a text.
  datetime: ['string'],
};

export function spreadsheetBench(): string {
  const demo = applyPuts(emptyBook(), buildDemoWorld(0));
  const events = standing(demo, 'event').slice(0, HOSTILE.length);
  const book = applyPuts(
    demo,
    events.map((e, i) => put('event', { ...e, note: HOSTILE[i]!, depthM: 1.25, released: true })),
  );
  const folder = mkdtempSync(path.join(tmpdir(), 'sheet-'));
  try {
    const tables = logTables(book, SI_LOG_UNITS);
    const files = tables.map((t) => path.join(folder, `${t.name}.csv`));
    tables.forEach((t, i) => writeFileSync(files[i]!, logTableCsv(t)));
    const how = ['--headless', '--convert-to', 'fods', `--infilter=${FILTER}`, '--outdir', folder, ...files];
    execFileSync('soffice', how, { stdio: 'ignore', env: { ...process.env, HOME: folder } });
    const rows = tables.map((t) => {
      const [, ...lines] = cellsOf(readFileSync(path.join(folder, `${t.name}.fods`), 'utf8'));
      const filled = lines.flatMap((l) => l.map((cell, i) => ({ cell, column: t.columns[i]! })));
      const told = filled.filter((x) => x.column && x.cell.kind !== 'empty');
      const odd = told.filter(({ cell, column }) => !WANTED[column.type]!.includes(cell.kind));
      const formulas = told.filter((x) => x.cell.formula).length;
      const names = [...new Set(odd.map((x) => `${x.column.name} as ${x.cell.kind}`))].join(', ');
      return [
        t.name,
        `${lines.length} of ${t.rows.length}`,
        String(told.length),
        `${odd.length}${names ? `: ${names}` : ''}`,
        String(formulas),
      ];
    });
    return `## The log in a spreadsheet

The sample log's tables in SI, opened by LibreOffice without a screen, with formulas and special numbers looked for; ${HOSTILE.length} notes begin like formulas. A moment with its offset stays a text: no cell holds an offset.

${table(['table', 'lines', 'cells with something', 'of another kind than said', 'formulas'], rows)}
`;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
