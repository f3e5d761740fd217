/**
 * The log's own tables as a list of catches, so that they can be read in on another device: each strike a line, each
 * block without one a line too, with the casts of its day, lure and spot. How a lure was worked and what was read of
 * the water are not in such a list; the record's own file has them.
 */
import Papa from 'papaparse';
import type { LIST_TABLES } from '../logTables';
import { numberIn, readTable, type TableRow } from '../table';
import { MAX_CASTS } from './fields';

export type OwnTables = Record<(typeof LIST_TABLES)[number], string>;

type Cells = TableRow['cells'];

/** A list with a head line; quantities keep the units that their columns name. */
export function ownTablesAsList(tables: OwnTables): string {
  const read = (of: keyof OwnTables): { columns: readonly string[]; rows: Cells[] } => {
    const { columns, rows } = readTable(tables[of]);
    return { columns, rows: rows.filter((r) => r.fault === null).map((r) => r.cells) };
  };
  const [trips, blocks, events, fish] = [read('trips'), read('blocks'), read('events'), read('fish')];
  const by = (rows: readonly Cells[], key: string): ReadonlyMap<string, Cells> =>
    new Map(rows.map((r) => [r[key] ?? '', r]));
  const tripOf = by(trips.rows, 'trip_id');
  const blockOf = by(blocks.rows, 'block_id');
  const fishOf = by(fish.rows, 'event_id');
  /** A column by its beginning: its end is the unit. */
  const called = (columns: readonly string[], name: string): string =>
    columns.find((c) => c.startsWith(`${name}_`)) ?? name;
  const [depth, length, weight] = [
    called(events.columns, 'depth'),
    called(fish.columns, 'length'),
    called(fish.columns, 'weight'),
  ];
  // Blocks of one lure at one spot are one in a list: their casts are told together.
  const oneOf = (b: Cells): string => [b.trip_id, b.lure, b.lure_kind, b.spot].join('\u0000');
  const casts = new Map<string, number>();
  for (const b of blocks.rows) casts.set(oneOf(b), (casts.get(oneOf(b)) ?? 0) + (numberIn(b.casts ?? '') ?? 0));
  const line = (b: Cells, at: string, e: Cells | null): Record<string, string> => {
    const trip = tripOf.get(b.trip_id ?? '');
    const caught = fishOf.get(e?.event_id ?? '');
    const [date = '', time = ''] = at.split('T');
    return {
      date,
      time: time.slice(0, 5),
      water: trip?.water ?? '',
      spot: b.spot ?? '',
      fish: trip?.fish ?? '',
      lure: b.lure ?? '',
      lure_kind: b.lure_kind ?? '',
      what: e?.what ?? 'none',
      casts: String(Math.min(MAX_CASTS, casts.get(oneOf(b)) ?? 0)),
      [depth]: e?.[depth] ?? '',
      [length]: caught?.[length] ?? '',
      [weight]: caught?.[weight] ?? '',
      released: caught?.released ?? '',
      note: e?.note ?? '',
    };
  };
  const struck = new Set(events.rows.map((e) => e.block_id));
  const lines = [
    ...events.rows.flatMap((e) => {
      const b = blockOf.get(e.block_id ?? '');
      return b ? [line(b, e.at ?? '', e)] : [];
    }),
    ...blocks.rows.filter((b) => !struck.has(b.block_id)).map((b) => line(b, b.started_at ?? '', null)),
  ];
  return `${Papa.unparse({ fields: Object.keys(line({}, '', null)), data: lines }, { newline: '\r\n' })}\r\n`;
}
