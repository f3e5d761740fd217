/**
 * The ranking model, one family at a time:
 *   strikesPerHour = λ0 · zoneMinutesPerHour · P(noticed) · P(taken)
 *   score          = strikesPerHour · P(hooked) · share of the hour not lost to snags
 * P(taken) is an average over moods of a product of matches; the contribution of each match is the ln-ratio of the average with
 * and without it, in a fixed order, so that all contributions add to ln(score / 1 h⁻¹). Gains are prior: judgement.
 */
import { bell, clamp, lerp, logistic } from '../numbers';
import { chanceFull } from '../mood/full';
import { overMoods, type MoodDistribution, type PerMood } from '../mood/states';
import { DEPTH_GRID_M, lineFor } from '../retrieve/surrogate/grid';
import { comfortableCastM } from '../retrieve/tackle/rod';
import { estimateZone, hangLimitS, holdingOptions, shareAt, type ZoneEstimate } from '../retrieve/surrogate/zone';
import { computeHolding } from '../water/holding';
import type { Forage } from '../water/conditions';
import type { Reading } from '../water/defaults';
import { luxAtDepth, sightingRangeM } from '../water/light';
import { chopDamp, feltRangeM, heardRangeM } from '../water/senses';
import type { SpeciesProfile } from '../water/species';
import { thermalComfort } from '../water/comfort';
import type { Family, PreyShape } from './family';
import { coverSnagChance } from './limits';
import { chooseSizeM } from './rig';

export const FACTORS = [
  'zone',
  'noticed',
  'travel',
  'speed',
  'pause',
  'noise',
  'food',
  'size',
  'warmth',
  'light',
  'chop',
  'distance',
  'cover',
  'hooked',
  'snags',
] as const;
/** Besides those of feeding fish, the ones that count for fish on their beds (see guarding.ts). */
export type Factor = (typeof FACTORS)[number] | 'passes' | 'anger' | 'stays';

export interface Contribution {
  factor: Factor;
  /** Natural logarithm of its multiplier. */
  ln: number;
  /** SI facts that drove it, for the sentence. */
  facts: Record<string, number | string>;
}

export interface Score {
  strikesPerHour: number;
  score: number;
  why: Contribution[];
  zone: ZoneEstimate;
  workingDepthM: number;
  speedMps: number;
  noticed: number;
}

export const SHAPE_OF_FORAGE: Record<Forage, PreyShape> = {
  shad: 'deep-fish',
  bluegill: 'deep-fish',
  perch: 'deep-fish',
  menhaden: 'deep-fish',
  minnow: 'slender-fish',
  mullet: 'slender-fish',
  'sand-eel': 'slender-fish',
  silverside: 'slender-fish',
  crawfish: 'craw',
  'shrimp-small': 'shrimp',
  'shrimp-large': 'shrimp',
  frog: 'frog',
  insect: 'insect',
  worm: 'worm',
};

/** Restlessness each mood likes best, 0–1. */
const WANTED_ACTION: PerMood = [0.05, 0.22, 0.45, 0.65, 0.85];

/** Standing cover into which a bottom lure is dropped and lifted at the fish's own depth instead of being dragged below it. */
const STANDING = new Set(['pads', 'matted-grass', 'reeds', 'wood', 'brush', 'dock']);

/** Share of the work done by dropping into cover, 0–1. */
export function pitchedShare(f: Family, r: Reading): number {
  if (f.mode !== 'bottom' || !STANDING.has(r.cover.kind)) return 0;
  return Math.min(1, r.cover.density / 0.25) * (f.coverReach[r.cover.kind] ?? 0.2);
}

/** Cover in single pieces: fish sit on it, not along the whole cast. */
const SPOTTY = new Set(['wood', 'brush', 'dock']);
const spottiness = (r: Reading): number => (SPOTTY.has(r.cover.kind) ? Math.min(1, r.cover.density / 0.25) : 0);

/** Vertical distance from the lure to the nearest fish of the band, m. */
export const gapM = (depthM: number, band: readonly [number, number]): number => Math.max(0, band[0] - depthM, depthM - band[1]);

/** What the readings mean for every family alike; computed once per reading. */
export function readContext(r: Reading, p: SpeciesProfile, mood: MoodDistribution, lineDiameterM?: number) {
  const holding = computeHolding(r);
  const luxAtFish = luxAtDepth(holding.lux, r.clarityM, r.fishDepthM);
  return {
    r,
    p,
    mood,
    lineDiameterM,
    holding,
    luxAtFish,
    sightM: sightingRangeM(r.clarityM, luxAtFish),
    comfort: thermalComfort(p, r.surfaceTempC),
    chopDamp: chopDamp(r),
    /** Clear, calm, pressured → quieter; murky, choppy → louder. */
    noiseShift:
      0.22 * Math.log(1.2 / r.clarityM) * 0.6 +
      0.35 * Math.min(r.waveHeightM, 0.8) +
      (r.pressure === 'high' ? -0.12 : r.pressure === 'low' ? 0.06 : 0),
    shapes: [...new Set(r.forage.map((x) => SHAPE_OF_FORAGE[x]))],
    /** Chance that they are full, and only the slow or the very fast will do. */
    full: chanceFull(r, p),
    decadesBelowDay: clamp(4.4 - Math.log10(Math.max(holding.lux, 1e-3)), 0, 4),
  };
}
export type ReadContext = ReturnType<typeof readContext>;

function chaseMps(c: ReadContext, mood: number): number {
  return c.p.chaseMps[mood]! * (0.35 + 0.65 * c.comfort);
}

/** How the family is worked here: its depth, m, and the average speed the fish see, m/s. */
export interface Working {
  depthM: number;
  speedMps: number;
}

/**
 * As near the fish, as long and as close to the speed they want as the family allows: for swimming lures the best of the table's depths and
 * speeds, because a sinker cannot be held in mid-water as slowly as one might wish.
 */
export function chooseWorking(f: Family, c: ReadContext): Working {
  const { r } = c;
  const wishMps = clamp(0.6 * overMoods(c.mood, (m) => chaseMps(c, m)), f.speedMps[0], f.speedMps[1]);
  if (f.mode === 'surface') return { depthM: 0, speedMps: wishMps };
  if (f.mode === 'bottom')
    return { depthM: lerp(Math.min(r.depthM, f.depthM[1]), Math.min(r.fishDepthM, f.depthM[1]), pitchedShare(f, r)), speedMps: wishMps };
  // Over grass tops it must pass above them.
  const grass = r.cover.kind === 'submerged-grass' ? Math.max(0.15, r.cover.topDepthM - 0.05) : r.depthM;
  const deepest = Math.min(f.depthM[1], r.depthM, Math.max(grass, f.depthM[0]));
  const shallowest = Math.min(f.depthM[0], deepest);
  const wishM = clamp(r.fishDepthM, shallowest, deepest);
  if (f.mode === 'float') return { depthM: wishM, speedMps: wishMps };
  const reachM = overMoods(c.mood, (m) => c.p.reachM[m]!);
  let best: Working & { worth: number } = { depthM: wishM, speedMps: wishMps, worth: -1 };
  for (const depthM of [wishM, ...DEPTH_GRID_M.filter((d) => d >= shallowest && d <= deepest)]) {
    const near = Math.exp(-((gapM(depthM, r.fishBandM) / reachM) ** 1.5));
    const options = holdingOptions(f, depthM, c.lineDiameterM);
    for (const speedMps of [wishMps, ...options.map((o) => o.speedMps)]) {
      const worth = Math.max(0.005, shareAt(options, speedMps)) * near * overMoods(c.mood, (m) => speedMatch(speedMps, chaseMps(c, m)));
      if (worth > best.worth) best = { depthM, speedMps, worth };
    }
  }
  return best;
}

function noticedChance(f: Family, c: ReadContext, gap: number, speed: number): number {
  const { r } = c;
  const contrast = 0.75 + 0.25 * f.flash * logistic(Math.log10(c.holding.lux), 4, 0.4) + (f.mode === 'surface' ? 0.2 : 0);
  const surfaceLoss = f.mode === 'surface' || f.mode === 'float' ? c.chopDamp ** 2 : 1;
  const channel = (range: number, quality: number): number => (range <= 0.05 ? 0 : quality * Math.exp(-((gap / (range + 0.3)) ** 2)) * range);
  // A small thing is lost to sight sooner; anything that moves is felt at a hand's breadth.
  const small = clamp(Math.sqrt(chooseSizeM(f, r, c.p) / c.p.preyLengthM[1]), 0.5, 1.1);
  const sight = channel(c.sightM * contrast * small, 1);
  const felt = channel(feltRangeM(r, f.thump), 0.45) * surfaceLoss;
  const heard = channel(heardRangeM(r, f.rattle), 0.085) * surfaceLoss;
  const sweep = ((speed + 0.15) / 0.5) ** (0.55 * (1 - 0.6 * r.cover.density));
  return 1 - Math.exp(-1.1 * (sight + felt + heard) * sweep);
}

/** Each match of P(taken): its value for mood m, in the order of FACTORS. */
function matches(
  f: Family,
  c: ReadContext,
  gap: number,
  speed: number,
): { factor: Factor; of: (m: number) => number; facts: Contribution['facts'] }[] {
  const { r, p } = c;
  const food = foodMatch(f, c);
  const hangS = hangLimitS(f, r.fishBandM);
  const sizeM = chooseSizeM(f, r, p);
  const misfit = Math.log(sizeM / p.preyLengthM[1]);
  const reach = castReach(f, r);
  const warmth =
    (f.tempC.from === undefined ? 1 : logistic(r.surfaceTempC, f.tempC.from, f.tempC.soft)) *
    (f.tempC.to === undefined ? 1 : 0.3 + 0.7 * (1 - logistic(r.surfaceTempC, f.tempC.to, f.tempC.soft)));
  return [
    {
      factor: 'travel',
      of: (m) => lerp(travelMatch(gap, p.reachM[m]!), travelMatch(gap, FULL_REACH * p.reachM[m]!), c.full),
      facts: { gapM: gap, reachM: overMoods(c.mood, (m) => p.reachM[m]!) },
    },
    {
      factor: 'speed',
      of: (m) => lerp(speedMatch(speed, chaseMps(c, m)), extremeMatch(speed, chaseMps(c, m)), c.full),
      facts: { speedMps: speed, chaseMps: overMoods(c.mood, (m) => chaseMps(c, m)) },
    },
    {
      factor: 'pause',
      of: (m) => pauseMatch(hangS, p.wantedPauseS[m]! * (1.4 - 0.4 * c.comfort)),
      facts: { longestS: hangS, wantedS: overMoods(c.mood, (m) => p.wantedPauseS[m]!) },
    },
    {
      factor: 'noise',
      of: (m) => 0.3 + 0.7 * bell(f.action, clamp(WANTED_ACTION[m]! + c.noiseShift * (0.25 + 0.19 * m), 0, 1), 0.38),
      facts: { action: f.action, wanted: clamp(overMoods(c.mood, (m) => WANTED_ACTION[m]!) + c.noiseShift, 0, 1), clarityM: r.clarityM },
    },
    { factor: 'food', of: () => food.value, facts: { forage: food.forage, match: food.best } },
    { factor: 'size', of: () => bell(misfit, 0, misfit > 0 ? 0.4 : 0.42), facts: { sizeM, bestM: p.preyLengthM[1] } },
    { factor: 'warmth', of: () => 0.02 + 0.98 * warmth, facts: { tempC: r.surfaceTempC, fromC: f.tempC.from ?? -99, toC: f.tempC.to ?? 99 } },
    {
      factor: 'light',
      of: () => Math.exp((f.lowLight + (f.flash > 0.8 ? -0.03 : 0)) * (c.decadesBelowDay - 0.6)),
      facts: { lux: c.holding.lux, gain: f.lowLight },
    },
    {
      factor: 'chop',
      of: () => (f.chopLimitM === null ? 1 : 0.02 + 0.98 * Math.exp(-((r.waveHeightM / f.chopLimitM) ** 2))),
      facts: { waveM: r.waveHeightM, limitM: f.chopLimitM ?? 99 },
    },
    { factor: 'distance', of: () => reach.share, facts: { castM: reach.castM, needM: reach.needM } },
    {
      factor: 'cover',
      of: () => coverAccess(f, c),
      facts: { cover: r.cover.kind, reach: f.coverReach[r.cover.kind] ?? 0.35, density: r.cover.density },
    },
  ];
}

/** Fish hold this far out where one stands on a beach or on stones, m; elsewhere one moves to within a cast of them. prior: judgement. */
const FAR_OUT_M: Partial<Record<Reading['setting'], number>> = { surf: 30, jetty: 22, inlet: 22 };
/** The rod for it: long enough, and stout enough for the heavy half of the family. */
const LONG_ROD = { lengthM: 2.7, minLureKg: 0.005, maxLureKg: 0.1, action: 'moderate' as const };
/** A strong wind takes this share of a cast for each m/s, of a compact lure and of a sail. prior: judgement. */
const WIND_TAKES = { compact: 0.015, sail: 0.05 } as const;
const REACH_SOFT_M = 5;

/** How far it flies here, against how far out the fish are, m; and the share of them that it is thrown to. */
function castReach(f: Family, r: Reading): { castM: number; needM: number; share: number } {
  const needM = FAR_OUT_M[r.setting] ?? 0;
  const calmM = comfortableCastM(LONG_ROD, needM > 0 ? f.weightKg[2] * 0.8 : f.weightKg[1], f.bulk, lineFor(f));
  const castM = calmM * Math.exp(-r.windMps * (WIND_TAKES.compact + WIND_TAKES.sail * f.bulk));
  return { castM, needM, share: needM > 0 ? 0.05 + 0.95 * logistic(castM, needM, REACH_SOFT_M) : 1 };
}

/** Too fast to be caught costs more than too slow to provoke. */
function speedMatch(speed: number, chase: number): number {
  const x = Math.log(speed / (0.6 * chase));
  return x > 0 ? bell(x, 0, 0.75) : bell(x, 0, 1.35);
}

const travelMatch = (gap: number, reachM: number): number => Math.exp(-((gap / reachM) ** 1.5));

/** Share of its usual way that a full fish goes for a lure. prior: judgement. */
const FULL_REACH = 0.4;

/** What full fish take: a crawl among them, or something through their faces before they can think. The middle fails. prior: judgement. */
const extremeMatch = (speed: number, chase: number): number =>
  Math.max(bell(Math.log(speed / (0.2 * chase)), 0, 0.45), 0.9 * bell(Math.log(speed / (1.7 * chase)), 0, 0.4), 0.15);

/** A lure that cannot hang as long as the fish wants. */
const pauseMatch = (hangS: number, wantedS: number): number => (hangS >= wantedS ? 1 : 0.45 + 0.55 * Math.exp(-(wantedS - hangS) / 5));

function foodMatch(f: Family, c: ReadContext): { value: number; best: number; forage: string } {
  let best = 0;
  let forage = c.r.forage[0] ?? 'none';
  for (const x of c.r.forage) {
    const v = f.shapes[SHAPE_OF_FORAGE[x]] ?? 0;
    if (v > best) {
      best = v;
      forage = x;
    }
  }
  const habit = Math.max(0, ...c.p.forage.map((x) => f.shapes[SHAPE_OF_FORAGE[x]] ?? 0));
  const weight = c.r.forageAbundance === 'thick' ? 0.65 : c.r.forageAbundance === 'scarce' ? 0.35 : 0.5;
  return { value: 0.06 + 0.94 * (weight * best + (1 - weight) * 0.8 * habit), best, forage };
}

/** Share of the fish on this cover that can be shown the lure. */
export function coverAccess(f: Family, c: ReadContext): number {
  const { kind, density } = c.r.cover;
  if (kind === 'none') return 1;
  const inside = Math.sqrt(density) * (0.45 + 0.55 * c.holding.tightness);
  return 1 - inside * (1 - (f.coverReach[kind] ?? 0.35));
}

/** Chance of a firm snag per cast from bottom and cover together. */
export function snagChance(f: Family, r: Reading): number {
  const floor =
    f.mode === 'bottom' || (f.mode === 'swim' && r.depthM - r.fishDepthM < 0.4)
      ? { mud: 0.003, sand: 0.003, gravel: 0.012, shell: 0.025, rock: 0.035 }[r.bottom] * (f.hook === 'weedless' ? 0.5 : 1)
      : 0;
  return Math.min(0.9, coverSnagChance(f, r) + floor);
}

/** Minutes a firm snag costs: freeing, retying, the spoiled spot. prior: judgement. */
export const SNAG_COSTS_MIN = 4;

export function scoreFamily(f: Family, c: ReadContext): Score {
  const { r, p } = c;
  const { depthM: depth, speedMps: speed } = chooseWorking(f, c);
  const gap = gapM(depth, r.fishBandM);
  const zone = estimateZone(f, depth, speed, pitchedShare(f, r), spottiness(r), c.lineDiameterM);
  const noticed = noticedChance(f, c, gap, speed);
  const why: Contribution[] = [
    {
      factor: 'zone',
      ln: Math.log(p.strikesPerZoneMinute * zone.zoneMinutesPerHour),
      facts: { minutes: zone.zoneMinutesPerHour, share: zone.share, depthM: depth },
    },
    { factor: 'noticed', ln: Math.log(noticed), facts: { sightM: c.sightM, chance: noticed, rattle: f.rattle, thump: f.thump } },
  ];
  const product = [...c.mood] as number[];
  let before = 1;
  for (const match of matches(f, c, gap, speed)) {
    for (let m = 0; m < 5; m++) product[m]! *= match.of(m);
    const after = product.reduce((s, v) => s + v, 0);
    why.push({ factor: match.factor, ln: Math.log(after / before), facts: match.facts });
    before = after;
  }
  const hooked = f.hooking * (p.softMouth && f.hook === 'treble' ? 0.95 : 1);
  const lost = clamp((zone.castsPerHour * snagChance(f, r) * SNAG_COSTS_MIN) / 60, 0, 20);
  const kept = 1 / (1 + lost);
  why.push(
    { factor: 'hooked', ln: Math.log(hooked), facts: { chance: hooked, hook: f.hook } },
    { factor: 'snags', ln: Math.log(kept), facts: { perCast: snagChance(f, r), share: kept } },
  );
  const strikesPerHour = Math.exp(why.slice(0, -2).reduce((s, w) => s + w.ln, 0));
  return { strikesPerHour, score: strikesPerHour * hooked * kept, why, zone, workingDepthM: depth, speedMps: speed, noticed };
}
