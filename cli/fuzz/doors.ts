/**
 * Every way in for a file or a document from elsewhere, and what must hold of whatever comes through it: nothing
 * thrown, nothing out of its range, nothing counted and gone, every refusal named.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { strToU8, zipSync } from 'fflate';
import type { Random } from '../../core/base/random';
import { exportBook, importBook, RECORD_IN_ZIP, storable } from '../../core/exchange/bookDocument';
import { readBoxCsv, writeBoxCsv, type BoxFile } from '../../core/exchange/boxCsv';
import { readBoxJson, writeBoxJson } from '../../core/exchange/boxJson';
import { lookAtCatches, type CatchChoices } from '../../core/exchange/catches/look';
import { ownTablesAsList, type OwnTables } from '../../core/exchange/catches/ownTables';
import { LIST_TABLES, logTableCsv, logTables, SI_LOG_UNITS } from '../../core/exchange/logTables';
import type { PlacesFile } from '../../core/exchange/places/found';
import { readGeoJson, writeGeoJson } from '../../core/exchange/places/geoJson';
import { mergePlaces } from '../../core/exchange/places/merge';
import { readGpx } from '../../core/exchange/places/readGpx';
import { writeGpx } from '../../core/exchange/places/writeGpx';
import { readReadingsCsv } from '../../core/exchange/readingsCsv';
import { readRecordZip } from '../../core/exchange/recordZip';
import { readTable } from '../../core/exchange/table';
import { anyWaters } from '../../core/fixtures/anyWater';
import { applyPuts, emptyBook, inUse, KINDS, put, RECORDS, recordsOf, type Book } from '../../core/records';
import { shoreFields, type Shore } from '../../core/records/shore';
import { spotFields } from '../../core/records/spot';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../../wording/readNames';
import { runVerb, VERBS } from '../verbs';
import { outOfRange } from './fit';
import { noise, spoiltJson, spoiltText } from './spoilt';

/** Refused whole, with a reason; taken with what was left out told; taken whole. */
export type Came = 'refused' | 'told' | 'whole';

export interface Door {
  name: string;
  /** Something that has gone wrong, for it. */
  next(random: Random): string | Uint8Array;
  /** Lets it in. Throws `Broken`, or whatever the door itself throws, where what must hold does not. */
  meet(given: string | Uint8Array): Came;
}

/** What must hold did not. */
export class Broken extends Error {}
const must = (holds: boolean, what: string): void => {
  if (!holds) throw new Broken(what);
};

const ROOT = path.resolve(__dirname, '../..');
const json = (file: string): unknown => JSON.parse(readFileSync(path.join(ROOT, file), 'utf8'));

const named = (problems: readonly { path: string; code: string }[]): void =>
  problems.forEach((p) => must(!!p.path && !!p.code, 'a problem that does not say where'));

/** What of a record is taken can be stored and read back; each row of it stands or is told. */
function meetRecord(text: string): Came {
  const { puts, problems } = importBook(text);
  named(problems);
  must(
    puts.every((p) => RECORDS[p.kind].schema.safeParse(p.data).success),
    'a record out of its shape',
  );
  must(storable(puts).problems.length === 0, 'a record that cannot be stored');
  const again = importBook(JSON.stringify(exportBook(applyPuts(emptyBook(), puts), '')));
  must(again.problems.length === 0, 'a record that does not come back as it went out');
  if (problems.some((p) => p.path === '(whole document)')) return 'refused';
  const rows = Object.entries((JSON.parse(text) as { records: Record<string, unknown> }).records).flatMap(([k, of]) =>
    Object.hasOwn(RECORDS, k) && Array.isArray(of) ? of.map((_, i) => `records.${k}[${i}]`) : [],
  );
  const bad = new Set(problems.map((p) => /^records\.\w+\[\d+\]/.exec(p.path)?.[0]));
  must(puts.length + rows.filter((r) => bad.has(r)).length === rows.length, 'a row counted and gone');
  return problems.length > 0 ? 'told' : 'whole';
}

function meetBox(file: BoxFile, rows: number | null): Came {
  for (const l of file.lures) {
    const lure = { ...l, id: 'lure-x', retiredAtMs: null };
    must(RECORDS.lure.schema.safeParse(lure).success, 'a lure out of its range');
  }
  if (file.fault) return 'refused';
  if (rows !== null) must(file.lures.length + file.bad.length === rows, 'a line counted and gone');
  return file.bad.length > 0 ? 'told' : 'whole';
}

function meetPlaces(file: PlacesFile, few: Book): Came {
  const merged = mergePlaces(file, { water: few.water, spot: few.spot, shore: few.shore }, Object.keys(few.water)[0]!);
  const taken = [...merged.fresh, ...merged.changed.map((c) => c.to)];
  must(
    taken.every((s) => spotFields().safeParse(s).success),
    'a spot out of its range',
  );
  must(
    merged.shores.every((s) => shoreFields().safeParse(s.to).success),
    'a shore out of its range',
  );
  const stood = taken.length + merged.shores.length + merged.same + merged.problems.length;
  must(stood === file.found.length + file.shores.length, 'a place counted and gone');
  if (file.refusal) return 'refused';
  return file.problems.length + merged.problems.length > 0 ? 'told' : 'whole';
}

const LOOK: CatchChoices = {
  units: { length: 'in', weight: 'lb', depth: 'ft' },
  order: 'month-first',
  waterId: null,
  species: 'largemouth-bass',
  castsADay: 50,
  kinds: FAMILY_OF_NAME,
  fishes: SPECIES_OF_NAME,
  nowMs: Date.UTC(2027, 0, 1),
};
function meetCatches(text: string, bare: Book): Came {
  const look = lookAtCatches(text, bare, LOOK);
  named(look.problems);
  must(
    look.puts.every((p) => RECORDS[p.kind].schema.safeParse(p.data).success),
    'a record out of its shape',
  );
  must(storable(look.puts).problems.length === 0, 'a record that cannot be stored');
  const blank = look.lines - look.puts.filter((p) => p.kind === 'event').length - look.problemCount;
  if (look.problems[0]?.code === 'no-columns') return 'refused';
  must(blank <= look.blanks, 'a line counted and gone');
  return look.problemCount > 0 ? 'told' : 'whole';
}

const rowsOf = (text: string): number | null => {
  try {
    const v: unknown = JSON.parse(text);
    return Array.isArray(v) ? v.length : null;
  } catch {
    return null;
  }
};

/** What is read as a text. */
const reader = (name: string, next: (random: Random) => string, meet: (text: string) => Came): Door => ({
  name,
  next,
  meet: (given) => meet(given as string),
});

/** A ZIP of a record with bytes changed, cut or put in; or of a record gone wrong. */
function spoiltZip(record: unknown, random: Random): Uint8Array {
  if (random() < 0.5) return zipSync({ [RECORD_IN_ZIP]: strToU8(spoiltJson(record, random)) }, { level: 1 });
  const whole = zipSync({ [RECORD_IN_ZIP]: strToU8(noise(random)), 'photos/a.jpg': strToU8('\u00ff') }, { level: 1 });
  const out = Uint8Array.from(whole);
  for (let n = 1 + Math.floor(6 * random()); n > 0; n--)
    out[Math.floor(out.length * random())] = Math.floor(256 * random());
  return random() < 0.3 ? out.slice(0, Math.floor(out.length * random())) : out;
}

/** The ways in for files, with what is in this record as what has gone wrong. */
export function fileDoors(world: Book): readonly Door[] {
  /** A few of every kind: short enough for many turns. */
  const few = applyPuts(
    emptyBook(),
    KINDS.flatMap((k) =>
      recordsOf(world, k)
        .slice(0, 2)
        .map((data) => put(k, data as never)),
    ),
  );
  const bare: Book = { ...world, trip: {}, block: {}, event: new Map(), cast: new Map(), tombstone: {} };
  const record = exportBook(few, '2026-10-08T06:00:00.000Z');
  const someLure = Object.values(world.lure)[0]!.name;
  const someWater = Object.values(world.water)[0]!.name;
  const LIST = [
    'Date,Time,Lake,Spot,Species,Lure,Result,Casts,Length (in),Weight (lb),Released,Notes',
    `5/14/2025,6:30 am,${someWater},,largemouth bass,${someLure},caught,60,15.5,2.1,yes,"by the alders, early"`,
    `5/14/2025,7:10 am,${someWater},,largemouth bass,${someLure},lost,60,,,,`,
    `5/15/2025,9:00,${someWater},,bluegill,finesse jig,none,40,,,,`,
    `2025-06-02,,${someWater},,bluegill,spinnerbait,landed,25,7,0.4,no,=1+1`,
  ].join('\r\n');
  const tables = Object.fromEntries(logTables(few, SI_LOG_UNITS).map((t) => [t.name, logTableCsv(t)]));
  const lures = inUse(world.lure).slice(0, 6);
  const boxCsv = writeBoxCsv(lures);
  const boxJson: unknown = JSON.parse(writeBoxJson(lures));
  const READINGS = 'time,water_temp_c\n2026-05-14T06:00:00-05:00,14.2\n2026-05-14T07:00:00-05:00,14.4\n';
  const bank: Shore = {
    id: 'shore-1',
    waterId: Object.keys(few.water)[0]!,
    name: 'North bank',
    points: Array.from({ length: 8 }, (_, i) => ({ latDeg: 45 + i / 900, lonDeg: -75 - (i % 5) / 900 })),
    closed: false,
    depthM: null,
    retiredAtMs: null,
  };
  const places = { spots: inUse(world.spot), shores: [bank] };
  const gpx = writeGpx(places, (id) => id);
  const geoJson: unknown = JSON.parse(writeGeoJson(places, (id) => id));
  return [
    reader('a record', (r) => spoiltJson(record, r), meetRecord),
    {
      name: 'a record in a ZIP',
      next: (r) => spoiltZip(record, r),
      meet: (given) => {
        let text: string | null;
        try {
          ({ text } = readRecordZip(given as Uint8Array));
        } catch {
          // As it promises: what is no ZIP is refused by throwing, and told by who asked.
          return 'refused';
        }
        return text === null ? 'refused' : meetRecord(text);
      },
    },
    reader(
      'the box as a table',
      (r) => spoiltText(boxCsv, r),
      (t) => meetBox(readBoxCsv(t, FAMILY_OF_NAME), readTable(t).rows.length),
    ),
    reader(
      'the box as a document',
      (r) => spoiltJson(boxJson, r),
      (t) => meetBox(readBoxJson(t), rowsOf(t)),
    ),
    reader(
      'readings of a station',
      (r) => spoiltText(READINGS, r),
      (t) => {
        const { points, problems } = readReadingsCsv(t);
        named(problems);
        must(
          points.every((p) => Number.isFinite(p.atMs) && p.tempC >= -2 && p.tempC <= 40),
          'a reading out of range',
        );
        return points.length === 0 ? 'refused' : problems.length > 0 ? 'told' : 'whole';
      },
    ),
    reader(
      'a list of catches',
      (r) => spoiltText(LIST, r),
      (t) => meetCatches(t, bare),
    ),
    reader(
      'the log’s own tables',
      (r) => ownTablesAsList(Object.fromEntries(LIST_TABLES.map((t) => [t, spoiltText(tables[t]!, r)])) as OwnTables),
      (t) => meetCatches(t, bare),
    ),
    reader(
      'spots and shores as GPX',
      (r) => spoiltText(gpx, r),
      (t) => meetPlaces(readGpx(t), few),
    ),
    reader(
      'spots and shores as GeoJSON',
      (r) => spoiltJson(geoJson, r),
      (t) => meetPlaces(readGeoJson(t), few),
    ),
  ];
}

/** Asked with all that takes seconds, such a share of the times; else so that an answer takes some hundredths. */
const LONG_SHARE = 0.02;

/** What each verb is asked before it goes wrong: its example, and what the example leaves out. */
function askedOf(verb: string): { short: unknown[]; long: unknown[] } {
  const example = json(`docs/examples/${verb}.json`) as object;
  const next = anyWaters(7);
  const waters = Array.from({ length: 12 }, () => next());
  if (verb === 'rank') {
    // A season of trials is ranked by the table of holds; without one, casts are simulated for the head of the ranking.
    const short = waters.map((w) => ({ ...example, ...w }));
    return { short: [example, ...short], long: [...waters, { ...example, trial: undefined }] };
  }
  if (verb === 'plan') {
    // All set by hand and a short cast: one retrieve to work out instead of some hundreds.
    const set = { castM: 8, countdownS: 0, turnsPerS: 0.6, tip: 'up', pauseS: 0.5 };
    const quick = ['popper', 'spinnerbait', 'hollow-frog', 'buzzbait'].map((family) => ({ lure: { family }, set }));
    return { short: quick.map((q) => ({ ...example, ...q })), long: [example, { ...example, set }] };
  }
  const asked: unknown[] = [example];
  if (verb === 'mood') asked.push(...waters);
  if (verb === 'simulate') {
    const kinds = new Map(
      (json('core/fixtures/physics.json') as { given: { kind: string } }[]).map((c) => [c.given.kind, c.given]),
    );
    asked.push(...kinds.values());
  }
  if (verb === 'export') asked.push({ ...example, format: 'gpx' }, { ...example, format: 'geojson' });
  return { short: asked, long: [] };
}

function verbDoor(name: string): Door {
  const asked = askedOf(name);
  return reader(
    name,
    (r) => {
      const from = asked.long.length > 0 && r() < LONG_SHARE ? asked.long : asked.short;
      return spoiltJson(from[Math.floor(from.length * r())], r);
    },
    (text) => {
      let input: unknown;
      try {
        input = JSON.parse(text);
      } catch {
        return 'refused';
      }
      const answer = runVerb(VERBS[name]!, input);
      if (!answer.ok) {
        must(answer.problems.length > 0, 'refused without a reason');
        named(answer.problems);
        return 'refused';
      }
      const off = outOfRange(answer.value);
      must(off === null, `a number out of range: ${off}`);
      return 'whole';
    },
  );
}

/** Verbs that simulate: each answer takes up to some seconds. */
export const HEAVY_VERBS: ReadonlySet<string> = new Set(['rank', 'plan', 'simulate']);

export const VERB_DOORS: readonly Door[] = Object.keys(VERBS).map(verbDoor);
