/** Of a page that no build has made: while it is being developed, and in tests. */
export const UNFINISHED = 'unfinished';

/** The name of the build that this page runs. */
export const buildName = (): string =>
  (typeof document === 'undefined' ? null : document.querySelector('meta[name="build"]')?.getAttribute('content')) ??
  UNFINISHED;
