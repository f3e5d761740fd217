/** Simulates one set of hands: the path, its phases, and how long it was where the fish are. */
import { viscosityM2s } from '../../lures/physics';
import { compileCadence, PHASES, type Beat, type Cadence, type Phase } from '../cadence/cadence';
import { defaultCadence } from '../cadence/library';
import { runRetrieve, type Sample } from '../simulate/retrieve';
import { netWeightN } from '../simulate/sink';
import type { Leader, LurePhysics, Mesh, RetrieveInput, Vec3 } from '../simulate/types';
import { floatFor } from '../tackle/float';
import { linePhysics, type LineSpec } from '../tackle/line';
import { rodStiffnessNpm } from '../tackle/rod';
import type { Hands, Problem } from './setup';

export interface Track {
  tS: number[];
  xM: number[];
  depthM: number[];
  phase: Phase[];
  onBottom: boolean[];
  /** Line shapes (x, z pairs from lure to tip), one for each sample; empty when not asked. */
  lineXZ: number[][];
  castS: number;
  zoneS: number;
  zoneShare: number;
  phaseS: Record<Phase, number>;
  deepestM: number;
  /** Furthest the lure comes off the line of the cast, m: current and wind across. */
  asideM: number;
  bottomS: number;
  /** The cast goes on after what was followed. */
  cutShort: boolean;
  beats: Beat[];
  cadence: Cadence;
}

/** The longest a cast is followed, s. */
export const LONGEST_CAST_S = 150;
const SAMPLE_S = 0.2;
const SPLASH_S = 0.6;
/** From here the lure is at the angler's feet, m, or this share of a short cast. */
const BOAT_M = 3;
const BOAT_SHARE = 0.15;
/** The cast is over when this much line is left beyond the tip's height, m. */
const LIFT_OUT_M = 1.2;
/** Below a float hangs a leader of fluorocarbon, lb class. */
const FLOAT_LEADER_LB = 12;
const SHORTEST_LEADER_M = 0.2;

export interface TrackOptions {
  mesh: Mesh;
  /** Follow the cast this long, s. */
  longestS: number;
  lineShapes?: boolean;
  line?: LineSpec;
  /** Uncertain parameters, as ratios to what is thought likeliest. */
  lureDrag?: number;
  lureLift?: number;
  lineDrag?: number;
  reel?: number;
}

/** A flow towards the angler at 0°, towards the left at 90°. */
const flow = (speedMps: number, angleDeg: number): Vec3 => {
  const a = (angleDeg * Math.PI) / 180;
  const across = speedMps * Math.sin(a);
  return [-speedMps * Math.cos(a), Math.abs(across) < 1e-9 ? 0 : across, 0];
};

/** The line-and-lure problem that one set of hands makes, cadence apart. */
function problemOf(p: Problem, h: Hands, o: TrackOptions): Omit<RetrieveInput, 'reel' | 'tipMoves'> {
  const r = p.reading;
  const lure: LurePhysics = {
    ...p.lure,
    dragAreaM2: p.lure.dragAreaM2 * (o.lureDrag ?? 1),
    liftAreaM2: p.lure.liftAreaM2 * (o.lureLift ?? 1),
  };
  const leader: Leader | null =
    p.family.mode === 'float'
      ? {
          lengthM: Math.max(SHORTEST_LEADER_M, p.depthM),
          line: linePhysics({ material: 'fluorocarbon', strengthLb: FLOAT_LEADER_LB }),
          body: floatFor(netWeightN(lure, p.waterDensityKgM3), p.waterDensityKgM3),
        }
      : null;
  const windRead = !r.assumed.includes('water.windMps');
  return {
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(r.surfaceTempC),
    lure,
    line: { ...linePhysics(o.line ?? p.request.line), dragScale: o.lineDrag ?? 1 },
    leader,
    tipM: [0, 0, h.tip.heightM],
    lureM: [h.castM, 0, 0],
    lineLengthM: Math.max(Math.hypot(h.castM, h.tip.heightM) * 1.015, leader ? 1.2 * leader.lengthM : 0),
    currentMps: flow(r.currentMps, r.currentAngleDeg),
    // A wind that nobody read bends no line.
    windMps: windRead && r.windMps > 0 ? flow(r.windMps, r.windAngleDeg) : null,
    rodStiffnessNpm: rodStiffnessNpm(p.request.rod),
    floorDepthM: p.floorDepthM,
  };
}

export function simulateHands(p: Problem, h: Hands, o: TrackOptions): Track {
  const cadence = defaultCadence({ style: h.style, moodMean: p.mood.mean, pauseS: h.pauseS, turnsPerS: h.turnsPerS });
  const startS = SPLASH_S + h.countdownS;
  const longestS = Math.min(o.longestS, p.longestS);
  const base = problemOf(p, h, o);
  const sinks = netWeightN(base.lure, p.waterDensityKgM3) > 1e-3;
  const compiled = compileCadence(cadence, { metresPerTurn: p.metresPerTurn * (o.reel ?? 1) }, { startS, endS: longestS, sinks });
  const timesS = Array.from({ length: Math.ceil(longestS / SAMPLE_S) }, (_, i) => i * SAMPLE_S);
  const { samples } = runRetrieve(
    { ...base, reel: compiled.reelProfile, tipMoves: compiled.tipMoves },
    { mesh: o.mesh, timesS, lineShapes: o.lineShapes, stopAtLineM: h.tip.heightM + LIFT_OUT_M + (base.leader?.lengthM ?? 0) },
  );
  const digs = base.lure.liftAreaM2 > 0;
  const phaseAt = (s: Sample): Phase => {
    if (s.tS < SPLASH_S) return 'splash';
    if (s.tS < startS) return 'fall';
    if (s.xM < Math.min(BOAT_M, BOAT_SHARE * h.castM)) return 'boat';
    const phase = compiled.phases.find((x) => s.tS >= x.fromS && s.tS < x.toS)?.phase ?? 'pause';
    // A lip that meets the bottom glances off.
    return digs && s.onBottom && phase === 'move' ? 'deflection' : phase;
  };
  const phase = samples.map(phaseAt);
  const phaseS = Object.fromEntries(PHASES.map((x) => [x, 0])) as Record<Phase, number>;
  let zoneS = 0;
  let bottomS = 0;
  samples.forEach((s, i) => {
    const dt = i === 0 ? 0 : s.tS - samples[i - 1]!.tS;
    phaseS[phase[i]!] += dt;
    if (-s.zM >= p.bandM[0] - 0.02 && -s.zM <= p.bandM[1] + 0.05) zoneS += dt;
    if (s.onBottom) bottomS += dt;
  });
  const castS = samples[samples.length - 1]?.tS ?? 0;
  return {
    tS: samples.map((s) => s.tS),
    xM: samples.map((s) => s.xM),
    depthM: samples.map((s) => -s.zM),
    phase,
    onBottom: samples.map((s) => s.onBottom),
    lineXZ: samples.map((s) => s.lineXZ ?? []),
    castS,
    zoneS,
    zoneShare: castS > 0 ? zoneS / castS : 0,
    phaseS,
    deepestM: Math.max(0, ...samples.map((s) => -s.zM)),
    asideM: Math.max(0, ...samples.map((s) => Math.abs(s.yM))),
    bottomS,
    cutShort: castS > longestS - 2 * SAMPLE_S && !p.pitched,
    beats: compiled.beats.filter((b) => b.atS <= castS),
    cadence,
  };
}
