/** From a request to the fixed part of the problem: rig, depth wanted, speeds, cadence wish. No simulation here. */
import { scoringOf } from '../../ranking/scoring';
import { weigh } from '../../ranking/weighing';
import { chooseWorking, styleFor, worthOfWorking, type CastWorking } from '../../ranking/working';
import { familyById } from '../../lures/families';
import { asCounted, canHangBelowFloat, type Family } from '../../lures/family';
import { withHook } from '../../lures/hookSnag';
import { lurePhysics } from '../../lures/physics';
import { atWeight } from '../../lures/weights';
import { asHooked, chooseRig, type Rig } from '../../ranking/rig';
import { withDefaults } from '../../ranking/schools';
import type { MoodJudgement } from '../../mood/filter';
import { overMoods } from '../../mood/states';
import { clamp, toHalf } from '../../base/numbers';
import { speciesProfile, type SpeciesProfile } from '../../water/species';
import type { Belief } from '../calibrate/belief';
import { triedLure } from '../calibrate/tried';
import { knownLure, knownReel, UNKNOWN } from '../calibrate/known';
import type { Cadence } from '../cadence/cadence';
import { defaultCadence, hangs } from '../cadence/library';
import { STANDS, type Stand, tipSetting, type TipPosition, type TipSetting } from '../../tackle/stand';
import { isOnBed, placeCast, type Placing } from './placing';
import type { Presentation } from './presentation';
import { freeSink, timeToSinkS } from '../../simulation/sink';
import { hangLimitS, holdingOptions, type HoldingOption } from '../../holdtable/zone';
import type { LurePhysics } from '../../simulation/types';
import { lineDiameterM, type LineSpec } from '../../tackle/line';
import { metresPerTurn, MAX_TURNS_PER_S } from '../../tackle/reel';
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { comfortableCastM, leftByWind } from '../../tackle/rod';
import type { PlanRequest, PlanSettings } from './request';
import type { CadenceStyle } from '../../lures/styles';
import { waterDensityKgM3 } from '../../water/fluid';
import { defaultFishBandM } from '../../water/usual';
import { resolveConditions, windRead, type ResolvedConditions } from '../../water/resolve';

/** The question with all that follows from it before any cast is tried: depth, band, rig, freedom of the hands. */
export interface PlanTask extends Placing {
  request: PlanRequest;
  reading: ResolvedConditions;
  line: LineSpec;
  stand: Stand;
  species: SpeciesProfile;
  mood: MoodJudgement;
  family: Family;
  rig: Rig;
  /** As the angler's own counts have it, where there are any. */
  lure: LurePhysics;
  known: { drag: Belief; lift: Belief; reel: Belief };
  /** Depth the lure should work at, m. */
  depthM: number;
  /** How far it flies with ease in this wind, pitched or not, m. */
  flightM: number;
  metresPerTurn: number;
  /** Average speed the fish should see, m/s. */
  speedMps: number;
  style: CadenceStyle;
  /** The hang to start from, s; what the fish want, and how long this lure can be left alone in the band. */
  pauseS: number;
  wantedPauseS: number;
  hangLimitS: number;
  /** Strikes an hour that a way of working brings, but for what no hands change. */
  worthOf: (w: CastWorking) => number;
  /** Free sink to the working depth, s; 0 for what does not sink. */
  sinkS: number;
  waterDensityKgM3: number;
}

/** One set of hands: what the planner is free to choose. */
export interface RetrieveSettings {
  castM: number;
  countdownS: number;
  turnsPerS: number;
  tip: TipSetting;
  /** Between cast and current: 0° brings the water from the target, 180° away. */
  angleDeg: number;
  style: CadenceStyle;
  pauseS: number;
}

/** A lure on a bed lies so long between two shakes, s. prior: judgement. */
const LIE_S = 4;

/** What does not float up can be left lying. */
const canLie = (f: Family): boolean => f.mode === 'bottom' || f.soft || f.build.kind === 'head' || f.build.gravity > 1;

/** The settings as one: what a change by hand leaves open is as it was in the plan that it changed. */
function settled({ held, ...own }: PlanSettings): PlanSettings {
  if (!held) return own;
  const { depthM: _, bandM: __, own: ___, ...hands } = held;
  return { ...hands, ...own };
}

/** Everything about a request that the settings do not change. Never fails for legal requests. */
export function setUpTask(asked: PlanRequest): PlanTask {
  const held = asked.set?.held;
  const set = settled(asked.set ?? {});
  const request: PlanRequest = { ...asked, set };
  const reading = resolveConditions(request.conditions);
  const line = set.line ?? request.line;
  const stand = STANDS[reading.access];
  const species = speciesProfile(request.conditions.species);
  const schools = withDefaults(request.schools);
  const scoring = scoringOf(reading, species, { lineDiameterM: lineDiameterM(line), schools });
  const kind = familyById(request.lure.family);
  const weightKg = set.weightKg ?? request.lure.weightKg;
  const weighed = weightKg ? atWeight(kind, weightKg) : weigh(kind, scoring.score, [request.rod]).f;
  const known = knownOf(request, kind, weighed.weightKg[1]);
  const asKnown = asCounted(weighed, { drag: known.drag.ratio, lift: known.lift.ratio });
  const hooked = asHooked(request.lure.hook ? withHook(asKnown, request.lure.hook) : asKnown, reading);
  const floated = set.float === true && canHangBelowFloat(hooked, hooked.weightKg[1]);
  const family: Family = floated ? { ...hooked, mode: 'float' } : hooked;
  const { mood } = scoring;
  const chosen = chooseRig(family, reading, species, mood.mean, schools);
  const rig: Rig = {
    ...chosen,
    sizeM: request.lure.lengthM ?? chosen.sizeM,
  };
  const counted = lurePhysics(family, rig.weightKg, rig.trailer);
  const lure = { ...counted, liftAreaM2: counted.liftAreaM2 * (set.lipScale ?? 1) };
  const onBed = isOnBed(family, reading);
  const working = chooseWorking(family, scoring.context);
  const depthM = held?.depthM ?? (onBed ? reading.depthM : working.depthM);
  const { speedMps } = working;
  const flightM =
    stand.castShare *
    comfortableCastM(request.rod, lure.massKg, family.bulk, lineDiameterM(line)) *
    leftByWind(windRead(reading), family.bulk);
  const wantedPauseS = overMoods(mood.distribution, (m) => species.wantedPauseS[m]!);
  const limitS = Math.max(0.5, hangLimitS(family, reading.fishBandM));
  const sinkS = sinkTimeS(family, lure, depthM, waterDensityKgM3(reading.salinity));
  const markM = set.below?.way === 'down' ? set.below.depthM : undefined;
  const placing = placeCast(family, lure, reading, {
    depthM,
    flightM,
    sinkS,
    castM: set.castM,
    targetM: request.targetM,
    over: request.over,
  });
  const task: PlanTask = {
    ...placing,
    request,
    reading,
    species,
    line,
    stand,
    mood,
    family,
    rig,
    lure,
    known,
    depthM,
    flightM,
    // Let down to a mark, the fish are there.
    bandM: held?.bandM ?? (markM === undefined ? placing.bandM : defaultFishBandM(markM, reading.depthM)),
    metresPerTurn: turnM({ request, known }, placing.castM),
    speedMps,
    style: set.style ?? (onBed && canLie(family) ? 'shake' : styleFor(family, mood.mean)),
    pauseS: set.pauseS ?? Math.max(0.5, toHalf(Math.min(wantedPauseS, limitS))),
    worthOf: worthOfWorking(family, scoring.context),
    wantedPauseS,
    hangLimitS: limitS,
    sinkS,
    waterDensityKgM3: waterDensityKgM3(reading.salinity),
  };
  if (set.pauseS !== undefined || !hangs(task.style)) return task;
  return { ...task, pauseS: onBed ? LIE_S : hangFor(task) };
}

/** Line that a turn of the handle takes up on average over a cast of this length, m. */
export const turnM = (p: Pick<PlanTask, 'request' | 'known'>, castM: number): number =>
  metresPerTurn(p.request.reel, castM / 2) * p.known.reel.ratio;

/** What lands on top lies still until the rings are gone, s: as long as they would have it hang, in these bounds. */
const FIRST_REST_S = [1, 6] as const;

/** A lure that hangs for as long as it can be left alone in the band is out of it for so much of the cast. */
const LEAVES_SHARE = 0.6;

/**
 * The hang to start from, s: up to the one that the fish want, but no longer than pays. A cast that stands still most
 * of the time is shown to few fish.
 */
function hangFor(p: PlanTask): number {
  let best = { pauseS: p.pauseS, worth: -1 };
  for (let pauseS = 0.5; pauseS <= p.pauseS; pauseS += 0.5) {
    const turnsPerS = turnsFor(p, p.speedMps, p.style, pauseS);
    const { turned, lengthS } = roundOf(p, p.style, pauseS, turnsPerS);
    const roundM = Math.max(0.01, turned * p.metresPerTurn);
    const speedMps = roundM / lengthS;
    // Where the whole cast cannot be worked like that, the hang is too long.
    if (best.worth >= 0 && p.family.mode === 'surface' && p.castM / speedMps > p.longestS) break;
    const workedS = Math.min(p.longestS, p.castM / speedMps);
    const roundS = workedS + p.sinkS + BETWEEN_CASTS_S;
    const held = p.family.mode === 'swim' ? 1 - LEAVES_SHARE * Math.min(1, pauseS / p.hangLimitS) : 1;
    const worth = p.worthOf({
      depthM: p.depthM,
      speedMps,
      movingMps: roundM / Math.max(0.5, lengthS - pauseS),
      zoneMinutesPerHour: (60 * held * workedS) / roundS,
      castsPerHour: 3600 / roundS,
      hangS: pauseS,
      contactShare: 0,
    });
    if (worth > best.worth) best = { pauseS, worth };
  }
  return best.pauseS;
}

/** Handle turns in one round of a cadence, and its length, s. */
function roundOf(
  p: PlanTask,
  style: CadenceStyle,
  pauseS: number,
  turnsPerS: number,
): { turned: number; lengthS: number } {
  const { steps } = defaultCadence({ style, moodMean: p.mood.mean, pauseS, turnsPerS });
  return {
    turned: steps.reduce((s, x) => s + (x.handleTurns ?? 0), 0),
    lengthS: steps.reduce((s, x) => s + x.durationS, 0),
  };
}

/** What the counts say of the lure as it was counted, whatever trailer it carries today. */
function knownOf(request: PlanRequest, family: Family, weightKg: number): PlanTask['known'] {
  const { measured } = request;
  const { drag, lift } = measured?.lure?.length
    ? knownLure({ tried: triedLure(family.id, weightKg, request.line), measurements: measured.lure })
    : UNKNOWN;
  const { reel } = measured?.reel?.length ? knownReel({ reel: request.reel, counts: measured.reel }) : UNKNOWN;
  return { drag, lift, reel };
}

/**
 * Turns a second that give the wanted average speed with this cadence, kept to what a hand and this lure can do: the
 * nearest of those in steps of 0.05. Turns are counted, so the speed goes in stairs, but it never falls.
 */
export function turnsFor(p: PlanTask, speedMps: number, style: CadenceStyle, pauseS: number): number {
  const speedAt = (step: number): number => {
    const { turned, lengthS } = roundOf(p, style, pauseS, step / TURNS_STEPS);
    return (turned * p.metresPerTurn) / lengthS;
  };
  let low = Math.round(MIN_TURNS_PER_S * TURNS_STEPS);
  let high = Math.round(maxTurnsPerS(p) * TURNS_STEPS);
  // Where nothing turns between the movements of the tip, no speed of the handle is nearer than another.
  if (speedAt(low) === speedAt(high)) return MIN_TURNS_PER_S;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (speedAt(middle) < speedMps) low = middle;
    else high = middle;
  }
  const nearer = Math.abs(speedAt(low) - speedMps) <= Math.abs(speedAt(high) - speedMps) ? low : high;
  return nearer / TURNS_STEPS;
}

/** Handle speeds are tried in twentieths of a turn a second. */
const TURNS_STEPS = 20;

/** The slowest a handle is turned that still feels like turning, turns/s. */
export const MIN_TURNS_PER_S = 0.2;

/** The fastest this lure and this hand are turned, turns/s. */
export const maxTurnsPerS = (p: PlanTask): number =>
  Math.max(0.3, Math.min(MAX_TURNS_PER_S, Math.floor(((p.family.speedMps[1] * 1.3) / p.metresPerTurn) * 20) / 20));

/** The table's own answers for a swimming lure, nearest the wanted speed first: where the search starts. */
export function tableStarts(p: PlanTask): HoldingOption[] {
  return holdingOptions(p.family, p.depthM, lineDiameterM(p.line)).sort(
    (a, b) => Math.abs(Math.log(a.speedMps / p.speedMps)) - Math.abs(Math.log(b.speedMps / p.speedMps)),
  );
}

/** Free sink to the working depth, s; 0 for what floats or works on top. */
function sinkTimeS(f: Family, lure: LurePhysics, depthM: number, densityKgM3: number): number {
  if (f.mode === 'surface' || f.mode === 'float') return 0;
  const sink = freeSink(lure, densityKgM3);
  return sink ? timeToSinkS(sink, Math.max(depthM, 0.3)) : 0;
}

/** Seconds of count until the lure is at depth, before refinement by simulation. */
export const firstCountdownS = (p: PlanTask): number => Math.min(60, Math.round(p.sinkS * 1.2 * 2) / 2);

const FIRST_TIP: Record<Family['mode'], TipPosition> = {
  surface: 'level',
  swim: 'level',
  bottom: 'up',
  float: 'up',
  vertical: 'level',
  tow: 'level',
};

/** Whether somebody said how the current runs to the cast. */
export const angleWasRead = ({ request }: PlanTask): boolean =>
  typeof request.conditions.water.currentAngleDeg === 'number';

/** The angle that was read; one that nobody read gives way to what the stand allows. */
function openAngleDeg(p: PlanTask): number {
  const { reading, stand } = p;
  return angleWasRead(p) || stand.anglesDeg.includes(reading.currentAngleDeg)
    ? reading.currentAngleDeg
    : stand.anglesDeg[0]!;
}

/** What is worked on top with rests or from side to side is left where it lands; what must be turned is not. */
const liesFirst = (p: PlanTask): boolean => p.family.mode === 'surface' && p.style !== 'steady';
const restFirstS = (p: PlanTask): number => toHalf(clamp(p.wantedPauseS, ...FIRST_REST_S));

/** Settings from closed forms and the hold table, before any search. */
export function firstSettings(p: PlanTask): RetrieveSettings {
  const set = p.request.set ?? {};
  // What lies on a bed is not held at a depth.
  const start = p.onBed ? null : (tableStarts(p)[0] ?? null);
  const wished: TipPosition = start ? (start.tipM > 1 ? 'up' : 'down') : FIRST_TIP[p.family.mode];
  const position = p.stand.tips.includes(wished) ? wished : p.stand.tips[0]!;
  return {
    castM: p.castM,
    countdownS:
      set.countdownS ?? (start ? toHalf(start.countdownS) : liesFirst(p) ? restFirstS(p) : firstCountdownS(p)),
    turnsPerS: set.turnsPerS ?? (p.onBed ? MIN_TURNS_PER_S : turnsFor(p, p.speedMps, p.style, p.pauseS)),
    tip: tipSetting(set.tip ?? position, p.request.rod, p.reading.access),
    angleDeg: set.angleDeg ?? openAngleDeg(p),
    style: p.style,
    pauseS: p.pauseS,
  };
}

/** The frozen presentation of one set of hands. */
export function presentationOf(p: PlanTask, h: RetrieveSettings, cadence: Cadence): Presentation {
  const { request } = p;
  return {
    rig: p.rig,
    lureId: request.lure.id ?? null,
    lureName: request.lure.name ?? p.family.id,
    lure: p.lure,
    line: p.line,
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
