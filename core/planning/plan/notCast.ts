/**
 * The plan of a lure that is not cast: let straight down and worked in one place, or towed in passes over the fish.
 * Nothing is searched: the line sets the depth. One "cast" is a drop and back, or a pass and round again.
 */
import { clamp, toHalf } from '../../base/numbers';
import { planTowed, type TowedPass } from '../below/towed';
import { hungOn, planVertical, type VerticalPlan } from '../below/vertical';
import { compileCadence, type Cadence, type Phase } from '../cadence/cadence';
import { defaultCadence } from '../cadence/library';
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { runRetrieve } from '../../simulation/retrieve';
import { MESH } from '../../simulation/types';
import { TOWED_PASS } from '../../holdtable/zone';
import { wishOf, type PlanStage, type Plan } from './answer';
import { MESH_DOUBT } from './doubt';
import { firstSettings, presentationOf, type RetrieveSettings, type PlanTask } from '../task/setup';
import { trackOf, type Track } from './track';
import { inBand } from '../task/inBand';
import type { Below } from '../task/request';

type Asked = Pick<PlanTask, 'family' | 'reading' | 'request'>;
const wayOf = ({ family, reading, request }: Asked): Below['way'] | null => {
  // Through a hole all there is goes straight down.
  if (reading.access === 'ice') return 'down';
  return request.set?.below?.way ?? (family.mode === 'tow' ? 'behind' : family.mode === 'vertical' ? 'down' : null);
};
/** Let straight down or towed: its plan is worked out, not searched. */
export const isNotCast = (p: Asked): boolean => wayOf(p) !== null;
const isTowed = (p: Asked): boolean => wayOf(p) === 'behind';

/** Worked below the rod this long before it is brought up to be seen to, s. */
const WORKED_S = 75;
const WIND_UP_TURNS_PER_S = 2;
const SAMPLE_S = 0.2;
/** Off a boat's stern, seen from the rod: the picture shows no further than this, m. */
const SHOWN_BEHIND_M = 30;

/** The plan of a lure that is let straight down or towed. */
export function planNotCast(p: PlanTask, effort: PlanStage): Plan {
  return isTowed(p) ? behind(p, effort) : down(p, effort);
}

interface Answer {
  hands: RetrieveSettings;
  track: Track;
  depthM: number;
  low: number;
  high: number;
  speedMps: number;
  misses: boolean;
}

function planOf(p: PlanTask, effort: PlanStage, a: Answer): Plan {
  const { hands, track } = a;
  return {
    presentation: presentationOf(p, hands, track.cadence),
    hands,
    own: !!p.request.set?.cadence,
    overshootM: 0,
    aim: null,
    over: null,
    belowFloatM: null,
    canFloat: false,
    flightM: 0,
    depthM: a.depthM,
    bandM: p.bandM,
    beside: null,
    handleSpeedMps: 0,
    zoneShare: {
      mean: track.zoneShare,
      low: clamp(Math.min(a.low, track.zoneShare) - MESH_DOUBT, 0, 1),
      high: clamp(Math.max(a.high, track.zoneShare) + MESH_DOUBT, 0, 1),
    },
    zoneSecondsPerCast: track.zoneS,
    castS: track.castS,
    castsPerHour: 3600 / (track.castS + BETWEEN_CASTS_S),
    workedToM: null,
    reelInS: track.reelInS,
    phaseS: track.phaseS,
    deepestM: track.deepestM,
    asideM: 0,
    bottomS: track.bottomS,
    cutShort: false,
    misses: a.misses,
    wish: wishOf(p, a.speedMps),
    track,
    range: null,
    known: p.known,
    buys: [],
    untried: 0,
    candidates: 1,
    simulations: 1,
    effort,
  };
}

function down(p: PlanTask, effort: PlanStage): Plan {
  const { set } = p.request;
  const v = planVertical({
    ...p.request,
    depthM: set?.below?.depthM ?? (p.family.mode === 'vertical' ? p.depthM : p.reading.fishDepthM),
    driftMps: 0,
    markEveryM: 1,
  });
  const hands: RetrieveSettings = { ...firstSettings(p), castM: 0, angleDeg: 0 };
  if ('problem' in v)
    return planOf(p, effort, { hands, track: still(p, [], 0), depthM: 0, low: 0, high: 0, speedMps: 0, misses: true });
  hands.countdownS = p.request.set?.countdownS ?? toHalf(v.countS.mean);
  const track = letDown(p, v, hands.countdownS);
  const share = (countS: number): number =>
    clamp((track.zoneShare * track.castS + v.countS.mean - countS) / track.castS, 0, 1);
  const movedM = v.workedM[1] - v.workedM[0];
  return planOf(p, effort, {
    hands,
    track,
    depthM: v.depthM,
    low: share(v.countS.high),
    high: share(v.countS.low),
    speedMps:
      (2 * movedM) /
      Math.max(
        1,
        v.cadence.steps.reduce((s, x) => s + x.durationS, 0),
      ),
    misses: track.zoneShare < 0.02,
  });
}

/** Simulated from the surface down, worked, and wound up. */
function letDown(p: PlanTask, v: VerticalPlan, countdownS: number): Track {
  const startS = countdownS + 0.6;
  const endS = startS + WORKED_S;
  const compiled = compileCadence(v.cadence, { metresPerTurn: p.metresPerTurn }, { startS, endS, sinks: true });
  const timesS = Array.from({ length: Math.ceil(endS / SAMPLE_S) }, (_, i) => i * SAMPLE_S);
  const { samples } = runRetrieve(
    { ...hungOn(p, v.lineM, 0), tipMoves: compiled.tipMoves, reel: compiled.reelProfile },
    { mesh: MESH.quick, timesS, lineShapes: true },
  );
  const spans = compiled.phases;
  const phaseAt = (tS: number): Phase =>
    tS < startS ? 'fall' : (spans.find((x) => tS >= x.fromS && tS < x.toS)?.phase ?? 'pause');
  const upS = v.lineM / (WIND_UP_TURNS_PER_S * p.metresPerTurn);
  return notCastTrack(
    p,
    {
      tS: samples.map((s) => s.tS),
      xM: samples.map((s) => Math.max(0, s.xM)),
      depthM: samples.map((s) => Math.max(0, -s.zM)),
      phase: samples.map((s) => phaseAt(s.tS)),
      onBottom: samples.map((s) => s.onBottom),
      lineXZ: samples.map((s) => s.lineXZ ?? []),
      reelInS: upS,
      beats: compiled.beats,
      cadence: v.cadence,
    },
    1,
  );
}

function behind(p: PlanTask, effort: PlanStage): Plan {
  const t = planTowed({ ...p.request, ...p.request.set?.below });
  // The high pass shows what will come up; the one at their depth is what catches.
  const pass = 'problem' in t ? null : (t.passes.find((x) => !x.high) ?? t.passes[0]!);
  const hands: RetrieveSettings = {
    ...firstSettings(p),
    castM: 0,
    countdownS: 0,
    angleDeg: 0,
    ...(pass ? { castM: Math.round(pass.lineOutM) } : {}),
  };
  const inBandShare = pass ? shareInBand(pass, p.bandM) : 0;
  const track = pass ? still(p, passXZ(pass, hands), inBandShare) : still(p, [], 0);
  return planOf(p, effort, {
    hands,
    track,
    depthM: pass?.depthM ?? 0,
    low: 0.6 * track.zoneShare,
    high: Math.min(1, 1.3 * track.zoneShare),
    speedMps: 'problem' in t ? 0 : t.speedMps,
    misses: inBandShare < 0.05,
  });
}

/** Share of the likely depths that lie in the band, or in the reach above it that fish look up over. */
function shareInBand({ runsM: [top, bottom] }: TowedPass, band: readonly [number, number]): number {
  const reach: readonly [number, number] = [Math.max(0, band[0] - 1), band[1]];
  const width = Math.max(0.05, bottom - top);
  return clamp((Math.min(bottom, reach[1]) - Math.max(top, reach[0])) / width, 0, 1);
}

/** A straight line from the lure to the tip will do for the picture. */
function passXZ(pass: TowedPass, h: RetrieveSettings): number[] {
  const outM = Math.min(
    SHOWN_BEHIND_M,
    Math.sqrt(Math.max(1, pass.lineOutM ** 2 - (pass.depthM + h.tip.heightM) ** 2)),
  );
  return [outM, -pass.depthM, 0, h.tip.heightM];
}

/** Towed: seen from the boat it stands still. */
function still(p: PlanTask, lineXZ: number[], inBandShare: number): Track {
  const n = lineXZ.length > 0 ? 40 : 0;
  const stepS = TOWED_PASS.castS / 40;
  const cadence: Cadence = defaultCadence({ style: 'steady', moodMean: p.mood.mean, pauseS: 1, turnsPerS: 0 });
  return notCastTrack(
    p,
    {
      tS: Array.from({ length: n }, (_, i) => i * stepS),
      xM: Array.from({ length: n }, () => lineXZ[0]!),
      depthM: Array.from({ length: n }, () => -lineXZ[1]!),
      phase: Array.from({ length: n }, () => 'move' as const),
      onBottom: Array.from({ length: n }, () => false),
      lineXZ: Array.from({ length: n }, () => lineXZ),
      reelInS: 0,
      beats: [],
      cadence,
    },
    TOWED_PASS.share * inBandShare,
  );
}

type Followed = Pick<Track, 'tS' | 'xM' | 'depthM' | 'phase' | 'onBottom' | 'lineXZ' | 'reelInS' | 'beats' | 'cadence'>;

/** `zonePart`: share of the time in the band that counts, since a pass is over the fish for a part of its round. */
function notCastTrack(p: PlanTask, f: Followed, zonePart: number): Track {
  const workedS = f.tS[f.tS.length - 1] ?? 0;
  const dtS = f.tS.map((t, i) => (i === 0 ? 0 : t - f.tS[i - 1]!));
  const counts = (depthM: number): boolean => isTowed(p) || inBand(depthM, p.bandM);
  return trackOf({
    ...f,
    dtS,
    zoneS: dtS.map((dt, i) => (counts(f.depthM[i]!) ? dt * zonePart : 0)),
    workedS,
    castS: Math.max(1, workedS + f.reelInS),
  });
}
