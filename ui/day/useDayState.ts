/** Everything that follows from the book and the clock: today's conditions, the mood, the ranking, the lure in hand and its plan. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Plan } from '../../core/planning/plan/plan';
import type { PlanRequest } from '../../core/planning/task/request';
import { measuredOf } from '../../core/records/measured';
import type { Measured } from '../../core/planning/calibrate/known';
import { lineDiameterM } from '../../core/tackle/line';
import { rodFit } from '../../core/tackle/rod';
import { contentHash } from '../../core/base/hash';
import type { RankOptions, Ranking } from '../../core/ranking/rank';
import type { Schools } from '../../core/ranking/schools';
import { judgeMood, type MoodJudgement } from '../../core/mood/filter';
import { schoolsOf, type Preferences } from '../../core/records/preferences';
import { activeTrip, inBox, inUse, measurementsOf, preferencesOf, type Book } from '../../core/records';
import { composeDay, type Day } from '../../core/trip/day';
import { tallyTrip, type TripTally } from '../../core/log/tally';
import { speciesProfile } from '../../core/water/species';
import { queryKeys } from '../../data/keys';
import { tellPlanProgress } from './planProgress';
import { compute } from '../../workers/client';
import { monthOf } from '../../wording/time';
import type { Lure } from '../../core/records/lure';
import type { Rod } from '../../core/records/rod';
import type { Reel } from '../../core/records/reel';
import type { Line } from '../../core/records/line';
import { resolveConditions, type ResolvedConditions } from '../../core/water/resolve';

export interface Tackle {
  rod: Rod;
  reel: Reel;
  line: Line;
}

export interface DayState {
  prefs: Preferences;
  day: Day | null;
  reading: ResolvedConditions | null;
  mood: MoodJudgement | null;
  tally: TripTally | null;
  box: Lure[];
  /** The schools that hold for today's fish. */
  schools: Schools;
  /** What the ranking was asked with. */
  rankOptions: RankOptions;
  ranking: Ranking | null;
  rankingBusy: boolean;
  rankingError: boolean;
  lure: Lure | null;
  /** The lure the ranking would start with, when another is in hand. */
  suggested: Lure | null;
  tackle: Tackle | null;
  request: PlanRequest | null;
  plan: Plan | null;
  planBusy: boolean;
  planError: boolean;
}

function chooseLine(book: Book, day: Day | null, prefs: Preferences): Line | undefined {
  const lines = inUse(book.line);
  return lines.find((l) => l.id === (day?.trip.lineId ?? prefs.lastLineId)) ?? lines[0];
}

function chooseTackle(book: Book, day: Day | null, prefs: Preferences, lure: Lure | null): Tackle | null {
  const rods = inUse(book.rod);
  const fits = (r: Rod): boolean => !lure || rodFit(r, lure.weightKg) === 'fits';
  const rod = rods.find((r) => r.id === day?.trip.rodId) ?? rods.find((r) => r.id === prefs.lastRodId && fits(r)) ?? rods.find(fits) ?? rods[0];
  const reels = inUse(book.reel);
  const reel = reels.find((r) => r.id === (day?.trip.reelId ?? prefs.lastReelId)) ?? reels[0];
  const line = chooseLine(book, day, prefs);
  return rod && reel && line ? { rod, reel, line } : null;
}

/** A plan is worked out anew only when the sun has moved this far, or a sign has aged this much. */
const SUN_STEP_DEG = 5;
const SIGN_STEP_MIN = 30;
const toNearest = (v: number, step: number): number => Math.round(v / step) * step;

function planRequest(day: Day | null, lure: Lure | null, t: Tackle | null, schools: Schools, measured: Measured | null): PlanRequest | null {
  if (!day || !lure || !t) return null;
  // What the log says moves the ranking, but not the plan in hand: it must not shift between two casts, nor with every degree of the sun.
  const { sky } = day.conditions;
  const conditions = {
    ...day.conditions,
    sky: { ...sky, sunElevationDeg: toNearest(sky?.sunElevationDeg ?? 0, SUN_STEP_DEG) },
    signs: day.handSigns.map((s) => ({ ...s, minutesAgo: toNearest(s.minutesAgo ?? 0, SIGN_STEP_MIN) })),
  };
  return {
    conditions,
    lure: { id: lure.id, family: lure.family, name: lure.name, weightKg: lure.weightKg, lengthM: lure.lengthM },
    rod: { lengthM: t.rod.lengthM, minLureKg: t.rod.minLureKg, maxLureKg: t.rod.maxLureKg, action: t.rod.action },
    reel: { ratio: t.reel.ratio, spoolM: t.reel.spoolM, arborM: t.reel.arborM, capacityM: t.reel.capacityM },
    line: { material: t.line.material, strengthLb: t.line.strengthLb },
    schools,
    set: day.trip.settings,
    ...(measured ? { measured } : {}),
  };
}

/** What the angler asked, without what time alone changes. */
const withoutTime = ({ conditions, ...rest }: PlanRequest): unknown => ({
  ...rest,
  conditions: {
    ...conditions,
    sky: { ...conditions.sky, sunElevationDeg: 0 },
    signs: conditions.signs?.map((s) => ({ ...s, minutesAgo: 0 })),
  },
});

export function useDayState(book: Book, nowMs: number): DayState {
  const prefs = preferencesOf(book);
  const trip = activeTrip(book);
  const tally = useMemo(() => (trip ? tallyTrip(book, trip.id, nowMs) : null), [book, trip, nowMs]);
  const day = useMemo(() => {
    const water = trip && book.water[trip.waterId];
    return trip && tally && water ? composeDay(book, trip, tally.signs, nowMs, monthOf(nowMs, water.zone)) : null;
  }, [book, trip, tally, nowMs]);
  const reading = useMemo(() => (day ? resolveConditions(day.conditions) : null), [day]);
  const mood = useMemo(() => {
    const species = reading && speciesProfile(reading.species);
    return reading && species ? judgeMood(reading, species) : null;
  }, [reading]);

  const box = useMemo(() => inBox(book.lure).sort((a, b) => a.name.localeCompare(b.name)), [book.lure]);
  const schools = useMemo(() => schoolsOf(prefs, trip?.species ?? null), [prefs, trip?.species]);
  const line = useMemo(() => chooseLine(book, day, prefs), [book, day, prefs]);
  const rankOptions = useMemo(
    (): RankOptions => ({
      schools,
      ...(box.length > 0
        ? {
            lures: box.map(({ id, family, weightKg, lengthM, hook, colour, priceMinor }) => ({
              id,
              family,
              weightKg,
              lengthM,
              hook,
              colour,
              priceMinor,
            })),
          }
        : {}),
      ...(line ? { lineDiameterM: lineDiameterM(line) } : {}),
    }),
    [schools, box, line],
  );
  const rankIdentity = day ? contentHash({ c: day.conditions, rankOptions }) : 'none';
  const rankQuery = useQuery({
    queryKey: queryKeys.ranking(rankIdentity),
    queryFn: ({ signal }) => compute.rank(signal, day!.conditions, rankOptions),
    enabled: !!day,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    staleTime: Infinity,
  });
  const ranking = rankQuery.data ?? null;

  const startLure = useMemo(() => {
    const key = ranking?.plan?.start ?? ranking?.ranked[0]?.key;
    return (key && book.lure[key]) || null;
  }, [book.lure, ranking]);
  // What is lost cannot be in hand.
  const pinned = trip?.lureId ? book.lure[trip.lureId] : undefined;
  const picked = pinned && pinned.lostAtMs === null ? pinned : null;
  const lure = picked ?? startLure;
  const tackle = useMemo(() => chooseTackle(book, day, prefs, lure), [book, day, prefs, lure]);
  const measured = useMemo(
    () => (lure && tackle ? measuredOf(measurementsOf(book, lure.id), measurementsOf(book, tackle.reel.id)) : null),
    [book, lure, tackle],
  );
  const request = useMemo(() => planRequest(day, lure, tackle, schools, measured), [day, lure, tackle, schools, measured]);
  const planIdentity = request ? contentHash(request) : 'none';
  const asked = request ? contentHash(withoutTime(request)) : 'none';
  // While a changed plan is worked out the one before stays in view, as long as it is for the same lure.
  const planOptions = { enabled: !!request, gcTime: 300_000, staleTime: Infinity, placeholderData: keepPreviousData };
  const planAs = (effort: 'first' | 'settled') => ({
    queryKey: queryKeys.plan(planIdentity, effort),
    queryFn: async ({ signal }: { signal: AbortSignal }) => {
      if (effort === 'first') return { asked, answer: await compute.plan(signal, request!, effort) };
      tellPlanProgress(null);
      const answer = await compute.plan(signal, request!, effort, (p) => signal.aborted || tellPlanProgress(p));
      tellPlanProgress(null);
      return { asked, answer };
    },
    ...planOptions,
  });
  const first = useQuery(planAs('first'));
  const settled = useQuery(planAs('settled'));
  // When only time has passed the settled plan stays until the next is settled too: the hands must not change for a moment between two casts.
  const stillSettled = !settled.isPlaceholderData || settled.data?.asked === asked;
  const answers = (stillSettled ? [settled, first] : first.isPlaceholderData ? [settled, first] : [first, settled]).map((x) => x.data?.answer);
  const plan = answers.find((x): x is Plan => !!x && x.presentation.lureId === lure?.id) ?? null;

  const rankingBusy = rankQuery.isFetching;
  const rankingError = rankQuery.isError;
  const planBusy = settled.isFetching && !(settled.data && stillSettled);
  const planError = settled.isError;
  return useMemo(
    () => ({
      prefs,
      day,
      reading,
      mood,
      tally,
      box,
      schools,
      rankOptions,
      ranking,
      rankingBusy,
      rankingError,
      lure,
      suggested: startLure && lure && startLure.id !== lure.id ? startLure : null,
      tackle,
      request,
      plan,
      planBusy,
      planError,
    }),
    [
      prefs,
      day,
      reading,
      mood,
      tally,
      box,
      schools,
      rankOptions,
      ranking,
      rankingBusy,
      rankingError,
      lure,
      startLure,
      tackle,
      request,
      plan,
      planBusy,
      planError,
    ],
  );
}
