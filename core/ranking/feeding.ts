/**
 * Ranking for fish that feed, one lure at a time:
 *   strikesPerHour = λ0 · zoneMinutesPerHour · P(noticed) · P(taken)
 *   score          = strikesPerHour · P(hooked) · share of the hour not lost to snags
 * Gains are prior: judgement.
 */
import { lerp } from '../base/numbers';
import { estimateZone, zoneOf } from '../holdtable/zone';
import type { Family } from '../lures/family';
import { gapM, type ReadContext } from './context';
import { afterStrike, coverOf, deflectionOf, minuteWorth, passingOf, pitchedShare, reckonedCastM } from './cover';
import { distanceOf } from './distance';
import {
  appetiteOf,
  belongsOf,
  chopOf,
  colourOf,
  contributionsOf,
  foodOf,
  lightOf,
  noiseMatch,
  pauseOf,
  sizeOf,
  speedOf,
  travelOf,
  warmthOf,
} from './matches';
import { knownOf, noticedBy, ranges, sweepOf } from './noticing';
import type { Planned } from './planned';
import { LEAST, summed, type Contribution, type Score } from './score';
import { bogOf, fallOf, holdOf, splashOf, windOf } from './weight';
import { chooseWorking } from './working';

/** Strikes an hour of feeding fish and the score, as factors whose logarithms add up; by its plan where it has one. */
export function scoreFeeding(f: Family, c: ReadContext, planned?: Planned): Score {
  const { r, p } = c;
  const working = chooseWorking(f, c);
  const { speedMps } = working;
  // What lies on the bottom is on the bottom wherever in their band that is.
  const depth = planned && f.mode === 'swim' ? planned.depthM : working.depthM;
  // What is dropped into cover is shown by the drop, not by its pace.
  const speed = planned ? lerp(planned.speedMps, speedMps, pitchedShare(f, r)) : speedMps;
  const gap = gapM(depth, r.fishBandM);
  const zone = planned
    ? zoneOf(planned.zoneShare, planned.castS, planned.castsPerHour)
    : estimateZone(f, depth, speed, pitchedShare(f, r), c.lineDiameterM, reckonedCastM(f, r, depth));
  const noticed = noticedBy(
    knownOf(ranges(f, c), gap, c, f.mode === 'surface' || f.mode === 'float'),
    sweepOf(speed, c),
  );
  const matches = [
    appetiteOf(c),
    travelOf(gap, c),
    speedOf(speed, c, planned?.movingMps),
    pauseOf(f, c),
    noiseMatch(f, c, 'passing'),
    foodOf(f, c),
    sizeOf(f, c),
    colourOf(f, c),
    warmthOf(f, c),
    lightOf(f, c),
    chopOf(f, c),
    distanceOf(f, r, planned?.flightM),
    // Left alone nothing is felt, wind or no wind.
    windOf(f, c, planned && f.mode === 'swim' ? planned.movingMps : speed),
    holdOf(f, r),
    fallOf(f, c),
    splashOf(f, r),
    bogOf(f, r),
    belongsOf(f, c),
    coverOf(f, c),
    passingOf(f, c),
    deflectionOf(f, c, depth),
  ];
  const why: Contribution[] = [
    {
      factor: 'zone',
      ln: Math.log(p.strikesPerZoneMinute * minuteWorth(f, r) * zone.zoneMinutesPerHour),
      facts: { minutes: zone.zoneMinutesPerHour, share: zone.share, depthM: depth, planned: planned ? 1 : 0 },
    },
    {
      factor: 'noticed',
      ln: Math.log(Math.max(noticed, LEAST)),
      facts: { sightM: c.sightM, chance: noticed, rattle: f.rattle, thump: f.thump, known: r.whereabouts },
    },
    ...contributionsOf(matches, c),
    ...afterStrike(f, c, zone.castsPerHour),
  ];
  return summed(why, { zone, workingDepthM: depth, speedMps: speed, noticed, weightKg: f.weightKg[1] });
}
