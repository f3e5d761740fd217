/** From a request to the fixed part of the problem: rig, depth wanted, speeds, cadence wish. No simulation here. */
import { chooseWorking, pitchedShare, readContext } from '../../lures/factors';
import { familyById } from '../../lures/families';
import type { Family } from '../../lures/family';
import { FRESH_KG_M3, lurePhysics, waterDensityKgM3 } from '../../lures/physics';
import { chooseRig, type Rig } from '../../lures/rig';
import { DEFAULT_SCHOOLS } from '../../lures/schools';
import { judgeMood, type MoodJudgement } from '../../mood/filter';
import { overMoods } from '../../mood/states';
import { clamp } from '../../numbers';
import { resolveConditions, type Reading } from '../../water/defaults';
import { speciesProfile, type SpeciesProfile } from '../../water/species';
import type { Belief } from '../calibrate/belief';
import { triedLure } from '../calibrate/assess';
import { adjustedLure, knownLure, knownReel, UNKNOWN } from '../calibrate/known';
import type { Cadence } from '../cadence/cadence';
import type { CadenceStyle } from '../cadence/library';
import type { Presentation } from '../presentation';
import { freeSink, timeToSinkS } from '../simulate/sink';
import { hangLimitS, holdingOptions, type HoldingOption } from '../surrogate/zone';
import type { LurePhysics } from '../simulate/types';
import { lineDiameterM } from '../tackle/line';
import { metresPerTurn, FASTEST_TURNS_PER_S } from '../tackle/reel';
import { comfortableCastM, tipSetting, type TipPosition, type TipSetting } from '../tackle/rod';
import type { PlanRequest } from './request';

export interface Problem {
  request: PlanRequest;
  reading: Reading;
  species: SpeciesProfile;
  mood: MoodJudgement;
  family: Family;
  rig: Rig;
  /** As the angler's own counts have it, where there are any. */
  lure: LurePhysics;
  known: { drag: Belief; lift: Belief; reel: Belief };
  /** Depth the lure should work at, and the band that counts, m. */
  depthM: number;
  bandM: readonly [number, number];
  castM: number;
  overshootM: number;
  /** Dropped into standing cover and brought out again, instead of retrieved along. */
  pitched: boolean;
  /** What carries a sunken lure, m: the bottom, or the limbs of the cover it is dropped into (it is crawled over them at the fish's depth). */
  floorDepthM: number;
  longestS: number;
  metresPerTurn: number;
  /** Average speed the fish should see, m/s. */
  speedMps: number;
  style: CadenceStyle;
  pauseS: number;
  waterDensityKgM3: number;
}

/** One set of hands: what the planner is free to choose. */
export interface Hands {
  castM: number;
  countdownS: number;
  turnsPerS: number;
  tip: TipSetting;
  style: CadenceStyle;
  pauseS: number;
}

/** A lure on the bottom counts as in the zone this far above it, m. */
const BOTTOM_BAND_M = 0.3;
/** A lure on the surface counts while it is this near the top, m. */
const SURFACE_BAND_M = 0.15;

/** A pitch: how far, m, and how long it is worked before the next, s. prior: judgement. */
const PITCH_M = 7;
const PITCH_S = 24;
const LONGEST_S = 150;

export function liveliness(moodMean: number): 0 | 1 | 2 {
  return moodMean < 1.4 ? 0 : moodMean < 2.6 ? 1 : 2;
}

function bandFor(f: Family, r: Reading, pitched: number): readonly [number, number] {
  if (f.mode === 'surface') return [0, SURFACE_BAND_M];
  if (f.mode === 'bottom' && pitched < 0.5) return [Math.min(r.fishBandM[0], r.depthM - BOTTOM_BAND_M), r.depthM];
  return r.fishBandM;
}

export function setUpProblem(request: PlanRequest): Problem {
  const reading = resolveConditions(request.conditions);
  const species = speciesProfile(request.conditions.species);
  const family = familyById(request.lure.family);
  const mood = judgeMood(reading, species);
  const context = readContext(reading, species, mood.distribution, lineDiameterM(request.line));
  const chosen = chooseRig(family, reading, species, mood.mean, request.schools ?? DEFAULT_SCHOOLS);
  const rig: Rig = { ...chosen, weightKg: request.lure.weightKg ?? chosen.weightKg, sizeM: request.lure.lengthM ?? chosen.sizeM };
  const known = knownOf(request, family, rig.weightKg);
  const lure = adjustedLure(lurePhysics(family, rig.weightKg, rig.trailer), known);
  const pitched = pitchedShare(family, reading);
  const { depthM, speedMps } = chooseWorking(family, context);
  const comfortable = pitched > 0.5 ? PITCH_M : comfortableCastM(request.rod, lure.massKg, family.bulk, lineDiameterM(request.line));
  const overshootM = overshoot(family, lure, depthM, reading);
  const castM = request.set?.castM ?? Math.round(Math.min(comfortable, request.targetM ? request.targetM + overshootM : comfortable));
  const wanted = overMoods(mood.distribution, (m) => species.wantedPauseS[m]!);
  return {
    request,
    reading,
    species,
    mood,
    family,
    rig,
    lure,
    known,
    depthM,
    castM,
    overshootM,
    bandM: bandFor(family, reading, pitched),
    pitched: pitched > 0.5,
    floorDepthM: pitched > 0.5 ? Math.min(reading.depthM, reading.fishBandM[1]) : reading.depthM,
    longestS: pitched > 0.5 ? PITCH_S : LONGEST_S,
    metresPerTurn: metresPerTurn(request.reel, castM / 2) * known.reel.ratio,
    speedMps,
    style: request.set?.style ?? family.styles[liveliness(mood.mean)],
    pauseS: request.set?.pauseS ?? Math.round(Math.min(wanted, Math.max(0.5, hangLimitS(family, reading.fishBandM))) * 2) / 2,
    waterDensityKgM3: waterDensityKgM3(context.r.salinity),
  };
}

/** What the counts say of the lure as it was counted, whatever trailer it carries today. */
function knownOf(request: PlanRequest, family: Family, weightKg: number): Problem['known'] {
  const { measured } = request;
  const { drag, lift } = measured?.lure?.length
    ? knownLure({ tried: triedLure(family.id, weightKg, request.line), measurements: measured.lure })
    : UNKNOWN;
  const { reel } = measured?.reel?.length ? knownReel({ reel: request.reel, counts: measured.reel }) : UNKNOWN;
  return { drag, lift, reel };
}

/** How far past the target to throw so that the lure is at depth when it gets there, m. prior: judgement (glide of one depth, dive of five). */
function overshoot(f: Family, lure: LurePhysics, depthM: number, r: Reading): number {
  if (f.mode === 'surface') return 1.5;
  if (f.liftAreaM2 > 0 && lure.massKg <= FRESH_KG_M3 * lure.volumeM3) return Math.min(14, 5 * depthM);
  return clamp(depthM + (r.currentMps > 0.2 ? 2 : 0), 1, 8);
}

/** Turns a second that give the wanted average speed with this cadence, kept to what a hand can do. */
export function turnsFor(p: Problem, speedMps: number, style: CadenceStyle): number {
  const duty: Record<CadenceStyle, number> = {
    steady: 1,
    bump: 0.9,
    'stop-and-go': 0.55,
    'twitch-pause': 0.5,
    'pop-rest': 0.5,
    walk: 0.8,
    'yo-yo': 0.6,
    hop: 0.5,
    drag: 0.6,
    shake: 0.5,
    'dead-stick': 0.4,
    'burn-kill': 0.7,
  };
  const moving = clamp(speedMps / duty[style], 0.12, p.family.speedMps[1] * 1.4);
  return clamp(Math.round((moving / p.metresPerTurn) * 20) / 20, 0.2, FASTEST_TURNS_PER_S);
}

/** The fastest this lure and this hand are turned, turns/s. */
export const mostTurns = (p: Problem): number => Math.max(0.3, Math.min(FASTEST_TURNS_PER_S, (p.family.speedMps[1] * 1.3) / p.metresPerTurn));

/** The table's own answer nearest the wanted speed: where the search starts for a swimming lure. */
function tableStart(p: Problem): HoldingOption | null {
  const near = holdingOptions(p.family, p.depthM, lineDiameterM(p.request.line)).sort(
    (a, b) => Math.abs(Math.log(a.speedMps / p.speedMps)) - Math.abs(Math.log(b.speedMps / p.speedMps)),
  );
  return near[0] ?? null;
}

/** Seconds of count until the lure is at depth, before refinement by simulation. */
export function firstCountdownS(p: Problem): number {
  if (p.family.mode === 'surface' || p.family.mode === 'float') return 0;
  const sink = freeSink(p.lure, p.waterDensityKgM3);
  if (!sink) return 0;
  const target = Math.max(p.depthM, 0.3);
  return Math.min(60, Math.round(timeToSinkS(sink, target) * 1.2 * 2) / 2);
}

const FIRST_TIP: Record<Family['mode'], TipPosition> = { surface: 'level', swim: 'level', bottom: 'up', float: 'up' };

export function firstHands(p: Problem): Hands {
  const set = p.request.set ?? {};
  const start = tableStart(p);
  const position: TipPosition = start ? (start.tipM > 1 ? 'up' : 'down') : FIRST_TIP[p.family.mode];
  return {
    castM: p.castM,
    countdownS: set.countdownS ?? (start ? Math.round(start.countdownS * 2) / 2 : firstCountdownS(p)),
    turnsPerS: set.turnsPerS ?? turnsFor(p, p.speedMps, p.style),
    tip: tipSetting(set.tip ?? position, p.request.rod, p.reading.access),
    style: p.style,
    pauseS: p.pauseS,
  };
}

/** The frozen presentation of one set of hands. */
export function presentationOf(p: Problem, h: Hands, cadence: Cadence): Presentation {
  const { request } = p;
  return {
    rig: p.rig,
    lureId: request.lure.id ?? null,
    lureName: request.lure.name ?? p.family.id,
    lure: p.lure,
    line: request.line,
    reel: request.reel,
    rod: request.rod,
    tip: h.tip,
    castM: h.castM,
    countdownS: h.countdownS,
    turnsPerS: h.turnsPerS,
    style: h.style,
    cadence,
    bandM: p.bandM,
  };
}
