/** What takes a settled plan of every kind to see: how much is tried, and that nothing beside it is better. */
import { usualRequest as request } from '../../fixtures/usualRequest';
import { MESH } from '../../simulation/types';
import { STANDS, tipSetting } from '../../tackle/stand';
import { atOnce, castNow, together, type CastJob, type Steps } from './casting';
import { planInSteps, planRetrieve, type Plan } from './plan';
import { CANDIDATES, MIN_CANDIDATES } from './search';
import { firstSettings, setUpTask } from '../task/setup';
import { simulateSettings } from './track';
import { worth } from './worth';
import type { Access } from '../../water/terms';

describe('a hundred casts on the model, fewer where each takes long to simulate', () => {
  test.each([
    ['spinnerbait', MIN_CANDIDATES],
    ['deep-crank', MIN_CANDIDATES],
    ['football-jig', CANDIDATES.least],
  ] as const)('a %s: at least %d different hands, told as it goes', (family, least) => {
    const r = request(family, family === 'football-jig' ? { fishDepthM: 3.3 } : {});
    const steps = planInSteps(r, 'settled');
    let last = 0;
    let s = steps.next();
    while (!s.done) {
      expect(s.value.done).toBeGreaterThanOrEqual(last);
      expect(s.value.done).toBeLessThan(s.value.of);
      last = s.value.done;
      s = steps.next(s.value.jobs.map(castNow));
    }
    expect(s.value.candidates).toBeGreaterThanOrEqual(least);
  });

  test('nothing the search tried is better than what it settles on, by more than the mesh can tell', () => {
    const r = request('spinnerbait');
    const p = setUpTask(r);
    const settled = planRetrieve(r);
    const own = worth(p, settled.hands, settled.track);
    // A plain grid of its own, on the planner's last mesh.
    for (const turnsPerS of [0.6, 0.75, 0.9, 1.05])
      for (const countdownS of [0, 1, 2, 3])
        for (const position of ['down', 'level', 'up'] as const) {
          const h = { ...settled.hands, turnsPerS, countdownS, tip: tipSetting(position, r.rod, 'bow') };
          expect(worth(p, h, simulateSettings(p, h, { mesh: MESH.plan }))).toBeLessThan(own * 1.06);
        }
  });
});

const from = (access: Access, currentAngleDeg: number | null): Plan => {
  const r = request('paddletail', { currentMps: 0.3, currentAngleDeg });
  return planRetrieve({ ...r, conditions: { ...r.conditions, access } });
};
test('in a current that nobody gave an angle the plan chooses one that the stand allows', () => {
  for (const access of ['bow', 'stern'] as const) {
    const p = from(access, null);
    expect(STANDS[access].anglesDeg).toContain(p.hands.angleDeg);
  }
  expect(from('bow', 180).hands.angleDeg).toBe(180);
});

test('works side by side come to what each comes to alone, in one batch a step', () => {
  const task = setUpTask(request('spinnerbait'));
  const start = firstSettings(task);
  const cast = (castM: number): CastJob => ({ task, hands: { ...start, castM }, how: { mesh: MESH.scan } });
  function* work(castsM: readonly number[][]): Steps<number> {
    let sum = 0;
    for (const each of castsM) for (const t of yield each.map(cast)) sum += t.castS;
    return sum;
  }
  const all = [[[12], [14, 15]], [], [[20, 22], [], [24], [16]]];
  const batches: number[] = [];
  const steps = together(all.map(work));
  let step = steps.next();
  while (!step.done) {
    batches.push(step.value.length);
    step = steps.next(step.value.map(castNow));
  }
  expect(step.value).toEqual(all.map((x) => atOnce(work(x))));
  expect(batches).toEqual([3, 2, 1, 1]);
});
