/** A list of catches from elsewhere: read with its problems by line, and as days that are put in once. */
import { buildDemoWorld } from '../../../demo/world';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../../../wording/readNames';
import { IMPERIAL } from '../../../wording/units';
import { ownLogUnits } from '../../../wording/logTables';
import { seededRandom } from '../../base/random';
import { tallyTrip } from '../../log/tally';
import { applyPuts, emptyBook, RECORDS, recordsOf, standing, tripsOf, type Book, type Put } from '../../records';
import { logTableCsv, logTables, SI_LOG_UNITS } from '../logTables';
import { comparedWith, daysOfCatches } from './days';
import type { CatchUnits } from './fields';
import { inBatches, keptAs, takeOutPuts, toldOfCatches } from './kept';
import { lookAtCatches, type CatchChoices } from './look';
import type { CatchDays } from './named';
import { ownTablesAsList, type OwnTables } from './ownTables';
import { readCatches, type CatchReading } from './read';

const world: Book = applyPuts(emptyBook(), buildDemoWorld(0));
const US: CatchUnits = { length: 'in', weight: 'lb', depth: 'ft' };
const READING: CatchReading = { units: US, order: 'month-first' };
const HOW: CatchDays = {
  waterId: null,
  species: null,
  castsADay: null,
  kinds: FAMILY_OF_NAME,
  fishes: SPECIES_OF_NAME,
  nowMs: Date.UTC(2026, 9, 8),
};
const water = Object.values(world.water)[0]!;
const lure = Object.values(world.lure)[0]!;

const list = (...lines: string[]): string =>
  ['Date,Time,Lake,Species,Lure,Result,Casts,Length (in),Notes', ...lines].join('\r\n');
const LINES = [
  `5/14/2025,6:30 am,${water.name},largemouth bass,${lure.name},caught,60,15.5,by the alders`,
  `5/14/2025,7:10 am,${water.name},largemouth bass,${lure.name},lost,60,,`,
  `5/14/2025,9:00,${water.name},Largemouth Bass,spinnerbait,none,40,,`,
  `2025-06-02,,${water.name.toUpperCase()},bluegill,finesse jig,landed,25,7,`,
];
const put = (text: string, book: Book, how: Partial<CatchDays> = {}) =>
  daysOfCatches(readCatches(text, READING).rows, book, { ...HOW, ...how });

test('a list becomes days with their casts, strikes and lengths, each record as its reader takes it', () => {
  const { rows, problems } = readCatches(list(...LINES), READING);
  expect(problems).toEqual([]);
  expect(rows.map((r) => r.lengthM)).toEqual([expect.closeTo(0.3937, 9), null, null, expect.closeTo(0.1778, 9)]);
  const found = daysOfCatches(rows, world, HOW);
  expect(found).toMatchObject({ days: 2, fish: 2, known: 0, problems: [] });
  expect(found.puts.every((p) => RECORDS[p.kind].schema.safeParse(p.data).success)).toBe(true);
  const book = applyPuts(world, found.puts);
  const trip = Object.values(book.trip).find((t) => !(t.id in world.trip) && t.species === 'largemouth-bass')!;
  expect(tallyTrip(book, trip.id, HOW.nowMs)).toMatchObject({ casts: 100, strikes: 2, hooked: 2, landed: 1 });
  const landed = recordsOf(book, 'event').find((e) => e.note === 'by the alders')!;
  expect(
    new Date(landed.atMs).toLocaleString('en-US', { timeZone: water.zone, hour: '2-digit', minute: '2-digit' }),
  ).toBe('06:30 AM');
  expect(trip.startedAtMs).toBeLessThan(landed.atMs);
});

test('put in twice it changes nothing; a line more is one event more; a day of one’s own is left alone', () => {
  const book = applyPuts(world, put(list(...LINES), world).puts);
  expect(put(list(...LINES), book)).toMatchObject({ puts: [], days: 0, known: 4, problems: [] });
  const more = put(list(...LINES, `5/14/2025,8:00,${water.name},largemouth bass,${lure.name},caught,60,12,`), book);
  expect(more.puts.map((p) => p.kind)).toEqual(['event']);
  const added = more.puts[0]!.data as { seq: number; blockId: string };
  const there = recordsOf(book, 'event').filter((e) => e.blockId === added.blockId);
  expect(there.every((e) => e.seq < added.seq)).toBe(true);
  const [own] = Object.values(world.trip).filter((t) => t.waterId === water.id);
  const day = new Date(own!.startedAtMs).toLocaleDateString('en-US', { timeZone: water.zone });
  expect(
    put(list(`${day},8:00,${water.name},largemouth bass,${lure.name},caught,60,12,`), world, {
      nowMs: Date.UTC(2030, 0, 1),
    }),
  ).toMatchObject({
    puts: [],
    problems: [{ code: 'day-in-log', path: 'line 2' }],
  });
});

test('what cannot be read is named by its line; what is not told is asked for, never made up', () => {
  const { rows, problems } = readCatches(
    list(
      'never,,a,b,c,caught,1,,',
      `5/14/2025,25:00,a,b,c,caught,1,,`,
      `5/14/2025,,a,b,,caught,1,,`,
      `5/14/2025,,a,b,c,eaten,1,,`,
      `5/14/2025,,a,b,c,caught,1.5,,`,
      `5/14/2025,,a,b,c,caught,1,900,`,
      LINES[3]!,
    ),
    READING,
  );
  expect(rows).toHaveLength(1);
  expect(problems.map((p) => `${p.path} ${p.code}`)).toEqual([
    'line 2 bad-date',
    'line 3 bad-time',
    'line 4 no-lure',
    'line 5 unknown-outcome',
    'line 6 bad-casts',
    'line 7 bad-length',
  ]);
  expect(readCatches('a,b\n1,2', READING).problems).toMatchObject([{ code: 'no-columns' }]);
  const odd = put(
    list(
      `5/14/2025,,Nowhere,bluegill,spinnerbait,caught,9,,`,
      `5/14/2025,,${water.name},kraken,spinnerbait,caught,9,,`,
      `5/14/2025,,${water.name},bluegill,old boot,caught,9,,`,
      `5/14/2027,,${water.name},bluegill,spinnerbait,caught,9,,`,
    ),
    world,
  );
  expect(odd.problems.map((p) => p.code)).toEqual(['unknown-water', 'unknown-fish', 'unknown-lure', 'to-come']);
  const bare = `Date,Lure,Length\n2025-05-14,spinnerbait,15\n2025-05-14,old boot,12`;
  const usual = { waterId: water.id, species: 'largemouth-bass', aliases: { lure: { 'old boot': lure.id } } } as const;
  expect(put(bare, world, usual).problems.map((p) => p.code)).toEqual(['no-casts', 'no-casts']);
  const taken = put(bare, world, { ...usual, castsADay: 80 });
  expect(taken).toMatchObject({ days: 1, fish: 2, problems: [] });
  expect(taken.puts.flatMap((p) => (p.kind === 'cast' ? [(p.data as { count: number }).count] : []))).toEqual([40, 40]);
});

test('how far it is, told as whole per cents that only grow', () => {
  const days = Array.from(
    { length: 28 },
    (_, i) => `2/${i + 1}/2025,,${water.name},largemouth bass,${lure.name},caught,20,,`,
  );
  const heard: number[] = [];
  lookAtCatches(list(...days), world, choices(), (percent) => heard.push(percent));
  expect(heard.length).toBeGreaterThan(20);
  expect(heard.every((x, i) => Number.isInteger(x) && x < 100 && (i === 0 || x > heard[i - 1]!))).toBe(true);
  expect(heard.at(-1)).toBeGreaterThan(90);
});

const choices = (how: Partial<CatchChoices> = {}): CatchChoices => ({ ...READING, ...HOW, ...how });
test('looked at before it is taken: what it leaves open, what it calls otherwise, its days', () => {
  const text = list(
    `5/14/2025,6:30 am,${water.name},largemouth bass,${lure.name},caught,,15.5,`,
    `5/16/2025,,the mill pond,,old boot,caught,,,`,
    `5/15/2025,,The Mill Pond,bucketmouth,spinnerbait,caught,,,`,
  );
  const first = lookAtCatches(text, world, choices());
  expect(first).toMatchObject({
    lines: 3,
    days: 0,
    puts: [],
    silent: { water: 0, fish: 1 },
    names: {
      water: { unknown: [{ name: 'the mill pond', lines: 2 }], aliased: [] },
      fish: { unknown: [{ name: 'bucketmouth', lines: 1 }], aliased: [] },
      lure: { unknown: [{ name: 'old boot', lines: 1 }], aliased: [] },
    },
    castless: 1,
    problemCount: 3,
    from: '2025-05-14',
    to: '2025-05-16',
    examples: { date: '5/14/2025', casts: '' },
  });
  const aliases = {
    water: { 'the mill pond': water.id },
    fish: { bucketmouth: 'largemouth-bass' },
    lure: { 'old boot': 'casting-spoon' },
  };
  const told = choices({ aliases, species: 'bluegill', castsADay: 60 });
  // Of the aliases those are told that the list has a use for.
  const more = { ...told, aliases: { ...aliases, lure: { ...aliases.lure, 'another boot': 'jig' } } };
  expect(lookAtCatches(text, world, more)).toMatchObject({
    days: 3,
    fish: 3,
    problemCount: 0,
    castless: 0,
    names: { water: { unknown: [], aliased: ['the mill pond'] }, lure: { unknown: [], aliased: ['old boot'] } },
  });
  // As a worker is given the record: of its log only what came from a list.
  const book = applyPuts(world, lookAtCatches(text, world, told).puts);
  expect(recordsOf(comparedWith(book), 'event').length).toBe(3);
  expect(lookAtCatches(text, comparedWith(book), told)).toMatchObject({ days: 0, known: 3, puts: [] });
  expect(lookAtCatches('', world, choices())).toMatchObject({ lines: 0, from: null, problemCount: 1 });
});

test('taken out again: new days whole, a line more by itself; put in once more they come back', () => {
  const atMs = HOW.nowMs;
  const first = put(list(...LINES), world);
  const book = applyPuts(world, first.puts);
  const more = put(list(...LINES, `5/14/2025,8:00,${water.name},largemouth bass,${lure.name},caught,60,12,`), book);
  const then = applyPuts(book, more.puts);
  const one = takeOutPuts(then, more.puts, atMs);
  expect(one.map((p) => (p.data as { of: string }).of)).toEqual([more.puts[0]!.data.id]);
  const out = applyPuts(then, takeOutPuts(then, first.puts, atMs));
  expect(tripsOf(out).length).toBe(tripsOf(world).length);
  const again = put(list(...LINES), out);
  expect(again).toMatchObject({ days: 2, known: 4 });
  const back = applyPuts(out, again.puts);
  expect(tripsOf(back).length).toBe(tripsOf(world).length + 2);
  const outAgain = applyPuts(back, takeOutPuts(back, again.puts, atMs));
  expect(tripsOf(outAgain).length).toBe(tripsOf(world).length);
});

test('a long list goes in by parts of whole days; nothing is left out or doubled', () => {
  const days = Array.from({ length: 40 }, (_, i) => `2025-06-${String(1 + (i % 28)).padStart(2, '0')}`);
  const lines = days.map(
    (d, i) => `${d},${6 + (i % 3)}:00,${water.name},bluegill,finesse jig,caught,30,${6 + (i % 5)},`,
  );
  const { puts } = put(list(...lines), world);
  const parts = inBatches(puts, 10);
  expect(parts.length).toBeGreaterThan(5);
  expect(parts.flat()).toEqual(puts);
  for (const part of parts) expect(part[0]!.kind).toBe('trip');
  // Strikes alone, where their days are there already.
  const events = puts.filter((p) => p.kind === 'event');
  const alone = inBatches(events, 5);
  expect(alone.flat()).toEqual(events);
  expect(Math.max(...alone.map((p) => p.length))).toBeLessThanOrEqual(10);
  expect(inBatches([], 10)).toEqual([]);
});

test('another fish on a day that came from a list is no day of one’s own', () => {
  const book = applyPuts(world, put(list(...LINES), world).puts);
  const other = put(list(`5/14/2025,8:00,${water.name},bluegill,finesse jig,caught,30,7,`), book);
  expect(other).toMatchObject({ days: 1, fish: 1, problems: [] });
});

test.each([
  ['SI', SI_LOG_UNITS],
  ['the angler’s own units', ownLogUnits(IMPERIAL)],
])('the log’s own tables in %s, read in where no day is: the same days, casts and strikes', (_, units) => {
  const tables = Object.fromEntries(logTables(world, units).map((t) => [t.name, logTableCsv(t, true)]));
  const text = ownTablesAsList(tables as unknown as OwnTables);
  const bare = { ...world, trip: {}, block: {}, event: new Map(), cast: new Map(), tombstone: {} };
  const found = lookAtCatches(text, bare, choices());
  expect(found.problems).toEqual([]);
  expect(found.days).toBe(new Set(Object.values(world.block).map((b) => b.tripId)).size);
  const back = applyPuts(bare, found.puts);
  expect(found.puts.every((p) => RECORDS[p.kind].schema.safeParse(p.data).success)).toBe(true);
  const strikes = (b: Book): string[] =>
    standing(b, 'event')
      .map((e) => {
        const block = b.block[e.blockId]!;
        const lengthCm = e.lengthM === null ? '' : Math.round(e.lengthM * 100);
        const { lureName } = block.presentation;
        return [b.trip[block.tripId]!.waterId, lureName, e.kind, lengthCm, e.note, Math.round(e.atMs / 3.6e6)].join(
          '|',
        );
      })
      .sort();
  expect(strikes(back)).toEqual(strikes(world));
  const casts = (b: Book): number => standing(b, 'cast').reduce((n, c) => n + c.count, 0);
  expect(casts(back)).toBe(casts(world));
  // A log without a day yet is a table without a line.
  const none = Object.fromEntries(logTables(bare, units).map((t) => [t.name, logTableCsv(t)]));
  const empty = lookAtCatches(ownTablesAsList(none as unknown as OwnTables), bare, choices());
  expect(empty).toMatchObject({ lines: 0, problems: [] });
  // Where they came from, they are days of one's own: nothing is put in.
  expect(lookAtCatches(text, world, choices()).puts).toEqual([]);
});

test('what was told is kept for the same columns, and read back only if it is whole', () => {
  expect(keptAs(['a', 'b'])).toBe(keptAs(['a', 'b']));
  expect(keptAs(['a', 'b'])).not.toBe(keptAs(['b', 'a']));
  const kept = {
    units: US,
    order: 'day-first',
    waterId: null,
    species: null,
    castsADay: 80,
    aliases: { lure: { boot: 'jig' } },
    mapping: { date: 'when' },
  };
  expect(toldOfCatches.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
  for (const bad of [null, {}, { ...kept, castsADay: -1 }, { ...kept, aliases: { boat: {} } }])
    expect(toldOfCatches.safeParse(bad).success).toBe(false);
});

test('a hundred spoilt lists: never a crash, every record as its reader takes it, every line counted (seed 19)', () => {
  const random = seededRandom(19);
  const good = list(...LINES);
  const odd = [
    '"',
    ',',
    '\n',
    '\r\n',
    '=1+1',
    '__proto__',
    'constructor',
    '1e400',
    '−5',
    '\u0000',
    '5/14/2025',
    'ﬁ',
    '99999',
  ];
  for (let n = 0; n < 100; n++) {
    let text = good;
    for (let k = 0; k < 1 + Math.floor(6 * random()); k++) {
      const at = Math.floor(random() * text.length);
      text = text.slice(0, at) + odd[Math.floor(random() * odd.length)]! + text.slice(at + Math.floor(4 * random()));
    }
    const { rows, problems } = readCatches(text, READING);
    expect(problems.every((p) => /^line \d+$/.test(p.path))).toBe(true);
    const found = daysOfCatches(rows, world, { ...HOW, castsADay: 50 });
    const bad = found.puts.filter((p: Put) => !RECORDS[p.kind].schema.safeParse(p.data).success);
    expect(bad).toEqual([]);
    const events = found.puts.filter((p) => p.kind === 'event').length;
    const blank = rows.filter((r) => r.what === 'nothing').length;
    expect(events + found.problems.length).toBeGreaterThanOrEqual(rows.length - blank);
  }
});
