/** What is ranked, and what a ranked lure carries. */
import type { Family, FamilyId } from '../lures/family';
import type { OwnLure } from '../lures/own';
import type { Rig } from './rig';
import type { Score } from './score';
import type { ScoreLure } from './scoring';
import type { Lack, WeightChoice } from './weighing';

/** What is ranked: a family as such, or one own lure of it. */
export interface RankEntry {
  /** The own lure's id, or the family's where none is meant. */
  key: string;
  f: Family;
  lure: OwnLure | null;
  /** Its score by the plan over that by the table; absent: it was not planned. */
  byPlan?: number;
  /** Casts an hour as planned; absent: as the table has it. */
  castsPerHour?: number;
}

/** A lure with its score, the 5–95 % range of it, and how it is rigged. */
export interface RankedLure extends Score {
  key: string;
  family: FamilyId;
  lureId: string | null;
  low: number;
  high: number;
  rig: Rig;
  /** Where it can be worked here, m, and the chance of a firm snag in one cast. */
  reach: { topM: number; bottomM: number; snagPerCast: number };
  /** Its score by the plan over that by the table; null: the table's alone, about what a plan would find. */
  byPlan: number | null;
  /** Why it weighs what it does. */
  weighing: WeightChoice & { lacks: Lack | null };
}

/** The score of an entry in any mood: what its plan found goes with it. */
export const scoreOfEntry = (e: RankEntry, score: ScoreLure): number => score(e.f).score * (e.byPlan ?? 1);

/** Best first; of equals by key, so that an order never flickers. */
export const byScore = (a: { score: number; key: string }, b: { score: number; key: string }): number =>
  b.score - a.score || (a.key < b.key ? -1 : 1);

/** The lure one starts with, by key: the plan's, where there is none the first; null where nothing works. */
export const startOf = (r: { plan: { start: string } | null; ranked: readonly { key: string }[] }): string | null =>
  r.plan?.start ?? r.ranked[0]?.key ?? null;
