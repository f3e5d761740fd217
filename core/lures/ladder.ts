/**
 * The ladder: from the loudest that is worth showing to the quietest (or the other way), and when to step. A rung is left when, after so many casts through the
 * zone without a sign, the next lure is worth more: the mood has been believed down by what the filter makes of them, and the lure itself by what its own
 * rate is known to stray.
 */
import { DEFAULT_SCHOOLS } from './schools';
import { spreadMood } from '../mood/states';
import type { Entry, RankedLure } from './rank';
import { inMood, moodAfter, OWN_SPREAD, type Scoring } from './scoring';

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
const COUNTS = [3, 4, 5, 6, 8, 10, 12, 15, 18, 22, 27, 33, 40, 50] as const;
/** However hopeful: nobody learns more from one lure than this tells. */
const MOST = COUNTS[COUNTS.length - 1]!;
/** Shape of the gamma that a lure's own rate is drawn from: its spread is OWN_SPREAD. */
const OWN_SHAPE = 1 / OWN_SPREAD ** 2;

/** Empty for fish on their beds: there their anger says when to change. */
export function ladderOf(ranked: readonly RankedLure[], able: readonly Entry[], s: Scoring): Rung[] {
  if (s.branch === 'guarding' || ranked.length === 0) return [];
  const picked = pickRungs(able, s);
  if ((s.options.schools ?? DEFAULT_SCHOOLS).order === 'quiet-first') picked.reverse();
  const now = new Map(ranked.map((x) => [x.key, x]));
  const rungs: Rung[] = [];
  let gone = 0;
  picked.forEach((e, i) => {
    const next = picked[i + 1];
    const moodMean = mean(moodAfter(s, gone, now.get(e.key)!.zone.share));
    if (!next) {
      rungs.push({ key: e.key, casts: null, minutes: null, moodMean });
      return;
    }
    const casts = castsUntil(e, next, s, gone);
    const { castsPerHour } = now.get(e.key)!.zone;
    rungs.push({ key: e.key, casts, minutes: (60 * casts) / castsPerHour, moodMean });
    gone += casts;
  });
  return rungs;
}

const mean = (p: readonly number[]): number => p.reduce((sum, v, i) => sum + v * i, 0);

/** Of each class of loudness the best in the mood it is for, if it is worth showing then; loudest first. */
function pickRungs(able: readonly Entry[], s: Scoring): Entry[] {
  return CLASSES.flatMap((from, i) => {
    const below = CLASSES[i - 1] ?? Infinity;
    const score = inMood(s, spreadMood(CLASS_MOOD[i]!, 0.6));
    const all = able.map((e) => ({ e, score: score(e.f).score }));
    const best = Math.max(...all.map((x) => x.score));
    const [top] = all
      .filter(({ e, score: v }) => e.f.action >= from && e.f.action < below && v >= WORTH * best)
      .sort((a, b) => b.score - a.score || (a.e.key < b.e.key ? -1 : 1));
    return top ? [top.e] : [];
  });
}

/** Fewest casts without a sign after which the next is worth more. */
function castsUntil(e: Entry, next: Entry, s: Scoring, gone: number): number {
  for (const n of COUNTS) {
    const { share } = s.score(e.f).zone;
    const score = inMood(s, moodAfter(s, gone + n, share));
    const mine = score(e.f);
    const expected = (mine.strikesPerHour / Math.max(1, mine.zone.castsPerHour)) * n;
    if ((mine.score * OWN_SHAPE) / (OWN_SHAPE + expected) < score(next.f).score) return n;
  }
  return MOST;
}
