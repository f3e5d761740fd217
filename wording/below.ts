/** Below the boat and behind it, in words. */
import type { TowedPass, TowedPlan } from '../core/planning/below/towed';
import type { VerticalPlan, VerticalProblem } from '../core/planning/below/vertical';
import { turnsText } from './retrieve';
import { quantity, say, type UnitPrefs } from './units';

export const VERTICAL_TROUBLE: Record<VerticalProblem, string> = {
  floats: 'This lure does not sink by itself: it cannot be let down. Take something that does.',
  'drifts-too-fast':
    'In this drift the line streams off and the lure never gets down there. Slow the boat, anchor, or take a heavier, slimmer lure or a thinner line.',
};
export const TOWED_TROUBLE: Record<'floats' | 'too-deep', string> = {
  floats: 'Behind the boat this lure stays on top: nothing pulls it down. It wants a lip or weight.',
  'too-deep':
    'At this pace no length of line brings it down to the fish. Go slower, or take a heavier lure, a deeper lip, or a thinner line.',
};

export function dropSentence(v: VerticalPlan, u: UnitPrefs): string {
  const { mean, low, high } = v.countS;
  const range = high - low > 1 ? ` (${Math.round(low)}–${say.seconds(Math.round(high))}, as drag and line vary)` : '';
  return `Open the spool and count ${say.seconds(Math.round(mean))}${range}: it is then at ${say.depth(v.depthM, u)}.`;
}

export function marksSentence(v: VerticalPlan, everyM: number, u: UnitPrefs): string {
  const { whole, restM } = v.marks;
  const rest = restM > 0.1 ? `${whole > 0 ? ' and ' : ''}${say.depth(restM, u)}${whole > 0 ? ' more' : ''}` : '';
  const marks = whole > 0 ? `${whole} ${whole === 1 ? 'mark' : 'marks'} of ${say.depth(everyM, u)}` : '';
  return `By the line: let out ${marks}${rest}, ${say.depth(v.lineM, u)} below the water in all.`;
}

export const upSentence = (v: VerticalPlan): string | null =>
  v.turnsUp === null
    ? null
    : `Or from below: drop to the bottom, then ${turnsText(Math.round(v.turnsUp * 10) / 10)} turns of the handle up.`;

export function driftSentence(v: VerticalPlan, u: UnitPrefs): string {
  if (v.angleDeg < 3) return 'It hangs straight down.';
  const lean = `The drift leans the line ${Math.round(v.angleDeg)}° off straight down; let out only the depth and it would hang ${say.depth(v.lostM, u)} too high.`;
  if (v.angleDeg <= v.steepDeg) return lean;
  return `${lean} That is too much to feel it well: ${v.heavierKg ? `${say.weight(v.heavierKg, u)} would hang within ${v.steepDeg}°` : 'slow the boat or anchor'}.`;
}

/** How the lure is worked down there, by what its cadence does. */
export function workedSentence(v: VerticalPlan, u: UnitPrefs): string {
  const [top, bottom] = v.workedM.map((d) => say.depth(d, u));
  const where = top === bottom ? `it stays at ${top}` : `it works between ${top} and ${bottom}`;
  const kinds = new Set(v.cadence.steps.map((s) => s.kind));
  const how = kinds.has('snap')
    ? 'Snap it up, follow it down on a line just not tight, and wait'
    : kinds.has('shake')
      ? 'Shake it in place, then hold it dead still'
      : 'Leave it alone; a slow lift now and then says it is there';
  return `${how}: ${where}. Most come on the fall or in the wait: when the line stops early or goes slack, set.`;
}

export function passTitle(p: TowedPass, i: number, u: UnitPrefs): string {
  const over =
    p.marks > 0
      ? `over ${p.marks} ${p.marks === 1 ? 'mark' : 'marks'} at ${say.depth(p.fishDepthM, u)}`
      : `over fish at ${say.depth(p.fishDepthM, u)}`;
  return `Pass ${i + 1}: ${p.high ? `high ${over}` : over}`;
}

export function passSentence(p: TowedPass, u: UnitPrefs): string {
  const [low, high] = p.runsM;
  const faster =
    Math.abs(p.fasterCostsM) < 0.1
      ? ''
      : ` A tenth faster and it runs ${say.depth(Math.abs(p.fasterCostsM), u)} ${p.fasterCostsM > 0 ? 'higher' : 'deeper'}.`;
  const touches = p.touches ? ' It may touch bottom: take in line where it shoals.' : '';
  return `Let out ${say.distance(p.lineOutM, u)} of line: it runs at ${say.depth(p.depthM, u)} (likely ${quantity.depth(low, u).value}–${say.depth(high, u)}), ${p.high ? `${say.depth(p.fishDepthM - p.depthM, u)} above them: what comes up to it is in the mood` : 'just above them'}.${faster}${touches}`;
}

export function paceSentence(t: TowedPlan, u: UnitPrefs): string {
  const ground =
    Math.abs(t.groundMps.with - t.groundMps.against) > 0.05
      ? ` Over ground that is ${say.speed(t.groundMps.with, u)} with the current and ${say.speed(t.groundMps.against, u)} against it: it is the water that the lure feels.`
      : '';
  const order =
    t.passes.length > 1 ? ' The shallower pass first, so that the deeper fish are not run over before their turn.' : '';
  return `Keep ${say.speed(t.speedMps, u)} through the water.${ground}${order}`;
}

export const unreachedText = (depths: readonly number[], u: UnitPrefs): string | null =>
  depths.length === 0
    ? null
    : `The fish at ${depths.map((d) => say.depth(d, u)).join(' and ')} are out of its reach at this pace.`;
