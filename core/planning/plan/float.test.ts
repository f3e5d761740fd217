import { usualRequest as request } from '../../fixtures/usualRequest';
import { defaultCadence } from '../cadence/library';
import { setUpTask } from '../task/setup';
import { trials } from './changes';
import { planRetrieve, type Plan } from './plan';

const brush = { cover: { kind: 'brush', density: 0.4 }, depthM: 4, fishDepthM: 2 } as const;
const jig = (set = {}) => ({
  ...request('panfish-jig-straight', brush, { set }),
  lure: { family: 'panfish-jig-straight', weightKg: 0.0018 } as const,
});
const first = (set = {}): Plan => planRetrieve(jig(set), 'first');

test('a plain jig is pitched past the brush and counted down, on no float that nobody chose', () => {
  const p = first();
  expect(p.belowFloatM).toBeNull();
  expect(p.canFloat).toBe(true);
  expect(p.hands.style).toBe('nudge');
  expect(p.hands.countdownS).toBeGreaterThan(2);
  expect(p.hands.castM).toBeLessThanOrEqual(9);
  expect(p.flightM).toBeGreaterThan(9);
});

test('three twitches of a hand’s breadth, then a hang', () => {
  const { steps } = defaultCadence({ style: 'nudge', moodMean: 2, pauseS: 3, turnsPerS: 0.5 });
  expect(steps.map((s) => s.kind)).toEqual(['twitch', 'twitch', 'twitch', 'pause', 'turn']);
  for (const s of steps.slice(0, 3)) expect(Math.hypot(s.tip!.backM, s.tip!.upM)).toBeCloseTo(0.1, 6);
  expect(steps[3]!.durationS).toBe(3);
});

test('under a float it hangs at their depth for the cast, and the float can be taken off again', () => {
  const p = first({ float: true });
  expect(p.belowFloatM).toBe(p.depthM);
  expect(Math.abs(p.depthM - 2)).toBeLessThan(0.3);
  expect(p.zoneShare.mean).toBeGreaterThan(0.75);
  const kinds = (set: object): string[] => {
    const q = setUpTask(jig(set));
    return trials(q, first(set).hands).map((t) => t.change.kind);
  };
  expect(kinds({ float: true })).toContain('no-float');
  expect(kinds({})).toContain('float');
});

test('what is heavy or has a lip hangs from no float, whatever is asked', () => {
  for (const family of ['paddletail', 'deep-crank'] as const) {
    const p = planRetrieve({ ...request(family, brush), set: { float: true, castM: 12, style: 'steady' } }, 'first');
    expect([p.belowFloatM, p.canFloat]).toEqual([null, false]);
  }
});
