/** A whole record that gave way to another: a file read in, nothing, the sample world, or the one before it. */

/** Why a whole record was replaced. */
export const REPLACED_BY = ['import', 'clear', 'demo', 'put-back'] as const;
/** What a record was before it was replaced: when (ms) and why that was, and how many records it had. */
export interface Before {
  atMs: number;
  by: (typeof REPLACED_BY)[number];
  records: number;
}
