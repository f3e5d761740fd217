/**
 * From the end of the fight to the fish swimming off: what the hands do, in order, by fish, water and hook. Usual
 * practice for release; law and licensed advice come first.
 */
import type { ResolvedConditions } from '../water/resolve';
import type { SpeciesProfile } from '../water/species/profile';

/** One thing to do, or to mind. */
export const LANDING_STEPS = [
  'tire-quickly',
  'up-the-hole',
  'with-a-wave',
  'soft-net',
  'net-soft-mouth',
  'two-hands',
  'rolling-grip',
  'pliers-teeth',
  'fold-spines',
  'no-gills',
  'jaw',
  'trebles',
  'single',
  'bed',
  'wet-hands',
  'warm-water',
  'from-depth',
  'frozen-gills',
  'measure',
  'face-current',
  'hold-upright',
  'law',
] as const;
export type LandingStep = (typeof LANDING_STEPS)[number];

/** So far above its best temperature, °C, a fish has little breath to spare. prior: judgement. */
const WARM_ABOVE_C = 3;
/** From here down, m, the gas in a fish that cannot let it go doubles as it comes up (ten metres: one atmosphere). */
const DEEP_M = 9;
/** A current that helps a tired fish to breathe, m/s. prior: judgement. */
const BREATHES_MPS = 0.15;

export interface LandingAsked {
  species: SpeciesProfile;
  reading: ResolvedConditions;
  trebles: boolean;
}

/** The steps in the order they are taken; every list ends with letting it go and the law. */
export function landingSteps({ species: p, reading: r, trebles }: LandingAsked): LandingStep[] {
  const has = (h: SpeciesProfile['handling'][number]): boolean => p.handling.includes(h);
  const ice = r.setting === 'ice';
  const out: LandingStep[] = ['tire-quickly'];
  if (ice) out.push('up-the-hole');
  else if (r.access === 'surf' || r.access === 'jetty') out.push('with-a-wave');
  else out.push(p.softMouth ? 'net-soft-mouth' : 'soft-net');
  out.push('wet-hands');
  if (has('rolls')) out.push('rolling-grip');
  if (p.teeth === 'sharp' || p.teeth === 'cutting') out.push('pliers-teeth');
  if (has('spines')) out.push('fold-spines');
  if (has('gill-plates')) out.push('no-gills');
  if (has('heavy')) out.push('two-hands');
  else if ((p.teeth === 'none' || p.teeth === 'rasp') && !p.softMouth && !has('gill-plates')) out.push('jaw');
  out.push(trebles ? 'trebles' : 'single');
  if (r.behaviour === 'guarding') out.push('bed');
  if (r.surfaceTempC > p.toptC + WARM_ABOVE_C) out.push('warm-water');
  if (has('from-depth') && r.fishDepthM >= DEEP_M) out.push('from-depth');
  if (ice) out.push('frozen-gills');
  out.push('measure', r.currentMps >= BREATHES_MPS ? 'face-current' : 'hold-upright', 'law');
  return out;
}
