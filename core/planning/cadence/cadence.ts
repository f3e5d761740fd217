/**
 * A cadence is what the hands repeat: steps of reel and rod tip, each with a length in seconds.
 * `compileCadence` is its only reader: simulator, beat, notation and log all use what it returns.
 */
import type { ReelEntry, TipMove } from '../../simulation/types';

/** What a hand can do with a lure, one thing at a time. */
export const STEP_KINDS = [
  'turn',
  'twitch',
  'pop',
  'snap',
  'lift',
  'drop',
  'sweep',
  'hop',
  'shake',
  'drag',
  'pause',
  'burn',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** One thing the hands do for a time. */
export interface Step {
  kind: StepKind;
  durationS: number;
  /** Turns of the handle during the step, spread evenly. */
  handleTurns?: number;
  /** Tip movement of the step, m, away from the lure (back), up, and to the left (side). */
  tip?: { backM: number; upM: number; sideM: number };
  /** Give slack again at once (a snap of the wrist), or keep the tip where it went. */
  slack?: boolean;
  /** Share by which lengths may wander to look alive, 0–1. */
  jitter?: number;
}

/** Steps in order, once or over and over. */
export interface Cadence {
  steps: readonly Step[];
  loop: boolean;
}

/** Parts of a cast in which a fish can take. */
export const PHASES = ['splash', 'fall', 'pause', 'move', 'deflection', 'boat'] as const;
export type Phase = (typeof PHASES)[number];

/** A part of the cast, s since the splash. */
export interface PhaseSpan {
  fromS: number;
  toS: number;
  phase: Phase;
}

/** One played step, for the beat and the notation. */
export interface Beat {
  atS: number;
  durationS: number;
  kind: StepKind;
  handleTurns: number;
}

/** A cadence as the simulation and the beat take it. */
export interface CompiledCadence {
  reelProfile: ReelEntry[];
  tipMoves: TipMove[];
  phases: PhaseSpan[];
  beats: Beat[];
}

/** Tip movements where a step names none, m: back, up, side. prior: judgement of an easy wrist. */
const DEFAULT_TIP: Partial<Record<StepKind, { backM: number; upM: number; sideM: number }>> = {
  twitch: { backM: 0.3, upM: 0, sideM: 0 },
  pop: { backM: 0.35, upM: 0, sideM: 0 },
  snap: { backM: 0.25, upM: 0, sideM: 0.1 },
  lift: { backM: 0.15, upM: 0.6, sideM: 0 },
  drop: { backM: -0.15, upM: -0.6, sideM: 0 },
  sweep: { backM: 0.5, upM: 0, sideM: 0.6 },
  hop: { backM: 0.1, upM: 0.3, sideM: 0 },
  shake: { backM: 0.05, upM: 0.05, sideM: 0 },
  drag: { backM: 0.4, upM: 0, sideM: 0 },
};

/** A flick and its return take these shares of a second at the most. */
const FLICK_S = { out: 0.15, back: 0.3 } as const;
/** How long the tip takes to go out in a flick of this length, s. */
export const flickOutS = (durationS: number): number => Math.min(FLICK_S.out, durationS * 0.4);
const SHAKES_PER_S = 3;
const RAMP_S = 0.15;

/** Where the step moves the tip, by itself or by default; null: not at all. */
export const tipOf = (s: Step): { backM: number; upM: number; sideM: number } | null =>
  s.tip ?? DEFAULT_TIP[s.kind] ?? null;

/** Whether the tip comes back within the step (a flick), or soon after it (a drag, a sweep). */
const givesSlack = (s: Step): boolean =>
  s.slack ?? (s.kind === 'twitch' || s.kind === 'pop' || s.kind === 'snap' || s.kind === 'hop');
const comesBack = (s: Step): boolean => givesSlack(s) || s.kind === 'shake' || s.kind === 'drag' || s.kind === 'sweep';

/** Where the tip is after one round, from where it began, m. */
export function netTip(c: Cadence): { backM: number; upM: number; sideM: number } {
  const net = { backM: 0, upM: 0, sideM: 0 };
  for (const s of c.steps) {
    const tip = tipOf(s);
    if (!tip || comesBack(s)) continue;
    net.backM += tip.backM;
    net.upM += tip.upM;
    net.sideM += tip.sideM;
  }
  return net;
}

const PHASE_OF: Record<StepKind, Phase> = {
  turn: 'move',
  twitch: 'move',
  pop: 'move',
  snap: 'move',
  lift: 'move',
  drop: 'fall',
  sweep: 'move',
  hop: 'move',
  shake: 'move',
  drag: 'move',
  pause: 'pause',
  burn: 'move',
};

/** Length of one round, s. */
export const cadenceLengthS = (c: Cadence): number => c.steps.reduce((s, x) => s + x.durationS, 0);

/**
 * Lays a cadence out from `startS` until `endS` (looping, or once and then pausing).
 * `metresPerTurn` turns handle turns into line; `sinks` says whether a hang is a fall. Steps must have positive length.
 */
export function compileCadence(
  cadence: Cadence,
  reel: { metresPerTurn: number },
  span: { startS: number; endS: number; sinks: boolean },
): CompiledCadence {
  const out: CompiledCadence = { reelProfile: [], tipMoves: [], phases: [], beats: [] };
  const length = cadenceLengthS(cadence);
  if (!(length > 0)) return out;
  let t = span.startS;
  let speed = 0;
  const setSpeed = (at: number, speedMps: number): void => {
    if (Math.abs(speedMps - speed) < 1e-9) return;
    out.reelProfile.push({ startS: at, speedMps, rampS: RAMP_S });
    speed = speedMps;
  };
  const move = (
    at: number,
    durationS: number,
    tip: { backM: number; upM: number; sideM: number },
    sign: number,
  ): void => {
    out.tipMoves.push({ startS: at, durationS, dxM: -tip.backM * sign, dyM: tip.sideM * sign, dzM: tip.upM * sign });
  };
  do {
    for (const step of cadence.steps) {
      if (t >= span.endS) break;
      const d = step.durationS;
      const turns = step.handleTurns ?? 0;
      setSpeed(t, (turns * reel.metresPerTurn) / d);
      const tip = tipOf(step);
      if (tip) layTip(step, t, d, tip, move);
      out.phases.push({ fromS: t, toS: t + d, phase: phaseOf(step.kind, span.sinks) });
      out.beats.push({ atS: t, durationS: d, kind: step.kind, handleTurns: turns });
      t += d;
    }
  } while (cadence.loop && t < span.endS);
  setSpeed(t, 0);
  return out;
}

function phaseOf(kind: StepKind, sinks: boolean): Phase {
  return kind === 'drop' && !sinks ? 'pause' : PHASE_OF[kind];
}

function layTip(
  step: Step,
  t: number,
  d: number,
  tip: { backM: number; upM: number; sideM: number },
  move: (at: number, durationS: number, tip: { backM: number; upM: number; sideM: number }, sign: number) => void,
): void {
  if (step.kind === 'shake') {
    const n = Math.max(1, Math.round(d * SHAKES_PER_S));
    for (let i = 0; i < n; i++) {
      move(t + (i * d) / n, d / n / 2, tip, 1);
      move(t + ((i + 0.5) * d) / n, d / n / 2, tip, -1);
    }
    return;
  }
  if (!givesSlack(step)) {
    move(t, d, tip, 1);
    // A drag or sweep comes back while the reel takes up the slack of the next step.
    if (step.kind === 'drag' || step.kind === 'sweep') move(t + d, 0.8, tip, -1);
    return;
  }
  const out = flickOutS(d);
  move(t, out, tip, 1);
  move(t + out, Math.min(FLICK_S.back, d - out), tip, -1);
}
