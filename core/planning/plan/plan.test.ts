import { usualRequest as request } from '../../fixtures/usualRequest';
import { presentationId } from '../task/presentation';
import { MESH } from '../../simulation/types';
import type { Cadence } from '../cadence/cadence';
import { planRetrieve, type Plan } from './plan';
import type { PlanRequest } from '../task/request';
import { MAX_CAST_S } from '../task/placing';
import { firstSettings, setUpTask } from '../task/setup';
import { simulateSettings } from './track';
import type { Access } from '../../water/terms';
import { worth } from './worth';

const plan = (r: PlanRequest): Plan => planRetrieve(r);
/** What holds of any plan is asked of the first answer: it costs a tenth. */
const firstPlan = (r: PlanRequest): Plan => planRetrieve(r, 'first');

test('a paddle tail is kept among the fish, and the settled plan is no worse than the first guess', () => {
  const r = request('paddletail');
  const settled = plan(r);
  const first = firstPlan(r);
  expect(settled.zoneShare.mean).toBeGreaterThan(0.4);
  expect(settled.track.zoneShare).toBeGreaterThan(first.track.zoneShare - 0.06);
  expect(settled.zoneShare.low).toBeLessThanOrEqual(settled.zoneShare.mean);
  expect(settled.zoneShare.high).toBeGreaterThanOrEqual(settled.zoneShare.mean);
  expect(settled.simulations).toBeGreaterThan(10);
  expect(first.simulations).toBeLessThan(60);
  expect(settled.zoneShare.mean).toBeGreaterThanOrEqual(first.zoneShare.low);
  expect(settled.zoneShare.mean).toBeLessThanOrEqual(first.zoneShare.high);
  expect(Math.abs(first.zoneShare.mean - settled.zoneShare.mean)).toBeLessThan(0.12);
});

test('what is swum over or under the fish counts at its own depth, and the plan says which', () => {
  const at = (family: 'deep-crank' | 'spinnerbait' | 'popper', fishDepthM: number): Plan =>
    firstPlan(request(family, { fishDepthM }));
  const under = at('deep-crank', 0.8);
  expect(under.beside).toBe('under');
  expect(under.bandM[1]).toBeGreaterThan(1.5);
  expect(at('spinnerbait', 1.5).beside).toBeNull();
  expect(at('popper', 2.5).beside).toBeNull();
});

test.each(['suspending-jerkbait', 'square-bill', 'spinnerbait'] as const)(
  'the settled %s is worth what the first answer is, cast as finely, or more',
  (family) => {
    const r = request(family, { windMps: 4, depthM: 3.2, fishDepthM: 1.4 });
    const p = setUpTask(r);
    const worthOf = ({ hands }: Plan): number => worth(p, hands, simulateSettings(p, hands, { mesh: MESH.plan }));
    // Of two that are as good the steadier one is taken.
    expect(worthOf(plan(r))).toBeGreaterThanOrEqual(0.98 * worthOf(firstPlan(r)));
  },
);

test('the promise holds on a finer mesh', () => {
  const r = request('spinnerbait');
  const p = plan(r);
  const again = simulateSettings(setUpTask(r), p.hands, { mesh: MESH.fine, workedToM: p.workedToM });
  expect(Math.abs(again.zoneShare - p.track.zoneShare)).toBeLessThan(0.08);
});

test('the track runs inside its range, and a counted sink narrows that and moves it', () => {
  const r = request('paddletail', {}, { set: { castM: 20, countdownS: 4, turnsPerS: 0.8, style: 'steady' } });
  const width = (p: Plan): number =>
    p.range!.deepM.reduce((s, d, i) => s + d - p.range!.shallowM[i]!, 0) / p.range!.deepM.length;
  const before = plan(r);
  before.track.depthM.forEach((d, i) => {
    expect(d).toBeGreaterThanOrEqual(before.range!.shallowM[i]! - 1e-9);
    expect(d).toBeLessThanOrEqual(before.range!.deepM[i]! + 1e-9);
  });
  // Slower than the model would have it: draggier, so it runs shallower.
  const slow = { kind: 'sink-slack' as const, depthM: 4, seconds: 8, castM: 6 };
  const counted = plan({ ...r, measured: { lure: [slow, slow] } });
  expect(width(counted)).toBeLessThan(0.95 * width(before));
  expect(counted.known.drag.ratio).toBeGreaterThan(1.05);
  expect(counted.deepestM).toBeLessThan(before.deepestM);
  // A reel that takes less line a turn than its label says works the lure slower.
  const reel = plan({ ...r, measured: { reel: [{ lengthM: 20, turns: 26 }] } });
  expect(reel.known.reel.ratio).toBeLessThan(0.98);
  expect(reel.handleSpeedMps).toBeLessThan(before.handleSpeedMps);
});

test('phases cover the whole cast', () => {
  const p = firstPlan(request('suspending-jerkbait', { fishDepthM: 1.2 }));
  const total = Object.values(p.phaseS).reduce((s, v) => s + v, 0);
  expect(total).toBeCloseTo(p.castS, 0);
  expect(p.phaseS.pause).toBeGreaterThan(0);
});

test('what the angler sets is left alone', () => {
  const p = plan(request('paddletail', {}, { set: { castM: 18, countdownS: 2, tip: 'up', turnsPerS: 0.7 } }));
  expect(p.hands).toMatchObject({ castM: 18, countdownS: 2, turnsPerS: 0.7 });
  expect(p.hands.tip.position).toBe('up');
});

test('a surface lure stays on top and needs no search', () => {
  const p = plan(request('walking-bait'));
  expect(p.zoneShare.mean).toBeGreaterThan(0.9);
  expect(p.deepestM).toBeLessThan(0.15);
  expect(p.buys).toEqual([]);
});

test('a jig reaches the bottom and rests on it', () => {
  const p = firstPlan(
    request('football-jig', { fishDepthM: 3.3, depthM: 3.5, cover: { kind: 'rock', density: 0.3 }, bottom: 'rock' }),
  );
  expect(p.bottomS).toBeGreaterThan(5);
  expect(p.deepestM).toBeCloseTo(3.5, 0);
});

test('in wood a Texas rig is dropped short and carried by the limbs', () => {
  const r = request('texas-rig', { cover: { kind: 'wood', density: 0.5 } });
  const p = firstPlan(r);
  expect(p.hands.castM).toBeLessThan(10);
  expect(p.deepestM).toBeLessThan(2.2);
});

test('the bait below a cork hangs at its depth', () => {
  const p = firstPlan({
    ...request('popping-cork-shrimp'),
    conditions: {
      species: 'spotted-seatrout',
      water: { setting: 'flat', surfaceTempC: 23, depthM: 1.5, fishDepthM: 0.9, clarityM: 0.8 },
    },
  });
  expect(p.deepestM).toBeCloseTo(0.9, 1);
  expect(p.zoneShare.mean).toBeGreaterThan(0.8);
});

test('changes are sorted by what they buy, and each says what to set', () => {
  const p = plan(request('deep-crank', { fishDepthM: 2.4 }));
  expect(p.buys.length).toBeGreaterThan(3);
  p.buys.forEach((b, i) => {
    if (i > 0) expect(b.gain).toBeLessThanOrEqual(p.buys[i - 1]!.gain);
    expect(Object.keys(b.settings)).toHaveLength(1);
    expect(b.low).toBeLessThanOrEqual(b.gain);
    expect(b.high).toBeGreaterThanOrEqual(b.gain);
  });
});

test('a change does what it says: setting it gives about that share', () => {
  const r = request('deep-crank', { fishDepthM: 2.4 });
  const base = plan(r);
  const worst = base.buys[base.buys.length - 1]!;
  const hands = base.hands;
  const again = plan({
    ...r,
    set: {
      castM: hands.castM,
      countdownS: hands.countdownS,
      tip: hands.tip.position,
      turnsPerS: hands.turnsPerS,
      pauseS: hands.pauseS,
      ...worst.settings,
    },
  });
  expect(again.zoneShare.mean).toBeLessThan(base.zoneShare.mean);
});

test('colder fish get longer hangs and fewer turns', () => {
  const warm = firstSettings(setUpTask(request('suspending-jerkbait', { surfaceTempC: 24 })));
  const cold = firstSettings(setUpTask(request('suspending-jerkbait', { surfaceTempC: 6 })));
  expect(cold.pauseS).toBeGreaterThan(warm.pauseS);
  expect(cold.turnsPerS).toBeLessThanOrEqual(warm.turnsPerS);
});

test('deterministic, and the same hands have the same identity', () => {
  const a = plan(request('paddletail'));
  const b = plan(request('paddletail'));
  expect(a.track.depthM).toEqual(b.track.depthM);
  expect(presentationId(a.presentation)).toBe(presentationId(b.presentation));
  expect(presentationId({ ...a.presentation, countdownS: a.presentation.countdownS + 1 })).not.toBe(
    presentationId(a.presentation),
  );
  expect(presentationId({ ...a.presentation, lure: { ...a.presentation.lure, dragAreaM2: 1 } })).toBe(
    presentationId(a.presentation),
  );
});

describe('the mood is in the hands', () => {
  const signs = (kind: 'hit-at-once' | 'follow' | 'empty-cast', count: number): PlanRequest => {
    const r = request('suspending-jerkbait', { surfaceTempC: 12, fishDepthM: 1.2 });
    return { ...r, conditions: { ...r.conditions, signs: [{ kind, count, minutesAgo: 2 }] } };
  };
  const shut = plan(signs('empty-cast', 60));
  const lively = plan(signs('hit-at-once', 4));
  test('shut fish get longer hangs and a slower lure, lively ones the reverse', () => {
    expect(shut.wish.pauseS).toBeGreaterThan(1.4 * lively.wish.pauseS);
    expect(shut.hands.pauseS).toBeGreaterThan(lively.hands.pauseS);
    expect(shut.wish.speedMps).toBeLessThan(lively.wish.speedMps);
    expect(shut.wish.givenMps).toBeLessThan(lively.wish.givenMps);
  });
  test('and the plan knows why', () => {
    for (const p of [shut, lively]) {
      expect(p.wish.shutPauseS).toBeGreaterThanOrEqual(p.wish.pauseS);
      expect(p.wish.livelyPauseS).toBeLessThanOrEqual(p.wish.pauseS);
    }
  });
});

describe('where one stands', () => {
  const from = (access: Access): Plan => {
    const r = request('paddletail');
    return plan({ ...r, conditions: { ...r.conditions, access } });
  };
  test('from a jetty the rod is never low, and the last metres are the stones’', () => {
    const p = from('jetty');
    expect(p.hands.tip.position).not.toBe('down');
    expect(p.workedToM).toBeGreaterThan(3.5);
    expect(p.buys.some((b) => b.settings.tip === 'down')).toBe(false);
  });
  test('wading and sitting throw shorter than standing', () => {
    const far = (access: Access): number =>
      setUpTask({ ...request('paddletail'), conditions: { ...request('paddletail').conditions, access } }).comfortableM;
    expect(far('wade')).toBeLessThan(far('bow'));
    expect(far('kayak')).toBeLessThan(far('wade'));
  });
});

test('worked only as long as anyone works one cast, then reeled in', () => {
  const p = firstPlan(request('finesse-jig', { surfaceTempC: 4, fishDepthM: 3.3 }));
  expect(p.castS - p.reelInS).toBeLessThanOrEqual(MAX_CAST_S + 1);
  expect(p.track.tS[p.track.tS.length - 1]!).toBeCloseTo(p.castS, 6);
  if (p.workedToM !== null) expect(p.reelInS).toBeGreaterThan(0.5);
});

test('an own cadence is worked as it is, and its turns are not the planner’s to change', () => {
  const cadence: Cadence = {
    steps: [
      { kind: 'turn', durationS: 2, handleTurns: 1.6 },
      { kind: 'pause', durationS: 3 },
    ],
    loop: true,
  };
  const p = plan(request('suspending-jerkbait', {}, { set: { cadence } }));
  expect(p.presentation.cadence).toEqual(cadence);
  expect(p.own).toBe(true);
  expect(p.buys.some((b) => b.kind === 'slower' || b.kind === 'hang-more')).toBe(false);
});

test('what is tried as if: a heavier head sinks faster, a longer lip dives deeper, a thicker line runs shallower', () => {
  const set = { castM: 22, turnsPerS: 0.9, style: 'steady' as const, countdownS: 2, tip: 'level' as const };
  const deepest = (family: PlanRequest['lure']['family'], more: PlanRequest['set']): number =>
    firstPlan(request(family, {}, { set: { ...set, ...more } })).deepestM;
  expect(deepest('paddletail', { weightKg: 0.0142 })).toBeGreaterThan(deepest('paddletail', { weightKg: 0.0071 }));
  expect(deepest('deep-crank', { countdownS: 0, lipScale: 1.35 })).toBeGreaterThan(
    deepest('deep-crank', { countdownS: 0 }),
  );
  expect(deepest('deep-crank', { countdownS: 0, line: { material: 'nylon', strengthLb: 20 } })).toBeLessThan(
    deepest('deep-crank', { countdownS: 0 }),
  );
});
