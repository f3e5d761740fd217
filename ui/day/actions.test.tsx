import { act, renderHook } from '@testing-library/react-native';
import { wholeOuting } from '../../core/diary/days';
import { applyPuts, emptyBook, ofBlock, preferencesOf, put, tripsOf, type Book, type Put } from '../../core/records';
import { planRetrieve, type Plan } from '../../core/planning/plan/plan';
import type { PlanRequest } from '../../core/planning/task/request';
import { tallyTrip } from '../../core/log/tally';
import type { Committer } from '../../data/useBook';
import { buildDemoWorld } from '../../demo/world';
import { useActionsOfDay } from './actions';
import { lastTouch, touchOver } from './lastTouch';
import type { InHand } from './logActions';

const NOW_MS = 1_790_000_000_000;
let mockNext = 0;
jest.mock('../platform/ids', () => ({ newId: () => `new-${mockNext++}` }));

const world = applyPuts(emptyBook(), buildDemoWorld(NOW_MS));
const lure = world.lure['lure-chip']!;
const request: PlanRequest = {
  conditions: {
    species: 'largemouth-bass',
    month: 10,
    water: { setting: 'pond', surfaceTempC: 20, depthM: 2, fishDepthM: 0.8 },
  },
  lure: { id: lure.id, family: lure.family, name: lure.name, weightKg: lure.weightKg },
  rod: { lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.02, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon', strengthLb: 10 },
};
const plan = planRetrieve(request, 'first') as Plan;

beforeEach(() => touchOver());
afterEach(() => touchOver());

function setUp(state: Partial<InHand> = {}) {
  let book: Book = world;
  const stored: Put[][] = [];
  const device = { refuses: false };
  const store: Committer['commit'] = async (change) => {
    if (device.refuses) return false;
    const puts = change(book);
    book = applyPuts(book, puts);
    stored.push([...puts]);
    return true;
  };
  const record: Committer['record'] = async (change, told) => {
    const ok = await store(change);
    told?.(ok);
    return ok;
  };
  const committer: Committer = { commit: store, record, current: () => book };
  const hand: InHand = { worked: plan, request, lure, taken: false, ranking: null, ...state };
  const hook = renderHook(() => useActionsOfDay(hand, committer));
  return { device, hook, stored, committer, tally: () => tallyTrip(book, 'trip-today', NOW_MS), book: () => book };
}

test('the first cast opens a block, pins the lure and counts one', async () => {
  const t = setUp();
  await act(async () => t.hook.result.current.logCast());
  expect(t.stored[0]!.map((p) => p.kind)).toEqual(['trip', 'block', 'cast']);
  expect(t.book().trip['trip-today']!.lureId).toBe(lure.id);
  expect(t.tally().casts).toBe(1);
});

test('the hand feels what is stored: one buzz a cast, two for what happened, long ones when it is refused, none with Buzz off', async () => {
  const felt: unknown[] = [];
  const before = Object.getOwnPropertyDescriptor(globalThis, 'navigator');
  const navigator = { vibrate: (pattern: unknown): boolean => felt.push(pattern) > 0 };
  Object.defineProperty(globalThis, 'navigator', { value: navigator, configurable: true });
  const t = setUp();
  const cast = () => act(async () => t.hook.result.current.logCast());
  await cast();
  await act(async () => void t.hook.result.current.logEvent('landed'));
  expect(felt).toEqual([[18], [18, 80, 18]]);
  t.device.refuses = true;
  await cast();
  expect(felt.at(-1)).toEqual([140, 80, 140]);
  t.device.refuses = false;
  const prefs = preferencesOf(t.book());
  await t.committer.commit(() => [put('preferences', { ...prefs, beat: { ...prefs.beat, buzz: false } })]);
  await cast();
  expect(felt).toHaveLength(3);
  if (before) Object.defineProperty(globalThis, 'navigator', before);
  else Reflect.deleteProperty(globalThis, 'navigator');
});

test('casts in a row share one block and never a sequence number', async () => {
  const t = setUp();
  await act(async () => {
    for (let i = 0; i < 12; i++) t.hook.result.current.logCast();
  });
  const { blocks, casts } = t.tally();
  expect([blocks.length, casts]).toEqual([1, 12]);
  const seqs = ofBlock(t.book(), 'cast', blocks[0]!.id).map((c) => c.seq);
  expect(new Set(seqs).size).toBe(12);
});

test('an event is logged, its phase after, undo takes exactly it back', async () => {
  const t = setUp();
  let id: string | null = null;
  await act(async () => {
    t.hook.result.current.logCast();
    id = t.hook.result.current.logEvent('landed');
  });
  await act(async () => t.hook.result.current.tellEvent(id!, { phase: 'pause' }));
  expect(t.tally().events.map((e) => [e.kind, e.phase])).toEqual([['landed', 'pause']]);
  expect(lastTouch.getState().shown).toMatchObject({ id, what: 'landed' });
  await act(async () => t.hook.result.current.takeBack(id!));
  expect([t.tally().strikes, t.tally().casts]).toEqual([0, 1]);
  expect(lastTouch.getState().shown).toBeNull();
});

test('what the device refuses is not told as logged', async () => {
  const t = setUp();
  const refusing: Committer = { ...t.committer, record: async (_, told) => (told?.(false), false) };
  const hook = renderHook(() =>
    useActionsOfDay({ worked: plan, request, lure, taken: false, ranking: null }, refusing),
  );
  await act(async () => hook.result.current.logCast());
  expect(lastTouch.getState().shown).toBeNull();
  expect(t.tally().casts).toBe(0);
});

test('without a plan nothing is logged rather than something wrong', async () => {
  const t = setUp({ worked: null });
  await act(async () => t.hook.result.current.logCast());
  expect(t.stored).toEqual([]);
});

test('a touch while another plan is worked out is logged with what was in hand until then', async () => {
  const t = setUp();
  const ready: InHand = { worked: plan, request, lure, taken: true, ranking: null };
  const hook = renderHook(({ hand }: { hand: InHand }) => useActionsOfDay(hand, t.committer), {
    initialProps: { hand: ready },
  });
  const castWith = async (hand: InHand): Promise<number> => {
    hook.rerender({ hand });
    await act(async () => hook.result.current.logCast());
    return t.tally().casts;
  };
  expect(await castWith({ ...ready, worked: null })).toBe(1);
  // Another lure that the choice only proposes is not in hand yet; one that was taken is, and is waited for.
  const other = { ...lure, id: 'lure-other' };
  expect(await castWith({ ...ready, worked: null, lure: other, taken: false })).toBe(2);
  expect(Object.values(t.book().block).filter((b) => b.presentation.lureId === 'lure-other')).toEqual([]);
  expect(await castWith({ ...ready, worked: null, lure: other })).toBe(2);
  // And without a day nothing is held.
  expect(await castWith({ ...ready, worked: null, request: null })).toBe(2);
});

test('another water reading opens a new block and closes the old', async () => {
  const t = setUp();
  await act(async () => t.hook.result.current.logCast());
  const murky = {
    ...request,
    conditions: { ...request.conditions, water: { ...request.conditions.water, clarityM: 0.3 } },
  };
  const state: InHand = { worked: plan, request: murky, lure, taken: false, ranking: null };
  const again = renderHook(() => useActionsOfDay(state, t.committer));
  await act(async () => again.result.current.logCast());
  const last = t.stored[t.stored.length - 1]!;
  expect(last.map((p) => p.kind)).toEqual(['block', 'block', 'cast']);
  expect((last[0]!.data as { endedAtMs: number | null }).endedAtMs).not.toBeNull();
});

test('signs count up, come off again, and leave nothing behind', async () => {
  const t = setUp();
  const signs = () => t.book().trip['trip-today']!.signs;
  await act(async () => {
    t.hook.result.current.addSign('follow');
    t.hook.result.current.addSign('follow');
  });
  expect(signs()).toMatchObject([{ kind: 'follow', count: 2 }]);
  await act(async () => {
    t.hook.result.current.takeSign('follow');
    t.hook.result.current.takeSign('follow');
  });
  expect(signs()).toEqual([]);
});

test('settings add up, a new lure forgets them', async () => {
  const t = setUp();
  const settings = () => t.book().trip['trip-today']!.settings;
  await act(async () => {
    t.hook.result.current.setSettings({ castM: 20 });
    t.hook.result.current.setSettings({ tip: 'up' });
  });
  expect(settings()).toEqual({ castM: 20, tip: 'up' });
  await act(async () => t.hook.result.current.chooseLure('lure-frog'));
  expect(settings()).toEqual({});
});

test('a new day ends the old one', async () => {
  const t = setUp();
  await act(async () => t.hook.result.current.startTrip('water-sedge', 'crappie'));
  expect(t.book().trip['trip-today']!.endedAtMs).not.toBeNull();
  const id = t.book().preferences.mine!.activeTripId!;
  expect(t.book().trip[id]).toMatchObject({ waterId: 'water-sedge', species: 'crappie', endedAtMs: null });
  await act(async () => t.hook.result.current.endTrip());
  expect(t.book().preferences.mine!.activeTripId).toBeNull();
});

test('where it is fished from belongs to the day that begins; an ended day goes on as it was, a running one is left alone', async () => {
  const t = setUp();
  const before = t.book().trip['trip-today']!;
  await act(async () => t.hook.result.current.startTrip('water-sedge', 'crappie', 'ice'));
  expect(t.book().trip['trip-today']!.readings.access).toBe(before.readings.access);
  const id = t.book().preferences.mine!.activeTripId!;
  expect(t.book().trip[id]!.readings.access).toBe('ice');
  await act(async () => t.hook.result.current.takeUpTrip('trip-today'));
  expect(t.book().preferences.mine!.activeTripId).toBe(id);
  await act(async () => t.hook.result.current.endTrip());
  await act(async () => t.hook.result.current.takeUpTrip('trip-today'));
  expect(t.book().preferences.mine!.activeTripId).toBe('trip-today');
  expect(t.book().trip['trip-today']).toEqual({ ...before, endedAtMs: null });
});

test('an outing goes on at another water: the same hands, thunder told before, the water read anew; moved by mistake it goes back', async () => {
  const t = setUp();
  const act1 = (run: () => unknown): Promise<void> => act(async () => void (await run()));
  const active = () => t.book().trip[t.book().preferences.mine!.activeTripId!]!;
  await act1(() => t.hook.result.current.startTrip('water-sedge', 'crappie'));
  const first = active();
  const heard = { atMs: first.startedAtMs - 60_000, seconds: 12 };
  await act1(() =>
    t.hook.result.current.changeTrip((x) => ({
      ...x,
      thunder: [heard],
      rodId: 'rod-middle',
      lureId: lure.id,
      readings: { ...x.readings, access: 'kayak', water: { clarityM: 3 }, sky: { cloud: 1 } },
    })),
  );
  await act1(() => t.hook.result.current.moveOn('water-kettle', 'largemouth-bass'));
  const there = active();
  expect(there).toMatchObject({ movedFrom: first.id, rodId: 'rod-middle', lureId: lure.id, thunder: [heard] });
  expect(there.readings).toEqual({ access: 'kayak', water: {}, sky: { cloud: 1 } });
  expect(t.book().trip[first.id]!.endedAtMs).not.toBeNull();
  await act1(() => t.hook.result.current.moveBack());
  expect(active()).toMatchObject({ id: first.id, endedAtMs: null });
  expect(tripsOf(t.book()).map((x) => x.id)).not.toContain(there.id);
  // Nothing to go back to, and nothing to go back from: left alone.
  await act1(() => t.hook.result.current.moveBack());
  expect(active().id).toBe(first.id);
  // A new day that is no part of it hears the thunder too.
  await act1(() => t.hook.result.current.startTrip('water-kettle', 'bluegill'));
  expect(active()).toMatchObject({ movedFrom: null, thunder: [heard], rodId: null });
});

test('with a cast logged there is no going back: the outing has both waters', async () => {
  const t = setUp();
  await act(async () => t.hook.result.current.moveOn('water-sedge', 'crappie'));
  await act(async () => t.hook.result.current.logCast());
  const id = t.book().preferences.mine!.activeTripId!;
  await act(async () => t.hook.result.current.moveBack());
  expect(t.book().preferences.mine!.activeTripId).toBe(id);
  const outing = wholeOuting(t.book(), 'trip-today')!;
  expect(outing.parts.map((d) => d.trip.id)).toEqual(['trip-today', id]);
});
