/** A long list of catches read and put in, the log written as tables: how long, and what memory it takes. */
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { readCatches } from '../../core/exchange/catches/read';
import { daysOfCatches } from '../../core/exchange/catches/days';
import type { CatchDays } from '../../core/exchange/catches/named';
import { logTableCsv, logTables, SI_LOG_UNITS } from '../../core/exchange/logTables';
import { applyPuts, emptyBook, type Book } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../../wording/readNames';
import { table } from './report';

export const ROWS = 50_000;
const DAY_MS = 86_400_000;
/** Of each day so many lines, with so many lures. */
const A_DAY = 10;
const LURES = 3;

const HOW: CatchDays = {
  waterId: null,
  species: 'largemouth-bass',
  castsADay: null,
  kinds: FAMILY_OF_NAME,
  fishes: SPECIES_OF_NAME,
  nowMs: Date.UTC(2026, 9, 8),
};

setFlagsFromString('--expose-gc');
/** Away with what nobody holds: without it the figure says how much was thrown away. */
const collect = runInNewContext('gc') as () => void;
const usedMB = (): number => {
  collect();
  return process.memoryUsage().heapUsed / 1e6;
};
function timed<T>(work: () => T): { value: T; ms: number } {
  const from = performance.now();
  const value = work();
  return { value, ms: performance.now() - from };
}

/** A list of so many catches of the sample world's lures. */
export function longList(world: Book): string {
  const water = Object.values(world.water)[0]!.name;
  const lures = Object.values(world.lure).slice(0, LURES);
  return [
    'Date,Time,Lake,Species,Lure,Casts,Length (in)',
    ...Array.from({ length: ROWS }, (_, i) => {
      const day = new Date(Date.UTC(2010, 0, 1) + Math.floor(i / A_DAY) * DAY_MS).toISOString().slice(0, 10);
      return `${day},${6 + (i % A_DAY)}:${10 + (i % 50)},${water},largemouth bass,${lures[i % LURES]!.name},30,${10 + (i % 9)}`;
    }),
  ].join('\n');
}

export function filesBench(): string {
  const world = applyPuts(emptyBook(), buildDemoWorld(0));
  const text = longList(world);
  const before = usedMB();
  const read = timed(() =>
    readCatches(text, { units: { length: 'in', weight: 'lb', depth: 'ft' }, order: 'day-first' }),
  );
  const found = timed(() => daysOfCatches(read.value.rows, world, HOW));
  const book = applyPuts(world, found.value.puts);
  const again = timed(() => daysOfCatches(read.value.rows, book, HOW));
  const out = timed(() =>
    logTables(book, SI_LOG_UNITS)
      .map((t) => logTableCsv(t).length)
      .reduce((a, b) => a + b, 0),
  );
  const ms = (x: number): string => `${Math.round(x)} ms`;
  return `## Files of the log

A list of ${ROWS} catches (${found.value.days} days, ${LURES} lures a day) read, put into the sample world, put in once more, and the whole log written as tables; in this process, on one core.

${table(
  ['what', 'time', 'comes to'],
  [
    ['lines to rows', ms(read.ms), `${read.value.rows.length} rows, ${read.value.problems.length} problems`],
    ['rows to days of the log', ms(found.ms), `${found.value.puts.length} records`],
    ['the same list once more', ms(again.ms), `${again.value.puts.length} records`],
    ['the log to tables', ms(out.ms), `${(out.value / 1e6).toFixed(1)} MB`],
    ['memory held in the end', '', `${Math.round(usedMB() - before)} MB`],
  ],
)}
`;
}
