/**
 * Tables as people and spreadsheets write them (RFC 4180): rows by the names of their columns, each with the line that
 * it begins on; what shifts or swallows cells is a fault of its row and never guessed at.
 */
import Papa from 'papaparse';

/** What can be wrong with a row before its cells are looked at. */
export const TABLE_FAULTS = ['unclosed-quote', 'too-many-cells'] as const;
export type TableFault = (typeof TABLE_FAULTS)[number];
/** What a line should have had instead. */
export const TABLE_EXPECTED: Readonly<Record<TableFault, string>> = {
  'unclosed-quote': 'a closing quotation mark',
  'too-many-cells': 'no more cells than the first line names; a number with a comma stands in quotation marks',
};

/** A row: the line it begins on, counted from 1 with the head; its cells by column. */
export interface TableRow {
  line: number;
  cells: Record<string, string>;
  fault: TableFault | null;
}

/** A table with a head line; rows without anything in them are left out. */
export interface Table {
  columns: string[];
  rows: TableRow[];
}

/** What a spreadsheet takes for the begin of a formula, full-width signs and what it strips included. */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;
/** A cell that a spreadsheet would take for a formula, written as text. */
export const asTextCell = (s: string): string => (FORMULA.test(s) ? `'${s}` : s);
/** The same, taken off again. */
const asWritten = (s: string): string => (s.startsWith("'") && FORMULA.test(s.slice(1)) ? s.slice(1) : s);

const LINE_BREAK = /\r\n|\n|\r/g;
const linesIn = (cell: string): number =>
  cell.includes('\n') || cell.includes('\r') ? cell.match(LINE_BREAK)!.length : 0;

/** The cells of a row by their columns: the first of two columns of one name counts. */
function byColumn(columns: readonly string[], cells: readonly string[]): Record<string, string> {
  // A name that every object has must be a cell like the others.
  if (columns.includes('__proto__'))
    return Object.fromEntries(columns.map((c, i) => [c, asWritten(cells[i] ?? '')] as const).reverse());
  const out: Record<string, string> = {};
  for (let i = columns.length - 1; i >= 0; i--) out[columns[i]!] = asWritten(cells[i] ?? '');
  return out;
}

/** A text to its table; column names as they are asked for: lower case, `_` for their spaces. */
export function readTable(text: string): Table {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { header: false });
  const unclosed = new Set(errors.filter((e) => e.type === 'Quotes').map((e) => e.row));
  let line = 1;
  const lined = data.map((cells, i) => {
    const at = line;
    line += 1 + cells.reduce((sum, c) => sum + linesIn(c), 0);
    return { at, cells, unclosed: unclosed.has(i) };
  });
  const filled = lined.filter(({ cells }) => cells.some((c) => c.trim() !== ''));
  const head = filled.shift();
  const columns = (head?.cells ?? []).map((h) => h.trim().toLowerCase().replace(/\s+/g, '_'));
  return {
    columns: columns.filter((c) => c !== ''),
    rows: filled.map(({ at, cells, unclosed: open }) => ({
      line: at,
      cells: byColumn(columns, cells),
      fault: open ? 'unclosed-quote' : cells.length > columns.length ? 'too-many-cells' : null,
    })),
  };
}

/**
 * A number as people write it, with a point or a comma; null: nothing there; NaN: none, or one that may be read in two
 * ways ("1,250").
 */
export function numberIn(raw: string | undefined): number | null {
  const t = (raw ?? '').trim();
  if (t === '') return null;
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)(e[+-]?\d+)?$/i.test(t) || /^[+-]?[1-9]\d{0,2},\d{3}$/.test(t)) return NaN;
  return Number(t.replace(',', '.'));
}
