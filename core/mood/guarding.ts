/**
 * Fish on their beds do not feed: they want the intruder gone. What is judged is their agitation, from what they do as
 * the lure passes; it dies down by itself. At its peak a small lure that fits the mouth is taken. `prior: judgement`
 * throughout.
 */
import { mostTelling, type TellingSign } from './information';
import { temperedCount } from './signs';
import { filterStates } from './transition';
import type { Sign, SignKind } from '../water/terms';

/** States of a fish on its bed, in order. */
export const AGITATIONS = ['calm', 'uneasy', 'angry', 'at-the-peak'] as const;
export type Agitation = (typeof AGITATIONS)[number];
type PerAgitation = readonly [number, number, number, number];

/** What to do next with a fish on its bed. */
export const GUARDING_ADVICE = ['provoke', 'keep-on', 'small-now', 'another-lure', 'leave-it'] as const;
export type GuardingAdvice = (typeof GUARDING_ADVICE)[number];

/** How far a guarding fish has been provoked, from its signs, and what to do next. */
export interface Guarding {
  distribution: readonly number[];
  /** 0 (calm) … 3 (at the peak). */
  mean: number;
  likeliest: Agitation;
  advice: GuardingAdvice;
  /** Passes without an answer. */
  passes: number;
  nextSign: TellingSign | null;
}

/** A fish left alone. */
const AT_REST: PerAgitation = [0.62, 0.26, 0.09, 0.03];

/**
 * Relative rate of what a guarding fish does, by agitation; a nudge moves the lure out of the way, a flare and quick
 * turns come before the strike.
 */
const RATE: Partial<Record<SignKind, PerAgitation>> = {
  follow: [0.6, 1.3, 1.2, 0.8],
  nudge: [0.15, 1, 1.5, 1.2],
  flare: [0.05, 0.5, 1.5, 1.9],
  'quick-turns': [0.04, 0.4, 1.4, 2.1],
  'short-strike': [0.03, 0.3, 1.1, 2.2],
  'chase-miss': [0.04, 0.35, 1.2, 2],
  'hit-at-once': [0.02, 0.2, 0.9, 2.6],
};
/** Answers a pass. */
export const ANSWERS_PER_PASS: PerAgitation = [0.03, 0.12, 0.25, 0.4];

/** Signs that say something of a guarding fish, as they are offered. */
export const GUARDING_SIGNS: readonly SignKind[] = [
  'nudge',
  'flare',
  'quick-turns',
  'short-strike',
  'hit-at-once',
  'follow',
];

/** Anger goes quicker than a mood: steps a minute. */
const CALMS_PER_MIN = 0.08;
/** Passes without an answer after which another lure is tried. */
export const PASSES_BEFORE_CHANGE = 10;
/** From this mean on their anger has turned: what is carried off comes first. */
export const HALF_ANGRY = 1.5;
const PASSES_BEFORE_LEAVING = 30;

/** Chance of seeing a sign in the next ten passes, by agitation; null for what guarding fish never show. */
export const chanceWhileGuarding = (kind: SignKind): number[] | null =>
  RATE[kind]?.map((v) => 1 - Math.exp(-0.35 * v)) ?? null;

function logLikelihood(s: Sign): number[] | null {
  const count = temperedCount(s.count);
  if (s.kind === 'empty-cast') return ANSWERS_PER_PASS.map((rate) => -rate * count);
  const row = RATE[s.kind];
  return row ? row.map((v) => count * Math.log(v)) : null;
}

/** What provokes one fish leaves another cold: a lure counts as usual until about so many answers could have come. */
const USUAL_ANSWERS = 1.5;
const RAISES = [0.25, 2.5] as const;
const ANSWERED_AT_REST = AT_REST.reduce((s, p, a) => s + p * ANSWERS_PER_PASS[a]!, 0);
/** Signs that a lure raised, or the lack of them. */
const isAnswer = (s: Sign): boolean => s.kind !== 'empty-cast' && RATE[s.kind] !== undefined;

/**
 * How many times as much as usual a kind of lure provokes this fish, by the passes and answers that were its own
 * (Gamma prior of weight USUAL_ANSWERS): 0.25–2.5; 1: nothing is known.
 */
export function raisedBy(lure: string, signs: readonly Sign[]): number {
  const own = signs.filter((s) => s.lure === lure);
  const answers = own.filter(isAnswer).reduce((n, s) => n + s.count, 0);
  const passes = answers + own.filter((s) => s.kind === 'empty-cast').reduce((n, s) => n + s.count, 0);
  const expected = passes * ANSWERED_AT_REST;
  return Math.min(RAISES[1], Math.max(RAISES[0], (USUAL_ANSWERS + answers) / (USUAL_ANSWERS + expected)));
}

/** Agitation of a fish on its bed from what it did, oldest first, and what to do about it. */
export function judgeGuarding(signs: readonly Sign[]): Guarding {
  const seen = signs.flatMap((s) => {
    const ln = s.count > 0 ? logLikelihood(s) : null;
    return ln ? [{ s, agoMin: Math.max(0, s.minutesAgo ?? 0), ln }] : [];
  });
  const p = filterStates(AT_REST, seen, CALMS_PER_MIN);
  const passes = signs.filter((s) => s.kind === 'empty-cast').reduce((n, s) => n + s.count, 0);
  const answers = seen.some((x) => x.s.kind !== 'empty-cast' && x.agoMin < 30);
  return {
    distribution: p,
    mean: p.reduce((s, v, i) => s + v * i, 0),
    likeliest: AGITATIONS[p.indexOf(Math.max(...p))]!,
    advice: adviceFor(p, passes, answers),
    passes,
    nextSign: mostTelling(p, GUARDING_SIGNS, chanceWhileGuarding),
  };
}

function adviceFor(p: readonly number[], passes: number, answers: boolean): GuardingAdvice {
  if (p[3]! > 0.4) return 'small-now';
  if (p[2]! + p[3]! > 0.4) return 'keep-on';
  if (!answers && passes >= PASSES_BEFORE_LEAVING) return 'leave-it';
  if (!answers && passes >= PASSES_BEFORE_CHANGE) return 'another-lure';
  return 'provoke';
}
