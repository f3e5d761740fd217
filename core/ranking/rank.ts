/**
 * Ranks families, or the lures of a box, for a reading: score with its reasons and range, exclusions, and the three
 * lures to take in hand.
 */
import type { MoodJudgement } from '../mood/filter';
import type { RodSpec } from '../tackle/rod';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { costPerStrike } from './cost';
import { allFamilies } from '../lures/families';
import type { Family, FamilyId } from '../lures/family';
import { findExclusion, type Exclusion } from './limits';
import { familyOfLure, type OwnLure } from '../lures/own';
import { chooseRig, type Rig } from './rig';
import { DEFAULT_SCHOOLS, withDefaults, type Schools } from './schools';
import type { Score } from './score';
import {
  inMood,
  moodAfter,
  rangesOf,
  scoringOf,
  whenAngry,
  type Branch,
  type ScoreLure,
  type Scoring,
} from './scoring';
import { resolveConditions, type ResolvedConditions } from '../water/resolve';

/** What is ranked: a family as such, or one own lure of it. */
export interface RankEntry {
  /** The own lure's id, or the family's where none is meant. */
  key: string;
  f: Family;
  lure: OwnLure | null;
}

/** A lure with its score, the 5–95 % range of it, and how it is rigged. */
export interface RankedLure extends Score {
  key: string;
  family: FamilyId;
  lureId: string | null;
  low: number;
  high: number;
  rig: Rig;
}

/** A lure that is left out; `key` as of the ranked ones. */
export interface LeftOut extends Exclusion {
  key: string;
}

/** Keys of the lures to take in hand: the first, the one for fish that follow, the one for fish that refuse. */
export interface Three {
  start: string;
  follow: string;
  refusal: string;
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
  s: Scoring,
  rods: RankOptions['rods'],
): { able: RankEntry[]; excluded: LeftOut[] } {
  const able: RankEntry[] = [];
  const excluded: LeftOut[] = [];
  for (const e of entries) {
    const no = findExclusion(e.f, s.reading, s.species, rods ?? null, s.options.schools);
    if (no) excluded.push({ key: e.key, ...no });
    else able.push(e);
  }
  return { able, excluded };
}

/** Best first; of equals by key, so that an order never flickers. */
export const byScore = (a: { score: number; key: string }, b: { score: number; key: string }): number =>
  b.score - a.score || (a.key < b.key ? -1 : 1);

/** The ranking of a box or of all families for conditions: reasons, ranges, exclusions, the three in hand. */
export function rankLures(conditions: Conditions, options: RankOptions = {}): Ranking {
  const species = speciesProfile(conditions.species);
  const s = scoringOf(resolveConditions(conditions), species, contextOptions(options));
  const { reading, mood, branch } = s;
  const schools = s.options.schools ?? DEFAULT_SCHOOLS;
  const { able, excluded } = sift(entriesOf(options), s, options.rods);
  const range = options.withoutRange ? null : rangesOf(s);
  const ranked = able.map((e): RankedLure => {
    const score = s.score(e.f);
    const [low, high] = range?.(e.f, score.strikesPerHour) ?? [score.strikesPerHour, score.strikesPerHour];
    return {
      key: e.key,
      family: e.f.id,
      lureId: e.lure?.id ?? null,
      ...score,
      low,
      high,
      rig: chooseRig(e.f, reading, species, mood.mean, schools),
    };
  });
  ranked.sort(byScore);
  return { reading, branch, mood, ranked, excluded, plan: chooseThree(ranked, able, s) };
}

/** Casts without a sign after which the next lure is taken, for reckoning the three. */
const CASTS_BEFORE_CHANGE = 12;
/** How quiet a lure is for fish that have refused. */
const QUIET_ACTION = 0.3;
/** Lures this near to the best are as good where another reason decides. */
const AS_GOOD = 0.85;
/** A school that begins quietly still takes no lure that is worth less than this share of the best. */
const WORTH_STARTING = 0.4;

interface Scored {
  e: RankEntry;
  score: number;
}
const scoredBy = (able: readonly RankEntry[], score: ScoreLure): Scored[] =>
  able
    .map((e) => ({ e, score: score(e.f).score }))
    .sort((a, b) => byScore({ ...a, key: a.e.key }, { ...b, key: b.e.key }));

/**
 * Which of the best to begin with: the best, but by the schools the quietest that is nearly worth it, or of those as
 * good the one whose strikes cost least.
 */
function starter(ranked: readonly RankedLure[], able: readonly RankEntry[], schools: Schools): RankEntry {
  const entry = (x: RankedLure): RankEntry => able.find((e) => e.key === x.key)!;
  const best = ranked[0]!;
  if (schools.order === 'quiet-first') {
    const quiet = ranked.filter((x) => x.score >= WORTH_STARTING * best.score && entry(x).f.action <= QUIET_ACTION)[0];
    if (quiet) return entry(quiet);
  }
  if (schools.price === 'cheap-where-lures-die') {
    const cost = (x: RankedLure): number => costPerStrike(x, entry(x).lure?.priceMinor ?? 0);
    return entry(ranked.filter((x) => x.score >= AS_GOOD * best.score).reduce((a, b) => (cost(b) < cost(a) ? b : a)));
  }
  return entry(best);
}

/**
 * One to start, one to follow, one for when they refuse. The follow-up is the best once a dozen casts of the first drew
 * nothing, of another kind (another depth or another loudness); the refusal lure is the best quiet one once both drew
 * nothing.
 */
export function chooseThree(ranked: readonly RankedLure[], able: readonly RankEntry[], s: Scoring): Three | null {
  if (ranked.length < 3) return null;
  if (s.branch === 'guarding') return threeForGuarding(ranked, able, s);
  const first = starter(ranked, able, s.options.schools ?? DEFAULT_SCHOOLS);
  const zoneShare = ranked.find((x) => x.key === first.key)!.zone.share;
  const again = (casts: number): Scored[] => scoredBy(able, inMood(s, moodAfter(s, [{ casts, zoneShare }])));
  const differs = (f: Family, g: Family): boolean =>
    f.id !== g.id && (f.mode !== g.mode || Math.abs(f.action - g.action) >= 0.25);
  const others = again(CASTS_BEFORE_CHANGE).filter((x) => x.e !== first);
  const follow = (others.find((x) => differs(x.e.f, first.f)) ?? others[0]!).e;
  const last = again(2 * CASTS_BEFORE_CHANGE + 6).filter((x) => x.e !== first && x.e !== follow);
  const refusal = (
    last.find((x) => x.e.f.action <= Math.min(QUIET_ACTION, first.f.action) && x.e.f.mode !== 'surface') ?? last[0]!
  ).e;
  return { start: first.key, follow: follow.key, refusal: refusal.key };
}

/** Calm, and at the peak of their anger. */
const CALM = [1, 0, 0, 0];
const AT_THE_PEAK = [0, 0, 0, 1];
const HALF_WAY = 1.5;

/** One for now, one for when their anger has turned, one of another kind when the first moves nothing. */
function threeForGuarding(ranked: readonly RankedLure[], able: readonly RankEntry[], s: Scoring): Three {
  const start = ranked[0]!;
  const mode = (key: string): Family['mode'] => able.find((e) => e.key === key)!.f.mode;
  const turned = whenAngry(s, s.mood.guarding!.mean < HALF_WAY ? AT_THE_PEAK : CALM);
  const follow = scoredBy(
    able.filter((e) => e.key !== start.key),
    turned,
  )[0]!.e.key;
  const others = ranked.filter((x) => x !== start && x.key !== follow);
  const refusal = others.find((x) => mode(x.key) !== mode(start.key)) ?? others[0]!;
  return { start: start.key, follow, refusal: refusal.key };
}
