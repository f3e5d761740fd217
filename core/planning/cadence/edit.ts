/** Editing a cadence: every touch is a new value, and every value can be taken back. Lengths in tenths of a second. */
import { clamp, roundTo } from '../../base/numbers';
import type { Cadence, Step, StepKind } from './cadence';

/** Most steps of a cadence. */
export const MAX_STEPS = 60;
/** Shortest and longest step, s, and most turns of the handle in one. */
export const STEP_S = [0.1, 120] as const;
export const MAX_TURNS = 500;

/** A step as it comes when it is added. prior: judgement of an easy hand. */
const FRESH: Record<StepKind, { durationS: number; turnsPerS?: number }> = {
  turn: { durationS: 1, turnsPerS: 1 },
  burn: { durationS: 1.5, turnsPerS: 2 },
  twitch: { durationS: 0.5 },
  pop: { durationS: 0.5 },
  snap: { durationS: 0.6 },
  hop: { durationS: 0.5 },
  lift: { durationS: 0.6 },
  drop: { durationS: 1.5 },
  sweep: { durationS: 1.2 },
  drag: { durationS: 1.5 },
  shake: { durationS: 1.5 },
  pause: { durationS: 2 },
};

/** `turnsPerS` of the hand in use, for steps that turn. */
export function freshStep(kind: StepKind, turnsPerS?: number): Step {
  const f = FRESH[kind];
  const rate = f.turnsPerS === undefined ? 0 : kind === 'burn' ? f.turnsPerS : (turnsPerS ?? f.turnsPerS);
  return rate > 0
    ? { kind, durationS: f.durationS, handleTurns: roundTo(rate * f.durationS, 2) }
    : { kind, durationS: f.durationS };
}

const tenths = (s: number): number => roundTo(clamp(s, ...STEP_S), 1);

/** Turns are counted in these; what was counted in no coarser part keeps hundredths. */
const PARTS = [1, 0.5, 0.25] as const;

/** Turns in the same parts as before, whole ones whole, and at least one of them. */
function inParts(turns: number, before: number): number {
  const part = before > 0 ? PARTS.find((x) => Math.abs(before / x - Math.round(before / x)) < 1e-6) : undefined;
  return part === undefined ? roundTo(turns, 2) : Math.max(part, Math.round(turns / part) * part);
}

/** The step at another length; turning keeps its speed, as near as whole turns allow. */
function stretched(s: Step, durationS: number): Step {
  const d = tenths(durationS);
  return s.handleTurns === undefined
    ? { ...s, durationS: d }
    : { ...s, durationS: d, handleTurns: inParts((s.handleTurns * d) / s.durationS, s.handleTurns) };
}

const withSteps = (c: Cadence, steps: readonly Step[]): Cadence => ({ ...c, steps });
const changed = (c: Cadence, at: number, to: (s: Step) => Step): Cadence =>
  withSteps(
    c,
    c.steps.map((s, i) => (i === at ? to(s) : s)),
  );

/** Puts a step after `at` (−1: at the front). Full cadences stay as they are. */
export const insertStep = (c: Cadence, at: number, s: Step): Cadence =>
  c.steps.length >= MAX_STEPS ? c : withSteps(c, [...c.steps.slice(0, at + 1), s, ...c.steps.slice(at + 1)]);

/** The last step cannot go: a cadence has one. */
export const removeStep = (c: Cadence, at: number): Cadence =>
  c.steps.length < 2
    ? c
    : withSteps(
        c,
        c.steps.filter((_, i) => i !== at),
      );

/** A cadence with a step doubled behind itself. */
export const copyStep = (c: Cadence, at: number): Cadence => (c.steps[at] ? insertStep(c, at, c.steps[at]) : c);

/** Moves a step by some places; at the ends it stops. */
export function nudgeStep(c: Cadence, at: number, by: number): { cadence: Cadence; at: number } {
  const to = clamp(at + by, 0, c.steps.length - 1);
  const s = c.steps[at];
  if (!s || to === at) return { cadence: c, at };
  const rest = c.steps.filter((_, i) => i !== at);
  return { cadence: withSteps(c, [...rest.slice(0, to), s, ...rest.slice(to)]), at: to };
}

/** A cadence with a step of another length, s, kept to what can be done. */
export const setLength = (c: Cadence, at: number, durationS: number): Cadence =>
  changed(c, at, (s) => stretched(s, durationS));
/** A cadence with other handle turns in a step. */
export const setTurns = (c: Cadence, at: number, turns: number): Cadence =>
  changed(c, at, (s) => ({ ...s, handleTurns: roundTo(clamp(turns, 0, MAX_TURNS), 2) }));
/** All lengths times a factor: the same tune, slower or quicker. Flicks of the wrist keep their length. */
export const stretchAll = (c: Cadence, factor: number): Cadence =>
  withSteps(
    c,
    c.steps.map((s) =>
      s.durationS <= 0.8 && s.kind !== 'pause' && s.kind !== 'turn' ? s : stretched(s, s.durationS * factor),
    ),
  );
/** A cadence that begins again after its last step, or ends. */
export const setLoop = (c: Cadence, loop: boolean): Cadence => ({ ...c, loop });

/** What was, what is, what was taken back. */
export interface History {
  past: readonly Cadence[];
  now: Cadence;
  future: readonly Cadence[];
}

/** Changes that can be taken back. */
export const REMEMBERED = 100;

/** A history with nothing to undo. */
export const startHistory = (now: Cadence): History => ({ past: [], now, future: [] });
/** The history with a change made; what was undone before is gone. */
export const edit = (h: History, next: Cadence): History =>
  JSON.stringify(next) === JSON.stringify(h.now)
    ? h
    : { past: [...h.past, h.now].slice(-REMEMBERED), now: next, future: [] };
/** One change back; the same where there is none. */
export function undo(h: History): History {
  const last = h.past[h.past.length - 1];
  return last ? { past: h.past.slice(0, -1), now: last, future: [h.now, ...h.future] } : h;
}
/** One change made again; the same where there is none. */
export function redo(h: History): History {
  const [next, ...future] = h.future;
  return next ? { past: [...h.past, h.now], now: next, future } : h;
}
