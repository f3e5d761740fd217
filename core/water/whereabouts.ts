/** What the signs and the marks say of where the fish are. */
import type { Behaviour, Mark, Sign, SignKind, Whereabouts } from './terms';

/** Whoever did this is here. A mark that lets a lure by is one of `marks`; casts that drew nothing tell no place. */
const HERE: ReadonlySet<SignKind> = new Set<SignKind>([
  'follow',
  'short-strike',
  'chase-miss',
  'bite-on-splash',
  'bite-on-fall',
  'bite-on-pause',
  'bite-on-move',
  'bite-on-deflection',
  'marks-rise',
  'school-fires',
  'hit-at-once',
]);
/** A place is known for this long after a fish showed there, min. prior: judgement. */
const KNOWN_MIN = 60;

/** Fish on their beds and fish at the top are in sight; a bite, a follow or marks are a place; else one searches. */
export function whereaboutsFrom(behaviour: Behaviour, marks: readonly Mark[], signs: readonly Sign[]): Whereabouts {
  if (behaviour !== 'feeding') return 'seen';
  const here = signs.some((s) => HERE.has(s.kind) && (s.minutesAgo ?? 0) <= KNOWN_MIN);
  return here || marks.some((m) => m.count > 0) ? 'located' : 'searching';
}
