/** What each single change of a plan would buy: how much more of the cast, or less, would be among the fish. */
import { MESH } from '../../simulation/types';
import { WORTH_SAYING } from '../task/request';
import type { PlanTask, RetrieveSettings } from '../task/setup';
import { corners } from '../task/tackleDraws';
import { affordable, leastOf, WORK } from './budget';
import { together, type CastJob, type Steps } from './casting';
import { trials, type PlanChange, type Trial } from './changes';
import type { Plan } from './answer';
import { DRAWS, gainRange, type ShareRange } from './doubt';
import { sureShare } from './sure';
import type { Track } from './track';

/** Changes asked at the corners of the tackle, those that seem best: as many as can be afforded, at least these. */
const AT_CORNERS = 5;
/** Of those that help as many are worked out as the plan itself is, between these. */
const AS_THE_PLAN = [2, 8] as const;
/** What helps most is worth going so far beyond. */
const HELD_BEYOND = 1.75;

const scanned = ({ problem: task, hands }: Pick<Trial, 'problem' | 'hands'>): CastJob[] => [
  { task, hands, how: { mesh: MESH.scan } },
];
const atCorners = ({ problem: task, hands }: Pick<Trial, 'problem' | 'hands'>): CastJob[] =>
  corners(task).map((corner) => ({ task, hands, how: { mesh: MESH.scan, ...corner } }));

/** The changes of a plan, best first, and how many more looked less promising and could not be afforded. */
export type Buys = Pick<Plan, 'buys' | 'untried'>;

/** The changes of a plan; `now` is the share of its own cast, `fine`, by the casts `drawn`. */
export function* changesOf(
  p: PlanTask,
  hands: RetrieveSettings,
  now: ShareRange,
  fine: Track,
  drawn: readonly Track[],
): Steps<Buys> {
  const own = { problem: p, hands };
  const all = trials(p, hands);
  const [plain, ...each] = yield [own, ...all].flatMap(scanned);
  const k = corners(p).length;
  const eachAtCorners = k * plain!.work;
  const least = leastOf(WORK.changes, eachAtCorners, AT_CORNERS);
  const asked = all
    .map((trial, i) => ({ trial, gain: each[i]!.zoneShare - plain!.zoneShare }))
    .sort((a, b) => b.gain - a.gain)
    .slice(0, affordable(WORK.changes, eachAtCorners, [least, Infinity]));

  const cast = yield [own, ...asked.map((a) => a.trial)].flatMap(atCorners);
  const shares = (i: number): number[] => cast.slice(i * k, (i + 1) * k).map((t) => t.zoneShare);
  const ownShares = shares(0);
  const likely = asked.map(({ trial, gain }, i) => {
    const gains = shares(i + 1).map((share, corner) => share - ownShares[corner]!);
    return { trial, change: { ...trial.change, ...gainRange(gains, gain) } };
  });

  function* bought({ trial: { problem, hands: h }, change }: (typeof likely)[number]): Steps<PlanChange> {
    // What is held out must be what doing it brings: worked out as the plan itself is.
    const [finely] = yield [{ task: problem, hands: h, how: { mesh: MESH.plan } }];
    const [after] = yield* sureShare(problem, h, finely!);
    const by = after.mean - now.mean - change.gain;
    return { ...change, gain: change.gain + by, low: change.low + by, high: change.high + by };
  }
  const byGain = (a: PlanChange, b: PlanChange): number => b.gain - a.gain;
  const helping = likely.filter(({ change }) => change.gain >= WORTH_SAYING).sort((a, b) => byGain(a.change, b.change));
  // One that helps less and cannot be worked out so is not held out at all.
  const most = affordable(WORK.changes, fine.work + Math.min(WORK.draws, DRAWS.length * plain!.work), AS_THE_PLAN);
  // What the draws really took: on a finer mesh, or fewer of them.
  const asOwn = fine.work + drawn.reduce((sum, t) => sum + t.work, 0);
  const affords = leastOf(WORK.changes, asOwn, most, HELD_BEYOND);
  const held = yield* together(helping.slice(0, affords).map(bought));
  const buys = [...held, ...likely.filter((x) => !helping.includes(x)).map((x) => x.change)].sort(byGain);
  return { buys, untried: all.length - buys.length };
}
