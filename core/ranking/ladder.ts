/**
 * The ladder: from the loudest that is worth showing to the quietest (or the other way), and when to step. Going down,
 * each rung asks whether the fish are in the mood that it is for: it is left when, after so many casts through the zone
 * without a sign, the mood filter believes that half as much as when it was taken up. Going up, a quiet lure is left
 * when it should have drawn a strike by now.
 */
import { DEFAULT_SCHOOLS } from './schools';
import { spreadMood } from '../mood/states';
import type { Family } from '../lures/family';
import type { Whereabouts } from '../water/terms';
import { scoreOfEntry, type RankEntry, type RankedLure } from './ranked';
import { inMood, moodAfter, type Empties, type Scoring } from './scoring';

/** A lure on the way from loud to quiet, and how long to give it. */
export interface Rung {
  key: string;
  /** Casts without a sign before the next is taken; null: the last. */
  casts: number | null;
  minutes: number | null;
  /** Mean mood, 0–4, when it is taken up, if nothing has shown by then. */
  moodMean: number;
}

/** Loudness classes of a ladder, by action from here up: one rung from each. */
const CLASSES = [0.68, 0.5, 0.36, 0.2, 0] as const;
/** A rung is worth this share of the best lure in the mood it is for. */
const WORTH = 0.35;
/** The mood each class is for, 0–4. */
const CLASS_MOOD = [3.2, 2.5, 1.9, 1.1, 0.5] as const;
/** Nobody learns from fewer, and nobody waits for more casts. */
const MIN_CASTS = 4;
const MAX_CASTS = 20;
/** The same lure goes on where fish are known to be: so many times the casts of a search. prior: judgement. */
const PATIENCE: Record<Whereabouts, number> = { searching: 1, located: 1.5, seen: 2 };
/** What is left of the belief that they are in the mood for it. */
const BELIEF_LEFT = 0.5;
/** The moods a class is for reach this far below its own. */
const MOOD_BELOW = 0.7;
/** Strikes that should have come by now: one with two chances in three. */
const DUE = 1.1;

interface Pick {
  e: RankEntry;
  /** Its class, from the loudest. */
  at: number;
}

/** The class of loudness of a lure, from the loudest. */
const classOf = (f: Family): number => CLASSES.findIndex((from) => f.action >= from);
/** The lowest mood, 0–4, that a class is for. */
const moodFromOf = (at: number): number => CLASS_MOOD[at]! - MOOD_BELOW;
const isUpwards = (s: Scoring): boolean => (s.options.schools ?? DEFAULT_SCHOOLS).order === 'quiet-first';

/** Casts without a sign to give a lure before the next is tied on. */
export const castsFor = (e: RankEntry, zoneShare: number, s: Scoring, gone: readonly Empties[] = []): number => {
  const casts = isUpwards(s)
    ? castsUntilDue(e, s, gone)
    : castsUntilDoubted(moodFromOf(classOf(e.f)), zoneShare, s, gone);
  return Math.round(casts * PATIENCE[s.reading.whereabouts]);
};

/**
 * From the lure one starts with (`start`, its key) on, in the direction of the school. Empty for fish on their beds:
 * there their anger says when to change.
 */
export function ladderOf(
  ranked: readonly RankedLure[],
  able: readonly RankEntry[],
  s: Scoring,
  start: string | null = null,
): Rung[] {
  if (s.branch === 'guarding' || ranked.length === 0) return [];
  const picked = fromStart(
    pickRungs(able, s),
    able.find((e) => e.key === start),
    isUpwards(s),
  );
  const now = new Map(ranked.map((x) => [x.key, x]));
  const gone: Empties[] = [];
  return picked.map(({ e }, i): Rung => {
    const { zone } = now.get(e.key)!;
    const moodMean = mean(moodAfter(s, gone));
    if (i === picked.length - 1) return { key: e.key, casts: null, minutes: null, moodMean };
    const casts = castsFor(e, zone.share, s, gone);
    gone.push({ casts, zoneShare: zone.share });
    return { key: e.key, casts, minutes: (60 * casts) / zone.castsPerHour, moodMean };
  });
}

/** Rungs beyond the first lure, with it at the head; all of them where none is named. */
function fromStart(picked: readonly Pick[], first: RankEntry | undefined, upwards: boolean): Pick[] {
  const inOrder = upwards ? [...picked].reverse() : [...picked];
  if (!first) return inOrder;
  const at = classOf(first.f);
  return [{ e: first, at }, ...inOrder.filter((x) => x.e !== first && (upwards ? x.at < at : x.at > at))];
}

const mean = (p: readonly number[]): number => p.reduce((sum, v, i) => sum + v * i, 0);

/** Of each class of loudness the best in the mood it is for, if it is worth showing then; loudest first. */
function pickRungs(able: readonly RankEntry[], s: Scoring): Pick[] {
  return CLASSES.flatMap((from, i) => {
    const below = CLASSES[i - 1] ?? Infinity;
    const score = inMood(s, spreadMood(CLASS_MOOD[i]!, 0.6));
    const all = able.map((e) => ({ e, score: scoreOfEntry(e, score) }));
    const best = Math.max(...all.map((x) => x.score));
    const [top] = all
      .filter(({ e, score: v }) => e.f.action >= from && e.f.action < below && v >= WORTH * best)
      .sort((a, b) => b.score - a.score || (a.e.key < b.e.key ? -1 : 1));
    return top ? [{ e: top.e, at: i }] : [];
  });
}

/** Fewest casts without a sign that leave half the belief in moods from `moodFrom` up. */
function castsUntilDoubted(moodFrom: number, zoneShare: number, s: Scoring, gone: readonly Empties[]): number {
  const belief = (casts: number): number =>
    moodAfter(s, [...gone, { casts, zoneShare }]).reduce((sum, v, m) => sum + (m >= moodFrom ? v : 0), 0);
  const before = belief(0);
  for (let n = MIN_CASTS; n < MAX_CASTS; n++) if (belief(n) < BELIEF_LEFT * before) return n;
  return MAX_CASTS;
}

/** Casts by which it should have drawn a strike. */
function castsUntilDue(e: RankEntry, s: Scoring, gone: readonly Empties[]): number {
  const { strikesPerHour, zone } = inMood(s, moodAfter(s, gone))(e.f);
  const perCast = (strikesPerHour * (e.byPlan ?? 1)) / Math.max(1, e.castsPerHour ?? zone.castsPerHour);
  return Math.min(MAX_CASTS, Math.max(MIN_CASTS, Math.ceil(DUE / Math.max(1e-6, perCast))));
}
