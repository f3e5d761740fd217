/** Hard limits: a family that meets one is not ranked, and says why. */
import type { Reading } from '../water/defaults';
import type { SpeciesProfile } from '../water/species';
import { rodFit, type RodSpec } from '../retrieve/tackle/rod';
import type { Family } from './family';

export const LIMITS = ['snags', 'too-cold', 'cannot-reach', 'fish-too-deep', 'too-big', 'no-grip-in-current', 'drowned', 'no-rod'] as const;
export type LimitCode = (typeof LIMITS)[number];

export interface Exclusion {
  family: Family['id'];
  code: LimitCode;
  facts: Record<string, number | string>;
}

/** More than this chance of hanging up on a cast is not fishing. prior: judgement. */
const WORST_SNAG = 0.3;
/** Nothing rises further than this for a surface lure, in units of an aggressive fish's reach. */
const RISE_LIMIT = 2.5;
/** Current in which a lure of the family's heaviest weight no longer holds, m/s per √(kg): prior: judgement. */
const GRIP = 6;

const DEFAULT_SNAG = { treble: 0.5, single: 0.28, weedless: 0.08 } as const;
const SNAGGY = {
  none: 0,
  pads: 1,
  'matted-grass': 1.4,
  'submerged-grass': 0.6,
  reeds: 0.8,
  wood: 0.8,
  brush: 1,
  dock: 0.15,
  rock: 0.2,
  oyster: 0.7,
} as const;

/** Chance of a firm snag per cast, 0–1, on this cover, with the hook it is rigged with. */
export function coverSnagChance(f: Family, r: Reading): number {
  const atFull = f.snag[r.cover.kind] ?? DEFAULT_SNAG[f.hook] * SNAGGY[r.cover.kind];
  const touches = r.cover.kind === 'submerged-grass' && f.mode === 'surface' ? 0.1 : 1;
  return Math.min(0.95, atFull * r.cover.density * touches);
}

export function findExclusion(f: Family, r: Reading, p: SpeciesProfile, rods: readonly RodSpec[] | null): Exclusion | null {
  const no = (code: LimitCode, facts: Record<string, number | string> = {}): Exclusion => ({ family: f.id, code, facts });
  const snag = coverSnagChance(f, r);
  if (snag > WORST_SNAG) return no('snags', { cover: r.cover.kind, chance: snag, hook: f.hook });
  if (f.tempC.neverBelow !== undefined && r.surfaceTempC < f.tempC.neverBelow)
    return no('too-cold', { tempC: r.surfaceTempC, needC: f.tempC.neverBelow });
  if (f.lengthM[0] > p.preyLengthM[2] * 1.05) return no('too-big', { lengthM: f.lengthM[0], mouthM: p.preyLengthM[2] });
  if (f.mode === 'surface') {
    if (r.setting === 'spillway') return no('drowned', { setting: r.setting });
    if (r.fishBandM[0] > RISE_LIMIT * p.reachM[4]) return no('fish-too-deep', { topM: r.fishBandM[0] });
  }
  if (f.mode === 'swim' && r.fishBandM[0] - f.depthM[1] > RISE_LIMIT * p.reachM[4])
    return no('cannot-reach', { topM: r.fishBandM[0], reachM: f.depthM[1] });
  if (r.depthM < f.depthM[0] * 0.8 && f.mode === 'swim') return no('cannot-reach', { depthM: r.depthM, needM: f.depthM[0] });
  if (f.mode === 'bottom' && r.currentMps > GRIP * Math.sqrt(f.weightKg[2])) return no('no-grip-in-current', { currentMps: r.currentMps });
  if (rods && rods.length > 0 && rods.every((rod) => rodFit(rod, f.weightKg[0]) === 'too-heavy' || rodFit(rod, f.weightKg[2]) === 'too-light'))
    return no('no-rod', {});
  return null;
}
