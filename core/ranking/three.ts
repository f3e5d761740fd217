/**
 * The three to take in hand: what one starts with, what one ties on next, and what one falls back to when they refuse.
 * All are worth tying on and of a size that fits; the second differs in kind, the third is quieter, smaller or slower
 * by its own numbers. Where the box holds none, the same lure is worked otherwise, and that is said.
 */
import type { Family } from '../lures/family';
import { HALF_ANGRY, PASSES_BEFORE_CHANGE } from '../mood/guarding';
import { costPerStrike } from './cost';
import { castsFor } from './ladder';
import { byScore, scoreOfEntry, type RankedLure, type RankEntry } from './ranked';
import { DEFAULT_SCHOOLS, type Schools } from './schools';
import { inMood, moodAfter, whenAngry, type ScoreLure, type Scoring } from './scoring';

/** Keys of the lures to take in hand: the first, the one for fish that follow, the one for fish that refuse. */
export interface Three {
  start: string;
  follow: string;
  refusal: string;
  /** Casts (passes, over a bed) without a sign after which the next is tied on: said and reckoned with everywhere. */
  casts: number;
  /** Roles for which the box holds nothing better than the lure one starts with, worked otherwise. */
  reworked: readonly ('follow' | 'refusal')[];
  /** In what the third is gentler than the first; none over a bed, where it is of another kind. */
  gentler: readonly Gentler[];
}

/** How quiet a lure is for fish that have refused. */
const QUIET_ACTION = 0.3;
/** Lures this near to the best are as good where another reason decides: what they cost, or that one is tied on. */
const AS_GOOD = 0.85;
/** A school that begins quietly still takes no lure that is worth less than this share of the best. */
const WORTH_STARTING = 0.4;
/** Nothing is tied on that is worth less than this share of the best. */
export const WORTH_TYING = 0.2;
/** ln: half of the strikes lost to the size alone is a lure of the wrong size. */
const WRONG_SIZE = Math.log(0.5);
/** What counts as quieter, smaller, slower than the first. */
const QUIETER_BY = 0.08;
const SMALLER = 0.8;
const SLOWER = 0.65;

interface Scored {
  e: RankEntry;
  score: number;
}
const scoredBy = (able: readonly RankEntry[], score: ScoreLure): Scored[] =>
  able
    .map((e) => ({ e, score: scoreOfEntry(e, score) }))
    .sort((a, b) => byScore({ ...a, key: a.e.key }, { ...b, key: b.e.key }));

/**
 * Which of the best to begin with: the best, but by the schools the quietest that is nearly worth it, or of those as
 * good the one whose strikes cost least; a lure that is tied on already stays where another is hardly better.
 */
function starter(
  ranked: readonly RankedLure[],
  able: readonly RankEntry[],
  schools: Schools,
  inHand: string | null,
): RankEntry {
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
  const tied = ranked.find((x) => x.key === inHand);
  return entry(tied && tied.score >= AS_GOOD * best.score ? tied : best);
}

/** In what the third may be gentler than the first. */
export type Gentler = 'quieter' | 'smaller' | 'slower';

/** Another depth, or another loudness. */
const differs = (f: Family, g: Family): boolean =>
  f.id !== g.id && (f.mode !== g.mode || Math.abs(f.action - g.action) >= 0.25);

/** In what a lure is gentler than the first, if it is no louder. */
function gentlerIn(x: RankedLure, f: Family, first: RankedLure, g: Family): Gentler[] {
  if (f.action > g.action) return [];
  return [
    ...(f.action <= g.action - QUIETER_BY ? (['quieter'] as const) : []),
    ...(x.rig.sizeM <= SMALLER * first.rig.sizeM ? (['smaller'] as const) : []),
    ...(x.speedMps <= SLOWER * first.speedMps ? (['slower'] as const) : []),
  ];
}

/**
 * The follow-up is the best once enough casts of the first drew nothing, of another kind; the refusal lure is the best
 * gentle one once both drew nothing. `ranked` best first; `able` at the weights that are tied on.
 */
export function chooseThree(
  ranked: readonly RankedLure[],
  able: readonly RankEntry[],
  s: Scoring,
  inHand: string | null = null,
): Three | null {
  if (ranked.length === 0) return null;
  if (s.branch === 'guarding') return threeForGuarding(ranked, able, s);
  const first = starter(ranked, able, s.options.schools ?? DEFAULT_SCHOOLS, inHand);
  const byKey = new Map(ranked.map((x) => [x.key, x]));
  const here = byKey.get(first.key)!;
  const least = WORTH_TYING * ranked[0]!.score;
  const worthTying = able.filter((e) => {
    const x = byKey.get(e.key)!;
    return e !== first && x.score >= least && (x.why.find((w) => w.factor === 'size')?.ln ?? 0) >= WRONG_SIZE;
  });
  const again = (empty: number): Scored[] =>
    scoredBy(worthTying, inMood(s, moodAfter(s, [{ casts: empty, zoneShare: here.zone.share }])));
  const casts = castsFor(first, here.zone.share, s);
  const others = again(casts);
  const follow = (others.find((x) => differs(x.e.f, first.f)) ?? others[0])?.e;
  const gentler = (e: RankEntry): Gentler[] => gentlerIn(byKey.get(e.key)!, e.f, here, first.f);
  const last = again(2 * casts + 6).filter(({ e }) => e !== follow && gentler(e).length > 0);
  const refusal = (
    last.find((x) => x.e.f.action <= QUIET_ACTION && x.e.f.mode !== 'surface') ??
    last.find((x) => x.e.f.mode !== 'surface') ??
    last[0]
  )?.e;
  return { ...three(casts, first.key, follow?.key, refusal?.key), gentler: refusal ? gentler(refusal) : [] };
}

const three = (casts: number, start: string, follow: string | undefined, refusal: string | undefined): Three => ({
  casts,
  gentler: [],
  start,
  follow: follow ?? start,
  refusal: refusal ?? start,
  reworked: [...(follow ? [] : (['follow'] as const)), ...(refusal ? [] : (['refusal'] as const))],
});

/** Calm, and at the peak of their anger. */
const CALM = [1, 0, 0, 0];
const AT_THE_PEAK = [0, 0, 0, 1];

/** One for now, one for when their anger has turned, one of another kind when the first moves nothing. */
function threeForGuarding(ranked: readonly RankedLure[], able: readonly RankEntry[], s: Scoring): Three {
  const start = ranked[0]!;
  const least = WORTH_TYING * start.score;
  const mode = (key: string): Family['mode'] => able.find((e) => e.key === key)!.f.mode;
  const turned = whenAngry(s, s.mood.guarding!.mean < HALF_ANGRY ? AT_THE_PEAK : CALM);
  const follow = scoredBy(
    able.filter((e) => e.key !== start.key),
    turned,
  )[0]?.e.key;
  const others = ranked.filter((x) => x !== start && x.key !== follow && x.score >= least);
  const refusal = others.find((x) => mode(x.key) !== mode(start.key)) ?? others[0];
  return three(PASSES_BEFORE_CHANGE, start.key, follow, refusal?.key);
}
