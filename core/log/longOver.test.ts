import { buildDemoWorld } from '../../demo/world';
import { REMEMBERED_MS } from '../forecast/rest';
import { applyPuts, emptyBook, put, storageKey, type Put } from '../records';
import type { Trip } from '../records/trip';
import { LATE_MS, longOver } from './longOver';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const like = Object.values(world.trip).find((t) => t.endedAtMs !== null)!;
const block = Object.values(world.block)[0]!;
const NOW = 100 * LATE_MS;

/** A day begun so long before now, with a block, a cast and an advice of its own. */
const day = (id: string, agoMs: number, more: Partial<Trip> = {}): Put[] => [
  put('trip', { ...like, id, startedAtMs: NOW - agoMs, endedAtMs: NOW - agoMs + 1, ...more }),
  put('block', { ...block, id: `b-${id}`, tripId: id }),
  put('cast', { id: `c-${id}`, blockId: `b-${id}`, seq: 3, atMs: 5, count: 1 }),
  put('advice', {
    id: `a-${id}`,
    tripId: id,
    blockId: `b-${id}`,
    seq: 3,
    atMs: 5,
    code: 'stay',
    what: null,
    lure: null,
    untilMs: null,
  } as never),
];
const told = (puts: readonly Put[]): string[] => {
  const isLongOver = longOver(applyPuts(emptyBook(), puts));
  return puts.map(storageKey).filter(isLongOver);
};

it('is what belongs to days that ended long before the newest began', () => {
  const puts = [...day('old', LATE_MS + 1), ...day('late', LATE_MS), ...day('newest', 0)];
  expect(told(puts)).toEqual(['block/b-old', 'cast/b-old/000003-c-old', 'advice/a-old']);
});

it('is no day under way, however old, nor one that was never ended', () => {
  const mine = put('preferences', { ...world.preferences.mine!, activeTripId: 'on' });
  expect(
    told([...day('on', 2 * LATE_MS), ...day('open', 2 * LATE_MS, { endedAtMs: null }), ...day('now', 0), mine]),
  ).toEqual([]);
});

it('is nothing of a day or a block that is not there, nor of another kind', () => {
  const isLongOver = longOver(applyPuts(emptyBook(), [...day('old', 2 * LATE_MS), ...day('now', 0)]));
  for (const key of [
    'cast/constructor/000001-x',
    'cast/b-none/000001-x',
    'block/toString',
    'block/',
    'cast/b-old',
    'trip/old',
    'lure/b-old',
    'meta/revision',
    'quarantine/block/b-old',
  ])
    expect([key, isLongOver(key)]).toEqual([key, false]);
  expect(isLongOver('event/b-old/000007-e/with a slash')).toBe(true);
});

it('is nothing that the water still thinks of: a fish left behind, on a day begun the day before', () => {
  expect(LATE_MS).toBeGreaterThan(REMEMBERED_MS + 86_400_000);
});
