/**
 * What the bites on the lure in hand ask of the hands: more of what they came on, or, where they come short, a longer
 * hang, then a smaller lure, then a trailing hook. Reads one trip's log; changes nothing by itself.
 */
import { toHalf } from '../base/numbers';
import { sinksByItself } from '../simulation/sink';
import { PHASES, type Cadence, type Phase } from '../planning/cadence/cadence';
import { hangs } from '../planning/cadence/library';
import type { Plan } from '../planning/plan/plan';
import { changedTo, type PlanSettings } from '../planning/task/request';
import type { Family } from '../lures/family';
import type { CadenceStyle } from '../lures/styles';
import { isHooked, isShort, isStrike } from './events';
import type { TripTally } from './tally';
import type { EffortBlock } from '../records/block';
import type { StrikeEvent } from '../records/event';

/** One bite is chance: so many must say the same. prior: judgement. */
const FEWEST = 2;
/**
 * A part of the cast stands out when its share of the bites is this many standard deviations above its share of the
 * time: four chances in five that bites come quicker in it than in the rest.
 */
const STANDS_OUT = 0.84;
/** So many bites, spread over the cast as its time is, are believed beforehand. prior: judgement. */
const BELIEVED = 2;
/** A lure shorter than this share of the one that they missed is smaller: lengths in m. prior: judgement. */
const SMALLER = 0.9;
export const isSmaller = (sizeM: number, thanM: number): boolean => sizeM < SMALLER * thanM;
/** Hangs that differ by less are the same, s. */
const SAME_S = 0.2;
/** By which a hang grows and shrinks; no hang grows by less than half a second. prior: judgement. */
const HANG_LONGER = 1.4;
const HANG_SHORTER = 1.6;
/** The first hang of what was turned without one, s. */
const FIRST_HANG_S = 1;

/** What to do about it. */
export type Answer =
  /** Set this, and hold the rest. */
  | { kind: 'set'; style?: CadenceStyle; pauseS?: number }
  /** It was done since: so many casts ago. */
  | { kind: 'given'; casts: number }
  /** It is worked like that already. */
  | { kind: 'keep' }
  | { kind: 'smaller' }
  | { kind: 'trailing-hook' };

/** What the bites on a lure say of the way it is worked. */
export interface HandsAsked {
  /** They come short of it, or from behind it; or the part of the cast in which they take it. */
  by: 'short' | 'behind' | Phase;
  /** Bites that say so, of all on this lure today (of those whose moment is known, where it is a moment). */
  count: number;
  of: number;
  /** What is worked now, for comparison: its way and its hang, s. */
  now: { style: CadenceStyle; pauseS: number };
  /** Worked with a cadence of the angler's own: the hands are told, nothing is set. */
  own: boolean;
  answer: Answer;
}

/** How long one round of a cadence leaves the lure alone or lets it fall, s. */
const restS = (c: Cadence): number =>
  c.steps.reduce((s, x) => s + (x.kind === 'pause' || x.kind === 'drop' ? x.durationS : 0), 0);

/** Standard deviations by which a share of the bites is above a share of the time. */
function standsOutBy(count: number, of: number, timeShare: number): number {
  const a = count + BELIEVED * timeShare;
  const b = of - count + BELIEVED * (1 - timeShare);
  if (a <= 0 || b <= 0) return 0;
  const mean = a / (a + b);
  return (mean - timeShare) / Math.sqrt((a * b) / ((a + b) ** 2 * (a + b + 1)));
}

/** The same way with a hang of at least half a second more, as long as the lure can be left alone; null: no longer. */
function longer(f: Family, { hands: { style, pauseS }, wish: { hangLimitS } }: Plan): Answer | null {
  if (!hangs(style))
    return {
      kind: 'set',
      style: f.styles.find(hangs) ?? 'stop-and-go',
      pauseS: Math.min(FIRST_HANG_S, Math.max(0.5, toHalf(hangLimitS))),
    };
  const next = Math.min(Math.max(pauseS + 0.5, toHalf(HANG_LONGER * pauseS)), toHalf(hangLimitS));
  return next > pauseS ? { kind: 'set', pauseS: next } : null;
}

const falls = (style: CadenceStyle): boolean => style === 'yo-yo' || style === 'hop';

/** The bites of the trip on the lure in hand, and how it was worked when they came against how it is worked now. */
interface Past {
  strikes: readonly StrikeEvent[];
  blockOf: (e: StrikeEvent) => EffortBlock;
  /** It was left alone for less then, or for more, and the angler changed that. */
  lessThen: (b: EffortBlock) => boolean;
  moreThen: (b: EffortBlock) => boolean;
  /** Casts with it in blocks that are such. */
  castsIn: (are: (b: EffortBlock) => boolean) => number;
  /** Seconds in a part of the cast, over all its casts. */
  secondsIn: (phase: Phase) => number;
  /** Its way or its hang was set by hand: only then anything was done since. */
  byHand: boolean;
}

function pastOf({ blocks, events, castsOf }: TripTally, plan: Plan, set: PlanSettings): Past {
  const { lureId, cadence } = plan.presentation;
  const mine = blocks.filter((b) => b.presentation.lureId === lureId);
  const byId = new Map(mine.map((b) => [b.id, b]));
  const byHand = set.pauseS !== undefined || set.style !== undefined;
  const nowS = restS(cadence);
  const thenS = (b: EffortBlock): number => restS(b.presentation.cadence as Cadence);
  const casts = (b: EffortBlock): number => castsOf[b.id] ?? 0;
  return {
    strikes: events.filter((e) => isStrike(e.kind) && byId.has(e.blockId)),
    blockOf: (e) => byId.get(e.blockId)!,
    lessThen: (b) => byHand && thenS(b) < nowS - SAME_S,
    moreThen: (b) => byHand && thenS(b) > nowS + SAME_S,
    castsIn: (are) => mine.filter(are).reduce((s, b) => s + casts(b), 0),
    // What bit before a cast was counted took one.
    secondsIn: (phase) => mine.reduce((s, b) => s + Math.max(1, casts(b)) * (b.phaseS[phase] ?? 0), 0),
    byHand,
  };
}

type Asked = Pick<HandsAsked, 'by' | 'count' | 'of' | 'answer'>;

/** They come short of it: a longer hang, then smaller, then a trailing hook; null: they do not. */
function askedByShort(past: Past, { blocks, events }: TripTally, plan: Plan, f: Family): Asked | null {
  const { strikes, blockOf, lessThen, castsIn } = past;
  const short = strikes.filter((e) => isShort(e.kind));
  if (short.length < FEWEST || short.length <= strikes.filter((e) => isHooked(e.kind)).length) return null;
  const since = short.filter((e) => !lessThen(blockOf(e)));
  const answer = (): Answer => {
    const lengthened = since.length < short.length;
    if (lengthened && since.length < FEWEST) return { kind: 'given', casts: castsIn((b) => !lessThen(b)) };
    const more = lengthened ? null : longer(f, plan);
    if (more) return more;
    const { sizeM } = plan.presentation.rig;
    const larger = new Set(blocks.filter((b) => isSmaller(sizeM, b.presentation.rig.sizeM)).map((b) => b.id));
    const ofLarger = events.filter((e) => larger.has(e.blockId) && isShort(e.kind));
    return { kind: ofLarger.length >= FEWEST ? 'trailing-hook' : 'smaller' };
  };
  const behind = short.filter((e) => e.side === 'behind').length;
  const mostly = behind >= FEWEST && 2 * behind > short.length;
  return {
    by: mostly ? 'behind' : 'short',
    count: mostly ? behind : short.length,
    of: strikes.length,
    answer: answer(),
  };
}

/** The part of the cast in which bites come quicker than in the rest: more of it; null: none. */
function askedByPlace(past: Past, plan: Plan, f: Family): Asked | null {
  const placed = past.strikes.filter((e) => e.phase !== null);
  const allS = PHASES.reduce((s, ph) => s + past.secondsIn(ph), 0);
  const [top] = PHASES.map((phase) => {
    const bites = placed.filter((e) => e.phase === phase);
    const share = allS > 0 ? past.secondsIn(phase) / allS : 1 / PHASES.length;
    return { phase, bites, by: standsOutBy(bites.length, placed.length, share) };
  })
    .filter((x) => x.bites.length >= FEWEST && x.by >= STANDS_OUT)
    .sort((a, b) => b.by - a.by);
  if (!top) return null;
  const { phase, bites } = top;
  return { by: phase, count: bites.length, of: placed.length, answer: moreOf(phase, bites, past, plan, f) };
}

/** How to give them more of what they take. */
function moreOf(phase: Phase, bites: readonly StrikeEvent[], past: Past, plan: Plan, f: Family): Answer {
  const { style, pauseS } = plan.hands;
  const { lessThen, moreThen } = past;
  const given = (other: (b: EffortBlock) => boolean): Answer | null =>
    bites.every((e) => other(past.blockOf(e))) ? { kind: 'given', casts: past.castsIn((b) => !other(b)) } : null;
  switch (phase) {
    case 'pause':
      return given(lessThen) ?? longer(f, plan) ?? { kind: 'keep' };
    case 'fall':
      if (falls(style)) {
        const fellNot = (b: EffortBlock): boolean => past.byHand && !falls(b.presentation.style);
        return given((b) => fellNot(b) || lessThen(b)) ?? longer(f, plan) ?? { kind: 'keep' };
      }
      if (f.mode === 'bottom') return { kind: 'set', style: 'hop' };
      return f.mode === 'swim' && sinksByItself(plan.presentation.lure)
        ? { kind: 'set', style: 'yo-yo' }
        : { kind: 'keep' };
    case 'move': {
      const less = Math.max(0.5, toHalf(pauseS / HANG_SHORTER));
      if (!hangs(style) || less >= pauseS) return { kind: 'keep' };
      return given(moreThen) ?? { kind: 'set', pauseS: less };
    }
    case 'deflection':
      return hangs(style) && f.styles.includes('steady') ? { kind: 'set', style: 'steady' } : { kind: 'keep' };
    default:
      return { kind: 'keep' };
  }
}

/**
 * What the trip's bites on the lure of this plan ask; null: too few, or none stands out. `f`: the kind of lure; `set`:
 * what the angler set: only what was set counts as done since.
 */
export function handsAsked(tally: TripTally, plan: Plan, f: Family, set: PlanSettings): HandsAsked | null {
  const past = pastOf(tally, plan, set);
  const asked = askedByShort(past, tally, plan, f) ?? askedByPlace(past, plan, f);
  const { style, pauseS } = plan.hands;
  return asked && { ...asked, now: { style, pauseS }, own: plan.own };
}

/**
 * The settings that do it, all else held as it was in the plan: but for the pace of the handle where the way of working
 * is another, as each way has its own. A cadence of the angler's own is left alone.
 */
export function workedLikeThat(plan: Plan, set: PlanSettings, answer: Answer): PlanSettings | null {
  if (answer.kind !== 'set' || plan.own) return null;
  const { style, pauseS } = answer;
  const next = changedTo(plan, set, {
    ...(style === undefined ? {} : { style }),
    ...(pauseS === undefined ? {} : { pauseS }),
  });
  if (style === undefined || !next.held) return next;
  const { turnsPerS: _, pauseS: __, ...held } = next.held;
  return { ...next, held };
}
