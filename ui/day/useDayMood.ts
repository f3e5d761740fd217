/** How the fish feel, from the readings and all signs. */
import { useMemo } from 'react';
import { judgeMood, type MoodJudgement } from '../../core/mood/filter';
import { speciesProfile } from '../../core/water/species';
import type { Sign } from '../../core/water/terms';
import type { DayConditions } from './useDayConditions';

export function useDayMood({ reading }: DayConditions, logSigns: readonly Sign[]): MoodJudgement | null {
  return useMemo(
    () => reading && judgeMood({ ...reading, signs: [...reading.signs, ...logSigns] }, speciesProfile(reading.species)),
    [reading, logSigns],
  );
}
