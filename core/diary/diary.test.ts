import { buildDemoWorld } from '../../demo/world';
import { fishedIn } from '../lessons/fished';
import { struckOut } from '../log/tally';
import { applyPuts, emptyBook, put, takeBackPuts, tripsOf, type Book } from '../records';
import { corrected, untold, type StrikeEvent } from '../records/event';
import { bestsOf, diaryDay, diaryDays, findDays, outingsOf, sameDate, wholeOuting, type DiaryDay } from './days';
import { againstModel, bestBlock, luresOf, questionsOf, spanOf } from './ended';

const world = applyPuts(emptyBook(), buildDemoWorld(0));
const days = diaryDays(world);
const nameOf = (s: string): string => s.replaceAll('-', ' ');

describe('the days', () => {
  test('every day once, the newest first, with what the lessons count of it', () => {
    expect(days.map((d) => d.trip.id).sort()).toEqual(
      tripsOf(world)
        .map((t) => t.id)
        .sort(),
    );
    const starts = days.map((d) => d.trip.startedAtMs);
    expect(starts).toEqual([...starts].sort((a, b) => b - a));
    const fished = fishedIn(world);
    for (const d of days) {
      const mine = fished.filter((f) => f.trip.id === d.trip.id);
      expect(d.tally.casts).toBe(mine.reduce((s, f) => s + f.tally.casts, 0));
      expect(d.tally.strikes).toBe(mine.reduce((s, f) => s + f.tally.strikes, 0));
      expect(d.minutes).toBeCloseTo(
        mine.reduce((s, f) => s + f.minutes, 0),
        9,
      );
      expect(diaryDay(world, d.trip.id)).toEqual({ ...d, gone: false });
    }
  });

  test('the longest is the longest that was landed and measured', () => {
    const d = days.find((x) => x.tally.landed > 1)!;
    const landed = d.tally.events.filter((e) => e.kind === 'landed');
    expect(d.longestM).toBe(Math.max(...landed.map((e) => e.lengthM!)));
    const longLost: StrikeEvent = {
      ...untold('lost'),
      id: 'x',
      blockId: d.blocks[0]!.id,
      seq: 999,
      atMs: 1,
      lengthM: 2,
    };
    const book = applyPuts(world, [put('event', longLost)]);
    expect(diaryDay(book, d.trip.id)!.longestM).toBe(d.longestM);
    expect(days.find((x) => x.tally.landed === 0)!.longestM).toBeNull();
  });

  test('struck out it is gone from the list, and still has its page', () => {
    const { trip } = days[1]!;
    const book = applyPuts(world, takeBackPuts(world, trip.id, 5));
    expect(diaryDays(book).some((d) => d.trip.id === trip.id)).toBe(false);
    expect(diaryDay(book, trip.id)!.gone).toBe(true);
    expect(diaryDay(book, 'never')).toBeNull();
  });

  test('what was struck out of a day is still listed with it', () => {
    const d = days.find((x) => x.tally.events.length > 1)!;
    const [first] = d.tally.events as [StrikeEvent];
    const book = applyPuts(world, takeBackPuts(world, first.id, 5));
    expect(struckOut(book, d.blocks).map((e) => e.id)).toEqual([first.id]);
    expect(struckOut(world, d.blocks)).toEqual([]);
    expect(diaryDay(book, d.trip.id)!.tally.events).toHaveLength(d.tally.events.length - 1);
  });
});

describe('an outing on several waters', () => {
  const three = days
    .filter((d) => d.tally.casts > 0)
    .slice(0, 3)
    .reverse();
  const [a, b, c] = three as [DiaryDay, DiaryDay, DiaryDay];
  const moved = (of: DiaryDay, from: DiaryDay) => put('trip', { ...of.trip, movedFrom: from.trip.id });
  const chain = applyPuts(world, [moved(b, a), moved(c, b)]);
  test('is one entry with all its parts in order, and comes to what they came to together', () => {
    const all = outingsOf(diaryDays(chain));
    expect(all).toHaveLength(days.length - 2);
    const one = all.find((o) => o.parts.length === 3)!;
    expect(one.parts.map((d) => d.trip.id)).toEqual([a, b, c].map((d) => d.trip.id));
    for (const what of ['casts', 'strikes', 'landed'] as const)
      expect(one.tally[what]).toBe(three.reduce((s, d) => s + d.tally[what], 0));
    expect(one.longestM).toBe(Math.max(...three.map((d) => d.longestM ?? 0)) || null);
    for (const d of three)
      expect(wholeOuting(chain, d.trip.id)!.parts.map((x) => x.trip.id)).toEqual(one.parts.map((x) => x.trip.id));
    expect(sameDate(chain, a.trip.id).map((d) => d.trip.id)).not.toContain(b.trip.id);
  });
  test('a day by itself is no outing; where a part is struck out the rest stand, each day once', () => {
    expect(wholeOuting(world, a.trip.id)).toBeNull();
    const without = applyPuts(chain, takeBackPuts(chain, b.trip.id, 5));
    const all = outingsOf(diaryDays(without));
    expect(all.flatMap((o) => o.parts)).toHaveLength(days.length - 1);
    expect(wholeOuting(without, c.trip.id)).toBeNull();
  });
  test('days that name each other as the one before come to an end', () => {
    const ring = applyPuts(world, [moved(a, b), moved(b, a)]);
    expect(wholeOuting(ring, a.trip.id)!.parts).toHaveLength(2);
    expect(outingsOf(diaryDays(ring)).flatMap((o) => o.parts)).toHaveLength(days.length);
  });
});

describe('finding', () => {
  const find = (q: Parameters<typeof findDays>[2], book: Book = world): DiaryDay[] =>
    findDays(book, diaryDays(book), q, nameOf);
  test('nothing asked: everything, in its order', () => {
    expect(find({})).toEqual(days);
    expect(find({ text: '   ' })).toEqual(days);
  });
  test('by fish, by water, by fish in the hand', () => {
    const { species, waterId } = days[0]!.trip;
    expect(find({ species }).every((d) => d.trip.species === species)).toBe(true);
    expect(find({ waterId }).every((d) => d.trip.waterId === waterId)).toBe(true);
    expect(find({ landed: true })).toEqual(days.filter((d) => d.tally.landed > 0));
  });
  test('every word must be found, in whatever part of the day, capitals or not', () => {
    const block = days.find((x) => x.blocks.length > 0)!.blocks[0]!;
    const lure = block.presentation.lureName;
    const [place] = Object.values(world.spot);
    const there = applyPuts(world, [put('block', { ...block, spotId: place!.id })]);
    expect(find({ text: `${lure.toUpperCase()} ${place!.name}` }, there).map((d) => d.trip.id)).toContain(block.tripId);
    expect(find({ text: `${lure} nowhere-to-be-found` })).toEqual([]);
    const [e] = days.flatMap((x) => x.tally.events) as [StrikeEvent];
    const noted = applyPuts(world, [put('event', corrected(e, { note: 'By the Heron stump' }, 3))]);
    expect(find({ text: 'heron' }, noted)).toHaveLength(1);
    expect(find({ text: 'heron' })).toEqual([]);
  });
});

test('the best of each fish: the longest, once a kind, the longest kind first', () => {
  const bests = bestsOf(days);
  expect(new Set(bests.map((b) => b.species)).size).toBe(bests.length);
  for (const b of bests)
    for (const d of days.filter((x) => x.trip.species === b.species))
      expect(d.longestM ?? 0).toBeLessThanOrEqual(b.event.lengthM!);
  const lengths = bests.map((b) => b.event.lengthM!);
  expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
});

describe('when it is over', () => {
  const day = days.find((d) => d.blocks.length > 1 && d.tally.strikes > 0)!;
  test('its lures, the one that drew most first, adding up to the day', () => {
    const lures = luresOf(day);
    expect(lures.reduce((s, l) => s + l.casts, 0)).toBe(day.tally.casts);
    expect(lures.reduce((s, l) => s + l.strikes, 0)).toBe(day.tally.strikes);
    expect(lures.reduce((s, l) => s + l.minutes, 0)).toBeCloseTo(day.minutes, 9);
    for (let i = 1; i < lures.length; i++) expect(lures[i]!.strikes).toBeLessThanOrEqual(lures[i - 1]!.strikes);
  });

  test('against the model: within luck, above it, below it, and nothing expected', () => {
    const b = { ...day.blocks[0]!, expectedPerCast: 0.1 };
    const with_ = (strikes: number, casts: number, expectedPerCast = 0.1): DiaryDay => {
      const tally = { casts, strikes, hooked: 0, landed: 0, events: [] };
      return { ...day, blocks: [{ ...b, expectedPerCast }], byBlock: [tally], tally };
    };
    expect(againstModel(with_(4, 40))).toMatchObject({ strikes: 4, expected: 4, outcome: 'as-expected' });
    expect(againstModel(with_(12, 40))!.outcome).toBe('better');
    expect(againstModel(with_(0, 80))!.outcome).toBe('worse');
    expect(againstModel(with_(0, 40, 0))).toBeNull();
    // More strikes than casts: the casts were not counted, and nothing is made of it.
    expect(againstModel(with_(3, 1))).toBeNull();
  });

  const asked = (events: Partial<StrikeEvent>[], note = ''): string[] => {
    const all = events.map((e, i) => ({ ...untold('landed'), id: `e${i}`, blockId: 'b', seq: i, atMs: i, ...e }));
    return questionsOf({ trip: { ...day.trip, note }, tally: { ...day.tally, events: all } }).map((q) =>
      q.ask === 'note' ? 'note' : `${q.ask} ${q.event.id}`,
    );
  };
  test('what was not told is asked: at most three, of each the newest', () => {
    expect(asked([{}, {}])).toEqual(['length e1', 'phase e1', 'note']);
    expect(asked([{ lengthM: 0.3, phase: 'fall' }], 'cold')).toEqual([]);
    expect(asked([{ kind: 'missed', side: 'behind' }], 'cold')).toEqual([]);
    expect(asked([{ kind: 'missed' }, { kind: 'follow' }, { kind: 'snag' }], 'cold')).toEqual(['phase e0']);
    expect(asked([])).toEqual(['note']);
  });

  test('a block lasts to its end, or to the last thing in it', () => {
    const b = { ...day.blocks[0]!, startedAtMs: 100, endedAtMs: null };
    expect(spanOf(b, [{ atMs: 150 }], [{ atMs: 130 }])).toEqual([100, 150]);
    expect(spanOf({ ...b, endedAtMs: 400 }, [], [])).toEqual([100, 400]);
    expect(spanOf(b, [], [])).toEqual([100, 100]);
  });
});

test('the best of a day is what drew most, then what drew it in fewest casts; nothing where nothing came', () => {
  const d = days.find((x) => x.blocks.length > 0)!;
  const blocks = ['a', 'b', 'c'].map((id) => ({ ...d.blocks[0]!, id }));
  const best = (tallies: [number, number][]) =>
    bestBlock({ ...d, blocks, byBlock: tallies.map(([strikes, casts]) => ({ ...d.byBlock[0]!, strikes, casts })) });
  expect(
    best([
      [1, 10],
      [3, 50],
      [3, 20],
    ])!.id,
  ).toBe('c');
  expect(
    best([
      [2, 10],
      [1, 2],
      [0, 1],
    ])!.id,
  ).toBe('a');
  expect(
    best([
      [0, 10],
      [0, 2],
      [0, 1],
    ]),
  ).toBeNull();
});
