/** What the hands can vary in a cast, each between 0 and 1. */
import { clamp, roundTo, toHalf } from '../../base/numbers';
import { TELLING_CURRENT_MPS, tipSetting, type TipPosition } from '../../tackle/stand';
import { hangs } from '../cadence/library';
import { angleWasRead, MIN_TURNS_PER_S, maxTurnsPerS, type PlanTask, type RetrieveSettings } from '../task/setup';

/** One thing the hands can vary, between 0 and 1. */
export interface FreeParameter {
  what: 'tip' | 'turns' | 'count' | 'hang' | 'cast' | 'angle';
  /** The hands with it at u, 0–1. */
  at: (h: RetrieveSettings, u: number) => RetrieveSettings;
  /** Where it stands, 0–1. */
  of: (h: RetrieveSettings) => number;
  /** Number of settings when they are few and have no order worth stepping through in halves; else a step, 0–1. */
  settings?: number;
  step?: number;
}

/** Handle speeds a hand can tell apart. */
export const twentieth = (turns: number): number => roundTo(Math.round(turns * 20) / 20, 2);

/** From a to b, evenly in the logarithm. */
const between = (a: number, b: number) => ({
  at: (u: number): number => a * (b / a) ** u,
  of: (x: number): number => (b > a ? clamp(Math.log(x / a) / Math.log(b / a), 0, 1) : 0),
});

/** Past what is aimed at so many times the usual way past it is looked at. prior: judgement. */
const FURTHEST_PAST = 2.5;

/** How far to throw: by rod and wind; aimed at something, onto it and past it as far as the lure may need. */
function castRange(p: PlanTask): ReturnType<typeof between> {
  if (p.targetM === null || p.targetM >= p.comfortableM - 1) return between(0.6 * p.comfortableM, p.comfortableM);
  return between(p.targetM + 1, Math.min(p.comfortableM, p.targetM + Math.max(4, FURTHEST_PAST * p.overshootM)));
}

/** What is free to vary in this problem: what the angler set is not, nor what the way of working settles by itself. */
export function freeParameters(p: PlanTask, start: RetrieveSettings): FreeParameter[] {
  if (p.onBed) return [];
  const set = p.request.set ?? {};
  const swims = p.family.mode === 'swim';
  const out: FreeParameter[] = [];
  const tips = p.stand.tips;
  if (set.tip === undefined && p.family.mode !== 'float')
    out.push({
      what: 'tip',
      settings: tips.length,
      at: (h, u) => ({
        ...h,
        tip: tipSetting(tips[Math.min(tips.length - 1, Math.floor(u * tips.length))]!, p.request.rod, p.reading.access),
      }),
      of: (h) => (tips.indexOf(h.tip.position as TipPosition) + 0.5) / tips.length,
    });
  if (set.turnsPerS === undefined && !set.cadence) {
    const range = between(
      Math.max(MIN_TURNS_PER_S, 0.4 * start.turnsPerS),
      Math.max(MIN_TURNS_PER_S + 0.1, Math.min(maxTurnsPerS(p), 2 * start.turnsPerS)),
    );
    out.push({
      what: 'turns',
      step: 0.2,
      at: (h, u) => ({ ...h, turnsPerS: twentieth(range.at(u)) }),
      of: (h) => range.of(h.turnsPerS),
    });
  }
  if (set.countdownS === undefined && p.family.mode !== 'float' && p.sinkS > 0) {
    const most = clamp(1.8 * Math.max(start.countdownS, p.sinkS), 2, 60);
    out.push({
      what: 'count',
      step: 0.15,
      at: (h, u) => ({ ...h, countdownS: toHalf(most * u) }),
      of: (h) => clamp(h.countdownS / most, 0, 1),
    });
  }
  if (set.pauseS === undefined && !set.cadence && hangs(start.style) && p.wantedPauseS >= 1) {
    // From hardly a rest to the one that the fish want, as far as the lure can be left alone.
    const longest = Math.max(1, toHalf(Math.min(p.wantedPauseS, p.hangLimitS)));
    const range = between(0.5, longest);
    out.push({
      what: 'hang',
      step: 0.25,
      at: (h, u) => ({ ...h, pauseS: Math.max(0.5, toHalf(range.at(u))) }),
      of: (h) => range.of(h.pauseS),
    });
  }
  if (swims && set.castM === undefined && !p.pitched && p.comfortableM > 8) {
    const range = castRange(p);
    out.push({
      what: 'cast',
      step: 0.35,
      at: (h, u) => ({ ...h, castM: Math.round(range.at(u)) }),
      of: (h) => range.of(h.castM),
    });
  }
  const angles = p.stand.anglesDeg;
  // An angle that was read is where the angler throws; one that nobody read is free.
  if (set.angleDeg === undefined && p.reading.currentMps >= TELLING_CURRENT_MPS && !angleWasRead(p))
    out.push({
      what: 'angle',
      settings: angles.length,
      at: (h, u) => ({ ...h, angleDeg: angles[Math.min(angles.length - 1, Math.floor(u * angles.length))]! }),
      of: (h) => (Math.max(0, angles.indexOf(h.angleDeg)) + 0.5) / angles.length,
    });
  return out;
}
