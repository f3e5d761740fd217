/** What a plan is made from. */
import type { FamilyId, Hook } from '../../lures/family';
import type { Schools } from '../../ranking/schools';
import type { Conditions } from '../../water/conditions';
import type { Cadence } from '../cadence/cadence';
import type { Measured } from '../calibrate/known';
import type { LineSpec } from '../../tackle/line';
import type { ReelSpec } from '../../tackle/reel';
import type { RodSpec } from '../../tackle/rod';
import type { CadenceStyle } from '../../lures/styles';
import type { TipPosition } from '../../tackle/stand';

/** The lure to plan for: one of the box, or a kind with the figures that matter. */
export interface PlannedLure {
  id?: string | null;
  family: FamilyId;
  name?: string | null;
  weightKg?: number | null;
  lengthM?: number | null;
  /** Absent: as the kind comes. */
  hook?: Hook | null;
}

/** All that the hands do in a plan, and where it is worked, m: kept while one thing is changed. */
export interface HeldHands {
  castM: number;
  countdownS: number;
  turnsPerS: number;
  tip: TipPosition;
  style: CadenceStyle;
  pauseS: number;
  angleDeg: number;
  depthM: number;
  bandM: readonly [number, number];
}

/** A plan that a change is made to: what its hands did, and what of them was the angler's own. */
export interface Held extends Partial<HeldHands> {
  /** Settings of the angler's own that the change took the place of: they come back when it is taken back. */
  own?: Omit<PlanSettings, 'held'>;
}

/** The plan that is held, as far as it was the planner's. */
interface AsPlanned {
  hands: Omit<HeldHands, 'tip' | 'depthM' | 'bandM'> & { tip: { position: string } };
  depthM: number;
  bandM: readonly [number, number];
}

/** All that is kept of a plan while one thing in it is changed; what was set by hand is held by that. */
function heldIn({ hands, depthM, bandM }: AsPlanned, set: PlanSettings): Held {
  const { castM, countdownS, turnsPerS, style, pauseS, angleDeg } = hands;
  const tip = hands.tip.position as TipPosition;
  const all: HeldHands = { castM, countdownS, turnsPerS, tip, style, pauseS, angleDeg, depthM, bandM };
  return Object.fromEntries(Object.entries(all).filter(([k]) => !(k in set))) as Held;
}

/** A change that seems to gain less of the cast is within what the model can tell: not worth saying. */
export const WORTH_SAYING = 0.02;

/** The settings with one thing of a plan changed and all else as it was there. */
export function changedTo(plan: AsPlanned, set: PlanSettings, change: Omit<PlanSettings, 'held'>): PlanSettings {
  const held = set.held ?? heldIn(plan, set);
  const replaced = Object.keys(change).filter((k) => k in set && !(k in (held.own ?? {})) && !(k in held));
  const own = Object.fromEntries(replaced.map((k) => [k, set[k as keyof PlanSettings]]));
  return { ...set, ...change, held: { ...held, ...(replaced.length > 0 ? { own: { ...held.own, ...own } } : {}) } };
}

/** A lure that is let straight down or towed, though it could be cast. */
export interface Below {
  way: 'down' | 'behind';
  /** Where it is let down to, m, or how fast it is towed through the water, m/s; absent: as the plan has it. */
  depthM?: number;
  speedMps?: number;
  /** Towed with a weight on the line, kg. */
  inlineKg?: number;
}

/** What the angler fixed by hand; the planner leaves these alone. */
export interface PlanSettings {
  castM?: number;
  countdownS?: number;
  turnsPerS?: number;
  tip?: TipPosition;
  style?: CadenceStyle;
  /** The hang, s. */
  pauseS?: number;
  /** A cadence of the angler's own; style, hang and handle speed are then its own. */
  cadence?: Cadence;
  /** Hung below a float, where the lure is light enough. */
  float?: boolean;
  /** Not cast: let straight down, or towed behind. Absent: as the lure is made for. */
  below?: Below;
  /** Cast at this angle to the current instead of the one that was read, °. */
  angleDeg?: number;
  /** As if the head weighed this, kg; as if the lip were this many times as large; as if this line were on the reel. */
  weightKg?: number;
  lipScale?: number;
  line?: LineSpec;
  /** The plan in which one thing was changed: all else stays as it was there. */
  held?: Held;
}

/** A boulder or a grass top that rises on the way: how far off, and how far its top is below the surface, m. */
export interface Rise {
  atM: number;
  topM: number;
}

/** The question of `plan`. */
export interface PlanRequest {
  conditions: Conditions;
  lure: PlannedLure;
  rod: RodSpec;
  reel: ReelSpec;
  line: LineSpec;
  /** The way to what is aimed at, m: its fish are around it, and only there the lure counts. Absent: at nothing. */
  targetM?: number | null;
  /** What the lure must be brought over; absent: nothing. */
  over?: Rise | null;
  schools?: Partial<Schools> | null;
  set?: PlanSettings | null;
  /** What the angler measured of this lure and this reel. */
  measured?: Measured | null;
}

/**
 * The settings without one of them: that is the planner's again, or the angler's own where a change had taken its
 * place. With the last change what it held goes too.
 */
export function withoutSetting<S extends PlanSettings>(set: S, key: keyof PlanSettings): S {
  const rest = Object.fromEntries(Object.entries(set).filter(([k, v]) => k !== key && v !== undefined)) as PlanSettings;
  const { own = {}, ...held } = set.held ?? {};
  if (set.held && key in own) {
    const { [key as keyof typeof own]: before, ...others } = own;
    return {
      ...rest,
      [key]: before,
      held: { ...held, ...(Object.keys(others).length > 0 ? { own: others } : {}) },
    } as S;
  }
  return (changedByHand(rest).length > 0 ? rest : {}) as S;
}

/** What was changed by hand, what it held apart. */
export const changedByHand = (set: PlanSettings): (keyof PlanSettings)[] =>
  (Object.keys(set) as (keyof PlanSettings)[]).filter((k) => k !== 'held' && set[k] !== undefined);

/** Whether the angler chose the hands, the aim or what to bring it over: then it is not the planner's own answer. */
export const isSetByHand = ({ set, targetM, over }: Pick<PlanRequest, 'set' | 'targetM' | 'over'>): boolean =>
  Object.keys(set ?? {}).length > 0 || targetM != null || over != null;
