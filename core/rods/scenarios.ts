/** What a day may bring: moods × light × depth × cover, each with its weight; and what each lure is worth in each. */
import { familyById } from '../lures/families';
import { atBestWeight, contextOptions, entriesOf, sift } from '../ranking/layout';
import type { RankOptions } from '../ranking/rank';
import type { RankEntry } from '../ranking/ranked';
import { scorerFor, scoringOf } from '../ranking/scoring';
import { judgeMood } from '../mood/filter';
import { spreadMood } from '../mood/states';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { LIGHT_STAGES, type LightShares } from './light';
import { resolveConditions } from '../water/resolve';

/** Moods a day may bring. */
export const MOOD_STAGES = ['sluggish', 'middling', 'lively'] as const;
/** Where fish may turn out to be. */
export const DEPTH_STAGES = ['as-read', 'shallower', 'deeper'] as const;
/** Cover as it was read, or open water beside it. */
export const COVER_STAGES = ['as-read', 'open'] as const;

/** One way the day may turn out, with its weight; weights add up to 1. */
export interface Scenario {
  conditions: Conditions;
  weight: number;
  /** A mood imposed, mean 0–4; null: what the conditions make of it. */
  moodMean: number | null;
  /** What sets it apart, for the words; null where a document gave it. */
  stage: {
    mood: (typeof MOOD_STAGES)[number];
    light: (typeof LIGHT_STAGES)[number];
    depth: (typeof DEPTH_STAGES)[number];
    cover: (typeof COVER_STAGES)[number];
  } | null;
  name: string | null;
}

const STAGE_MEAN = { sluggish: 0.6, middling: 2, lively: 3.3 } as const;
/** Moods wander in a day: this much of each stage is possible whatever it looks like now. prior: judgement. */
const EVER = 0.12;
const SUN_DEG = { low: 2, night: -12 } as const;
const DAY_SUN_DEG = 35;
/**
 * Where fish are looked for besides where they were read: nearer the top, further down, and how often. prior:
 * judgement.
 */
const DEPTHS = [
  { stage: 'as-read', factor: 1, weight: 0.56 },
  { stage: 'shallower', factor: 0.5, weight: 0.24 },
  { stage: 'deeper', factor: 1.5, weight: 0.2 },
] as const;
const OPEN_SHARE = 0.35;
/** Shares of a day's fishing by light where nobody said: both ends, the middle, the dark. prior: judgement. */
export const USUAL_LIGHT: LightShares = { low: 0.35, day: 0.6, night: 0.05 };
const MIN_WEIGHT = 0.004;

/** What a day around these conditions may bring, weighted to 1. */
export function dayScenarios(conditions: Conditions, light: LightShares = USUAL_LIGHT): Scenario[] {
  const r = resolveConditions(conditions);
  const mood = judgeMood(r, speciesProfile(conditions.species)).distribution;
  const now = { sluggish: mood[0] + mood[1], middling: mood[2], lively: mood[3] + mood[4] };
  const chance = (m: keyof typeof now): number => EVER + (1 - 3 * EVER) * now[m];
  const daySun = Math.max(DAY_SUN_DEG, r.sunElevationDeg);
  const covers =
    r.cover.kind === 'none'
      ? ([['as-read', 1]] as const)
      : ([
          ['as-read', 1 - OPEN_SHARE],
          ['open', OPEN_SHARE],
        ] as const);
  const out: Scenario[] = [];
  for (const m of MOOD_STAGES)
    for (const l of LIGHT_STAGES)
      for (const d of DEPTHS)
        for (const [c, share] of covers) {
          const weight = chance(m) * light[l] * d.weight * share;
          if (weight < MIN_WEIGHT) continue;
          const fishDepthM = Math.min(r.depthM, Math.max(0.1, r.fishDepthM * d.factor));
          out.push({
            conditions: {
              ...conditions,
              sky: { ...conditions.sky, sunElevationDeg: l === 'day' ? daySun : SUN_DEG[l] },
              water: {
                ...conditions.water,
                depthM: r.depthM,
                fishDepthM,
                fishBandM: d.stage === 'as-read' ? r.fishBandM : null,
                cover: c === 'open' ? { kind: 'none', density: 0 } : conditions.water.cover,
              },
            },
            weight,
            moodMean: STAGE_MEAN[m],
            stage: { mood: m, light: l, depth: d.stage, cover: c },
            name: null,
          });
        }
  const all = out.reduce((s, x) => s + x.weight, 0);
  return out.map((s) => ({ ...s, weight: s.weight / all }));
}

/** The scenario of most weight; null: there is none. */
export const likeliestOf = (scenarios: readonly Scenario[]): Scenario | null =>
  scenarios.reduce<Scenario | null>((a, b) => (a && a.weight >= b.weight ? a : b), null);

/** What is chosen from, each at the weight that is worth most in the likeliest of the scenarios. */
export function entriesFor(scenarios: readonly Scenario[], options: RankOptions): RankEntry[] {
  const entries = entriesOf(options);
  const likeliest = likeliestOf(scenarios);
  if (!likeliest) return entries;
  const { conditions } = likeliest;
  const s = scoringOf(resolveConditions(conditions), speciesProfile(conditions.species), contextOptions(options));
  return atBestWeight(entries, s, options.rods);
}

const MOOD_SPREAD = 0.8;

/** What the log makes of a lure; one that today's ranking left out is moved as the others are on the whole. */
function byLogOf(learned: RankOptions['learned']): (key: string) => number {
  const all = Object.values(learned ?? {});
  const usual =
    all.length > 0 ? Math.exp(all.reduce((sum, x) => sum + Math.log(Math.max(x, 1e-6)), 0) / all.length) : 1;
  return (key) => learned?.[key] ?? usual;
}

/**
 * Expected strikes an hour, hooked and kept fishing, of each entry (rows) in each scenario (columns); 0 where a hard
 * limit keeps it in the box.
 */
export function valuesOf(
  entries: readonly RankEntry[],
  scenarios: readonly Scenario[],
  options: Pick<RankOptions, 'schools' | 'lineDiameterM' | 'learned'>,
): number[][] {
  const byLog = byLogOf(options.learned);
  const rows = entries.map(() => scenarios.map(() => 0));
  const at = new Map(entries.map((e, i) => [e.key, i]));
  scenarios.forEach(({ conditions, moodMean }, j) => {
    const reading = resolveConditions(conditions);
    const species = speciesProfile(conditions.species);
    const s = { reading, species, options: contextOptions(options) };
    const score =
      moodMean === null
        ? scoringOf(reading, species, s.options).score
        : scorerFor(s, spreadMood(moodMean, MOOD_SPREAD));
    for (const e of sift(entries, s, null).able) rows[at.get(e.key)!]![j] = byLog(e.key) * score(e.f).score;
  });
  return rows;
}

/** A kind of lure the box lacks. */
export interface Lack {
  family: string;
  /** Share by which the day would be better with it in the box. */
  gain: number;
  /** The scenario it helps most. */
  best: number;
}

const WORTH_HAVING = 0.03;

/** Families that the box has nothing of, by what one would add to the best it can do in these scenarios. */
export function lacksOf(scenarios: readonly Scenario[], options: RankOptions): Lack[] {
  const own = entriesFor(scenarios, options);
  const have = valuesOf(own, scenarios, options);
  const best = scenarios.map((_, j) => Math.max(0, ...have.map((row) => row[j]!)));
  const total = Math.max(
    1e-9,
    best.reduce((s, v, j) => s + v * scenarios[j]!.weight, 0),
  );
  const owned = new Set(own.map((e) => e.f.id));
  const others = entriesFor(scenarios, {}).filter((e) => !owned.has(familyById(e.f.id).id));
  return valuesOf(others, scenarios, options)
    .map((row, i): Lack => {
      const gains = row.map((v, j) => Math.max(0, v - best[j]!) * scenarios[j]!.weight);
      const gain = gains.reduce((s, v) => s + v, 0) / total;
      return { family: others[i]!.f.id, gain, best: gains.indexOf(Math.max(...gains)) };
    })
    .filter((x) => x.gain >= WORTH_HAVING)
    .sort((a, b) => b.gain - a.gain || (a.family < b.family ? -1 : 1));
}
