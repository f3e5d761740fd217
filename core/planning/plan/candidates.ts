/** Hands that were tried: what each is worth, and which of them are different places. */
import type { PlanTask, RetrieveSettings } from '../task/setup';
import type { Steps } from './casting';
import type { Track, TrackOptions } from './track';
import { worth } from './worth';

/** One setting of the hands, its track, and what it is worth. */
export interface Candidate {
  hands: RetrieveSettings;
  track: Track;
  worth: number;
}

/** Casts all these hands, each on the same task and mesh. */
export type Evaluate = (hands: readonly RetrieveSettings[]) => Steps<Candidate[]>;

/** Casts them so finely, and says what each is worth. */
export const evaluateOn = (task: PlanTask, how: TrackOptions): Evaluate =>
  function* (all) {
    const tracks = yield all.map((hands) => ({ task, hands, how }));
    return all.map((hands, i) => ({ hands, track: tracks[i]!, worth: worth(task, hands, tracks[i]!) }));
  };

/** The first of those that are worth most. */
export const bestOf = (candidates: readonly Candidate[]): Candidate =>
  candidates.reduce((best, c) => (c.worth > best.worth ? c : best));

const isNear = ({ hands: a }: Candidate, { hands: b }: Candidate): boolean =>
  a.tip.position === b.tip.position &&
  Math.abs(Math.log(a.turnsPerS / b.turnsPerS)) < 0.25 &&
  Math.abs(a.countdownS - b.countdownS) < 1.5;

/** The best few places, best first, with so many candidates of each at the most, its best first. */
export function places(candidates: readonly Candidate[], most: number, each: number): Candidate[][] {
  const out: Candidate[][] = [];
  for (const c of [...candidates].sort((a, b) => b.worth - a.worth)) {
    const place = out.find(([head]) => isNear(head!, c));
    if (!place && out.length < most) out.push([c]);
    else if (place && place.length < each) place.push(c);
  }
  return out;
}

/** The best few that are not the same place twice. */
export const spread = (candidates: readonly Candidate[], most: number): Candidate[] =>
  places(candidates, most, 1).map(([head]) => head!);
