/** Why the fish feel as they do, in sentences with the numbers that drove them. */
import { FULL_ENOUGH } from '../core/mood/full';
import type { Guarding, GuardingAdvice } from '../core/mood/guarding';
import type { MoodJudgement } from '../core/mood/filter';
import type { MoodFactor, MoodReason } from '../core/mood/prior';
import { likeliestMood } from '../core/mood/states';
import { AGITATION_NAME, capital, list, MOOD_NAME, SIGN_NAME, SPECIES_NAME } from './names';
import { say, type UnitPrefs } from './units';
import type { ResolvedConditions } from '../core/water/resolve';

const strength = (shift: number): string => (Math.abs(shift) > 0.6 ? 'much' : Math.abs(shift) > 0.25 ? '' : 'a little');

/** What guarding fish ask for now. */
export function guardingText(g: Guarding): string {
  const state = `They guard, and do not feed: ${AGITATION_NAME[g.likeliest]}.`;
  const advice: Record<GuardingAdvice, string> = {
    provoke: 'Provoke one: a big intrusive lure right through its bed.',
    'keep-on': 'It is getting angry: keep on with the same lure, pass after pass.',
    'small-now': 'Now change to a small lure that fits its mouth, and leave it lying there.',
    'another-lure': `${g.passes} passes and nothing: try another big lure.`,
    'leave-it': `${g.passes} passes and nothing: leave this fish alone.`,
  };
  return `${state} ${advice[g.advice]}`;
}

export const GUARDING_CARE =
  'Fish on beds keep the young alive: where it is allowed at all, release at once, right there. Local law may close the season or the place.';

export const fullText = (chance: number): string =>
  `Likely full (${say.percent(chance)}): bait is thick and the water steady. Either very slow and natural, long among them, or very fast and loud through their faces; the middle fails, and they will not rise far.`;

/** A few words for the line above the mood bars. */
export function moodShort(m: MoodReason, r: ResolvedConditions): string {
  const up = m.shift > 0;
  const words: Record<MoodFactor, [string, string]> = {
    comfort: [
      'comfortable water',
      r.surfaceTempC < 8 ? 'cold water' : r.surfaceTempC < 20 ? 'cool water' : 'water past its best',
    ],
    trend: [
      r.tempChange3dC > 0 ? 'warming' : 'cooling off',
      r.tempChange3dC > 0 ? 'getting hotter' : 'a falling temperature',
    ],
    front: ['front coming', 'front just passed'],
    light: [
      r.sunElevationDeg < 5 ? 'low light' : 'soft light',
      r.sunElevationDeg < 0 ? 'dark down there' : 'harsh light',
    ],
    current: ['current moving', 'slack current'],
    bait: [
      r.forageAbundance === 'thick' ? 'bait thick' : 'bait about',
      r.forageAbundance === 'scarce' ? 'bait scarce' : 'no bait seen',
    ],
    pressure: ['little fished', 'hard fished'],
    barometer: ['a falling glass', 'a rising glass'],
    full: ['hungry fish', 'likely full'],
    season: ['fish gathering before the spawn', 'fish worn out after the spawn'],
  };
  return words[m.factor][up ? 0 : 1];
}

export function moodReasonSentence(m: MoodReason, r: ResolvedConditions, u: UnitPrefs): string {
  const way = m.shift >= 0 ? 'lifts' : 'lowers';
  const how = strength(m.shift);
  const by = `${way} the mood${how ? ` ${how}` : ''}`;
  switch (m.factor) {
    case 'comfort':
      return `${say.temp(r.surfaceTempC, u)} for ${SPECIES_NAME[r.species]} ${by}.`;
    case 'trend':
      return `${say.tempChange(r.tempChange3dC, u)} over three days ${by}.`;
    case 'front':
      return r.front === 'none'
        ? 'No front about.'
        : `A front ${r.front === 'passed' ? 'has just passed' : 'is coming'}: that ${by}.`;
    case 'light':
      return `The light at ${say.depth(r.fishDepthM, u)} ${by}.`;
    case 'current':
      return `Current of ${say.speed(r.currentMps, u)} ${by}.`;
    case 'bait':
      if (r.forageAbundance !== 'normal') return `Bait is ${r.forageAbundance}: that ${by}.`;
      return r.baitSeen === null ? 'Bait as usual.' : `${r.baitSeen ? 'Bait about' : 'No bait seen'}: that ${by}.`;
    case 'pressure':
      return r.pressure === 'normal'
        ? 'Fished as much as most.'
        : `${r.pressure === 'high' ? 'Hard fished' : 'Hardly fished'}: that ${by}.`;
    case 'barometer':
      return r.pressureTrendHpa3h === null || m.shift === 0
        ? 'The glass stands still.'
        : `The glass is ${m.shift > 0 ? 'falling' : 'rising'}: that ${by}.`;
    case 'full':
      return m.shift < 0 ? `Likely full of bait: that ${by}.` : 'Nothing says that they are full.';
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

export function moodHeadline(m: MoodJudgement, r: ResolvedConditions): string {
  const why = list(mainReasons(m).map((x) => moodShort(x, r)));
  return `${capital(MOOD_NAME[likeliestMood(m.distribution)])}${why ? `: ${why}` : ''}.`;
}

export function moodSentences(m: MoodJudgement, r: ResolvedConditions, u: UnitPrefs): string[] {
  return [
    moodHeadline(m, r),
    ...(m.guarding ? [guardingText(m.guarding), GUARDING_CARE] : []),
    ...(m.full >= FULL_ENOUGH ? [fullText(m.full)] : []),
    ...mainReasons(m, 7).map((x) => moodReasonSentence(x, r, u)),
    ...m.signs
      .filter((s) => Math.abs(s.shift) >= 0.05)
      .map(
        (s) =>
          `${capital(SIGN_NAME[s.kind])}${s.count > 1 ? ` ×${s.count}` : ''}: they are ${Math.abs(s.shift) < 0.2 ? 'a little ' : Math.abs(s.shift) < 0.6 ? '' : 'much '}${s.shift > 0 ? 'more willing' : 'less willing'} than they looked.`,
      ),
    ...(m.nextSign ? [`Worth watching for: ${SIGN_NAME[m.nextSign.kind]}.`] : []),
  ];
}
