/** A list of catches from a spreadsheet or another log, put into the log. */
import type { Named } from '../../core/exchange/catches/named';
import type { CatchField, Quantity } from '../../core/exchange/catches/fields';
import type { CatchLook } from '../../core/exchange/catches/look';
import type { Problem } from '../../core/base/problems';
import { counted } from '../count';
import { problemText } from '../problems';
import type { UnitPrefs } from '../units';

export const CATCHES_PAGE = {
  title: 'Catches from another log',
  sub: 'A table from a spreadsheet or another log becomes days of your log.',
  needs:
    'One line for each fish, saved as CSV, with the names of the columns in the first line. It must say the day and the lure; water, spot, fish, time, casts, length, weight, depth and notes are taken where it has them.',
  own: 'The tables that this app saves can be read too, as they are in their ZIP: days, casts and strikes, but not how a lure was worked nor what was read of the water.',
  blanks: 'Lines without a fish count too: days with nothing teach as much as days with fish.',
  file: 'The table',
  read: 'Read a table…',
  empty: 'Save an empty table to fill in',
  emptyFile: 'moss-kettle-catches.csv',
  reading: 'Reading the table…',
  working: 'Working out the days…',
  howFar: 'How far it is',
  stop: 'Stop reading',
  stopped: 'Stopped. Nothing was put in.',
  unreadable: 'This file could not be read as a table. Save it as CSV and try again. Nothing was put in.',
  tooBig: 'This file is too big: at most 20 MB are read. Nothing was put in.',
  noWater: 'Add a water in the Kit first: a day belongs to one.',
  columns: 'How its columns were read',
  asLast: 'Its columns were read as last time.',
  others: 'What else a column may tell',
  notTold: 'Not in the table',
  missing: (fields: readonly CatchField[]): string =>
    `Say which column tells ${fields.map((f) => WHICH[f] ?? FIELD_TEXT[f]).join(', and which ')}.`,
  unused: (names: readonly string[]): string => `Not used: ${names.join(', ')}.`,
  dates: (example: string): string => `Which number of “${example}” is the day?`,
  dayFirst: 'The first',
  monthFirst: 'The second',
  open: 'What the table leaves open',
  onWater: (n: number): string => `${counted(n, 'line names', 'lines name')} no water. Which was it?`,
  onFish: (n: number): string => `${counted(n, 'line names', 'lines name')} no fish. Which was it?`,
  casts: 'Casts on such a day, about',
  castsWhy: (n: number): string =>
    n > 0
      ? `The table does not say how many casts were made on the days of ${counted(n, 'line')}. A fish from ten casts says more than one from two hundred, so these days wait until you say about how many.`
      : 'For days of which the table does not say how many casts were made. They are shared out among the lures by their lines.',
  untold: 'not told',
  foundAs: (name: string, lines: number): string => `“${name}”, ${counted(lines, 'line')}: which is it?`,
  takenAs: (name: string, as: string): string => `“${name}” is ${as}`,
  another: 'Change it',
  changeName: (name: string): string => `“${name}”: change it`,
  moreNames: (n: number): string => `${counted(n, 'more name')}`,
  result: 'What would be put in',
  nothingNew: 'Nothing: all of its lines are in your log already.',
  nothing: 'Nothing yet.',
  known: (n: number): string =>
    `${counted(n, 'line is', 'lines are')} in your log already and ${n === 1 ? 'stays' : 'stay'} as ${n === 1 ? 'it is' : 'they are'}.`,
  left: (n: number): string => `${counted(n, 'line stays', 'lines stay')} out:`,
  moreLines: (n: number): string => `${counted(n, 'more line')}`,
  moreInFile: (n: number): string => `and ${counted(n, 'more line')}`,
  take: (days: number, fish: number): string => `Put in ${daysText(days)} with ${fishText(fish)}`,
  storing: ({ done, of }: { done: number; of: number }): string =>
    of > 1 ? `Storing it: ${Math.round((100 * done) / of)} %…` : 'Storing it…',
  halfTaken:
    'This device refused to store all of it. Some days are in your log: read the file again to go on, or take them out again.',
  outRefused: 'This device refused to take all of them out. Try again.',
  taken: (days: number, fish: number): string =>
    `${daysText(days)} with ${fishText(fish)} ${days === 1 ? 'is' : 'are'} in your log.`,
  refused: 'This device refused to store that. Nothing was put in.',
  takeOut: 'Take them out again',
  takenOut: 'They are out again.',
  diary: 'See them in the diary',
} as const;

const daysText = (n: number): string => counted(n, 'day');
const fishText = (n: number): string => (n === 0 ? 'no fish' : n === 1 ? 'one fish' : `${n} fish`);

export const FIELD_TEXT: Readonly<Record<CatchField, string>> = {
  date: 'Day',
  time: 'Time',
  water: 'Water',
  spot: 'Spot',
  fish: 'Fish',
  lure: 'Lure',
  kind: 'Kind of lure',
  what: 'What came of it',
  casts: 'Casts',
  length: 'Length',
  weight: 'Weight',
  depth: 'Depth',
  released: 'Released',
  note: 'Note',
};
/** What no list can do without. */
const WHICH: Readonly<Partial<Record<CatchField, string>>> = { date: 'the day', lure: 'the lure' };
export const NAMED_TEXT: Readonly<Record<Named, string>> = {
  water: 'Waters under other names',
  fish: 'Fish under other names',
  lure: 'Lures under other names',
};
export const UNIT_TEXT: Readonly<Record<string, string>> = {
  in: 'inches',
  cm: 'centimetres',
  mm: 'millimetres',
  m: 'metres',
  ft: 'feet',
  lb: 'pounds',
  oz: 'ounces',
  kg: 'kilograms',
  g: 'grams',
};
export const quantityText = (q: Quantity): string => `${FIELD_TEXT[q]} is in`;

/** A table with the names of its columns and no line yet, in the angler's units. */
export const emptyTable = (fields: readonly CatchField[], u: UnitPrefs): string => {
  const units: Partial<Record<CatchField, string>> = { length: u.size, weight: u.line, depth: u.depth };
  return `${fields.map((f) => (units[f] ? `${FIELD_TEXT[f]} (${units[f]})` : FIELD_TEXT[f])).join(',')}\r\n`;
};

/** A column's name as it is read aloud. */
export const columnText = (column: string): string => column.replaceAll('_', ' ');

/** “Day: caught on, such as 5/14/2025”. */
export function fieldText(field: CatchField, look: Pick<CatchLook, 'mapping' | 'examples'>): string {
  const column = look.mapping[field];
  if (column === undefined) return `${FIELD_TEXT[field]}: ${CATCHES_PAGE.notTold.toLowerCase()}`;
  const example = Object.hasOwn(look.examples, column) ? look.examples[column] : '';
  return `${FIELD_TEXT[field]}: ${columnText(column)}${example ? `, such as “${example}”` : ''}`;
}

/** “214 lines, from 2019-04-12 to 2025-10-03.” */
export function linesText({ lines, from, to }: Pick<CatchLook, 'lines' | 'from' | 'to'>): string {
  const span = from === null ? '' : from === to ? `, all of ${from}` : `, from ${from} to ${to}`;
  return `${counted(lines, 'line')}${span}.`;
}

/** “Line 5: expected a time, such as 6:30.” */
export const lineProblemText = (p: Problem): string => {
  const text = problemText(p);
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
};
