import type { Problem } from '../core/base/problems';

/** What can be wrong with a station. */
export type StationProblemCode = 'too-slow' | 'out-of-order' | 'nonsense';

/** One line a problem: where, and what was expected. */
export const problemText = (p: Problem): string => `${p.path}: expected ${p.expected ?? p.code}`;

/** Said while the device refuses to store; `still` when a second try was refused too. */
export const refusedText = (count: number, still: boolean): string =>
  `This device ${still ? 'still refuses' : 'refused'} to store ${count === 1 ? 'the last change' : `${count} changes`}. What you see is what is really stored; ${
    count === 1 ? 'the change is' : 'the changes are'
  } held on this page until you close it.`;
