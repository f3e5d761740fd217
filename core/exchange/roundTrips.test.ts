/**
 * What goes out comes back: records of every kind, whole books, the log's tables; and what a list cannot hold, named.
 */
import Papa from 'papaparse';
import { buildDemoWorld } from '../../demo/world';
import { memoryStore } from '../../data/memoryStore';
import { loadBook, savePuts } from '../../data/repository';
import { FAMILY_OF_NAME } from '../../wording/readNames';
import { seededRandom } from '../base/random';
import { anyRecord } from '../fixtures/anyRecord';
import {
  applyPuts,
  emptyBook,
  KINDS,
  put,
  RECORDS,
  recordsOf,
  standing,
  type Book,
  type Kind,
  type Put,
} from '../records';
import { decodeRecord, encodeRecord } from '../records/define';
import type { EventDetails, StrikeEvent } from '../records/event';
import { exportBook, importBook } from './bookDocument';
import { lookAtCatches } from './catches/look';
import { ownTablesAsList, type OwnTables } from './catches/ownTables';
import { logTableCsv, logTables, SI_LOG_UNITS } from './logTables';

const EACH = 60;

test.each(KINDS)('any %s: stored and read, out in a record’s file and back, it is the same', (kind: Kind) => {
  const random = seededRandom(KINDS.indexOf(kind) + 1);
  for (let n = 0; n < EACH; n++) {
    const data = anyRecord(kind, random);
    expect(data).not.toBeNull();
    const stored = decodeRecord(RECORDS[kind] as never, encodeRecord(RECORDS[kind] as never, data as never));
    expect(stored).toEqual({ ok: true, value: data });
    const book = applyPuts(emptyBook(), [put(kind, data as never)]);
    const file = JSON.stringify(exportBook(book, '2026-10-08T00:00:00Z'));
    expect(importBook(file)).toEqual({ puts: [put(kind, data as never)], problems: [] });
  }
});

test('any whole book: on a device and in a file, every record as it was', async () => {
  const random = seededRandom(7);
  for (let n = 0; n < 6; n++) {
    const puts: Put[] = KINDS.flatMap((kind) =>
      Array.from({ length: 8 }, () => put(kind, anyRecord(kind, random) as never)),
    );
    const book = applyPuts(emptyBook(), puts);
    const all = KINDS.flatMap((kind) => recordsOf(book, kind).map((data) => put(kind, data as never)));
    const read = importBook(JSON.stringify(exportBook(book, '2026-10-08T00:00:00Z')));
    expect(read.problems).toEqual([]);
    expect(applyPuts(emptyBook(), read.puts)).toEqual(book);
    const store = memoryStore();
    const { revision } = await loadBook(store);
    await savePuts(store, all, revision);
    const loaded = await loadBook(store);
    expect(loaded.quarantined).toEqual([]);
    expect(loaded.book).toEqual(book);
  }
});

const world = applyPuts(emptyBook(), buildDemoWorld(0));

/** The world with anything told of its events. */
function toldAnything(seed: number): Book {
  const random = seededRandom(seed);
  const gone = new Set(Object.values(world.tombstone).map((t) => t.of));
  const puts = recordsOf(world, 'event')
    .filter((e) => !gone.has(e.id))
    .map((e) => {
      const any = anyRecord('event', random) as StrikeEvent;
      const { id, blockId, seq, atMs } = e;
      return put('event', { ...any, id, blockId, seq, atMs, at: undefined, was: [] });
    });
  return applyPuts(world, puts);
}

test('the tables: every cell reads back as what it stands for, and none begins as a formula', () => {
  for (let seed = 1; seed <= 8; seed++) {
    const book = toldAnything(seed);
    for (const table of logTables(book, SI_LOG_UNITS)) {
      const { data } = Papa.parse<string[]>(logTableCsv(table).replace(/\r\n$/, ''), { skipEmptyLines: false });
      expect(data.slice(1)).toHaveLength(table.rows.length);
      table.rows.forEach((row, i) =>
        row.forEach((cell, k) => {
          const read = data[i + 1]![k]!;
          if (typeof cell === 'string') {
            expect(read).not.toMatch(/^[=+\-@\t\r]/);
            expect(read.startsWith("'") && read !== cell ? read.slice(1) : read).toBe(cell);
          } else expect(read).toBe(cell === null ? '' : String(cell));
        }),
      );
    }
  }
});

/**
 * What a list of catches has room for; the rest (where on the cover, from which side, when in the cast) is not in it.
 */
const KEPT = ['kind', 'lengthM', 'weightKg', 'released'] as const satisfies readonly (keyof EventDetails)[];

test('the tables as a list, put into a record without a day: as many of each, each as long and as heavy as it was', () => {
  for (let seed = 11; seed <= 14; seed++) {
    const book = toldAnything(seed);
    const tables = Object.fromEntries(logTables(book, SI_LOG_UNITS).map((t) => [t.name, logTableCsv(t)]));
    const bare: Book = { ...book, trip: {}, block: {}, event: new Map(), cast: new Map(), tombstone: {}, photo: {} };
    const look = lookAtCatches(ownTablesAsList(tables as unknown as OwnTables), bare, {
      waterId: null,
      species: null,
      castsADay: 50,
      kinds: FAMILY_OF_NAME,
      fishes: new Map(),
      units: { length: 'm', weight: 'kg', depth: 'm' },
      order: 'day-first',
      nowMs: Date.UTC(2030, 0, 1),
    } as never);
    const told = (e: Pick<StrikeEvent, (typeof KEPT)[number]>): string =>
      KEPT.map((k) => {
        const v = e.kind !== 'landed' && k !== 'kind' ? null : e[k];
        return typeof v === 'number' ? v.toFixed(3) : String(v);
      }).join(' ');
    const back = look.puts.flatMap((p) => (p.kind === 'event' ? told(p.data) : []));
    const went = standing(book, 'event').map(told);
    // What is left out is told, line by line.
    expect(back.length + look.problemCount).toBeGreaterThanOrEqual(went.length);
    const rest = [...went];
    for (const one of back) {
      const i = rest.indexOf(one);
      expect([one, i >= 0]).toEqual([one, true]);
      rest.splice(i, 1);
    }
    expect(rest.length).toBeLessThanOrEqual(look.problemCount);
  }
});
