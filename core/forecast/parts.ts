/** In which part of a water fish are, by season. prior: judgement, as practised anglers move through the year. */
import type { SeasonPhase } from '../water/season';
import type { WaterPart } from '../water/terms';

/** 0.35 … 1: a spot in such a part, against the part that is best in that season. */
const BY_SEASON: Record<SeasonPhase, Record<WaterPart, number>> = {
  winter: { mouth: 0.8, 'first-third': 0.6, back: 0.35, 'channel-edge': 1, flat: 0.4, main: 0.9 },
  'pre-spawn': { mouth: 1, 'first-third': 1, back: 0.7, 'channel-edge': 0.8, flat: 0.7, main: 0.6 },
  spawn: { mouth: 0.6, 'first-third': 0.9, back: 1, 'channel-edge': 0.5, flat: 0.9, main: 0.45 },
  'post-spawn': { mouth: 1, 'first-third': 0.9, back: 0.6, 'channel-edge': 0.8, flat: 0.7, main: 0.7 },
  summer: { mouth: 0.8, 'first-third': 0.6, back: 0.45, 'channel-edge': 1, flat: 0.7, main: 1 },
  'autumn-cooling': { mouth: 0.85, 'first-third': 1, back: 1, 'channel-edge': 0.7, flat: 0.9, main: 0.6 },
  'late-autumn': { mouth: 0.9, 'first-third': 0.7, back: 0.5, 'channel-edge': 1, flat: 0.5, main: 0.8 },
};
/** Where nobody said in which part a spot lies it is neither helped nor held back. */
const UNSAID = 0.8;

/** What the season multiplies a spot by. Example: the back of a creek in winter → 0.35. */
export const seasonGain = (part: WaterPart | null, phase: SeasonPhase): number =>
  part === null ? UNSAID : BY_SEASON[phase][part];

/** Such a part is where fish are in that season; it is where few are; neither. */
export function seasonSays(part: WaterPart, phase: SeasonPhase): 'in' | 'out' | null {
  const gain = BY_SEASON[phase][part];
  return gain >= 0.9 ? 'in' : gain <= 0.6 ? 'out' : null;
}
