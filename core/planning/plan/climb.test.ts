import { usualRequest as request } from '../../fixtures/usualRequest';
import type { FamilyId } from '../../lures/family';
import { MESH } from '../../simulation/types';
import type { PlanSettings, Rise } from '../task/request';
import { firstSettings, setUpTask, type PlanTask } from '../task/setup';
import { planRetrieve } from './plan';
import { simulateSettings, type Track } from './track';
import { cleanShare, worth } from './worth';

const water = { depthM: 4.5, fishDepthM: 3, cover: { kind: 'none', density: 0 } } as const;
const HANDS: PlanSettings = { castM: 24, countdownS: 6, turnsPerS: 0.6, style: 'steady', tip: 'down' };
const task = (family: FamilyId, over: Rise | null, set: PlanSettings = HANDS): PlanTask =>
  setUpTask({ ...request(family, water, { set }), over });
const cast = (family: FamilyId, over: Rise | null, set?: PlanSettings): Track => {
  const p = task(family, over, set);
  return simulateSettings(p, firstSettings(p), { mesh: MESH.quick, workedToM: null });
};
const depthAt = (t: Track, xM: number): number => t.depthM[t.xM.findIndex((x, i) => t.tS[i]! > 7 && x <= xM)]!;

const plain = cast('paddletail', null);
const rise: Rise = { atM: 12, topM: depthAt(plain, 12) - 0.3 };

test('with nothing on the way there is nothing to climb', () => {
  expect(plain.climb).toBeNull();
});

test('a lure that would strike it is lifted over by the rod, not before and not for longer than it takes', () => {
  const t = cast('paddletail', rise);
  expect(t.climb!.upFromM).toBeCloseTo(16, 0);
  expect(t.climb!.clearM).toBeGreaterThan(-0.1);
  expect(depthAt(t, 12)).toBeLessThan(depthAt(plain, 12) - 0.25);
  // Before the rod goes up nothing has changed.
  expect(depthAt(t, 17)).toBeCloseTo(depthAt(plain, 17), 6);
  expect(depthAt(t, 12)).toBeLessThan(depthAt(t, 16));
});

test('what it passes above anyway is left alone: not a move more, the same path', () => {
  const t = cast('paddletail', { atM: 12, topM: 4.2 });
  expect(t.climb!.upFromM).toBeNull();
  expect(t.climb!.clearM).toBeGreaterThan(0.5);
  expect(t.depthM).toEqual(plain.depthM);
});

test('a rod that is high already has no higher to go; a cast that strikes is worth less', () => {
  const high = { ...HANDS, tip: 'up' } as const;
  const top: Rise = { atM: 12, topM: 0.3 };
  const t = cast('paddletail', top, high);
  expect(t.climb!.upFromM).toBeNull();
  expect(t.climb!.clearM).toBeLessThan(0);
  const p = task('paddletail', top, high);
  const free = task('paddletail', null, high);
  const h = firstSettings(p);
  expect(cleanShare(t.climb!)).toBeLessThan(0.5);
  expect(worth(p, h, t)).toBeCloseTo(cleanShare(t.climb!) * worth(free, h, cast('paddletail', null, high)), 6);
});

test('the planner would rather clear it: slower count, quicker hands or a higher rod', () => {
  const over: Rise = { atM: 12, topM: 2.6 };
  const p = planRetrieve({ ...request('paddletail', water), over }, 'settled');
  expect(p.over!.clearM).toBeGreaterThan(-0.15);
  expect(p.zoneShare.mean).toBeGreaterThan(0.2);
});

test('what stays on top, what is pitched, and what lies beyond the cast or the bottom climbs nothing', () => {
  expect(task('popper', rise).over).toBeNull();
  expect(task('paddletail', { atM: 30, topM: 2 }).over).toBeNull();
  expect(task('paddletail', { atM: 12, topM: 5 }).over).toBeNull();
  expect(task('paddletail', rise).over).toEqual(rise);
});
