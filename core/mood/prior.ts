/**
 * Mood before any sign was seen: a continuous index on 0 (shut) … 4 (aggressive), a sum of named contributions, spread
 * over the states. All gains are `prior: judgement` from anglers' rules of thumb; the signs then correct them.
 */
import { clamp, logistic } from '../base/numbers';
import { thermalComfort } from '../water/comfort';
import { luxAtDepth, surfaceLux } from '../water/light';
import { spawnPull } from '../water/season';
import type { SpeciesProfile } from '../water/species';
import { chanceFull } from './full';
import { spreadMood, type MoodDistribution } from './states';
import type { ResolvedConditions } from '../water/resolve';

/** What the conditions say of the mood before any sign. */
export const MOOD_FACTORS = [
  'comfort',
  'trend',
  'front',
  'light',
  'current',
  'bait',
  'pressure',
  'barometer',
  'season',
  'full',
] as const;
export type MoodFactor = (typeof MOOD_FACTORS)[number];

/** One of them and what it does. */
export interface MoodReason {
  factor: MoodFactor;
  /** Shift of the index, in states. */
  shift: number;
}

/** prior: judgement. Index of a fish at no comfort, and what full comfort adds. */
const GAIN = {
  base: 0.85,
  comfort: 1.75,
  warmingInCold: 0.2,
  coolingInHeat: 0.15,
  sharpFall: 0.32,
  frontPassed: 0.55,
  frontComing: 0.25,
  light: 0.25,
  current: 0.3,
  pressure: 0.3,
  baitSeen: 0.15,
  noBaitSeen: 0.1,
  /** A hPa of fall in three hours. */
  barometer: 0.04,
  preSpawn: 0.1,
  postSpawn: 0.2,
  /** Of a fish that is surely full. */
  full: 0.6,
} as const;
const WIDTH = 0.95;
/** Cooling in three days, °C, that is the usual one from September to November. */
const AUTUMN_COOLS_C = 1.5;
const isAutumn = (r: ResolvedConditions): boolean => r.month >= 9 && r.month <= 11;
/** Shallow fish in calm clear water go off in the sun: the most it takes, and where that sets in. */
const EXPOSED = { most: 0.45, lux: 15_000, clarityM: 1.8, waveM: 0.08, depthM: 1.2 } as const;
const exposure = (r: ResolvedConditions): number =>
  logistic(Math.log10(Math.max(1, surfaceLux(r.sunElevationDeg, r.cloud))), Math.log10(EXPOSED.lux), 0.2) *
  logistic(r.clarityM, EXPOSED.clarityM, 0.3) *
  (1 - logistic(r.waveHeightM, EXPOSED.waveM, 0.02)) *
  (1 - logistic(r.fishDepthM, EXPOSED.depthM, 0.25));

/** The mood of conditions alone, and the named shifts that made it; index kept to −0.5 … 4.5. */
export function moodPrior(
  r: ResolvedConditions,
  p: SpeciesProfile,
): { distribution: MoodDistribution; reasons: MoodReason[] } {
  const comfort = thermalComfort(p, r.surfaceTempC);
  const coldHalf = 1 - logistic(r.surfaceTempC, p.toptC - 5, 1.5);
  const d = clamp(r.tempChange3dC, -5, 5);
  const easing = d > 0 ? coldHalf * GAIN.warmingInCold * d : (1 - coldHalf) * GAIN.coolingInHeat * -d;
  // Water that cools a little day by day in autumn is the season, not a front.
  const asUsual = r.front === 'none' && isAutumn(r) ? AUTUMN_COOLS_C : 0;
  const fall = Math.max(0, -d - asUsual);
  const shock = d < 0 ? -GAIN.sharpFall * fall * coldHalf : -GAIN.sharpFall * 0.5 * d * (1 - coldHalf);
  const lux = luxAtDepth(surfaceLux(r.sunElevationDeg, r.cloud), r.clarityM, r.fishDepthM);
  // Best between late dusk and shade; little below starlight, less in full sun.
  const light = GAIN.light * (Math.exp(-0.5 * ((Math.log10(Math.max(lux, 1e-4)) - 1.8) / 1.6) ** 2) * 2 - 1);
  const tidal = r.salinity !== 'fresh';
  const current = tidal
    ? GAIN.current * (Math.min(r.currentMps, 0.6) / 0.3 - 0.6)
    : GAIN.current * Math.min(r.currentMps, 0.4);
  const bait =
    (r.forageAbundance === 'scarce' ? -0.25 : r.forageAbundance === 'thick' ? 0.1 : 0) +
    (r.baitSeen === true ? GAIN.baitSeen : r.baitSeen === false ? -GAIN.noBaitSeen : 0);
  const spawn = spawnPull(p, r.surfaceTempC, r.month);
  const reasons: MoodReason[] = [
    { factor: 'comfort', shift: GAIN.base + GAIN.comfort * comfort - 2 },
    { factor: 'trend', shift: clamp(easing + shock, -1.2, 1.2) },
    {
      factor: 'front',
      shift: r.front === 'passed' ? -GAIN.frontPassed : r.front === 'approaching' ? GAIN.frontComing : 0,
    },
    { factor: 'light', shift: light - EXPOSED.most * exposure(r) },
    { factor: 'current', shift: current },
    { factor: 'bait', shift: bait },
    { factor: 'pressure', shift: r.pressure === 'high' ? -GAIN.pressure : r.pressure === 'low' ? GAIN.pressure : 0 },
    { factor: 'barometer', shift: clamp(-GAIN.barometer * (r.pressureTrendHpa3h ?? 0), -0.15, 0.15) },
    { factor: 'season', shift: GAIN.preSpawn * spawn.before - GAIN.postSpawn * spawn.after },
    { factor: 'full', shift: -GAIN.full * chanceFull(r, p) },
  ];
  const index = 2 + reasons.reduce((s, x) => s + x.shift, 0);
  return { distribution: spreadMood(clamp(index, -0.5, 4.5), WIDTH), reasons };
}
