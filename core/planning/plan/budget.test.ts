import { usualRequest } from '../../fixtures/usualRequest';
import type { PlanRequest } from '../task/request';
import { affordable, leastOf, rationed, WORK } from './budget';
import type { Candidate } from './candidates';
import { atOnce, castNow } from './casting';
import { planInSteps, type Plan } from './plan';

/** A plan, and what its casts took. */
function planned(request: PlanRequest): { plan: Plan; work: number; dearest: number } {
  const steps = planInSteps(request, 'settled');
  let [work, dearest] = [0, 0];
  let step = steps.next();
  while (!step.done) {
    const tracks = step.value.jobs.map(castNow);
    for (const t of tracks) {
      work += t.work;
      dearest = Math.max(dearest, t.work);
    }
    step = steps.next(tracks);
  }
  return { plan: step.value, work, dearest };
}

const all = Object.values(WORK).reduce((a, b) => a + b, 0);

test('a short cast is looked at in full, and takes a fraction of what a plan may', () => {
  const { plan, work } = planned(usualRequest('spinnerbait'));
  expect(plan.candidates).toBeGreaterThanOrEqual(100);
  expect(work).toBeLessThan(all / 2);
});

// Nudged on a bottom in a current across: hundreds of small steps in space for every cast.
const nudged: PlanRequest = {
  ...usualRequest('panfish-jig-straight'),
  conditions: {
    species: 'walleye',
    month: 11,
    water: {
      setting: 'river',
      surfaceTempC: 8,
      clarityM: 1,
      depthM: 4,
      fishDepthM: 3.6,
      currentMps: 0.3,
      cover: { kind: 'none', density: 0 },
    },
    access: 'bank',
  },
};

test('a cast that takes long to simulate gets fewer looks, and its plan is the same every time', () => {
  const { plan, work, dearest } = planned(nudged);
  expect(dearest).toBeGreaterThan(WORK.search / 100);
  expect(work).toBeLessThan(2 * all);
  expect(plan.candidates).toBeLessThan(100);
  expect(plan.zoneShare.low).toBeLessThanOrEqual(plan.zoneShare.mean);
  expect(plan.zoneShare.high).toBeGreaterThanOrEqual(plan.zoneShare.mean);
  expect(planned(nudged).plan).toEqual(plan);
});

test('as many as can be afforded, within what is asked', () => {
  expect([1, 10, 1e6, 0].map((each) => affordable(100, each, [4, 50]))).toEqual([50, 10, 4, 50]);
});

test('where even the least goes far beyond, fewer must do, and one is always had', () => {
  expect([1, 24, 25, 26, 63, 1e6].map((each) => leastOf(100, each, 5))).toEqual([5, 5, 5, 4, 1, 1]);
});

test('rationed casts say when their work is used up', () => {
  const each = { track: { work: 40 } } as Candidate;
  const { tried, more } = rationed(function* (hands) {
    return hands.map(() => each);
  }, 100);
  const left = [1, 2, 1].map((n) => {
    atOnce(tried(Array.from({ length: n }, () => ({}) as never)));
    return more();
  });
  expect(left).toEqual([true, false, false]);
});
