/** Hard limits: a family that meets one is not ranked, and says why. */
import type { SpeciesProfile } from '../water/species';
import { rodFit, type RodSpec } from '../tackle/rod';
import type { Family } from '../lures/family';
import { HOOK_SNAG } from '../lures/hookSnag';
import { DEFAULT_SCHOOLS, type Schools } from './schools';
import type { ResolvedConditions } from '../water/resolve';

/** Why a lure is left out altogether. */
export const LIMITS = [
  'snags',
  'too-cold',
  'cannot-reach',
  'fish-too-deep',
  'too-big',
  'no-grip-in-current',
  'drowned',
  'no-rod',
  'not-through-ice',
  'only-ice',
  'not-above',
  'needs-boat',
] as const;
export type LimitCode = (typeof LIMITS)[number];

/** A kind that is left out, why, and the figures that show it (SI). */
export interface Exclusion {
  family: Family['id'];
  code: LimitCode;
  facts: Record<string, number | string>;
}

/** More than this chance of hanging up on a cast is not fishing. prior: judgement. */
const MAX_SNAG_CHANCE = 0.3;
/** Nothing rises further than this for a surface lure, in units of an aggressive fish's reach. */
const RISE_LIMIT = 2.5;
/** Current in which a lure of the family's heaviest weight no longer holds, m/s per √(kg): prior: judgement. */
const GRIP = 6;

const SNAGGY = {
  none: 0,
  pads: 1.3,
  'matted-grass': 1.4,
  'submerged-grass': 0.6,
  reeds: 0.8,
  wood: 1,
  brush: 1.2,
  dock: 0.15,
  rock: 0.2,
  oyster: 1,
} as const;

/** A bill that climbs over wood, for those who trust it: half the snags. prior: judgement. */
const TRUSTED_BILL = 0.5;
const inWood = (r: ResolvedConditions): boolean => r.cover.kind === 'wood' || r.cover.kind === 'brush';

/** Chance of a firm snag per cast, 0–1, on this cover, with the hook it is rigged with. */
export function coverSnagChance(f: Family, r: ResolvedConditions, schools: Schools = DEFAULT_SCHOOLS): number {
  const climbs =
    schools.trebles === 'trust-the-bill' && f.liftAreaM2 > 0 && f.hook === 'treble' && inWood(r) ? TRUSTED_BILL : 1;
  const atFull = climbs * (f.snag[r.cover.kind] ?? HOOK_SNAG[f.hook] * SNAGGY[r.cover.kind]);
  const touches = r.cover.kind === 'submerged-grass' && f.mode === 'surface' ? 0.1 : 1;
  return Math.min(0.95, atFull * r.cover.density * touches);
}

/** One stands above deep water here: a boat stops over it, a dock stands in it; stones slope away. */
const ABOVE_WATER: readonly ResolvedConditions['access'][] = ['bow', 'stern', 'kayak', 'dock'];
const IN_A_BOAT: readonly ResolvedConditions['access'][] = ['bow', 'stern', 'kayak'];
/** The least depth for what is towed, m. */
const TOW_DEPTH_M = 2.5;

const onIce = (r: ResolvedConditions): boolean => r.setting === 'ice' || r.access === 'ice';

/** Where one must stand for what is not cast. */
function standing(f: Family, r: ResolvedConditions): { code: LimitCode; facts: Exclusion['facts'] } | null {
  if (onIce(r)) return f.forIce ? null : { code: 'not-through-ice', facts: {} };
  if (f.forIce) return { code: 'only-ice', facts: {} };
  if (f.mode === 'vertical') {
    if (!ABOVE_WATER.includes(r.access)) return { code: 'not-above', facts: {} };
    if (r.depthM < f.depthM[0]) return { code: 'cannot-reach', facts: { depthM: r.depthM, needM: f.depthM[0] } };
  }
  if (f.mode === 'tow') {
    if (!IN_A_BOAT.includes(r.access)) return { code: 'needs-boat', facts: {} };
    if (r.depthM < TOW_DEPTH_M) return { code: 'cannot-reach', facts: { depthM: r.depthM, needM: TOW_DEPTH_M } };
  }
  return null;
}

/** Why a lure cannot be fished here; null when it can. */
export function findExclusion(
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  rods: readonly RodSpec[] | null,
  schools: Schools = DEFAULT_SCHOOLS,
): Exclusion | null {
  const no = (code: LimitCode, facts: Record<string, number | string> = {}): Exclusion => ({
    family: f.id,
    code,
    facts,
  });
  const place = standing(f, r);
  if (place) return no(place.code, place.facts);
  const snag = coverSnagChance(f, r, schools);
  if (
    snag > MAX_SNAG_CHANCE ||
    (schools.trebles === 'keep-away' && f.hook === 'treble' && inWood(r) && r.cover.density > 0.1)
  )
    return no('snags', { cover: r.cover.kind, chance: snag, hook: f.hook });
  if (f.tempC.neverBelow !== undefined && r.surfaceTempC < f.tempC.neverBelow)
    return no('too-cold', { tempC: r.surfaceTempC, needC: f.tempC.neverBelow });
  if (f.lengthM[0] > p.preyLengthM[2] * 1.05) return no('too-big', { lengthM: f.lengthM[0], mouthM: p.preyLengthM[2] });
  if (f.mode === 'surface') {
    if (r.setting === 'spillway') return no('drowned', { setting: r.setting });
    if (r.fishBandM[0] > RISE_LIMIT * p.reachM[4]) return no('fish-too-deep', { topM: r.fishBandM[0] });
  }
  if ((f.mode === 'swim' || f.mode === 'tow') && r.fishBandM[0] - f.depthM[1] > RISE_LIMIT * p.reachM[4])
    return no('cannot-reach', { topM: r.fishBandM[0], reachM: f.depthM[1] });
  if (r.depthM < f.depthM[0] * 0.8 && f.mode === 'swim' && !onIce(r))
    return no('cannot-reach', { depthM: r.depthM, needM: f.depthM[0] });
  if (f.mode === 'bottom' && r.currentMps > GRIP * Math.sqrt(f.weightKg[2]))
    return no('no-grip-in-current', { currentMps: r.currentMps });
  if (
    rods &&
    rods.length > 0 &&
    rods.every((rod) => rodFit(rod, f.weightKg[0]) === 'too-heavy' || rodFit(rod, f.weightKg[2]) === 'too-light')
  )
    return no('no-rod', {});
  return null;
}
