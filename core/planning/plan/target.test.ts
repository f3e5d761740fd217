import { usualRequest as request } from '../../fixtures/usualRequest';
import type { FamilyId } from '../../lures/family';
import { AROUND_TARGET_M } from '../task/placing';
import { setUpTask } from '../task/setup';
import { trials } from './changes';
import { planRetrieve, type Plan } from './plan';

const open = { depthM: 4.5, fishDepthM: 3, cover: { kind: 'none', density: 0 } } as const;
const asked = (family: FamilyId, targetM?: number, water: Parameters<typeof request>[1] = open) => ({
  ...request(family, water),
  ...(targetM === undefined ? {} : { targetM }),
});
const first = (family: FamilyId, targetM?: number, water?: Parameters<typeof request>[1]): Plan =>
  planRetrieve(asked(family, targetM, water), 'first');
/** Seconds in the band within reach of the target, from the track itself. */
const secondsThere = (p: Plan, targetM: number): number =>
  p.track.tS.filter(
    (t, i) =>
      t <= p.track.workedS &&
      Math.abs(p.track.xM[i]! - targetM) <= AROUND_TARGET_M &&
      p.track.depthM[i]! >= p.bandM[0] - 0.02 &&
      p.track.depthM[i]! <= p.bandM[1] + 0.05,
  ).length * 0.2;

test('aimed at nothing the whole cast counts', () => {
  const p = first('deep-crank');
  expect(p.aim).toBeNull();
  expect(p.track.countedS).toBe(p.track.zoneS);
});

test('a deep diver is thrown well past, so that it is down when it gets there', () => {
  const p = first('deep-crank', 18);
  expect(p.aim!.targetM).toBe(18);
  expect(p.overshootM).toBeGreaterThan(4);
  expect(p.overshootM).toBeCloseTo(p.hands.castM - 18, 9);
  expect(p.aim!.seconds).toBeGreaterThan(1);
  expect(p.track.countedS).toBeCloseTo(secondsThere(p, 18), 0);
  expect(p.aim!.seconds).toBeLessThanOrEqual(p.zoneSecondsPerCast + 1e-9);
});

test('once it is past it is reeled in: the next cast is worth more than the way home', () => {
  const p = first('popper', 18, { depthM: 2, fishDepthM: 1, cover: { kind: 'none', density: 0 } });
  expect(p.hands.castM).toBeLessThan(22);
  expect(p.workedToM).toBeLessThan(18);
  expect(p.workedToM).toBeGreaterThan(9);
});

test('the hands are those that are best there, not along the whole cast', () => {
  const at = (targetM: number): Plan => planRetrieve(asked('paddletail', targetM), 'settled');
  const p = at(15);
  expect(p.aim!.seconds).toBeGreaterThan(2);
  const other = planRetrieve({ ...asked('paddletail'), set: {} }, 'settled');
  const worthThere = (q: Plan): number => secondsThere(q, 15) / (q.castS + 8);
  expect(worthThere(p)).toBeGreaterThan(worthThere(other));
  // How far to throw follows from what is aimed at: no other cast is offered.
  const q = setUpTask(asked('paddletail', 15));
  expect(trials(q, p.hands).map((t) => t.change.kind)).not.toContain('cast-longer');
  expect(trials(q, p.hands).map((t) => t.change.kind)).not.toContain('cast-shorter');
});

test('out of reach: planned as if aimed at nothing', () => {
  const p = first('paddletail', 100);
  expect(p.hands).toEqual(first('paddletail').hands);
  expect(p.aim).toBeNull();
});

test('what is pitched into cover is on it as it lands', () => {
  const wood = { depthM: 2, fishDepthM: 1.2, cover: { kind: 'wood', density: 0.7 } } as const;
  expect(first('flipping-jig', 6, wood).aim).toBeNull();
});
