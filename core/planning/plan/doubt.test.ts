import { trials } from './changes';
import { DIFFERENCE_DOUBT, DRAWS, gainRange, mean } from './doubt';
import { planRetrieve } from './plan';
import { WORTH_SAYING, type PlanRequest } from '../task/request';
import { setUpTask } from '../task/setup';
import { simulateSettings } from './track';
import { MESH } from '../../simulation/types';
import { corners, drawTackle } from '../task/tackleDraws';

const REQUEST: PlanRequest = {
  conditions: {
    species: 'largemouth-bass',
    month: 10,
    water: { setting: 'lake', surfaceTempC: 12, clarityM: 1.5, depthM: 3.4, fishDepthM: 1.4 },
  },
  lure: { family: 'suspending-jerkbait' },
  rod: { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon', strengthLb: 10 },
};

test('at the four corners each deviation is evened out, and each pair of them', () => {
  const logs = corners(setUpTask(REQUEST)).map(
    (c) => [Math.log(c.lureDrag!), Math.log(c.lineDrag!), Math.log(c.lureLift!)] as const,
  );
  for (const i of [0, 1, 2] as const) {
    expect(mean(logs.map((l) => l[i]))).toBeCloseTo(0, 12);
    for (const j of [0, 1, 2] as const) if (i < j) expect(mean(logs.map((l) => l[i] * l[j]))).toBeCloseTo(0, 12);
  }
});

test('a range holds every corner and the likeliest, with the doubt of two shares, and stays a share', () => {
  const r = gainRange([0.1, 0.2, -0.05, 0.15], -0.1);
  expect(r.gain).toBeCloseTo(0.1, 12);
  expect(r.low).toBeCloseTo(
    Math.min(-0.1, 0.1 - 1.645 * Math.sqrt(mean([0, 0.01, 0.0225, 0.0025]))) - DIFFERENCE_DOUBT,
    9,
  );
  expect(r.high).toBeGreaterThanOrEqual(0.2 + DIFFERENCE_DOUBT);
  expect(gainRange([0.99, 0.99, 0.99, 0.99], 0.99).high).toBe(1);
});

test.each(['suspending-jerkbait', 'spinnerbait'] as const)(
  'what a change is told to gain is what all the draws say it gains: %s',
  (family) => {
    const request = { ...REQUEST, lure: { family } };
    const p = setUpTask(request);
    const plan = planRetrieve(request);
    const share = (q: typeof p, hands: typeof plan.hands) =>
      DRAWS.map((n) => simulateSettings(q, hands, { mesh: MESH.scan, ...drawTackle(q, n) }).zoneShare);
    const before = share(p, plan.hands);
    // What seems to gain is worked out as a plan is (promise.test.ts); the others by the corners.
    const byCorners = (q: typeof p, hands: typeof plan.hands): number =>
      mean(corners(q).map((c) => simulateSettings(q, hands, { mesh: MESH.scan, ...c }).zoneShare));
    const atCorners = byCorners(p, plan.hands);
    const all = trials(p, plan.hands).filter((t) => byCorners(t.problem, t.hands) - atCorners < WORTH_SAYING);
    const misses = all.flatMap(({ change, problem, hands }) => {
      const said = plan.buys.find(
        (b) => b.kind === change.kind && JSON.stringify(b.settings) === JSON.stringify(change.settings),
      );
      // Of a cast that takes long to simulate not every change is looked at.
      if (!said) return [];
      const after = share(problem, hands);
      const truth = mean(after.map((s, n) => s - before[n]!));
      expect(truth).toBeGreaterThanOrEqual(said.low);
      expect(truth).toBeLessThanOrEqual(said.high);
      return [said.gain - truth];
    });
    expect(misses.length).toBeGreaterThanOrEqual(5);
    expect(Math.sqrt(mean(misses.map((m) => m * m)))).toBeLessThan(0.06);
  },
);
