/** Simulates one set of hands: the path, its phases, and how long it was where the fish are. */
import { viscosityM2s } from '../../lures/physics';
import { compileCadence, PHASES, type Beat, type Cadence, type Phase } from '../cadence/cadence';
import { defaultCadence } from '../cadence/library';
import { runRetrieve, type Sample } from '../simulate/retrieve';
import { netWeightN } from '../simulate/sink';
import type { LinePhysics, LurePhysics, Mesh, RetrieveInput } from '../simulate/types';
import { linePhysics, type LineSpec } from '../tackle/line';
import type { Hands, Problem } from './setup';

export interface Track {
  tS: number[];
  xM: number[];
  depthM: number[];
  phase: Phase[];
  /** Line shapes (x, z pairs from lure to tip), one for each sample; empty when not asked. */
  lineXZ: number[][];
  castS: number;
  zoneS: number;
  zoneShare: number;
  phaseS: Record<Phase, number>;
  deepestM: number;
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

export interface TrackOptions {
  mesh: Mesh;
  /** Follow the cast this long, s. */
  longestS: number;
  lineShapes?: boolean;
  line?: LineSpec;
  /** Uncertain parameters, as ratios. */
  lureDrag?: number;
  lineDrag?: number;
}

export function simulateHands(p: Problem, h: Hands, o: TrackOptions): Track {
  const cadence = defaultCadence({ style: h.style, moodMean: p.mood.mean, pauseS: h.pauseS, turnsPerS: h.turnsPerS });
  const startS = SPLASH_S + h.countdownS;
  const longestS = Math.min(o.longestS, p.longestS);
  const lure: LurePhysics = { ...p.lure, dragAreaM2: p.lure.dragAreaM2 * (o.lureDrag ?? 1) };
  const base = linePhysics(o.line ?? p.request.line);
  const line: LinePhysics = o.lineDrag === undefined ? base : { ...base, normalDrag: 1.9 * o.lineDrag };
  const sinks = netWeightN(lure, p.waterDensityKgM3) > 1e-3;
  const compiled = compileCadence(cadence, { metresPerTurn: p.metresPerTurn }, { startS, endS: longestS, sinks });
  const angle = (p.reading.currentAngleDeg * Math.PI) / 180;
  const input: RetrieveInput = {
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(p.reading.surfaceTempC),
    lure,
    line,
    tipM: [0, 0, h.tip.heightM],
    lureM: [h.castM, 0, 0],
    lineLengthM: Math.hypot(h.castM, h.tip.heightM) * 1.015,
    reel: compiled.reelProfile,
    tipMoves: compiled.tipMoves,
    currentMps: [-p.reading.currentMps * Math.cos(angle), p.reading.currentMps * Math.sin(angle), 0],
    floorDepthM: p.floorDepthM,
  };
  const timesS = Array.from({ length: Math.ceil(longestS / SAMPLE_S) }, (_, i) => i * SAMPLE_S);
  const samples =
    p.family.mode === 'float'
      ? hangBelowFloat(p, input, timesS)
      : runRetrieve(input, { mesh: o.mesh, timesS, lineShapes: o.lineShapes, stopAtLineM: h.tip.heightM + 1.2 }).samples;
  const phaseAt = (s: Sample): Phase => {
    if (s.tS < SPLASH_S) return 'splash';
    if (s.tS < startS) return 'fall';
    if (s.xM < Math.min(BOAT_M, BOAT_SHARE * h.castM)) return 'boat';
    return compiled.phases.find((x) => s.tS >= x.fromS && s.tS < x.toS)?.phase ?? 'pause';
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
    lineXZ: samples.map((s) => s.lineXZ ?? []),
    castS,
    zoneS,
    zoneShare: castS > 0 ? zoneS / castS : 0,
    phaseS,
    deepestM: Math.max(0, ...samples.map((s) => -s.zM)),
    bottomS,
    cutShort: castS > longestS - 2 * SAMPLE_S && !p.pitched,
    beats: compiled.beats.filter((b) => b.atS <= castS),
    cadence,
  };
}

/**
 * Below a float: the bait sinks on its leader and then hangs at that depth while the float is moved by the reel and the tip.
 * A float with its leader is not solved as a chain yet; the bait is taken to hang straight down (error: a few centimetres of swing).
 */
function hangBelowFloat(p: Problem, input: RetrieveInput, timesS: readonly number[]): Sample[] {
  const out: Sample[] = [];
  let x = input.lureM[0];
  let lineOutM = input.lineLengthM;
  let before = 0;
  const sinkMps = 0.35;
  for (const tS of timesS) {
    let speed = 0;
    for (const e of input.reel) if (e.startS <= tS) speed = e.speedMps;
    const flick = input.tipMoves.reduce((s, m) => s + (tS > m.startS && before <= m.startS && m.dxM < 0 ? -0.4 * m.dxM : 0), 0);
    const move = speed * (tS - before) + flick;
    x -= move;
    lineOutM -= move;
    before = tS;
    const zM = -Math.min(p.depthM, sinkMps * tS);
    out.push({ tS, xM: x, yM: 0, zM, speedMps: speed, tensionN: 0, lineOutM, onBottom: false, lineXZ: [x, zM, x, 0, 0, input.tipM[2]] });
    if (x < 1.5) break;
  }
  return out;
}
