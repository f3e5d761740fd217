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
import { castNow, together, type CastJob, type Progress, type Steps } from './casting';
import { COARSE_TRUSTED, DRAWS, depthRange, gainRange, mean, shareRange, type ShareRange } from './doubt';
import { firstAnswer } from './firstAnswer';
import { isNotCast, planNotCast } from './notCast';
import { WORTH_SAYING, type PlanRequest } from '../task/request';
import { bestOf, evaluateOn, places, spread, type Candidate, type Evaluate } from './candidates';
import { freeParameters } from './freedoms';
import { around, MIN_CANDIDATES, search, type Found } from './search';
import { firstSettings, presentationOf, setUpTask, turnM, type RetrieveSettings, type PlanTask } from '../task/setup';
import { belowFloatM, type Track, type TrackOptions } from './track';
import { workedSpeedMps } from './pace';
import { bestWay } from './ways';
import { worth } from './worth';
import { corners, drawTackle, type TackleDraw } from '../task/tackleDraws';

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

/** So many of the sifted candidates are cast again on the middle mesh, and so many of these on the fine one. */
const FINALISTS = { quick: 8, each: 3, plan: 2 } as const;

/** Casts for the other looks at the finalists and for what some ten changes buy, five each: for the progress alone. */
const ABOUT_AFTERWARDS = 95;

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
  const of = searched ? MIN_CANDIDATES + FINALISTS.quick + FINALISTS.plan + DRAWS.length + ABOUT_AFTERWARDS : 1;
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

/** Casts the same hands once with each of these tackle draws. */
function* castWith(
  task: PlanTask,
  hands: RetrieveSettings,
  how: TrackOptions,
  draws: readonly TackleDraw[],
): Steps<readonly Track[]> {
  return yield draws.map((draw) => ({ task, hands, how: { ...how, ...draw } }));
}

/** The share with what nobody knows exactly drawn, from the finely solved cast, and the draws' casts. */
function* sureShare(task: PlanTask, hands: RetrieveSettings, fine: Track): Steps<[ShareRange, readonly Track[]]> {
  const { workedToM } = fine;
  let mesh: Mesh = MESH.scan;
  const once = (): CastJob[] => [{ task, hands, how: { mesh, workedToM } }];
  let [coarse] = yield once();
  if (Math.abs(coarse!.zoneShare - fine.zoneShare) > COARSE_TRUSTED) {
    mesh = MESH.quick;
    [coarse] = yield once();
  }
  const draws = DRAWS.map((n) => drawTackle(task, n));
  const casts = yield* castWith(task, hands, { mesh, workedToM }, draws);
  const shares = casts.map((t) => t.zoneShare);
  return [shareRange(fine.zoneShare, coarse!.zoneShare, shares), casts];
}

/** What each single change would do to the share, best first; `now` is the share of the plan itself. */
function* changesOf(p: PlanTask, hands: RetrieveSettings, now: ShareRange): Steps<PlanChange[]> {
  const all = trials(p, hands);
  const scan = { mesh: MESH.scan };
  // Of the plan, then of every change: the likeliest tackle and the corners.
  const casts = yield [{ problem: p, hands }, ...all].flatMap(({ problem: task, hands: h }) => [
    { task, hands: h, how: scan },
    ...corners(task).map((corner) => ({ task, hands: h, how: { ...scan, ...corner } })),
  ]);
  const each = casts.length / (all.length + 1);
  const shareAt = (n: number, k: number): number => casts[n * each + k]!.zoneShare;
  function* bought({ change, problem, hands: h }: (typeof all)[number], i: number): Steps<PlanChange> {
    const gains = Array.from({ length: each }, (_, k) => shareAt(i + 1, k) - shareAt(0, k));
    const likely = { ...change, ...gainRange(gains.slice(1), gains[0]!) };
    if (likely.gain < WORTH_SAYING) return likely;
    // What is held out must be what doing it brings: worked out as the plan itself is.
    const [fine] = yield [{ task: problem, hands: h, how: { mesh: MESH.plan } }];
    const [after] = yield* sureShare(problem, h, fine!);
    const by = after.mean - now.mean - likely.gain;
    return { ...likely, gain: likely.gain + by, low: likely.low + by, high: likely.high + by };
  }
  return (yield* together(all.map(bought))).sort((a, b) => b.gain - a.gain);
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
  let buys: PlanChange[] = [];
  if (searched) {
    [zoneShare, drawn] = yield* sureShare(p, hands, track);
    buys = yield* changesOf(p, hands, zoneShare);
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
    effort,
  };
}

/** Finalists this near to the best are as good: of them the one that depends least on what nobody knows is taken. */
const AS_GOOD = 0.98;

/** The last looks around take steps of this size, from so many places. */
const POLISH_STEPS = [1, 0.5] as const;
const POLISHED = 2;

/**
 * Casts the best of the sifted again on finer meshes, and what the first answer takes with them: it stands unless they
 * are better there too.
 */
function* finest(
  p: PlanTask,
  { sifted, first }: Found,
  start: RetrieveSettings,
  on: (mesh: Mesh, lineShapes?: boolean) => Evaluate,
): Steps<Candidate> {
  const better = (a: Candidate, b: Candidate): number => b.worth - a.worth;
  const free = freeParameters(p, start);
  const firsts = yield* on(MESH.quick)(first.map((c) => c.hands));
  const guess = bestOf(firsts).hands;
  // Of several places, and of each a few: what the coarsest mesh likes best may all be wrong in one way.
  const others = places(sifted, FINALISTS.quick, FINALISTS.each)
    .flat()
    .filter((c) => !first.some((f) => f.hands === c.hands));
  const again = [...firsts, ...(yield* on(MESH.quick)(others.map((c) => c.hands)))];
  // The coarsest mesh may be a step off: another look around on the middle one, from the best places.
  for (const step of POLISH_STEPS) {
    const from = spread(again, POLISHED);
    const polished = yield* together(from.map((c) => around(free, c, step, on(MESH.quick))));
    again.push(...polished.filter((c) => !again.includes(c)));
  }
  const [top] = again.sort(better);
  const asGood = again.filter((c) => c.worth >= AS_GOOD * top!.worth);
  const atCorners = corners(p);
  const casts = yield asGood.flatMap(({ hands }) =>
    atCorners.map((corner) => ({ task: p, hands, how: { mesh: MESH.scan, ...corner } })),
  );
  const hopeOf = ({ hands }: Candidate, i: number): number =>
    mean(atCorners.map((_, k) => worth(p, hands, casts[i * atCorners.length + k]!)));
  const chosen = asGood
    .map((c, i) => ({ c, hope: hopeOf(c, i) }))
    .sort((a, b) => b.hope - a.hope)
    .map((x) => x.c);
  const last = [...chosen, ...again.filter((c) => !chosen.includes(c))].slice(0, FINALISTS.plan).map((c) => c.hands);
  const finals = yield* on(MESH.plan, true)(last.includes(guess) ? last : [...last, guess]);
  const best = bestOf(finals);
  return finals[0]!.worth >= AS_GOOD * best.worth ? finals[0]! : best;
}
