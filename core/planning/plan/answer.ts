/** What a plan answers. */
import { likeliestMood, overMoods } from '../../mood/states';
import type { Belief } from '../calibrate/belief';
import type { Beside } from '../task/placing';
import type { Phase } from '../cadence/cadence';
import type { Presentation } from '../task/presentation';
import type { PlanChange } from './changes';
import type { DepthRange, ShareRange } from './doubt';
import type { RetrieveSettings, PlanTask } from '../task/setup';
import type { Climb } from './climb';
import type { Track } from './track';
import type { Mood } from '../../water/moods';

/** What the mood asks of the hands, and what the lure allows of it. */
export interface Wish {
  mood: Mood;
  /** They guard a bed: no mood is asked. */
  onBed: boolean;
  /** Hang that the fish want, and how long this lure can be left alone in their band, s. */
  pauseS: number;
  hangLimitS: number;
  /** Average speed they should see, and what the plan gives, m/s. */
  speedMps: number;
  givenMps: number;
  /** The same wishes one mood more shut and one more lively, for comparison. */
  shutPauseS: number;
  livelyPauseS: number;
}

/** How to work a lure today: what the hands do, where it runs, what that is worth, and how sure that is. SI. */
export interface Plan {
  presentation: Presentation;
  hands: RetrieveSettings;
  /** Worked with a cadence of the angler's own. */
  own: boolean;
  /** How far past what is aimed at, or past the fish, to throw, m. */
  overshootM: number;
  /** What is aimed at: how far off, m, and how long the lure is among its fish, s; null: nothing within reach. */
  aim: { targetM: number; seconds: number } | null;
  /** How it comes over what rises on its way; null: nothing does. */
  over: Climb | null;
  /** How far below a float it hangs, m; null: on none. */
  belowFloatM: number | null;
  /** It could hang below a float. */
  canFloat: boolean;
  /** How far it flies with ease on this rod in this wind, m; 0 for what is not cast. */
  flightM: number;
  depthM: number;
  /** The band that counts, m. */
  bandM: readonly [number, number];
  /** Worked over or under the fish, which come to it: its own depth counts; null: theirs, the top or the bottom. */
  beside: Beside;
  handleSpeedMps: number;
  zoneShare: ShareRange;
  zoneSecondsPerCast: number;
  /** From splash to lift-out, reeling in included, s. */
  castS: number;
  castsPerHour: number;
  /** Reel in from here, m from the angler; null: work it to the feet. */
  workedToM: number | null;
  reelInS: number;
  phaseS: Record<Phase, number>;
  deepestM: number;
  asideM: number;
  /** Seconds on the bottom in a cast. */
  bottomS: number;
  cutShort: boolean;
  /** Never came within the band: the lure cannot do what is asked. */
  misses: boolean;
  wish: Wish;
  track: Track;
  /** Where it may run at each moment of the track, 5–95 %, m; null while only the first guess stands. */
  range: DepthRange | null;
  /** What is known of the lure and the reel, as ratios to the model's values. */
  known: { drag: Belief; lift: Belief; reel: Belief };
  /** Best first; and how many other changes were not tried, the cast being a long one to simulate. */
  buys: PlanChange[];
  untried: number;
  /** Different hands cast on the model, and casts simulated in all. */
  candidates: number;
  simulations: number;
  effort: PlanStage;
}

/**
 * `first`: the best of a handful of guesses, to show at once; `settled`: searched, with its range and what one change
 * would buy.
 */
export type PlanStage = 'first' | 'settled';

const moreShut = (p: PlanTask, by: number): number =>
  overMoods(p.mood.distribution, (m) => p.species.wantedPauseS[Math.min(4, Math.max(0, m - by))]!);

/** What the mood asks and this lure allows, for the sentence beside the plan. */
export function wishOf(p: PlanTask, givenMps: number): Wish {
  return {
    mood: likeliestMood(p.mood.distribution),
    onBed: p.onBed,
    pauseS: p.wantedPauseS,
    hangLimitS: p.hangLimitS,
    speedMps: p.speedMps,
    givenMps,
    shutPauseS: moreShut(p, 1),
    livelyPauseS: moreShut(p, -1),
  };
}
