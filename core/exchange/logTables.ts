/**
 * The log as tidy tables (RFC 4180): trips, blocks, events, fish, photos, each line with its own stable id and the ids
 * of what it belongs to, and a description of every column (a Data Package). Quantities in the units that are asked,
 * named in the column; times as ISO 8601 with the offset of the water's zone. What was taken back is left out.
 */
import Papa from 'papaparse';
import { offsetMs } from '../base/zone';
import { roundTo } from '../base/numbers';
import { photoFile, photosOf } from '../log/photos';
import { standing, takenBack, tripsOf, type Book } from '../records';
import { asTextCell } from './table';

/** Kinds of quantity in the log. */
export const LOG_QUANTITIES = ['depth', 'distance', 'size', 'weight', 'temp', 'fishWeight'] as const;
export type LogQuantity = (typeof LOG_QUANTITIES)[number];
/** How a quantity is written: the end of its column's name, its unit's symbol, and its number from SI. */
export type LogUnits = Record<
  LogQuantity,
  { suffix: string; unit: string; of: (si: number) => number; digits?: number }
>;

export const SI_LOG_UNITS: LogUnits = {
  depth: { suffix: 'm', unit: 'm', of: (m) => m },
  distance: { suffix: 'm', unit: 'm', of: (m) => m },
  size: { suffix: 'm', unit: 'm', of: (m) => m },
  weight: { suffix: 'kg', unit: 'kg', of: (kg) => kg },
  temp: { suffix: 'c', unit: '°C', of: (c) => c },
  fishWeight: { suffix: 'kg', unit: 'kg', of: (kg) => kg },
};

type Cell = string | number | boolean | null;
interface Column<T> {
  name: string;
  title: string;
  /** A quantity's kind; otherwise what its cells are. */
  is: LogQuantity | 'id' | 'text' | 'time' | 'integer' | 'number' | 'yes-no';
  of: (row: T) => Cell;
  /** The table that an id points to. */
  points?: TableName;
}
/** Those that make a list of catches again. */
export const LIST_TABLES = ['trips', 'blocks', 'events', 'fish'] as const;
export const LOG_TABLES = [...LIST_TABLES, 'photos'] as const;
type TableName = (typeof LOG_TABLES)[number];

/** A moment as ISO 8601 on the clock of a zone. */
export function isoAt(atMs: number, zone: string): string {
  const offset = Math.round(offsetMs(atMs, zone) / 60_000);
  const local = new Date(atMs + offset * 60_000).toISOString().replace(/\.\d+Z$/, '');
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${local}${offset < 0 ? '-' : '+'}${two(Math.floor(Math.abs(offset) / 60))}:${two(Math.abs(offset) % 60)}`;
}

/** Digits after the point unless a unit wants fewer; finer than any reading. */
const DIGITS = 6;

const QUANTITY: ReadonlySet<string> = new Set(LOG_QUANTITIES);
const isQuantity = (is: string): is is LogQuantity => QUANTITY.has(is);

interface Table {
  name: TableName;
  title: string;
  columns: { name: string; title: string; type: string; unit: string | null; points: TableName | null }[];
  rows: Cell[][];
}

function tableOf<T>(name: TableName, title: string, rows: readonly T[], columns: Column<T>[], units: LogUnits): Table {
  return {
    name,
    title,
    columns: columns.map((c) => {
      const u = isQuantity(c.is) ? units[c.is] : null;
      const type =
        u || c.is === 'number'
          ? 'number'
          : c.is === 'integer'
            ? 'integer'
            : c.is === 'time'
              ? 'datetime'
              : c.is === 'yes-no'
                ? 'boolean'
                : 'string';
      return {
        name: u ? `${c.name}_${u.suffix}` : c.name,
        title: c.title,
        type,
        unit: u?.unit ?? null,
        points: c.points ?? null,
      };
    }),
    rows: rows.map((r) =>
      columns.map((c) => {
        const v = c.of(r);
        return isQuantity(c.is) && typeof v === 'number' ? roundTo(units[c.is].of(v), units[c.is].digits ?? DIGITS) : v;
      }),
    ),
  };
}

/** The tables of a book. */
export function logTables(
  book: Pick<Book, 'trip' | 'block' | 'event' | 'cast' | 'photo' | 'tombstone' | 'water' | 'spot' | 'piece'>,
  units: LogUnits,
): Table[] {
  const trips = tripsOf(book);
  const gone = takenBack(book);
  const byTrip = new Map(trips.map((t) => [t.id, t]));
  const blocks = Object.values(book.block)
    .filter((b) => byTrip.has(b.tripId) && !gone.has(b.id))
    .sort((a, b) => a.startedAtMs - b.startedAtMs || a.seq - b.seq);
  const byBlock = new Map(blocks.map((b) => [b.id, b]));
  const casts = new Map<string, number>();
  for (const c of standing(book, 'cast')) casts.set(c.blockId, (casts.get(c.blockId) ?? 0) + c.count);
  const events = standing(book, 'event').filter((e) => byBlock.has(e.blockId));
  const zoneOf = (tripId: string): string => book.water[byTrip.get(tripId)?.waterId ?? '']?.zone ?? 'UTC';
  const time = (ms: number | null, tripId: string): string | null => (ms === null ? null : isoAt(ms, zoneOf(tripId)));
  const spotName = (id: string | null): string | null => (id === null ? null : (book.spot[id]?.name ?? null));
  const ofEvent = (e: (typeof events)[number]) => byBlock.get(e.blockId)!;
  const tripOf = (e: (typeof events)[number]) => byTrip.get(ofEvent(e).tripId)!;
  return [
    tableOf(
      'trips',
      'Days on the water',
      trips,
      [
        { name: 'trip_id', title: 'The day', is: 'id', of: (t) => t.id },
        { name: 'started_at', title: 'Begun', is: 'time', of: (t) => time(t.startedAtMs, t.id) },
        { name: 'ended_at', title: 'Ended', is: 'time', of: (t) => time(t.endedAtMs, t.id) },
        { name: 'water', title: 'Water', is: 'text', of: (t) => book.water[t.waterId]?.name ?? null },
        { name: 'fish', title: 'Fished for', is: 'text', of: (t) => t.species },
        { name: 'note', title: 'Note of the day', is: 'text', of: (t) => t.note },
      ],
      units,
    ),
    tableOf(
      'blocks',
      'Casts made with one lure, worked one way, in one water',
      blocks,
      [
        { name: 'block_id', title: 'The block', is: 'id', of: (b) => b.id },
        { name: 'trip_id', title: 'Its day', is: 'id', of: (b) => b.tripId, points: 'trips' },
        { name: 'started_at', title: 'Begun', is: 'time', of: (b) => time(b.startedAtMs, b.tripId) },
        { name: 'ended_at', title: 'Ended', is: 'time', of: (b) => time(b.endedAtMs, b.tripId) },
        { name: 'spot', title: 'Spot', is: 'text', of: (b) => spotName(b.spotId) },
        { name: 'casts', title: 'Casts', is: 'integer', of: (b) => casts.get(b.id) ?? 0 },
        { name: 'lure', title: 'Lure', is: 'text', of: (b) => b.presentation.lureName },
        { name: 'lure_kind', title: 'Kind of lure', is: 'text', of: (b) => b.presentation.rig.family },
        { name: 'lure_weight', title: 'Weight of the lure', is: 'weight', of: (b) => b.presentation.rig.weightKg },
        { name: 'lure_length', title: 'Length of the lure', is: 'size', of: (b) => b.presentation.rig.sizeM },
        { name: 'colour', title: 'Colour', is: 'text', of: (b) => b.presentation.rig.colour },
        { name: 'worked', title: 'How it was worked', is: 'text', of: (b) => b.presentation.style },
        { name: 'cast', title: 'Length of the cast', is: 'distance', of: (b) => b.presentation.castM },
        { name: 'count_down_s', title: 'Counted down, s', is: 'number', of: (b) => b.presentation.countdownS },
        { name: 'handle_turns_s', title: 'Handle turns a second', is: 'number', of: (b) => b.presentation.turnsPerS },
        {
          name: 'water_temp',
          title: 'Water at the surface',
          is: 'temp',
          of: (b) => b.conditions.water.surfaceTempC ?? null,
        },
        {
          name: 'clarity',
          title: 'How far one sees into it',
          is: 'depth',
          of: (b) => b.conditions.water.clarityM ?? null,
        },
        { name: 'water_depth', title: 'Depth of the water', is: 'depth', of: (b) => b.conditions.water.depthM ?? null },
        {
          name: 'expected_per_cast',
          title: 'Strikes a cast that were expected',
          is: 'number',
          of: (b) => b.expectedPerCast,
        },
      ],
      units,
    ),
    tableOf(
      'events',
      'What happened on a cast',
      events,
      [
        { name: 'event_id', title: 'The event', is: 'id', of: (e) => e.id },
        { name: 'block_id', title: 'Its block', is: 'id', of: (e) => e.blockId, points: 'blocks' },
        { name: 'trip_id', title: 'Its day', is: 'id', of: (e) => ofEvent(e).tripId, points: 'trips' },
        { name: 'at', title: 'When', is: 'time', of: (e) => time(e.atMs, ofEvent(e).tripId) },
        { name: 'what', title: 'What it was', is: 'text', of: (e) => e.kind },
        { name: 'phase', title: 'When in the retrieve', is: 'text', of: (e) => e.phase },
        { name: 'place', title: 'Where on the cover', is: 'text', of: (e) => e.place },
        { name: 'side', title: 'From which side of the lure', is: 'text', of: (e) => e.side },
        { name: 'depth', title: 'How deep', is: 'depth', of: (e) => e.depthM },
        {
          name: 'piece',
          title: 'Piece of cover that was thrown at',
          is: 'text',
          of: (e) => (e.at ? (book.piece[e.at.pieceId]?.name ?? null) : null),
        },
        { name: 'target', title: 'Which place of it', is: 'text', of: (e) => e.at?.target ?? null },
        { name: 'note', title: 'Note', is: 'text', of: (e) => e.note },
      ],
      units,
    ),
    tableOf(
      'fish',
      'Fish landed',
      events.filter((e) => e.kind === 'landed'),
      [
        { name: 'event_id', title: 'Its event', is: 'id', of: (e) => e.id, points: 'events' },
        { name: 'trip_id', title: 'Its day', is: 'id', of: (e) => ofEvent(e).tripId, points: 'trips' },
        { name: 'at', title: 'When', is: 'time', of: (e) => time(e.atMs, ofEvent(e).tripId) },
        { name: 'water', title: 'Water', is: 'text', of: (e) => book.water[tripOf(e).waterId]?.name ?? null },
        { name: 'spot', title: 'Spot', is: 'text', of: (e) => spotName(ofEvent(e).spotId) },
        { name: 'fish', title: 'Fished for', is: 'text', of: (e) => tripOf(e).species },
        { name: 'lure', title: 'Lure', is: 'text', of: (e) => ofEvent(e).presentation.lureName },
        { name: 'length', title: 'Length', is: 'size', of: (e) => e.lengthM },
        { name: 'weight', title: 'Weight', is: 'fishWeight', of: (e) => e.weightKg },
        { name: 'released', title: 'Let go', is: 'yes-no', of: (e) => e.released },
      ],
      units,
    ),
    tableOf(
      'photos',
      'Photos, each a file of its own',
      photosOf(
        book,
        events.map((e) => e.id),
      ),
      [
        { name: 'photo_id', title: 'The photo', is: 'id', of: (x) => x.id },
        { name: 'event_id', title: 'Its event', is: 'id', of: (x) => x.eventId, points: 'events' },
        { name: 'file', title: 'Where it lies', is: 'text', of: (x) => photoFile(x.id) },
        { name: 'width_px', title: 'Width in pixels', is: 'integer', of: (x) => x.widthPx },
        { name: 'height_px', title: 'Height in pixels', is: 'integer', of: (x) => x.heightPx },
      ],
      units,
    ),
  ];
}

/** A table as text; `bom`: with the mark by which some spreadsheets know their letters. */
export function logTableCsv(table: Table, bom = false): string {
  const cell = (v: Cell): string | number =>
    v === null ? '' : typeof v === 'string' ? asTextCell(v) : typeof v === 'boolean' ? String(v) : v;
  const text = Papa.unparse(
    { fields: table.columns.map((c) => c.name), data: table.rows.map((r) => r.map(cell)) },
    { newline: '\r\n' },
  );
  // Without lines the writer ends the head itself: one more end would be an empty line.
  return `${bom ? '\uFEFF' : ''}${text.replace(/\r\n$/, '')}\r\n`;
}

/** The description of the tables, for whoever reads them: what each column is, and what points where. */
export const logDescriptor = (tables: readonly Table[]): string =>
  JSON.stringify(
    {
      $schema: 'https://datapackage.org/profiles/2.0/datapackage.json',
      name: 'moss-kettle-log',
      title: 'Log of an angler',
      resources: tables.map((t) => ({
        name: t.name,
        title: t.title,
        type: 'table',
        path: `${t.name}.csv`,
        format: 'csv',
        mediatype: 'text/csv',
        encoding: 'utf-8',
        schema: {
          $schema: 'https://datapackage.org/profiles/2.0/tableschema.json',
          fields: t.columns.map((c) => ({
            name: c.name,
            title: c.title,
            type: c.type,
            ...(c.type === 'datetime' ? { format: 'any' } : {}),
            ...(c.unit ? { description: `In ${c.unit}.` } : {}),
          })),
          primaryKey: [t.columns[0]!.name],
          foreignKeys: t.columns
            .filter((c) => c.points !== null)
            .map((c) => ({ fields: [c.name], reference: { resource: c.points, fields: [c.name] } })),
        },
      })),
    },
    null,
    1,
  );
