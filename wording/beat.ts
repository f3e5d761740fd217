/** The beat and its practice in words. */
import type { PracticeScore } from '../core/planning/beat/practice';
import { say } from './units';

export const BEAT_NOTE = {
  'no-sound': 'This device cannot sound now: follow the picture, or the buzz.',
  hidden: 'The beat stopped while the page was hidden.',
} as const;
export const NO_BUZZ = 'This device cannot buzz.';

export function practiceText(s: PracticeScore): string {
  if (s.due === 0) return 'Too short to tell: practise for a few moves.';
  if (s.hit === 0) return `None of ${s.due} moves was tapped near its moment.`;
  const off =
    s.offS < 0.07
      ? 'right on the beat'
      : `${say.seconds(Math.round(s.offS * 10) / 10)} ${s.biasS < -0.03 ? 'early' : s.biasS > 0.03 ? 'late' : 'off, now early, now late'}`;
  const held =
    s.heldShare === null
      ? ''
      : s.heldShare < 0.85
        ? ` The hangs were rushed: ${say.percent(s.heldShare)} of their length. Count them out.`
        : s.heldShare > 1.15
          ? ` The hangs ran long, ${say.percent(s.heldShare)}: that rarely hurts.`
          : ' The hangs were held.';
  return `${s.hit} of ${s.due} moves, ${off}.${held} ${s.score} of 100.`;
}

export const latelyText = (scores: readonly number[]): string => `Lately: ${scores.join(', ')} of 100.`;

/** Each beat played to its end is logged as a cast. */
export const BEAT_COUNTS = 'Counts the cast';
