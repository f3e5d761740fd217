/**
 * The first answer: the best of the closed-form guess, a few others and three looks around, some forty casts on the
 * coarsest mesh, and what is not known of the tackle at four corners. How near its share is to the settled plan's:
 * npm run bench -- agreement.
 */
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { MESH } from '../../simulation/types';
import type { Planned } from '../../ranking/planned';
import type { PlanRequest } from '../task/request';
import { firstSettings, setUpTask, type PlanTask, type RetrieveSettings } from '../task/setup';
import { corners, type TackleDraw } from '../task/tackleDraws';
import { shareRange, type ShareRange } from './doubt';
import { isNotCast, planNotCast } from './notCast';
import { around, atOnce, freeParameters, openings, type Candidate, type Progress } from './search';
import { simulateSettings, type Track } from './track';
import { meanDepthM, movingSpeedMps, plannedAsIn, workedSpeedMps } from './pace';
import { bestWay } from './ways';
import { worth } from './worth';

/** Guesses besides the closed form: what swims has more to find than what lies on the bottom or under a float. */
const OPENINGS = { swim: 12, other: 3 } as const;
/** Looks around the best of them, in steps of these sizes. */
const LOOKS = [1, 0.5, 0.25] as const;

/**
 * A first answer's range is as much wider, as a share: better hands may be found, and a finer mesh may hold it less.
 * Without it the settled share lay inside for 50 of 64 lures; with it for 32 of 32 others.
 */
const FIRST_DOUBT = 0.06;

/** One cast on the coarsest mesh. */
export type ScanCast = (h: RetrieveSettings, draw?: TackleDraw) => Generator<Progress, Track>;

/** The hands that are likely to be best, their cast, and their share with its range. */
export interface FirstAnswer {
  hands: RetrieveSettings;
  track: Track;
  zoneShare: ShareRange;
  /** Different hands cast. */
  candidates: number;
}

/** The first answer of a lure that is cast. `cast` may rest in between. */
export function* firstAnswer(p: PlanTask, cast: ScanCast): Generator<Progress, FirstAnswer> {
  let candidates = 0;
  function* tried(hands: RetrieveSettings): Generator<Progress, Candidate> {
    const track = yield* cast(hands);
    candidates++;
    return { hands, track, worth: worth(p, hands, track) };
  }
  const start = firstSettings(p);
  let best = yield* tried(start);
  const swims = p.family.mode === 'swim';
  // A lure on top is on top whatever the hands do: nothing to search.
  const free = p.family.mode === 'surface' ? [] : freeParameters(p, start);
  if (free.length > 0) {
    for (const h of openings(p, start, free).slice(0, swims ? OPENINGS.swim : OPENINGS.other)) {
      const c = yield* tried(h);
      if (c.worth > best.worth) best = c;
    }
    if (swims) for (const step of LOOKS) best = yield* around(free, best, step, tried);
  }
  const atCorners: number[] = [];
  // What lies on the bottom or hangs from a float is there whatever its drag.
  if (swims) for (const corner of corners(p)) atCorners.push((yield* cast(best.hands, corner)).zoneShare);
  const { hands, track } = best;
  const share = shareRange(track.zoneShare, track.zoneShare, atCorners);
  return {
    hands,
    track,
    zoneShare: { ...share, low: Math.max(0, share.low - FIRST_DOUBT), high: Math.min(1, share.high + FIRST_DOUBT) },
    candidates,
  };
}

/** What the ranking needs to know of a plan that nobody has made yet: its first answer. */
export function plannedOf(request: PlanRequest): Planned {
  const asked = setUpTask(request);
  if (isNotCast(asked)) return plannedAsIn(planNotCast(asked, 'first'));
  const p = atOnce(
    bestWay(asked, function* (q, h) {
      return simulateSettings(q, h, { mesh: MESH.scan });
    }),
  );
  const { hands, track, zoneShare } = atOnce(
    firstAnswer(p, function* (h, draw) {
      return simulateSettings(p, h, { mesh: MESH.scan, ...draw });
    }),
  );
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
