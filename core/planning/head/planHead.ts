/**
 * The ranking in its second stage: the lures near the lead are planned, and what the planner finds takes the place of
 * the hold table's estimate. Who comes to the head by it is planned too, so that the first three and those in hand all
 * stand on their own casts.
 */
import { learnRanking, rankWithLog, type LearnedRanking, type LogQuestion } from '../../learning/learned';
import { rankWithGrounds, type RankOptions } from '../../ranking/rank';
import type { RankedLure } from '../../ranking/ranked';
import { nextToPlan } from '../../ranking/head';
import type { Planned } from '../../ranking/planned';
import { usualOutfit, type Outfit } from '../../tackle/outfit';
import { rodFit } from '../../tackle/rod';
import type { Conditions } from '../../water/conditions';
import type { Measured } from '../calibrate/known';
import { plannedOf } from '../plan/firstAnswer';
import type { PlanRequest } from '../task/request';

/** What a lure of the box is planned with. */
export interface PlanTackle extends Outfit {
  measured?: Measured | null;
}

/** What the plans are made for. */
export interface PlanBasis {
  /** The water as a plan sees it: without what the log says, so that no plan moves with a cast; absent: as ranked. */
  conditions?: Conditions;
  /** By key; absent: the first of the rods that throws it, and what is usual for its weight. */
  tackle?: Readonly<Record<string, PlanTackle>>;
  /** The angler's log, where it moves the ranking: the head is what it makes of it. */
  log?: LogQuestion | null;
}

/** No more than so many at a time. */
const MAX_PLANNED = 8;
/** Nor more once their casts took so much work, counted: whoever is left stands on the table of holds, and says so. */
const MAX_WORK = 300_000;

/** The plan request of a ranked lure. */
export function requestFor(x: RankedLure, conditions: Conditions, options: RankOptions, basis: PlanBasis): PlanRequest {
  const usual = usualOutfit(x.weightKg);
  const rod = options.rods?.find((r) => rodFit(r, x.weightKg) === 'fits') ?? usual.rod;
  const own = options.lures?.find((l) => l.id === x.key);
  return {
    conditions: basis.conditions ?? conditions,
    lure: {
      id: x.lureId,
      family: x.family,
      weightKg: x.weightKg,
      lengthM: x.rig.sizeM,
      hook: own?.bare ? x.rig.hook : own?.hook,
    },
    ...(basis.tackle?.[x.key] ?? { ...usual, rod }),
    schools: options.schools,
  };
}

/** Plans a lure, and tells of what its casts take. */
type Planner = (r: PlanRequest, tell: (work: number) => void) => Planned;

/** A ranking and what was planned for it, by key. */
export interface PlannedRanking {
  ranking: LearnedRanking;
  planned: Record<string, Planned>;
}

/**
 * The head of the ranking, planned: what the planner finds is added to `options.planned`. Fish on their beds and fish
 * below the ice are ranked by what is done there, not by casts.
 */
export function planHead(
  conditions: Conditions,
  options: RankOptions = {},
  basis: PlanBasis = {},
  plan: Planner = plannedOf,
): Record<string, Planned> {
  const planned: Record<string, Planned> = { ...options.planned };
  let work = 0;
  for (let n = 0; n < MAX_PLANNED && work < MAX_WORK; n++) {
    const asked = { ...options, planned, withoutRange: true };
    const grounds = rankWithGrounds(conditions, asked);
    const next = nextToPlan(basis.log ? learnRanking(grounds, asked, { ...basis.log, trial: null }) : grounds.ranking);
    if (!next) break;
    planned[next.key] = plan(requestFor(next, conditions, options, basis), (took) => {
      work += took;
    });
  }
  return planned;
}

/** The ranking with its head planned, in one go, moved by the log of `basis`. */
export function rankPlanned(
  conditions: Conditions,
  options: RankOptions = {},
  basis: PlanBasis = {},
  plan?: Planner,
): PlannedRanking {
  const planned = planHead(conditions, options, basis, plan);
  return { ranking: rankWithLog(conditions, { ...options, planned }, basis.log ?? null), planned };
}
