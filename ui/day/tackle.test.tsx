import { applyPuts, emptyBook } from '../../core/records';
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

test('what was chosen for the day goes on the rod in hand, and on no other that has its own', () => {
  const day = { trip: { rodId: 'rod-middle', reelId: null, lineId: 'line-braid40' } } as unknown as Parameters<
    typeof tackleOn
  >[2];
  const line = (rod: string): string => tackleOn(book.rod[rod]!, book, day, prefs)!.line.id;
  expect([line('rod-middle'), line('rod-light')]).toEqual(['line-braid40', 'line-nylon6']);
});
