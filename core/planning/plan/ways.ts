/**
 * Which of its ways a lure is worked here: one with a lip dug along the bottom without a stop, or stopped and started;
 * metal over deep fish drawn along, or lifted and let fall.
 */
import type { CadenceStyle } from '../../lures/styles';
import { MESH } from '../../simulation/types';
import { firstSettings, setUpTask, type PlanTask } from '../task/setup';
import { rationed, WORK } from './budget';
import { together, type Steps } from './casting';
import { bestOf, evaluateOn, type Candidate } from './candidates';
import { freeParameters } from './freedoms';
import { around, openings } from './search';
import type { Track } from './track';

/** Ways that a lip can go: where it knocks a stop only lifts it off; where it touches nothing it wants one. */
const LIPPED_WAYS: readonly CadenceStyle[] = ['steady', 'stop-and-go'];
/** Guesses cast of each way. */
const GUESSES = 8;

/** Solid metal, by its weight against water, that is deep enough to be lifted and let fall, m. prior: judgement. */
const METAL = { gravity: 5, depthM: 3 } as const;

function otherWays({ family: f, style, depthM }: PlanTask): CadenceStyle[] {
  if (f.liftAreaM2 > 0)
    return LIPPED_WAYS.includes(style) ? LIPPED_WAYS.filter((s) => s !== style && f.styles.includes(s)) : [];
  const metal = f.build.kind === 'piece' && f.build.gravity >= METAL.gravity;
  return metal && depthM >= METAL.depthM && style !== 'yo-yo' ? ['yo-yo'] : [];
}

/** The task as it is, and as it would be in the other ways that are open to this lure. */
export function waysOf(p: PlanTask): PlanTask[] {
  const { style, cadence, pauseS } = p.request.set ?? {};
  const open = style === undefined && cadence === undefined && pauseS === undefined && !p.onBed;
  if (!open || p.family.mode !== 'swim') return [p];
  const others = otherWays(p);
  return [p, ...others.map((s) => setUpTask({ ...p.request, set: { ...p.request.set, style: s } }))];
}

/**
 * Metal is mostly taken as it falls, and what has a lip and touches nothing as it stops, which their time among the
 * fish does not tell. Less than so much of its working on the ground is nothing. prior: judgement.
 */
const TAKEN = { falling: 1.2, stopping: 1.2, nothingShare: 0.03 } as const;
function takenMore({ style, family }: PlanTask, { phaseS, workedS }: Track): number {
  if (style === 'yo-yo') return TAKEN.falling;
  const touches = phaseS.deflection > TAKEN.nothingShare * workedS;
  return style === 'stop-and-go' && family.liftAreaM2 > 0 && !touches ? TAKEN.stopping : 1;
}

/** The best hands of a way by a few casts on the coarsest mesh: some guesses, then a look around the best of them. */
function* tryWay(task: PlanTask, work: number): Steps<Candidate> {
  const start = firstSettings(task);
  const free = freeParameters(task, start);
  const { tried, more } = rationed(evaluateOn(task, { mesh: MESH.scan }), work);
  const guesses = yield* tried([start, ...openings(task, start, free).slice(0, GUESSES)]);
  return yield* around(free, bestOf(guesses), 1, tried, more);
}

/** The way that is worth most by a few casts; of equals the one that the mood asks for. */
export function* bestWay(p: PlanTask): Steps<PlanTask> {
  const ways = waysOf(p);
  if (ways.length === 1) return p;
  const tried = yield* together(ways.map((way) => tryWay(way, WORK.ways / ways.length)));
  const worths = tried.map((c, i) => c.worth * takenMore(ways[i]!, c.track));
  return ways[worths.indexOf(Math.max(...worths))]!;
}
