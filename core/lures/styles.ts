/** The ways a lure can be worked, by name. What each makes the hands do is planning/cadence/library. */
export const CADENCE_STYLES = [
  'steady',
  'bump',
  'stop-and-go',
  'twitch-pause',
  'nudge',
  'pop-rest',
  'walk',
  'yo-yo',
  'hop',
  'drag',
  'shake',
  'dead-stick',
  'burn-kill',
] as const;
export type CadenceStyle = (typeof CADENCE_STYLES)[number];
