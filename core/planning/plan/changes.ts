/** Every single change worth offering, with the hands and the problem it means. */
import { hangs } from '../cadence/library';
import { TELLING_CURRENT_MPS, tipSetting, type TipPosition } from '../../tackle/stand';
import { thickerLine, thinnerLine, type LineSpec } from '../../tackle/line';
import { MAX_TURNS_PER_S } from '../../tackle/reel';
import type { PlanSettings } from '../task/request';
import { twentieth } from './freedoms';
import { MIN_TURNS_PER_S, maxTurnsPerS, setUpTask, type RetrieveSettings, type PlanTask } from '../task/setup';
import { canHangBelowFloat } from '../../lures/family';
import { sinksByItself } from '../../simulation/sink';

/** What one might change about a plan, one thing at a time. */
export const CHANGES = [
  'tip',
  'line-thinner',
  'line-thicker',
  'cast-longer',
  'cast-shorter',
  'slower',
  'faster',
  'count-more',
  'count-less',
  'hang-less',
  'hang-more',
  'heavier',
  'lighter',
  'lip-deeper',
  'lip-shallower',
  'float',
  'no-float',
  'angle',
] as const;
export type PlanChangeKind = (typeof CHANGES)[number];

/** What the change would be, for its words. SI. */
export interface ChangeFacts {
  tip?: TipPosition;
  castM?: number;
  turnsPerS?: number;
  countdownS?: number;
  pauseS?: number;
  line?: LineSpec;
  weightKg?: number;
  angleDeg?: number;
}

/** What one change alone would do to the share of time in the zone: `low`–`high` as drag and line vary. */
export interface PlanChange {
  kind: PlanChangeKind;
  gain: number;
  low: number;
  high: number;
  /** What to set for it. */
  settings: PlanSettings;
  facts: ChangeFacts;
}

/** A change as a task of its own. */
export interface Trial {
  change: Omit<PlanChange, 'gain' | 'low' | 'high'>;
  problem: PlanTask;
  hands: RetrieveSettings;
}

const LIP = { deeper: 1.35, shallower: 0.74 } as const;
const CAST_STEP_M = 4;
/** A cast can be stretched to this many times a comfortable one. prior: judgement. */
const STRETCHED = 1.2;

/** Whether a float is a choice: it hangs from one, or could. */
export const canFloat = (p: PlanTask): boolean =>
  (p.family.mode === 'float' && p.request.set?.float === true) || canHangBelowFloat(p.family, p.family.weightKg[1]);

/** What one might change about a plan, each with the settings that would do it. */
export function trials(p: PlanTask, h: RetrieveSettings): Trial[] {
  const out: Trial[] = [];
  const add = (
    kind: PlanChangeKind,
    hands: Partial<RetrieveSettings>,
    settings: PlanSettings,
    facts: ChangeFacts,
    problem = p,
  ): void => {
    out.push({ change: { kind, settings, facts }, problem, hands: { ...h, ...hands } });
  };
  /** The same hands with other tackle: everything else stays as it was planned. */
  const other = (settings: PlanSettings): PlanTask => {
    const q = setUpTask({ ...p.request, set: { ...p.request.set, castM: h.castM, ...settings } });
    return {
      ...q,
      bandM: p.bandM,
      depthM: p.depthM,
      speedMps: p.speedMps,
      pauseS: p.pauseS,
    };
  };
  const { mode, styles } = p.family;
  const own = p.request.set?.cadence;
  for (const position of p.stand.tips)
    if (position !== h.tip.position && mode !== 'float')
      add('tip', { tip: tipSetting(position, p.request.rod, p.reading.access) }, { tip: position }, { tip: position });
  if (mode !== 'surface' && mode !== 'float')
    for (const [kind, line] of [
      ['line-thinner', thinnerLine(p.line)] as const,
      ['line-thicker', thickerLine(p.line)] as const,
    ])
      if (line) add(kind, {}, { line }, { line }, other({ line }));
  const cast = (kind: PlanChangeKind, castM: number): void => add(kind, { castM }, { castM }, { castM });
  if (!p.pitched && p.targetM === null && h.castM + CAST_STEP_M <= STRETCHED * p.comfortableM)
    cast('cast-longer', h.castM + CAST_STEP_M);
  if (p.targetM === null && h.castM > 3 * CAST_STEP_M) cast('cast-shorter', h.castM - CAST_STEP_M);
  if (!own && styles.length > 0) {
    const turns = (kind: PlanChangeKind, turnsPerS: number): void => {
      if (turnsPerS !== h.turnsPerS) add(kind, { turnsPerS }, { turnsPerS }, { turnsPerS });
    };
    turns('slower', twentieth(Math.max(MIN_TURNS_PER_S, h.turnsPerS * 0.75)));
    turns('faster', twentieth(Math.min(Math.max(maxTurnsPerS(p), h.turnsPerS), h.turnsPerS * 1.3, MAX_TURNS_PER_S)));
    if (h.pauseS >= 1 && hangs(h.style)) {
      const hang = (kind: PlanChangeKind, pauseS: number): void => add(kind, { pauseS }, { pauseS }, { pauseS });
      if (h.pauseS >= 1.5) hang('hang-less', Math.max(0.5, Math.round(h.pauseS * 1.2) / 2));
      hang('hang-more', h.pauseS + Math.max(0.5, Math.round(h.pauseS * 0.6) / 2));
    }
  }
  if (p.sinkS > 0 && mode !== 'float') {
    const step = Math.max(1, Math.round(h.countdownS * 0.25));
    const count = (kind: PlanChangeKind, countdownS: number): void =>
      add(kind, { countdownS }, { countdownS }, { countdownS });
    count('count-more', h.countdownS + step);
    if (h.countdownS > 0) count('count-less', Math.max(0, h.countdownS - step));
  }
  if (canFloat(p)) {
    const float = mode !== 'float';
    add(float ? 'float' : 'no-float', {}, { float }, {}, other({ float }));
  }
  if (p.family.build.kind === 'head' || sinksByItself(p.lure)) {
    const [light, , heavy] = p.family.weightKg;
    const weight = (kind: PlanChangeKind, weightKg: number): void => {
      const kg = Math.round(weightKg * 10_000) / 10_000;
      add(kind, {}, { weightKg: kg }, { weightKg: kg }, other({ weightKg: kg }));
    };
    if (p.rig.weightKg * 1.15 < heavy) weight('heavier', Math.min(heavy, p.rig.weightKg * 1.4));
    if (p.rig.weightKg * 0.87 > light) weight('lighter', Math.max(light, p.rig.weightKg * 0.7));
  }
  if (p.lure.liftAreaM2 > 0) {
    const now = p.request.set?.lipScale ?? 1;
    const lip = (kind: PlanChangeKind, factor: number): void => {
      const lipScale = Math.round(now * factor * 100) / 100;
      if (lipScale >= 0.4 && lipScale <= 2.5) add(kind, {}, { lipScale }, {}, other({ lipScale }));
    };
    lip('lip-deeper', LIP.deeper);
    lip('lip-shallower', LIP.shallower);
  }
  if (p.reading.currentMps >= TELLING_CURRENT_MPS)
    for (const angleDeg of p.stand.anglesDeg)
      if (angleDeg !== Math.abs(h.angleDeg)) add('angle', { angleDeg }, { angleDeg }, { angleDeg });
  return out;
}
