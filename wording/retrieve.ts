/** The plan in words: what each change would buy, how sure the share is. */
import type { Change, Plan } from '../core/retrieve/plan/plan';
import type { CadenceStyle } from '../core/retrieve/cadence/library';
import type { Cadence } from '../core/retrieve/cadence/cadence';
import { STEP_NAME, STYLE_NAME, capital, list } from './names';
import { quantity, say, type UnitPrefs } from './units';

export function changeTitle(c: Change, u: UnitPrefs): string {
  const f = c.facts;
  switch (c.kind) {
    case 'tip':
      return f.tip === 'down' ? 'Drop the rod tip to the water' : f.tip === 'up' ? 'Hold the rod tip high' : 'Hold the rod level';
    case 'line':
      return `${say.line(f.strengthLb!, u)} line instead`;
    case 'cast':
      return `Cast further: ${say.distance(f.castM!, u)}`;
    case 'slower':
      return `Slower: ${turnsText(f.turnsPerS!)} turns a second`;
    case 'faster':
      return `Faster: ${turnsText(f.turnsPerS!)} turns a second`;
    case 'hang-less':
      return `Hang shorter: ${say.seconds(f.pauseS!)}`;
    case 'hang-more':
      return `Hang longer: ${say.seconds(f.pauseS!)}`;
    case 'count-more':
      return `Count longer: ${say.seconds(f.countdownS!)}`;
    case 'count-less':
      return `Count less: ${say.seconds(f.countdownS!)}`;
  }
}

export const turnsText = (t: number): string => t.toFixed(2).replace(/0$/, '');

export const gainText = (gain: number): string => {
  const points = Math.round(gain * 100);
  return points === 0 ? 'no change' : `${points > 0 ? '+' : '−'}${Math.abs(points)} %`;
};

export function shareSentence(p: Plan, u: UnitPrefs): string {
  const { mean, low, high } = p.zoneShare;
  if (p.misses) return `It never comes among the fish at ${say.depthBand(p.bandM, u)}: its deepest is ${say.depth(p.deepestM, u)}.`;
  const seconds = `${say.seconds(Math.round(p.zoneSecondsPerCast))} of every ${say.seconds(Math.round(p.castS))} cast`;
  const range = high - low > 0.03 ? `, likely ${Math.round(low * 100)}–${say.percent(high)} as drag and line vary` : '';
  return `${capital(say.percent(mean))} of the cast at ${say.depthBand(p.bandM, u)}: ${seconds}${range}.`;
}

/** Wider than this share of its depth, the path is called a guess. */
const GUESS = 0.3;

/** How sure the drawn path is, in words; null while only a first guess stands. `measured`: the angler has counted this lure. */
export function pathSureness(p: Plan, measured: boolean, u: UnitPrefs): string | null {
  const { range, track } = p;
  if (!range) return null;
  const deepest = (d: readonly number[]): number => Math.max(0, ...d);
  const [low, mid, high] = [deepest(range.shallowM), deepest(track.depthM), deepest(range.deepM)];
  const wide = (high - low) / Math.max(mid, 0.3);
  const sure = wide < 0.12 ? 'well known' : wide < GUESS ? 'known fairly well' : 'roughly known';
  const why = measured
    ? 'your counts narrow it, the drag of the line is what is left to doubt'
    : 'lures of a kind differ, and the drag of thin line is known only to a fifth';
  return `How deep is ${sure} (shaded): its deepest is ${say.depth(mid, u)}, likely ${quantity.depth(low, u).value}–${say.depth(high, u)}; ${why}.`;
}

/** What wind and current do across the cast; null when it is nothing to speak of. */
export const asideText = (p: Plan, u: UnitPrefs): string | null =>
  p.asideM > 0.4 ? `Wind and current carry it ${say.depth(p.asideM, u)} aside: aim that much the other way.` : null;

/** The cadence read aloud: "turn 1 s, twitch twice, hang 4 s, and again". */
export function cadenceText(c: Cadence): string {
  const out: string[] = [];
  let i = 0;
  while (i < c.steps.length) {
    const s = c.steps[i]!;
    let n = 1;
    while (c.steps[i + n] && c.steps[i + n]!.kind === s.kind && c.steps[i + n]!.durationS === s.durationS) n++;
    const quick = s.durationS <= 0.8 && s.kind !== 'turn' && s.kind !== 'pause';
    out.push(quick ? `${STEP_NAME[s.kind]}${n > 1 ? (n === 2 ? ' twice' : ` ${n} times`) : ''}` : `${STEP_NAME[s.kind]} ${say.seconds(s.durationS)}`);
    i += n;
  }
  return `${list(out)}${c.loop ? ', and again' : ''}`;
}

export const styleTitle = (s: CadenceStyle): string => capital(STYLE_NAME[s]);

export const tipText = (p: { position: 'down' | 'level' | 'up'; heightM: number }, u: UnitPrefs): string =>
  `${p.position}, ${join(quantity.depth(p.heightM, u))}`;
const join = (q: { value: string; unit: string }): string => `${q.value} ${q.unit}`;
