import type { Conditions } from '../water/conditions';
import { familyById } from './families';
import { familyOfLure, type OwnLure } from './own';
import { lurePhysics } from './physics';
import { rankLures } from '../ranking/rank';

const lure = (over: Partial<OwnLure> = {}): OwnLure => {
  const f = familyById(over.family ?? 'paddletail');
  return {
    id: 'a',
    family: f.id,
    weightKg: f.weightKg[1],
    lengthM: f.lengthM[1],
    hook: f.hook,
    colour: null,
    priceMinor: 0,
    ...over,
  };
};
const c: Conditions = {
  species: 'largemouth-bass',
  month: 6,
  forage: ['shad'],
  water: { setting: 'lake', surfaceTempC: 20, clarityM: 1.4, depthM: 4, fishDepthM: 2.5, cover: { kind: 'none' } },
  sky: { cloud: 0.3, sunElevationDeg: 30 },
};
const scores = (lures: OwnLure[], conditions = c) =>
  new Map(rankLures(conditions, { lures, withoutRange: true }).ranked.map((x) => [x.key, x]));

test('a lure like the middle of its family is ranked as its family', () => {
  const r = scores([lure()]).get('a')!;
  const family = rankLures(c, { families: ['paddletail'], withoutRange: true }).ranked[0]!;
  expect(r.strikesPerHour / family.strikesPerHour).toBeGreaterThan(0.7);
  expect(r.strikesPerHour / family.strikesPerHour).toBeLessThan(1.4);
});

test('its physics grow as like shapes do', () => {
  const f = familyOfLure(lure({ family: 'casting-spoon', weightKg: familyById('casting-spoon').weightKg[1] * 8 }));
  expect(f.dragAreaM2 / familyById('casting-spoon').dragAreaM2).toBeCloseTo(4, 9);
  // The scaling inside the simulator starts from the lure's own weight: nothing is counted twice.
  expect(lurePhysics(f, f.weightKg[1]).dragAreaM2).toBeCloseTo(f.dragAreaM2, 12);
});

test('size, colour and hook of the lure itself count', () => {
  const r = scores([
    lure(),
    lure({ id: 'long', lengthM: 0.2 }),
    lure({ id: 'dark', colour: 'dark' }),
    lure({ id: 'white', colour: 'white' }),
    lure({ id: 'covered', hook: 'weedless' }),
  ]);
  const of = (id: string, factor: string) => r.get(id)!.why.find((w) => w.factor === factor)!.ln;
  expect(of('long', 'size')).toBeLessThan(of('a', 'size'));
  expect(of('dark', 'colour')).toBeLessThan(of('white', 'colour'));
  expect(of('white', 'colour')).toBeCloseTo(0, 6);
  expect(of('covered', 'hooked')).toBeLessThan(of('a', 'hooked'));
  expect(r.get('long')!.rig.sizeM).toBeCloseTo(0.2, 9);
  expect(r.get('dark')!.rig.colour).toBe('dark');
});

test('a weedless hook brings a lure of trebles out of the mat', () => {
  const wood = { ...c, water: { ...c.water, cover: { kind: 'matted-grass' as const, density: 0.8 } } };
  const r = rankLures(wood, {
    lures: [
      lure({ family: 'soft-jerk-weightless' }),
      lure({ id: 'b', family: 'soft-jerk-weightless', hook: 'treble' }),
    ],
    withoutRange: true,
  });
  expect(r.ranked.map((x) => x.key)).toEqual(['a']);
  expect(r.excluded).toEqual([expect.objectContaining({ key: 'b', code: 'snags' })]);
});

test('two of a family are two entries, each with its own key; the three in hand are keys of the ranked', () => {
  const r = rankLures(c, {
    lures: [
      lure(),
      lure({ id: 'b', weightKg: 0.014 }),
      lure({ id: 'c', family: 'popper' }),
      lure({ id: 'd', family: 'finesse-jig' }),
    ],
    withoutRange: true,
  });
  expect(r.ranked.map((x) => x.key).sort()).toEqual(['a', 'b', 'c', 'd']);
  const three = [r.plan!.start, r.plan!.follow, r.plan!.refusal];
  expect(new Set(three).size).toBe(3 - r.plan!.reworked.length);
  for (const key of three) expect(r.ranked.some((x) => x.key === key)).toBe(true);
});

test('no rod that casts its weight keeps one lure in the box, not its family', () => {
  const rods = [{ lengthM: 2.1, minLureKg: 0.005, maxLureKg: 0.012, action: 'fast' as const }];
  const r = rankLures(c, {
    lures: [lure({ weightKg: 0.007 }), lure({ id: 'b', weightKg: 0.028 })],
    rods,
    withoutRange: true,
  });
  expect(r.ranked.map((x) => x.key)).toEqual(['a']);
  expect(r.excluded).toEqual([expect.objectContaining({ key: 'b', code: 'no-rod' })]);
});

test('a bare body gets a weight that its rod throws, whatever else would be better', () => {
  const body = lure({ bare: true });
  const free = scores([body]).get('a')!;
  for (const throwsKg of [
    [0.0006, 0.004],
    [0.012, 0.03],
  ] as const) {
    const x = scores([{ ...body, throwsKg }]).get('a')!;
    expect(x.weightKg).toBeGreaterThanOrEqual(throwsKg[0]);
    expect(x.weightKg).toBeLessThanOrEqual(throwsKg[1]);
    expect(x.score).toBeLessThanOrEqual(free.score * (1 + 1e-9));
  }
  // A rod that throws none of its weights leaves it as it is sold.
  expect(scores([{ ...body, throwsKg: [0.2, 0.3] }]).get('a')!.weightKg).toBe(free.weightKg);
});

describe('an own lure that was counted', () => {
  const sinker = (counted?: OwnLure['counted']) => lure({ family: 'casting-spoon', counted });
  test('counted as its kind is, all stays as it was', () => {
    expect(scores([sinker({ drag: 1, lift: 1 })]).get('a')).toEqual(scores([sinker()]).get('a'));
  });
  test('a slow sink moves its cast, its depth or pace, and what it brings', () => {
    const [fast, usual, slow] = [0.6, 1, 1.7].map((drag) => scores([sinker({ drag, lift: 1 })]).get('a')!);
    expect(slow!.zone.castS).not.toBeCloseTo(usual!.zone.castS, 2);
    expect(fast!.zone.castS).not.toBeCloseTo(usual!.zone.castS, 2);
    expect(slow!.strikesPerHour).not.toBeCloseTo(usual!.strikesPerHour, 3);
  });
  test('a lip that digs deeper brings more from fish below its kind’s depth', () => {
    const deep: Conditions = { ...c, water: { ...c.water, depthM: 7, fishDepthM: 5.5 } };
    const lip = (lift: number) => scores([lure({ family: 'deep-crank', counted: { drag: 1, lift } })], deep).get('a');
    expect(lip(1.6)!.workingDepthM).toBeGreaterThan(lip(1)!.workingDepthM);
    expect(lip(1.6)!.strikesPerHour).toBeGreaterThan(1.1 * lip(1)!.strikesPerHour);
  });
});
