/**
 * Ranking through a hole in the ice: the lure stays, the fish come. Nothing is swept over them, so neither casts nor
 * chase speeds count.
 *   strikesPerHour = visits an hour · P(taken)
 *   visits         = strikes of a surely wanted lure · (radius called over / CALLS_AS_USUAL_M)
 *                    · share of the hour it is down
 * Fish that roam a plane at some speed cross a circle in proportion to its diameter. The radius is what eye, ear and
 * side line know of it together. A fish that has come may look for as long as it likes: noise that does not suit costs
 * more than in passing. prior: judgement throughout.
 */
import { overMoods } from '../mood/states';
import { clamp } from '../base/numbers';
import { afterStrike } from './cover';
import { ranges } from './noticing';
import { gapM, type ReadContext } from './context';
import type { Family } from '../lures/family';
import {
  appetiteOf,
  colourOf,
  contributionsOf,
  foodOf,
  lightOf,
  noiseMatch,
  pauseOf,
  sizeOf,
  travelOf,
} from './matches';
import { fallOf, holdOf } from './weight';
import { summed, type Contribution, type Score } from './score';

/** Radius over which a lure of common kind calls in common water, m. */
const CALLS_AS_USUAL_M = 3;
/** Of what hears a rattle so much of the range brings fish in; of what feels a thump all of it. */
const HEEDED = { heard: 0.6, felt: 1 } as const;
/** A hole is fished this long, and moving, drilling and clearing takes this long, min. */
const HOLE_MIN = 15;
const BETWEEN_HOLES_MIN = 3;
/** It is brought up to be cleared, seen to or shown anew this often, s, and falls this fast, m/s. */
const DROP_S = 150;
const FALL_MPS = 0.5;
/** It is lifted and let fall at about this speed whatever the fish want, m/s. */
const LIFTED_MPS = 0.3;

/** Radius over which fish come to it, m: the senses as independent ways of knowing. */
export function calledRadiusM(f: Family, c: ReadContext): number {
  const { sightM, feltM, heardM } = ranges(f, c);
  return Math.hypot(sightM, HEEDED.felt * feltM, HEEDED.heard * heardM);
}

/** The same through the ice. */
export function scoreIce(f: Family, c: ReadContext): Score {
  const { r, p } = c;
  const depthM = clamp(r.fishDepthM, Math.min(f.depthM[0], r.depthM), Math.min(f.depthM[1], r.depthM));
  const gap = gapM(depthM, r.fishBandM);
  const radiusM = calledRadiusM(f, c);
  const upAndDownS = (2 * depthM) / FALL_MPS;
  const castS = DROP_S + upAndDownS;
  const share = DROP_S / castS;
  const hourShare = HOLE_MIN / (HOLE_MIN + BETWEEN_HOLES_MIN);
  const castsPerHour = (3600 * hourShare) / castS;
  const zoneMinutesPerHour = 60 * hourShare * share;
  const visits = p.strikesPerZoneMinute * zoneMinutesPerHour * (radiusM / CALLS_AS_USUAL_M);
  const why: Contribution[] = [
    {
      factor: 'called',
      ln: Math.log(visits),
      facts: { radiusM, perHour: visits, rattle: f.rattle, clarityM: r.clarityM },
    },
    ...contributionsOf(
      [
        appetiteOf(c),
        travelOf(gap, c),
        pauseOf(f, c),
        noiseMatch(f, c, 'looking'),
        foodOf(f, c),
        sizeOf(f, c),
        colourOf(f, c),
        lightOf(f, c),
        holdOf(f, r),
        fallOf(f, c),
      ],
      c,
    ),
    ...afterStrike(f, c, castsPerHour),
  ];
  return summed(why, {
    zone: { share, castS, zoneSecondsPerCast: DROP_S, castsPerHour, zoneMinutesPerHour },
    workingDepthM: depthM,
    speedMps: Math.min(
      f.speedMps[1],
      Math.max(
        LIFTED_MPS * f.action,
        overMoods(c.mood, (m) => 0.05 * m),
      ),
    ),
    noticed: 1,
    weightKg: f.weightKg[1],
  });
}
