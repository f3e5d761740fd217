import { FAMILIES } from '../../core/lures/family';
import { thrownKg } from '../../core/lures/own';
import { RECORDS, applyPuts, emptyBook } from '../../core/records';
import { rodFit } from '../../core/tackle/rod';
import { isOfKind, lureById } from './usual';
import { DEFAULT_PREFERENCES } from '../../core/records/preferences';
import { buildDemoWorld } from '../../demo/world';
import { chooseLine, chooseTackle, tackleOn } from './tackle';
import type { BookWithoutLog } from './useBookWithoutLog';

const book = applyPuts(emptyBook(), buildDemoWorld(0)) as unknown as BookWithoutLog;
const prefs = { ...DEFAULT_PREFERENCES, lastRodId: 'rod-light', lastLineId: 'line-braid15' };

test('a rod comes with its reel and line, and the ranking reckons with the same line', () => {
  const t = chooseTackle(book, null, prefs, null)!;
  expect([t.rod.id, t.reel.id, t.line.id]).toEqual(['rod-light', 'reel-small', 'line-nylon6']);
  expect(chooseLine(book, null, prefs)!.id).toBe(t.line.id);
});

test('a rod without any takes what was last used; a rod that throws the lure goes before the last one', () => {
  const bare = { ...book.rod['rod-light']!, reelId: null, lineId: null };
  expect(tackleOn(bare, book, null, prefs)!.line.id).toBe('line-braid15');
  expect(chooseTackle(book, null, prefs, book.lure['lure-frog']!)!.rod.id).not.toBe('rod-light');
});

test('a lure goes on the rod it was last put on, with the reel and line of that rod, whatever was chosen for the day', () => {
  const day = { trip: { rodId: 'rod-middle', reelId: null, lineId: 'line-braid40' } } as unknown as Parameters<
    typeof chooseTackle
  >[1];
  const remembered = { ...prefs, rodByLure: { 'lure-frog': 'rod-light' } };
  const of = (lure: string) => {
    const t = chooseTackle(book, day, remembered, book.lure[lure]!)!;
    return [t.rod.id, t.line.id];
  };
  expect(of('lure-frog')).toEqual(['rod-light', 'line-nylon6']);
  const other = Object.keys(book.lure).find((id) => id !== 'lure-frog')!;
  expect(of(other)).toEqual(['rod-middle', 'line-braid40']);
  const gone = { ...remembered, rodByLure: { 'lure-frog': 'rod-gone' } };
  expect(chooseTackle(book, day, gone, book.lure['lure-frog']!)!.rod.id).toBe('rod-middle');
});

test('a line chosen while no rod was goes on the rod in hand, and changes no other', () => {
  const day = { trip: { rodId: null, reelId: null, lineId: 'line-braid40' } } as unknown as Parameters<
    typeof tackleOn
  >[2];
  expect(chooseTackle(book, day, prefs, null)!.line.id).toBe('line-braid40');
  expect(tackleOn(book.rod['rod-middle']!, book, day, prefs)!.line.id).toBe(
    tackleOn(book.rod['rod-middle']!, book, null, prefs)!.line.id,
  );
});

test('what was chosen for the day goes on the rod in hand, and on no other that has its own', () => {
  const day = { trip: { rodId: 'rod-middle', reelId: null, lineId: 'line-braid40' } } as unknown as Parameters<
    typeof tackleOn
  >[2];
  const line = (rod: string): string => tackleOn(book.rod[rod]!, book, day, prefs)!.line.id;
  expect([line('rod-middle'), line('rod-light')]).toEqual(['line-braid40', 'line-nylon6']);
});

test('what the Kit has none of is assumed, as usual for the lure, and said to be', () => {
  const none = { ...book, rod: {}, reel: {}, line: {} };
  const t = chooseTackle(none, null, prefs, book.lure['lure-frog']!)!;
  expect(t.assumed).toEqual(['rod', 'reel', 'line']);
  expect(rodFit(t.rod, thrownKg(book.lure['lure-frog']!))).toBe('fits');
  expect(t.rod.name).toContain('usual');
  expect(chooseTackle({ ...book, reel: {} }, null, prefs, book.lure['lure-frog']!)!.assumed).toEqual(['reel']);
  expect(chooseTackle(none, null, prefs, null)).toBeNull();
});

test('every kind can be worked without owning one; what is neither lure nor kind cannot', () => {
  for (const family of FAMILIES) {
    const lure = lureById(book.lure, family)!;
    expect(RECORDS.lure.schema.safeParse(lure).success).toBe(true);
    expect(isOfKind(lure)).toBe(true);
    expect(chooseTackle({ ...book, rod: {}, reel: {}, line: {} }, null, prefs, lure)).not.toBeNull();
  }
  expect(isOfKind(lureById(book.lure, 'lure-frog')!)).toBe(false);
  expect(lureById(book.lure, 'gone')).toBeUndefined();
});
