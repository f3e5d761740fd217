import { linePhysics } from '../../tackle/line';
import type { LurePhysics } from '../../simulation/types';
import { assessLure, assessReel, countedLures } from './assess';
import { learnRatio, priorBelief } from './belief';
import { lureMeasurement, measuredOf, turnCount } from '../../records/measured';
import {
  calibrateLure,
  calibrateReel,
  deepestRunM,
  secondsToDepth,
  SPREAD,
  turnsToBringIn,
  type SinkCount,
  type Tried,
} from './calibrate';

const JIG: LurePhysics = { massKg: 0.0101, volumeM3: 3.44e-6, dragAreaM2: 2.03e-4, liftAreaM2: 0, addedMass: 0.5 };
const CRANK: LurePhysics = { massKg: 0.012, volumeM3: 1.4e-5, dragAreaM2: 6.5e-4, liftAreaM2: 3e-4, addedMass: 0.5 };
const tried = (lure: LurePhysics): Tried => ({
  lure,
  line: linePhysics({ material: 'fluorocarbon', strengthLb: 10 }),
  tipHeightM: 1.2,
  waterDensityKgM3: 998,
  viscosityM2s: 1.05e-6,
});
const slack: Omit<SinkCount, 'seconds'> = { kind: 'sink-slack', depthM: 3, castM: 6 };
const dragged = (k: number): LurePhysics => ({ ...JIG, dragAreaM2: JIG.dragAreaM2 * k });

describe('a belief', () => {
  test('nothing measured: the prior stays, symmetric about one', () => {
    const { before, after } = learnRatio(0.2, []);
    expect(after).toEqual(before);
    expect(before).toEqual(priorBelief(0.2));
    expect(before.low * before.high).toBeCloseTo(1, 9);
    expect(before.high).toBeCloseTo(Math.exp(1.6449 * 0.2), 3);
  });

  test('on a straight relation it is the textbook product of two bells', () => {
    // ln ratio measured as 0.3 with the prior's own spread: halfway, narrower by √2.
    const { after } = learnRatio(0.2, [{ expected: (k) => Math.log(k), measured: 0.3, errorSd: 0.2 }]);
    expect(Math.log(after.ratio)).toBeCloseTo(0.15, 2);
    expect(Math.log(after.high / after.low)).toBeCloseTo((2 * 1.6449 * 0.2) / Math.SQRT2, 2);
  });

  test('a slip is named and takes no part', () => {
    const good = { expected: (k: number) => Math.log(k), measured: 0.1, errorSd: 0.1 };
    const slip = { ...good, measured: 5 };
    const both = learnRatio(0.2, [good, slip]);
    expect(both.nonsense).toEqual([false, true]);
    expect(both.after).toEqual(learnRatio(0.2, [good]).after);
    expect(learnRatio(0.2, [{ ...good, measured: NaN }]).nonsense).toEqual([true]);
  });
});

describe('a lure', () => {
  test('a tight line holds the fall back, a slack one less', () => {
    const t = tried(JIG);
    const free = secondsToDepth(t, { ...slack, seconds: 0 })!;
    const tight = secondsToDepth(t, { ...slack, kind: 'sink-tight', castM: 12, seconds: 0 })!;
    expect(tight).toBeGreaterThan(free);
    expect(secondsToDepth(tried(CRANK), { ...slack, seconds: 0 })).toBeNull();
  });

  test.each([0.75, 1, 1.3])('a counted sink finds a drag of %d times the model’s, and narrows', (k) => {
    const seconds = secondsToDepth(tried(dragged(k)), { ...slack, depthM: 6, seconds: 0 })!;
    const one = calibrateLure(tried(JIG), [{ ...slack, depthM: 6, seconds }]).drag;
    const width = (b: { low: number; high: number }): number => Math.log(b.high / b.low);
    expect(one.nonsense).toEqual([false]);
    expect(width(one.after)).toBeLessThan(0.8 * width(one.before));
    expect(one.after.low).toBeLessThan(k);
    expect(one.after.high).toBeGreaterThan(k);
    // Counted twice it comes closer and is surer.
    const two = calibrateLure(
      tried(JIG),
      Array.from({ length: 2 }, () => ({ ...slack, depthM: 6, seconds })),
    ).drag;
    expect(Math.abs(Math.log(two.after.ratio / k))).toBeLessThan(Math.abs(Math.log(one.after.ratio / k)) + 0.005);
    expect(width(two.after)).toBeLessThan(width(one.after));
  });

  test('a crank that ticks deeper than thought has more lift', () => {
    const m = { kind: 'ticks-bottom', castM: 25, speedMps: 1 } as const;
    const modelM = deepestRunM(tried(CRANK), { ...m, depthM: 0 });
    const { lift } = calibrateLure(tried(CRANK), [{ ...m, depthM: modelM * 1.15 }]);
    expect(lift.nonsense).toEqual([false]);
    expect(lift.after.ratio).toBeGreaterThan(1.05);
    expect(calibrateLure(tried(CRANK), [{ ...m, depthM: modelM * 4 }]).lift.nonsense).toEqual([true]);
  });

  test('a count that no such lure could give is named: three metres in a fifth of a second, or in two minutes', () => {
    for (const seconds of [0.2, 120])
      expect(calibrateLure(tried(JIG), [{ ...slack, seconds }]).drag.nonsense).toEqual([true]);
  });
});

describe('a reel', () => {
  const reel = { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 };

  test('turns add up along the line and find the true metres a turn', () => {
    expect(turnsToBringIn(reel, 20)).toBeCloseTo(20 / (6.2 * Math.PI * 0.0441), 0);
    const learnt = calibrateReel(reel, [{ lengthM: 30, turns: turnsToBringIn(reel, 30) / 0.93 }]);
    expect(learnt.nonsense).toEqual([false]);
    expect(learnt.after.ratio).toBeLessThan(0.97);
    expect(learnt.after.high).toBeLessThan(priorBelief(SPREAD.reel).high);
  });

  test('twice the turns is a slip', () => {
    expect(calibrateReel(reel, [{ lengthM: 30, turns: 2 * turnsToBringIn(reel, 30) }]).nonsense).toEqual([true]);
  });
});

describe('told to the angler', () => {
  const braid = { material: 'braid', strengthLb: 15 } as const;
  test('a counted sink narrows the fall of a jig; a slip does not', () => {
    const slow = { ...slack, depthM: 4, seconds: 7.5 };
    const a = assessLure({
      family: 'paddletail',
      weightKg: 0.007,
      line: braid,
      measurements: [slow, { ...slow, seconds: 90 }],
    });
    const { before, after } = a.sinkMps!;
    expect(a.nonsense).toEqual([false, true]);
    expect(after.high - after.low).toBeLessThan(0.7 * (before.high - before.low));
    expect(after.mid).toBeLessThan(before.mid);
    expect(after.low).toBeLessThan(after.mid);
    expect(a.runsM).toBeNull();
  });

  test('a lip is told by how deep it runs, and a tick moves that', () => {
    const question = { family: 'deep-crank' as const, weightKg: 0.014, line: braid };
    const unknown = assessLure({ ...question, measurements: [] });
    expect(unknown.sinkMps).toBeNull();
    expect(unknown.runsM!.after).toEqual(unknown.runsM!.before);
    const deeper = unknown.runsM!.before.mid * 1.2;
    const { runsM } = assessLure({
      ...question,
      measurements: [{ kind: 'ticks-bottom', depthM: deeper, castM: 25, speedMps: 1 }],
    });
    expect(runsM!.after.mid).toBeGreaterThan(runsM!.before.mid * 1.03);
    expect(runsM!.after.high - runsM!.after.low).toBeLessThan(runsM!.before.high - runsM!.before.low);
  });

  test('a reel is told by its line a turn', () => {
    const { perTurnM } = assessReel({
      reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
      counts: [{ lengthM: 20, turns: 26 }],
    });
    expect(perTurnM.after.mid).toBeLessThan(perTurnM.before.mid);
  });

  test('stored measurements come as they were, and what lacks a number is left out', () => {
    const c = {
      id: 'c',
      ofId: 'l',
      kind: 'sink-slack' as const,
      depthM: 3,
      seconds: 4,
      turns: null,
      castM: null,
      speedMps: null,
      line: braid,
      atMs: 0,
    };
    expect(lureMeasurement(c)).toEqual({ kind: 'sink-slack', depthM: 3, seconds: 4, castM: 6, line: braid });
    expect(lureMeasurement({ ...c, seconds: null })).toBeNull();
    expect(lureMeasurement({ ...c, kind: 'ticks-bottom', castM: 22, speedMps: 0.9 })).toMatchObject({
      castM: 22,
      speedMps: 0.9,
    });
    const turns = { ...c, kind: 'turns-in' as const, castM: 20, turns: 26 };
    expect(turnCount(turns)).toEqual({ lengthM: 20, turns: 26 });
    expect(measuredOf([c], [turns])).toMatchObject({ lure: [{ seconds: 4 }], reel: [{ turns: 26 }] });
    expect(measuredOf([], [])).toBeNull();
  });
});

test('what counts make of a box: slow sinkers drag more than their kind, by what the assessment says too', () => {
  const spoon = (seconds: number) =>
    ({
      family: 'casting-spoon',
      weightKg: 0.014,
      line: { material: 'braid', strengthLb: 15 },
      measurements: [{ kind: 'sink-slack', depthM: 3, castM: 6, seconds }],
    }) as const;
  const { slow, fast } = countedLures({ slow: spoon(8), fast: spoon(2.5) });
  expect(slow!.drag).toBeGreaterThan(1.15);
  expect(fast!.drag).toBeLessThan(0.95);
  expect(slow!.lift).toBe(1);
  expect(countedLures({})).toEqual({});
});
