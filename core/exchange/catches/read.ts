/**
 * A list of catches from elsewhere (a spreadsheet, another log) as rows in SI. Nothing is guessed that the angler
 * cannot see and change: which column tells what, in which units, and in which order dates are written are told with
 * the rows. A line that cannot be read is a problem with its number; the others are taken.
 */
import { roundTo } from '../../base/numbers';
import type { CivilDate } from '../../base/zone';
import type { Problem } from '../../base/problems';
import type { EventKind } from '../../records/event';
import { numberIn, readTable, TABLE_EXPECTED, type TableRow } from '../table';
import { clockIn, dateIn, orderTold, outcomeIn, yesNoIn, type DateOrder } from './cells';
import {
  CATCH_UNITS,
  guessMapping,
  guessUnits,
  MAX_CASTS,
  NEEDED,
  type CatchField,
  type CatchUnits,
  type Mapping,
  type Quantity,
} from './fields';

/** One line of the list. Names are as they stood. */
export interface CatchRow {
  line: number;
  date: CivilDate;
  /** Minutes after midnight; null: not told. */
  minutes: number | null;
  water: string;
  spot: string;
  fish: string;
  lure: string;
  /** Of lure; empty: not told. */
  kind: string;
  what: EventKind | 'nothing';
  /** Casts made that day with that lure, at that spot; null: not told. */
  casts: number | null;
  lengthM: number | null;
  weightKg: number | null;
  depthM: number | null;
  released: boolean | null;
  note: string;
}

/** How a list is to be read; what is left out is guessed from it. */
export interface CatchReading {
  mapping?: Mapping;
  /** Where the columns name none. */
  units: CatchUnits;
  /** Where no date of the list tells. */
  order: DateOrder;
}

export interface CatchList {
  columns: string[];
  mapping: Mapping;
  units: CatchUnits;
  /** Units that the columns name themselves. */
  named: Quantity[];
  order: DateOrder;
  /** Whether a date of the list tells its order. */
  orderTold: boolean;
  /** Lines below the head line. */
  lines: number;
  /** The first cell of each column with anything in it. */
  examples: Record<string, string>;
  rows: CatchRow[];
  problems: Problem[];
}

export const MAX_CATCHES = 50_000;
const MAX_NOTE = 500;
/** What is taken of a quantity, SI. */
const RANGE: Record<Quantity, readonly [number, number]> = { length: [0.01, 3], weight: [0.001, 300], depth: [0, 300] };

/** Lines that are looked through for examples. */
const LOOKED_THROUGH = 200;
const examplesOf = (columns: readonly string[], lines: readonly TableRow[]): Record<string, string> =>
  Object.fromEntries(
    columns.map((c) => {
      const filled = lines.slice(0, LOOKED_THROUGH).find((l) => l.cells[c]?.trim());
      return [c, filled?.cells[c]?.trim().slice(0, 40) ?? ''];
    }),
  );

/** Told how much is done, a share. */
export type Tell = (share: number) => void;

/** A list to its rows. Never throws. */
export function readCatches(text: string, how: CatchReading, tell?: Tell): CatchList {
  const { columns, rows: lines } = readTable(text);
  const mapping = how.mapping ?? guessMapping(columns);
  const { units, named } = guessUnits(mapping, how.units);
  const cell = (cells: Record<string, string>, f: CatchField): string => {
    const column = mapping[f];
    return column !== undefined && Object.hasOwn(cells, column) ? cells[column]!.trim() : '';
  };
  const told = orderTold(lines.map((l) => cell(l.cells, 'date')));
  const order = told ?? how.order;
  const out: CatchList = {
    columns,
    mapping,
    units,
    named,
    order,
    orderTold: told !== null,
    lines: lines.length,
    examples: examplesOf(columns, lines),
    rows: [],
    problems: [],
  };
  const missing = NEEDED.filter((f) => mapping[f] === undefined || !columns.includes(mapping[f]));
  if (missing.length > 0) {
    out.problems.push({ code: 'no-columns', path: 'line 1', expected: `a column for ${missing.join(' and for ')}` });
    return out;
  }
  if (lines.length > MAX_CATCHES)
    out.problems.push({
      code: 'too-long',
      path: `line ${lines[MAX_CATCHES]!.line}`,
      expected: `at most ${MAX_CATCHES} lines`,
    });
  const taken = lines.slice(0, MAX_CATCHES);
  for (const [k, { line, cells, fault }] of taken.entries()) {
    tell?.(k / taken.length);
    const path = `line ${line}`;
    const r = fault
      ? { code: fault, expected: TABLE_EXPECTED[fault] }
      : rowIn(line, (f) => cell(cells, f), order, units);
    if ('code' in r) out.problems.push({ ...r, path });
    else out.rows.push(r);
  }
  return out;
}

function rowIn(
  line: number,
  cell: (f: CatchField) => string,
  order: DateOrder,
  units: CatchUnits,
): CatchRow | Omit<Problem, 'path'> {
  const date = dateIn(cell('date'), order);
  if (!date) return { code: 'bad-date', expected: 'a date, such as 2026-05-14, 5/14/2026 or 14.05.2026' };
  const minutes = clockIn(cell('time')) ?? clockIn(date.rest);
  if (Number.isNaN(minutes)) return { code: 'bad-time', expected: 'a time, such as 6:30, 6:30 pm or 18:30' };
  if (cell('lure') === '') return { code: 'no-lure', expected: 'what was thrown' };
  const word = cell('what');
  const what = word === '' ? 'landed' : outcomeIn(word);
  if (what === undefined)
    return {
      code: 'unknown-outcome',
      expected: `landed, lost, missed, bump, follow or none, not “${word.slice(0, 40)}”`,
    };
  const casts = numberIn(cell('casts'));
  if (casts !== null && !(Number.isInteger(casts) && casts >= 0 && casts <= MAX_CASTS))
    return { code: 'bad-casts', expected: `a whole number of casts up to ${MAX_CASTS}` };
  const measured: Record<Quantity, number | null> = { length: null, weight: null, depth: null };
  for (const q of ['length', 'weight', 'depth'] as const) {
    const v = numberIn(cell(q));
    if (v === null) continue;
    const factors: Readonly<Record<string, number>> = CATCH_UNITS[q];
    const si = roundTo(v * factors[units[q]]!, 9);
    const [least, most] = RANGE[q];
    if (!(si >= least && si <= most))
      return { code: `bad-${q}`, expected: `a ${q} in ${units[q]} that a fish can have` };
    measured[q] = si;
  }
  const note = cell('note');
  if (note.length > MAX_NOTE) return { code: 'long-note', expected: `a note of at most ${MAX_NOTE} letters` };
  const kept = word.toLowerCase() === 'kept';
  return {
    line,
    date: { year: date.year, month: date.month, day: date.day },
    minutes,
    water: cell('water'),
    spot: cell('spot'),
    fish: cell('fish'),
    lure: cell('lure'),
    kind: cell('kind'),
    what,
    casts,
    lengthM: measured.length,
    weightKg: measured.weight,
    depthM: measured.depth,
    released: yesNoIn(cell('released')) ?? (kept ? false : word.toLowerCase() === 'released' ? true : null),
    note,
  };
}
