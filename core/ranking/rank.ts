/**
 * Ranks families, or the lures of a box, for a reading: score with its reasons and range, exclusions, and the three
 * lures to take in hand.
 */
import type { MoodJudgement } from '../mood/filter';
import type { RodSpec } from '../tackle/rod';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { allFamilies } from '../lures/families';
import type { Family, FamilyId } from '../lures/family';
import { reachM } from '../holdtable/zone';
import { snagChance } from './cover';
import { findExclusion, type Exclusion } from './limits';
import { familyOfLure, type OwnLure } from '../lures/own';
import { asHooked, chooseRig } from './rig';
import { DEFAULT_SCHOOLS, withDefaults, type Schools } from './schools';
import { timesOf } from './score';
import { rangesOf, scoringOf, type Branch, type Scoring } from './scoring';
import { plannedAt, type PlannedByKey } from './planned';
import { byScore, type RankedLure, type RankEntry } from './ranked';
import { chooseThree, type Three } from './three';
import { lackOf, weigh } from './weighing';
import { resolveConditions, type ResolvedConditions } from '../water/resolve';

/** A lure that is left out; `key` as of the ranked ones. */
export interface LeftOut extends Exclusion {
  key: string;
}

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
export interface RankOptions {
  rods?: readonly RodSpec[] | null;
  schools?: Partial<Schools> | null;
  /** The lures of a box; all families when absent. */
  lures?: readonly OwnLure[] | null;
  /** Only these families. */
  families?: readonly FamilyId[];
  /** Thickness of the line in use, m; absent: what each kind is usually thrown on. */
  lineDiameterM?: number;
  /** What the planner found for some of them, by key. */
  planned?: PlannedByKey;
  /** How many times its score each is worth by the log, by key. */
  learned?: Readonly<Record<string, number>>;
  /** The lure that is tied on: kept where another is hardly better. */
  inHand?: string | null;
  /** Leave out the ranges (low = high = middle); ten times quicker. */
  withoutRange?: boolean;
}

/** What is ranked: the lures of the box, or all families. */
export function entriesOf({ lures, families }: Pick<RankOptions, 'lures' | 'families'>): RankEntry[] {
  const wanted = (f: FamilyId): boolean => !families || families.includes(f);
  return lures
    ? lures.filter((l) => wanted(l.family)).map((lure) => ({ key: lure.id, f: familyOfLure(lure), lure }))
    : allFamilies()
        .filter((f) => wanted(f.id))
        .map((f) => ({ key: f.id, f, lure: null }));
}

/** The part of the options that the readings' context needs. */
export const contextOptions = (o: RankOptions): { lineDiameterM?: number; schools: Schools } => ({
  ...(o.lineDiameterM === undefined ? {} : { lineDiameterM: o.lineDiameterM }),
  schools: withDefaults(o.schools),
});

/** Entries that no hard limit keeps in the box here, and those that one does. */
export function sift(
  entries: readonly RankEntry[],
  s: Pick<Scoring, 'reading' | 'species' | 'options'>,
  rods: RankOptions['rods'],
): { able: RankEntry[]; excluded: LeftOut[] } {
  const able: RankEntry[] = [];
  const excluded: LeftOut[] = [];
  for (const e of entries) {
    const no = findExclusion(asHooked(e.f, s.reading), s.reading, s.species, rods ?? null, s.options.schools);
    if (no) excluded.push({ key: e.key, ...no });
    else able.push(e);
  }
  return { able, excluded };
}

/** The same entries at the weights that are worth most here. */
export const atBestWeight = (able: readonly RankEntry[], s: Scoring, rods: RankOptions['rods']): RankEntry[] =>
  able.map((e) => ({ ...e, f: weigh(e.f, s.score, rods).f }));

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
  const species = speciesProfile(conditions.species);
  const s = scoringOf(resolveConditions(conditions), species, contextOptions(options));
  const { reading, mood, branch } = s;
  const schools = s.options.schools ?? DEFAULT_SCHOOLS;
  const sifted = sift(entriesOf(options), s, options.rods);
  const range = options.withoutRange ? null : rangesOf(s);
  const able: RankEntry[] = [];
  const ranked = sifted.able.map((e): RankedLure => {
    const { f, score: byTable, choice } = weigh(e.f, s.score, options.rods);
    const planned = branch === 'feeding' ? plannedAt(f, options.planned?.[e.key]) : null;
    const score = planned ? s.score(f, planned) : byTable;
    const times = timesOf(score, byTable);
    const learned = options.learned?.[e.key] ?? 1;
    able.push({ ...e, f, byPlan: times.score * learned, ...(planned ? { castsPerHour: planned.castsPerHour } : {}) });
    const [low, high] = range?.(f, byTable.strikesPerHour) ?? [byTable.strikesPerHour, byTable.strikesPerHour];
    return {
      key: e.key,
      family: e.f.id,
      lureId: e.lure?.id ?? null,
      ...score,
      score: score.score * learned,
      low: low * times.strikes,
      high: high * times.strikes,
      reach: reachOf(f, score.workingDepthM, s),
      rig: chooseRig(f, reading, species, mood.mean, schools),
      byPlan: planned ? times.score : null,
      weighing: { ...choice, lacks: lackOf(e.f, byTable, s.score, options.rods) },
    };
  });
  ranked.sort(byScore);
  const plan = chooseThree(ranked, able, s, options.inHand ?? null);
  return { ranking: { reading, branch, mood, ranked, excluded: sifted.excluded, plan }, able, scoring: s };
}
