/** The log's tables and their description, read by a package that is not ours: types, keys, what points where. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { buildDemoWorld } from '../../demo/world';
import { IMPERIAL } from '../../wording/units';
import { ownLogUnits } from '../../wording/logTables';
import { applyPuts, emptyBook, put, standing } from '../records';
import { logDescriptor, logTableCsv, logTables, SI_LOG_UNITS, type LogUnits } from './logTables';

type Row = Readonly<Record<string, unknown>>;
interface OutsidePackage {
  valid: boolean;
  errors: readonly Error[];
  resources: readonly { name: string; tabular: boolean; read: (how: object) => Promise<Row[]> }[];
}
const { Package } = jest.requireActual<{
  Package: { load: (descriptor: unknown, how: object) => Promise<OutsidePackage> };
}>('datapackage');

const demo = applyPuts(emptyBook(), buildDemoWorld(0));
const event = standing(demo, 'event').find((e) => e.kind === 'landed')!;
const noted = applyPuts(demo, [put('event', { ...event, note: '=1+1, "quoted"\nand more', released: true })]);
const photo = { id: 'a/b', eventId: event.id, atMs: event.atMs, widthPx: 1600, heightPx: 1200, bytes: 300_000 };
const book = applyPuts(noted, [put('photo', photo)]);

/** The package as it lies in a folder; `spoil` changes a table's text. */
async function inFolder<T>(
  units: LogUnits,
  then: (p: OutsidePackage) => Promise<T>,
  spoil = (s: string): string => s,
  of = book,
): Promise<T> {
  const folder = mkdtempSync(path.join(tmpdir(), 'log-'));
  try {
    const tables = logTables(of, units);
    for (const t of tables) writeFileSync(path.join(folder, `${t.name}.csv`), spoil(logTableCsv(t)));
    return await then(await Package.load(JSON.parse(logDescriptor(tables)), { basePath: folder }));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
const READ = { keyed: true, cast: true, relations: true };

test.each([
  ['SI', SI_LOG_UNITS],
  ['the angler’s own units', ownLogUnits(IMPERIAL)],
])('in %s: valid, every cell of its type, every id found where it points', async (_, units) => {
  const rows = await inFolder(units, async (p) => {
    expect(p.errors).toEqual([]);
    expect(p.valid).toBe(true);
    expect(p.resources.every((r) => r.tabular)).toBe(true);
    const all = p.resources.map(async (r) => [r.name, await r.read(READ)] as const);
    return Object.fromEntries(await Promise.all(all)) as Record<string, Row[]>;
  });
  expect(rows.trips!.length).toBe(Object.keys(book.trip).length);
  expect(rows.events!.length).toBe(standing(book, 'event').length);
  const landed = rows.fish!.find((r) => (r.event_id as Row).event_id === event.id)!;
  expect((landed.event_id as Row).note).toBe('\'=1+1, "quoted"\nand more');
  expect(landed.released).toBe(true);
  expect((landed.at as Date).getTime()).toBe(Math.floor(event.atMs / 1000) * 1000);
  expect(typeof rows.blocks![0]!.casts).toBe('number');
  expect(rows.photos).toMatchObject([{ photo_id: 'a/b', file: 'photos/a%2Fb.jpg', width_px: 1600, height_px: 1200 }]);
});

test('without photos, and without anything, the tables are valid too: a head and no line', async () => {
  for (const bare of [noted, emptyBook()])
    await inFolder(
      SI_LOG_UNITS,
      async (p) => {
        const rows = await Promise.all(p.resources.map((r) => r.read(READ)));
        expect([p.valid, rows.length, rows[4]]).toEqual([true, 5, []]);
      },
      undefined,
      bare,
    );
});

test('a word among the numbers, an id that points nowhere: the same reader refuses them', async () => {
  // All are read to their end before the folder goes.
  const refused = (spoil: (s: string) => string): Promise<boolean> =>
    inFolder(
      SI_LOG_UNITS,
      async (p) =>
        (await Promise.allSettled(p.resources.map((r) => r.read(READ)))).some((r) => r.status === 'rejected'),
      spoil,
    );
  const [first] = Object.values(book.block);
  expect(await refused((s) => s)).toBe(false);
  expect(await refused((s) => s.replace(/,\d+,Alder minnow/, ',many,Alder minnow'))).toBe(true);
  expect(await refused((s) => (s.startsWith('block_id') ? s.replaceAll(first!.id, 'elsewhere') : s))).toBe(true);
});
