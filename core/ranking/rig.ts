/** How to make a lure up for this water: colour, trailer, size, hook, noise, peg. Gains are prior: judgement. */
import { clamp, lerp, logistic } from '../base/numbers';
import { surfaceLux } from '../water/light';
import type { SpeciesProfile } from '../water/species';
import { COLOURS, type Colour, type Family, type FamilyId, type Hook, type Noise, type Trailer } from '../lures/family';
import { withHook } from '../lures/hookSnag';
import { DEFAULT_SCHOOLS, type Schools } from './schools';
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
  // What is swum always moves its tail: as a baitfish among baitfish, else as what beats.
  if (f.mode === 'swim') return r.forage.some((x) => BAITFISH.has(x)) ? 'paddle' : 'flapping';
  return r.surfaceTempC > 17 && moodMean >= 1.1 ? 'flapping' : 'flat';
}

const NEEDS_WEEDLESS = new Set([
  'pads',
  'matted-grass',
  'submerged-grass',
  'reeds',
  'wood',
  'brush',
  'oyster',
  'dock',
  'rock',
]);

const hooked = new WeakMap<Family, Family>();
/** The lure as it is hooked for this cover: what is scored is what is tied on. */
export function asHooked(f: Family, r: ResolvedConditions): Family {
  if (chooseHook(f, r) === f.hook) return f;
  let other = hooked.get(f);
  if (!other) hooked.set(f, (other = withHook(f, chooseHook(f, r))));
  return other;
}

function chooseHook(f: Family, r: ResolvedConditions): Hook {
  // Over stones only what is worked down among them.
  const met = r.cover.kind !== 'rock' || f.mode === 'bottom' || f.mode === 'float';
  return f.weedlessToo && met && NEEDS_WEEDLESS.has(r.cover.kind) && r.cover.density >= 0.2 ? 'weedless' : f.hook;
}

function chooseNoise(f: Family, r: ResolvedConditions): Noise {
  if (f.thump >= 0.7 && f.thump >= f.rattle) return 'thump';
  const wantsNoise = r.clarityM < 0.7 || r.waveHeightM > 0.25 || surfaceLux(r.sunElevationDeg, r.cloud) < 20;
  if (f.rattle >= 0.5) return 'rattle';
  return f.rattle > 0.15 && wantsNoise && r.pressure !== 'high' ? 'rattle' : 'silent';
}

/** Branches thinner than this, m, part a free weight from its bait, however few they are. */
const THIN_M = 0.025;

/** Thin branches or a mat jam a free weight away from its bait; else free glides better. */
export function choosePeg(f: Family, r: ResolvedConditions, school: Schools['peg']): boolean | null {
  if (!f.sliding) return null;
  if (school === 'free') return false;
  const { kind, density, branchDiameterM } = r.cover;
  if (kind === 'matted-grass' || (kind === 'pads' && density > 0.6)) return true;
  return (kind === 'wood' || kind === 'brush') && density > 0 && branchDiameterM < THIN_M;
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
 * Length nearest the food, inside what the family comes in: the hatch when it is thin or normal, a size up when it is
 * thick.
 */
export function chooseSizeM(
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  schools: Schools = DEFAULT_SCHOOLS,
): number {
  const [lo, mid, hi] = f.lengthM;
  const wish = Math.sqrt(mid * p.preyLengthM[1]) * appetite(r, schools);
  return clamp(wish, lo, Math.min(hi, Math.max(lo, p.preyLengthM[2])));
}

/** Where one colour is trusted and no own lure says which. */
const TRUSTED_COLOUR: Colour = 'natural';

/** Size, colour, trailer, hook, noise and peg of a lure here, at the weight it comes in (see weights.ts). */
export function chooseRig(
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  moodMean: number,
  schools: Schools = DEFAULT_SCHOOLS,
): Rig {
  return {
    family: f.id,
    weightKg: f.weightKg[1],
    sizeM: chooseSizeM(f, r, p, schools),
    colour: f.colour ?? (schools.colour === 'one' ? TRUSTED_COLOUR : chooseColour(f, r)),
    trailer: chooseTrailer(f, r, moodMean),
    hook: chooseHook(f, r),
    noise: chooseNoise(f, r),
    peg: choosePeg(f, r, schools.peg),
  };
}
