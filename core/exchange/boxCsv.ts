/**
 * A box of lures as CSV: a head line with at least `name` and `family`, one lure a line. Weights and lengths in SI
 * (`weight_kg`, `length_m`), or as people write them (`weight_g`, `weight_oz`, `length_mm`, `length_in`); money in the
 * smallest coin (`price_minor`) or the larger (`price`). What is not said is the family's usual. A line that cannot be
 * read is a problem with its number and is given back as it stood; the others are taken.
 */
import Papa from 'papaparse';
import { familyById } from '../lures/families';
import { roundTo } from '../base/numbers';
import { INCH, OUNCE } from '../base/units';
import { COLOURS, FAMILIES, HOOKS, type Colour, type FamilyId, type Hook } from '../lures/family';
import type { Lure } from '../records/lure';
import { asTextCell, numberIn, readTable, TABLE_FAULTS } from './table';

/** What can be wrong with a line of a table of lures. */
export const ROW_FAULTS = [
  'no-name',
  'long-name',
  'unknown-family',
  'bad-weight',
  'bad-length',
  'bad-colour',
  'bad-hook',
  'bad-price',
  'bad-count',
  'long-note',
  'unknown-field',
  ...TABLE_FAULTS,
] as const;
export type RowFault = (typeof ROW_FAULTS)[number];

/** A line of the table that could not be read as a lure. Lines count from 1, the head included. */
export interface BadRow {
  line: number;
  fault: RowFault;
  /** What stood there. */
  had: string;
  /** A family that may have been meant. */
  near: FamilyId | null;
  raw: Record<string, string>;
}

/** A lure that was read and has no id yet. */
export type NewLure = Omit<Lure, 'id'>;

/** What a table of lures holds: the lures that could be read, and the lines that could not. */
export interface BoxFile {
  lures: NewLure[];
  bad: BadRow[];
  /** Head line without what is needed, or no lines: nothing was read. */
  fault: 'no-columns' | 'empty' | 'too-long' | 'not-json' | null;
  columns: string[];
}

const MAX_ROWS = 5000;

const plain = (s: string): string =>
  s
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-');

/** Letters that must change, get lost or come in to make one word of the other. */
function distance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++)
      next.push(Math.min(next[j - 1]! + 1, row[j]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1)));
    row = next;
  }
  return row[b.length]!;
}

/** By id, or by a name of the angler's language (`names`: plain words → id). */
export function familyNamed(
  text: string,
  names: ReadonlyMap<string, FamilyId>,
): { family: FamilyId | null; near: FamilyId | null } {
  const word = plain(text);
  const known = new Map<string, FamilyId>([
    ...FAMILIES.map((f) => [f, f] as const),
    ...[...names].map(([k, v]) => [plain(k), v] as const),
  ]);
  const family = known.get(word) ?? null;
  if (family || word === '') return { family, near: null };
  let near: FamilyId | null = null;
  let least = Math.max(2, Math.floor(word.length / 3)) + 1;
  for (const [k, v] of known) {
    const d = distance(word, k);
    if (d < least) [least, near] = [d, v];
  }
  return { family: null, near };
}

type Units = readonly (readonly [column: string, factor: number])[];
const WEIGHTS: Units = [
  ['weight_kg', 1],
  ['weight_g', 0.001],
  ['weight_oz', OUNCE],
];
const LENGTHS: Units = [
  ['length_m', 1],
  ['length_mm', 0.001],
  ['length_cm', 0.01],
  ['length_in', INCH],
];
const PRICES: Units = [
  ['price_minor', 1],
  ['price', 100],
];

function measured(row: Record<string, string>, units: Units): number | null {
  for (const [column, factor] of units) {
    const v = numberIn(row[column]);
    if (v !== null) return roundTo(v * factor, 9);
  }
  return null;
}
const anyOf = (row: Record<string, string>, units: Units): string =>
  units.map(([c]) => row[c] ?? '').find((v) => v.trim() !== '') ?? '';
const within = (v: number, lo: number, hi: number): boolean => Number.isFinite(v) && v >= lo && v <= hi;

/**
 * A table to lures and the lines that cannot be read; a fault of the whole file instead of both. At most 5000 lines.
 */
export function readBoxCsv(text: string, names: ReadonlyMap<string, FamilyId>): BoxFile {
  const { columns, rows } = readTable(text);
  const none = { lures: [], bad: [], columns };
  if (!columns.includes('name') || !columns.includes('family')) return { ...none, fault: 'no-columns' };
  if (rows.length === 0) return { ...none, fault: 'empty' };
  if (rows.length > MAX_ROWS) return { ...none, fault: 'too-long' };
  const lures: NewLure[] = [];
  const bad: BadRow[] = [];
  for (const { line, cells: raw, fault } of rows) {
    const r = fault ? { fault, had: raw.name ?? '' } : readRow(raw, names);
    if ('fault' in r) bad.push({ line, near: null, ...r, raw });
    else lures.push(r);
  }
  return { lures, bad, fault: null, columns };
}

function readRow(
  row: Record<string, string>,
  names: ReadonlyMap<string, FamilyId>,
): NewLure | Pick<BadRow, 'fault' | 'had'> | Pick<BadRow, 'fault' | 'had' | 'near'> {
  const name = (row.name ?? '').trim();
  if (name === '') return { fault: 'no-name', had: '' };
  if (name.length > 60) return { fault: 'long-name', had: name };
  const { family, near } = familyNamed(row.family ?? '', names);
  if (!family) return { fault: 'unknown-family', had: (row.family ?? '').trim(), near };
  const f = familyById(family);
  const weightKg = measured(row, WEIGHTS) ?? f.weightKg[1];
  if (!within(weightKg, 0.0002, 0.5)) return { fault: 'bad-weight', had: anyOf(row, WEIGHTS) };
  const lengthM = measured(row, LENGTHS) ?? f.lengthM[1];
  if (!within(lengthM, 0.005, 0.5)) return { fault: 'bad-length', had: anyOf(row, LENGTHS) };
  const colour = plain(row.colour ?? row.color ?? '') || 'natural';
  if (!(COLOURS as readonly string[]).includes(colour))
    return { fault: 'bad-colour', had: row.colour ?? row.color ?? '' };
  const hook = plain(row.hook ?? '') || f.hook;
  if (!(HOOKS as readonly string[]).includes(hook)) return { fault: 'bad-hook', had: row.hook ?? '' };
  const price = measured(row, PRICES) ?? 0;
  if (!within(price, 0, 1_000_000)) return { fault: 'bad-price', had: anyOf(row, PRICES) };
  const count = numberIn(row.count) ?? 1;
  if (!within(count, 0, 10_000) || !Number.isInteger(count)) return { fault: 'bad-count', had: row.count ?? '' };
  const note = (row.note ?? '').trim();
  if (note.length > 500) return { fault: 'long-note', had: note };
  return {
    name,
    family,
    weightKg,
    lengthM,
    colour: colour as Colour,
    hook: hook as Hook,
    bare: f.soft && /^(1|yes|true|y)$/i.test((row.body_only ?? '').trim()),
    priceMinor: Math.round(price),
    count,
    note,
    favourite: /^(1|yes|true|y)$/i.test((row.favourite ?? row.favorite ?? '').trim()),
    retiredAtMs: null,
    lostAtMs: null,
  };
}

const COLUMNS = [
  'name',
  'family',
  'weight_kg',
  'length_m',
  'colour',
  'hook',
  'body_only',
  'price_minor',
  'count',
  'favourite',
  'note',
] as const;

/** Lures to a table in SI columns, with a first line that names them. */
export function writeBoxCsv(lures: readonly NewLure[]): string {
  return Papa.unparse({
    fields: [...COLUMNS],
    data: lures.map((l) => [
      asTextCell(l.name),
      l.family,
      Number(l.weightKg.toFixed(6)),
      Number(l.lengthM.toFixed(4)),
      l.colour,
      l.hook,
      l.bare ? 'yes' : '',
      l.priceMinor,
      l.count,
      l.favourite ? 'yes' : '',
      asTextCell(l.note),
    ]),
  });
}

/** The rows that could not be read, as they stood, to be mended and read again. */
export const writeBadRows = (file: BoxFile): string =>
  Papa.unparse({
    fields: file.columns,
    data: file.bad.map((b) => file.columns.map((c) => asTextCell(b.raw[c] ?? ''))),
  });
