/** What leaves the device tells of its places what was chosen, and nothing more. */
import { buildDemoWorld } from '../../demo/world';
import { applyPuts, emptyBook, KINDS, put, RECORDS, recordsOf, type Book, type Kind } from '../records';
import { STATION_IDS } from '../stations/places';
import { exportBook, importBook } from './bookDocument';
import { bookTold, placeTold, TELLS, type Tells } from './privacy';

const SECRET = 'behind the old boathouse';
const demo = applyPuts(emptyBook(), buildDemoWorld(0));
const firstOf = <T>(rows: Readonly<Record<string, T>>): T => Object.values(rows)[0]!;
/** The sample world with a note of a place wherever one can write one. */
const book: Book = applyPuts(demo, [
  ...Object.values(demo.spot).map((s) =>
    put('spot', {
      ...s,
      latDeg: s.latDeg + 0.00123,
      note: SECRET,
      hazards: SECRET,
      lowWater: SECRET,
      pins: [{ kind: 'limb', name: SECRET, latDeg: s.latDeg + 0.00127, lonDeg: s.lonDeg }],
    }),
  ),
  ...Object.values(demo.water).map((w) => put('water', { ...w, note: SECRET })),
  ...Object.values(demo.piece).map((x) => put('piece', { ...x, note: SECRET })),
  put('trip', { ...firstOf(demo.trip), note: SECRET }),
  put('photo', { id: 'p', eventId: recordsOf(demo, 'event')[0]!.id, atMs: 1, widthPx: 9, heightPx: 9, bytes: 9 }),
  put('event', { ...recordsOf(demo, 'event')[0]!, note: SECRET, was: [{ note: SECRET, untilMs: 1 }] }),
]);
const file = (tells: Tells): string => JSON.stringify(exportBook(bookTold(book, tells), '2026-10-08T00:00:00Z'));
const idsOf = (b: Book, kind: Kind): string[] =>
  recordsOf(b, kind)
    .map((x) => x.id)
    .sort();
const names = (b: Book): string[] =>
  [...Object.values(b.water), ...Object.values(b.spot), ...Object.values(b.piece), ...Object.values(b.shore)].map(
    (x) => x.name,
  );
const exact = (b: Book): string[] =>
  [
    ...Object.values(b.spot),
    ...Object.values(b.spot).flatMap((s) => s.pins),
    ...Object.values(b.shore).flatMap((s) => s.points),
  ].map((x) => String(x.latDeg));

test.each(TELLS)('%s: a whole record that reads back, with as many records of all else', (tells) => {
  const { puts, problems } = importBook(file(tells));
  expect(problems).toEqual([]);
  const back = applyPuts(emptyBook(), puts);
  const left = ['shore', ...(tells === 'nothing' ? ['stationReport', 'photo'] : [])];
  for (const kind of KINDS.filter((k) => !left.includes(k))) expect(idsOf(back, kind)).toEqual(idsOf(book, kind));
  for (const p of puts) expect(RECORDS[p.kind].schema.safeParse(p.data).success).toBe(true);
});

test('all is the record itself; below it no position is exact and no shore is drawn', () => {
  expect(bookTold(book, 'all')).toBe(book);
  for (const tells of ['nothing', 'names', 'roughly'] as const) {
    const text = file(tells);
    for (const deg of exact(book)) expect(text).not.toContain(deg);
    expect(Object.keys(bookTold(book, tells).shore)).toEqual([]);
  }
  for (const s of Object.values(bookTold(book, 'roughly').spot)) {
    const off = Math.abs(s.latDeg - book.spot[s.id]!.latDeg);
    expect(off).toBeLessThanOrEqual(0.005 + 1e-9);
    expect(off).toBeGreaterThan(0);
  }
  const { water, spot } = bookTold(book, 'names');
  for (const s of Object.values(spot)) expect(s.latDeg).toBe(water[s.waterId]!.latDeg);
});

test('nothing: no name of a place and nothing that was written is in the file; with names both are', () => {
  const text = file('nothing');
  for (const name of names(book)) expect(text).not.toContain(`"${name}"`);
  expect(text).not.toContain(SECRET);
  for (const id of STATION_IDS) expect(text).not.toContain(id);
  for (const tells of ['names', 'roughly', 'all'] as const) {
    expect(file(tells)).toContain(firstOf(book.water).name);
    expect(file(tells)).toContain(SECRET);
  }
});

test('a position is told, told roughly, or not', () => {
  const at = { latDeg: 45.12345, lonDeg: -75.98765 };
  expect(TELLS.map((t) => placeTold(at, t))).toEqual([null, null, { latDeg: 45.12, lonDeg: -75.99 }, at]);
});
