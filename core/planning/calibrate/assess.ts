/** What is known of a lure or a reel, before and after its measurements, in numbers an angler can picture. */
import type { Counted, FamilyId } from '../../lures/family';
import { freeSink } from '../../simulation/sink';
import type { LineSpec } from '../../tackle/line';
import { metresPerTurn, type ReelSpec } from '../../tackle/reel';
import type { Belief } from './belief';
import { deepestRunM, type LureMeasurement, type TurnCount } from './calibrate';
import { adjustedLure, knownLure, knownReel, UNKNOWN, type KnownLure } from './known';
import { REFERENCE_RUN } from './reference';
import { triedLure } from './tried';

/** A quantity with its 5–95 % range. */
export interface Told {
  mid: number;
  low: number;
  high: number;
}
/** A figure of the model before and after the counts were taken in, each with its range. */
export interface Narrowed {
  before: Told;
  after: Told;
}

const narrowed = (b: Belief, of: (ratio: number) => number): Told => {
  const [x, y] = [of(b.low), of(b.high)];
  return { mid: of(b.ratio), low: Math.min(x, y), high: Math.max(x, y) };
};

/** What counts say of a lure, as figures an angler knows. */
export interface LureAssessment {
  /** Speed of a free sink, m/s; null for a floater. */
  sinkMps: Narrowed | null;
  /** Depth it runs at on the reference run, m; null without a lip. */
  runsM: Narrowed | null;
  /** For each measurement: a slip, of no use. */
  nonsense: readonly boolean[];
}

/** A lure, the line it is thrown on, and its counts. */
export interface CountedLure {
  family: FamilyId;
  weightKg: number;
  line: LineSpec;
  measurements: readonly LureMeasurement[];
}

/** What counts say of a lure: sink, m/s, and running depth, m, before and after, and counts that make no sense. */
export function assessLure(q: CountedLure): LureAssessment {
  const tried = triedLure(q.family, q.weightKg, q.line);
  const known = knownLure({ tried, measurements: q.measurements });
  const { lure, waterDensityKgM3 } = tried;
  const sinks = (k: KnownLure['drag']): Told =>
    narrowed(
      k,
      (ratio) => freeSink({ ...lure, dragAreaM2: lure.dragAreaM2 * ratio }, waterDensityKgM3)?.terminalMps ?? 0,
    );
  const runs = (k: Pick<KnownLure, 'drag' | 'lift'>): Told =>
    narrowed(k.lift, (ratio) =>
      deepestRunM(
        { ...tried, lure: adjustedLure(lure, { drag: k.drag, lift: { ...k.lift, ratio } }) },
        { kind: 'ticks-bottom', depthM: 0, ...REFERENCE_RUN },
      ),
    );
  return {
    sinkMps: freeSink(lure, waterDensityKgM3) ? { before: sinks(UNKNOWN.drag), after: sinks(known.drag) } : null,
    runsM: lure.liftAreaM2 > 0 ? { before: runs(UNKNOWN), after: runs(known) } : null,
    nonsense: known.nonsense,
  };
}

/** The lures among these that were counted on their line, by key: how their drag and lift stand to their kind's. */
export function countedLures(asked: Readonly<Record<string, CountedLure>>): Record<string, Counted> {
  return Object.fromEntries(
    Object.entries(asked).map(([key, { family, weightKg, line, measurements }]) => {
      const { drag, lift } = knownLure({ tried: triedLure(family, weightKg, line), measurements });
      return [key, { drag: drag.ratio, lift: lift.ratio }];
    }),
  );
}

/** What counted turns say of a reel. */
export interface ReelAssessment {
  /** Line a turn of the handle takes with half a cast out, m. */
  perTurnM: Narrowed;
  nonsense: readonly boolean[];
}

const HALF_A_CAST_M = 12;
/** What counted turns say of a reel: line a turn, m, before and after. */
export function assessReel(q: { reel: ReelSpec; counts: readonly TurnCount[] }): ReelAssessment {
  const known = knownReel(q);
  const per = (b: Belief): Told => narrowed(b, (ratio) => metresPerTurn(q.reel, HALF_A_CAST_M) * ratio);
  return { perTurnM: { before: per(UNKNOWN.reel), after: per(known.reel) }, nonsense: known.nonsense };
}
