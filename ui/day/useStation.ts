/**
 * The station of today's water: asks when its last good report has grown old, keeps what is good, says what went wrong.
 */
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { put, type Book } from '../../core/records';
import type { Preferences } from '../../core/records/preferences';
import type { StationReport } from '../../core/stations/report';
import { reportFor, type Day } from '../../core/trip/day';
import { queryKeys } from '../../data/keys';
import { askStation, StationFailed, type StationProblem } from '../../data/stationFeed';
import { reportTrouble } from '../../data/troubles';
import type { Committer } from '../../data/useBook';

export interface StationState {
  name: string | null;
  report: StationReport | null;
  via: 'server' | 'device' | null;
  /** How old the last good report is, ms. */
  ageMs: number | null;
  asking: boolean;
  /** Waited for longer than one likes to. */
  slow: boolean;
  problem: StationProblem | null;
  ask: () => void;
}

const HOUR_MS = 3_600_000;
const SLOW_AFTER_MS = 1500;

export function useStation(
  book: Pick<Book, 'stationReport'>,
  day: Day | null,
  prefs: Preferences,
  nowMs: number,
  { commit }: Committer,
): StationState {
  const id = day?.water.station ?? null;
  const stored = day ? reportFor(book, day.water) : null;
  const ageMs = stored ? nowMs - Date.parse(stored.report.issuedAt) : null;
  // A new report comes out every hour; with a fault switched on it is asked at once, so that it can be seen.
  const due = id !== null && (ageMs === null || ageMs >= HOUR_MS || ageMs < 0 || prefs.stationFault !== 'none');
  const hour = Math.floor(nowMs / HOUR_MS);
  const query = useQuery({
    queryKey: queryKeys.station(id ?? 'none', hour, prefs.stationFault),
    queryFn: async ({ signal }) => {
      const feed = await askStation(id!, nowMs, prefs.stationFault, signal);
      // What was good stays: an older report never takes the place of a newer one.
      await commit((b) => {
        const old = b.stationReport[id!];
        if (old && Date.parse(old.report.issuedAt) >= Date.parse(feed.report.issuedAt)) return [];
        return [put('stationReport', { id: id!, receivedAtMs: nowMs, via: feed.via, report: feed.report })];
      });
      return feed.report.issuedAt;
    },
    enabled: due,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const asking = query.isFetching;
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!asking) return;
    const t = setTimeout(() => setSlow(true), SLOW_AFTER_MS);
    return () => {
      clearTimeout(t);
      setSlow(false);
    };
  }, [asking]);
  const { error, refetch } = query;
  useEffect(() => {
    if (error) reportTrouble('station', error);
  }, [error]);
  const problem = error && !asking ? (error instanceof StationFailed ? error.problem : 'out-of-order') : null;
  const late = asking && slow;
  return useMemo(
    () => ({
      name: stored?.report.name ?? null,
      report: stored?.report ?? null,
      via: stored?.via ?? null,
      ageMs,
      asking,
      slow: late,
      problem,
      ask: () => void refetch(),
    }),
    [stored?.report, stored?.via, ageMs, asking, late, problem, refetch],
  );
}
