import type { Pattern } from '../../core/lessons/patterns';
import { say } from '../units';

/** Lessons: a pattern and its figures. */
export const LESSONS_PAGE = {
  about: (minutes: number): string => `, about ${Math.round(minutes)} minutes of fishing`,
  shares: (x: Pick<Pattern, 'hookedShare' | 'landedShare'>): string =>
    `Hooked ${say.percent(x.hookedShare.low)}–${say.percent(x.hookedShare.high)} of strikes; landed ${say.percent(x.landedShare.low)}–${say.percent(x.landedShare.high)} of those.`,
};
