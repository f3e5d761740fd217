/** The day ahead at this water: asked of the almanac's worker when what it depends on has changed. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import type { DayQuestion } from '../../core/forecast/line';
import { restList, type RestingSpot } from '../../core/forecast/rest';
import type { Candidate } from '../../core/forecast/spots';
import { inUse, standing, type Book } from '../../core/records';
import { reportFor, tideFor } from '../../core/trip/day';
import { TOO_OLD_MS } from '../../core/stations/reading';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { dateText } from '../../wording/time';
import { useDay, type DayContextValue } from '../day/DayProvider';
import type { Spot } from '../../core/records/spot';
import type { Access } from '../../core/water/terms';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const QUARTER_MS = HOUR_MS / 4;
/** ln-worth of a moon period to those who plan by them. prior: judgement. */
const MOON_GAIN = 0.15;
/** Between spots, m/s. */
const TRAVEL_MPS: Record<Access, number> = { bow: 6, stern: 6, kayak: 1.3, bank: 1.2, dock: 1.2, wade: 0.6, jetty: 0.9, surf: 1.1, ice: 1 };

export function spotsOf(book: Book, waterId: string): Spot[] {
  return inUse(book.spot).filter((s) => s.waterId === waterId);
}

/** Spots of today's trip that rest after a touch. */
export function useRestList(): RestingSpot[] {
  const { book, day, mood, nowMs } = useDay();
  return useMemo(() => {
    if (!day || !mood) return [];
    const spotOf = new Map(
      Object.values(book.block)
        .filter((b) => b.tripId === day.trip.id)
        .map((b) => [b.id, b.spotId]),
    );
    const mine = <T extends { blockId: string }>(all: T[]) => all.filter((x) => spotOf.has(x.blockId));
    const touches = mine(standing(book, 'event')).map((e) => ({ spotId: spotOf.get(e.blockId)!, kind: e.kind, atMs: e.atMs }));
    const casts = mine(standing(book, 'cast')).map((c) => ({ spotId: spotOf.get(c.blockId)!, atMs: c.atMs }));
    return restList(touches, casts, mood.mean, nowMs);
  }, [book, day, mood, nowMs]);
}

function questionFor({ book, day, reading, schools, nowMs }: DayContextValue, daysAhead: number): DayQuestion | null {
  if (!day || !reading) return null;
  const { water } = day;
  const stored = reportFor(book, water);
  const fresh = stored && nowMs - Date.parse(stored.report.issuedAt) < TOO_OLD_MS;
  const read = day.sources.get('sky.cloud') === 'read';
  const then = nowMs + daysAhead * DAY_MS;
  // The forecast's cloud, unless the sky was read; the water's daily wave about what was read, from the station's last days.
  const hours = fresh && !(read && daysAhead === 0) ? stored.report.hours.map((h) => [Date.parse(h.time), h.cloud] as const) : [];
  const waterC = fresh
    ? dailyWave(
        stored.report.waterTemps.map((x) => [Date.parse(x.time), x.tempC] as const),
        reading.surfaceTempC,
        nowMs,
        daysAhead,
      )
    : [];
  return {
    place: { latDeg: water.latDeg, lonDeg: water.lonDeg, zone: water.zone },
    date: dateText(then, water.zone),
    // The sun, the tide and the signs of this minute are no part of the question.
    reading: { ...reading, sunElevationDeg: 0, signs: [], assumed: [] },
    tide: tideFor(book, water, then) ?? tideFor(book, water, nowMs),
    cloud: hours,
    waterC,
    moonGain: schools.moon === 'counted' ? MOON_GAIN : 0,
  };
}

/** The last full day of the station's water, laid over the day asked for so that it goes through what was read now. */
function dailyWave(points: readonly (readonly [number, number])[], nowC: number, nowMs: number, daysAhead: number): (readonly [number, number])[] {
  const last = points.filter(([t]) => t > nowMs - DAY_MS && t <= nowMs);
  if (last.length < 6) return [];
  const atNow = last[last.length - 1]![1];
  const day = last.map(([t, c]) => [t, nowC + c - atNow] as const);
  return [-1, 0, 1, 2].flatMap((k) => day.map(([t, c]) => [t + (k + Math.min(daysAhead, 1)) * DAY_MS, c] as const));
}

export function useDayAhead(daysAhead = 0, wanted = true) {
  const context = useDay();
  const { book, day, nowMs } = context;
  const rest = useRestList();
  const question = useMemo(() => questionFor(context, daysAhead), [context, daysAhead]);
  const spots = useMemo(() => (day ? spotsOf(book, day.water.id) : []), [book, day]);
  const quarterMs = Math.floor(nowMs / QUARTER_MS) * QUARTER_MS;
  const candidates: Candidate[] = spots.map((s) => ({
    id: s.id,
    latDeg: s.latDeg,
    lonDeg: s.lonDeg,
    bait: s.bait,
    current: s.current,
    structure: s.structure,
    depthChange: s.depthChange,
    bestTide: s.bestTide,
    bestLight: s.bestLight,
    restUntilMs: daysAhead === 0 ? (rest.find((r) => r.spotId === s.id)?.readyAtMs ?? null) : null,
  }));
  const here = spots.find((s) => s.id === day?.trip.spotId);
  const fromMs = daysAhead === 0 ? quarterMs : quarterMs - (quarterMs % DAY_MS);
  const round = {
    fromMs: daysAhead === 0 ? quarterMs : -Infinity,
    toMs: Infinity,
    at: daysAhead === 0 && here ? { latDeg: here.latDeg, lonDeg: here.lonDeg } : null,
    travelMps: TRAVEL_MPS[context.reading?.access ?? 'bank'],
  };
  const identity = contentHash({ question, candidates, round: { ...round, fromMs, toMs: 0 } });
  const query = useQuery({
    queryKey: queryKeys.dayLine(identity),
    queryFn: ({ signal }) => compute.day(signal, question!, daysAhead === 0 ? quarterMs : -Infinity, candidates, round),
    enabled: !!question && wanted,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 300_000,
  });
  return { answer: query.data ?? null, failed: query.isError };
}
