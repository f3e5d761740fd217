import { usualRequest as request } from '../../fixtures/usualRequest';
import {
  changedByHand,
  changedTo,
  withoutSetting,
  WORTH_SAYING,
  type PlanRequest,
  type PlanSettings,
} from '../task/request';
import { planRetrieve } from './plan';

const hasty: PlanRequest = { ...request('spinnerbait'), set: { turnsPerS: 1.4 } };

test('doing what is held out brings what was said, and taking it back gives the first plan again', () => {
  const plan = planRetrieve(hasty);
  const offered = plan.buys.filter((b) => b.gain > WORTH_SAYING);
  expect(offered.length).toBeGreaterThan(0);
  for (const b of offered.slice(0, 2)) {
    const set = changedTo(plan, hasty.set!, b.settings);
    const after = planRetrieve({ ...hasty, set });
    expect(after.zoneShare.mean - plan.zoneShare.mean).toBeCloseTo(b.gain, 9);
    // Another line is no part of the hands.
    const { line: _, tip, ...hands } = b.settings;
    expect({ ...after.hands, ...(tip ? { tip: null } : {}) }).toMatchObject({
      ...plan.hands,
      ...hands,
      tip: tip ? null : plan.hands.tip,
    });
    const back = (Object.keys(b.settings) as (keyof PlanSettings)[]).reduce(withoutSetting, set);
    const again = planRetrieve({ ...hasty, set: back });
    expect([again.zoneShare.mean, again.castS, again.hands]).toEqual([plan.zoneShare.mean, plan.castS, plan.hands]);
  }
});

test('a change of what the angler had set gives his own back; with the last change goes what it held', () => {
  const plan = planRetrieve(request('spinnerbait'), 'first');
  const one = changedTo(plan, { turnsPerS: 1.4 }, { turnsPerS: 0.9 });
  expect(one).toMatchObject({ turnsPerS: 0.9, held: { castM: plan.hands.castM, own: { turnsPerS: 1.4 } } });
  expect(withoutSetting(one, 'turnsPerS')).toMatchObject({ turnsPerS: 1.4 });
  const two = changedTo(plan, changedTo(plan, {}, { castM: 15 }), { tip: 'up' });
  expect(changedByHand(two)).toEqual(['castM', 'tip']);
  expect(withoutSetting(two, 'tip')).toMatchObject({ castM: 15, held: { tip: plan.hands.tip.position } });
  expect(withoutSetting(withoutSetting(two, 'tip'), 'castM')).toEqual({});
});
