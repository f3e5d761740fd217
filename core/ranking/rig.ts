/**
 * How to rig a family for this water: weight, colour, trailer, size, hook, noise, peg.
 * Weight: the lightest that reaches and holds, against a fall slow enough for the cold. Gains are prior: judgement.
 */
import { clamp, lerp, logistic } from '../base/numbers';
import { freeSink } from '../simulation/sink';
import { surfaceLux } from '../water/light';
import type { SpeciesProfile } from '../water/species';
import { COLOURS, type Colour, type Family, type FamilyId, type Hook, type Noise, type Trailer } from '../lures/family';
import { lurePhysics } from '../lures/physics';
import { DEFAULT_SCHOOLS, type Schools } from './schools';
import { FRESH_KG_M3 } from '../water/fluid';
import type { ResolvedConditions } from '../water/resolve';

/** How a lure is made up: weight, kg; length, m; colour, trailer, hook, noise; peg: null where there is none to set. */
export interface Rig {
  family: FamilyId;
  weightKg: number;
  sizeM: number;
  colour: Colour;
  trailer: Trailer;
  hook: Hook;
  noise: Noise;
  peg: boolean | null;
}

/** Weights sold, kg (1/32 … 3 oz). */
export const SOLD_KG = [0.9, 1.8, 2.7, 3.5, 5.3, 7.1, 8.9, 10.6, 14.2, 17.7, 21.3, 28.3, 42.5, 56.7, 85].map(
  (g) => g / 1000,
);

/** Fall the fish wants to see, m/s: slow in the cold, faster as water and mood warm. */
export const wantedFallMps = (tempC: number, moodMean: number): number =>
  0.24 + 0.42 * logistic(tempC, 15, 2.5) + 0.04 * moodMean;

/** Lightest weight, kg, that keeps bottom or depth: deeper, stronger current and wind ask for more. */
export function holdingWeightKg(f: Family, r: ResolvedConditions): number {
  const depth = f.mode === 'bottom' ? r.depthM : Math.min(r.fishDepthM, f.depthM[1]);
  // The current pulls at all the line that hangs in it: in shallow water at little.
  const drive = (r.currentMps ** 2 * 0.073 * depth) / (depth + 2) + Math.max(0, r.windMps - 4) * 0.0006;
  const through =
    f.mode === 'bottom' && (r.cover.kind === 'matted-grass' || r.cover.kind === 'pads') ? 0.014 * r.cover.density : 0;
  return Math.max(0.0012 * depth * (f.weightKg[1] / 0.0106) + drive, through);
}

/** Share of the usual fall and weight that is wanted over grass tops. prior: judgement. */
const OVER_GRASS = { fall: 0.7, weight: 0.75 } as const;

/** Less than this is a floater, a suspender, or runs just below the top. */
const SINKER_GRAVITY = 1.05;
const hardlySinks = (f: Family): boolean =>
  f.mode === 'surface' || (f.build.kind === 'piece' && f.build.gravity < SINKER_GRAVITY);

/** The weight to tie on, kg, one that is sold. */
export function chooseWeightKg(f: Family, r: ResolvedConditions, moodMean: number): number {
  const [lo, , hi] = f.weightKg;
  const inRange = SOLD_KG.filter((w) => w >= lo * 0.95 && w <= hi * 1.05);
  const weights = inRange.length > 0 ? inRange : [f.weightKg[1]];
  const need = Math.min(holdingWeightKg(f, r), weights[weights.length - 1]!);
  const usable = weights.filter((w) => w >= need * 0.999);
  if (hardlySinks(f)) {
    return weights.reduce((a, b) => (Math.abs(b - f.weightKg[1]) < Math.abs(a - f.weightKg[1]) ? b : a));
  }
  // What swims over grass must stay above its tops: lighter, and slower to fall.
  const overGrass = f.mode === 'swim' && r.cover.kind === 'submerged-grass' ? Math.min(1, r.cover.density / 0.3) : 0;
  const wanted = wantedFallMps(r.surfaceTempC, moodMean) * lerp(1, OVER_GRASS.fall, overGrass);
  // Cold: lighter than the usual middle; warm: heavier.
  const usual =
    f.weightKg[1] * (0.75 + 0.6 * logistic(r.surfaceTempC, 15, 2.5)) * lerp(1, OVER_GRASS.weight, overGrass);
  const miss = (w: number): number => {
    const s = freeSink(lurePhysics(f, w), FRESH_KG_M3);
    return s ? Math.abs(Math.log(s.terminalMps / wanted)) + 0.35 * Math.abs(Math.log(w / usual)) : 9;
  };
  return usable.reduce((a, b) => (miss(b) < miss(a) ? b : a));
}

/** What passes for a crawfish this well is given its colour where no baitfish are about. */
const ALSO_CRAW = 0.4;
const BAITFISH = new Set(['shad', 'mullet', 'menhaden', 'silverside']);

/** How much each colour is wanted, adding up to 1: one passes into the next without a jump. */
export function colourWishes(f: Family, r: ResolvedConditions): Record<Colour, number> {
  const lux = Math.log10(Math.max(1e-3, surfaceLux(r.sunElevationDeg, r.cloud)));
  const fishLike = (f.shapes['slender-fish'] ?? 0) >= 0.7 || (f.shapes['deep-fish'] ?? 0) >= 0.7;
  const asked: readonly (readonly [Colour, number])[] = [
    ['dark', 1 - logistic(r.clarityM, 0.5, 0.04) * logistic(lux, Math.log10(5), 0.08)],
    [
      'craw',
      r.forage.includes('crawfish') && (f.shapes.craw ?? 0) >= (r.forage.some((x) => BAITFISH.has(x)) ? 1 : ALSO_CRAW)
        ? 1
        : 0,
    ],
    ['flash', f.flash >= 0.6 ? logistic(lux, Math.log10(20_000), 0.04) * logistic(r.clarityM, 0.8, 0.05) : 0],
    ['white', fishLike && r.forage.some((x) => BAITFISH.has(x)) ? 1 : 0],
    ['opaque', fishLike ? logistic(r.cloud, 0.75, 0.03) : 0],
    ['natural', 1],
  ];
  const wishes: Record<Colour, number> = { natural: 0, dark: 0, white: 0, craw: 0, flash: 0, opaque: 0 };
  let left = 1;
  for (const [colour, share] of asked) {
    wishes[colour] = left * share;
    left -= wishes[colour];
  }
  return wishes;
}

/** The colour for light, clarity and food, by the school. */
export function chooseColour(f: Family, r: ResolvedConditions): Colour {
  const wishes = colourWishes(f, r);
  return COLOURS.reduce((a, b) => (wishes[b] > wishes[a] ? b : a));
}

function chooseTrailer(f: Family, r: ResolvedConditions, moodMean: number): Trailer {
  if (f.id === 'panfish-jig-action') return 'curl';
  if (f.id === 'paddletail') return 'paddle';
  if (!f.trailers) return 'none';
  if (r.surfaceTempC < 12 || moodMean < 1.1) return 'flat';
  if (f.mode === 'swim') return r.surfaceTempC > 18 ? 'flapping' : 'paddle';
  return r.surfaceTempC > 17 ? 'flapping' : 'flat';
}

const NEEDS_WEEDLESS = new Set(['pads', 'matted-grass', 'submerged-grass', 'reeds', 'wood', 'brush', 'oyster']);

function chooseHook(f: Family, r: ResolvedConditions): Hook {
  return f.weedlessToo && NEEDS_WEEDLESS.has(r.cover.kind) && r.cover.density >= 0.2 ? 'weedless' : f.hook;
}

function chooseNoise(f: Family, r: ResolvedConditions): Noise {
  if (f.thump >= 0.7 && f.thump >= f.rattle) return 'thump';
  const wantsNoise = r.clarityM < 0.7 || r.waveHeightM > 0.25 || surfaceLux(r.sunElevationDeg, r.cloud) < 20;
  if (f.rattle >= 0.5) return 'rattle';
  return f.rattle > 0.15 && wantsNoise && r.pressure !== 'high' ? 'rattle' : 'silent';
}

/** Thin branches or a mat jam a free weight away from its bait; else free glides better. */
export function choosePeg(f: Family, r: ResolvedConditions, school: Schools['peg']): boolean | null {
  if (!f.sliding) return null;
  if (school === 'free') return false;
  const { kind, density, branchDiameterM } = r.cover;
  if (kind === 'matted-grass' || (kind === 'pads' && density > 0.6)) return true;
  return (kind === 'wood' || kind === 'brush') && density >= 0.3 && branchDiameterM < 0.025;
}

/**
 * In the cold fish want a smaller mouthful; a size up when food is thick, a size down when it is scarce, unless the
 * school matches it exactly. prior: judgement.
 */
function appetite(r: ResolvedConditions, schools: Schools): number {
  const food =
    schools.hatch === 'exact' ? 1 : r.forageAbundance === 'thick' ? 1.2 : r.forageAbundance === 'scarce' ? 0.9 : 1;
  return food * lerp(0.85, 1, logistic(r.surfaceTempC, 8, 1));
}

/** The mouthful they like best here, m. */
export const favouriteSizeM = (r: ResolvedConditions, p: SpeciesProfile, schools: Schools = DEFAULT_SCHOOLS): number =>
  p.preyLengthM[1] * appetite(r, schools);

/**
 * A sinker of one piece is no shorter than one of the weight that is needed here: like shapes grow with the cube root
 * of the weight. Others carry their weight in a head of its own.
 */
const neededLengthM = (f: Family, r: ResolvedConditions): number =>
  f.build.kind === 'piece' && !hardlySinks(f) ? f.lengthM[1] * Math.cbrt(holdingWeightKg(f, r) / f.weightKg[1]) : 0;

/**
 * Length nearest the food, inside what the family comes in: the hatch when it is thin or normal, a size up when it is
 * thick; and of one piece with its weight.
 */
export function chooseSizeM(
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  schools: Schools = DEFAULT_SCHOOLS,
): number {
  const [lo, mid, hi] = f.lengthM;
  const wish = Math.sqrt(mid * p.preyLengthM[1]) * appetite(r, schools);
  const fitting = clamp(wish, lo, Math.min(hi, Math.max(lo, p.preyLengthM[2])));
  return Math.min(hi, Math.max(fitting, neededLengthM(f, r)));
}

/** Where one colour is trusted and no own lure says which. */
const TRUSTED_COLOUR: Colour = 'natural';

/** Weight, size, colour, trailer, hook, noise and peg of a family here. */
export function chooseRig(
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  moodMean: number,
  schools: Schools = DEFAULT_SCHOOLS,
): Rig {
  return {
    family: f.id,
    weightKg: chooseWeightKg(f, r, moodMean),
    sizeM: chooseSizeM(f, r, p, schools),
    colour: f.colour ?? (schools.colour === 'one' ? TRUSTED_COLOUR : chooseColour(f, r)),
    trailer: chooseTrailer(f, r, moodMean),
    hook: chooseHook(f, r),
    noise: chooseNoise(f, r),
    peg: choosePeg(f, r, schools.peg),
  };
}
