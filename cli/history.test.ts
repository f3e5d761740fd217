/** `rank` with the angler's own log in the document. */
import { runVerb, VERBS } from './verbs';

const conditions = {
  species: 'largemouth-bass',
  water: { setting: 'lake', surfaceTempC: 18, clarityM: 1, depthM: 3, fishDepthM: 2 },
};
const box = [
  { family: 'spinnerbait', name: 'Whirl' },
  { family: 'texas-rig', name: 'Worm' },
  { family: 'swim-jig', name: 'Skirt' },
];
const block = (family: string, strikes: number, more: object = {}) => ({
  conditions,
  presentation: { family },
  minutes: 60,
  strikes,
  water: 'pond',
  trip: 'first',
  ...more,
});
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Loose = any;
const rank = (more: object): Loose => {
  const r = runVerb(VERBS.rank!, { ...conditions, box, ...more });
  if (!r.ok) throw new Error(JSON.stringify(r.problems));
  return r.value;
};
const problems = (history: object[]): string[] => {
  const r = runVerb(VERBS.rank!, { ...conditions, box, history });
  return r.ok ? [] : r.problems.map((p) => p.path);
};
const HISTORY = [block('texas-rig', 6, { hooked: 4, landed: 3 }), block('spinnerbait', 0), block('swim-jig', 1)];

test('no log, or an empty one: the answer of before but for the new fields', () => {
  const [without, empty] = [rank({}), rank({ history: [], here: { water: 'pond' } })];
  expect(empty).toEqual({ ...without, level: empty.level });
  for (const x of without.ranked)
    expect(x.prior).toEqual({ strikesPerHour: x.strikesPerHour, low: x.low, high: x.high });
  expect(without.trial).toBeNull();
  expect(without.level.ratio).toBe(1);
});

test('a log moves the order, with a reason, what stands behind it and the level here', () => {
  const r = rank({ history: HISTORY, here: { water: 'pond', trip: 'second' } });
  expect(r.ranked[0].family).toBe('texas-rig');
  expect(r.plan.start).toBe('texas-rig');
  for (const x of r.ranked) {
    expect(x.why.map((w: Loose) => w.factor)).toContain('log');
    expect(x.why.reduce((s: number, w: Loose) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
  }
  expect(r.ranked[0].evidence).toMatchObject({ hours: 1, strikes: 6, tooThin: true });
  expect(r.level.low).toBeLessThan(r.level.ratio);
});

test('a lure is named by its name in the box, which lends its weight', () => {
  const r = rank({ history: [block('texas-rig', 5, { presentation: { family: 'texas-rig', lure: 'Worm' } })] });
  expect(r.ranked.find((x: Loose) => x.lure === 'Worm').evidence.strikes).toBe(5);
});

test('a trial is answered by its seed, from what is ranked', () => {
  const trial = (seed: number): Loose => rank({ history: HISTORY, trial: { seed, onNow: 'texas-rig' } }).trial;
  expect(trial(3)).toEqual(trial(3));
  expect(trial(3)).toMatchObject({ key: expect.any(String), pBest: expect.any(Number) });
  expect(box.map((l) => l.family)).toContain(trial(3).family);
});

test('what cannot be is refused with its path; an unknown kind is noted', () => {
  expect(problems([block('swim-jig', 1, { minutes: 0 })])).toEqual(['history[0].minutes']);
  expect(problems([block('swim-jig', -1)])).toEqual(['history[0].strikes']);
  expect(problems([block('swim-jig', 1, { hooked: 2 })])).toEqual(['history[0].hooked']);
  expect(problems([block('swim-jig', 3, { hooked: 1, landed: 2 })])).toEqual(['history[0].landed']);
  const r = rank({ history: [...HISTORY, block('made-up-lure', 2)] });
  expect(r.notes).toEqual(['history: no such family, left out: made-up-lure']);
});
