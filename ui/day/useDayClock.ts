/** The day's own clock, for what is stamped: in the demo world it is the demo's, like everything in its log. */
import { useCallback } from 'react';
import { appNowMs } from '../platform/clock';
import { usePrefs } from './contexts';

/** The moment now, whole ms. */
export function useDayClock(): () => number {
  const { demoClock } = usePrefs();
  return useCallback(() => Math.round(appNowMs(demoClock)), [demoClock]);
}
