/** The set-ups for the hours ahead, as worked out for the rods and the box. */
import { useQuery } from '@tanstack/react-query';
import { contentHash } from '../../../core/base/hash';
import type { RodPlan } from '../../../core/rods/plan';
import { lightAhead, type LightShares } from '../../../core/rods/light';
import { inUse } from '../../../core/records';
import { queryKeys } from '../../../data/keys';
import { compute } from '../../../workers/client';
import { useConditions, usePrefs, useBookWithoutLog } from '../../day/contexts';
import { useLearnedOptions } from '../useLearnedOptions';
import { useRodChoice } from './choice';
import type { Rod } from '../../../core/records/rod';
import { outfitOf, tackleOn, type Tackle } from '../../day/tackle';

/** The light moves on: it is asked anew this often, ms. */
const LIGHT_STEP_MS = 30 * 60_000;
const MAX_RODS = 3;

export interface Rods {
  rods: Rod[];
  /** Of each rod, what is on it; null: no reel or no line in the Kit. */
  outfits: (Tackle | null)[];
  k: number;
  plan: RodPlan | null;
  /** The best set, to measure a set chosen by hand against. */
  best: RodPlan | null;
  busy: boolean;
  failed: boolean;
}

export function useLight(hours: number): LightShares | null {
  const { day, nowMs } = useConditions();
  return day ? lightAhead(day.water, Math.floor(nowMs / LIGHT_STEP_MS) * LIGHT_STEP_MS, hours) : null;
}

export function useRods(): Rods {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const prefs = usePrefs();
  const { conditions, options: rankOptions } = useLearnedOptions();
  const { k: wished, hours, chosen } = useRodChoice();
  const light = useLight(hours);
  const rods = inUse(book.rod).sort((a, b) => a.name.localeCompare(b.name));
  const k = Math.max(1, Math.min(wished ?? MAX_RODS, rods.length > 0 ? rods.length : MAX_RODS));
  const outfits = rods.map((rod) => tackleOn(rod, book, day, prefs));
  const asked = {
    ...rankOptions,
    k,
    lines: outfits.map((o) => o && outfitOf(o).line),
    rods:
      rods.length > 0
        ? rods.map(({ lengthM, minLureKg, maxLureKg, action }) => ({ lengthM, minLureKg, maxLureKg, action }))
        : null,
  };
  const question = (hand: readonly string[] | null) => {
    const request = { ...asked, chosen: hand };
    return {
      queryKey: queryKeys.choosing('rods', contentHash({ c: conditions, light, request })),
      queryFn: ({ signal }: { signal: AbortSignal }) => compute.rods(signal, conditions!, light!, request),
      enabled: !!day && !!light,
      staleTime: Infinity,
    };
  };
  const best = useQuery(question(null));
  const byHand = useQuery({
    ...question(chosen),
    enabled: !!day && !!chosen,
    placeholderData: (old: RodPlan | undefined) => old,
  });
  const shown = chosen ? byHand : best;
  return {
    rods,
    outfits,
    k,
    plan: shown.data ?? null,
    best: best.data ?? null,
    busy: shown.isFetching,
    failed: shown.isError,
  };
}
