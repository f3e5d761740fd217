/** Why the fish feel as they do, in sentences with the numbers that drove them. */
import type { MoodJudgement } from '../core/mood/filter';
import type { MoodFactor, MoodReason } from '../core/mood/prior';
import { likeliestMood } from '../core/mood/states';
import type { Reading } from '../core/water/defaults';
import { capital, list, MOOD_NAME, SIGN_NAME, SPECIES_NAME } from './names';
import { say, type UnitPrefs } from './units';

const strength = (shift: number): string => (Math.abs(shift) > 0.6 ? 'much' : Math.abs(shift) > 0.25 ? '' : 'a little');

/** A few words for the line above the mood bars. */
export function moodShort(m: MoodReason, r: Reading): string {
  const up = m.shift > 0;
  const words: Record<MoodFactor, [string, string]> = {
    comfort: ['comfortable water', r.surfaceTempC < 8 ? 'cold water' : r.surfaceTempC < 20 ? 'cool water' : 'water past its best'],
    trend: [r.tempChange3dC > 0 ? 'warming' : 'cooling off', r.tempChange3dC > 0 ? 'getting hotter' : 'a falling temperature'],
    front: ['front coming', 'front just passed'],
    light: ['good light', r.sunElevationDeg < 0 ? 'dark down there' : 'harsh light'],
    current: ['current moving', 'slack current'],
    bait: [r.forageAbundance === 'thick' ? 'bait thick' : 'bait about', r.forageAbundance === 'scarce' ? 'bait scarce' : 'no bait seen'],
    pressure: ['little fished', 'hard fished'],
    barometer: ['a falling glass', 'a rising glass'],
    season: ['fish gathering before the spawn', 'fish worn out after the spawn'],
  };
  return words[m.factor][up ? 0 : 1];
}

export function moodReasonSentence(m: MoodReason, r: Reading, u: UnitPrefs): string {
  const way = m.shift >= 0 ? 'lifts' : 'lowers';
  const how = strength(m.shift);
  const by = `${way} the mood${how ? ` ${how}` : ''}`;
  switch (m.factor) {
    case 'comfort':
      return `${say.temp(r.surfaceTempC, u)} for ${SPECIES_NAME[r.species]} ${by}.`;
    case 'trend':
      return `${say.tempChange(r.tempChange3dC, u)} over three days ${by}.`;
    case 'front':
      return r.front === 'none' ? 'No front about.' : `A front ${r.front === 'passed' ? 'has just passed' : 'is coming'}: that ${by}.`;
    case 'light':
      return `The light at ${say.depth(r.fishDepthM, u)} ${by}.`;
    case 'current':
      return `Current of ${say.speed(r.currentMps, u)} ${by}.`;
    case 'bait':
      if (r.forageAbundance !== 'normal') return `Bait is ${r.forageAbundance}: that ${by}.`;
      return r.baitSeen === null ? 'Bait as usual.' : `${r.baitSeen ? 'Bait about' : 'No bait seen'}: that ${by}.`;
    case 'pressure':
      return r.pressure === 'normal' ? 'Fished as much as most.' : `${r.pressure === 'high' ? 'Hard fished' : 'Hardly fished'}: that ${by}.`;
    case 'barometer':
      return r.pressureTrendHpa3h === null || m.shift === 0
        ? 'The glass stands still.'
        : `The glass is ${m.shift > 0 ? 'falling' : 'rising'}: that ${by}.`;
    case 'season':
      return m.shift > 0
        ? `Before the spawn they gather and feed: that ${by}.`
        : m.shift < 0
          ? `After the spawn they are worn out: that ${by}.`
          : 'The season neither helps nor hinders.';
  }
}

/** The reasons that moved the judgement most, strongest first. */
export const mainReasons = (m: MoodJudgement, n = 3): MoodReason[] =>
  [...m.reasons]
    .filter((x) => Math.abs(x.shift) > 0.08)
    .sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift))
    .slice(0, n);

export function moodHeadline(m: MoodJudgement, r: Reading): string {
  const why = list(mainReasons(m).map((x) => moodShort(x, r)));
  return `${capital(MOOD_NAME[likeliestMood(m.distribution)])}${why ? `: ${why}` : ''}.`;
}

export function moodSentences(m: MoodJudgement, r: Reading, u: UnitPrefs): string[] {
  return [
    moodHeadline(m, r),
    ...mainReasons(m, 7).map((x) => moodReasonSentence(x, r, u)),
    ...m.signs
      .filter((s) => Math.abs(s.shift) > 0.02)
      .map((s) => `${capital(SIGN_NAME[s.kind])} ×${s.count} ${s.shift > 0 ? 'lifts' : 'lowers'} it by ${Math.abs(s.shift).toFixed(1)} of a step.`),
    ...(m.nextSign ? [`Worth watching for: ${SIGN_NAME[m.nextSign.kind]}.`] : []),
  ];
}
