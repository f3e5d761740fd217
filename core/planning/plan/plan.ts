/**
 * The planner: what the hands should do with this lure here. A first answer, shown at once (`firstAnswer`); then a
 * hundred casts and more simulated on the coarsest mesh (`search`), the best few again on finer ones (`finest`), and
 * the winner with what nobody knows exactly drawn for its range (`sure`). `buys` says what one change alone would do.
 * Where a cast takes long to simulate there are fewer of each (`budget`). All in one order that never depends on the
 * clock: the same request gives the same plan.
 */
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { MESH, type Mesh } from '../../simulation/types';
import { wishOf, type PlanStage, type Plan } from './answer';
import { changesOf, type Buys } from './buys';
import { canFloat } from './changes';
import { castNow, type CastJob, type Progress, type Steps } from './casting';
import { DRAWS, depthRange, shareRange, type ShareRange } from './doubt';
import { finest } from './finest';
import { firstAnswer } from './firstAnswer';
import { isNotCast, planNotCast } from './notCast';
import { besideFish } from '../task/placing';
import type { PlanRequest } from '../task/request';
import { evaluateOn, type Candidate, type Evaluate } from './candidates';
import { MIN_CANDIDATES, search } from './search';
import { sureShare } from './sure';
import { firstSettings, presentationOf, setUpTask, turnM, type PlanTask } from '../task/setup';
import { belowFloatM, type Track } from './track';
import { workedSpeedMps } from './pace';
import { bestWay } from './ways';
import { worth } from './worth';

export type { PlanStage, Plan, Wish } from './answer';
export type { PlanChange, PlanChangeKind } from './changes';
export type { DepthRange } from './doubt';
export type { Progress } from './casting';

/** The whole plan in one go. */
export function planRetrieve(request: PlanRequest, effort: PlanStage = 'settled'): Plan {
  const steps = planInSteps(request, effort);
  let step = steps.next();
  while (!step.done) step = steps.next(step.value.jobs.map(castNow));
  return step.value;
}

/** Casts for the other looks at the finalists and for what some ten changes buy, five each: for the progress alone. */
const ABOUT_AFTERWARDS = 100;

/** A step of a plan: the casts it waits for, and how far it is. */
export interface PlanStep extends Progress {
  jobs: readonly CastJob[];
}

/**
 * The same in steps: whoever runs it casts what each wants, alone or with others, may rest, show how far it is, or give
 * up.
 */
export function* planInSteps(request: PlanRequest, effort: PlanStage): Generator<PlanStep, Plan, readonly Track[]> {
  const asked = setUpTask(request);
  if (isNotCast(asked)) return planNotCast(asked, effort);
  // A lure on top is on top whatever the hands do: nothing to search.
  const searched = effort === 'settled' && asked.family.mode !== 'surface' && !asked.onBed;
  const of = searched ? MIN_CANDIDATES + DRAWS.length + ABOUT_AFTERWARDS : 1;
  const steps = planSteps(asked, effort, searched);
  let simulations = 0;
  let step = steps.next();
  while (!step.done) {
    const jobs = step.value;
    const tracks = yield { jobs, done: Math.min(simulations, of - 1), of };
    simulations += jobs.length;
    step = steps.next(tracks);
  }
  return { ...step.value, simulations };
}

/** The steps of a plan for a lure that is cast. */
function* planSteps(asked: PlanTask, effort: PlanStage, searched: boolean): Steps<Omit<Plan, 'simulations'>> {
  const { request } = asked;
  const p = yield* bestWay(asked);
  const on = (mesh: Mesh, lineShapes = false): Evaluate => evaluateOn(p, { mesh, lineShapes });

  const start = firstSettings(p);
  let candidates = 1;
  let zoneShare: ShareRange | null = null;
  let best: Candidate;
  if (searched) {
    const found = yield* search(p, start, on(MESH.scan));
    candidates = found.sifted.length;
    best = yield* finest(p, found, start, on);
  } else if (effort === 'first') {
    const first = yield* firstAnswer(p);
    ({ candidates, zoneShare } = first);
    best = { ...first, worth: worth(p, first.hands, first.track) };
  } else [best] = (yield* on(MESH.plan, true)([start])) as [Candidate];

  const { hands, track } = best;
  const { workedToM } = track;
  let drawn: readonly Track[] = [];
  let changes: Buys = { buys: [], untried: 0 };
  if (searched) {
    [zoneShare, drawn] = yield* sureShare(p, hands, track);
    changes = yield* changesOf(p, hands, zoneShare, track, drawn);
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
    beside: besideFish(p.family, p.reading, p.depthM),
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
    ...changes,
    candidates,
    effort,
  };
}
