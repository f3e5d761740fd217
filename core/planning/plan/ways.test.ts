import { usualRequest as request } from '../../fixtures/usualRequest';
import { castNow } from './casting';
import { planRetrieve } from './plan';
import { setUpTask } from '../task/setup';
import { bestWay } from './ways';
import type { PlanRequest } from '../task/request';

/** Its way, and how many casts it took to find it. */
function wayOf(r: PlanRequest): { style: string; casts: number } {
  let casts = 0;
  const steps = bestWay(setUpTask(r));
  let step = steps.next();
  while (!step.done) {
    casts += step.value.length;
    step = steps.next(step.value.map(castNow));
  }
  return { style: step.value.style, casts };
}
const deep = { depthM: 10, fishDepthM: 6, cover: { kind: 'none', density: 0 } } as const;
const shallow = { depthM: 3, fishDepthM: 1.5, cover: { kind: 'none', density: 0 } } as const;

test('metal over deep fish is tried lifted and dropped too, over shallow ones it is only drawn along', () => {
  const spoon = (water: Parameters<typeof request>[1]): PlanRequest => ({
    ...request('casting-spoon', water),
    lure: { family: 'casting-spoon', weightKg: 0.021 },
  });
  expect(wayOf(spoon(deep)).casts).toBeGreaterThan(10);
  expect(['yo-yo', 'steady', 'stop-and-go']).toContain(wayOf(spoon(deep)).style);
  expect(wayOf(spoon(shallow)).casts).toBe(0);
  expect(wayOf(spoon(shallow)).style).not.toBe('yo-yo');
});

test('deep and warm, a heavy spoon is lifted and let fall', () => {
  const warm = request('casting-spoon', { ...deep, surfaceTempC: 24 });
  const p = planRetrieve({ ...warm, lure: { family: 'casting-spoon', weightKg: 0.021 } }, 'first');
  expect(p.hands.style).toBe('yo-yo');
  expect(p.phaseS.fall).toBeGreaterThan(4);
});

test('what is set by hand is not looked past', () => {
  for (const set of [{ style: 'steady' }, { pauseS: 2 }] as const)
    expect(wayOf({ ...request('casting-spoon', deep), set }).casts).toBe(0);
  expect(wayOf(request('paddletail', deep)).casts).toBe(0);
});
