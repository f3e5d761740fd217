/** What is wrong with a field of a form, in the angler's words and units. */
import type { Problem } from '../core/base/problems';
import { list } from './names';

export interface FieldWords {
  label: string;
  /** A value as the form shows it; absent for what is no number. */
  text?: (si: number) => string;
  /**
   * The nearest value that the form's steps reach on this side of a bound: a bound is told as one that will be taken.
   */
  onSteps?: (si: number, way: 1 | -1) => number;
}

/** As a sentence beside the field. Example: a length of 0.3 m where 0.4 is the least → “At least 1.3 ft.” */
export function fieldProblem(p: Problem, { text, onSteps = (si) => si }: FieldWords): string {
  const bound = (limit: number): string =>
    text && p.of === 'number' ? text(onSteps(limit, p.code === 'too_small' ? 1 : -1)) : String(limit);
  const value = p.limit === undefined ? '' : bound(p.limit);
  switch (p.code) {
    case 'too_small':
      if (p.of === 'letters') return p.limit === 1 ? 'Give it a name.' : `At least ${value} letters.`;
      return `At least ${value}.`;
    case 'too_big':
      return p.of === 'letters' ? `At most ${value} letters.` : `At most ${value}.`;
    case 'invalid_value':
      return 'Choose one of these.';
    case 'invalid_type':
      return text ? 'Enter a number.' : 'This must be filled in.';
    default:
      return `Must be ${p.expected ?? 'otherwise'}.`;
  }
}

/** Which fields want another look, below the form. */
export const notSavedText = (labels: readonly string[]): string => `Not saved yet: look at ${list(labels)}.`;

export const savedText = (name: string): string => `Saved: ${name}`;
