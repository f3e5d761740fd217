/** The plan in words: what each change would buy, how sure the share is. */
import { readingsMoved } from './moved';
import { bandText } from './section';
import type { Conditions } from '../core/water/conditions';
import type { PlanChange, Plan, Progress } from '../core/planning/plan/plan';
import type { Climb } from '../core/planning/plan/climb';
import type { Track } from '../core/planning/plan/track';
import { familyById } from '../core/lures/families';
import type { Below, PlanSettings } from '../core/planning/task/request';
import { hangs } from '../core/planning/cadence/library';
import type { Beat, Cadence, Step } from '../core/planning/cadence/cadence';
import { MOOD_NAME, PHASE_NAME, STEP_NAME, STYLE_NAME, capital, list } from './names';
import { quantity, say, type UnitPrefs } from './units';
import type { CadenceStyle } from '../core/lures/styles';
import type { Access } from '../core/water/terms';

/** How a cast lies to the current. */
export function angleText(angleDeg: number): string {
  const a = Math.abs(((((angleDeg + 180) % 360) + 360) % 360) - 180);
  return a < 23
    ? 'straight up the current'
    : a < 68
      ? 'up and across'
      : a < 113
        ? 'across the current'
        : a < 158
          ? 'down and across'
          : 'straight down the current';
}

export function changeTitle({ kind, facts: f }: Pick<PlanChange, 'kind' | 'facts'>, u: UnitPrefs): string {
  switch (kind) {
    case 'tip':
      return f.tip === 'down'
        ? 'Drop the rod tip to the water'
        : f.tip === 'up'
          ? 'Hold the rod tip high'
          : 'Hold the rod level';
    case 'line-thinner':
      return `Thinner line: ${say.line(f.line!.strengthLb, u)}`;
    case 'line-thicker':
      return `Thicker line: ${say.line(f.line!.strengthLb, u)}`;
    case 'cast-longer':
      return `Cast further: ${say.distance(f.castM!, u)}`;
    case 'cast-shorter':
      return `Cast shorter: ${say.distance(f.castM!, u)}`;
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
    case 'heavier':
      return `Heavier: ${say.weight(f.weightKg!, u)}`;
    case 'lighter':
      return `Lighter: ${say.weight(f.weightKg!, u)}`;
    case 'lip-deeper':
      return 'A longer lip, by a third';
    case 'lip-shallower':
      return 'A shorter lip, by a quarter';
    case 'float':
      return 'Hang it under a float';
    case 'no-float':
      return 'Take the float off';
    case 'angle':
      return `Throw ${angleText(f.angleDeg!)}`;
  }
}

/** Let down or towed by choice: "Straight down, to 10 ft". */
function belowTitle({ way, depthM, speedMps, inlineKg }: Below, u: UnitPrefs): string {
  if (way === 'down') return `Straight down${depthM === undefined ? '' : `, to ${say.depth(depthM, u)}`}`;
  const weight = inlineKg === undefined ? '' : `, ${say.weight(inlineKg, u)} on the line`;
  return `Towed behind${speedMps === undefined ? '' : ` at ${say.speed(speedMps, u)}`}${weight}`;
}

/** A setting of the angler's own, to be taken back. */
export function settingTitle(
  key: keyof PlanSettings,
  set: PlanSettings,
  u: UnitPrefs,
  cadenceName: string | null = null,
): string {
  switch (key) {
    case 'castM':
      return `Cast ${say.distance(set.castM!, u)}`;
    case 'countdownS':
      return `Count ${say.seconds(set.countdownS!)}`;
    case 'turnsPerS':
      return `${turnsText(set.turnsPerS!)} turns a second`;
    case 'tip':
      return `Rod tip ${set.tip!}`;
    case 'style':
      return styleTitle(set.style!);
    case 'pauseS':
      return `Hang ${say.seconds(set.pauseS!)}`;
    case 'cadence':
      return capital(cadenceName ?? 'your own cadence');
    case 'below':
      return belowTitle(set.below!, u);
    case 'float':
      return set.float ? 'Under a float' : 'No float';
    case 'angleDeg':
      return capital(angleText(set.angleDeg!));
    case 'weightKg':
      return `As if it weighed ${say.weight(set.weightKg!, u)}`;
    case 'lipScale':
      return `As if the lip were ${Math.round(100 * set.lipScale!)} %`;
    case 'held':
      return 'All else as it was';
    case 'line':
      return `As if on ${say.line(set.line!.strengthLb, u)} ${set.line!.material}`;
  }
}

export const turnsText = (t: number): string => t.toFixed(2).replace(/0$/, '');

export const gainText = (gain: number): string => {
  const points = Math.round(gain * 100);
  return points === 0 ? 'no change' : `${points > 0 ? '+' : '−'}${Math.abs(points)} %`;
};

/** A range no wider than this is not worth reading. */
const NARROW = 0.13;
export const tellsRange = ({ low, high }: Pick<PlanChange, 'low' | 'high'>): boolean => high - low >= NARROW;

/** The same with how far it may be off: "+14 %, likely +5 to +20". */
export function gainRangeText({ gain, low, high }: Pick<PlanChange, 'gain' | 'low' | 'high'>): string {
  const points = (x: number): string => `${x < -0.005 ? '−' : x > 0.005 ? '+' : ''}${Math.abs(Math.round(x * 100))}`;
  return !tellsRange({ low, high }) ? gainText(gain) : `${gainText(gain)}, likely ${points(low)} to ${points(high)}`;
}

/** Where the working ends and the reeling in begins; null when it is worked to the feet. */
export function reelInText(p: Plan, u: UnitPrefs): string | null {
  if (p.workedToM === null) return null;
  const where = p.workedToM < 2 ? 'to your feet' : `until it is ${say.distance(p.workedToM, u)} from you`;
  if (p.cutShort)
    return `Work it for ${say.seconds(Math.round(p.castS - p.reelInS))}, about ${where}; then reel in and throw again: the first stretch is the one it was thrown for.`;
  if (p.aim && p.workedToM >= 2) return `Work it past what you aim at, ${where}; then reel in and throw again.`;
  return p.workedToM < 2 ? null : `Work it ${where}, then reel in: nearer it leaves their depth and only costs time.`;
}

/** How to bring the lure by what is aimed at, so far off, m; null: it is pitched right onto it. */
export function aimText({ aim, flightM, overshootM, hands }: Plan, aimM: number, u: UnitPrefs): string | null {
  if (!aim)
    return aimM > flightM
      ? `What you aim at is ${say.distance(aimM, u)} off, and this lure flies ${say.distance(flightM, u)} with ease on this rod: go closer. Until then the whole cast counts.`
      : null;
  if (hands.castM <= aim.targetM)
    return `This cast falls short of what you aim at, ${say.distance(aimM, u)} off: throw past it.`;
  const past = `Throw ${say.distance(overshootM, u)} past what you aim at`;
  return aim.seconds < 0.5
    ? `${past}; even so it comes by above or below the fish there.`
    : `${past}: it is among the fish there for ${say.seconds(Math.round(aim.seconds))} as it comes by.`;
}

/** Within this of the top it brushes it, m: nobody knows that depth to a hand. */
const BRUSHES_M = 0.15;

/** How to bring the lure over what rises on its way. */
export function overText({ atM, topM, upFromM, clearM }: Climb, u: UnitPrefs): string {
  const what = `what rises ${say.distance(atM, u)} off to ${say.depth(topM, u)} below the surface`;
  const how = Math.abs(clearM) <= BRUSHES_M ? 'only just' : `by ${say.depth(Math.abs(clearM), u)}`;
  if (clearM < -BRUSHES_M)
    return `${upFromM === null ? 'Like this' : 'Even with the rod high'} it strikes ${what}: count less, turn quicker, or take one that runs higher.`;
  if (upFromM === null) return `It clears ${what} ${how}: the rod stays where it is.`;
  return `Over ${what}: rod up when the lure is ${say.distance(upFromM, u)} from you, kept up until it is over, then down again. So it clears it ${how}.`;
}

/** A lip that meets the ground for longer is dug along it, s. */
const DIGS_S = 5;

/** What the mood asks of the hands, and what the lure allows. */
export function wishSentence(plan: Plan, style: CadenceStyle, u: UnitPrefs): string {
  const { wish, hands } = plan;
  if (wish.onBed)
    return `They guard and do not feed. Throw past the bed, bring it onto it, let it lie and shake it where it lies: about ${say.seconds(Math.round(hands.pauseS * 2) / 2)} still between two shakes. Watch the fish, not the line.`;
  const hang = hangs(style);
  const pace = wish.speedMps < 0.25 ? 'a slow crawl' : wish.speedMps < 0.6 ? 'an easy pace' : 'a quick pace';
  const wants = hang
    ? `hangs of about ${say.seconds(Math.round(wish.pauseS * 2) / 2)} and ${pace}, ${say.speed(wish.speedMps, u)}`
    : `${pace}, ${say.speed(wish.speedMps, u)}`;
  const limited =
    hang && wish.hangLimitS < wish.pauseS - 0.75
      ? ` Left alone this lure is out of their depth after ${say.seconds(Math.round(wish.hangLimitS * 2) / 2)}, so it hangs no longer.`
      : '';
  const shorter =
    hang && !limited && hands.pauseS < wish.pauseS - 0.75
      ? onTop(plan)
        ? ' With hangs as long one cast would take minutes; shorter ones show it to more fish.'
        : ' A shorter hang keeps it among them here.'
      : '';
  const digs =
    !hang && plan.phaseS.deflection > DIGS_S
      ? ` It reaches the ground here: keep it knocking and do not stop it; it knocks for ${say.seconds(Math.round(plan.phaseS.deflection))} of the cast.`
      : '';
  const others = hang
    ? ` If they are livelier than that, ${say.seconds(Math.round(wish.livelyPauseS * 2) / 2)}; if they are slower to bite, ${say.seconds(Math.round(wish.shutPauseS * 2) / 2)}.`
    : '';
  return `The fish are ${MOOD_NAME[wish.mood]}: they want ${wants}.${limited}${shorter}${digs}${others}`;
}

/** What this stand means for the cast; null where it is nothing special. */
export const STAND_TEXT: Partial<Record<Access, string>> = {
  stern: 'From the stern: the bow has fished the water ahead. Throw across or behind, where nobody has been.',
  kayak: 'Sitting down you throw a little shorter; sweep the rod sideways to set the hook.',
  wade: 'Wading: throw ahead of your own steps, and a little shorter than from dry land.',
  jetty:
    'From the rocks: keep the rod level or high so that the line clears the stones, and reel in over the last stretch; the slope takes lures.',
  surf: 'From the beach: rod high over the breakers; the last stretch is wash.',
};

export function shareSentence(p: Plan, u: UnitPrefs): string {
  const { mean, low, high } = p.zoneShare;
  if (p.misses)
    return `It never comes ${p.beside ? 'to its depth' : 'among the fish'} at ${bandText(p.bandM, p.beside, u)}: its deepest is ${say.depth(p.deepestM, u)}.`;
  const seconds = `${say.seconds(Math.round(p.zoneSecondsPerCast))} of every ${say.seconds(Math.round(p.castS))} cast`;
  const first = p.effort === 'first';
  const why = first ? 'as long as it is not settled' : 'as drag and line vary';
  const range = high - low > 0.03 ? `, likely ${Math.round(low * 100)}–${say.percent(high)} ${why}` : '';
  return `${first ? 'About ' : ''}${say.percent(mean)} of the cast at ${bandText(p.bandM, p.beside, u)}: ${seconds}${range}.`;
}

/** Wider than this share of its depth, the path is called a guess. */
const GUESS = 0.3;

/**
 * How sure the drawn path is, in words; null while only a first guess stands. `measured`: the angler has counted this
 * lure.
 */
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

/** What has moved on since a plan was made; the plan itself stands. */
export function movedOnText(then: Conditions, now: Conditions, u: UnitPrefs): string {
  const [a, b] = [then.sky?.sunElevationDeg, now.sky?.sunElevationDeg];
  const sun = typeof a === 'number' && typeof b === 'number' && a !== b;
  const all = [
    ...readingsMoved(then.water, now.water, u),
    ...(sun ? [`the sun is ${b > a ? 'higher' : 'lower'}`] : []),
  ];
  const what = all.length > 0 ? ` (${all.join('; ')})` : '';
  return `The water has changed since this plan was made${what}. It stands as it is until you plan anew.`;
}

const QUARTERS = ['', '¼', '½', '¾'];
const PART_OF_A_TURN = ['', 'a quarter turn', 'half a turn', 'three quarters of a turn'];

/** Turns of the handle as a hand counts them: "half a turn", "1½ turns"; short, beside a drawing: "½ turn". */
export function windText(turns: number, short = false): string {
  const quarters = Math.round(turns * 4);
  if (quarters < 1 || Math.abs(quarters / 4 - turns) > 0.01) return `${turnsText(turns)} turns`;
  const [whole, part] = [Math.floor(quarters / 4), quarters % 4];
  const many = quarters > 4 ? 'turns' : 'turn';
  if (short || quarters > 4) return `${whole || ''}${QUARTERS[part]} ${many}`;
  return whole === 1 ? 'one turn' : PART_OF_A_TURN[part]!;
}

/** Some steps alike, one after another, read aloud. */
function stepsText({ kind, durationS, handleTurns }: Step, n: number): string {
  if (kind === 'turn' && handleTurns) return windText(n * handleTurns);
  if (kind === 'burn' && handleTurns) return `${STEP_NAME.burn} ${windText(n * handleTurns)}`;
  const quick = durationS <= 0.8 && kind !== 'turn' && kind !== 'pause';
  const times = n === 1 ? '' : n === 2 ? ' twice' : ` ${n} times`;
  return quick ? `${STEP_NAME[kind]}${times}` : `${STEP_NAME[kind]} ${say.seconds(durationS)}`;
}

/** Nothing but turning, on and on. */
export const turnsOnly = (steps: readonly Pick<Step, 'kind'>[]): boolean =>
  steps.length > 0 && steps.every((s) => s.kind === 'turn');

/** The cadence read aloud: "one turn, twitch twice, hang 4 s, and again". */
export function cadenceText(c: Cadence): string {
  if (c.loop && turnsOnly(c.steps)) return 'turn steadily';
  const out: string[] = [];
  let i = 0;
  while (i < c.steps.length) {
    const s = c.steps[i]!;
    const alike = (o: Step | undefined): boolean =>
      o?.kind === s.kind && o.durationS === s.durationS && o.handleTurns === s.handleTurns;
    let n = 1;
    while (alike(c.steps[i + n])) n++;
    out.push(stepsText(s, n));
    i += n;
  }
  return `${list(out)}${c.loop ? ', and again' : ''}`;
}

/** What stands below the line of a cadence: how long it hangs, how far the handle turns, else the step's name. */
export function beatText(b: Beat, turnsAlone: boolean): string {
  if (b.kind === 'pause') return say.seconds(b.durationS);
  return b.kind === 'turn' && b.handleTurns > 0 && !turnsAlone ? windText(b.handleTurns, true) : STEP_NAME[b.kind];
}

/** How fast the handle goes while it goes; from step to step on average where each takes up its own slack, turns/s. */
export function handleTurnsPerS({ steps }: Cadence): number {
  const turned = steps.filter((s) => (s.handleTurns ?? 0) > 0);
  const steady = turned.filter((s) => s.kind === 'turn' || s.kind === 'burn');
  const of = steady.length > 0 ? steady : turned;
  const lengthS = of.reduce((sum, s) => sum + s.durationS, 0);
  return lengthS > 0 ? of.reduce((sum, s) => sum + s.handleTurns!, 0) / lengthS : 0;
}

/** Whatever has a rig: a plan, or casts that were logged. */
interface Rigged {
  presentation: { rig: Pick<Plan['presentation']['rig'], 'family'> };
}

const onTop = ({ presentation }: Rigged): boolean => familyById(presentation.rig.family).mode === 'surface';

/** What comes after the splash: a lure on top is left alone, another is counted down. */
export const firstName = ({ presentation }: Rigged): string =>
  onTop({ presentation }) ? 'let it lie first' : 'count down';

/** The float, if one is chosen, as a tile says it. */
export const floatText = (p: Plan, u: UnitPrefs): string =>
  p.belowFloatM === null ? 'none' : `${say.depth(p.belowFloatM, u)} above it`;

export const styleTitle = (s: CadenceStyle): string => capital(STYLE_NAME[s]);

export const tipText = (p: { position: 'down' | 'level' | 'up'; heightM: number }, u: UnitPrefs): string =>
  `${p.position}, ${join(quantity.depth(p.heightM, u))}`;
const join = (q: { value: string; unit: string }): string => `${q.value} ${q.unit}`;

/** Minutes of an hour that the lure is among the fish. */
const minutesAmong = (p: Plan): number => (p.zoneSecondsPerCast * p.castsPerHour) / 60;

/** Two plans line by line: what, the first, the second. */
export function compareRows(a: Plan, b: Plan, u: UnitPrefs): [string, string, string][] {
  const row = (name: string, of: (p: Plan) => string): [string, string, string] => [name, of(a), of(b)];
  return [
    row('lure', (p) => p.presentation.lureName),
    row('in the zone', (p) => say.percent(p.zoneShare.mean)),
    row('among them an hour', (p) => `${Math.round(minutesAmong(p))} min`),
    row('a cast lasts', (p) => say.seconds(Math.round(p.castS))),
    row('deepest', (p) => say.depth(p.deepestM, u)),
    row('cast', (p) => say.distance(p.hands.castM, u)),
    row(firstName(a), (p) => say.seconds(p.hands.countdownS)),
    row('handle', (p) => `${turnsText(handleTurnsPerS(p.presentation.cadence))} turn/s`),
    row('hang', (p) => say.seconds(p.hands.pauseS)),
    row('rod tip', (p) => p.hands.tip.position),
    row('cadence', (p) => (p.own ? 'your own' : STYLE_NAME[p.hands.style])),
  ];
}

/** One moment of the cast: "12 s · Hang · 4.5 ft down". */
export function momentText({ track }: Plan, atS: number, u: UnitPrefs): string {
  let i = 0;
  while (i < track.tS.length - 1 && track.tS[i + 1]! <= atS) i++;
  const doing = atS > track.workedS && track.reelInS > 0 ? 'Reel in' : capital(PHASE_NAME[track.phase[i] ?? 'move']);
  return `${say.seconds(Math.round(atS))} · ${doing} · ${say.depth(Math.max(0, track.depthM[i] ?? 0), u)} down`;
}

export const planProgressText = ({ done, of }: Progress): string => `${done} of about ${of} casts.`;

/** Not cast but let down or towed. */
export const planWay = (p: Pick<Plan, 'presentation' | 'flightM' | 'hands' | 'misses'>): 'cast' | 'down' | 'behind' => {
  if (p.flightM > 0) return 'cast';
  if (p.hands.castM > 0) return 'behind';
  // Towed without a line that reaches them.
  return p.misses && familyById(p.presentation.rig.family).mode === 'tow' ? 'behind' : 'down';
};

/** What a drop, or a pass, is among the fish. */
export function notCastSentence(p: Plan, u: UnitPrefs): string {
  const what = planWay(p) === 'down' ? 'drop' : 'pass and round again';
  if (p.misses) return `It does not come among the fish at ${say.depthBand(p.bandM, u)}.`;
  return `${say.seconds(Math.round(p.zoneSecondsPerCast))} of every ${say.seconds(Math.round(p.castS))} ${what} among the fish at ${say.depthBand(p.bandM, u)}.`;
}

/** What the cadence under the fingers does, on the likeliest lure and line. */
export const liveText = (t: Track, u: UnitPrefs): string =>
  `Like this: about ${say.percent(t.zoneShare)} of the cast among the fish, its deepest ${say.depth(t.deepestM, u)}.`;

/** The figures of the pocket card. */
export function cardRows(plan: Plan, u: UnitPrefs): [string, string][] {
  const { hands: h, presentation } = plan;
  const way = planWay(plan);
  const pauses = presentation.cadence.steps.flatMap((s) => (s.kind === 'pause' ? [s.durationS] : []));
  const hang: [string, string] = ['hang', pauses.length > 0 ? say.seconds(Math.max(...pauses)) : 'none'];
  if (way === 'down')
    return [['let down to', say.depth(plan.depthM, u)], ['open spool, count', say.seconds(h.countdownS)], hang];
  if (way === 'behind')
    return [
      ['line out', say.distance(h.castM, u)],
      ['runs at', say.depth(plan.depthM, u)],
    ];
  return [
    ['cast', say.distance(h.castM, u)],
    [firstName(plan), say.seconds(h.countdownS)],
    ['handle', `${turnsText(handleTurnsPerS(presentation.cadence))} turns a second`],
    [plan.aim ? 'throw past it' : 'throw past them', say.distance(plan.overshootM, u)],
    ['rod tip', h.tip.position],
    hang,
    ...(plan.belowFloatM === null ? [] : [['below the float', say.depth(plan.belowFloatM, u)] as [string, string]]),
  ];
}
