/**
 * Ranks families, or the lures of a box, for a reading: score with its reasons and range, exclusions, and the three
 * lures to take in hand.
 */
import type { MoodJudgement } from '../mood/filter';
import { reachM } from '../holdtable/zone';
import type { Family } from '../lures/family';
import type { Conditions } from '../water/conditions';
import type { ResolvedConditions } from '../water/resolve';
import { snagChance } from './cover';
import { layOut, type BoxQuestion, type LeftOut } from './layout';
import { plannedAt, type PlannedByKey } from './planned';
import { byScore, type RankedLure, type RankEntry } from './ranked';
import type { Branch, Scoring } from './scoring';
import { timesOf } from './score';
import { chooseThree, type Three } from './three';

/** The answer of `rank`: best first, with the judgement it rests on. */
export interface Ranking {
  reading: ResolvedConditions;
  branch: Branch;
  mood: MoodJudgement;
  ranked: RankedLure[];
  excluded: LeftOut[];
  /** Keys of the ranked. */
  plan: Three | null;
}

/** What is chosen from, and what the angler adds to the water. */
export interface RankOptions extends BoxQuestion {
  /** What the planner found for some of them, by key. */
  planned?: PlannedByKey;
  /** How many times its score each is worth by the log, by key. */
  learned?: Readonly<Record<string, number>>;
  /** The lure that is tied on: kept where another is hardly better. */
  inHand?: string | null;
}

/** On the bottom a lure is worked from there up; else it has its own range. */
function reachOf(f: Family, workingDepthM: number, { reading, options }: Scoring): RankedLure['reach'] {
  const { depthM } = reading;
  const [topM, bottomM] =
    f.mode === 'bottom'
      ? [Math.min(workingDepthM, depthM), depthM]
      : [f.depthM[0], Math.min(depthM, reachM(f, options.lineDiameterM))];
  return { topM, bottomM, snagPerCast: snagChance(f, reading) };
}

/** A ranking, and what it rests on: the same lures at the weights tied on, and the scoring. */
export interface RankingWithGrounds {
  ranking: Ranking;
  able: RankEntry[];
  scoring: Scoring;
}

/** The ranking of a box or of all families for conditions: reasons, ranges, exclusions, the three in hand. */
export const rankLures = (conditions: Conditions, options: RankOptions = {}): Ranking =>
  rankWithGrounds(conditions, options).ranking;

/** The same for who asks more about it. */
export function rankWithGrounds(conditions: Conditions, options: RankOptions = {}): RankingWithGrounds {
  const { scoring: s, excluded, laid } = layOut(conditions, options);
  const { reading, mood, branch } = s;
  const able: RankEntry[] = [];
  const ranked = laid.map(
    ({ e, weighed: { f, score: byTable, choice }, range: [low, high], rig, lacks }): RankedLure => {
      const planned = branch === 'feeding' ? plannedAt(f, options.planned?.[e.key]) : null;
      const score = planned ? s.score(f, planned) : byTable;
      const times = timesOf(score, byTable);
      const learned = options.learned?.[e.key] ?? 1;
      able.push({ ...e, f, byPlan: times.score * learned, ...(planned ? { castsPerHour: planned.castsPerHour } : {}) });
      return {
        key: e.key,
        family: e.f.id,
        lureId: e.lure?.id ?? null,
        ...score,
        score: score.score * learned,
        low: low * times.strikes,
        high: high * times.strikes,
        reach: reachOf(f, score.workingDepthM, s),
        rig,
        byPlan: planned ? times.score : null,
        weighing: { ...choice, lacks },
      };
    },
  );
  ranked.sort(byScore);
  const plan = chooseThree(ranked, able, s, options.inHand ?? null);
  return { ranking: { reading, branch, mood, ranked, excluded, plan }, able, scoring: s };
}
