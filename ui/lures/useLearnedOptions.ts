/** What the ranking is asked, and what the log made of its lures: for who asks more about the same water and box. */
import { useMemo } from 'react';
import { withLearned } from '../../core/learning/byKey';
import type { RankOptions } from '../../core/ranking/rank';
import { useRanking, useRankingQuestion, type DayParts } from '../day/contexts';

export function useLearnedOptions(): { conditions: DayParts['question']['conditions']; options: RankOptions } {
  const { conditions, options } = useRankingQuestion();
  const { ranking } = useRanking();
  return useMemo(() => ({ conditions, options: withLearned(options, ranking) }), [conditions, options, ranking]);
}
