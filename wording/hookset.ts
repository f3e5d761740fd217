/** When and how to set the hook, and how tight the drag, with the numbers that say so. */
import type { HookSetAdvice, SetWay } from '../core/planning/hookset/advice';
import type { WeakestLink } from '../core/ranking/weakest';
import { NEWTON_PER_LB, type LineMaterial } from '../core/tackle/line';
import { say, type UnitPrefs } from './units';

const WAY_TEXT: Record<SetWay, string> = {
  'wait-longer': 'Wait until the rod is loaded: a frog is taken, turned and swallowed first. Then strike hard, once.',
  'wait-for-weight': 'Never at the splash: wait until you feel weight, then sweep.',
  'reel-then-lift': 'When the float goes, reel tight to it first, then lift.',
  sweep: 'Sweep the rod low and to the side; small points need no jerk.',
  hard: 'Take up the slack with the reel, then strike hard: the hook must come out of its bait and through the jaw.',
  lift: 'Only lift: the mouth is like paper.',
  'lift-and-wind': 'Straight below you there is no room for a sweep: lift the tip and wind at once, and keep winding.',
};

export function hookSetSentences(
  a: HookSetAdvice,
  material: LineMaterial,
  u: UnitPrefs,
  straightDown = false,
): string[] {
  const wait =
    a.waitS[1] > 0 && a.waitS[0] > 0 ? ` Count ${say.seconds(a.waitS[0])} to ${say.seconds(a.waitS[1])}.` : '';
  const springs = material === 'braid' ? 'the rod gives, the line hardly' : 'the rest is stretch';
  const far = straightDown
    ? `Down there that takes ${say.fine(a.sweepFarM, u)} of rod tip: ${springs}.`
    : a.tooFar
      ? `At the end of the cast one sweep is not enough on this line: it would take ${say.fine(a.sweepFarM, u)} of rod tip. Within ${say.distance(a.reachM, u)} it does; beyond, reel down first and strike twice.`
      : `At the end of the cast that takes ${say.fine(a.sweepFarM, u)} of rod tip, close by ${say.fine(a.sweepNearM, u)}: ${springs}.`;
  return [WAY_TEXT[a.way] + wait, far];
}

/** What breaks first, and at what pull. */
export function weakestText(w: WeakestLink, u: UnitPrefs): string {
  const where = w.part === 'knot-at-lure' ? 'the knot at the lure' : 'the knot to the leader';
  return `${where}, in ${say.line(w.tiedInLb, u)} ${w.inLeader ? 'leader' : 'line'}, which holds about ${say.pull(w.strengthLb, u)}`;
}

/** How tight the drag, by what, and what a lunge adds. */
export function dragSentences(a: HookSetAdvice, material: LineMaterial, u: UnitPrefs): string[] {
  const pull = (n: number): string => say.pull(n / NEWTON_PER_LB, u);
  const by = {
    link: `${say.percent(a.dragShare)} of the weakest link: ${weakestText(a.weakest, u)}`,
    hook: `the hook’s wire opens before the line breaks. Weakest link: ${weakestText(a.weakest, u)}`,
    mouth: `their soft mouth tears before the line breaks. Weakest link: ${weakestText(a.weakest, u)}`,
  }[a.dragBy];
  return [
    `Drag at ${pull(a.dragN)}, ${by}. Pull it off against a hand scale or a full bottle.`,
    material === 'braid'
      ? `Looser than on nylon: a last run of ${say.fine(1, u)} close to you adds ${pull(a.lungeN)} on braid, ${pull(a.lungeOnNylonN)} on nylon of that strength.`
      : `The line’s stretch is your cushion: a last run of ${say.fine(1, u)} close to you adds only ${pull(a.lungeN)}.`,
  ];
}
