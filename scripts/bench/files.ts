/** A long list of catches read and put in, the log written as tables: how long, and what memory it takes. */
import { readCatches } from '../../core/exchange/catches/read';
import { daysOfCatches } from '../../core/exchange/catches/days';
import type { CatchDays } from '../../core/exchange/catches/named';
import { lookAtCatches, type CatchChoices } from '../../core/exchange/catches/look';
import { ownTablesAsList, type OwnTables } from '../../core/exchange/catches/ownTables';
import { seededRandom, type Random } from '../../core/base/random';
import { broken } from '../../core/fixtures/anySpot';
import { LIST_TABLES, logTableCsv, logTables, SI_LOG_UNITS } from '../../core/exchange/logTables';
import { applyPuts, emptyBook, RECORDS, type Book } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../../wording/box';
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

const usedMB = (): number => {
  globalThis.gc?.();
  return process.memoryUsage().heapUsed / 1e6;
};
function timed<T>(work: () => T): { value: T; ms: number } {
  const from = performance.now();
  const value = work();
  return { value, ms: performance.now() - from };
}

const SEED = 20261130;
const MUTANTS = 10_000;
const SLOW_MS = 2000;
const READING = { units: { length: 'in', weight: 'lb', depth: 'ft' }, order: 'month-first' } as const;

/** Spoilt lists, and spoilt tables of the log's own, each looked at as the page does. */
function spoilt(world: Book): string {
  const water = Object.values(world.water)[0]!.name;
  const lure = Object.values(world.lure)[0]!.name;
  const list = [
    'Date,Time,Lake,Spot,Species,Lure,Result,Casts,Length (in),Weight (lb),Released,Notes',
    `5/14/2025,6:30 am,${water},,largemouth bass,${lure},caught,60,15.5,2.1,yes,"by the alders, early"`,
    `5/14/2025,7:10 am,${water},,largemouth bass,${lure},lost,60,,,,`,
    `5/15/2025,9:00,${water},,bluegill,finesse jig,none,40,,,,`,
    `2025-06-02,,${water},,bluegill,spinnerbait,landed,25,7,0.4,no,=1+1`,
  ].join('\r\n');
  const tables = Object.fromEntries(logTables(world, SI_LOG_UNITS).map((t) => [t.name, logTableCsv(t)]));
  const bare: Book = { ...world, trip: {}, block: {}, event: {}, cast: {}, tombstone: {} };
  const how: CatchChoices = { ...HOW, ...READING, castsADay: 50, nowMs: Date.UTC(2027, 0, 1) };
  const kinds: readonly [string, (random: Random) => string][] = [
    ['a list of catches', (random) => broken(list, random)],
    [
      'the log’s own tables',
      (random) =>
        ownTablesAsList(
          Object.fromEntries(LIST_TABLES.map((t) => [t, broken(tables[t]!.slice(0, 1500), random)])) as OwnTables,
        ),
    ],
  ];
  const rows = kinds.map(([name, mutant]) => {
    const random = seededRandom(SEED);
    const count = { thrown: 0, slow: 0, illegal: 0, gone: 0, refused: 0, told: 0, whole: 0 };
    for (let i = 0; i < MUTANTS; i++) {
      const began = performance.now();
      try {
        const look = lookAtCatches(mutant(random), bare, how);
        if (look.puts.some((p) => !RECORDS[p.kind].schema.safeParse(p.data).success)) count.illegal++;
        const events = look.puts.filter((p) => p.kind === 'event').length;
        const blank = look.lines - events - look.problemCount;
        // A line that is neither taken nor told must be one that says there was no fish.
        const refused = look.problems[0]?.code === 'no-columns';
        if (!refused && blank > look.blanks) count.gone++;
        if (refused) count.refused++;
        else if (look.problemCount > 0) count.told++;
        else count.whole++;
      } catch {
        count.thrown++;
      }
      if (performance.now() - began > SLOW_MS) count.slow++;
    }
    return [
      name,
      MUTANTS,
      count.thrown,
      count.slow,
      count.illegal,
      count.gone,
      count.refused,
      count.told,
      count.whole,
    ].map(String);
  });
  return table(
    [
      'what',
      'mutants',
      'thrown',
      'over 2 s',
      'taken and illegal',
      'counted and gone',
      'refused whole',
      'some left out, told',
      'read whole',
    ],
    rows,
  );
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

Mutants (one to four places of each changed, seed ${SEED}), each looked at as the page does:

${spoilt(world)}
`;
}
