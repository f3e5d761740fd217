/** How a lure is worked here: the depth and the speed at which it is worth most. */
import { clamp, lerp } from '../base/numbers';
import { DEPTH_GRID_M, tableSpeeds } from '../holdtable/grid';
import { holdingOptions, holdingTable, shareAt, swimHour, type HoldingOption } from '../holdtable/zone';
import type { Family } from '../lures/family';
import type { CadenceStyle } from '../lures/styles';
import { overMoods } from '../mood/states';
import { chaseMps, gapM, type ReadContext } from './context';
import {
  DEFLECTION_GAIN,
  deflectionGain,
  keptShare,
  knocks,
  knocksFelt,
  pitchedShare,
  reckonedCastM,
  snagChance,
} from './cover';
import { likedSpeed, noiseMatch, pauseMatch, pauseOf, travelledShare, wantedHangS } from './matches';
import { knownOf, noticedBy, ranges, sweepOf } from './noticing';
import { feltInWind } from './weight';

/** How the family is worked here: its depth, m, and the average speed the fish see, m/s. */
export interface Working {
  depthM: number;
  speedMps: number;
}

/** Which of a family's three ways of working a mood on 0–4 asks for. */
export const styleFor = (f: Pick<Family, 'styles'>, moodMean: number): CadenceStyle =>
  f.styles[moodMean < 1.4 ? 0 : moodMean < 2.6 ? 1 : 2];

/** Pace behind a boat when nobody says otherwise, as a share of the lure's quickest, m/s. prior: judgement. */
const TOWED = { share: 0.75, least: 0.5, most: 2.2 } as const;
export const towedMps = (f: Pick<Family, 'speedMps'>): number =>
  clamp(TOWED.share * f.speedMps[1], TOWED.least, TOWED.most);

/**
 * As near the fish, as long and as close to the speed they want as the family allows: for swimming lures the best of
 * the table's depths and speeds, because a sinker cannot be held in mid-water as slowly as one might wish.
 */
export function chooseWorking(f: Family, c: ReadContext): Working {
  const { r } = c;
  const wishMps = clamp(0.6 * overMoods(c.mood, (m) => chaseMps(c, m)), f.speedMps[0], f.speedMps[1]);
  if (f.mode === 'surface') return { depthM: 0, speedMps: wishMps };
  if (f.mode === 'bottom') return { depthM: lerp(r.depthM, r.fishDepthM, pitchedShare(f, r)), speedMps: wishMps };
  // Over grass tops it must pass above them.
  const grass = r.cover.kind === 'submerged-grass' ? Math.max(0.15, r.cover.topDepthM - 0.05) : r.depthM;
  const deepest = Math.min(f.depthM[1], r.depthM, Math.max(grass, f.depthM[0]));
  const shallowest = Math.min(f.depthM[0], deepest);
  const wishM = clamp(r.fishDepthM, shallowest, deepest);
  if (f.mode === 'tow') return { depthM: wishM, speedMps: towedMps(f) };
  if (f.mode !== 'swim') return { depthM: wishM, speedMps: wishMps };
  return bestSwim(f, c, { depthM: wishM, speedMps: wishMps }, [shallowest, deepest]);
}

/**
 * Of the table's depths and speeds and the wished ones, the pair with the best score: the product of all that depends
 * on the two.
 */
function bestSwim(f: Family, c: ReadContext, wish: Working, [shallowest, deepest]: readonly [number, number]): Working {
  const noise = noiseMatch(f, c, 'passing');
  const pause = pauseOf(f, c);
  const moods = c.mood.map((p, m) => p * noise.of(m) * pause.of(m));
  const senses = ranges(f, c);
  const speeds = [wish.speedMps, ...tableSpeeds(f)].map((speedMps) => {
    const felt = feltInWind(f, c, speedMps);
    return {
      speedMps,
      liked: moods.map((p, m) => p * likedSpeed(speedMps, c, m) * felt),
      sweep: sweepOf(speedMps, c),
    };
  });
  const hourOf = swimHour(f, reckonedCastM(f, c.r, wish.depthM));
  const perCast = snagChance(f, c.r, c.schools);
  // What all moods together give at the most: a depth that they will not go to need not be looked at further.
  const mostLiked = Math.max(...speeds.map(({ liked }) => liked.reduce((sum, v) => sum + v, 0)));
  let best: Working & { worth: number } = { ...wish, worth: -1 };
  const tryAt = (depthM: number, options: readonly HoldingOption[]): void => {
    const gap = gapM(depthM, c.r.fishBandM);
    const furthest = MAX_MINUTES * (1 + DEFLECTION_GAIN) * mostLiked * travelledShare(gap, c, BOLDEST);
    if (furthest <= best.worth) return;
    const travelled = moods.map((_, m) => travelledShare(gap, c, m));
    const known = knownOf(senses, gap, c);
    const turns = deflectionGain(knocks(f, c, depthM));
    const hourAt = hourOf(depthM);
    speeds.forEach(({ speedMps, liked, sweep }, k) => {
      const hour = hourAt(speedMps, k === 0 ? shareAt(options, speedMps) : options[k - 1]!.share);
      let taken = 0;
      for (let m = 0; m < liked.length; m++) taken += liked[m]! * travelled[m]!;
      const ifNoticed = hour.zoneMinutesPerHour * taken * turns * keptShare(perCast, hour.castsPerHour);
      if (ifNoticed <= best.worth) return;
      const worth = ifNoticed * noticedBy(known, sweep);
      if (worth > best.worth) best = { depthM, speedMps, worth };
    });
  };
  tryAt(wish.depthM, holdingOptions(f, wish.depthM, c.lineDiameterM));
  holdingTable(f, c.lineDiameterM).forEach((options, i) => {
    if (DEPTH_GRID_M[i]! >= shallowest && DEPTH_GRID_M[i]! <= deepest) tryAt(DEPTH_GRID_M[i]!, options);
  });
  return best;
}

/** A way of working as it was cast: what the hands made of it. */
export interface CastWorking extends Working {
  zoneMinutesPerHour: number;
  castsPerHour: number;
  /** Its speed while it moves, m/s: what provokes. `speedMps`, hangs and all, is what brings it past them. */
  movingMps: number;
  /** How long it is left alone each time, s. */
  hangS: number;
  /** Share of the working in which it knocks on the bottom, 0–1. */
  contactShare: number;
}

/**
 * Strikes an hour that a way of working brings, but for what no way of working changes: the planner seeks the most of
 * the same as the ranking does.
 */
export function worthOfWorking(f: Family, c: ReadContext): (w: CastWorking) => number {
  const noise = noiseMatch(f, c, 'passing');
  const moods = c.mood.map((p, m) => p * noise.of(m));
  const senses = ranges(f, c);
  const perCast = snagChance(f, c.r, c.schools);
  const pitched = pitchedShare(f, c.r);
  const onTop = f.mode === 'surface' || f.mode === 'float';
  return ({ depthM, speedMps, movingMps, zoneMinutesPerHour, castsPerHour, hangS, contactShare }) => {
    const gap = gapM(depthM, c.r.fishBandM);
    const met = knocksFelt(f, c, contactShare);
    // A knock is the change of pace that a hang else gives.
    const hang = (m: number): number =>
      lerp(pauseMatch(hangS, wantedHangS(c, m)), 1, Math.max(met.onCover, met.onBottom));
    const taken = moods.reduce(
      (sum, p, m) => sum + p * likedSpeed(speedMps, c, m, movingMps) * hang(m) * travelledShare(gap, c, m),
      0,
    );
    return (
      zoneMinutesPerHour *
      taken *
      noticedBy(knownOf(senses, gap, c, onTop), sweepOf(speedMps, c)) *
      feltInWind(f, c, movingMps) *
      deflectionGain(met) *
      keptShare(perCast, castsPerHour, pitched)
    );
  };
}

/** Zone minutes in an hour at the very most; the mood that goes furthest. */
const MAX_MINUTES = 60;
const BOLDEST = 4;
