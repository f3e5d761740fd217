/** What would change its mind: the nearest value of each reading at which another lure takes the lead. */
import { lerp } from '../base/numbers';
import { overMoods, spreadMood } from '../mood/states';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import type { Family } from '../lures/family';
import { contextOptions, entriesOf, sift } from './layout';
import type { RankOptions } from './rank';
import { plannedAt } from './planned';
import { byScore, type RankEntry } from './ranked';
import { timesOf } from './score';
import { inMood, scoringOf, type Scoring } from './scoring';
import { weigh } from './weighing';
import { resolveConditions, type ResolvedConditions } from '../water/resolve';

/** Readings whose change may turn the choice. */
export const TURNS = ['surfaceTempC', 'clarityM', 'fishDepthM', 'waveHeightM', 'sunElevationDeg', 'mood'] as const;
export type TurnReading = (typeof TURNS)[number];

/** The value of one reading at which another lure takes the lead, all else as it is. */
export interface BreakEven {
  reading: TurnReading;
  way: 'up' | 'down';
  /** Now, and where the lead changes, SI (mood: mean 0–4). */
  from: number;
  at: number;
  /** Who takes it. */
  rival: string;
  /** The leader met a hard limit there, rather than being overtaken. */
  limit: boolean;
}

/** How far to look from where it is, steps on each side, and whether the steps are ratios. */
const LOOK: Record<
  TurnReading,
  { steps: number; size: number; ratio: boolean; low: number; high: (r: ResolvedConditions) => number }
> = {
  surfaceTempC: { steps: 10, size: 1.2, ratio: false, low: 0, high: () => 34 },
  clarityM: { steps: 10, size: 1.2, ratio: true, low: 0.08, high: () => 10 },
  fishDepthM: { steps: 12, size: 1.12, ratio: true, low: 0.1, high: (r) => r.depthM },
  waveHeightM: { steps: 8, size: 0.08, ratio: false, low: 0, high: () => 1.2 },
  sunElevationDeg: { steps: 8, size: 6, ratio: false, low: -15, high: () => 70 },
  mood: { steps: 8, size: 0.4, ratio: false, low: 0, high: () => 4 },
};
const HALVINGS = 8;
const MOOD_SPREAD = 0.6;

interface Lead {
  key: string;
  able: boolean;
}

/** Readings that others follow from move them along: the band with the depth. */
function movedTo(r: ResolvedConditions, reading: Exclude<TurnReading, 'mood'>, value: number): ResolvedConditions {
  if (reading !== 'fishDepthM') return { ...r, [reading]: value };
  const shift = value - r.fishDepthM;
  const within = (d: number): number => Math.min(r.depthM, Math.max(0, d + shift));
  return { ...r, fishDepthM: value, fishBandM: [within(r.fishBandM[0]), within(r.fishBandM[1])] };
}

/** On ice nothing is read of waves; on beds the mood is not asked. */
const tells = (reading: TurnReading, s: Scoring): boolean =>
  !(s.branch === 'ice' && (reading === 'waveHeightM' || reading === 'surfaceTempC')) &&
  !(s.branch === 'guarding' && reading === 'mood');

/** `leader`: whose lead is asked about; absent: the best. */
export function breakEvens(conditions: Conditions, options: RankOptions = {}, leader?: string): BreakEven[] {
  const r = resolveConditions(conditions);
  const species = speciesProfile(conditions.species);
  const context = contextOptions(options);
  const s = scoringOf(r, species, context);
  const entries = entriesOf(options);
  const here = sift(entries, s, options.rods).able;
  // Each at the weight that is tied on now: who is near the lead there is weighed anew.
  const now = new Map(here.map((e) => [e.key, weigh(e.f, s.score, options.rods).f]));
  // What a plan found of a lure, and what the log says of it, go with it.
  const byPlan = new Map(
    here.map((e) => {
      const f = now.get(e.key)!;
      const planned = plannedAt(f, options.planned?.[e.key]);
      const learned = options.learned?.[e.key] ?? 1;
      return [e.key, learned * (planned ? timesOf(s.score(f, planned), s.score(f)).score : 1)];
    }),
  );
  const best = (able: readonly RankEntry[], score: Scoring['score']): string | null =>
    bestOf(able, now, byPlan, score, options.rods);
  const top = leader ?? best(here, s.score);
  if (!top || here.length < 2) return [];
  const leadAt = (reading: TurnReading, value: number, among: readonly RankEntry[] = entries): Lead => {
    if (reading === 'mood') return { key: best(here, inMood(s, spreadMood(value, MOOD_SPREAD)))!, able: true };
    const there = scoringOf(movedTo(r, reading, value), species, context);
    const { able } = sift(among, there, options.rods);
    return { key: best(able, there.score) ?? top, able: able.some((e) => e.key === top) };
  };
  const turns: BreakEven[] = [];
  for (const reading of TURNS) {
    if (!tells(reading, s)) continue;
    const from = reading === 'mood' ? overMoods(s.mood.distribution, (m) => m) : r[reading];
    if (leadAt(reading, from).key !== top) continue;
    for (const way of ['up', 'down'] as const) {
      const turn = nearest(reading, way, from, r, (value) => leadAt(reading, value), top);
      if (!turn) continue;
      const at = between(turn.last, turn.first, (value) => leadAt(reading, value).key === top);
      const lead = leadAt(reading, at);
      turns.push({ reading, way, from, at, rival: lead.key, limit: !lead.able });
    }
  }
  return turns;
}

/** Who might lead at another weight: worth this share of the best at the weight that is tied on now. */
const NEAR_THE_LEAD = 0.7;

function bestOf(
  able: readonly RankEntry[],
  now: ReadonlyMap<string, Family>,
  byPlan: ReadonlyMap<string, number>,
  score: Scoring['score'],
  rods: RankOptions['rods'],
): string | null {
  const times = (e: RankEntry): number => byPlan.get(e.key) ?? 1;
  const asTied = able.map((e) => ({ e, score: times(e) * score(now.get(e.key) ?? e.f).score }));
  const most = Math.max(...asTied.map((x) => x.score));
  const near = asTied.filter((x) => x.score >= NEAR_THE_LEAD * most);
  const [top] = near
    .map((x) => ({ key: x.e.key, score: x.e.lure ? x.score : times(x.e) * weigh(x.e.f, score, rods).score.score }))
    .sort(byScore);
  return top?.key ?? null;
}

/** The first step on one side at which another leads, and the last before it. */
function nearest(
  reading: TurnReading,
  way: 'up' | 'down',
  from: number,
  r: ResolvedConditions,
  leadAt: (value: number) => Lead,
  top: string,
): { last: number; first: number } | null {
  const { steps, size, ratio, low, high } = LOOK[reading];
  const sign = way === 'up' ? 1 : -1;
  let last = from;
  for (let i = 1; i <= steps; i++) {
    const value = ratio ? from * size ** (sign * i) : from + sign * size * i;
    const first = Math.min(high(r), Math.max(low, value));
    if (first === last) return null;
    if (leadAt(first).key !== top) return { last, first };
    last = first;
  }
  return null;
}

/** Halves between a value where it holds and one where it does not. */
function between(holdsAt: number, failsAt: number, holds: (value: number) => boolean): number {
  let a = holdsAt;
  let b = failsAt;
  for (let i = 0; i < HALVINGS; i++) {
    const mid = lerp(a, b, 0.5);
    if (holds(mid)) a = mid;
    else b = mid;
  }
  return b;
}
