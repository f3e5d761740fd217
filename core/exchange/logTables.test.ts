/** The log as tables: each line stands for a record, points to what is there, and is inert in a spreadsheet. */
import Papa from 'papaparse';
import { buildDemoWorld } from '../../demo/world';
import { ownLogUnits } from '../../wording/logTables';
import { IMPERIAL, METRIC } from '../../wording/units';
import { applyPuts, emptyBook, put, standing, takeBackPuts, type Book } from '../records';
import { isoAt, LOG_TABLES, logDescriptor, logTableCsv, logTables, SI_LOG_UNITS } from './logTables';

const demo: Book = applyPuts(emptyBook(), buildDemoWorld(0));
const [one, two] = standing(demo, 'event');
const photo = (id: string, eventId: string) =>
  put('photo', { id, eventId, atMs: 1, widthPx: 1600, heightPx: 1200, bytes: 300_000 });
const book = applyPuts(demo, [photo('p1', one!.id), photo('p2', one!.id), photo('p3', two!.id)]);
const read = (b: Book, units = SI_LOG_UNITS) =>
  Object.fromEntries(
    logTables(b, units).map((t) => [
      t.name,
      Papa.parse<Record<string, string>>(logTableCsv(t), { header: true, skipEmptyLines: true }).data,
    ]),
  ) as Record<(typeof LOG_TABLES)[number], Record<string, string>[]>;

test('a line for each day, block, event and fish; ids are one each and point to what is there', () => {
  const t = read(book);
  expect(t.trips.length).toBe(Object.keys(book.trip).length);
  expect(t.blocks.length).toBe(Object.keys(book.block).length);
  expect(t.events.length).toBe(standing(book, 'event').length);
  expect(t.fish.length).toBe(standing(book, 'event').filter((e) => e.kind === 'landed').length);
  expect(t.fish.length).toBeGreaterThan(5);
  expect(t.photos.map((x) => x.event_id)).toEqual([one!.id, one!.id, two!.id]);
  const total = standing(book, 'cast').reduce((s, c) => s + c.count, 0);
  expect(t.blocks.reduce((s, b) => s + Number(b.casts), 0)).toBe(total);
  const descriptor = JSON.parse(logDescriptor(logTables(book, SI_LOG_UNITS))) as {
    resources: {
      name: (typeof LOG_TABLES)[number];
      schema: {
        fields: { name: string; type: string }[];
        primaryKey: string[];
        foreignKeys: { fields: string[]; reference: { resource: (typeof LOG_TABLES)[number]; fields: string[] } }[];
      };
    }[];
  };
  for (const { name, schema } of descriptor.resources) {
    const rows = t[name];
    expect(Object.keys(rows[0]!)).toEqual(schema.fields.map((f) => f.name));
    const [key] = schema.primaryKey;
    expect(new Set(rows.map((r) => r[key!])).size).toBe(rows.length);
    for (const { fields, reference } of schema.foreignKeys) {
      const there = new Set(t[reference.resource].map((r) => r[reference.fields[0]!]));
      for (const r of rows) expect(there.has(r[fields[0]!]!)).toBe(true);
    }
    // Every cell is of the type that is said.
    for (const r of rows)
      for (const f of schema.fields) {
        const v = r[f.name]!;
        if (v === '') continue;
        if (f.type === 'number') expect(v).toMatch(/^-?\d+(\.\d+)?(e-?\d+)?$/);
        if (f.type === 'integer') expect(v).toMatch(/^\d+$/);
        if (f.type === 'boolean') expect(v).toMatch(/^(true|false)$/);
        if (f.type === 'datetime') expect(v).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d[+-]\d\d:\d\d$/);
      }
  }
});

test('in the units that are asked, named in the head: the same quantity back to SI', () => {
  const si = read(book).blocks;
  const feet = read(book, ownLogUnits(IMPERIAL)).blocks;
  const metric = read(book, ownLogUnits(METRIC)).blocks;
  si.forEach((r, i) => {
    expect(Number(feet[i]!.cast_ft) * 0.3048).toBeCloseTo(Number(r.cast_m), 2);
    expect((Number(feet[i]!.water_temp_f) - 32) / 1.8).toBeCloseTo(Number(r.water_temp_c), 1);
    expect(Number(feet[i]!.lure_weight_oz) * 0.028349523).toBeCloseTo(Number(r.lure_weight_kg), 4);
    expect(Number(metric[i]!.lure_length_cm)).toBeCloseTo(Number(r.lure_length_m) * 100, 1);
  });
});

test('times are moments on the clock of the water, summer and winter', () => {
  const summer = Date.UTC(2026, 6, 4, 12);
  const winter = Date.UTC(2026, 0, 4, 12, 30, 5);
  expect(isoAt(summer, 'America/New_York')).toBe('2026-07-04T08:00:00-04:00');
  expect(isoAt(winter, 'America/New_York')).toBe('2026-01-04T07:30:05-05:00');
  expect(isoAt(winter, 'Asia/Kolkata')).toBe('2026-01-04T18:00:05+05:30');
  for (const zone of ['UTC', 'America/St_Johns', 'Pacific/Chatham'])
    expect(Date.parse(isoAt(summer, zone))).toBe(summer);
  const trip = Object.values(book.trip)[0]!;
  expect(read(book).trips.map((r) => Date.parse(r.started_at!))).toContain(trip.startedAtMs);
});

test('what was taken back is left out; a formula in a note is text, a quote and a line end come back', () => {
  const event = standing(book, 'event').find((e) => e.kind === 'landed')!;
  const gone = applyPuts(book, takeBackPuts(book, event.id, event.atMs + 1));
  expect(read(gone).fish.map((r) => r.event_id)).not.toContain(event.id);
  expect(read(gone).events.length).toBe(read(book).events.length - 1);
  const note = '=1+1, "quoted"\nand more';
  const noted = applyPuts(book, [put('event', { ...event, note })]);
  expect(read(noted).events.find((r) => r.event_id === event.id)!.note).toBe(`'${note}`);
  const [first] = logTables(noted, SI_LOG_UNITS);
  expect(logTableCsv(first!, true).startsWith('\uFEFFtrip_id,')).toBe(true);
  expect(logTableCsv(first!).startsWith('trip_id,')).toBe(true);
});
