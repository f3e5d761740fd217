/**
 * A ranking moved by the log: every lure's strikes times what past fishing says of it, with the range that is left, and
 * what one would try next. Without a log of this fish the ranking is as it was.
 */
import { contentHash } from '../base/hash';
import { keeper } from '../base/keeper';
import { OWN_SPREAD } from '../ranking/scoring';
import { chooseThree } from '../ranking/three';
import { byScore, type RankedLure } from '../ranking/ranked';
import { rankWithGrounds, type Ranking, type RankingWithGrounds, type RankOptions } from '../ranking/rank';
import type { FamilyId } from '../lures/family';
import type { Conditions } from '../water/conditions';
import type { ResolvedConditions } from '../water/resolve';
import { effect, effectsOf, type Effect, type WaterAndDay } from './effects';
import { fit, JUDGED, learnSpreads, type Posterior, type Spreads } from './fit';
import { hookingOf, landingOf } from './hooking';
import { hookedShare, leadOf, usualIn, rowsOf, type PastBlock, type RowOfHistory } from './history';
import { likeness } from './likeness';
import { nextTrial, type Trial, type TrialQuestion } from './trial';

/** What stands behind a lure's rate. */
export interface Evidence {
  /** Hours that this kind was fished for this fish, and how many of them were like now, here. */
  hours: number;
  effectiveHours: number;
  strikes: number;
  /** Strikes that the model expected in those hours. */
  expected: number;
  /** Landed of what is hooked on this kind, 0–1. */
  landedShare: number;
  tooThin: boolean;
}

/** A rate and its 5–95 % range, strikes an hour. */
export interface RateRange {
  strikesPerHour: number;
  low: number;
  high: number;
}

/** A ranked lure with what the log did to it. */
export interface LearnedLure extends RankedLure {
  prior: RateRange;
  evidence: Evidence;
  /** How many times its score it is worth by the log; 1 without one. */
  byLog: number;
}

/** How many times what the model expects is caught here, by this angler, today: a guess and its 5–95 % range. */
export interface Level {
  ratio: number;
  low: number;
  high: number;
}

/** A ranking that has heard the log. */
export interface LearnedRanking extends Omit<Ranking, 'ranked'> {
  ranked: LearnedLure[];
  level: Level;
  trial: Trial | null;
  /** Blocks of this fish that counted. */
  blocks: number;
}

/** What is asked of the log besides the ranking. */
export interface LogQuestion {
  history: readonly PastBlock[];
  here?: WaterAndDay | null;
  trial?: TrialQuestion | null;
}

/** 5 and 95 % of a normal distribution lie so many spreads from its middle. */
const NINETY = 1.6449;
/** Under so many hours like these a rate is mostly the model's. prior: judgement. */
const THIN_HOURS = 2;
function evidenceOf(
  rows: readonly RowOfHistory[],
  family: FamilyId,
  r: ResolvedConditions,
  water: string | null | undefined,
  landing: (family: FamilyId) => number,
): Evidence {
  const own = rows.filter((x) => x.family === family);
  const sum = (of: (x: RowOfHistory) => number): number => own.reduce((total, x) => total + of(x), 0);
  const effectiveHours = sum((x) => x.hours * likeness(x, { reading: r, water }));
  return {
    hours: sum((x) => x.was.hours),
    effectiveHours,
    strikes: sum((x) => x.was.strikes),
    expected: sum((x) => x.was.expected),
    landedShare: landing(family),
    tooThin: effectiveHours < THIN_HOURS,
  };
}

/** A day that nobody fished yet. */
const NEW_DAY = '(today)';
/** Deviations that say how good the fishing is, whatever is tied on. */
const levelEffects = (here: WaterAndDay): Effect[] => [
  effect('level', 'level'),
  ...(here.water ? [effect('water', here.water)] : []),
  effect('trip', here.trip!),
];

/** The range that is left: the doubt of the readings stays, that of the rate itself is what the fit leaves. */
function rangeLeft(x: RankedLure, times: number, variance: number): Pick<RankedLure, 'low' | 'high'> {
  const middle = x.strikesPerHour;
  const now = middle * times;
  if (!(middle > 0)) return { low: x.low * times, high: x.high * times };
  const left = (end: number): number => {
    const before = Math.log(Math.max(end, 1e-9) / middle);
    const ofReadings = Math.max(0, (before / NINETY) ** 2 - OWN_SPREAD ** 2);
    return Math.sign(before) * NINETY * Math.sqrt(ofReadings + variance);
  };
  return x.high > x.low
    ? { low: now * Math.exp(left(x.low)), high: now * Math.exp(left(x.high)) }
    : { low: now, high: now };
}

/** The last fits by what they were made of: the same log is asked again for every lure that is planned. */
const fits = keeper<Posterior>(4);
/** Spreads by the days that they were learned from: today's blocks come one by one and teach them tomorrow. */
const spreads = keeper<Spreads>(4);

const named = (rows: readonly RowOfHistory[]): unknown[] => rows.map((r) => [r.key, r.expected, r.strikes]);

function fitted(rows: readonly RowOfHistory[], queries: readonly (readonly Effect[])[], today: string): Posterior {
  const past = rows.filter((r) => !r.effects.some((e) => e.group === 'trip' && e.name === today));
  const known = past.length > 0 ? spreads(contentHash(named(past)), () => learnSpreads(past)) : JUDGED;
  return fits(contentHash([named(rows), queries]), () => fit(rows, queries, known));
}

/** The ranking with the log of past blocks in it. `inHand`: the key of what is tied on. */
export function learnRanking(
  { ranking, able, scoring }: RankingWithGrounds,
  options: RankOptions,
  { history, here, trial }: LogQuestion,
): LearnedRanking {
  const { ranked, reading } = ranking;
  const place = { water: here?.water ?? null, trip: here?.trip ?? NEW_DAY };
  const rows = rowsOf(history, reading.species, options, { trip: place.trip, signs: reading.signs });
  const usual = usualIn(scoring);
  const told = rows.length > 0;
  // Without a log nothing is asked of the lures, but by a trial.
  const asked = told || trial ? ranked : [];
  const queries = asked.map((x) =>
    effectsOf(
      able.find((e) => e.key === x.key)!.f,
      {
        // As the table has it, as for the blocks: what a plan found of it lies in its rate already.
        lead: leadOf(x.strikesPerHour / (x.byPlan ?? 1), usual),
        colour: x.rig.colour,
        lure: x.lureId,
        ...place,
      },
      reading,
    ),
  );
  const p = fitted(rows, [...queries, levelEffects(place)], place.trip);
  const ofLevel = queries.length;
  const hooking = hookingOf(rows);
  const landing = landingOf(rows);
  const learned = ranked.map((x, i): LearnedLure => {
    const evidence = evidenceOf(rows, x.family, reading, place.water, landing);
    const prior = { strikesPerHour: x.strikesPerHour, low: x.low, high: x.high };
    if (!told) return { ...x, prior, evidence, byLog: 1 };
    const ln = p.mean[i]!;
    const times = Math.exp(ln);
    const hooked = hooking(x.family, hookedShare(x));
    const log = {
      factor: 'log' as const,
      ln,
      facts: { times, strikes: evidence.strikes, hours: evidence.hours, expected: evidence.expected },
    };
    return {
      ...x,
      strikesPerHour: x.strikesPerHour * times,
      score: x.score * times * hooked,
      byLog: times * hooked,
      ...rangeLeft(x, times, p.variance[i]!),
      why: [
        ...x.why.slice(0, -2),
        log,
        ...x.why.slice(-2).map((w) => (w.factor === 'hooked' ? { ...w, ln: w.ln + Math.log(hooked) } : w)),
      ],
      prior,
      evidence,
    };
  });
  const order = learned.map((x, i) => ({ x, i })).sort((a, b) => byScore(a.x, b.x));
  const sorted = order.map(({ x }) => x);
  const moved = new Map(sorted.map((x) => [x.key, x.byLog]));
  const level = p.mean[ofLevel]!;
  const spread = NINETY * Math.sqrt(p.variance[ofLevel]!);
  return {
    ...ranking,
    ranked: sorted,
    plan: told
      ? chooseThree(
          sorted,
          able.map((e) => ({ ...e, byPlan: (e.byPlan ?? 1) * (moved.get(e.key) ?? 1) })),
          scoring,
          options.inHand ?? null,
        )
      : ranking.plan,
    level: { ratio: Math.exp(level), low: Math.exp(level - spread), high: Math.exp(level + spread) },
    trial: trial ? nextTrial(order, p, trial) : null,
    blocks: rows.length,
  };
}

/** The ranking for conditions, moved by the log; without one as `rankLures`, with the fields of the log. */
export const rankWithLog = (conditions: Conditions, options: RankOptions, log: LogQuestion | null): LearnedRanking =>
  learnRanking(rankWithGrounds(conditions, options), options, log ?? { history: [] });
