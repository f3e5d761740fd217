import * as z from 'zod';
import { seededRandom } from '../base/random';
import { applyPuts, bookBuilder, emptyBook, KINDS, ofBlock, put, RECORDS, recordsOf } from '.';
import { exportBook, importBook, BOOK_FORMAT } from '../exchange/bookDocument';
import { buildDemoWorld } from '../../demo/world';
import { blocksOfTrip, tallyTrip } from '../log/tally';
import { decodeRecord, defineRecord, encodeRecord, upgradeRecord } from './define';
import firstShape from '../fixtures/record-first-shape.json';
import of01 from '../fixtures/record-of-0-1.json';
import { learnFromBook } from '../lessons/patterns';
import { lureRecord } from './lure';

const puts = buildDemoWorld(0);
const book = applyPuts(emptyBook(), puts);

/** The first value of a kind in the record as it was first written. */
const first = (kind: 'block' | 'preferences' | 'trip' | 'water'): Record<string, unknown> =>
  firstShape.records[kind][0]!.data;

/** One stored value of every version that ever was, so that no step goes unused. */
const OLDER: Record<string, Record<number, Record<string, unknown>>> = {
  lure: {
    1: {
      id: 'l1',
      name: 'Old spoon',
      family: 'casting-spoon',
      weightG: 14,
      lengthM: 0.06,
      colour: 'flash',
      hook: 'single',
      priceMinor: 300,
      note: '',
      retiredAtMs: null,
    },
  },
};

OLDER.calibration = {
  1: { id: 'c1', lureId: 'l1', kind: 'sink-slack', depthM: 3, seconds: 4.5, turns: null, castM: 6, atMs: 1 },
};
OLDER.shore = {
  1: {
    id: 's1',
    waterId: 'w1',
    name: 'Old bank',
    points: [
      { latDeg: 45, lonDeg: -75 },
      { latDeg: 45.001, lonDeg: -75 },
    ],
    closed: false,
    retiredAtMs: null,
  },
};
OLDER.block = {
  1: first('block'),
  2: { ...first('block'), seq: 3 },
  3: { ...first('block'), seq: 3, spotId: null },
  4: { ...first('block'), seq: 3, spotId: null },
};
{
  const { weightG, ...lure } = OLDER.lure![1]!;
  OLDER.lure![2] = { ...lure, weightKg: Number(weightG) / 1000, count: 2 };
  OLDER.lure![3] = { ...OLDER.lure![2], family: 'slender-metal' };
  OLDER.lure![4] = { ...OLDER.lure![3], favourite: true, lostAtMs: null };
}
OLDER.event = {
  1: {
    id: 'e1',
    blockId: 'b1',
    seq: 2,
    atMs: 5,
    kind: 'missed',
    phase: 'fall',
    place: 'edge',
    side: 'behind',
    depthM: null,
    lengthM: null,
  },
};
OLDER.preferences = { 1: first('preferences'), 2: { ...first('preferences'), shortcuts: false } };
OLDER.preferences[3] = {
  ...OLDER.preferences[2],
  moon: 'counted',
  stationFault: 'none',
  readingSheet: 'tiles',
  beat: { sound: true, buzz: true },
};
{
  const { peg, moon, ...rest } = OLDER.preferences[3]!;
  OLDER.preferences[4] = { ...rest, schools: { all: { peg, moon }, bySpecies: {} }, choosing: 'all' };
  OLDER.preferences[5] = OLDER.preferences[4];
  OLDER.preferences[7] = {
    ...OLDER.preferences[5],
    units: { ...(rest.units as object), money: '€' },
    rodByLure: { l1: 'r1' },
  };
  OLDER.preferences[6] = { ...OLDER.preferences[5], units: { ...(rest.units as object), money: '€' } };
}
OLDER.trip = { 1: first('trip'), 2: { ...first('trip'), readAtMs: 5, thunder: [], cautionsSeen: [] } };
OLDER.trip[3] = OLDER.trip[2]!;
OLDER.trip[4] = OLDER.trip[2]!;
OLDER.trip[5] = OLDER.trip[2]!;
OLDER.trip[6] = { ...OLDER.trip[2]!, aimM: null, over: null };
OLDER.trip[7] = {
  ...OLDER.trip[6]!,
  castPlan: { pieceId: 'p', sinceMs: 5, stand: { xM: -8, yM: 1 }, skipped: [], next: null },
};
OLDER.trip[8] = {
  ...OLDER.trip[7]!,
  castPlan: { ...(OLDER.trip[7]!.castPlan as object), wind: 'from-left' },
};
OLDER.piece = {
  1: {
    id: 'p1',
    waterId: 'w1',
    spotId: null,
    name: 'Old alder',
    kind: 'laydown',
    lengthM: 9,
    widthM: 5,
    depthM: 3,
    topM: 0.3,
    branchM: null,
    gaps: false,
    flow: 'none',
    note: '',
    retiredAtMs: null,
  },
};
OLDER.cast = { 1: { id: 'c1', blockId: 'b1', seq: 3, atMs: 5, count: 1 } };
OLDER.event[2] = { ...OLDER.event[1]!, weightKg: null, released: null, note: '', was: [] };
OLDER.water = { 1: first('water') };
OLDER.rod = {
  1: { id: 'r1', name: 'Old rod', lengthM: 2, minLureKg: 0.005, maxLureKg: 0.02, action: 'slow', retiredAtMs: null },
};
OLDER.spot = {
  1: {
    id: 's1',
    waterId: 'w1',
    name: 'Old spot',
    latDeg: 45,
    lonDeg: -75,
    bait: true,
    current: false,
    structure: true,
    depthChange: false,
    note: '',
  },
};
OLDER.spot[3] = {
  ...OLDER.spot[1]!,
  bestTide: 'any',
  bestLight: 'any',
  retiredAtMs: null,
  part: null,
  depthM: 2,
  bottom: 'mud',
  hazards: '',
  lowWater: '',
};
OLDER.spot[2] = { ...OLDER.spot[1]!, bestTide: 'any', bestLight: 'any', retiredAtMs: null };

describe('versions', () => {
  test('a whole record in its first shape is read, and nothing of it is lost', () => {
    const r = importBook(JSON.stringify(firstShape));
    expect(r.problems).toEqual([]);
    const count = Object.values(firstShape.records).reduce((n, rows) => n + rows.length, 0);
    expect(r.puts).toHaveLength(count);
    const old = applyPuts(emptyBook(), r.puts);
    // The lessons drawn from it are the same: blocks keep their order, casts and strikes their number.
    expect(blocksOfTrip(old, 'trip-01').map((b) => b.id)).toEqual(
      ['trip-01-b1', 'trip-01-b2', 'trip-01-b3'].slice(0, blocksOfTrip(old, 'trip-01').length),
    );
    const { casts, strikes } = tallyTrip(old, 'trip-01', 0);
    const { casts: castsNow, strikes: strikesNow } = tallyTrip(book, 'trip-01', 0);
    expect([casts, strikes]).toEqual([castsNow, strikesNow]);
    expect(old.preferences.mine).toMatchObject({ light: 'shade', shortcuts: true });
  });

  test('a record as version 0.1 of the application wrote it opens unchanged, and teaches the same', () => {
    const r = importBook(JSON.stringify(of01));
    expect(r.problems).toEqual([]);
    const then = applyPuts(emptyBook(), r.puts);
    for (const [kind, rows] of Object.entries(of01.records))
      for (const { version, data } of rows as { version: number; data: { id: string } }[])
        if (version === RECORDS[kind as 'trip'].version) expect(then[kind as 'trip'][data.id]).toEqual(data);
    // As that version reckoned them.
    const { casts, strikes, trips, blankTrips, patterns } = learnFromBook(then);
    expect({ casts, strikes, trips, blankTrips, patterns: patterns.length }).toEqual({
      casts: 220,
      strikes: 9,
      trips: 4,
      blankTrips: 1,
      patterns: 9,
    });
    expect(patterns[0]!.perCast.mean).toBeCloseTo(0.06746070123, 9);
    expect(tallyTrip(then, 'trip-today', 0)).toMatchObject({ casts: 2, strikes: 1, landed: 1 });
  });

  test.each(KINDS.filter((k) => RECORDS[k].version > 1))('every older version of a %s can be read', (k) => {
    for (let v = 1; v < RECORDS[k].version; v++) {
      const old = OLDER[k]?.[v];
      expect(old).toBeDefined();
      expect(upgradeRecord(RECORDS[k] as never, { version: v, data: old })).toMatchObject({ ok: true });
    }
  });

  test('grams of version 1 become kilograms', () => {
    const r = upgradeRecord(lureRecord, { version: 1, data: OLDER.lure![1] });
    expect(r.ok && r.value).toMatchObject({ weightKg: 0.014, count: 1 });
  });

  test('a newer version is refused, not mangled', () => {
    const r = upgradeRecord(lureRecord, { version: 99, data: {} });
    expect(r.ok === false && r.problems[0]!.code).toBe('newer-version');
  });

  test('steps run in order, one a version, and the stored value is not changed by trying', () => {
    const kind = defineRecord('thing', () => z.strictObject({ id: z.string(), trail: z.string() }), [
      { change: 'a trail', up: (d) => ({ ...d, trail: 'a' }) },
      { change: 'a longer trail', up: (d) => ({ ...d, trail: `${String(d.trail)}b` }) },
    ]);
    expect(kind.version).toBe(3);
    const stored = { version: 1, data: { id: 'a' } };
    const copy = structuredClone(stored);
    expect(upgradeRecord(kind, stored)).toEqual({ ok: true, value: { id: 'a', trail: 'ab' } });
    expect(upgradeRecord(kind, { version: 2, data: { id: 'a', trail: 'x' } })).toMatchObject({
      value: { trail: 'xb' },
    });
    expect(stored).toEqual(copy);
  });
});

describe('reading what was stored', () => {
  const lure = book.lure['lure-alder']!;
  test('what is encoded is decoded', () => {
    expect(decodeRecord(lureRecord, encodeRecord(lureRecord, lure))).toEqual({ ok: true, value: lure });
  });

  test.each([
    ['half a value', '{"version":2,"data":{"id":', 'not-json'],
    ['no envelope', '{"id":"x"}', 'invalid_type'],
    ['a wrong field', JSON.stringify({ version: 2, data: { ...lure, weightKg: -1 } }), 'too_small'],
    ['an unknown field', JSON.stringify({ version: 2, data: { ...lure, spoon: true } }), 'unrecognized_keys'],
  ])('%s is a problem with its place', (_name, text, code) => {
    const r = decodeRecord(lureRecord, text);
    expect(r.ok === false && r.problems.some((p) => p.code === code)).toBe(true);
  });

  test('a rod that casts nothing is refused', () => {
    const rod = { ...book.rod['rod-middle']!, minLureKg: 0.05 };
    expect(RECORDS.rod.schema.safeParse(rod).success).toBe(false);
  });
});

describe('the whole record out and in', () => {
  const text = JSON.stringify(exportBook(book, '2026-10-08T06:00:00-05:00'));
  test('all of the demo world comes back', () => {
    const r = importBook(text);
    expect(r.problems).toEqual([]);
    expect(applyPuts(emptyBook(), r.puts)).toEqual(book);
  });

  test('one bad record is named, the others are kept', () => {
    const d = JSON.parse(text) as { records: Record<string, { data: Record<string, unknown> }[]> };
    d.records.lure![3]!.data.weightKg = 'heavy';
    d.records.fish = [];
    const r = importBook(JSON.stringify(d));
    expect(r.puts).toHaveLength(puts.length - 1);
    expect(r.problems.map((p) => p.path)).toEqual(expect.arrayContaining(['records.lure[3].weightKg', 'records.fish']));
  });

  test.each([
    ['not JSON', 'hello', 'not-json'],
    ['another document', '{"a":1}', 'not-a-record'],
    ['a newer document', JSON.stringify({ format: BOOK_FORMAT, version: 9, records: {} }), 'newer-version'],
  ])('%s is refused whole', (_name, bad, code) => {
    expect(importBook(bad)).toMatchObject({ puts: [], problems: [{ code }] });
  });
});

test('a put replaces, and other kinds are left alone', () => {
  const lure = { ...book.lure['lure-alder']!, name: 'Alder, repainted' };
  const next = applyPuts(book, [put('lure', lure)]);
  expect(next.lure['lure-alder']!.name).toBe('Alder, repainted');
  expect(next.rod).toBe(book.rod);
  expect(book.lure['lure-alder']!.name).toBe('Alder minnow');
});

test('a book filled record by record is the one that the same changes make', () => {
  const random = seededRandom(11);
  const some = puts.flatMap((p) => (random() < 0.2 ? [p, p] : [p]));
  // Some come in another order, some a second time, and some say that they lie in another block.
  const [one, other] = Object.keys(book.block) as [string, string];
  const moved = ofBlock(book, 'cast', one).map((c) => put('cast', { ...c, blockId: other, count: 7 }));
  const all = [...some.sort(() => random() - 0.5), ...moved];
  const builder = bookBuilder();
  all.forEach(builder.add);
  const oneByOne = all.reduce((b, p) => applyPuts(b, [p]), emptyBook());
  expect(builder.book()).toEqual(oneByOne);
  expect(applyPuts(emptyBook(), all)).toEqual(oneByOne);
  expect(ofBlock(oneByOne, 'cast', one)).toEqual([]);
  expect(recordsOf(oneByOne, 'cast')).toHaveLength(recordsOf(book, 'cast').length);
});

test('casts and events of a block, followed through changes as a look through all of them finds them', () => {
  const found = (b: typeof book, kind: 'cast' | 'event', blockId: string): unknown =>
    recordsOf(b, kind).filter((x) => x.blockId === blockId);
  const same = (b: typeof book): void => {
    for (const kind of ['cast', 'event'] as const)
      for (const id of [...Object.keys(b.block), 'nowhere']) expect(ofBlock(b, kind, id)).toEqual(found(b, kind, id));
  };
  same(book);
  const [one, other] = Object.keys(book.block) as [string, string];
  const cast = { id: 'c-new', blockId: one, seq: 900, atMs: 5, count: 1 };
  const event = recordsOf(book, 'event')[0]!;
  let next = book;
  for (const puts of [
    [put('cast', cast)],
    [put('cast', { ...cast, count: 3 }), put('cast', { ...cast, id: 'c-two', seq: 901 })],
    [put('event', { ...event, note: 'told later' })],
    // To another block, which never happens, it is looked through anew.
    [put('cast', { ...cast, blockId: other })],
  ]) {
    next = applyPuts(next, puts);
    same(next);
  }
  // What was found before stands as it was, and what did not change is the same list.
  same(book);
  const still = applyPuts(next, [put('cast', { ...cast, id: 'c-three' })]);
  expect(ofBlock(still, 'event', event.blockId)).toBe(ofBlock(next, 'event', event.blockId));
});
