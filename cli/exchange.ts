/** The record from and to open formats, without a screen. */
import { z } from 'zod';
import { importBook, exportBook } from '../core/exchange/bookDocument';
import { daysOfCatches } from '../core/exchange/catches/days';
import { castsADaySchema, mappingSchema, orderSchema, unitsSchema } from '../core/exchange/catches/kept';
import { readCatches } from '../core/exchange/catches/read';
import { LOG_TABLES, logDescriptor, logTableCsv, logTables, SI_LOG_UNITS } from '../core/exchange/logTables';
import { writeGeoJson } from '../core/exchange/places/geoJson';
import { writeGpx } from '../core/exchange/places/writeGpx';
import { applyPuts, emptyBook, inUse, type Book } from '../core/records';
import { SPECIES } from '../core/water/terms';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../wording/readNames';
import { ownLogUnits } from '../wording/logTables';
import { IMPERIAL, METRIC } from '../wording/units';

/** Any record document: what of it cannot be read is told with the answer. */
const recordSchema = z.looseObject({ format: z.string(), version: z.number() });
const bookOf = (record: unknown): { book: Book; problems: { path: string; text: string }[] } => {
  const { puts, problems } = importBook(JSON.stringify(record));
  return {
    book: applyPuts(emptyBook(), puts),
    problems: problems.map((p) => ({ path: p.path, text: `expected ${p.expected ?? p.code}` })),
  };
};

export const importSchema = z.strictObject({
  record: recordSchema,
  /** A list of catches with a head line. */
  csv: z.string().max(20_000_000),
  /** Which column tells what; absent: by their names. */
  mapping: mappingSchema.nullish(),
  /** Where the columns name none. */
  units: unitsSchema.nullish(),
  /** Where no date of the list tells. */
  dates: orderSchema.nullish(),
  /** The water and the fish of lines that name none, by its name. */
  water: z.string().nullish(),
  species: z.enum(SPECIES).nullish(),
  castsADay: castsADaySchema.nullish(),
  /** ISO 8601: later days are refused. */
  now: z.iso.datetime({ offset: true }),
});

const US = { length: 'in', weight: 'lb', depth: 'ft' } as const;

/** A list of catches put into a record: what was read, by which columns, and the record with its days. */
export function importVerb(d: z.infer<typeof importSchema>) {
  const { book, problems } = bookOf(d.record);
  const list = readCatches(d.csv, {
    ...(d.mapping ? { mapping: d.mapping } : {}),
    units: d.units ?? US,
    order: d.dates ?? 'month-first',
  });
  const named = (d.water ?? '').trim().toLowerCase();
  const found = daysOfCatches(list.rows, book, {
    waterId: inUse(book.water).find((w) => w.name.toLowerCase() === named)?.id ?? null,
    species: d.species ?? null,
    castsADay: d.castsADay ?? null,
    kinds: FAMILY_OF_NAME,
    fishes: SPECIES_OF_NAME,
    nowMs: Date.parse(d.now),
  });
  return {
    mapping: list.mapping,
    units: list.units,
    dates: list.order,
    datesTold: list.orderTold,
    days: found.days,
    fish: found.fish,
    known: found.known,
    problems: [
      ...problems,
      ...[...list.problems, ...found.problems].map((p) => ({ path: p.path, text: `expected ${p.expected ?? p.code}` })),
    ],
    record: exportBook(applyPuts(book, found.puts), d.now),
  };
}

export const exportSchema = z.strictObject({
  record: recordSchema,
  to: z.enum(['tables', 'gpx', 'geojson']),
  units: z.enum(['si', 'imperial', 'metric']).nullish(),
});

/** Files by their names: the log's tables with their description, or spots and shores with their positions. */
export function exportVerb({ record, to, units }: z.infer<typeof exportSchema>) {
  const { book, problems } = bookOf(record);
  const files: Record<string, string> = {};
  if (to === 'tables') {
    const tables = logTables(
      book,
      units === 'imperial' ? ownLogUnits(IMPERIAL) : units === 'metric' ? ownLogUnits(METRIC) : SI_LOG_UNITS,
    );
    for (const name of LOG_TABLES) files[`${name}.csv`] = logTableCsv(tables.find((t) => t.name === name)!);
    files['datapackage.json'] = logDescriptor(tables);
  } else {
    const out = { spots: inUse(book.spot), shores: inUse(book.shore) };
    const nameOf = (id: string): string => book.water[id]?.name ?? '';
    if (to === 'gpx') files['spots.gpx'] = writeGpx(out, nameOf);
    else files['spots.geojson'] = writeGeoJson(out, nameOf);
  }
  return { files, problems };
}
