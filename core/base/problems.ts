/** A problem is data: a code, the JSON path it concerns and the facts behind it. Words are made in wording/. */
export interface Problem {
  readonly code: string;
  readonly path: string;
  readonly expected?: string;
  /** The bound that was crossed, and what it bounds. */
  readonly limit?: number;
  readonly of?: 'number' | 'letters' | 'items';
}

/** A value, or what is wrong with what was asked; never both. */
export type Result<T> = { ok: true; value: T } | { ok: false; problems: Problem[] };

/** A result that holds. */
export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
/** A result with what is wrong. */
export const fail = (...problems: Problem[]): Result<never> => ({ ok: false, problems });
