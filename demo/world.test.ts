import { applyPuts, emptyBook, RECORDS } from '../core/records';
import { strikesByDepth } from '../core/lessons/layers';
import { learnFromBook } from '../core/lessons/patterns';
import { buildDemoWorld } from './world';

const puts = buildDemoWorld(1_700_000_000_000);
const book = applyPuts(emptyBook(), puts);

test('the same seed gives the same world', () => {
  expect(buildDemoWorld(1_700_000_000_000)).toEqual(puts);
});

test('every record is one that the store would take', () => {
  for (const p of puts) {
    const r = RECORDS[p.kind].schema.safeParse(p.data);
    expect(r.success ? [] : [p.kind, r.error.issues]).toEqual([]);
  }
});

test('a season of a dozen days or more, with blanks, and a day that is open now', () => {
  const trips = Object.values(book.trip);
  expect(trips.filter((t) => t.endedAtMs !== null).length).toBeGreaterThanOrEqual(12);
  expect(trips.filter((t) => t.endedAtMs === null)).toHaveLength(1);
  const all = learnFromBook(book);
  expect(all.blankTrips).toBeGreaterThanOrEqual(2);
  expect(all.strikes).toBeGreaterThan(15);
  expect(all.casts).toBeGreaterThan(800);
});

test('lessons keep to the fish asked for, and their layers add up', () => {
  const bass = learnFromBook(book, { species: 'largemouth-bass' });
  const crappie = learnFromBook(book, { species: 'crappie' });
  expect(bass.patterns.map((p) => p.family)).not.toContain('panfish-jig-action');
  expect(crappie.patterns.map((p) => p.family)).toContain('panfish-jig-action');
  expect(strikesByDepth(book, 'largemouth-bass').reduce((s, l) => s + l.casts, 0)).toBe(bass.casts);
  for (const p of bass.patterns) {
    expect(p.casts).toBeGreaterThan(0);
  }
});
