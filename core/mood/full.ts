/**
 * Full fish: warm, stable water thick with bait. They do not move far, and the middle fails: either very slow and
 * natural and long among them, or very fast and loud right through their faces. `prior: judgement`.
 */
import { clamp, logistic } from '../base/numbers';
import { thermalComfort } from '../water/comfort';
import type { SpeciesProfile } from '../water/species';
import { temperedCount } from './signs';
import type { SignKind } from '../water/terms';
import type { ResolvedConditions } from '../water/resolve';

/** Odds of a sign among full fish against hungry ones; no bite speaks for full fish. */
const ODDS: Partial<Record<SignKind, number>> = {
  'marks-ignore-lure': 2.2,
  follow: 1.4,
  'marks-rise': 0.4,
  'hit-at-once': 0.35,
  'school-fires': 0.3,
  'chase-miss': 0.6,
};

/** Chance of full fish where bait is thick and all else speaks for it. */
const MAX_CHANCE = 0.75;
/** From this chance on it is said, and fished for. */
export const FULL_ENOUGH = 0.4;

/** Marks that let the lure pass within this, minutes, are ignoring it now. */
const IGNORED_WITHIN_MIN = 60;
/** After so many it is as likely as not that they ignore everything of the usual kind. prior: judgement. */
const HALF_SURE = 3;

/** Chance that fish seen on the screen ignore whatever is shown them as usual, 0–0.75. */
export function chanceIgnoring(r: Pick<ResolvedConditions, 'signs' | 'behaviour'>): number {
  if (r.behaviour === 'guarding') return 0;
  const n = r.signs
    .filter((s) => s.kind === 'marks-ignore-lure' && (s.minutesAgo ?? 0) < IGNORED_WITHIN_MIN)
    .reduce((sum, s) => sum + s.count, 0);
  return Math.min(MAX_CHANCE, n / (n + HALF_SURE));
}

/** Chance that the fish are full, 0–1. Nothing unless bait was read as thick. */
export function chanceFull(r: ResolvedConditions, p: SpeciesProfile): number {
  if (r.forageAbundance !== 'thick' || r.behaviour === 'guarding') return 0;
  const comfortable = logistic(thermalComfort(p, r.surfaceTempC), 0.6, 0.08);
  const stable = (1 - logistic(Math.abs(r.tempChange3dC), 1.6, 0.4)) * (r.front === 'none' ? 1 : 0.4);
  let odds = (MAX_CHANCE * comfortable * stable) / (1 - MAX_CHANCE * comfortable * stable);
  for (const s of r.signs) odds *= (ODDS[s.kind] ?? 1) ** (temperedCount(s.count) * 0.5 ** ((s.minutesAgo ?? 0) / 90));
  return clamp(odds / (1 + odds), 0, 0.95);
}
