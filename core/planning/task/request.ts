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
  /** Cast at this angle to the current instead of the one that was read, °. */
  angleDeg?: number;
  /** As if the head weighed this, kg; as if the lip were this many times as large; as if this line were on the reel. */
  weightKg?: number;
  lipScale?: number;
  line?: LineSpec;
}

/** The question of `plan`. */
export interface PlanRequest {
  conditions: Conditions;
  lure: PlannedLure;
  rod: RodSpec;
  reel: ReelSpec;
  line: LineSpec;
  /** Distance to the fish or the cover, m; absent: the middle of a comfortable cast. */
  targetM?: number | null;
  schools?: Partial<Schools> | null;
  set?: PlanSettings | null;
  /** What the angler measured of this lure and this reel. */
  measured?: Measured | null;
}

/** The settings without one of them: that is the planner's again. */
export const withoutSetting = <S extends PlanSettings>(set: S, key: keyof PlanSettings): S =>
  Object.fromEntries(Object.entries(set).filter(([k]) => k !== key)) as S;
