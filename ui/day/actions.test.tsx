import { act, renderHook } from '@testing-library/react-native';
import { applyPuts, emptyBook, type Book, type Put } from '../../core/records';
import { planRetrieve, type Plan } from '../../core/retrieve/plan/plan';
import type { PlanRequest } from '../../core/retrieve/plan/request';
import { tallyTrip } from '../../core/strikes/tally';
import type { Committer } from '../../data/useBook';
import { buildDemoWorld } from '../../demo/world';
import { useDayActions } from './useDayActions';
import type { DayState } from './useDayState';

const NOW_MS = 1_790_000_000_000;
let mockNext = 0;
jest.mock('../platform/ids', () => ({ newId: () => `new-${mockNext++}` }));

const world = applyPuts(emptyBook(), buildDemoWorld(NOW_MS));
const lure = world.lure['lure-chip']!;
const request: PlanRequest = {
  conditions: { species: 'largemouth-bass', month: 10, water: { setting: 'pond', surfaceTempC: 20, depthM: 2, fishDepthM: 0.8 } },
  lure: { id: lure.id, family: lure.family, name: lure.name, weightKg: lure.weightKg },
  rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.02, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon', strengthLb: 10 },
};
const plan = planRetrieve(request, 'first') as Plan;

function setUp(state: Partial<DayState> = {}) {
  let book: Book = world;
  const stored: Put[][] = [];
  const committer: Committer = {
    commit: (puts) => {
      book = applyPuts(book, puts);
      stored.push([...puts]);
    },
    current: () => book,
    saving: false,
    error: null,
    clearError: () => undefined,
  };
  const day = { plan, request, lure, ranking: null, ...state } as DayState;
  const hook = renderHook(() => useDayActions(day, committer));
  return { hook, stored, tally: () => tallyTrip(book, 'trip-today', NOW_MS), book: () => book };
}

test('the first cast opens a block, pins the lure and counts one', () => {
  const t = setUp();
  act(() => t.hook.result.current.logCast());
  expect(t.stored[0]!.map((p) => p.kind)).toEqual(['trip', 'block', 'cast']);
  expect(t.book().trip['trip-today']!.lureId).toBe(lure.id);
  expect(t.tally().casts).toBe(1);
});

test('casts in a row share one block and never a sequence number', () => {
  const t = setUp();
  act(() => {
    for (let i = 0; i < 12; i++) t.hook.result.current.logCast();
  });
  const { blocks, casts } = t.tally();
  expect([blocks.length, casts]).toEqual([1, 12]);
  const seqs = Object.values(t.book().cast)
    .filter((c) => c.blockId === blocks[0]!.id)
    .map((c) => c.seq);
  expect(new Set(seqs).size).toBe(12);
});

test('an event is logged at once, its phase after, undo takes exactly it back', () => {
  const t = setUp();
  let id: string | null = null;
  act(() => {
    t.hook.result.current.logCast();
    id = t.hook.result.current.logEvent('landed');
  });
  act(() => t.hook.result.current.setPhase(id!, 'pause'));
  expect(t.tally().events.map((e) => [e.kind, e.phase])).toEqual([['landed', 'pause']]);
  expect(t.hook.result.current.last).toMatchObject({ id, what: 'landed' });
  act(() => t.hook.result.current.takeBack(id!));
  expect([t.tally().strikes, t.tally().casts]).toEqual([0, 1]);
  expect(t.hook.result.current.last).toBeNull();
});

test('without a plan nothing is logged rather than something wrong', () => {
  const t = setUp({ plan: null });
  act(() => t.hook.result.current.logCast());
  expect(t.stored).toEqual([]);
});

test('another water reading opens a new block and closes the old', () => {
  const t = setUp();
  act(() => t.hook.result.current.logCast());
  const murky = { ...request, conditions: { ...request.conditions, water: { ...request.conditions.water, clarityM: 0.3 } } };
  const state = { plan, request: murky, lure, ranking: null } as unknown as DayState;
  const again = renderHook(() =>
    useDayActions(state, { commit: (p) => t.stored.push([...p]), current: t.book, saving: false, error: null, clearError: () => undefined }),
  );
  act(() => again.result.current.logCast());
  const last = t.stored[t.stored.length - 1]!;
  expect(last.map((p) => p.kind)).toEqual(['block', 'block', 'cast']);
  expect((last[0]!.data as { endedAtMs: number | null }).endedAtMs).not.toBeNull();
});

test('signs count up, come off again, and leave nothing behind', () => {
  const t = setUp();
  const signs = () => t.book().trip['trip-today']!.signs;
  act(() => {
    t.hook.result.current.addSign('follow');
    t.hook.result.current.addSign('follow');
  });
  expect(signs()).toMatchObject([{ kind: 'follow', count: 2 }]);
  act(() => {
    t.hook.result.current.takeSign('follow');
    t.hook.result.current.takeSign('follow');
  });
  expect(signs()).toEqual([]);
});

test('settings add up, a new lure forgets them', () => {
  const t = setUp();
  const settings = () => t.book().trip['trip-today']!.settings;
  act(() => {
    t.hook.result.current.setSettings({ castM: 20 });
    t.hook.result.current.setSettings({ tip: 'up' });
  });
  expect(settings()).toEqual({ castM: 20, tip: 'up' });
  act(() => t.hook.result.current.chooseLure('lure-frog'));
  expect(settings()).toEqual({});
});

test('a new day ends the old one', () => {
  const t = setUp();
  act(() => t.hook.result.current.startTrip('water-sedge', 'crappie'));
  expect(t.book().trip['trip-today']!.endedAtMs).not.toBeNull();
  const id = t.book().preferences.mine!.activeTripId!;
  expect(t.book().trip[id]).toMatchObject({ waterId: 'water-sedge', species: 'crappie', endedAtMs: null });
  act(() => t.hook.result.current.endTrip());
  expect(t.book().preferences.mine!.activeTripId).toBeNull();
});
