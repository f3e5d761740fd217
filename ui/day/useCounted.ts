/** What the angler's counts say of the lures of the box, for the ranking: the worker solves the sinks for it. */
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import type { CountedLure } from '../../core/planning/calibrate/assess';
import { thrownKg } from '../../core/lures/own';
import type { Counted } from '../../core/lures/family';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import type { BookWithoutLog } from './useBookWithoutLog';
import type { NamedBasis } from './useDayRanking';

const NONE: Readonly<Record<string, Counted>> = {};

/** By lure; null while it is worked out. Where that fails each lure sinks as its kind does. */
export function useCounted({ box }: BookWithoutLog, { basis }: NamedBasis): Readonly<Record<string, Counted>> | null {
  const asked = useMemo(
    (): Record<string, CountedLure> =>
      Object.fromEntries(
        box.flatMap((lure) => {
          const t = basis.tackle?.[lure.id];
          const measurements = t?.measured?.lure ?? [];
          return t && measurements.length > 0
            ? [[lure.id, { family: lure.family, weightKg: thrownKg(lure), line: t.line, measurements }] as const]
            : [];
        }),
      ),
    [box, basis],
  );
  const any = Object.keys(asked).length > 0;
  const identity = useMemo(() => contentHash(asked), [asked]);
  const { data, isError } = useQuery({
    queryKey: queryKeys.counted(identity),
    queryFn: ({ signal }) => compute.counted(signal, asked),
    enabled: any,
    gcTime: 300_000,
    staleTime: Infinity,
  });
  return data ?? (any && !isError ? null : NONE);
}
