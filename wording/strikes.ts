/** The log in sentences. */
import { isStrike } from '../core/log/events';
import type { Phase } from '../core/planning/cadence/cadence';
import { PHASE_NAME } from './names';
import type { StrikeEvent } from '../core/records/event';

export const castsText = (n: number): string => `${n} cast${n === 1 ? '' : 's'}`;

/** What the strikes so far say about what to do next. */
/** `giveIt`: casts without a sign that the ranking would give the lure. */
export function strikesHeadline(
  events: readonly StrikeEvent[],
  casts: number,
  giveIt: number,
): { fact: string; advice: string } {
  const strikes = events.filter((e) => isStrike(e.kind));
  if (casts === 0 && strikes.length === 0)
    return { fact: 'Nothing logged yet.', advice: 'Touch “Cast” each time you throw: empty casts count too.' };
  if (strikes.length === 0)
    return {
      fact: 'No strike yet.',
      advice:
        casts < giveIt
          ? `Give it ${giveIt} casts before you judge it.`
          : 'Change one thing: first depth or angle, then speed or hang, then the lure.',
    };
  const byPhase = new Map<Phase, number>();
  for (const s of strikes) if (s.phase) byPhase.set(s.phase, (byPhase.get(s.phase) ?? 0) + 1);
  const [top] = [...byPhase].sort((a, b) => b[1] - a[1]);
  const last = strikes[strikes.length - 1]!;
  const advice =
    last.kind === 'missed' || last.kind === 'bump'
      ? 'Missed and not stung: rest the spot half an hour, then come back with the same.'
      : 'One bite is a reason to stay: slow down and pick that place apart.';
  if (!top || top[1] < 2) return { fact: strikes.length === 1 ? 'One strike.' : `${strikes.length} strikes.`, advice };
  const all = top[1] === strikes.length;
  return {
    fact: `${all ? (strikes.length === 2 ? 'Both' : 'All') : `${top[1]} of ${strikes.length}`} came on the ${PHASE_NAME[top[0]]}.`,
    advice:
      top[0] === 'pause'
        ? 'Let it hang a second longer.'
        : top[0] === 'fall'
          ? 'Let it fall more often, on a slacker line.'
          : advice,
  };
}
