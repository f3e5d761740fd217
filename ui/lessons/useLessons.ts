/** Everything that the record of one fish says, and what the model expected of it. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { contentHash } from '../../core/base/hash';
import { fishedIn, withExpected, type Fished } from '../../core/lessons/fished';
import { pastBlock, teaching } from '../../core/lessons/history';
import { queryKeys } from '../../data/keys';
import { compute } from '../../workers/client';
import { useBook, useConditions, useRankingQuestion } from '../day/contexts';

export interface LessonsRead {
  /** Blocks, with what the model expected of them once it has answered. */
  fished: readonly Fished[];
  /** How much each block tells of now, by its id; null without a day of this fish. */
  like: Readonly<Record<string, number>> | null;
  /** The model has not answered yet; or failed, and what was noted with each block stands for it. */
  asking: boolean;
  failed: boolean;
}

const byId = (of: readonly Fished[], values: readonly number[]): Record<string, number> =>
  Object.fromEntries(of.map((f, i) => [f.block.id, values[i]!]));

export function useLessons(species: string | null, waterId: string | null): LessonsRead {
  const book = useBook();
  const { day } = useConditions();
  const { options } = useRankingQuestion();
  const fished = useMemo(() => fishedIn(book, { species, waterId }), [book, species, waterId]);
  const now = day?.trip.species === species ? day : null;
  const { schools } = options;
  const asked = useMemo(() => {
    const of = teaching(fished);
    const history = of.map((f) => pastBlock(f, 0));
    const here = now && { conditions: now.conditions, water: now.trip.waterId };
    const name = contentHash([of.map((f) => [f.block.id, f.minutes]), here, schools]);
    return { of, history, here, name };
  }, [fished, now, schools]);
  const query = useQuery({
    queryKey: queryKeys.lookBack(asked.name),
    queryFn: async ({ signal }) => ({
      of: asked.of,
      ...(await compute.lookBack(signal, asked.history, asked.here, { schools })),
    }),
    enabled: asked.of.length > 0,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    staleTime: Infinity,
  });
  return useMemo(() => {
    const answer = query.data;
    // What was answered for another fish says nothing of this one.
    const known = answer && answer.of.some((f) => f.trip.species === species) ? answer : null;
    return {
      fished: known ? withExpected(fished, byId(known.of, known.expected)) : fished,
      like: known?.like && now ? byId(known.of, known.like) : null,
      asking: asked.of.length > 0 && !known && !query.isError,
      failed: query.isError,
    };
  }, [query.data, query.isError, fished, now, asked, species]);
}
