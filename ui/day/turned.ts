/** What a change of the readings did to the choice: kept until the next one, or another day. */
import { useEffect } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Ranking } from '../../core/ranking/rank';
import type { ResolvedConditions } from '../../core/water/resolve';
import { realNowMs } from '../platform/clock';

/** Readings that a person changes (the sun moves by itself), and what is a change of them: SI, or a share. */
const WATCHED = {
  windMps: { by: 0.3, share: 0 },
  surfaceTempC: { by: 0.3, share: 0 },
  currentMps: { by: 0.05, share: 0 },
  depthM: { by: 0, share: 0.03 },
  clarityM: { by: 0, share: 0.03 },
  fishDepthM: { by: 0, share: 0.03 },
} as const;
const WATCHED_KEYS = Object.keys(WATCHED) as (keyof typeof WATCHED)[];

const hasMoved = (a: ResolvedConditions, b: ResolvedConditions): boolean =>
  WATCHED_KEYS.some((k) => Math.abs(a[k] - b[k]) > WATCHED[k].by + WATCHED[k].share * Math.max(a[k], b[k]) + 1e-9);

/** Steps within so long of each other are one change. */
const ONE_CHANGE_MS = 60_000;

/** The choice before and after, by key, and the readings of both. */
export interface Turned {
  then: ResolvedConditions;
  now: ResolvedConditions;
  before: string;
  after: string;
  atMs: number;
}

interface Seen {
  tripId: string | null;
  reading: ResolvedConditions | null;
  first: string | null;
  turned: Turned | null;
}
const NOTHING: Seen = { tripId: null, reading: null, first: null, turned: null };
const seen = createStore<Seen>(() => NOTHING);

/** What is known after one more ranking, asked at `atMs`. */
export function afterRanking(s: Seen, tripId: string, r: Pick<Ranking, 'reading' | 'plan'>, atMs: number): Seen {
  const { reading } = r;
  const first = r.plan?.start ?? null;
  if (s.tripId !== tripId || !s.reading || s.reading.species !== reading.species)
    return { tripId, reading, first, turned: null };
  if (!first || !s.first) return { ...s, reading, first };
  // The same water, better known: what was planned since may put another first.
  if (!hasMoved(s.reading, reading)) return { ...s, first, turned: s.turned && { ...s.turned, after: first } };
  const goesOn = s.turned && atMs - s.turned.atMs < ONE_CHANGE_MS ? s.turned : null;
  const turned = {
    then: goesOn?.then ?? s.reading,
    before: goesOn?.before ?? s.first,
    now: reading,
    after: first,
    atMs,
  };
  return { tripId, reading, first, turned };
}

/** Watches the rankings of the day. */
export function useWatchTurns(tripId: string | null, ranking: Ranking | null): void {
  useEffect(() => {
    seen.setState((s) => (!tripId ? NOTHING : ranking ? afterRanking(s, tripId, ranking, realNowMs()) : s));
  }, [tripId, ranking]);
}

export const useTurned = (): Turned | null => useStore(seen, (s) => s.turned);
