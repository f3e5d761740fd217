/**
 * The water as the plans see it. While a plan is in hand (a lure was picked or cast, a change was made) it stands where
 * it was: time and the station move on without it until the angler has it planned anew. What he says himself counts at
 * once.
 */
import { useMemo, useState } from 'react';
import { contentHash } from '../../core/base/hash';
import type { Day } from '../../core/trip/day';
import type { Conditions } from '../../core/water/conditions';
import { planConditions } from './planFor';

export interface PlanWater {
  /** Null without a day. */
  conditions: Conditions | null;
  /** As it would be planned for now, where that has moved on. */
  movedTo: Conditions | null;
  planAnew: () => void;
}

interface Pin {
  said: string;
  conditions: Conditions;
}

/** What the angler said of this water, and which lure is in hand. */
const saidOf = ({ trip, water }: Day): string =>
  contentHash({
    trip: trip.id,
    species: trip.species,
    spot: trip.spotId,
    usual: water.usual,
    readings: trip.readings,
    signs: trip.signs.map(({ kind, count, lure }) => ({ kind, count, lure: lure ?? null })),
    lure: trip.lureId,
  });

export function usePlanWater(day: Day | null): PlanWater {
  const [pin, setPin] = useState<Pin | null>(null);
  const now = useMemo(() => day && planConditions(day), [day]);
  const said = useMemo(() => day && saidOf(day), [day]);
  const inHand = !!day && (day.trip.lureId !== null || Object.keys(day.trip.settings).length > 0);
  const same = useMemo(() => !!pin && !!now && contentHash(pin.conditions) === contentHash(now), [pin, now]);
  const holds = !!pin && pin.said === said && (inHand || same);
  if (!holds && now && said !== null) setPin({ said, conditions: now });
  if (!now && pin) setPin(null);
  const conditions = holds ? pin.conditions : now;
  const movedTo = holds && !same ? now : null;
  return useMemo(() => ({ conditions, movedTo, planAnew: () => setPin(null) }), [conditions, movedTo]);
}
