/** The second worker: the day ahead. It brings the astronomy along, which the ranking and the plan can do without. */
import { computeDayLine, type DayLine, type DayQuestion } from '../core/forecast/line';
import { planRound, type SpotCandidate, type Round, type RoundOptions } from '../core/forecast/spots';

export interface DayAnswer {
  line: DayLine;
  round: Round;
}

export const almanacApi = {
  day: (
    question: DayQuestion,
    nowMs: number,
    candidates: readonly SpotCandidate[],
    round: Omit<RoundOptions, 'line'>,
  ): DayAnswer => {
    const line = computeDayLine(question, nowMs);
    return { line, round: planRound(candidates, { ...round, line }) };
  },
};
export type AlmanacApi = typeof almanacApi;
