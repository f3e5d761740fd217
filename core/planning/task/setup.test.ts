import { usualRequest as request } from '../../fixtures/usualRequest';
import { styleFor } from '../../ranking/working';
import { CADENCE_STYLES, type CadenceStyle } from '../../lures/styles';
import type { Step } from '../cadence/cadence';
import { defaultCadence } from '../cadence/library';
import {
  firstCountdownS,
  firstSettings,
  maxTurnsPerS,
  MIN_TURNS_PER_S,
  setUpTask,
  turnsFor,
  type PlanTask,
} from './setup';

const problem = (...a: Parameters<typeof request>): PlanTask => setUpTask(request(...a));

test('the band is the fish’s for a swimmer, the top for a surface lure, the bottom and up for a jig', () => {
  expect(problem('paddletail').bandM).toEqual([1.3, 1.9000000000000001]);
  expect(problem('popper').bandM[0]).toBe(0);
  expect(problem('football-jig').bandM[1]).toBe(3.5);
});

test('a lure in standing cover is pitched: short, brief, and carried at the fish’s depth', () => {
  const p = problem('flipping-jig', { cover: { kind: 'wood', density: 0.6 } });
  expect(p.pitched).toBe(true);
  expect(p.castM).toBeLessThan(10);
  expect(p.longestS).toBeLessThan(40);
  expect(p.floorDepthM).toBeLessThan(3.5);
  expect(problem('flipping-jig').pitched).toBe(false);
  expect(problem('flipping-jig').floorDepthM).toBe(3.5);
});

test('throw past the target, further for a diver and in current', () => {
  expect(problem('deep-crank', { fishDepthM: 2.4 }).overshootM).toBeGreaterThan(problem('paddletail').overshootM);
  expect(problem('paddletail', { currentMps: 0.5 }).overshootM).toBeGreaterThan(problem('paddletail').overshootM);
  const near = problem('paddletail', {}, { targetM: 12 });
  expect(near.castM).toBe(Math.round(12 + near.overshootM));
});

test('the angler’s own lure keeps its weight and length', () => {
  const p = problem('paddletail', {}, { lure: { family: 'paddletail', weightKg: 0.0142, lengthM: 0.12 } });
  expect(p.rig.weightKg).toBe(0.0142);
  expect(p.rig.sizeM).toBe(0.12);
  expect(p.lure.massKg).toBeGreaterThan(
    problem('paddletail', {}, { lure: { family: 'paddletail', weightKg: 0.005 } }).lure.massKg,
  );
});

test('count only what sinks', () => {
  expect(firstCountdownS(problem('square-bill', { fishDepthM: 1 }))).toBe(0);
  expect(firstCountdownS(problem('popper'))).toBe(0);
  expect(firstCountdownS(problem('football-jig'))).toBeGreaterThan(2);
  expect(firstCountdownS(problem('football-jig', { depthM: 7, fishDepthM: 6 }))).toBeGreaterThan(
    firstCountdownS(problem('football-jig')),
  );
});

test('of all speeds of the handle it takes one that comes as near to the wanted speed as any', () => {
  const p = problem('suspending-jerkbait');
  const speedAt = (turnsPerS: number, style: CadenceStyle, pauseS: number): number => {
    const { steps } = defaultCadence({ style, moodMean: p.mood.mean, pauseS, turnsPerS });
    const sum = (of: (s: Step) => number): number => steps.reduce((all, s) => all + of(s), 0);
    return (sum((s) => s.handleTurns ?? 0) * p.metresPerTurn) / sum((s) => s.durationS);
  };
  for (const style of CADENCE_STYLES)
    for (const pauseS of [0.5, 2, 6])
      for (const wanted of [0.1, 0.3, 0.6, 1.1]) {
        const off = (turnsPerS: number): number => Math.abs(speedAt(turnsPerS, style, pauseS) - wanted);
        const all = Array.from({ length: 60 }, (_, i) => (i + 4) / 20).filter((t) => t <= maxTurnsPerS(p) + 1e-9);
        expect(off(turnsFor(p, wanted, style, pauseS))).toBeCloseTo(Math.min(...all.map(off)), 9);
      }
});

test('turns give the wanted speed and stay within hand and lure', () => {
  const p = problem('paddletail');
  expect(turnsFor(p, 0.6, 'steady', 2) * p.metresPerTurn).toBeCloseTo(0.6, 1);
  expect(turnsFor(p, 0.6, 'stop-and-go', 2)).toBeGreaterThan(turnsFor(p, 0.6, 'steady', 2));
  expect(turnsFor(p, 9, 'steady', 2)).toBeLessThanOrEqual(2.5);
  expect(maxTurnsPerS(problem('shaky-head'))).toBeLessThan(maxTurnsPerS(problem('casting-spoon')));
});

test('the mood picks the style', () => {
  const styles = ['drag', 'hop', 'walk'] as const;
  expect([0.5, 2, 3.5].map((mood) => styleFor({ styles }, mood))).toEqual(styles);
  expect(problem('texas-rig', { surfaceTempC: 5 }).style).toBe('drag');
  expect(problem('texas-rig', { surfaceTempC: 26 }).style).toBe('hop');
});

test('a hang is no longer than the lure stays in the band', () => {
  const cold = { surfaceTempC: 5 };
  expect(problem('sinking-twitchbait', cold).pauseS).toBeLessThan(
    problem('suspending-jerkbait', { ...cold, fishDepthM: 1.2 }).pauseS,
  );
});

test('what is set by hand is what the hands start with', () => {
  const h = firstSettings(
    problem(
      'paddletail',
      {},
      { set: { castM: 15, countdownS: 4, turnsPerS: 0.8, tip: 'down', pauseS: 2, style: 'stop-and-go' } },
    ),
  );
  expect(h).toMatchObject({
    castM: 15,
    countdownS: 4,
    turnsPerS: 0.8,
    pauseS: 2,
    style: 'stop-and-go',
    tip: { position: 'down' },
  });
});

test('salt water is denser', () => {
  const salt = setUpTask({
    ...request('paddletail'),
    conditions: {
      species: 'spotted-seatrout',
      water: { setting: 'flat', salinity: 'salt', surfaceTempC: 22, depthM: 1.5, fishDepthM: 1 },
    },
  });
  expect(salt.waterDensityKgM3).toBe(1025);
  expect(problem('paddletail').waterDensityKgM3).toBe(998);
});

describe('onto a bed', () => {
  const onBed = (family: Parameters<typeof request>[0]): PlanTask => {
    const r = request(family, { depthM: 1.5, fishDepthM: 1.4 });
    return setUpTask({ ...r, conditions: { ...r.conditions, behaviour: 'guarding', month: 4 } });
  };
  test('it is pitched, lies on the bottom and is shaken where it lies, for as long as a pass takes', () => {
    const p = onBed('texas-rig');
    expect(p.castM).toBeLessThan(12);
    expect([p.depthM, p.floorDepthM, p.bandM[1], p.style]).toEqual([1.5, 1.5, 1.5, 'shake']);
    expect(p.longestS).toBeCloseTo(30 + p.sinkS, 6);
    expect(firstSettings(p).turnsPerS).toBe(MIN_TURNS_PER_S);
    expect(onBed('big-swimbait').style).toBe('shake');
    // A lead head, solid metal and a soft body that is swum elsewhere lie as well.
    for (const family of ['bladed-jig', 'casting-spoon', 'soft-jerk-weightless'] as const)
      expect([family, onBed(family).style]).toEqual([family, 'shake']);
    // What floats up cannot be left to lie; what is worked on top is not let down.
    for (const family of ['floating-minnow', 'square-bill', 'suspending-jerkbait'] as const)
      expect([family, onBed(family).style]).not.toEqual([family, 'shake']);
    expect(onBed('popper').onBed).toBe(false);
    expect(problem('texas-rig').onBed).toBe(false);
  });
});
