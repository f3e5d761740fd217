/**
 * Whether a wrist, a rod and a reel can do a cadence. What cannot be done and what to mind, by step; nothing is thrown.
 */
import { MAX_TURNS_PER_S } from '../../tackle/reel';
import { cadenceLengthS, flickOutS, netTip, tipOf, type Cadence, type Step } from './cadence';

/** What can be wrong with a cadence for these hands, rod and reel. */
export const CADENCE_FAULTS = [
  'too-fast-turning',
  'flick-too-short',
  'tip-too-far',
  'tip-too-fast',
  'tip-runs-away',
  'stays-put',
  'too-long',
  'empty',
] as const;
export type CadenceFaultCode = (typeof CADENCE_FAULTS)[number];

/** One fault, where it is, and the figures that show it. */
export interface CadenceFault {
  code: CadenceFaultCode;
  /** The step, from 0; null: the whole. */
  step: number | null;
  /** Cannot be done at all, or can, but mind it. */
  cannot: boolean;
  /** What was asked and what can be had, in the unit of the code (turns/s, s, m, m/s). */
  asked: number;
  most: number;
}

/** A burn is a sprint: this much above what a hand keeps up. prior: judgement. */
const BURN = 1.3;
/** The shortest flick of a wrist with its return, s. prior: judgement (about four a second). */
export const MIN_FLICK_S = 0.25;
/** The fastest a tip is moved by the wrist, m/s. prior: judgement. */
const FASTEST_TIP_MPS = 6;
/** The tip reaches this share of the rod's length either way. */
const REACH_SHARE = 0.9;
/** After a round the tip is this near to where it began, m, or it walks away. */
const HOME_M = 0.15;
const MAX_ROUND_S = 180;
const FLICKS = ['twitch', 'pop', 'snap', 'hop'] as const;

const isFlick = (s: Step): boolean => (FLICKS as readonly string[]).includes(s.kind);

/** `vertical`: the lure is meant to stay below the rod. */
export function cadenceFaults(c: Cadence, rod: { lengthM: number }, vertical = false): CadenceFault[] {
  const out: CadenceFault[] = [];
  const lengthS = cadenceLengthS(c);
  if (c.steps.length === 0 || !(lengthS > 0)) return [{ code: 'empty', step: null, cannot: true, asked: 0, most: 0 }];
  if (lengthS > MAX_ROUND_S)
    out.push({ code: 'too-long', step: null, cannot: false, asked: lengthS, most: MAX_ROUND_S });
  c.steps.forEach((s, step) => {
    const fastest = MAX_TURNS_PER_S * (s.kind === 'burn' ? BURN : 1);
    const turnsPerS = (s.handleTurns ?? 0) / s.durationS;
    if (turnsPerS > fastest + 1e-9)
      out.push({ code: 'too-fast-turning', step, cannot: true, asked: turnsPerS, most: fastest });
    if (isFlick(s) && s.durationS < MIN_FLICK_S - 1e-9)
      out.push({ code: 'flick-too-short', step, cannot: true, asked: s.durationS, most: MIN_FLICK_S });
    const tip = tipOf(s);
    if (!tip) return;
    const far = Math.hypot(tip.backM, tip.upM, tip.sideM);
    const reach = REACH_SHARE * rod.lengthM;
    if (far > reach) out.push({ code: 'tip-too-far', step, cannot: true, asked: far, most: reach });
    const speed = far / (isFlick(s) ? flickOutS(s.durationS) : s.durationS);
    if (s.kind !== 'shake' && speed > FASTEST_TIP_MPS)
      out.push({ code: 'tip-too-fast', step, cannot: true, asked: speed, most: FASTEST_TIP_MPS });
  });
  const net = netTip(c);
  const away = Math.hypot(net.backM, net.upM, net.sideM);
  if (c.loop && away > HOME_M) out.push({ code: 'tip-runs-away', step: null, cannot: true, asked: away, most: HOME_M });
  const turns = c.steps.reduce((s, x) => s + (x.handleTurns ?? 0), 0);
  if (c.loop && turns === 0 && !vertical) out.push({ code: 'stays-put', step: null, cannot: false, asked: 0, most: 0 });
  return out;
}
