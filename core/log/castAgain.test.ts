/** A logged cast made once more swims as the plan's did. */
import { usualRequest } from '../fixtures/usualRequest';
import { planRetrieve } from '../planning/plan/plan';
import { simulateSettings } from '../planning/plan/track';
import { setUpTask } from '../planning/task/setup';
import { MESH } from '../simulation/types';
import { castAgain } from './castAgain';

test('the same path, to the digit, from what a block keeps of it', () => {
  const request = usualRequest('suspending-jerkbait');
  const plan = planRetrieve(request, 'first');
  const how = { mesh: MESH.quick };
  const then = simulateSettings(setUpTask({ ...request, set: { cadence: plan.track.cadence } }), plan.hands, how);
  const again = castAgain({ conditions: request.conditions, presentation: plan.presentation } as never)!;
  const now = simulateSettings(setUpTask(again.request), again.hands, how);
  expect(now.depthM.length).toBe(then.depthM.length);
  expect(Math.max(...now.depthM)).toBeGreaterThan(0.3);
  now.depthM.forEach((d, i) => expect(d).toBeCloseTo(then.depthM[i]!, 9));
});

test('what is let down is no cast', () => {
  const plan = planRetrieve(usualRequest('suspending-jerkbait'), 'first');
  const presentation = { ...plan.presentation, castM: 0 };
  expect(castAgain({ conditions: usualRequest('suspending-jerkbait').conditions, presentation } as never)).toBeNull();
});
