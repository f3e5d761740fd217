/** Each place's answer, put into the same section. */
import { usePathname } from 'expo-router';
import { useMemo } from 'react';
import { strikesByDepth } from '../../core/lessons/layers';
import { useBook, useLog, usePlan, useRanking } from '../day/contexts';
import { placeOfPath } from '../shell/places';
import { useKeptPlan } from '../day/keptPlan';
import { useLivePath } from '../day/livePath';
import { sectionOfReading, type SectionModel } from './model';
import { marksOf } from './marksOf';
import type { ResolvedConditions } from '../../core/water/resolve';

const DEFAULT_CAST_M = 25;
const DEFAULT_TIP_M = 1.5;

export function useSectionModel(reading: ResolvedConditions | null): SectionModel | null {
  const place = placeOfPath(usePathname());
  const { plan, lure } = usePlan();
  const { ranking } = useRanking();
  const { tally } = useLog();
  const book = useBook();
  const kept = useKeptPlan();
  const live = useLivePath();
  return useMemo(() => {
    if (!reading) return null;
    // Let straight down there is no cast to draw, but where it is worked.
    const working = place === 'retrieve' || place === 'strikes';
    const castM = plan && (working || plan.hands.castM > 0) ? plan.hands.castM : DEFAULT_CAST_M;
    const base = sectionOfReading(reading, plan?.hands.tip.heightM ?? DEFAULT_TIP_M, castM);
    if (place === 'lures' && ranking) {
      return {
        ...base,
        reaches: ranking.ranked.slice(0, 5).map((r) => {
          const { topM, bottomM, snagPerCast } = r.reach;
          return {
            id: r.key,
            name: book.lure[r.key]?.name ?? r.family,
            topM,
            bottomM,
            family: r.family,
            atM: r.workingDepthM,
            snag: snagPerCast,
            chosen: lure?.id === r.key,
          };
        }),
      };
    }
    if (place === 'lessons') {
      const layers = strikesByDepth(book, reading.species).filter((l) => l.topM < reading.depthM);
      return {
        ...base,
        layers: layers.map((l) => ({
          topM: l.topM,
          bottomM: Math.min(l.bottomM, reading.depthM),
          perCast: l.strikes / l.casts,
          casts: l.casts,
        })),
      };
    }
    if (working && plan) {
      return {
        ...base,
        path: live && place === 'retrieve' ? { ...live, range: null } : { ...plan.track, range: plan.range },
        other: place === 'retrieve' ? (kept?.track ?? null) : null,
        family: plan.presentation.rig.family,
        lureName: lure?.name ?? null,
        zoneShare: live && place === 'retrieve' ? live.zoneShare : plan.zoneShare.mean,
        targetM: plan.aim?.targetM ?? null,
        over: plan.over,
        countsM: plan.bandM,
        beside: plan.beside,
        marks: place === 'strikes' ? marksOf(tally?.events ?? [], plan.track) : [],
      };
    }
    return base;
  }, [reading, plan, lure, ranking, tally, place, book, kept, live]);
}
