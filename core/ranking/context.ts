/** What the readings mean for every lure alike; computed once per reading. */
import { chanceFull, chanceIgnoring } from '../mood/full';
import { overMoods, type MoodDistribution } from '../mood/states';
import { clamp } from '../base/numbers';
import { thermalComfort } from '../water/comfort';
import { computeHolding } from '../water/holding';
import { luxAtDepth, sightingRangeM } from '../water/light';
import { chopDamp } from '../water/senses';
import type { SpeciesProfile } from '../water/species';
import { isPanfish } from './pull';
import { DEFAULT_SCHOOLS, type Schools } from './schools';
import type { ResolvedConditions } from '../water/resolve';

/** What the angler adds to the water: line, and the schools followed. */
export interface ContextOptions {
  /** Thickness of the line in use, m; absent: what each kind is usually thrown on. */
  lineDiameterM?: number;
  schools?: Schools;
}

/**
 * Fish come further for what they have watched coming: the species' own reach holds at this clarity, m. prior:
 * judgement.
 */
const USUAL_CLARITY_M = 1.2;
const clearer = (clarityM: number): number => clamp((clarityM / USUAL_CLARITY_M) ** 0.4, 0.75, 1.6);

/** Chance that only an extreme will do, slow or fast, and which by the school: full fish, and those that ignore all. */
function extremeOf(
  r: ResolvedConditions,
  p: SpeciesProfile,
  schools: Schools,
): { chance: number; way: Schools['full'] } {
  const full = chanceFull(r, p);
  const ignoring = schools.ignored === 'by-mood' ? 0 : chanceIgnoring(r);
  return ignoring > full
    ? { chance: ignoring, way: schools.ignored === 'reaction' ? 'fast' : 'slow' }
    : { chance: full, way: schools.full };
}

/** Small mouths like less of a stir: most days the plain tail, not the one that beats. prior: judgement. */
const SMALL_MOUTHS = -0.2;

/** What the readings mean for every lure alike, in one mood. */
export function readContext(
  r: ResolvedConditions,
  p: SpeciesProfile,
  mood: MoodDistribution,
  options: ContextOptions = {},
) {
  const holding = computeHolding(r);
  const reach = clearer(r.clarityM);
  const luxAtFish = luxAtDepth(holding.lux, r.clarityM, r.fishDepthM);
  return {
    r,
    p,
    mood,
    lineDiameterM: options.lineDiameterM,
    schools: options.schools ?? DEFAULT_SCHOOLS,
    holding,
    luxAtFish,
    sightM: sightingRangeM(r.clarityM, luxAtFish),
    /** How far up or down fish of each mood go for a lure here, m: in clear water from further, in murk hardly. */
    reachM: (mood: number): number => p.reachM[mood]! * reach,
    comfort: thermalComfort(p, r.surfaceTempC),
    chopDamp: chopDamp(r),
    /** Clear, calm, pressured → quieter; murky, choppy → louder. */
    noiseShift:
      0.22 * Math.log(1.2 / r.clarityM) * 0.6 +
      0.35 * Math.min(r.waveHeightM, 0.8) +
      (isPanfish(p) ? SMALL_MOUTHS : 0) +
      (r.pressure === 'high' ? -0.25 : r.pressure === 'low' ? 0.06 : 0) +
      // A school at the top strikes at the splashes of its own prey.
      (r.behaviour === 'surface-schooling' ? 0.12 : 0),
    extreme: extremeOf(r, p, options.schools ?? DEFAULT_SCHOOLS),
    decadesBelowDay: clamp(4.4 - Math.log10(Math.max(holding.lux, 1e-3)), 0, 4),
  };
}
/** All that scoring asks of the water and the fish, worked out once for all lures. */
export type ReadContext = ReturnType<typeof readContext>;

/** Fish that see lures every day look longer and follow slower. prior: judgement. */
const WARY_CHASE = 0.75;

/** Speed at which fish of a mood run something down, m/s: the cold takes up to two thirds of it. */
export const chaseMps = (c: ReadContext, mood: number): number =>
  c.p.chaseMps[mood]! * (0.35 + 0.65 * c.comfort) * (c.r.pressure === 'high' ? WARY_CHASE : 1);
/** Speed that fish of this mood run down on average, m/s. */
export const meanChaseMps = (c: ReadContext): number => overMoods(c.mood, (m) => chaseMps(c, m));

/** Vertical distance from the lure to the nearest fish of the band, m. */
export const gapM = (depthM: number, band: readonly [number, number]): number =>
  Math.max(0, band[0] - depthM, depthM - band[1]);
