/** The path of a lure as it was worked then, for a picture of the day. */
import { skipToken, useQuery } from '@tanstack/react-query';
import { castAgain } from '../../../core/log/castAgain';
import type { Track } from '../../../core/planning/plan/track';
import type { EffortBlock } from '../../../core/records/block';
import { compute } from '../../../workers/client';

/** Null while it is not known: then the picture goes without. */
export function useCastAgain(block: EffortBlock | null | undefined): Track | null {
  const asked = block ? castAgain(block) : null;
  const { data } = useQuery({
    queryKey: ['cast-again', block?.id ?? '', block?.presentationId ?? ''],
    queryFn: asked ? () => compute.cast(asked.request, asked.hands) : skipToken,
    staleTime: Infinity,
    retry: false,
  });
  return data ?? null;
}
