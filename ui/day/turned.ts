/** What a change of the readings did to the choice: kept until the next one, or another day. */
import { useEffect } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Ranking } from '../../core/ranking/rank';
import type { ResolvedConditions } from '../../core/water/resolve';

/** Readings that a person changes; the sun moves by itself. */
const WATCHED = ['windMps', 'surfaceTempC', 'currentMps', 'depthM', 'clarityM', 'fishDepthM'] as const;

/** The choice before and after, by key, and the readings of both. */
export interface Turned {
  then: ResolvedConditions;
  now: ResolvedConditions;
  before: string;
  after: string;
}

interface Seen {
  tripId: string | null;
  reading: ResolvedConditions | null;
  first: string | null;
  turned: Turned | null;
}
const NOTHING: Seen = { tripId: null, reading: null, first: null, turned: null };
const seen = createStore<Seen>(() => NOTHING);

/** What is known after one more ranking. */
export function afterRanking(s: Seen, tripId: string, { reading, plan }: Pick<Ranking, 'reading' | 'plan'>): Seen {
  const first = plan?.start ?? null;
  if (s.tripId !== tripId || !s.reading || s.reading.species !== reading.species)
    return { tripId, reading, first, turned: null };
  const moved = WATCHED.some((k) => s.reading![k] !== reading[k]);
  if (moved && s.first && first)
    return { tripId, reading, first, turned: { then: s.reading, now: reading, before: s.first, after: first } };
  // The same water, better known: what was planned since may put another first.
  return { tripId, reading, first, turned: s.turned && first ? { ...s.turned, after: first } : s.turned };
}

/** Watches the rankings of the day. */
export function useWatchTurns(tripId: string | null, ranking: Ranking | null): void {
  useEffect(() => {
    seen.setState((s) => (tripId && ranking ? afterRanking(s, tripId, ranking) : tripId ? s : NOTHING));
  }, [tripId, ranking]);
}

export const useTurned = (): Turned | null => useStore(seen, (s) => s.turned);
