/**
 * The first answer: the best of the closed-form guess, a few others and three looks around, some forty casts on the
 * coarsest mesh, the best three cast again on a finer one, and what is not known of the tackle at four corners. How
 * near its share is to the settled plan's: npm run bench -- agreement, first-answers.
 */
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { MESH } from '../../simulation/types';
import type { Planned } from '../../ranking/planned';
import type { PlanRequest } from '../task/request';
import { firstSettings, setUpTask, type PlanTask, type RetrieveSettings } from '../task/setup';
import { corners } from '../task/tackleDraws';
import { shareRange, type ShareRange } from './doubt';
import { isNotCast, planNotCast } from './notCast';
import { atOnce, type Steps } from './casting';
import { bestOf, evaluateOn, type Evaluate } from './candidates';
import { freeParameters } from './freedoms';
import { firstHands, guessesOf } from './search';
import type { Track } from './track';
import { meanDepthM, movingSpeedMps, plannedAsIn, workedSpeedMps } from './pace';
import { bestWay } from './ways';

/**
 * A first answer's range is as much wider, as a share: better hands may be found, and a finer mesh may hold it less.
 * With it the settled share lay inside for 125 of 128 lures.
 */
const FIRST_DOUBT = 0.06;

/** The hands that are likely to be best, their cast, and their share with its range. */
export interface FirstAnswer {
  hands: RetrieveSettings;
  track: Track;
  zoneShare: ShareRange;
  /** Different hands cast. */
  candidates: number;
}

/** The first answer of a lure that is cast. */
export function* firstAnswer(p: PlanTask): Steps<FirstAnswer> {
  let candidates = 0;
  const scanned = evaluateOn(p, { mesh: MESH.scan });
  const tried: Evaluate = (all) => {
    candidates += all.length;
    return scanned(all);
  };
  const start = firstSettings(p);
  const swims = p.family.mode === 'swim';
  // A lure on top is on top whatever the hands do: nothing to search.
  const free = p.family.mode === 'surface' ? [] : freeParameters(p, start);
  const kept = yield* firstHands(p, guessesOf(p, start, free), free, tried);
  // The coarsest mesh flatters what it has chosen.
  const finer = evaluateOn(p, { mesh: MESH.quick, lineShapes: true });
  const { hands, track } = bestOf(yield* finer(kept.map((c) => c.hands)));
  const coarse = kept.find((c) => c.hands === hands)!.track;
  // What lies on the bottom or hangs from a float is there whatever its drag.
  const atCorners = swims
    ? yield corners(p).map((corner) => ({ task: p, hands, how: { mesh: MESH.scan, ...corner } }))
    : [];
  const share = shareRange(
    track.zoneShare,
    coarse.zoneShare,
    atCorners.map((t) => t.zoneShare),
  );
  return {
    hands,
    track,
    zoneShare: { ...share, low: Math.max(0, share.low - FIRST_DOUBT), high: Math.min(1, share.high + FIRST_DOUBT) },
    candidates,
  };
}

/** What the ranking needs to know of a plan that nobody has made yet: its first answer. `tell`: as with `atOnce`. */
export function plannedOf(request: PlanRequest, tell?: (work: number) => void): Planned {
  const asked = setUpTask(request);
  if (isNotCast(asked)) return plannedAsIn(planNotCast(asked, 'first'));
  const p = atOnce(bestWay(asked), tell);
  const { hands, track, zoneShare } = atOnce(firstAnswer(p), tell);
  return {
    weightKg: p.family.weightKg[1],
    zoneShare: zoneShare.mean,
    depthM: meanDepthM(track, p.bandM),
    flightM: p.flightM,
    castS: track.castS,
    castsPerHour: 3600 / (track.castS + BETWEEN_CASTS_S),
    speedMps: workedSpeedMps(hands, track),
    movingMps: movingSpeedMps(hands, track),
  };
}
