/** Simulates one set of hands: the path, its phases, and how long it was where the fish are. */
import { compileCadence, PHASES, type Beat, type Cadence, type Phase } from '../cadence/cadence';
import { defaultCadence } from '../cadence/library';
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { runRetrieve, type Sample } from '../../simulation/retrieve';
import { netWeightN } from '../../simulation/sink';
import {
  MESH,
  type LeaderPhysics,
  type LurePhysics,
  type Mesh,
  type RetrieveInput,
  type TipMove,
} from '../../simulation/types';
import { floatFor } from '../../simulation/float';
import { linePhysics } from '../../tackle/line';
import { rodStiffnessNpm } from '../../tackle/rod';
import { flowVelocity } from '../task/flow';
import { inBand } from '../task/inBand';
import type { TackleDraw } from '../task/tackleDraws';
import { AROUND_TARGET_M, MAX_CAST_S } from '../task/placing';
import { turnM, type RetrieveSettings, type PlanTask } from '../task/setup';
import { viscosityM2s } from '../../water/fluid';
import { windRead } from '../../water/resolve';
import { tipSetting } from '../../tackle/stand';
import { clearanceM, climbMoves, climbOf, type Climb } from './climb';

/** One cast, followed from the splash to the lift-out at even moments. Depths in m below the surface. */
export interface Track {
  tS: number[];
  xM: number[];
  depthM: number[];
  phase: Phase[];
  onBottom: boolean[];
  /** Line shapes (x, z pairs from lure to tip), one for each sample; empty when not asked. */
  lineXZ: number[][];
  /** From the splash to lift-out, s; what is reeled in at the end of it. */
  castS: number;
  /** Up to the end of the working, s; then it is reeled in. */
  workedS: number;
  reelInS: number;
  /** Reeled in from here, m from the angler; null: worked to the feet. */
  workedToM: number | null;
  zoneS: number;
  zoneShare: number;
  /** Seconds among the fish at what is aimed at; aimed at nothing, all of them. */
  countedS: number;
  /** How it comes over what rises on its way; null: nothing does. */
  climb: Climb | null;
  phaseS: Record<Phase, number>;
  deepestM: number;
  /** Furthest the lure comes off the line of the cast, m: current and wind across. */
  asideM: number;
  bottomS: number;
  /** Worked for as long as anyone works one cast; the rest is reeled in. */
  cutShort: boolean;
  beats: Beat[];
  cadence: Cadence;
  /** What it took to solve (see budget); 0: nothing was solved. */
  work: number;
}

const SAMPLE_S = 0.2;
const SPLASH_S = 0.6;
/** From here the lure is at the angler's feet, m, or this share of a short cast. */
const BOAT_M = 3;
const BOAT_SHARE = 0.15;
/** The cast is over when this much line is left beyond the tip's height, m. */
const LIFT_OUT_M = 1.2;
/** Below a float hangs a leader of fluorocarbon, lb class. */
const FLOAT_LEADER_LB = 12;
const MIN_LEADER_M = 0.2;

/** How far below its float it hangs, m; null: on no float. */
export const belowFloatM = (p: PlanTask): number | null =>
  p.family.mode === 'float' ? Math.max(MIN_LEADER_M, p.depthM) : null;

/** How finely and how long to follow it. */
export interface TrackOptions extends Partial<TackleDraw> {
  mesh: Mesh;
  /** Follow the cast no longer than this, s; absent: as long as anyone would work it. */
  longestS?: number;
  lineShapes?: boolean;
  /**
   * Reel in from here, m from the angler (null: work it to the feet); absent: where going on keeps the lure among the
   * fish less than a new cast would.
   */
  workedToM?: number | null;
}

/** The line-and-lure problem that one set of hands makes, cadence apart. */
function retrieveInput(p: PlanTask, h: RetrieveSettings, o: TrackOptions): Omit<RetrieveInput, 'reel' | 'tipMoves'> {
  const r = p.reading;
  const lure: LurePhysics = {
    ...p.lure,
    dragAreaM2: p.lure.dragAreaM2 * (o.lureDrag ?? 1),
    liftAreaM2: p.lure.liftAreaM2 * (o.lureLift ?? 1),
  };
  const leader: LeaderPhysics | null =
    p.family.mode === 'float'
      ? {
          lengthM: belowFloatM(p)!,
          line: linePhysics({ material: 'fluorocarbon', strengthLb: FLOAT_LEADER_LB }),
          body: floatFor(netWeightN(lure, p.waterDensityKgM3), p.waterDensityKgM3),
        }
      : null;
  const windMps = windRead(r);
  return {
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(r.surfaceTempC),
    lure,
    line: { ...linePhysics(p.line), dragScale: o.lineDrag ?? 1 },
    leader,
    tipM: [0, 0, h.tip.heightM],
    lureM: [h.castM, 0, 0],
    // Line runs out after the lure as it falls; a leader hangs below the float in addition.
    lineLengthM: leader
      ? Math.hypot(h.castM, h.tip.heightM) * 1.015 + leader.lengthM
      : Math.max(Math.hypot(h.castM, h.tip.heightM) * 1.015, Math.hypot(h.castM, h.tip.heightM + p.depthM)),
    currentMps: flowVelocity(r.currentMps, h.angleDeg),
    // A wind that nobody read bends no line.
    windMps: windMps > 0 ? flowVelocity(windMps, r.windAngleDeg) : null,
    rodStiffnessNpm: rodStiffnessNpm(p.request.rod),
    floorDepthM: p.floorDepthM,
  };
}

/** Turns a second of a hand that only wants the lure back. prior: judgement. */
const REEL_IN_TURNS_PER_S = 2;
/**
 * Reeling in early must win at least this share of the time among the fish, or the cast is simply worked to the end.
 */
const WORTH_STOPPING = 1.03;

/**
 * Without a target nobody casts out to reel in before so much of the cast is left, as a share of it. prior: judgement.
 */
const EARLIEST_SHARE = 0.6;

/** A tremble of the tip moves the lure on the spot: the coarsest mesh, which only sifts, passes it over. */
const TREMBLE_M = 0.1;
const felt = (m: TipMove): boolean => Math.hypot(m.dxM, m.dyM ?? 0, m.dzM) >= TREMBLE_M;

interface Followed {
  samples: Sample[];
  phase: Phase[];
  /** Seconds since the sample before, and whether the lure was in the band for them. */
  dtS: number[];
  inZone: boolean[];
  /** The same, and at what is aimed at. */
  counts: boolean[];
  /** Time to reel in from each sample, s. */
  reelInS: number[];
  startS: number;
}

/** The sample at which to reel in; the last one: never. */
function lastWorked(p: PlanTask, f: Followed, workedToM: number | null | undefined): number {
  const end = f.samples.length - 1;
  if (workedToM !== undefined) {
    if (workedToM === null) return end;
    const near = f.samples.findIndex((s) => s.tS > f.startS && s.xM <= workedToM);
    return near < 0 ? end : near;
  }
  const stones = p.stand.nearestM > 0 ? f.samples.findIndex((s) => s.tS > f.startS && s.xM <= p.stand.nearestM) : -1;
  const latest = stones < 0 ? end : stones;
  const from = p.pitched || p.targetM !== null ? Infinity : EARLIEST_SHARE * (f.samples[0]?.xM ?? 0);
  let zoneS = 0;
  let best = latest;
  let bestRate = 0;
  let atLatest = 0;
  f.samples.forEach((s, i) => {
    if (i > latest) return;
    zoneS += f.counts[i] ? f.dtS[i]! : 0;
    if (s.tS <= f.startS) return;
    const rate = zoneS / (s.tS + f.reelInS[i]! + BETWEEN_CASTS_S);
    if (i === latest) atLatest = rate;
    if (rate > bestRate && s.xM <= from) [bestRate, best] = [rate, i];
  });
  return bestRate > WORTH_STOPPING * atLatest ? best : latest;
}

/** The cast of one set of settings, sampled every 0.2 s, on a mesh (simulation/types says how wrong each is). */
export function simulateSettings(p: PlanTask, h: RetrieveSettings, o: TrackOptions): Track {
  const cadence =
    p.request.set?.cadence ??
    defaultCadence({ style: h.style, moodMean: p.mood.mean, pauseS: h.pauseS, turnsPerS: h.turnsPerS });
  const startS = SPLASH_S + h.countdownS;
  const longestS = Math.max(startS + 2, Math.min(o.longestS ?? MAX_CAST_S, p.longestS));
  const base = retrieveInput(p, h, o);
  const sinks = netWeightN(base.lure, p.waterDensityKgM3) > 1e-3;
  const metresPerTurn = turnM(p, h.castM) * (o.reel ?? 1);
  const compiled = compileCadence(cadence, { metresPerTurn }, { startS, endS: longestS, sinks });
  const timesS = Array.from({ length: Math.ceil(longestS / SAMPLE_S) }, (_, i) => i * SAMPLE_S);
  const liftOutM = h.tip.heightM + LIFT_OUT_M + (base.leader?.lengthM ?? 0);
  const tipMoves = o.mesh === MESH.scan ? compiled.tipMoves.filter(felt) : compiled.tipMoves;
  let work = 0;
  const run = (more: readonly TipMove[]): Sample[] => {
    const input = { ...base, reel: compiled.reelProfile, tipMoves: [...tipMoves, ...more] };
    const how = { mesh: o.mesh, timesS, lineShapes: o.lineShapes, stopAtLineM: liftOutM };
    const done = runRetrieve(input, how);
    work += done.work;
    return done.samples;
  };
  let samples = run([]);
  let climb: Climb | null = null;
  if (p.over) {
    const strikes = clearanceM(samples, p.over) < 0;
    const highM = tipSetting('up', p.request.rod, p.reading.access).heightM;
    const up = strikes ? climbMoves(samples, p.over, startS, highM - h.tip.heightM) : null;
    if (up) samples = run(up.moves);
    climb = climbOf(samples, p.over, up?.upFromM ?? null);
  }
  const digs = base.lure.liftAreaM2 > 0;
  const spans = compiled.phases;
  let span = 0;
  const phaseAt = (s: Sample): Phase => {
    if (s.tS < SPLASH_S) return 'splash';
    if (s.tS < startS) return 'fall';
    if (s.xM < Math.min(BOAT_M, BOAT_SHARE * h.castM)) return 'boat';
    while (span < spans.length - 1 && s.tS >= spans[span]!.toS) span++;
    const here = spans[span];
    const phase = here && s.tS >= here.fromS && s.tS < here.toS ? here.phase : 'pause';
    // A lip that meets the bottom glances off.
    return digs && s.onBottom && phase === 'move' ? 'deflection' : phase;
  };
  const inZone = samples.map((s) => inBand(-s.zM, p.bandM));
  const { targetM } = p;
  const followed: Followed = {
    samples,
    phase: samples.map(phaseAt),
    dtS: samples.map((s, i) => (i === 0 ? 0 : s.tS - samples[i - 1]!.tS)),
    inZone,
    counts:
      targetM === null ? inZone : samples.map((s, i) => inZone[i]! && Math.abs(s.xM - targetM) <= AROUND_TARGET_M),
    reelInS: samples.map((s) => Math.max(0, s.lineOutM - liftOutM) / (REEL_IN_TURNS_PER_S * metresPerTurn)),
    startS,
  };
  const last = lastWorked(p, followed, o.workedToM);
  return { ...castTrack(p, h, followed, last, compiled.beats, cadence, longestS, o.lineShapes ?? false), climb, work };
}

/**
 * The way back of a lure that is reeled in, as a straight line up to the tip: for the picture and the beat, not for
 * what counts.
 */
type WayBack = Pick<Track, 'tS' | 'xM' | 'depthM' | 'phase' | 'onBottom' | 'lineXZ'>;
function wayBack(from: Sample, reelInS: number, tipM: number, lineShapes: boolean): WayBack {
  const n = reelInS > 0.5 ? Math.ceil(reelInS / SAMPLE_S) : 0;
  const at = Array.from({ length: n }, (_, i) => (i + 1) / n);
  const x = (u: number): number => from.xM * (1 - u);
  const z = (u: number): number => from.zM * (1 - u);
  return {
    tS: at.map((u) => from.tS + u * reelInS),
    xM: at.map(x),
    depthM: at.map((u) => -z(u)),
    phase: at.map(() => 'boat' as const),
    onBottom: at.map(() => false),
    lineXZ: at.map((u) => (lineShapes ? [x(u), z(u), 0, tipM] : [])),
  };
}

/** A lure followed to the end of the working, sample by sample, and how it comes back. */
export interface Worked extends Pick<
  Track,
  'tS' | 'xM' | 'depthM' | 'phase' | 'onBottom' | 'lineXZ' | 'workedS' | 'reelInS' | 'castS' | 'beats' | 'cadence'
> {
  /** Seconds since the sample before, and how many of them count as among the fish. */
  dtS: readonly number[];
  zoneS: readonly number[];
  /** The same at what is aimed at; absent: aimed at nothing. */
  countedS?: readonly number[];
}

/** What the samples add up to. */
export function trackOf(
  { dtS, zoneS: among, countedS: counted = among, ...w }: Worked,
  rest: Partial<Pick<Track, 'workedToM' | 'asideM' | 'cutShort'>> = {},
): Track {
  const phaseS = Object.fromEntries(PHASES.map((x) => [x, 0])) as Record<Phase, number>;
  let zoneS = 0;
  let countedS = 0;
  let bottomS = 0;
  w.phase.forEach((phase, i) => {
    phaseS[phase] += dtS[i]!;
    zoneS += among[i]!;
    countedS += counted[i]!;
    if (w.onBottom[i]) bottomS += dtS[i]!;
  });
  phaseS.boat += w.reelInS;
  return {
    workedToM: null,
    climb: null,
    asideM: 0,
    cutShort: false,
    work: 0,
    ...w,
    zoneS,
    countedS,
    zoneShare: w.castS > 0 ? zoneS / w.castS : 0,
    phaseS,
    deepestM: Math.max(0, ...w.depthM),
    bottomS,
    ...rest,
  };
}

/** The track of a cast worked up to sample `last`, with the way back behind it. */
function castTrack(
  p: PlanTask,
  h: RetrieveSettings,
  f: Followed,
  last: number,
  beats: readonly Beat[],
  cadence: Cadence,
  longestS: number,
  lineShapes: boolean,
): Track {
  const samples = f.samples.slice(0, last + 1);
  const end = samples[last];
  const reelInS = f.reelInS[last] ?? 0;
  const workedS = end?.tS ?? 0;
  const back = end ? wayBack(end, reelInS, h.tip.heightM, lineShapes) : null;
  const track = trackOf(
    {
      tS: samples.map((s) => s.tS),
      xM: samples.map((s) => s.xM),
      depthM: samples.map((s) => -s.zM),
      phase: f.phase.slice(0, last + 1),
      onBottom: samples.map((s) => s.onBottom),
      lineXZ: samples.map((s) => s.lineXZ ?? []),
      dtS: f.dtS,
      zoneS: samples.map((_, i) => (f.inZone[i] ? f.dtS[i]! : 0)),
      countedS: samples.map((_, i) => (f.counts[i] ? f.dtS[i]! : 0)),
      workedS,
      reelInS,
      castS: workedS + reelInS,
      beats: beats.filter((b) => b.atS <= workedS),
      cadence,
    },
    {
      workedToM: end && back && back.tS.length > 0 ? Math.max(0, end.xM) : null,
      asideM: Math.max(0, ...samples.map((s) => Math.abs(s.yM))),
      cutShort: workedS > longestS - 2 * SAMPLE_S && reelInS > 0.5 && !p.pitched,
    },
  );
  return back ? withWayBack(track, back) : track;
}

const withWayBack = (track: Track, back: WayBack): Track => ({
  ...track,
  tS: [...track.tS, ...back.tS],
  xM: [...track.xM, ...back.xM],
  depthM: [...track.depthM, ...back.depthM],
  phase: [...track.phase, ...back.phase],
  onBottom: [...track.onBottom, ...back.onBottom],
  lineXZ: [...track.lineXZ, ...back.lineXZ],
});
