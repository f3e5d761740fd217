/** What the worker can do: plain core functions. Results are values; nothing is thrown on purpose. */
import { choosingOf } from '../core/ranking/choosing';
import { lookBack, type LookedBack } from '../core/learning/likeness';
import { expectedOf, type PastBlock } from '../core/learning/history';
import { rankWithLog, type LearnedRanking, type LogQuestion } from '../core/learning/learned';
import type { RankOptions } from '../core/ranking/rank';
import { schoolEffects } from '../core/ranking/schoolEffects';
import { assessLure, assessReel, countedLures } from '../core/planning/calibrate/assess';
import { planTowed } from '../core/planning/below/towed';
import { planVertical } from '../core/planning/below/vertical';
import { castNow, type CastJob } from '../core/planning/plan/casting';
import { castAll, type CastApi } from './casts';
import { planInSteps, type PlanStage, type Plan, type Progress } from '../core/planning/plan/plan';
import { lacksForDay, planRodsForDay } from '../core/rods/plan';
import { simulateSettings, type Track } from '../core/planning/plan/track';
import type { PlanRequest } from '../core/planning/task/request';
import { setUpTask, type RetrieveSettings } from '../core/planning/task/setup';
import { MESH } from '../core/simulation/types';
import { planHead, rankPlanned, type PlanBasis } from '../core/planning/head/planHead';
import type { Conditions } from '../core/water/conditions';
import { answeredBefore } from './answeredBefore';
import { judgedBefore } from './judgedBefore';
import { inPieces, type RankingPieces } from './pieces';
import { rest } from './rest';

let heldUntilMs = 0;

/** Lets messages in; while held, waits. */
async function breathe(): Promise<void> {
  await rest();
  for (let leftMs = heldUntilMs - performance.now(); leftMs > 0; leftMs = heldUntilMs - performance.now())
    await new Promise((r) => setTimeout(r, leftMs));
}

/** How often at the most it is told how far a plan is, ms. */
const TELL_MS = 150;

/** A plan, its casts made with so many helpers. */
async function plan(
  request: PlanRequest,
  effort: PlanStage,
  helpers: number,
  tell?: (p: Progress) => void,
): Promise<Plan> {
  const steps = planInSteps(request, effort);
  let toldMs = performance.now();
  let step = steps.next();
  while (!step.done) {
    const { jobs, done, of } = step.value;
    let cast = 0;
    step = steps.next(
      await castAll(jobs, helpers, async () => {
        cast++;
        if (tell && performance.now() - toldMs > TELL_MS) {
          toldMs = performance.now();
          tell({ done: Math.min(done + cast, of - 1), of });
        }
        await breathe();
      }),
    );
  }
  return step.value;
}

/** One cast with these hands, for the picture: on the middle mesh, with the shapes of the line. */
const cast = (request: PlanRequest, hands: RetrieveSettings): Track =>
  simulateSettings(setUpTask(request), hands, { mesh: MESH.quick, lineShapes: true });

/** The log as it is sent: its long part, the days gone by, as one text that costs the page nothing to hand over. */
export interface SentLog extends Omit<LogQuestion, 'history'> {
  past: string;
  today: readonly PastBlock[];
}
/** What the head is planned with, and the log as it is sent. */
export interface SentBasis extends Omit<PlanBasis, 'log'> {
  log: SentLog | null;
}
const received = (log: SentLog | null): LogQuestion | null =>
  log && {
    ...log,
    history: [...(JSON.parse(log.past) as PastBlock[]), ...log.today],
  };

const { recalled, keepMade } = judgedBefore(self.location.href);
const remembered = answeredBefore(self.location.href);
/** So many blocks are judged before what was found is kept, and a message let in. */
const AT_A_TIME = 200;
/**
 * What the model said of these blocks, asked where it is not known: of a log of many years it takes seconds, and a
 * question stopped half way leaves the next the less to do.
 */
async function judged(history: readonly PastBlock[], options: Pick<RankOptions, 'schools'>): Promise<void> {
  await recalled();
  for (let from = 0; from < history.length; from += AT_A_TIME) {
    expectedOf(history.slice(from, from + AT_A_TIME), options);
    await keepMade();
  }
}

const asBefore =
  <A extends unknown[], R>(kind: string, work: (...args: A) => R) =>
  (...args: A): Promise<R> =>
    remembered(kind, args, () => work(...args));

export const computeApi = {
  /** Options and answer as texts: of a box of hundreds both are much to hand over. */
  rank: (conditions: Conditions, options: string, sent: SentLog | null): Promise<RankingPieces> =>
    remembered('rank', [conditions, options, sent], async () => {
      const [asked, log] = [JSON.parse(options) as RankOptions, received(sent)];
      await judged(log?.history ?? [], asked);
      return inPieces(rankWithLog(conditions, asked, log));
    }),
  lookBack: async (...[history, now, options = {}]: Parameters<typeof lookBack>): Promise<LookedBack> => {
    await judged(history, options);
    return lookBack(history, now, options);
  },
  /** What the planner finds for the head of the ranking, with what is known already. */
  planHead: asBefore('head', (conditions: Conditions, options: RankOptions, basis: Omit<PlanBasis, 'log'>) =>
    planHead(conditions, options, basis),
  ),
  /** Another hour, its head planned at once. */
  rankPlanned: (conditions: Conditions, options: RankOptions, basis: SentBasis): Promise<LearnedRanking> =>
    remembered('hour', [conditions, options, basis], async () => {
      const log = received(basis.log);
      await judged(log?.history ?? [], options);
      return rankPlanned(conditions, options, { ...basis, log }).ranking;
    }),
  choosing: asBefore('choosing', choosingOf),
  schools: asBefore('schools', schoolEffects),
  rods: asBefore('rods', planRodsForDay),
  lacks: asBefore('lacks', lacksForDay),
  plan: (request: PlanRequest, effort: PlanStage, helpers: number, tell?: (p: Progress) => void): Promise<Plan> =>
    remembered(effort, request, () => plan(request, effort, helpers, tell)),
  casts: (jobs: readonly CastJob[]): Track[] => jobs.map(castNow),
  cast,
  vertical: planVertical,
  towed: planTowed,
  assessLure,
  assessReel,
  counted: countedLures,
  /** Stands aside for a moment, so that the screen has the processor: the plan under way goes on after it. */
  hold: (ms: number): void => {
    heldUntilMs = performance.now() + ms;
  },
} satisfies CastApi & Record<string, unknown>;
export type ComputeApi = typeof computeApi;
