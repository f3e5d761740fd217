/**
 * The planner: what the hands should do with this lure here. A first answer, shown at once (`firstAnswer`); then at
 * least a hundred casts simulated on the coarsest mesh (`search`), the best few again on finer ones, and the winner
 * with what nobody knows exactly drawn 32 times for its range. `buys` says what one change alone would do. All in one
 * order that never depends on the clock: the same request gives the same plan.
 */
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { MESH, type Mesh } from '../../simulation/types';
import { wishOf, type PlanStage, type Plan } from './answer';
import { canFloat, trials, type PlanChange } from './changes';
import { DRAWS, depthRange, gainRange, mean, shareRange, type ShareRange } from './doubt';
import { firstAnswer } from './firstAnswer';
import { isNotCast, planNotCast } from './notCast';
import { WORTH_SAYING, type PlanRequest } from '../task/request';
import {
  around,
  atOnce,
  MIN_CANDIDATES,
  freeParameters,
  search,
  type Candidate,
  type FreeParameter,
  type Progress,
} from './search';
import { firstSettings, presentationOf, setUpTask, turnM, type RetrieveSettings, type PlanTask } from '../task/setup';
import { belowFloatM, simulateSettings, type Track } from './track';
import { workedSpeedMps } from './pace';
import { bestWay } from './ways';
import { worth } from './worth';
import { corners, drawTackle } from '../task/tackleDraws';

export type { PlanStage, Plan, Wish } from './answer';
export type { PlanChange, PlanChangeKind } from './changes';
export type { DepthRange } from './doubt';
export type { Progress } from './search';

/** The whole plan in one go. */
export function planRetrieve(request: PlanRequest, effort: PlanStage = 'settled'): Plan {
  return atOnce(planInSteps(request, effort));
}

/** So many of the sifted candidates are cast again on the middle mesh, and so many of these on the fine one. */
const FINALISTS = { quick: 8, plan: 2 } as const;

/** Casts for the other looks at the finalists and for what some ten changes buy, five each: for the progress alone. */
const ABOUT_AFTERWARDS = 95;

/** The same, pausing after every simulation with how far it is: whoever runs it may rest, show that, or give up. */
export function* planInSteps(request: PlanRequest, effort: PlanStage): Generator<Progress, Plan> {
  const asked = setUpTask(request);
  if (isNotCast(asked)) return planNotCast(asked, effort);
  let simulations = 0;
  // A lure on top is on top whatever the hands do: nothing to search.
  const searched = effort === 'settled' && asked.family.mode !== 'surface' && !asked.onBed;
  const about = searched ? MIN_CANDIDATES + FINALISTS.quick + FINALISTS.plan + DRAWS.length + ABOUT_AFTERWARDS : 1;
  function* cast(
    q: PlanTask,
    h: RetrieveSettings,
    mesh: Mesh,
    o: Omit<Parameters<typeof simulateSettings>[2], 'mesh'> = {},
  ): Generator<Progress, Track> {
    const t = simulateSettings(q, h, { mesh, ...o });
    simulations++;
    yield { done: Math.min(simulations, about - 1), of: about };
    return t;
  }
  const p = yield* bestWay(asked, (q, h) => cast(q, h, MESH.scan));
  const on = (mesh: Mesh, lineShapes = false) =>
    function* (hands: RetrieveSettings): Generator<Progress, Candidate> {
      const track = yield* cast(p, hands, mesh, { lineShapes });
      return { hands, track, worth: worth(p, hands, track) };
    };

  const start = firstSettings(p);
  let candidates = 1;
  let zoneShare: ShareRange | null = null;
  let best: Candidate;
  if (searched) {
    const sifted = yield* search(p, start, on(MESH.scan));
    candidates = sifted.length;
    best = yield* finest(freeParameters(p, start), sifted, start, on(MESH.quick), on(MESH.plan, true), function* (h) {
      const worths: number[] = [];
      for (const corner of corners(p)) worths.push(worth(p, h, yield* cast(p, h, MESH.scan, corner)));
      return worths;
    });
  } else if (effort === 'first') {
    const first = yield* firstAnswer(p, (h, draw) => cast(p, h, MESH.scan, draw));
    ({ candidates, zoneShare } = first);
    best = yield* on(MESH.quick, true)(first.hands);
  } else best = yield* on(MESH.plan, true)(start);

  /** The share with what nobody knows exactly drawn, from the finely solved cast. */
  function* sureShare(q: PlanTask, h: RetrieveSettings, fine: Track): Generator<Progress, [ShareRange, Track[]]> {
    const { workedToM } = fine;
    const coarse = yield* cast(q, h, MESH.scan, { workedToM });
    const casts: Track[] = [];
    for (const n of DRAWS) casts.push(yield* cast(q, h, MESH.scan, { workedToM, ...drawTackle(q, n) }));
    const shares = casts.map((t) => t.zoneShare);
    return [shareRange(fine.zoneShare, coarse.zoneShare, shares), casts];
  }

  const { hands, track } = best;
  const { workedToM } = track;
  let drawn: Track[] = [];
  const buys: PlanChange[] = [];
  if (searched) {
    [zoneShare, drawn] = yield* sureShare(p, hands, track);
    const atCorners: number[] = [];
    for (const corner of corners(p)) atCorners.push((yield* cast(p, hands, MESH.scan, corner)).zoneShare);
    const free = yield* cast(p, hands, MESH.scan);
    for (const { change, problem, hands: h } of trials(p, hands)) {
      const likeliest = (yield* cast(problem, h, MESH.scan)).zoneShare - free.zoneShare;
      const gains: number[] = [];
      for (const [i, corner] of corners(problem).entries())
        gains.push((yield* cast(problem, h, MESH.scan, corner)).zoneShare - atCorners[i]!);
      const likely = { ...change, ...gainRange(gains, likeliest) };
      if (likely.gain < WORTH_SAYING) {
        buys.push(likely);
        continue;
      }
      // What is held out must be what doing it brings: worked out as the plan itself is.
      const [after] = yield* sureShare(problem, h, yield* cast(problem, h, MESH.plan));
      const by = after.mean - zoneShare.mean - likely.gain;
      buys.push({ ...likely, gain: likely.gain + by, low: likely.low + by, high: likely.high + by });
    }
    buys.sort((a, b) => b.gain - a.gain);
  }

  zoneShare ??= shareRange(track.zoneShare, 0, []);
  const zoneSecondsPerCast = zoneShare.mean * track.castS;
  const atTarget = track.zoneS > 0 ? track.countedS / track.zoneS : 0;

  return {
    presentation: presentationOf(p, hands, track.cadence),
    hands,
    own: !!request.set?.cadence,
    overshootM: p.targetM === null ? p.overshootM : Math.max(0, hands.castM - p.targetM),
    over: track.climb,
    aim: p.targetM === null ? null : { targetM: p.targetM, seconds: zoneSecondsPerCast * atTarget },
    belowFloatM: belowFloatM(p),
    canFloat: canFloat(p),
    flightM: p.flightM,
    depthM: p.depthM,
    bandM: p.bandM,
    handleSpeedMps: hands.turnsPerS * turnM(p, hands.castM),
    zoneShare,
    zoneSecondsPerCast,
    castS: track.castS,
    castsPerHour: 3600 / (track.castS + BETWEEN_CASTS_S),
    workedToM,
    reelInS: track.reelInS,
    phaseS: track.phaseS,
    deepestM: track.deepestM,
    asideM: track.asideM,
    bottomS: track.bottomS,
    cutShort: track.cutShort,
    misses: zoneShare.mean < 0.02,
    wish: wishOf(p, workedSpeedMps(hands, track)),
    track,
    range: drawn.length > 0 ? depthRange(track, drawn) : null,
    known: p.known,
    buys,
    candidates,
    simulations,
    effort,
  };
}

/** Finalists this near to the best are as good: of them the one that depends least on what nobody knows is taken. */
const AS_GOOD = 0.98;

/** The last looks around take steps of this size. */
const POLISH_STEPS = [0.5, 0.25] as const;

/**
 * Casts the best of the sifted again on finer meshes, the first guess with them: it stands unless they are better there
 * too.
 */
function* finest(
  free: readonly FreeParameter[],
  sifted: readonly Candidate[],
  start: RetrieveSettings,
  quick: (h: RetrieveSettings) => Generator<Progress, Candidate>,
  plan: (h: RetrieveSettings) => Generator<Progress, Candidate>,
  atCorners: (h: RetrieveSettings) => Generator<Progress, number[]>,
): Generator<Progress, Candidate> {
  const better = (a: Candidate, b: Candidate): number => b.worth - a.worth;
  const again: Candidate[] = [];
  for (const c of sifted.slice(0, FINALISTS.quick)) again.push(yield* quick(c.hands));
  // The coarsest mesh may be a step off: another look around on the middle one.
  for (const step of POLISH_STEPS) {
    const polished = yield* around(free, again.sort(better)[0]!, step, quick);
    if (!again.includes(polished)) again.push(polished);
  }
  const [top] = again.sort(better);
  const asGood: { c: Candidate; hope: number }[] = [];
  for (const c of again) if (c.worth >= AS_GOOD * top!.worth) asGood.push({ c, hope: mean(yield* atCorners(c.hands)) });
  asGood.sort((a, b) => b.hope - a.hope);
  const chosen = asGood.map((x) => x.c);
  const last: Candidate[] = [];
  for (const c of [...chosen, ...again.filter((x) => !chosen.includes(x))].slice(0, FINALISTS.plan))
    last.push(yield* plan(c.hands));
  if (last.every((c) => c.hands !== start)) last.push(yield* plan(start));
  const [best] = [...last].sort(better);
  return last[0]!.worth >= AS_GOOD * best!.worth ? last[0]! : best!;
}
