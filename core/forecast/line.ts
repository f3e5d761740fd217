/**
 * One day at one water: sun, moon and tide, and how good each quarter of an hour should be for this fish, from the same
 * models that judge the mood now.
 *
 *   promise = Σ P(mood | light, current, temperature then) · strikes per zone-cast of that mood · e^(low-light gain),
 *             relative to the day's mean
 *
 * What is not forecast stays as it was read. Moon periods are shown, never scored, unless the angler plans by them.
 */
import { overMoods } from '../mood/states';
import { MOOD_FACTORS, moodPrior, type MoodFactor } from '../mood/prior';
import { STRIKES_PER_ZONE_CAST } from '../mood/signs';
import { clamp, interpolate } from '../base/numbers';
import { almanac, localDay, type Almanac } from '../sky/almanac';
import { sunElevationDeg } from '../sky/sun';
import { turnsOf, type TideCurve, type Turn } from '../tide/curve';
import { tideCurrentMps, tideCurveOf, type TideSource } from '../tide/source';
import { luxAtDepth, surfaceLux } from '../water/light';
import { speciesProfile } from '../water/species';
import type { ResolvedConditions } from '../water/resolve';
import { STEP_MS } from './step';

/** What moves the promise of an hour: what moves the mood, low light, and the moon where the angler counts it. */
export const DAY_FACTORS = [...MOOD_FACTORS, 'low-light', 'moon'] as const;
export type DayFactor = MoodFactor | 'low-light' | 'moon';

/** All that the line of a day is drawn from. SI, times in ms. */
export interface DayQuestion {
  place: { latDeg: number; lonDeg: number; zone: string };
  /** Local date, "2026-07-04". */
  date: string;
  reading: ResolvedConditions;
  tide: TideSource | null;
  /** Forecast cloud and change of the water's temperature against now, at times of the day. */
  cloud: readonly (readonly [atMs: number, cloud: number])[];
  waterC: readonly (readonly [atMs: number, tempC: number])[];
  /** What a moon period is worth, ln; 0 shows it without counting it. */
  moonGain: number;
}

/** A quarter of an hour of the day. Sun above the horizon, °; light at the fish, lx; tide, m and m/s. */
export interface DayStep {
  atMs: number;
  sunDeg: number;
  luxAtFish: number;
  tideM: number | null;
  /** Positive flooding. */
  tideMps: number | null;
  tempC: number;
  /** Times the mean of the hours that are fished. */
  promise: number;
}

/** The two hours that promise most, and what makes them so. */
export interface BestTime {
  fromMs: number;
  toMs: number;
  /** Times the mean of the day. */
  times: number;
  because: { factor: DayFactor; ln: number }[];
}

/** A day in quarter hours: sky, tide, temperature, and what each hour promises against the mean of the fished ones. */
export interface DayLine {
  fromMs: number;
  toMs: number;
  almanac: Almanac;
  steps: DayStep[];
  turns: Turn[];
  /**
   * Hours in which one fishes: from before dawn to after dusk; the whole day where the sun does not cross the horizon.
   */
  fished: { fromMs: number; toMs: number };
  /** The fish's light, and the strong half of each run of the tide. */
  windows: { kind: 'low-light' | 'flood' | 'ebb'; fromMs: number; toMs: number }[];
  best: BestTime | null;
}

const BEST_STEPS = 8;
const EDGE_MS = 45 * 60_000;

interface Weighed {
  step: DayStep;
  ln: Map<DayFactor, number>;
}

function weigh(q: DayQuestion, a: Almanac, curve: TideCurve | null, atMs: number): Weighed {
  const p = speciesProfile(q.reading.species);
  const sunDeg = sunElevationDeg(atMs, q.place);
  const cloud = q.cloud.length > 0 ? clamp(interpolate(q.cloud, atMs), 0, 1) : q.reading.cloud;
  const tempC = q.waterC.length > 0 ? interpolate(q.waterC, atMs) : q.reading.surfaceTempC;
  const mps = curve && q.tide ? tideCurrentMps(q.tide, curve, atMs) : null;
  const then: ResolvedConditions = {
    ...q.reading,
    sunElevationDeg: sunDeg,
    cloud,
    surfaceTempC: tempC,
    currentMps: mps === null ? q.reading.currentMps : Math.abs(mps),
  };
  const { distribution, reasons } = moodPrior(then, p);
  const lux = surfaceLux(sunDeg, cloud);
  const decades = clamp(4.4 - Math.log10(Math.max(lux, 1e-3)), 0, 4);
  const lowLight = p.lowLightGain * (decades - 0.6);
  const moon = a.periods.some((x) => atMs >= x.fromMs && atMs < x.toMs) ? q.moonGain : 0;
  const promise = overMoods(distribution, (m) => STRIKES_PER_ZONE_CAST[m]!) * Math.exp(lowLight + moon);
  // One state of mood is worth about this much, ln: the table's rate doubles from one to the next.
  const ln = new Map<DayFactor, number>(reasons.map((x) => [x.factor, x.shift * Math.LN2]));
  ln.set('low-light', lowLight);
  ln.set('moon', moon);
  return {
    step: {
      atMs,
      sunDeg,
      luxAtFish: luxAtDepth(lux, q.reading.clarityM, q.reading.fishDepthM),
      tideM: curve ? curve.heightM(atMs) : null,
      tideMps: mps,
      tempC,
      promise,
    },
    ln,
  };
}

const mean = (v: readonly number[]): number => v.reduce((s, x) => s + x, 0) / v.length;

/** Best stretch of two hours that begins no earlier than `notBeforeMs`; null when less than that is left. */
function bestOf(fished: readonly Weighed[], notBeforeMs: number): BestTime | null {
  const open = fished.filter((w) => w.step.atMs >= notBeforeMs);
  if (open.length < BEST_STEPS) return null;
  let at = 0;
  let best = -Infinity;
  for (let i = 0; i + BEST_STEPS <= open.length; i++) {
    const v = mean(open.slice(i, i + BEST_STEPS).map((w) => w.step.promise));
    if (v > best + 1e-9) [at, best] = [i, v];
  }
  const chosen = open.slice(at, at + BEST_STEPS);
  const because = DAY_FACTORS.map((factor) => ({
    factor,
    ln: mean(chosen.map((w) => w.ln.get(factor) ?? 0)) - mean(fished.map((w) => w.ln.get(factor) ?? 0)),
  }))
    .filter((x) => x.ln > 0.03)
    .sort((x, y) => y.ln - x.ln);
  return {
    fromMs: chosen[0]!.step.atMs,
    toMs: chosen[BEST_STEPS - 1]!.step.atMs + STEP_MS,
    times: best / mean(fished.map((w) => w.step.promise)),
    because,
  };
}

/** Runs of steps of which something is true, at least half an hour long. */
function runs(steps: readonly DayStep[], is: (s: DayStep) => boolean): { fromMs: number; toMs: number }[] {
  const out: { fromMs: number; toMs: number }[] = [];
  let from: number | null = null;
  for (const s of steps) {
    if (is(s)) from ??= s.atMs;
    else if (from !== null) {
      out.push({ fromMs: from, toMs: s.atMs });
      from = null;
    }
  }
  if (from !== null) out.push({ fromMs: from, toMs: steps[steps.length - 1]!.atMs + STEP_MS });
  return out.filter((r) => r.toMs - r.fromMs >= 2 * STEP_MS);
}

/** The hours most people fish: twilight to twilight, and a little. */
function fishedHours(a: Almanac, day: { fromMs: number; toMs: number }): { fromMs: number; toMs: number } {
  if (a.civilDawnMs === null || a.civilDuskMs === null || a.civilDuskMs < a.civilDawnMs) return day;
  return { fromMs: Math.max(day.fromMs, a.civilDawnMs - EDGE_MS), toMs: Math.min(day.toMs, a.civilDuskMs + EDGE_MS) };
}

/** `notBeforeMs`: the best time is looked for from here on (now, on the day itself). */
export function computeDayLine(q: DayQuestion, notBeforeMs = -Infinity): DayLine {
  const day = localDay(q.date, q.place.zone);
  const a = almanac(q.place, q.date, q.place.zone);
  const curve = q.tide && tideCurveOf(q.tide);
  const all: Weighed[] = [];
  for (let t = day.fromMs; t < day.toMs; t += STEP_MS) all.push(weigh(q, a, curve, t));
  const hours = fishedHours(a, day);
  const fished = all.filter((w) => w.step.atMs >= hours.fromMs && w.step.atMs < hours.toMs);
  const usual = mean(fished.map((w) => w.step.promise));
  const steps = all.map((w) => ({ ...w.step, promise: w.step.promise / usual }));
  const strongest = Math.max(0, ...steps.map((s) => Math.abs(s.tideMps ?? 0)));
  const strong = (way: 1 | -1) => (s: DayStep) =>
    s.tideMps !== null && strongest > 0.05 && way * s.tideMps > 0.5 * strongest;
  return {
    ...day,
    almanac: a,
    steps,
    turns: curve ? turnsOf(curve, day.fromMs, day.toMs) : [],
    fished: hours,
    windows: [
      ...runs(steps, (s) => s.sunDeg > -8 && s.sunDeg < 8).map((w) => ({ kind: 'low-light' as const, ...w })),
      ...runs(steps, strong(1)).map((w) => ({ kind: 'flood' as const, ...w })),
      ...runs(steps, strong(-1)).map((w) => ({ kind: 'ebb' as const, ...w })),
    ].sort((x, y) => x.fromMs - y.fromMs),
    best: bestOf(fished, notBeforeMs),
  };
}
