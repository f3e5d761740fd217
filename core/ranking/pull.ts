/** How strong a line fish and cover ask for. prior: judgement, from what is common practice. */
import type { SpeciesProfile } from '../water/species';
import type { ResolvedConditions } from '../water/resolve';

/** Line that fish of this kind ask for in open water, lb; hard pullers more. */
const OPEN_LB: Record<SpeciesProfile['teeth'], number> = { none: 8, rasp: 8, sharp: 8, cutting: 15 };
const HEAVY_LB = 20;
/** Cover that fish must be pulled out of multiplies it. */
const COVER_PULLS: Partial<Record<ResolvedConditions['cover']['kind'], number>> = {
  pads: 3,
  'matted-grass': 4,
  'submerged-grass': 1.6,
  reeds: 2.2,
  wood: 2,
  brush: 2.2,
  dock: 1.8,
  rock: 1.3,
  oyster: 1.8,
};
const PANFISH_LB = 4;
const PANFISH_PREY_M = 0.05;
/** Strongest line that is ever asked for, lb. */
const MAX_LB = 80;

/** Panfish: they eat what is small, and their mouths are. */
export const isPanfish = (p: SpeciesProfile): boolean => p.preyLengthM[1] < PANFISH_PREY_M;

/** Thrown far, over stones or sand: a third more. */
export const isFar = (r: ResolvedConditions): boolean => r.setting === 'jetty' || r.setting === 'surf';

/** Weakest class that suits fish and cover, lb, 2–80. */
export function neededLb(p: SpeciesProfile, r: ResolvedConditions): number {
  const open = isPanfish(p) ? PANFISH_LB : p.handling.includes('heavy') ? HEAVY_LB : OPEN_LB[p.teeth];
  const pull = 1 + ((COVER_PULLS[r.cover.kind] ?? 1) - 1) * r.cover.density;
  return Math.min(MAX_LB, open * pull * (isFar(r) ? 1.3 : 1));
}

/** Whether these fish cut a line that is no wire. */
export const wireNeeded = (p: SpeciesProfile): boolean => p.teeth === 'cutting';
