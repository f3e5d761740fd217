/** What a plan is made for: the water without what time and the log alone change, and what was measured. */
import { measuredOf } from '../../core/records/measured';
import { measurementsOf } from '../../core/records';
import type { Measured } from '../../core/planning/calibrate/known';
import type { PlanRequest } from '../../core/planning/task/request';
import type { Lure } from '../../core/records/lure';
import type { Day } from '../../core/trip/day';
import type { Conditions } from '../../core/water/conditions';
import type { BookWithoutLog } from './useBookWithoutLog';

/** A plan is worked out anew only when the sun has moved this far, or a sign has aged this much. */
const SUN_STEP_DEG = 5;
const SIGN_STEP_MIN = 30;
const toNearest = (v: number, step: number): number => Math.round(v / step) * step;

/**
 * What the log says moves the ranking, but not the plan in hand: it must not shift between two casts, nor with every
 * degree of the sun.
 */
export function planConditions({ conditions }: Day): Conditions {
  const { sky, signs } = conditions;
  return {
    ...conditions,
    sky: { ...sky, sunElevationDeg: toNearest(sky?.sunElevationDeg ?? 0, SUN_STEP_DEG) },
    signs: (signs ?? []).map((s) => ({ ...s, minutesAgo: toNearest(s.minutesAgo ?? 0, SIGN_STEP_MIN) })),
  };
}

export const measuredFor = (
  book: Pick<BookWithoutLog, 'calibration' | 'tombstone'>,
  lureId: string,
  reelId: string,
): Measured | null => measuredOf(measurementsOf(book, lureId), measurementsOf(book, reelId));

/**
 * A lure as a plan is asked about it. A bare body gets the weight that the ranking chose, and the hook that the cover
 * asks for.
 */
export const askedLure = (lure: Lure, chosenKg?: number): PlanRequest['lure'] => ({
  id: lure.id,
  family: lure.family,
  name: lure.name,
  lengthM: lure.lengthM,
  ...(lure.bare ? { weightKg: chosenKg } : { weightKg: lure.weightKg, hook: lure.hook }),
});
