/**
 * What the planner starts from and comes to today, step by step, for lures that are worked in every way. A change in
 * any of it must be meant: then `npx jest core/planning/pinned -u` writes it anew, and the difference shows what it
 * moved. To three figures, so that machines agree.
 */
import { usualRequest } from '../fixtures/usualRequest';
import { presentationId } from './task/presentation';
import type { PlanRequest } from './task/request';
import { corners, drawTackle } from './task/tackleDraws';
import {
  firstCountdownS,
  firstSettings,
  maxTurnsPerS,
  presentationOf,
  setUpTask,
  tableStarts,
  type PlanTask,
  type RetrieveSettings,
} from './task/setup';
import { cadenceLibrary } from './cadence/library';
import { cadenceFaults } from './cadence/check';
import { compileCadence } from './cadence/cadence';
import { cuesOf } from './beat/cues';
import { assessLure, assessReel } from './calibrate/assess';
import { planHead } from './head/planHead';
import { wishOf } from './plan/answer';
import { trials } from './plan/changes';
import { depthRange, gainRange, shareRange } from './plan/doubt';
import { plannedOf } from './plan/firstAnswer';
import { isNotCast, planNotCast } from './plan/notCast';
import { meanDepthM, movingSpeedMps, plannedAsIn, workedSpeedMps } from './plan/pace';
import { freeParameters } from './plan/freedoms';
import { openings } from './plan/search';
import { simulateSettings } from './plan/track';
import { worth } from './plan/worth';
import { MESH } from '../simulation/types';

const short = (v: unknown): unknown =>
  typeof v === 'number'
    ? Number.isFinite(v)
      ? Number(v.toPrecision(3))
      : String(v)
    : Array.isArray(v)
      ? v.map(short)
      : v && typeof v === 'object'
        ? Object.fromEntries(Object.entries(v).map(([k, x]) => [k, short(x)]))
        : v;
/** One line a value: what differs is seen at once. */
const told = (v: object): string[] => Object.entries(v).map(([k, x]) => `${k}: ${JSON.stringify(short(x))}`);

const moved = (r: PlanRequest, change: Partial<PlanRequest['conditions']>): PlanRequest => ({
  ...r,
  conditions: { ...r.conditions, ...change },
});
const REQUESTS: Record<string, PlanRequest> = {
  'a tail swum over sand': usualRequest('paddletail'),
  'a jerkbait in the cold, after empty casts': moved(usualRequest('suspending-jerkbait', { surfaceTempC: 8 }), {
    signs: [{ kind: 'empty-cast', count: 30 }],
  }),
  'a digging crank on rock': usualRequest('deep-crank', {
    fishDepthM: 3,
    bottom: 'rock',
    cover: { kind: 'rock', density: 0.4 },
  }),
  'a worm pitched into wood': usualRequest('texas-rig', { cover: { kind: 'wood', density: 0.6 } }),
  'a jig across a current': usualRequest('football-jig', { currentMps: 0.3, currentAngleDeg: null, fishDepthM: 3.3 }),
  'a walker in wind, wading': moved(usualRequest('walking-bait', { windMps: 6, windAngleDeg: 60 }), { access: 'wade' }),
  'a shrimp below a cork': usualRequest('popping-cork-shrimp', { depthM: 1.5, fishDepthM: 0.9 }),
  'a slow sinker, braid with a leader, aimed': {
    ...usualRequest('sinking-twitchbait', { depthM: 2, fishDepthM: 1 }),
    line: { material: 'braid', strengthLb: 15 },
    targetM: 15,
  },
  'metal below the boat': usualRequest('vertical-metal-jig', { depthM: 12, fishDepthM: 10, currentMps: 0.2 }),
  'a plug towed': usualRequest('towed-plug', { depthM: 9, fishDepthM: 5 }),
};

describe.each(Object.entries(REQUESTS))('%s', (_name, r) => {
  // All is worked out inside the test: what a test does not do itself it cannot notice.
  const asked = (): { p: PlanTask; start: RetrieveSettings } => {
    const p = setUpTask(r);
    return { p, start: firstSettings(p) };
  };
  test('what it starts from', () => {
    const { p, start } = asked();
    const { reading: _r, request: _q, species: _s, family, worthOf: _w, line: _l, stand: _t, ...rest } = p;
    expect([
      `${family.id}, ${family.hook}`,
      ...told(rest),
      ...told({
        start,
        countdown: firstCountdownS(p),
        most: maxTurnsPerS(p),
        starts: tableStarts(p),
        wish: wishOf(p, 0.5),
      }),
    ]).toMatchSnapshot();
  });
  test('what is free, where it opens, what is tried, what is not known', () => {
    const { p, start } = asked();
    if (isNotCast(p)) return;
    const free = freeParameters(p, start);
    expect([
      ...told({ free, openings: openings(p, start, free).slice(0, 6) }),
      ...trials(p, start).map(({ change, problem, hands }) =>
        JSON.stringify(
          short({ change, hands, rig: problem.rig.weightKg, lip: problem.lure.liftAreaM2, line: problem.line }),
        ),
      ),
      ...told({ corners: corners(p), draw: drawTackle(p, 3) }),
    ]).toMatchSnapshot();
  });
  test('what its first cast comes to', () => {
    const { p, start } = asked();
    if (isNotCast(p)) {
      const plan = planNotCast(p, 'first');
      const { track, presentation: _p, range: _r, ...rest } = plan;
      expect(told({ ...rest, first: plannedAsIn(plan), samples: track.tS.length })).toMatchSnapshot();
      return;
    }
    const t = simulateSettings(p, start, { mesh: MESH.scan });
    const slow = simulateSettings(p, start, { mesh: MESH.scan, ...corners(p)[0] });
    const { tS, xM, depthM, phase, onBottom, lineXZ, beats, cadence, ...rest } = t;
    const tenth = Math.max(1, Math.floor(tS.length / 10));
    const every = <T>(all: readonly T[]): T[] => all.filter((_, i) => i % tenth === 0);
    expect([
      ...told(rest),
      ...told({ tS: every(tS), xM: every(xM), depthM: every(depthM), phase: every(phase), onBottom: every(onBottom) }),
      ...told({
        lines: lineXZ.length,
        beats: beats.slice(0, 5),
        cadence,
        cues: cuesOf(beats, start.countdownS).slice(0, 5),
      }),
      ...told({ worth: worth(p, start, t), worked: workedSpeedMps(start, t), moving: movingSpeedMps(start, t) }),
      ...told({ deep: meanDepthM(t, p.bandM), share: shareRange(t.zoneShare, slow.zoneShare, [slow.zoneShare]) }),
      ...told({ range: every(depthRange(t, [slow]).deepM), gain: gainRange([0.05, 0.2], 0.1) }),
      ...told({ id: presentationId(presentationOf(p, start, cadence)), first: plannedOf(r) }),
    ]).toMatchSnapshot();
  });
});

test('the cadences that are offered, compiled and checked', () => {
  const offered = cadenceLibrary(['twitch-pause', 'hop', 'walk'], { slow: 6, middle: 2, lively: 0.5 }, 0.8);
  const rows = offered.map((c) => [
    JSON.stringify(short(c)),
    JSON.stringify(short(compileCadence(c.cadence, { metresPerTurn: 0.8 }, { startS: 0.5, endS: 7, sinks: true }))),
    JSON.stringify(cadenceFaults(c.cadence, { lengthM: 2.1 })),
  ]);
  expect(rows).toMatchSnapshot();
});

test('what counting tells of a lure and a reel', () => {
  const { reel, line } = usualRequest('paddletail');
  const lure = assessLure({
    family: 'paddletail',
    weightKg: 0.007,
    line,
    measurements: [{ kind: 'sink-slack', depthM: 4, seconds: 8, castM: 6 }],
  } as never);
  expect(told({ lure, reel: assessReel({ reel, counts: [{ lengthM: 20, turns: 26 }] }) })).toMatchSnapshot();
});

test('the head of a small box', () => {
  const families = ['paddletail', 'spinnerbait', 'texas-rig', 'walking-bait'] as const;
  const { conditions } = usualRequest('paddletail');
  expect(told(planHead(conditions, { families: [...families], withoutRange: true }))).toMatchSnapshot();
});
