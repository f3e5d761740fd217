/**
 * What the bites on the lure in hand ask of the hands: more of what they came on, or, where they come short, a longer
 * hang, then a smaller lure, then a trailing hook. Reads one trip's log; changes nothing by itself.
 */
import { PHASES, type Cadence, type Phase } from '../planning/cadence/cadence';
import { hangs } from '../planning/cadence/library';
import type { Plan } from '../planning/plan/plan';
import { changedTo, type PlanSettings } from '../planning/task/request';
import type { Family } from '../lures/family';
import type { CadenceStyle } from '../lures/styles';
import { isHooked, isStrike } from './events';
import type { TripTally } from './tally';

/** One bite is chance: so many must say the same. prior: judgement. */
const FEWEST = 2;
/**
 * A part of the cast stands out when its share of the bites is this many standard deviations above its share of the
 * time: four chances in five that bites come quicker in it than in the rest.
 */
const STANDS_OUT = 0.84;
/** So many bites, spread over the cast as its time is, are believed beforehand. prior: judgement. */
const BELIEVED = 2;
/** Lures shorter than this share of the one that they missed are smaller. */
const SMALLER = 0.9;
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

const toHalf = (s: number): number => Math.round(s * 2) / 2;

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
function longer(f: Family, style: CadenceStyle, pauseS: number, limitS: number): Answer | null {
  if (!hangs(style))
    return {
      kind: 'set',
      style: f.styles.find(hangs) ?? 'stop-and-go',
      pauseS: Math.min(FIRST_HANG_S, Math.max(0.5, toHalf(limitS))),
    };
  const next = Math.min(Math.max(pauseS + 0.5, toHalf(HANG_LONGER * pauseS)), toHalf(limitS));
  return next > pauseS ? { kind: 'set', pauseS: next } : null;
}

const falls = (style: CadenceStyle): boolean => style === 'yo-yo' || style === 'hop';

const sinks = (plan: Plan): boolean => plan.presentation.lure.massKg > 1050 * plan.presentation.lure.volumeM3;

/**
 * What the trip's bites on the lure of this plan ask; null: too few, or none stands out. `f`: the kind of lure; `set`:
 * what the angler set: only what was set counts as done since.
 */
export function handsAsked(
  { blocks, events, castsOf }: TripTally,
  plan: Plan,
  f: Family,
  set: PlanSettings,
): HandsAsked | null {
  const { lureId, cadence, rig } = plan.presentation;
  const mine = blocks.filter((b) => b.presentation.lureId === lureId);
  const blockOf = new Map(mine.map((b) => [b.id, b]));
  const strikes = events.filter((e) => isStrike(e.kind) && blockOf.has(e.blockId));
  const { style, pauseS } = plan.hands;
  const { hangLimitS } = plan.wish;
  const nowRestS = restS(cadence);
  const restOf = (id: string): number => restS(blockOf.get(id)!.presentation.cadence as Cadence);
  const byHand = set.pauseS !== undefined || set.style !== undefined;
  const longerThanThen = (id: string): boolean => byHand && restOf(id) < nowRestS - SAME_S;
  const shorterThanThen = (id: string): boolean => byHand && restOf(id) > nowRestS + SAME_S;
  const castsWhere = (is: (id: string) => boolean): number =>
    mine.filter((b) => is(b.id)).reduce((s, b) => s + (castsOf[b.id] ?? 0), 0);
  const asked = (by: HandsAsked['by'], count: number, of: number, answer: Answer): HandsAsked => ({
    by,
    count,
    of,
    now: { style, pauseS },
    own: plan.own,
    answer,
  });

  const short = strikes.filter((e) => e.kind === 'bump' || e.kind === 'missed');
  const hooked = strikes.filter((e) => isHooked(e.kind)).length;
  if (short.length >= FEWEST && short.length > hooked) {
    const since = short.filter((e) => !longerThanThen(e.blockId));
    const larger = blocks.filter((b) => b.presentation.rig.sizeM * SMALLER > rig.sizeM).map((b) => b.id);
    const shortOfLarger = events.filter(
      (e) => larger.includes(e.blockId) && (e.kind === 'bump' || e.kind === 'missed'),
    );
    const smaller: Answer = shortOfLarger.length >= FEWEST ? { kind: 'trailing-hook' } : { kind: 'smaller' };
    const lengthened = since.length < short.length;
    const answer: Answer =
      lengthened && since.length < FEWEST
        ? { kind: 'given', casts: castsWhere((id) => !longerThanThen(id)) }
        : lengthened
          ? smaller
          : (longer(f, style, pauseS, hangLimitS) ?? smaller);
    const behind = short.filter((e) => e.side === 'behind').length;
    return behind >= FEWEST && 2 * behind > short.length
      ? asked('behind', behind, strikes.length, answer)
      : asked('short', short.length, strikes.length, answer);
  }

  const placed = strikes.filter((e) => e.phase !== null);
  const seconds = (ph: Phase): number => mine.reduce((s, b) => s + (castsOf[b.id] || 1) * (b.phaseS[ph] ?? 0), 0);
  const allS = PHASES.reduce((s, ph) => s + seconds(ph), 0);
  const [top] = PHASES.map((phase) => {
    const bites = placed.filter((e) => e.phase === phase);
    const share = allS > 0 ? seconds(phase) / allS : 1 / PHASES.length;
    return { phase, bites, by: standsOutBy(bites.length, placed.length, share) };
  })
    .filter((x) => x.bites.length >= FEWEST && x.by >= STANDS_OUT)
    .sort((a, b) => b.by - a.by);
  if (!top) return null;
  const { phase, bites } = top;
  const given = (is: (id: string) => boolean): Answer | null =>
    bites.every((e) => is(e.blockId)) ? { kind: 'given', casts: castsWhere((id) => !is(id)) } : null;
  const moreOfIt = (): Answer => {
    switch (phase) {
      case 'pause':
        return given(longerThanThen) ?? longer(f, style, pauseS, hangLimitS) ?? { kind: 'keep' };
      case 'fall':
        if (falls(style))
          return (
            given((id) => (byHand && !falls(blockOf.get(id)!.presentation.style)) || longerThanThen(id)) ??
            longer(f, style, pauseS, hangLimitS) ?? { kind: 'keep' }
          );
        if (f.mode === 'bottom') return { kind: 'set', style: 'hop' };
        return f.mode === 'swim' && sinks(plan) ? { kind: 'set', style: 'yo-yo' } : { kind: 'keep' };
      case 'move': {
        const less = Math.max(0.5, toHalf(pauseS / HANG_SHORTER));
        if (!hangs(style) || less >= pauseS) return { kind: 'keep' };
        return given(shorterThanThen) ?? { kind: 'set', pauseS: less };
      }
      case 'deflection':
        return hangs(style) && f.styles.includes('steady') ? { kind: 'set', style: 'steady' } : { kind: 'keep' };
      default:
        return { kind: 'keep' };
    }
  };
  return asked(phase, bites.length, placed.length, moreOfIt());
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
