/**
 * From what an angler can measure by the boat or the dock to the numbers of a lure or a reel:
 *
 *   seconds to sink a known depth, line slack or held tight   → the lure's drag
 *   depth at which a crank just ticks the bottom on a cast    → its lip's lift
 *   turns to bring in a known length                          → the reel's metres a turn
 *
 * Each parameter is a ratio to the family's or the maker's value, with a prior of the spread that such values have
 * (prior: judgement). The simulator predicts what would be measured for each ratio; the measurement narrows the belief.
 */
import { MESH, type LurePhysics, type RetrieveInput } from '../../simulation/types';
import { freeSink, timeToSinkS } from '../../simulation/sink';
import { runRetrieve } from '../../simulation/retrieve';
import { linePhysics, type LineSpec, type LinePhysics } from '../../tackle/line';
import { metresPerTurn, type ReelSpec } from '../../tackle/reel';
import { learnRatio, type Evidence, type Learnt } from './belief';

/** Standard deviations of the logarithms: what lures of one kind, and reels of one label, differ by. */
export const SPREAD = { drag: 0.25, lift: 0.25, reel: 0.05 } as const;
/**
 * One standard deviation of a count's error: seconds by a watch, depths read from a marked rod or line, turns that end
 * between two. prior: judgement.
 */
const COUNT_ERROR = {
  countS: 0.4,
  countShare: 0.06,
  depthM: 0.1,
  depthShare: 0.07,
  turns: 0.5,
  lengthShare: 0.02,
} as const;

/** A lure counted down on a slack or a tight line. */
export interface SinkCount {
  kind: 'sink-slack' | 'sink-tight';
  /** Depth it sank to, m, and the seconds that took. */
  depthM: number;
  seconds: number;
  /** How far out it was dropped, m. */
  castM: number;
  /** Line it was measured on; absent: the line in use. */
  line?: LineSpec | null;
}
/** A depth of water in which a lure just ticks the bottom on a steady retrieve. */
export interface BottomTick {
  kind: 'ticks-bottom';
  depthM: number;
  castM: number;
  /** Line speed of the retrieve, m/s. */
  speedMps: number;
  line?: LineSpec | null;
}
/** What an angler can measure of a lure with a rod in hand. */
export type LureMeasurement = SinkCount | BottomTick;

/** Lure, line and water that were measured. */
export interface Tried {
  lure: LurePhysics;
  line: LinePhysics;
  tipHeightM: number;
  waterDensityKgM3: number;
  viscosityM2s: number;
}

const SAMPLE_S = 0.25;
/** A sink is followed this many times as long as it would take free of the line. */
const PATIENCE = 2.5;

function still(t: Tried, m: LureMeasurement, slackM: number): RetrieveInput {
  const { castM } = m;
  return {
    waterDensityKgM3: t.waterDensityKgM3,
    viscosityM2s: t.viscosityM2s,
    lure: t.lure,
    line: m.line ? linePhysics(m.line) : t.line,
    tipM: [0, 0, t.tipHeightM],
    lureM: [castM, 0, 0],
    lineLengthM: Math.hypot(castM, t.tipHeightM) * 1.002 + slackM,
    reel: [],
    tipMoves: [],
    currentMps: [0, 0, 0],
  };
}

/** Seconds until the lure is first at a depth; null when it does not get there. */
export function secondsToDepth(t: Tried, m: SinkCount): number | null {
  const free = freeSink(t.lure, t.waterDensityKgM3);
  if (!free) return null;
  const longestS = PATIENCE * timeToSinkS(free, m.depthM) + 2;
  const timesS = Array.from({ length: Math.ceil(longestS / SAMPLE_S) }, (_, i) => (i + 1) * SAMPLE_S);
  // Slack: line is fed as fast as the lure takes it.
  const input = still(t, m, m.kind === 'sink-slack' ? 1.5 * m.depthM : 0);
  const { samples } = runRetrieve(input, { mesh: MESH.quick, timesS });
  let before = { tS: 0, depthM: 0 };
  for (const s of samples) {
    const depthM = -s.zM;
    if (depthM >= m.depthM)
      return before.tS + ((m.depthM - before.depthM) / (depthM - before.depthM)) * (s.tS - before.tS);
    before = { tS: s.tS, depthM };
  }
  return null;
}

/** The deepest a steady retrieve runs, m: where it would just tick. */
export function deepestRunM(t: Tried, m: BottomTick): number {
  const input = { ...still(t, m, 0), reel: [{ startS: 0.5, speedMps: m.speedMps, rampS: 0.5 }] };
  const timesS = Array.from({ length: Math.ceil(m.castM / m.speedMps / SAMPLE_S) }, (_, i) => (i + 1) * SAMPLE_S);
  const { samples } = runRetrieve(input, { mesh: MESH.quick, timesS, stopAtLineM: t.tipHeightM + 1.2 });
  return Math.max(0, ...samples.map((s) => -s.zM));
}

/** Ratios of a lure's drag and lift to the model's. */
export interface LureCalibration {
  /** Ratio of the drag to the model's; and of the lip's lift. */
  drag: Learnt;
  lift: Learnt;
}

/** A sink that never comes to the depth counts as this long, s: far from anything that can be counted. */
const NEVER_S = 1e4;

/**
 * What the measurements say of a lure. The order of the answers' `nonsense` is that of the measurements of each kind.
 */
export function calibrateLure(t: Tried, measurements: readonly LureMeasurement[]): LureCalibration {
  const sinks = measurements.filter((m): m is SinkCount => m.kind !== 'ticks-bottom');
  const ticks = measurements.filter((m): m is BottomTick => m.kind === 'ticks-bottom');
  const drag = learnRatio(
    SPREAD.drag,
    sinks.map((m): Evidence => ({
      expected: (k) => secondsToDepth({ ...t, lure: { ...t.lure, dragAreaM2: t.lure.dragAreaM2 * k } }, m) ?? NEVER_S,
      measured: m.seconds,
      errorSd: COUNT_ERROR.countS + COUNT_ERROR.countShare * m.seconds,
    })),
  );
  const lure = { ...t.lure, dragAreaM2: t.lure.dragAreaM2 * drag.after.ratio };
  const lift = learnRatio(
    SPREAD.lift,
    ticks.map((m): Evidence => ({
      expected: (k) => deepestRunM({ ...t, lure: { ...lure, liftAreaM2: lure.liftAreaM2 * k } }, m),
      measured: m.depthM,
      errorSd: COUNT_ERROR.depthM + COUNT_ERROR.depthShare * m.depthM,
    })),
  );
  return { drag, lift };
}

/** Turns of the handle that brought a length in. */
export interface TurnCount {
  /** Line brought in, m, with as much out when the count began, and the turns that took. */
  lengthM: number;
  turns: number;
}

/** Turns to bring a length in, as the spool fills: the reciprocal of metres a turn summed along the line. */
export function turnsToBringIn(reel: ReelSpec, lengthM: number): number {
  const parts = 20;
  let turns = 0;
  for (let i = 0; i < parts; i++) turns += lengthM / parts / metresPerTurn(reel, lengthM * ((i + 0.5) / parts));
  return turns;
}

/** What counted turns say of a reel: the ratio of its metres a turn to what its label gives. */
export const calibrateReel = (reel: ReelSpec, counts: readonly TurnCount[]): Learnt =>
  learnRatio(
    SPREAD.reel,
    counts.map((c): Evidence => ({
      expected: (k) => turnsToBringIn(reel, c.lengthM) / k,
      measured: c.turns,
      errorSd: COUNT_ERROR.turns + COUNT_ERROR.lengthShare * c.turns,
    })),
  );
