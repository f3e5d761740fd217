/** From what the search has sifted on the coarsest mesh to the hands of the plan, cast on finer ones. */
import { MESH, type Mesh } from '../../simulation/types';
import type { PlanTask, RetrieveSettings } from '../task/setup';
import { corners } from '../task/tackleDraws';
import { affordable, leastOf, rationed, workEach, WORK } from './budget';
import { bestOf, places, spread, type Candidate, type Evaluate } from './candidates';
import { together, type Steps } from './casting';
import { mean } from './doubt';
import { freeParameters } from './freedoms';
import { around, type Found } from './search';
import { worth } from './worth';

/** So many of the sifted candidates, of each place, are cast again on the middle mesh; so many of these on the fine. */
const FINALISTS = { quick: 8, each: 3, plan: 2 } as const;
/** A cast on the mesh of the planned path takes about so many on the middle one. */
const FINE_TAKES = 2;
/** Of those on the middle mesh as many as can be afforded, between these; and of these at the corners of the tackle. */
const AGAIN = { least: 4, most: FINALISTS.quick * FINALISTS.each } as const;
const AT_CORNERS = [2, 20] as const;

/** Finalists this near to the best are as good: of them the one that depends least on what nobody knows is taken. */
const AS_GOOD = 0.98;

/** The last looks around take steps of this size, from so many places. */
const POLISH_STEPS = [1, 0.5] as const;
const POLISHED = 2;
/** Each asks for about so many casts at once. */
const STEPS_AT_ONCE = 2;

/**
 * Casts the best of the sifted again on finer meshes, and what the first answer takes with them: it stands unless they
 * are better there too.
 */
export function* finest(
  p: PlanTask,
  { sifted, first }: Found,
  start: RetrieveSettings,
  on: (mesh: Mesh, lineShapes?: boolean) => Evaluate,
): Steps<Candidate> {
  const better = (a: Candidate, b: Candidate): number => b.worth - a.worth;
  const free = freeParameters(p, start);
  const firsts = yield* on(MESH.quick)(first.map((c) => c.hands));
  const guess = bestOf(firsts).hands;
  const each = workEach(firsts);
  // Of several places, and of each a few: what the coarsest mesh likes best may all be wrong in one way.
  const others = places(sifted, FINALISTS.quick, FINALISTS.each)
    .flat()
    .filter((c) => !first.some((f) => f.hands === c.hands))
    .sort(better)
    .slice(0, affordable(WORK.finalists, each, [leastOf(WORK.finalists, each, AGAIN.least), AGAIN.most]));
  const again = [...firsts, ...(yield* on(MESH.quick)(others.map((c) => c.hands)))];
  // The coarsest mesh may be a step off: another look around on the middle one, from the best places.
  const { tried, more } = rationed(on(MESH.quick), WORK.polish);
  const most = leastOf(WORK.polish, STEPS_AT_ONCE * each, POLISHED);
  for (const step of POLISH_STEPS) {
    const from = spread(again, most);
    const polished = yield* together(from.map((c) => around(free, c, step, tried, more)));
    again.push(...polished.filter((c) => !again.includes(c)));
  }
  const [top] = again.sort(better);
  const atCorners = corners(p);
  const asGood = again
    .filter((c) => c.worth >= AS_GOOD * top!.worth)
    .slice(0, affordable(WORK.corners, atCorners.length * workEach(first), AT_CORNERS));
  const casts = yield asGood.flatMap(({ hands }) =>
    atCorners.map((corner) => ({ task: p, hands, how: { mesh: MESH.scan, ...corner } })),
  );
  const hopeOf = ({ hands }: Candidate, i: number): number =>
    mean(atCorners.map((_, k) => worth(p, hands, casts[i * atCorners.length + k]!)));
  const chosen = asGood
    .map((c, i) => ({ c, hope: hopeOf(c, i) }))
    .sort((a, b) => b.hope - a.hope)
    .map((x) => x.c);
  const finalists = leastOf(WORK.finalists, FINE_TAKES * each, FINALISTS.plan);
  const last = [...chosen, ...again.filter((c) => !chosen.includes(c))].slice(0, finalists).map((c) => c.hands);
  const finals = yield* on(MESH.plan, true)(last.includes(guess) ? last : [...last, guess]);
  const best = bestOf(finals);
  return finals[0]!.worth >= AS_GOOD * best.worth ? finals[0]! : best;
}
