/**
 * Ranking for fish that feed, one lure at a time:
 *   strikesPerHour = λ0 · zoneMinutesPerHour · P(noticed) · P(taken)
 *   score          = strikesPerHour · P(hooked) · share of the hour not lost to snags
 * Gains are prior: judgement.
 */
import { clamp, lerp, logistic } from '../base/numbers';
import { overMoods } from '../mood/states';
import { DEPTH_GRID_M, lineFor } from '../holdtable/grid';
import {
  estimateZone,
  heldSpeeds,
  holdingOptions,
  holdingTable,
  shareAt,
  swimHour,
  type HoldingOption,
} from '../holdtable/zone';
import { comfortableCastM } from '../tackle/rod';
import { feltRangeM, heardRangeM } from '../water/senses';
import { chaseMps, gapM, type ReadContext } from './context';
import type { Family } from '../lures/family';
import { coverSnagChance } from './limits';
import {
  chopOf,
  colourOf,
  contributionsOf,
  foodOf,
  lightOf,
  NOISE_FLOOR,
  noiseMatch,
  pauseOf,
  sizeOf,
  likedSpeed,
  speedOf,
  travelledShare,
  travelOf,
  warmthOf,
  type Match,
} from './matches';
import { chooseSizeM } from './rig';
import type { Schools } from './schools';
import { summed, type Contribution, type Score } from './score';
import type { ResolvedConditions } from '../water/resolve';

/**
 * Standing cover into which a bottom lure is dropped and lifted at the fish's own depth instead of being dragged below
 * it.
 */
const STANDING = new Set(['pads', 'matted-grass', 'reeds', 'wood', 'brush', 'dock']);

/** Share of the work done by dropping into cover, 0–1. */
export function pitchedShare(f: Family, r: ResolvedConditions): number {
  if (f.mode !== 'bottom' || !STANDING.has(r.cover.kind)) return 0;
  return Math.min(1, r.cover.density / 0.25) * (f.coverReach[r.cover.kind] ?? 0.2);
}

/** Cover in single pieces: fish sit on it, not along the whole cast. */
const SPOTTY = new Set(['wood', 'brush', 'dock']);
const spottiness = (r: ResolvedConditions): number =>
  SPOTTY.has(r.cover.kind) ? Math.min(1, r.cover.density / 0.25) : 0;

/** How the family is worked here: its depth, m, and the average speed the fish see, m/s. */
export interface Working {
  depthM: number;
  speedMps: number;
}

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
  if (f.mode !== 'swim') return { depthM: wishM, speedMps: wishMps };
  return bestSwim(f, c, { depthM: wishM, speedMps: wishMps }, [shallowest, deepest]);
}

/**
 * Of the table's depths and speeds and the wished ones, the pair with the best score: the product of all that depends
 * on the two.
 */
function bestSwim(f: Family, c: ReadContext, wish: Working, [shallowest, deepest]: readonly [number, number]): Working {
  const noise = noiseMatch(f, c, NOISE_FLOOR.passing);
  const pause = pauseOf(f, c);
  const moods = c.mood.map((p, m) => p * noise.of(m) * pause.of(m));
  const senses = ranges(f, c);
  const speeds = [wish.speedMps, ...heldSpeeds(f)].map((speedMps) => ({
    speedMps,
    liked: moods.map((p, m) => p * likedSpeed(speedMps, c, m)),
    sweep: sweepOf(speedMps, c),
  }));
  const hourOf = swimHour(f);
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

/** Zone minutes in an hour at the very most; the mood that goes furthest. */
const MAX_MINUTES = 60;
const BOLDEST = 4;

/**
 * How far each sense knows of a lure, m: by eye with its flash, its size and what it stands out against; felt; heard
 * over the chop.
 */
export function ranges(f: Family, c: ReadContext): { sightM: number; feltM: number; heardM: number } {
  const contrast =
    0.75 + 0.25 * f.flash * logistic(Math.log10(c.holding.lux), 4, 0.4) + (f.mode === 'surface' ? 0.2 : 0);
  // A small thing is lost to sight sooner.
  const small = clamp(Math.sqrt(chooseSizeM(f, c.r, c.p, c.schools) / c.p.preyLengthM[1]), 0.5, 1.1);
  return { sightM: c.sightM * contrast * small, feltM: feltRangeM(c.r, f.thump), heardM: heardRangeM(c.r, f.rattle) };
}

/** Metres of water around its way from which it is known of, weighed by how sure that is. */
function knownOf(senses: ReturnType<typeof ranges>, gap: number, c: ReadContext, onTop = false): number {
  const surfaceLoss = onTop ? c.chopDamp ** 2 : 1;
  const channel = (range: number, quality: number): number => quality * Math.exp(-((gap / (range + 0.3)) ** 2)) * range;
  return (
    channel(senses.sightM, 1) + channel(senses.feltM, 0.45) * surfaceLoss + channel(senses.heardM, 0.085) * surfaceLoss
  );
}

const sweepOf = (speed: number, c: ReadContext): number =>
  ((speed + 0.15) / 0.5) ** (0.55 * (1 - 0.6 * c.r.cover.density));

const noticedBy = (known: number, sweep: number): number => 1 - Math.exp(-1.1 * known * sweep);

/**
 * Fish hold this far out where one stands on a beach or on stones, m; elsewhere one moves to within a cast of them.
 * prior: judgement.
 */
const FAR_OUT_M: Partial<Record<ResolvedConditions['setting'], number>> = { surf: 30, jetty: 22, inlet: 22 };
/** The rod for it: long enough, and stout enough for the heavy half of the family. */
const LONG_ROD = { lengthM: 2.7, minLureKg: 0.005, maxLureKg: 0.1, action: 'moderate' as const };
/** A strong wind takes this share of a cast for each m/s, of a compact lure and of a sail. prior: judgement. */
const WIND_TAKES = { compact: 0.015, sail: 0.05 } as const;
const REACH_SOFT_M = 5;
/**
 * Fish stay put under a boat that stops above them when they are this deep, and let one pass over them when this deep,
 * m. prior: judgement.
 */
const BELOW_A_BOAT_M = { stopping: 9, passing: 8, soft: 1.3 } as const;
/** With the heaviest of a family one throws furthest; own lures have one weight. */
const FAR_THROWN = 0.8;

/**
 * How far it flies here, against how far out the fish are, m; and the share of them that it is thrown to, or that stay
 * below the boat.
 */
function distanceOf(f: Family, r: ResolvedConditions): Match {
  if (f.mode === 'vertical' || f.mode === 'tow') {
    const needM = f.mode === 'vertical' ? BELOW_A_BOAT_M.stopping : BELOW_A_BOAT_M.passing;
    const share = logistic(r.fishDepthM, needM, BELOW_A_BOAT_M.soft);
    return { factor: 'distance', of: () => 0.02 + 0.98 * share, facts: { way: f.mode, depthM: r.fishDepthM, share } };
  }
  const needM = FAR_OUT_M[r.setting] ?? 0;
  const weightKg = needM > 0 ? Math.max(f.weightKg[1], f.weightKg[2] * FAR_THROWN) : f.weightKg[1];
  const calmM = comfortableCastM(LONG_ROD, weightKg, f.bulk, lineFor(f));
  const castM = calmM * Math.exp(-r.windMps * (WIND_TAKES.compact + WIND_TAKES.sail * f.bulk));
  const share = needM > 0 ? 0.05 + 0.95 * logistic(castM, needM, REACH_SOFT_M) : 1;
  return { factor: 'distance', of: () => share, facts: { way: 'cast', castM, needM } };
}

/**
 * A pegged weight goes where a free one hangs behind its bait; a free one glides better where nothing is in its way.
 * prior: judgement.
 */
const FREE_IN_TANGLE = 0.85;
const THIN_BRANCH_M = 0.025;

/** Share of the fish on this cover that can be shown the lure. */
export function coverAccess(f: Family, c: ReadContext): number {
  const { kind, density, branchDiameterM } = c.r.cover;
  if (kind === 'none') return 1;
  const inside = Math.sqrt(density) * (0.45 + 0.55 * c.holding.tightness);
  const free = f.sliding && c.schools.peg === 'free';
  const twigs = kind === 'wood' || kind === 'brush' ? logistic(branchDiameterM, THIN_BRANCH_M, -0.002) : 0;
  const tangled = free ? (kind === 'matted-grass' ? 1 : twigs) : 0;
  return 1 - inside * (1 - (f.coverReach[kind] ?? 0.35) * lerp(1, FREE_IN_TANGLE, tangled));
}

/** Share of the fish that this lure can be shown in this cover. */
export const coverOf = (f: Family, c: ReadContext): Match => ({
  factor: 'cover',
  of: () => coverAccess(f, c),
  facts: { cover: c.r.cover.kind, reach: f.coverReach[c.r.cover.kind] ?? 0.35, density: c.r.cover.density },
});

/** Full cover in single pieces is met on every cast from this density on. */
const MET_DENSITY = 0.3;
/** How much of a knock each bottom gives. prior: judgement. */
const HARDNESS = { rock: 1, gravel: 0.9, shell: 0.9, sand: 0.4, mud: 0.15 } as const;
/** A lure knocks on the bottom when worked no more than this above it, m. */
const DIGS_M = { within: 0.35, soft: 0.1 } as const;
/**
 * What a lure that glances off at every turn gains: fish that would let it pass strike at the change of its way. prior:
 * judgement.
 */
const DEFLECTION_GAIN = 0.45;

/** Share of the work in which it knocks against something and glances off: on cover, and on the bottom. */
function knocks(f: Family, c: ReadContext, depthM: number): { onCover: number; onBottom: number } {
  const { cover, bottom } = c.r;
  const onCover =
    (cover.kind === 'none' ? 0 : (f.deflects[cover.kind] ?? 0)) * Math.min(1, cover.density / MET_DENSITY);
  const digs = f.deflects.bottom ?? 0;
  return {
    onCover,
    onBottom: digs === 0 ? 0 : digs * HARDNESS[bottom] * logistic(c.r.depthM - depthM, DIGS_M.within, -DIGS_M.soft),
  };
}

const deflectionGain = ({ onCover, onBottom }: ReturnType<typeof knocks>): number =>
  1 + DEFLECTION_GAIN * Math.max(onCover, onBottom);

/** What knocking against cover or bottom is worth, with its reason. */
export function deflectionOf(f: Family, c: ReadContext, depthM: number): Match {
  const met = knocks(f, c, depthM);
  const gain = deflectionGain(met);
  const facts = {
    share: Math.max(met.onCover, met.onBottom),
    on: met.onCover >= met.onBottom ? c.r.cover.kind : c.r.bottom,
  };
  return { factor: 'deflection', of: () => gain, facts };
}

/** A swimming lure worked for fish this near the bottom touches it now and then, m. */
const NEAR_BOTTOM_M = 0.4;

/** Chance of a firm snag per cast from bottom and cover together. */
export function snagChance(f: Family, r: ResolvedConditions, schools?: Schools): number {
  const touches =
    f.mode === 'bottom' ? 1 : f.mode === 'swim' ? logistic(r.depthM - r.fishDepthM, NEAR_BOTTOM_M, -0.06) : 0;
  const floor =
    touches > 0.001
      ? touches *
        { mud: 0.003, sand: 0.003, gravel: 0.012, shell: 0.025, rock: 0.035 }[r.bottom] *
        (f.hook === 'weedless' ? 0.5 : 1)
      : 0;
  return Math.min(0.9, coverSnagChance(f, r, schools) + floor);
}

/** Minutes a firm snag costs: freeing, retying, the spoiled spot. prior: judgement. */
export const SNAG_COSTS_MIN = 4;
/** One in cover at hand is freed from above. prior: judgement. */
const SNAG_AT_HAND_MIN = 2;

/** Share of the hour that snags leave: less their minutes, and half of each cast that was snagged. */
const keptShare = (perCast: number, castsPerHour: number, pitched = 0): number =>
  (1 - perCast / 2) /
  (1 + clamp((castsPerHour * perCast * lerp(SNAG_COSTS_MIN, SNAG_AT_HAND_MIN, pitched)) / 60, 0, 20));

/**
 * What line changes: with no stretch a big single hook is driven home and a treble torn out. Ratio to braid with a
 * leader. prior: judgement.
 */
const ON_FLUOROCARBON = { treble: 1.04, single: 0.98, weedless: 0.94 } as const;

/** Share of strikes on a soft body that take more than its tail, by teeth. prior: judgement. */
const SOFT_TO_TEETH = { none: 1, rasp: 1, sharp: 0.95, cutting: 0.65 } as const;

/** The last two of every branch: hooked, and what snags leave of the hour. */
export function afterStrike(f: Family, c: ReadContext, castsPerHour: number): Contribution[] {
  const onLine = c.schools.line === 'fluorocarbon' ? ON_FLUOROCARBON[f.hook] : 1;
  const bitten = f.soft ? SOFT_TO_TEETH[c.p.teeth] : 1;
  const hooked = Math.min(0.98, f.hooking * (c.p.softMouth && f.hook === 'treble' ? 0.95 : 1) * onLine * bitten);
  const perCast = snagChance(f, c.r, c.schools);
  const kept = keptShare(perCast, castsPerHour, pitchedShare(f, c.r));
  return [
    { factor: 'hooked', ln: Math.log(hooked), facts: { chance: hooked, hook: f.hook, bitten } },
    { factor: 'snags', ln: Math.log(kept), facts: { perCast, share: kept } },
  ];
}

/** Strikes an hour of feeding fish and the score, as factors whose logarithms add up. */
export function scoreFeeding(f: Family, c: ReadContext): Score {
  const { r, p } = c;
  const { depthM: depth, speedMps: speed } = chooseWorking(f, c);
  const gap = gapM(depth, r.fishBandM);
  const zone = estimateZone(f, depth, speed, pitchedShare(f, r), spottiness(r), c.lineDiameterM);
  const noticed = noticedBy(
    knownOf(ranges(f, c), gap, c, f.mode === 'surface' || f.mode === 'float'),
    sweepOf(speed, c),
  );
  const matches = [
    travelOf(gap, c),
    speedOf(speed, c),
    pauseOf(f, c),
    noiseMatch(f, c, NOISE_FLOOR.passing),
    foodOf(f, c),
    sizeOf(f, c),
    colourOf(f, c),
    warmthOf(f, c),
    lightOf(f, c),
    chopOf(f, c),
    distanceOf(f, r),
    coverOf(f, c),
    deflectionOf(f, c, depth),
  ];
  const why: Contribution[] = [
    {
      factor: 'zone',
      ln: Math.log(p.strikesPerZoneMinute * zone.zoneMinutesPerHour),
      facts: { minutes: zone.zoneMinutesPerHour, share: zone.share, depthM: depth },
    },
    {
      factor: 'noticed',
      ln: Math.log(noticed),
      facts: { sightM: c.sightM, chance: noticed, rattle: f.rattle, thump: f.thump },
    },
    ...contributionsOf(matches, c),
    ...afterStrike(f, c, zone.castsPerHour),
  ];
  return summed(why, { zone, workingDepthM: depth, speedMps: speed, noticed });
}
