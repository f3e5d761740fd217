/** What is known of a spot, in a line. */
import { seasonSays } from '../core/forecast/parts';
import type { SeasonPhase } from '../core/water/season';
import type { TideStage, SpotLight, WaterPart } from '../core/water/terms';
import { capital, list, PART_NAME } from './names';

const FEATURES: readonly (readonly ['bait' | 'current' | 'structure' | 'depthChange', string])[] = [
  ['bait', 'bait'],
  ['current', 'current'],
  ['structure', 'structure'],
  ['depthChange', 'a change of depth'],
];
/** Which of the four are found together there, and its tide and light. */
export function spotFeatures(
  s: Record<'bait' | 'current' | 'structure' | 'depthChange', boolean> & {
    bestTide: TideStage | 'any';
    bestLight: SpotLight;
    part?: WaterPart | null;
  },
  phase: SeasonPhase | null = null,
): string {
  const has = FEATURES.filter(([k]) => s[k]).map(([, name]) => name);
  const known = [
    s.bestTide === 'any' ? '' : `best on a ${s.bestTide} tide`,
    s.bestLight === 'any' ? '' : s.bestLight === 'low' ? 'best in low light' : 'best in sun',
  ].filter(Boolean);
  const says = s.part && phase ? seasonSays(s.part, phase) : null;
  const where = s.part
    ? ` ${capital(PART_NAME[s.part])}${says === null ? '' : says === 'in' ? `: a place to be ${SEASON_TIME[phase!]}` : `: few are there ${SEASON_TIME[phase!]}`}.`
    : '';
  return `${has.length} of 4: ${has.length > 0 ? list(has) : 'nothing known'}${known.length > 0 ? `; ${known.join(', ')}` : ''}.${where}`;
}

const SEASON_TIME: Record<SeasonPhase, string> = {
  winter: 'in winter',
  'pre-spawn': 'before they spawn',
  spawn: 'while they spawn',
  'post-spawn': 'after they have spawned',
  summer: 'in summer',
  'autumn-cooling': 'as autumn cools the water',
  'late-autumn': 'late in autumn',
};

/** What to look out for at a spot, and what low water showed; nothing where neither was noted. */
export const spotWarnings = (s: { hazards: string; lowWater: string }): string =>
  [s.hazards ? `Mind: ${s.hazards}` : '', s.lowWater ? `At low water: ${s.lowWater}` : ''].filter(Boolean).join(' ');
