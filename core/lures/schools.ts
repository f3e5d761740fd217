/** Where good anglers disagree: named choices, never silently picked. */
export interface Schools {
  /** Sliding weight: left free, or pegged by what the branches ask for. */
  peg: 'free' | 'by-cover';
}
export const DEFAULT_SCHOOLS: Schools = { peg: 'by-cover' };
