/** The second worker: the day ahead. It brings the astronomy along, which the ranking and the plan can do without. */
import { computeDayLine, type DayLine, type DayQuestion } from '../core/forecast/line';
import { planBudget, type BudgetedRound } from '../core/forecast/budget';
import { planRound, type SpotCandidate, type Round, type RoundOptions } from '../core/forecast/spots';

export interface DayAnswer {
  line: DayLine;
  round: Round;
  /** Where a stretch of so long was asked and is left of the day: the same round, and when. */
  budgeted: BudgetedRound | null;
}

export const almanacApi = {
  day: (
    question: DayQuestion,
    nowMs: number,
    candidates: readonly SpotCandidate[],
    round: Omit<RoundOptions, 'line'>,
  ): DayAnswer => {
    const line = computeDayLine(question, nowMs);
    const asked = { ...round, line };
    const budgeted = planBudget(candidates, asked);
    return { line, round: budgeted ?? planRound(candidates, asked), budgeted };
  },
};
export type AlmanacApi = typeof almanacApi;
