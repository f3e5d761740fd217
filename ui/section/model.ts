/**
 * What the section shows, in SI: made by each place from the same day, drawn by SectionDrawing, told by
 * wording/section.
 */
import type { Beside } from '../../core/planning/task/placing';
import type { Phase } from '../../core/planning/cadence/cadence';
import { computeHolding, type HoldingPlace } from '../../core/water/holding';
import { attenuationPerM } from '../../core/water/light';
import { sensesOf } from '../../core/water/senses';
import type { FamilyId } from '../../core/lures/family';
import type { EventKind } from '../../core/records/event';
import type { Access, CoverKind } from '../../core/water/terms';
import type { ResolvedConditions } from '../../core/water/resolve';

export interface SectionPath {
  xM: readonly number[];
  depthM: readonly number[];
  phase: readonly Phase[];
  onBottom: readonly boolean[];
  /** Where it may run instead, 5–95 %, at each moment; null while only a first guess stands. */
  range: { shallowM: readonly number[]; deepM: readonly number[] } | null;
  lineXZ: readonly (readonly number[])[];
  tS: readonly number[];
  /** From here on it is only reeled in, s. */
  workedS: number;
}

export interface SectionMark {
  id: string;
  kind: EventKind;
  xM: number;
  depthM: number;
}

/** A lure's reach: from the shallowest to the deepest it works here. */
export interface SectionReach {
  id: string;
  name: string;
  topM: number;
  bottomM: number;
  snag: number;
  chosen: boolean;
  family: FamilyId;
  /** Where it is worked here, m. */
  atM: number;
}

/** What the record says of a layer of water. */
export interface SectionLayer {
  topM: number;
  bottomM: number;
  perCast: number;
  casts: number;
}

export interface SectionModel {
  depthM: number;
  bandM: readonly [number, number];
  /** Where the lure counts, m; null: nothing is cast. */
  countsM: readonly [number, number] | null;
  /** Worked over or under the fish. */
  beside: Beside;
  fishDepthM: number;
  castM: number;
  tipM: number;
  attenuationPerM: number;
  /** Surface light, lx. */
  lux: number;
  sightM: number;
  /** How far a fish feels a thumping lure, m. */
  feltM: number;
  clarityM: number;
  waveM: number;
  access: Access;
  currentMps: number;
  currentAngleDeg: number;
  windMps: number;
  windAngleDeg: number;
  cover: { kind: CoverKind; density: number; topDepthM: number };
  bottom: ResolvedConditions['bottom'];
  holding: HoldingPlace;
  path: SectionPath | null;
  /** The path of a plan put aside, to compare with. */
  other: Pick<SectionPath, 'xM' | 'depthM'> | null;
  family: FamilyId | null;
  lureName: string | null;
  zoneShare: number | null;
  /** How far off what is aimed at is, m; null: nothing. */
  targetM: number | null;
  /** What rises on the way; null: nothing. */
  over: { atM: number; topM: number } | null;
  marks: readonly SectionMark[];
  reaches: readonly SectionReach[];
  layers: readonly SectionLayer[];
}

/** The water itself; places add their answer with `{...base, path, …}`. */
export function sectionOfReading(r: ResolvedConditions, tipM: number, castM: number): SectionModel {
  const holding = computeHolding(r);
  const senses = sensesOf(r);
  return {
    depthM: r.depthM,
    bandM: r.fishBandM,
    countsM: null,
    beside: null,
    fishDepthM: r.fishDepthM,
    castM,
    tipM,
    attenuationPerM: attenuationPerM(r.clarityM),
    lux: holding.lux,
    sightM: senses.seesM,
    feltM: senses.feelsM,
    clarityM: r.clarityM,
    waveM: r.access === 'ice' ? 0 : r.waveHeightM,
    access: r.access,
    currentMps: r.currentMps,
    currentAngleDeg: r.currentAngleDeg,
    // A wind that nobody read is not drawn.
    windMps: r.assumed.includes('water.windMps') ? 0 : r.windMps,
    windAngleDeg: r.windAngleDeg,
    cover: { kind: r.cover.kind, density: r.cover.density, topDepthM: r.cover.topDepthM },
    bottom: r.bottom,
    holding: holding.place,
    path: null,
    other: null,
    family: null,
    lureName: null,
    zoneShare: null,
    targetM: null,
    over: null,
    marks: [],
    reaches: [],
    layers: [],
  };
}
