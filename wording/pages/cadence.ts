import type { Cadence, Step } from '../../core/planning/cadence/cadence';
import { STEP_HOW, stepText } from '../cadence';
import { cadenceText, turnsText, windText } from '../retrieve';
import { type UnitPrefs, say } from '../units';

/** A cadence step by step. */
export const CADENCE_PAGE = {
  noPlan: 'There is no plan to work on yet.',
  takesUp: (turns: number, perTurnM: number, units: UnitPrefs): string =>
    ` and takes up ${say.depth(turns * perTurnM, units)} of line: ${windText(turns)} of the handle`,
  title: (lure: string): string => `${lure}, step by step`,
  round: (lengthS: number, takesUp: string): string =>
    `One round lasts ${say.seconds(Math.round(lengthS * 10) / 10)}${takesUp}.`,
  afterLast: 'What happens after the last step',
  turnsIn: (perS: number): string => `Turns of the handle in that time: ${turnsText(perS)} a second`,
  add: (step: Step): string => `Add: ${stepText(step)}. ${STEP_HOW[step.kind]}`,
  slower: 'All of it slower',
  quicker: 'All of it quicker',
  cannot: 'It cannot be done like this',
  fishIt: 'Fish it like this',
  planCadence: 'Back to the plan’s own cadence',
  keep: 'Keep it under a name',
  nameTitle: 'Name of this cadence',
  nameSuch: 'such as “cold morning”',
  nameTaken: 'There is one of that name already.',
  kept: 'Kept. It is below, for any lure.',
  others: 'Other ways of working',
  beginFrom: (title: string, cadence: Cadence): string => `Begin from ${title}: ${cadenceText(cadence)}`,
  steps: 'Steps of the cadence',
};
